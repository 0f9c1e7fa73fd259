import type { Past } from '../../case/season'
import type { AreaInSeason } from '../../case/in-season'
import type { Crop } from '../../guides/crop'
import type { Guide } from '../../guides/guide'
import type { ReadReport } from '../../reading/soil'
import type { Fertilizer, Lime } from '../../shelf/product'
import type { Ban } from '../../calendar/ban'
import type { LetGo } from '../hold'
import type { NoneFor } from '../need'
import type { Overrulings } from '../overruled'
import type { Sentence } from '../../sentence/sentence'
import type { MajorNutrient } from '../../units/quantity'
import type { Derived } from '../../units/workings'

/** The ground that is fed, and by which guide. */
export interface Feeding {
  readonly area: Derived<'ft²'>
  readonly crop: Crop
  readonly guide: Guide
  readonly settings: Pick<AreaInSeason, 'feeding' | 'newLawn'>
  /** What may not go on here. */
  readonly bans: readonly Ban[]
  readonly planting: Planting
  readonly past: Past
  /** Typed depth, in; undefined for the usual one. */
  readonly depth?: number
  /** Lime that goes on this season: ash brings potash along. */
  readonly lime?: { readonly material: Lime; readonly rate: Derived<'lb product/1000 ft²'> }
  /** What was put on for this season, where it is a product that is known. */
  readonly manure?: Fertilizer
  readonly read: ReadReport
  /** Figures that were held back and let go. */
  readonly letGo: LetGo
  /** Figures that an advisor put in the place of ours. */
  readonly overrulings: Overrulings
  /** The laboratory knew of what the ground has already: nothing comes off its figures. */
  readonly creditsKnown: boolean
  /** Light ground, which holds little of what it is given. */
  readonly sandy: boolean
}

/** What was counted and measured of the plants; undefined where nobody did. */
export interface Planting {
  readonly count?: number
  readonly age?: number
  /** in */
  readonly shoots?: number
  readonly dwarf: boolean
  /** ft */
  readonly rowLength?: number
  readonly rowSpacing?: number
  /** In the unit of its crop. */
  readonly expectedYield?: number
}

/** What a method gives: a year's rate, and why. */
export interface Rated {
  readonly rate: Derived<`lb ${MajorNutrient}/1000 ft²`>
  readonly why: Sentence
  readonly noneFor?: NoneFor
  /** The dressings that this method asks for, where they are not the crop's own. */
  readonly dressings?: readonly string[]
}
