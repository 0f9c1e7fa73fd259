import type { Area, Nutrient } from '../case'
import type { Crop } from '../guides/crops'
import type { Guide } from '../guides/guides'
import type { Sentence } from '../sentence'
import type { Derived } from '../workings'

/** The ground that is fed, and by which guide. */
export interface Feeding {
  readonly area: Derived<'ft²'>
  readonly crop: Crop
  readonly guide: Guide
  readonly settings: Area
}

/** What a method gives: a year's rate, and why. */
export interface Rated {
  readonly rate: Derived<`lb ${Nutrient}/1000 ft²`>
  readonly why: Sentence
}
