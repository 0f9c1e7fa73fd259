import type { Case, Report } from '../case/case'
import { reportInForce } from '../case/in-force'
import { inSeason } from '../case/in-season'
import type { Guide } from '../guides/guide'
import { areaError } from '../ground/sure'
import { isApplied, type Need } from '../needs/need'
import { limeMethods } from '../needs/lime/methods'
import { sulfurMethods } from '../needs/sulfur/methods'
import { coresOf } from '../reading/uncertainty'
import { figures, type Figures } from '../recommend'
import { lineField } from '../report/lines'
import { measuredFields, testOf, type MeasuredField } from '../report/tests'
import { rangeOf } from '../report/measured'
import { isLime, type Product } from '../shelf/product'
import { readAreaSize } from '../reading/soil'
import type { Typed } from '../units/typed'
import { doubtables, type Doubtable } from './figure'
import { normalFrom, quantile, randomFrom } from './random'

/** What an amount is unsure by: each could be known better by a measurement of its own. */
export const unsureOf = ['pH', 'buffer', 'nutrients', 'size', 'label', 'method'] as const
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

interface Drawn {
  readonly decision: keyof Doubts['decisions']
  readonly amounts: Readonly<Partial<Record<Doubtable, number>>>
}

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
  const [plain] = figures(ground, guides, products)
  if (!report || !plain) return null
  const run = (count: number, known: UnsureOf | null) =>
    drawsOf({ kase: ground, report, plain, guides, products }, count, seed, known)
  const all = run(draws, null)
  const range = (some: readonly Drawn[], of: Doubtable) => rangeIn(some, of)
  const leading = plain.reaction.need && isApplied(plain.reaction.need) ? (plain.reaction.need.of as Doubtable) : null
  const widthOf = (some: readonly Drawn[]): number => {
    const found = leading && range(some, leading)
    const width = found ? found.high - found.low : 0
    return leading ? width : 1 - Math.max(...Object.values(sharesOf(some)))
  }
  const few = Math.ceil(draws / 4)
  const base = widthOf(all.slice(0, few))
  const narrows =
    base > 0
      ? unsureOf
          .filter((by) => by !== 'method' && matters(by, report, plain))
          .map((by) => ({ by, share: widthOf(run(few, by)) / base }))
          .sort((a, b) => a.share - b.share)
      : []
  return {
    draws,
    decisions: sharesOf(all),
    amounts: doubtables.flatMap((of) => range(all, of) ?? []),
    narrows,
  }
}

/** Whether there is any such error here that could be made less. */
const matters = (by: UnsureOf, report: Report, { reaction }: Figures): boolean =>
  by === 'pH'
    ? report.pH.value !== null
    : by === 'buffer'
      ? report.bufferPH.value !== null || reaction.need?.lead?.id === 'texture'
      : by === 'nutrients'
        ? false
        : by === 'size' || (by === 'label' && reaction.need?.of === 'lime' && isUnlabelled(reaction.need))

const isUnlabelled = (need: Need): boolean => {
  const material = need.product?.material
  return isLime(material) && material.liming.effectiveness === 'reference'
}

const sharesOf = (some: readonly Drawn[]): Doubts['decisions'] => {
  const share = (decision: Drawn['decision']) => some.filter((one) => one.decision === decision).length / some.length
  return { lime: share('lime'), none: share('none'), sulfur: share('sulfur'), unknown: share('unknown') }
}

function rangeIn(some: readonly Drawn[], of: Doubtable): AmountRange | undefined {
  const lb = some.flatMap(({ amounts }) => amounts[of] || []).sort((a, b) => a - b)
  if (lb.length === 0) return undefined
  return { of, low: quantile(lb, 0.1), high: quantile(lb, 0.9), applied: lb.length / some.length }
}

interface Ground {
  readonly kase: Case
  readonly report: Report
  readonly plain: Figures
  readonly guides: readonly Guide[]
  readonly products: readonly Product[]
}

/** @param known what is taken to be known without error */
function drawsOf(
  { kase, report, guides, products }: Ground,
  count: number,
  seed: number,
  known: UnsureOf | null,
): readonly Drawn[] {
  const random = randomFrom(seed)
  const cores = coresOf(kase.samples, report)
  const area = inSeason(kase.areas[0]!, kase.season)
  const size = readAreaSize(area, kase, null)
  const sizeError = size.ok ? (areaError(size.value.how) ?? 0) : 0
  // Every draw takes the same numbers from the seed, so that what is known changes nothing else.
  return Array.from({ length: count }, (): Drawn => {
    const measured = measuredFields.flatMap((field) => {
      const drawn = drawnValue(field, report, cores, random)
      const fixed = known !== null && groupOf(field) === known
      return drawn && !fixed ? [[field, drawn] as const] : []
    })
    const [ofSize, ofLabel, ofMethod] = [normalFrom(random), random(), normalFrom(random)]
    const changed = { ...report, ...Object.fromEntries(measured) }
    const [found] = figures(
      { ...kase, reports: kase.reports.map((one) => (one.id === report.id ? changed : one)) },
      guides,
      products,
    )
    if (!found) return { decision: 'unknown', amounts: {} }
    const sized = known === 'size' ? 1 : Math.max(0.2, 1 + sizeError * ofSize)
    const cce = unlabelled.low + (unlabelled.high - unlabelled.low) * ofLabel
    const middle = (unlabelled.low + unlabelled.high) / 2
    const amounts = found.needs.flatMap((need) => {
      const of = doubtables.find((one) => one === need.of)
      if (!of || !isApplied(need)) return []
      const lead = need.lead?.id ?? ''
      // A buffer pH would take the place of the texture's table.
      const error = known === 'buffer' && lead === 'texture' ? bufferError : (methodError[lead] ?? 0)
      const byMethod = Math.max(0.1, 1 + error * ofMethod)
      const byLabel = known !== 'label' && isUnlabelled(need) ? middle / cce : 1
      return [[of, need.amount.value.v * sized * byMethod * byLabel] as const]
    })
    const { outcome } = found.reaction
    const decision =
      outcome === 'lime' || outcome === 'sulfur'
        ? outcome
        : outcome === 'check' || outcome === 'unknown'
          ? 'unknown'
          : 'none'
    return { decision, amounts: Object.fromEntries(amounts) }
  })
}

const groupOf = (field: MeasuredField): UnsureOf =>
  field === 'pH' ? 'pH' : field === 'bufferPH' || field === 'acidity' ? 'buffer' : 'nutrients'

/** What a test might have read as well: anywhere in a range that is printed or that a kit leaves, else normal by its error. */
function drawnValue(field: MeasuredField, report: Report, cores: number, random: () => number): Typed | undefined {
  const typed = report[field]
  const [first, normal] = [random(), normalFrom(random)]
  if (typed.value === null) return undefined
  const range = rangeOf(typed)
  const error = testOf(field).error?.(typed.value, report.kind, cores)
  if (range ? range.low === null || range.high === null : error === undefined) return undefined
  const { low, high } = lineField(field)
  const uniform =
    range ?? (report.kind === 'kit' ? { low: typed.value - error!, high: typed.value + error! } : undefined)
  const drawn = uniform ? uniform.low! + (uniform.high! - uniform.low!) * first : typed.value + error! * normal
  const value = Math.min(high, Math.max(low, drawn))
  return { text: String(value), unit: typed.unit, value }
}
