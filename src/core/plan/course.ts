import type { Case } from '../case/case'
import type { Report } from '../report/report'
import { bufferingError, courseSpan, oxidation } from '../guides/course'
import type { Guide } from '../guides/guide'
import { regionOf } from '../calendar/own-region'
import { retestAfter } from '../guides/timings'
import { dayAt, dayNumber, monthsOn, type Day } from '../calendar/day'
import { openPasses, type AreaPlan } from './plan'
import { trendOf } from '../reading/trend'
import { bufferingAt, type AreaRecommendation } from '../recommend'
import type { Product } from '../shelf/product'
import { say, type Sentence } from '../sentence/sentence'
import { additionOf, additionsIn, type Addition } from '../course/additions'
import type { Buffering, SiteLearned } from '../needs/learned'
import { warmthOf, type Warmth } from '../course/reacted'
import { retestsOf, taughtBy, workedBy, type Retest } from '../course/retests'

/** What is expected of a day. */
export interface Expected {
  readonly day: Day
  readonly low: number
  readonly usual: number
  readonly high: number
}

/** A test, as a point of the course. */
export interface MeasuredPH {
  readonly reportId: string
  readonly day: Day
  readonly pH: number
}

/** pH over the years: what was measured, what was put on, and what is expected of it. */
export interface Course {
  readonly measured: readonly MeasuredPH[]
  /** What moved it, oldest first. */
  readonly done: readonly Addition[]
  /** What is still to be put on. */
  readonly planned: readonly Addition[]
  /** From each test to the next, and from the last onward; empty where the buffering is not known. */
  readonly spans: readonly (readonly Expected[])[]
  readonly retests: readonly Retest[]
  readonly learned: SiteLearned
}

/** Days from one point to the next. */
const stride = 14
/** Months that are drawn beyond the last of all days. */
const beyond = 12

/**
 * The course of an area's pH, by the tests of the method that has most of them; undefined where none is dated. Pure.
 *
 * @param plan that of the area, where what is to come is to be drawn
 */
export function courseOf(
  kase: Case,
  { areaId, size }: AreaRecommendation,
  guides: readonly Guide[],
  products: readonly Product[],
  plan?: AreaPlan,
): Course | undefined {
  const area = kase.areas.find(({ id }) => id === areaId)!
  const series = [...trendOf('pH', area, kase.reports)].sort((a, b) => b.points.length - a.points.length)[0]
  const measured = (series?.points ?? []).flatMap(({ reportId, date, v }): MeasuredPH[] =>
    dayNumber(date) === undefined ? [] : [{ reportId, day: date, pH: v }],
  )
  if (measured.length === 0 || !size.ok) return undefined
  const ft2 = size.value.area.value.v
  const region = regionOf(kase)
  const done = additionsIn(kase.applications, areaId, ft2, products)
  const planned = plan ? additionsOf(plan, ft2) : []
  const known = new Map<string, Buffering | undefined>()
  const buffering = (report: Report) => {
    if (!known.has(report.id)) known.set(report.id, bufferingAt(kase, areaId, report, guides, products))
    return known.get(report.id)
  }
  const retests = retestsOf(kase, area, done, region, buffering, products)
  const all = [...done, ...planned]
  const last = Math.max(...measured.map(({ day }) => dayNumber(day)!), ...all.map(({ day }) => day))
  const first = Math.min(dayNumber(measured[0]!.day)!, ...all.map(({ day }) => day))
  const end = monthsOn(last, beyond)
  const warmth = {
    low: warmthOf(region, oxidation.per10C.high, first),
    usual: warmthOf(region, oxidation.per10C.usual, first),
    high: warmthOf(region, oxidation.per10C.low, first),
  }
  const learned = taughtBy(retests)
  const spans = measured.map((from, i) => {
    const next = measured[i + 1]
    const by = buffering(kase.reports.find(({ id }) => id === from.reportId)!)
    const taught = next ? {} : learned
    return by ? spanOf(from, next ? dayNumber(next.day)! : end, all, by, taught, warmth) : []
  })
  return { measured, done, planned, spans, retests, learned }
}

/** Lime and sulfur of a plan that are still to be put on. */
const additionsOf = (plan: AreaPlan, ft2: number): readonly Addition[] =>
  openPasses(plan).flatMap(({ day, pass: { product, amount, need } }) => {
    const at = dayNumber(day)
    const moves = need === 'lime' || need === 'sulfur'
    return moves && product && at !== undefined ? (additionOf(product, amount.value.v, at, ft2) ?? []) : []
  })

/** Three courses at once: the slowest that is likely, the usual one, and the fastest. */
function spanOf(
  { day, pH }: MeasuredPH,
  end: number,
  all: readonly Addition[],
  buffering: Buffering,
  learned: SiteLearned,
  warmth: Readonly<Record<'low' | 'usual' | 'high', Warmth>>,
): readonly Expected[] {
  const start = dayNumber(day)!
  const moved = (at: number, which: 'low' | 'usual' | 'high') =>
    all.reduce((sum, one) => {
      const each = buffering[one.of]
      if (!each || one.day >= at) return sum
      const { share, error } = learned[one.of] ?? { share: 1, error: bufferingError }
      const part = Math.max(0, which === 'low' ? share - error : which === 'high' ? share + error : share)
      const worked = workedBy(one, at, warmth[which], which) - workedBy(one, start, warmth[which], which)
      return sum + (worked * one.lbCaCO3 * part) / each
    }, 0)
  const within = (v: number) => Math.min(Math.max(v, courseSpan[0]), courseSpan[1])
  const days = Array.from({ length: Math.ceil((end - start) / stride) + 1 }, (_, i) =>
    Math.min(start + i * stride, end),
  )
  return days.map((at) => {
    const [slow, usual, fast] = [moved(at, 'low'), moved(at, 'usual'), moved(at, 'high')]
    return {
      day: dayAt(at),
      low: within(pH + Math.min(slow, usual, fast)),
      usual: within(pH + usual),
      high: within(pH + Math.max(slow, usual, fast)),
    }
  })
}

/** What a test taught, or why it did not. */
export const retestWords = ({ untaught, of }: Retest): Sentence | null =>
  untaught === null
    ? null
    : untaught === 'early'
      ? say('course.early', { of, months: retestAfter[of] })
      : say(`course.${untaught}`)
