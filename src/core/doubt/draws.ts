import type { Case } from '../case/case'
import type { Report } from '../report/report'
import { reportInForce } from '../case/in-force'
import { inSeason } from '../case/in-season'
import type { Guide } from '../guides/guide'
import { areaError } from '../ground/sure'
import { isApplied, type Need } from '../needs/need'
import type { Needed } from '../needs/between'
import type { Direction } from '../needs/reaction'
import { limeMethods } from '../needs/lime/methods'
import { sulfurMethods } from '../needs/sulfur/methods'
import { coresOf } from '../reading/uncertainty'
import { neededBy } from '../recommend'
import { lineField } from '../report/lines'
import { measuredFields, testOf, type MeasuredField, measuredIn } from '../report/tests'
import { exactly, rangeOf } from '../report/measured'
import { isLime, type Product } from '../shelf/product'
import { readAreaSize } from '../reading/soil'
import type { Typed } from '../units/typed'
import { doubtables, type Doubtable } from './doubtable'
import { normalFrom, quantile, randomFrom } from './random'

/** What lime and sulfur are unsure by that a measurement of its own would settle; `again` is the same kit or meter once more. */
export const unsureOf = ['pH', 'again', 'buffer', 'size', 'label'] as const
export type UnsureOf = (typeof unsureOf)[number]

/** Where the middle eight of ten draws of an amount lie. */
export interface AmountRange {
  readonly of: Doubtable
  /** lb for the area; from the draws that put something on. */
  readonly low: number
  readonly high: number
  /** The share of draws that put something on. */
  readonly applied: number
}

export interface Doubts {
  readonly draws: number
  /** The share of draws that lime, that do nothing, that put sulfur on, and that cannot tell. */
  readonly decisions: Readonly<Record<'lime' | 'none' | 'sulfur' | 'unknown', number>>
  readonly amounts: readonly AmountRange[]
  /** What the range of the leading amount, or the doubt about the decision, comes down to where one thing is known well. */
  readonly narrows: readonly { readonly by: UnsureOf; readonly share: number }[]
}

/** One standard deviation of what a method says, as a share of it. Source: common practice (buffers ± 25 %, tables ± 40 %, half of each). */
const bufferError = 0.125
const tableError = 0.2
const methodError: Readonly<Record<string, number>> = Object.fromEntries([
  ...limeMethods.map(({ id }) => [id, id === 'texture' ? tableError : bufferError]),
  ...sulfurMethods.map(({ id }) => [id, id === 'chemistry' ? bufferError : tableError]),
])

/** An unlabelled agricultural lime may be of 80 to 100 % CCE; the methods speak of its middle. Source: common practice. */
const unlabelled = { low: 0.8, high: 1 } as const

/**
 * How sure one area's amounts are: the errors of what was measured, of the ground's size, of an unlabelled lime and of
 * the methods themselves, carried through by so many draws. The same seed gives the same answer.
 * Source of the errors: common practice. Null where there is no answer.
 *
 * @param draws 200 or more; percentiles of fewer say little
 */
export function doubtsOf(
  kase: Case,
  areaId: string,
  guides: readonly Guide[],
  products: readonly Product[],
  { draws, seed }: { readonly draws: number; readonly seed: number },
): Doubts | null {
  const area = kase.areas.find(({ id }) => id === areaId)
  if (!area) return null
  const ground = { ...kase, areas: [area] }
  const report = reportInForce(ground, inSeason(area, kase.season))
  const need = neededBy(ground, guides, products)
  if (!report || !need) return null
  const plain = need(report)
  const drawn = drawnFrom(ground, report, need)
  const all = drawn(draws, seed)
  const outcomes = all.map((one) => outcomeOf(one, null))
  const leading = plain.reaction.need && isApplied(plain.reaction.need) ? (plain.reaction.need.of as Doubtable) : null
  const widthOf = (some: readonly Outcome[]): number => {
    const range = leading && rangeIn(some, leading)
    const width = range ? range.high - range.low : 0
    return leading ? width : 1 - Math.max(...Object.values(sharesOf(some)))
  }
  const few = Math.ceil(draws / 4)
  const some = all.slice(0, few)
  const base = widthOf(outcomes.slice(0, few))
  const knowing = (by: UnsureOf) => (isRead(report, by) ? drawn(few, seed, by) : some).map((one) => outcomeOf(one, by))
  // What somebody else put in the place of our figure rests on none of it.
  const isOurs = (plain.reaction.need?.lead?.by ?? 'guide') === 'guide'
  const narrows =
    base > 0 && isOurs
      ? unsureOf
          .filter((by) => matters[by](report, plain))
          .map((by) => ({ by, share: widthOf(knowing(by)) / base }))
          .sort((a, b) => a.share - b.share)
      : []
  return {
    draws,
    decisions: sharesOf(outcomes),
    amounts: doubtables.flatMap((of) => rangeIn(outcomes, of) ?? []),
    narrows,
  }
}

