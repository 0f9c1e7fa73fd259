import { fields as read } from '../report/fields'
import {
  fields,
  instant,
  list,
  named,
  number,
  oneOf,
  orNone,
  text,
  typed,
  usually,
  whole,
  type Holds,
} from '../shape/shape'
import { date, id, product, reference } from '../shape/parts'
import { texts } from '../shape/limits'
import { majorNutrients } from '../units/quantity'

/** What a mix may be worked out for. */
export const aims = ['cheapest', 'fewest', 'single', 'organic', 'no-phosphorus', 'shed'] as const
export type Aim = (typeof aims)[number]

export const appliedKinds = ['lime', 'fertilizer', 'compost', 'manure', 'sulfur'] as const

/** What was put on an area once. A list of them is the log. */
export const application = fields({
  id,
  areaId: reference,
  /** `2024`, `2024-05-12`, or as it was said. */
  date: named('Date', date),
  what: named('Kind', usually('lime', oneOf(...appliedKinds))),
  note: named('Note', text(texts.applied)),
  product: named('Product', orNone(product)),
  amount: named('Amount', typed(read.bag, 'lb')),
  /** The pass that it answers, `area/need/n`; null: it was in no plan. */
  pass: orNone(text(200, 1)),
  done: usually('as-planned', oneOf('as-planned', 'otherwise', 'skipped')),
})

/** A product that the client has already. */
export const inShed = fields({ id, product, amount: named('Amount', typed(read.inShed, 'lb')) })

/**
 * A mix as it was solved and taken: lb of each product on each area, and what it was solved for. Where that is another
 * today it is out of date.
 */
export const chosenMix = fields({
  core: text(20),
  at: instant,
  /** What it was chosen by. */
  aim: oneOf(...aims),
  takes: list(fields({ areaId: reference, product, lb: number(0) }), 10_000),
  /** The bags that were chosen with it, by their size in lb. */
  bags: list(fields({ product, lb: number(0.05, 10_000), count: whole(1, 1e6) }), 1_000),
  /** lb of it that were in the shed. */
  fromShed: list(fields({ product, lb: number(0) }), 1_000),
  /** The needs it was made for, lb; null where one was not known. */
  needs: list(fields({ areaId: reference, of: oneOf(...majorNutrients), lb: orNone(number(0)) }), 10_000),
})

export interface Application extends Holds<typeof application> {}
export interface InShed extends Holds<typeof inShed> {}
export interface ChosenMix extends Holds<typeof chosenMix> {}
