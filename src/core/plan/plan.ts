import type { Case } from '../case/case'
import type { Guide } from '../guides/guide'
import type { Region } from '../guides/regions'
import { job, leftIn, type AreaJob } from '../passes/job'
import { dayNumber, type Day } from '../calendar/day'
import { regionOf } from '../calendar/own-region'
import { isOpen, type Dated } from '../passes/program/dated'
import { program, type AreaProgram } from '../passes/program/program'
import { noRules, type Rules } from '../calendar/rule'
import { shopping, type Purchase } from '../passes/shopping'
import type { AreaRecommendation, Recommendation } from '../recommend'
import type { Product } from '../shelf/product'
import { shippedProducts } from '../shelf/products'

/** What a plan goes by beside its case. */
export interface Around {
  readonly guides: readonly Guide[]
  readonly products?: readonly Product[]
  /** The office's. */
  readonly rules?: Rules
  /** Nothing is planned before it; of a letter, its date. */
  readonly today: Day
}

/** What becomes of one area: its answer, its passes in the order of their days, its tests. */
export interface AreaPlan extends AreaJob, Omit<AreaProgram, 'areaId' | 'standings'> {
  readonly name: string
  readonly found: AreaRecommendation
}

/**
 * What is put on the ground of a case, and when: the one value that Amounts, Materials, Calendar, Log, the letter with
 * its cards, the calendar's file, the Desk and the API only render.
 */
export interface Plan {
  readonly today: Day
  readonly region: Region
  /** In the order of the case. */
  readonly areas: readonly AreaPlan[]
  /** Everything that is still to be put on, each product once. */
  readonly purchases: readonly Purchase[]
  /** The mix that was taken stands for other needs than today's: none of it is put on. */
  readonly staleMix: boolean
}

/**
 * The plan of a case. Pure: the same case, guides, products, rules and day give the same plan.
 *
 * @param recommendation that of this very case
 */
export function planOf(
  kase: Case,
  recommendation: Recommendation,
  { guides, products = shippedProducts, rules = noRules, today }: Around,
): Plan {
  const done = job(kase, recommendation, products, rules.shelf)
  const region = regionOf(kase)
  const dated = program(kase, recommendation, done, guides, region, rules, today, products)
  const areas = kase.areas.map(({ id, name }, i) => ({
    ...done.areas[i]!,
    ...dated[i]!,
    name,
    found: foundOf(recommendation, id),
  }))
  return {
    today,
    region,
    areas,
    purchases: shopping({ areas, staleMix: done.staleMix }, kase, products, rules.shelf),
    staleMix: done.staleMix,
  }
}

/** Days by which a letter may be dated ahead. */
const ahead = 366

/**
 * The day from which a case is planned: today, or the date of its letter where that is still to come, so that nothing is
 * asked for before the letter is there.
 */
export function planningDay({ letter }: Pick<Case, 'letter'>, today: Day): Day {
  const [dated, now] = [dayNumber(letter.date), dayNumber(today)!]
  return dated !== undefined && dated > now && dated <= now + ahead ? letter.date : today
}

const foundOf = ({ areas }: Recommendation, id: string) => areas.find(({ areaId }) => areaId === id)!

export { leftIn }

/** The area's part of a plan. */
export const planFor = ({ areas }: Plan, areaId: string): AreaPlan => areas.find((one) => one.areaId === areaId)!

/** A pass that is still to be put on, with its day. */
export type OpenPass = Dated & { readonly day: Day }

/** What is still to be put on and has a day, in their order. */
export const openPasses = ({ passes }: Pick<AreaPlan, 'passes'>): readonly OpenPass[] =>
  passes.filter((one): one is OpenPass => one.day !== null && isOpen(one))

/** A case's plan with other decisions, as it is tried before one moves a pass. */
export type Trying = (decisions: Case['decisions']) => Plan
