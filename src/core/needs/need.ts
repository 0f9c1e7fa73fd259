import type { Working } from './learned'
import type { Ban } from '../calendar/ban'
import type { Confirmation, Overruling } from '../case/decisions'
import type { Passes } from './split'
import type { Rating } from '../reading/classify'
import type { Product } from '../shelf/product'
import type { Lack, Remark, Sentence } from '../sentence/sentence'
import type { Text } from '../sentence/text'
import {
  isMajor,
  isMinor,
  type MajorNutrient,
  type Nutrient,
  type OtherNutrient,
  type Substance,
} from '../units/quantity'
import type { Derived } from '../units/workings'

/** What goes on the ground: lime or sulfur as product, the nutrients as such. `S` is sulfur as a nutrient. */
export type What = 'lime' | 'sulfur' | Nutrient

/** What the figures of a need are pounds of. */
export type SubstanceOf<Of extends What> = Of extends 'lime' | 'sulfur' ? 'product' : Extract<Of, Substance>

/**
 * Who leads: the laboratory's line, a method of our guide, what an advisor put in its place; or `held`: there is a
 * figure, but nothing follows from it until somebody has looked at it.
 */
export type LeadBy = 'laboratory' | 'guide' | 'overruled' | 'held'

export interface Lead {
  readonly by: LeadBy
  /** The method, by its id. */
  readonly id: string
  readonly label: Text
}

/** What the ground has already of a nutrient, by where it comes from. */
export type CreditName = 'matter' | 'nitrate' | 'manure' | 'legume' | 'ash'

/** A figure that stands beside the one that leads, or why there is none. */
export interface Check<S extends Substance = Substance> {
  readonly id: string
  readonly label: Text
  readonly amount?: Derived<`lb ${S}`>
  readonly refusal?: Sentence
  readonly remarks: readonly Remark[]
  /** A rough check, which agrees within 40 %. */
  readonly rough?: boolean
  /** This figure less the leading one, as a share of the leading one. */
  readonly difference?: number
}

/** A figure that was held back and let go. */
export interface Confirmed extends Confirmation {
  /** What spoke against it. */
  readonly against: Sentence
}

/** An overruling as it stands today. */
export interface Overruled extends Overruling {
  /** lb for the area that it replaces: what would lead without it; undefined where there is no such figure. */
  readonly instead?: number
  /** That is another than it was when it was overruled. */
  readonly moved: boolean
  /** A later test stops it. */
  readonly stopped?: true
}

/**
 * Why a crop is given no nitrogen: rich soil gives it, it makes its own, it takes none, the ground has it left, its shoots are
 * long enough, or it was only just planted.
 */
export type NoneFor = 'soil' | 'fixed' | 'none' | 'credited' | 'shoots' | 'planting'

/** What an area needs of one thing in a year. */
export interface Need<Of extends What = What> {
  readonly of: Of
  /**
   * `by-label`: called for, in an amount that only the product's label tells; `check`: there is a figure from outside,
   * and nothing is done by it until somebody has confirmed it.
   */
  readonly outcome: 'apply' | 'none' | 'by-label' | 'unknown' | 'check'
  readonly why: Sentence
  /** What is wanting before there is a figure, where that is why there is none. */
  readonly lacks?: Lack
  /** Not given although it might be short: a ban, lead in the ground, salts that have to be leached first. */
  readonly barred?: 'ban' | 'lead' | 'salts'
  /** Why the crop is given none of its own, where it is nitrogen. */
  readonly noneFor?: NoneFor
  /** Its remarks say how far it may lie apart. */
  readonly ranged?: true
  /** Something else that goes on brings it. */
  readonly brought?: true
  /** What was put on shortly before the test is still working, and off the figure. */
  readonly working?: Working
  /** The ban that does, where one does. */
  readonly ban?: Ban
  readonly lead?: Lead
  /** A figure that was held back, and who let it go. */
  readonly confirmed?: Confirmed
  /** What an advisor put in the place of the figure that would lead. */
  readonly overruled?: Overruled
  /**
   * What the ground has already of this and a laboratory's figure was not told of: taken off it, or left on where
   * somebody said that it was.
   */
  readonly credits?: { readonly names: readonly CreditName[]; readonly taken: boolean }
  readonly rating?: Rating
  readonly rate?: Derived<`lb ${SubstanceOf<Of>}/1000 ft²`>
  readonly amount?: Derived<`lb ${SubstanceOf<Of>}`>
  readonly passes?: Passes<SubstanceOf<Of>>
  readonly checks: readonly Check<SubstanceOf<Of>>[]
  readonly remarks: readonly Remark[]
  /** The product that it is measured out in, where the need itself settles on one. */
  readonly product?: {
    readonly material: Product
    readonly bagLb: number
    readonly amount: Derived<'lb product'>
  }
  /** Of lime and sulfur: how they go into the ground. */
  readonly into?: {
    /** Depth they are worked in, in; null where they lie on the surface. */
    readonly dugTo: number | null
    /** The same need if the ground were dug, where only its surface is dressed. */
    readonly dugIn?: Derived<'lb product'>
    /** That depth, in, as the guide has it. */
    readonly dugInTo: number
    /** It rests on an estimate beyond its method's own range. */
    readonly beyond: boolean
  }
}

/** A need that puts something on. */
export type Applied<Of extends What = What> = Need<Of> & Required<Pick<Need<Of>, 'rate' | 'amount' | 'passes'>>

export const isApplied = <Of extends What>(need: Need<Of> | undefined): need is Applied<Of> =>
  need?.outcome === 'apply' && need.passes !== undefined

/** lb that are needed, 0 where none; undefined where nobody knows yet. */
export const lbNeeded = ({ outcome, amount }: Pick<Need, 'outcome' | 'amount'>): number | undefined =>
  outcome === 'unknown' || outcome === 'check' ? undefined : (amount?.value.v ?? 0)

/** Two amounts this close, as a share of the larger, are the same to whoever weighs them out. Source: common practice. */
const alike = 0.02

export const differ = (a: number | undefined, b: number | undefined): boolean =>
  a === undefined || b === undefined ? a !== b : Math.abs(a - b) > alike * Math.max(a, b)

/** A need whose figure waits until somebody has looked. */
export const isHeld = ({ outcome }: Pick<Need, 'outcome'>): boolean => outcome === 'check'

const [byLaboratory, byGuide] = [
  { by: 'laboratory', id: 'laboratory', label: { en: 'the laboratory', es: 'el laboratorio' } },
  { by: 'guide', id: 'guide', label: { en: 'our own guide', es: 'nuestra guía' } },
] as const satisfies readonly Lead[]

const byAdvisor = {
  by: 'overruled',
  id: 'overruled',
  label: { en: 'the advisor', es: 'el asesor' },
} as const satisfies Lead

export { byAdvisor, byGuide, byLaboratory }

/** How far a figure is from the leading one, as a share of that; undefined where there is nothing to be a share of. */
export function differenceFrom(leading: number, figure: number): number | undefined {
  const share = figure / leading - 1
  return leading > 0 && Number.isFinite(share) ? share : undefined
}

interface Needy {
  readonly needs: readonly Need[]
}

/** N, P₂O₅ and K₂O, in this order. */
export const majorsOf = ({ needs }: Needy): readonly Need<MajorNutrient>[] =>
  needs.filter((one): one is Need<MajorNutrient> => isMajor(one.of))

/** Mg, Ca, S and micronutrients, where they are called for. */
export const minorsOf = ({ needs }: Needy): readonly Need<OtherNutrient>[] =>
  needs.filter((one): one is Need<OtherNutrient> => isMinor(one.of))