/** Whether there is any such error here that could be made less. */
const matters: Readonly<Record<UnsureOf, (report: Report, found: Needed) => boolean>> = {
  pH: (report) => measuredIn(report, 'pH').value !== null,
  again: (report) => measuredIn(report, 'pH').value !== null && (report.kind === 'kit' || report.kind === 'meter'),
  // A buffer pH would take the place of the texture's table.
  buffer: (report, { reaction }) =>
    measuredIn(report, 'bufferPH').value !== null || reaction.need?.lead?.id === 'texture',
  size: () => true,
  label: (_, { reaction }) => reaction.need?.of === 'lime' && isUnlabelled(reaction.need),
}

const isUnlabelled = (need: Need): boolean => {
  const material = need.product?.material
  return isLime(material) && material.liming.effectiveness === 'reference'
}

const sharesOf = (some: readonly Outcome[]): Doubts['decisions'] => {
  const share = (decision: Outcome['decision']) => some.filter((one) => one.decision === decision).length / some.length
  return { lime: share('lime'), none: share('none'), sulfur: share('sulfur'), unknown: share('unknown') }
}

function rangeIn(some: readonly Outcome[], of: Doubtable): AmountRange | undefined {
  const lb = some.flatMap(({ amounts }) => amounts[of] || []).sort((a, b) => a - b)
  if (lb.length === 0) return undefined
  return { of, low: quantile(lb, 0.1), high: quantile(lb, 0.9), applied: lb.length / some.length }
}

/** One draw: what is needed by the tests as they might have read, and by how many standard deviations the rest is off. */
interface Drawn {
  readonly decision: keyof Doubts['decisions']
  readonly needs: readonly NeedDrawn[]
  readonly size: number
  readonly label: number
  readonly method: number
}

interface NeedDrawn {
  readonly of: Doubtable
  readonly lb: number
  /** The method that gives it. */
  readonly lead: string
  /** Of a lime whose strength nobody knows. */
  readonly unlabelled: boolean
}

/** Draws of a case. Each takes the same numbers from the seed, so that what is known changes nothing else. */
function drawnFrom(kase: Case, report: Report, need: (report: Report) => Needed) {
  const cores = coresOf(kase.samples, report)
  const tests = measuredFields.flatMap((field) => testDrawn(field, report, cores) ?? [])
  const size = readAreaSize(inSeason(kase.areas[0]!, kase.season), kase, null)
  const sizeError = size.ok ? (areaError(size.value.how) ?? 0) : 0
  return (count: number, seed: number, known: UnsureOf | null = null): readonly Drawn[] => {
    const [random, more] = [randomFrom(seed), randomFrom(seed + 1)]
    return Array.from({ length: count }, (): Drawn => {
      const read: Partial<Record<MeasuredField, Typed>> = {}
      for (const { field, by, draw, surer } of tests) {
        const once = draw(random(), normalFrom(random))
        if (by !== known && !(by === 'pH' && known === 'again')) read[field] = once
        else if (known === 'again') read[field] = draw((more() + more()) / 2, normalFrom(more) / Math.SQRT2)
        else if (surer) read[field] = surer(normalFrom(more))
      }
      return {
        ...whatOf(need({ ...report, measured: { ...report.measured, ...read } })),
        size: sizeError * normalFrom(random),
        label: random(),
        method: normalFrom(random),
      }
    })
  }
}

