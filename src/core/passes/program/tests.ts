import type { Area } from '../../case/area'
import type { Case } from '../../case/case'
import { reportInForce } from '../../case/in-force'
import { coldest, retestAfter, sameSeason } from '../../guides/timings'
import type { AreaRecommendation } from '../../recommend'
import { say, type Sentence } from '../../sentence/sentence'
import type { Pass, Treatment } from '../pass'
import type { DatedGround } from './closed'
import { dayAt, dayNumber, monthsOn, type Day } from '../../calendar/day'
import type { Dated } from './dated'
import { soilOn } from '../../calendar/season'

/** Why a soil is tested: a pass waits for it, what went on has worked by then, or it is time. */
export type TestReason =
  | { readonly for: 'gate'; readonly need: string; readonly n: number; readonly of: number }
  | { readonly for: 'salts' }
  | { readonly for: 'effect'; readonly need: string; readonly months: number }
  | { readonly for: 'routine'; readonly years: number }

/** A soil test of a plan. */
export interface Test {
  readonly day: Day
  readonly reason: TestReason
  /** The pass that goes on only if it still asks for it. */
  readonly before: string | null
}

/**
 * A pass that goes on only if a test still asks for it: of sulfur every one but the first, of lime the last of several, and
 * each further preparation of ground that is dug.
 */
export function isGated({ n }: Pass, { need, passes }: Treatment): boolean {
  const count = passes?.count ?? 1
  if (need === 'sulfur') return n > 1
  if (need !== 'lime' || count < 3) return false
  return passes?.together ? n > passes.together && n % passes.together === 1 : n === count
}

/** The first day on which a test tells of what went on on a day: once that has worked, on ground that is not frozen. */
export function gateOf({ need }: Pick<Treatment, 'need'>, before: number, { region }: DatedGround): number {
  const due = monthsOn(before, retestAfter[need === 'sulfur' ? 'sulfur' : 'lime'])
  for (let day = due; day < due + 366; day += 1) if (soilOn(region, day) >= coldest.frozen) return day
  return due
}

/** The first day from one on that lies in the season of a former test. */
function inSameSeason(least: number, former: Day): number {
  const seen = dayNumber(former)
  if (seen === undefined) return least
  let anniversary = seen
  while (anniversary + sameSeason < least) anniversary = monthsOn(anniversary, 12)
  return Math.max(least, anniversary)
}

/** The day on which its soil was last tested or taken; blank where nobody said. */
function lastTested(kase: Case, areaId: string): Day {
  const area = kase.areas.find(({ id }) => id === areaId)!
  const taken = kase.samples.filter(({ areas }) => areas.includes(areaId)).map((sample) => sample.taken.date)
  const days = [reportInForce(kase, area)?.date ?? '', ...taken].filter((day) => dayNumber(day) !== undefined)
  return days.sort().at(-1) ?? ''
}

/** A test before what goes on only if it is still wanted, and one after it all. */
export function testsOf(
  kase: Case,
  area: Pick<Area, 'id' | 'reportId'>,
  { answer, retestYears }: AreaRecommendation,
  passes: readonly Dated[],
  ground: DatedGround,
  from: number,
): readonly Test[] {
  const former = lastTested(kase, area.id)
  const moving = passes.filter(
    ({ pass: { need }, state }) => (need === 'lime' || need === 'sulfur') && state !== 'skipped' && state !== 'covered',
  )
  // What was never tested is not tested again: its first test is due at once, and said so on Amounts. Ground of which
  // nothing can be said yet has a day all the same where its soil was taken: that of its next test.
  const tested = former !== '' || (answer !== null && reportInForce(kase, area) !== undefined)
  if (!tested && moving.length === 0) return []
  const dayOf = ({ day }: Dated) => (day === null ? undefined : dayNumber(day))
  const gates = moving.flatMap((one): Test[] => {
    const { pass, treatment, state } = one
    const [day, last] = [
      dayOf(one),
      Math.max(...moving.flatMap((other) => (isBefore(other, one) ? (dayOf(other) ?? []) : []))),
    ]
    if (state === 'done' || !isGated(pass, treatment) || day === undefined || !Number.isFinite(last)) return []
    const reason = { for: 'gate', n: pass.n, of: treatment.passes?.count ?? 1, need: pass.need } as const
    return [{ day: dayAt(Math.max(from, gateOf(treatment, last, ground))), reason, before: pass.key }]
  })
  if (answer?.needs.some(({ barred }) => barred === 'salts'))
    return [...gates, { day: dayAt(from + leaching), reason: { for: 'salts' }, before: null }]
  const last = Math.max(...moving.flatMap((one) => dayOf(one) ?? []))
  if (Number.isFinite(last)) {
    const need = answer?.reaction.outcome === 'sulfur' ? 'sulfur' : 'lime'
    const day = dayAt(inSameSeason(gateOf({ need }, last, ground), former))
    return [...gates, { day, reason: { for: 'effect', need, months: retestAfter[need] }, before: null }]
  }
  const need = answer?.reaction.need
  if (need?.working) {
    const reason = { for: 'effect', need: need.of, months: retestAfter[need.of] } as const
    return [{ day: dayAt(Math.max(from, dayNumber(need.working.until)!)), reason, before: null }]
  }
  return [
    {
      day: dayAt(Math.max(from, monthsOn(dayNumber(former) ?? from, Math.round(retestYears * 12)))),
      reason: { for: 'routine', years: retestYears },
      before: null,
    },
  ]
}

/** Days that leaching in steps takes, until a test tells. A custom of this app: none is published. */
const leaching = 28

const isBefore = (other: Dated, { pass }: Dated): boolean => other.pass.need === pass.need && other.pass.n < pass.n

/** The reason as a sentence. */
export const whyTested = ({ reason }: Pick<Test, 'reason'>): Sentence => {
  if (reason.for === 'gate') return say('program.retest-before', { n: reason.n, of: reason.of, need: reason.need })
  if (reason.for === 'effect') return say('program.retest-after', { need: reason.need, months: reason.months })
  if (reason.for === 'salts') return say('program.retest-salts')
  return say('program.retest-usual', { years: reason.years })
}
