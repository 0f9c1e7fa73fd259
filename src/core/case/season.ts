import type { LimeScaleId, SieveMesh } from '../shelf/lime-scales'
import type { ProductRef } from '../shelf/product'
import type { MajorNutrient } from '../units/quantity'
import type { Typed } from '../units/typed'

/** `2026`. */
export type Year = string

/** What grows on an area in one year and is done there, so that the next year does not overwrite it. */
export interface Season {
  /** The crop that leads, by its id in the guide. */
  readonly crop: string | null
  /** What else grows here; rated each by itself. */
  readonly otherCrops: readonly string[]
  readonly feeding: 'lean' | 'usual' | 'generous'
  /** Seed or sod goes down this season. */
  readonly newLawn: boolean
  /** The day it is sown or planted, `YYYY-MM-DD`; blank: as is usual here. */
  readonly sown: string
  readonly plants: Plants
  readonly rows: Rows
  readonly past: Past
  readonly materials: Choices
}

/** Trees and bushes that are counted. */
export interface Plants {
  readonly count: Typed
  /** Years since planting. */
  readonly age: Typed
  /** Length of last year's shoots, in. */
  readonly shoots: Typed
  readonly dwarf: boolean
}

/** Crops in rows: feet of row in all, and from row to row. */
export interface Rows {
  readonly length: Typed
  readonly spacing: Typed
}

/** What earlier years left, or the next will ask. */
export interface Past {
  /** Manure or compost put on for this season. */
  readonly manure: ProductRef | null
  readonly manureRate: Typed
  /** Legume turned under, by its id in the guide. */
  readonly legume: string | null
  /** Beans or peas follow next year, which boron harms. */
  readonly beansNext: boolean
}

/** The materials settled on, their bags, and what the bag says. */
export interface Choices {
  readonly lime: ProductRef | null
  /** The neutralizing value printed on the bag, in the unit of its scale; blank where none is. */
  readonly limeEffective: Typed
  readonly limeScale: LimeScaleId
  /** CaCO₃ equivalent, what passes each sieve, and moisture, all %, where the scale goes by them. */
  readonly limeSieves: LimeSieves
  readonly limeBag: Typed
  readonly sulfur: ProductRef | null
  readonly sulfurBag: Typed
  readonly fertilizer: ProductRef | null
  /** Share of the nitrogen that is slow, % as printed; blank: as is usual for the product. */
  readonly slowNitrogen: Typed
  /** The need that decides how much fertilizer; null: the first that can be met. */
  readonly meets: MajorNutrient | null
  readonly fertilizerBag: Typed
}

export interface LimeSieves extends Readonly<Record<SieveMesh, Typed>> {
  readonly cce: Typed
  readonly moisture: Typed
}