const whatOf = (found: Needed): Pick<Drawn, 'decision' | 'needs'> => ({
  decision: decisionOf(found.reaction.outcome),
  needs: found.needs.flatMap((need) => {
    const of = doubtables.find((one) => one === need.of)
    if (!of || !isApplied(need)) return []
    return { of, lb: need.amount.value.v, lead: need.lead?.id ?? '', unlabelled: isUnlabelled(need) }
  }),
})

interface Outcome {
  readonly decision: keyof Doubts['decisions']
  readonly amounts: Readonly<Partial<Record<Doubtable, number>>>
}

/** @param known what is taken to be known without error, of what no test reads */
function outcomeOf({ decision, needs, size, label, method }: Drawn, known: UnsureOf | null): Outcome {
  const sized = known === 'size' ? 1 : Math.max(0.2, 1 + size)
  const cce = unlabelled.low + (unlabelled.high - unlabelled.low) * label
  const middle = (unlabelled.low + unlabelled.high) / 2
  const amounts = needs.map(({ of, lb, lead, unlabelled: bare }) => {
    const error = known === 'buffer' && lead === 'texture' ? bufferError : (methodError[lead] ?? 0)
    const byMethod = Math.max(0.1, 1 + error * method)
    const byLabel = known !== 'label' && bare ? middle / cce : 1
    return [of, lb * sized * byMethod * byLabel] as const
  })
  return { decision, amounts: Object.fromEntries(amounts) }
}

const decisionOf = (outcome: Direction): Outcome['decision'] =>
  outcome === 'lime' || outcome === 'sulfur'
    ? outcome
    : outcome === 'check' || outcome === 'unknown'
      ? 'unknown'
      : 'none'

const groupOf = (field: MeasuredField): UnsureOf | null =>
  field === 'pH' ? 'pH' : field === 'bufferPH' || field === 'acidity' ? 'buffer' : null

/** Whether a test that the report has reads it. */
const isRead = (report: Report, by: UnsureOf): boolean =>
  measuredFields.some(
    (field) => groupOf(field) === (by === 'again' ? 'pH' : by) && measuredIn(report, field).value !== null,
  )

interface TestDrawn {
  readonly field: MeasuredField
  readonly by: UnsureOf | null
  /** What it might have read as well. */
  readonly draw: (first: number, normal: number) => Typed
  /** What a laboratory might read in the place of a kit or a meter. */
  readonly surer?: (normal: number) => Typed
}

/** A test that might have read otherwise: anywhere in a range that is printed or that a kit leaves, else normal by its error. */
function testDrawn(field: MeasuredField, report: Report, cores: number): TestDrawn | undefined {
  const typed = measuredIn(report, field)
  const { value: middle, unit } = typed
  if (middle === null) return undefined
  const range = rangeOf(typed)
  const error = testOf(field).error?.(middle, report.kind, cores)
  if (range ? range.low === null || range.high === null : error === undefined) return undefined
  const { low, high } = lineField(field)
  const uniform = range ?? (report.kind === 'kit' ? { low: middle - error!, high: middle + error! } : undefined)
  const within = (drawn: number): Typed => {
    const value = Math.min(high, Math.max(low, drawn))
    return { text: report.kind === 'kit' ? exactly(value) : String(value), unit, value }
  }
  const draw = (first: number, normal: number): Typed =>
    within(uniform ? uniform.low! + (uniform.high! - uniform.low!) * first : middle + error! * normal)
  const atHome = field === 'pH' && (report.kind === 'kit' || report.kind === 'meter')
  const laboratory = atHome ? testOf(field).error!(middle, 'laboratory', cores) : undefined
  return {
    field,
    by: groupOf(field),
    draw,
    ...(laboratory !== undefined && { surer: (normal: number) => within(middle + laboratory * normal) }),
  }
}
