import type { ProductRef } from '../shelf/product'
import type { Aim } from '../mix/weights'
import type { MajorNutrient } from '../units/quantity'
import type { Typed } from '../units/typed'

export const appliedKinds = ['lime', 'fertilizer', 'compost', 'manure', 'sulfur'] as const

/** What was put on an area once. A list of them is the log. */
export interface Application {
  readonly id: string
  readonly areaId: string
  /** `2024`, `2024-05-12`, or as it was said. */
  readonly date: string
  readonly what: (typeof appliedKinds)[number]
  readonly note: string
  readonly product: ProductRef | null
  readonly amount: Typed
  /** The pass that it answers, `area/need/n`; null: it was in no plan. */
  readonly pass: string | null
  readonly done: 'as-planned' | 'otherwise' | 'skipped'
}

/** A product that the client has already. */
export interface InShed {
  readonly id: string
  readonly product: ProductRef
  readonly amount: Typed
}

/**
 * A mix as it was solved and taken: lb of each product on each area, and what it was solved for. Where that is another
 * today it is out of date.
 */
export interface ChosenMix {
  readonly core: string
  readonly at: string
  /** What it was chosen by. */
  readonly aim: Aim
  readonly takes: readonly { readonly areaId: string; readonly product: ProductRef; readonly lb: number }[]
  /** The bags that were chosen with it, by their size in lb. */
  readonly bags: readonly { readonly product: ProductRef; readonly lb: number; readonly count: number }[]
  /** lb of it that were in the shed. */
  readonly fromShed: readonly { readonly product: ProductRef; readonly lb: number }[]
  /** The needs it was made for, lb; null where one was not known. */
  readonly needs: readonly { readonly areaId: string; readonly of: MajorNutrient; readonly lb: number | null }[]
}
