import type { ProductRef } from '../shelf/product'
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

/** A mix as it was solved and taken: lb of each product on each area, and what it was solved from. */
export interface ChosenMix {
  /** SHA-256 of needs, shelf and shed; where it differs the mix is out of date. */
  readonly inputs: string
  readonly core: string
  readonly at: string
  readonly takes: readonly { readonly areaId: string; readonly product: ProductRef; readonly lb: number }[]
}
