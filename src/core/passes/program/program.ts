import type { Application } from '../../case/applications'
import type { Case } from '../../case/case'
import { inSeason, type AreaInSeason } from '../../case/in-season'
import { reportInForce } from '../../case/in-force'
import { guideNamed, type Guide } from '../../guides/guide'
import type { Region } from '../../guides/regions'
import type { Months } from '../../guides/windows'
import {
  noneAfter,
  retestAfter,
  retestAhead,
  sameSeason,
  sulfurAhead,
  windowTiming,
  usualPlanting,
  type Timing,
} from '../../guides/timings'
import type { AreaRecommendation, Recommendation } from '../../recommend'
import { feeds, isLime, productNamed, type Product } from '../../shelf/product'
import { say, type Sentence } from '../../told/sentence'
import { fromLime, type AreaJob, type Job } from '../job'
import { passesOf, type Pass, type Treatment } from '../pass'
import type { Interval } from '../split'
import { countsFrom } from '../standing'
import { closedOn, sortOf, type DatedGround } from './closed'
import { dayAt, dayNumber, monthsOn, type Day } from './day'
import { count, isOver, overAlone, stripsOf, yearlyOf, type Yearly } from './limits'
import { closingsOf, type Rules } from './rule'
import { inMonths, nextLastFrost } from './season'

/** A pass with its day. */
export interface Dated {
  readonly pass: Pass
  readonly treatment: Treatment
  /** Null where no day of many years is open, or where it was done nobody knows when. */
  readonly day: Day | null
  /** As it would be without having been moved. */
  readonly planned: Day | null
  readonly state: 'open' | 'moved' | 'done' | 'skipped' | 'covered'
  /** The entry of the log that answers it. */
  readonly entry: Application | null
  /** What speaks against its day. */
  readonly problems: readonly Sentence[]
}

export interface Retest {
  readonly day: Day
  readonly why: Sentence
  /** The pass that waits for it. */
  readonly before: string | null
}

export interface AreaProgram {
  readonly areaId: string
  readonly passes: readonly Dated[]
  readonly tests: readonly Retest[]
  /** Why nothing of sulfur goes on any more, where some went on before. */
  readonly stopped: Sentence | null
  /** What stays as it is beside water. */
  readonly strips: readonly Sentence[]
  /** What an office's yearly limits hold back altogether, each said once. */
  readonly limited: readonly Sentence[]
  /** When it is planted or sown; null where nothing goes by that. */
  readonly planting: { readonly day: Day; readonly assumed: boolean } | null
  /** Why nothing of a sort goes on on a day. */
  readonly ground: DatedGround
}

/** A pass that is still to be put on, whoever chose its day. */
export const isOpen = ({ state }: Pick<Dated, 'state'>): boolean => state === 'open' || state === 'moved'

/** Days that are looked through for an open one. */
const mostDays = 366 * 12

/**
 * Dates every pass of a case: the first open day that keeps intervals, order and the crop's own windows. What was moved
 * stays where it was put, what was logged counts from its day. Pure; days are days of the calendar.
 *
 * @param from nothing is planned before this day
 */
export function program(
  kase: Case,
  { areas: found }: Pick<Recommendation, 'areas'>,
  { areas: jobs }: Job,
  guides: readonly Guide[],
  region: Region,
  rules: Rules,
  from: Day,
  products: readonly Product[],
): readonly AreaProgram[] {
  return kase.areas.map((one, i) => {
    const area = inSeason(one, kase.season)
    const known = found.find(({ areaId }) => areaId === one.id)!
    const ground = groundOf(area, known, guides, region, rules)
    const limits = yearlyOf(kase, area, known, rules, products)
    const strips = stripsOf(area, jobs[i]!, rules)
    return { ...datedArea(kase, area, known, jobs[i]!, { ground, limits, products, from: dayNumber(from)! }), strips }
  })
}

/** The day on which its soil was last tested or taken; blank where nobody said. */
function lastTested(kase: Case, areaId: string): Day {
  const area = kase.areas.find(({ id }) => id === areaId)!
  const taken = kase.samples.filter(({ areas }) => areas.includes(areaId)).map((sample) => sample.taken.date)
  const days = [reportInForce(kase, area)?.date ?? '', ...taken].filter((day) => dayNumber(day) !== undefined)
  return days.sort().at(-1) ?? ''
}

function groundOf(
  area: AreaInSeason,
  { use, crop }: AreaRecommendation,
  guides: readonly Guide[],
  region: Region,
  { closedTimes }: Rules,
): DatedGround {
  const season = crop && 'season' in crop.nitrogen ? crop.nitrogen.season : undefined
  const windows = guideNamed(guides, area.guide)?.windows.dates ?? {}
  const months = season ? (windows[season]?.months ?? []) : []
  const turf =
    use === 'lawn' && season && !area.newLawn
      ? { kind: season === 'warm-lawn' ? ('warm' as const) : ('cool' as const), months }
      : null
  return { use, turf, region, windows, closings: closingsOf(closedTimes) }
}

/** What dating a pass goes by, beside the pass itself. */
interface Setting {
  readonly kase: Case
  readonly area: AreaInSeason
  readonly ground: DatedGround
  readonly from: number
  readonly planting: { readonly at: number; readonly assumed: boolean } | null
  /** Days on which lime goes on here, or went on. */
  readonly limed: number[]
  /** Days on which ammonium or urea went on here. */
  readonly ammonium: readonly number[]
  readonly standings: AreaJob['standings']
  readonly limits: readonly Yearly[]
}

function datedArea(
  kase: Case,
  area: AreaInSeason,
  known: AreaRecommendation,
  { treatments, standings }: AreaJob,
  { ground, limits, products, from }: Pick<Setting, 'ground' | 'limits' | 'from'> & { products: readonly Product[] },
): Omit<AreaProgram, 'strips'> {
  const ofHere = kase.applications.filter(({ areaId }) => areaId === area.id)
  const limed = ofHere.flatMap(({ what, done, date }) =>
    what === 'lime' && done !== 'skipped' ? (dayNumber(date) ?? []) : [],
  )
  const setting: Setting = {
    kase,
    area,
    ground,
    from,
    planting: plantingOf(area, known, ground, from),
    limed,
    ammonium: ammoniumIn(ofHere, products),
    standings,
    limits,
  }
  const passes = treatments.flatMap((treatment) => datedTreatment(treatment, setting))
  const { planting } = setting
  return {
    areaId: area.id,
    passes: [...passes].sort((a, b) => (a.day ?? '9').localeCompare(b.day ?? '9')),
    tests: retestsOf(kase, area, known, passes, from),
    stopped: stoppedBy(known, ofHere),
    limited: limitsIn(passes),
    planting: planting && { day: dayAt(planting.at), assumed: planting.assumed },
    ground,
  }
}

/** The limits that leave a pass without any day. */
function limitsIn(passes: readonly Dated[]): readonly Sentence[] {
  const limits = passes.flatMap(({ state, day, problems }) =>
    state === 'open' && day === null ? problems.filter(({ key }) => key === 'program.year-limit') : [],
  )
  return [...new Map(limits.map((one) => [`${one.args.name as string} ${one.args.what as string}`, one])).values()]
}

/** The same for one treatment, with the days on which the like of it was put on beside the plan. */
interface OfTreatment extends Setting {
  readonly beside: readonly number[]
}

/** Days on which something was put on that would lose its ammonia to lime. */
const ammoniumIn = (logged: readonly Application[], products: readonly Product[]): readonly number[] =>
  logged.flatMap(({ product: ref, date, done }) => {
    const product = productNamed(products, ref)
    const day = dayNumber(date)
    return done !== 'skipped' && day !== undefined && feeds(product) && product.feeding.ammonium ? [day] : []
  })

/** Lime lies off ammonium as long as ammonium off lime. */
const tooNearAmmonium = (day: number, treatment: Treatment, ammonium: readonly number[]): boolean =>
  sortOf(treatment) === 'lime' && ammonium.some((one) => day >= one && day < one + fromLime.ammonium)

/** What stops sulfur here, where some was put on. */
const stoppedBy = ({ answer }: AreaRecommendation, logged: readonly Application[]): Sentence | null =>
  (logged.some(({ what, done }) => what === 'sulfur' && done !== 'skipped') &&
    answer?.headline.find(({ key }) => key === 'headline.stop-sulfur')) ||
  null

/** The day of planting, where what grows here is planted each year. */
function plantingOf(
  area: AreaInSeason,
  { use, planted }: AreaRecommendation,
  { region }: DatedGround,
  from: number,
): Setting['planting'] {
  const typed = dayNumber(area.sown)
  if (typed !== undefined) return { at: typed, assumed: false }
  if (planted || use === 'container') return null
  return { at: nextLastFrost(from - usualPlanting, region) + usualPlanting, assumed: true }
}

/** Days on which the like of a treatment was put on beside today's plan: intervals run from them too. */
function besideDays(treatment: Treatment, { kase, area, standings }: Setting): readonly number[] {
  const answering = new Set([...standings.values()].flatMap(({ answered }) => [...answered.keys()]))
  const sort = sortOf(treatment)
  const alike = (what: Application['what']) =>
    sort === 'lime' || sort === 'sulfur' ? what === sort : sort === 'feeding' && what === 'fertilizer'
  return kase.applications
    .filter(
      ({ areaId, what, done, pass }) =>
        areaId === area.id && alike(what) && done !== 'skipped' && !answering.has(pass ?? ''),
    )
    .flatMap(({ date }) => dayNumber(date) ?? [])
    .sort((a, b) => a - b)
}

/** The passes of one treatment, each after the one before it. */
function datedTreatment(treatment: Treatment, ofArea: Setting): Dated[] {
  const setting = { ...ofArea, beside: besideDays(treatment, ofArea) }
  const dated: Dated[] = []
  const days: number[] = []
  let none = false
  for (const pass of passesOf(treatment)) {
    const one = datedPass(pass, treatment, days, setting, none)
    // Where one finds no day those behind it find none either.
    none ||= one.planned === null
    dated.push(one)
    const at = one.day === null ? undefined : dayNumber(one.day)
    if (at !== undefined && one.state !== 'skipped' && one.state !== 'covered') {
      days.push(at)
      if (treatment.need === 'lime') setting.limed.push(at)
      if (one.state !== 'done') count(one.pass, at, setting.limits)
    }
  }
  return dated
}

function datedPass(
  pass: Pass,
  treatment: Treatment,
  earlier: readonly number[],
  setting: OfTreatment,
  none: boolean,
): Dated {
  const { kase, area, standings } = setting
  const { answered, left, put } = standings.get(treatment.key)!
  const done = answered.get(pass.key)
  const still = left && passesOf(left).find(({ key }) => key === pass.key)
  const of = { pass: still ?? pass, treatment, entry: done ?? null }
  const at = none ? undefined : plannedDay(pass, treatment, earlier, setting)
  const planned = at === undefined ? null : dayAt(at)
  if (done?.done === 'skipped') return { ...of, day: planned, planned, state: 'skipped', problems: [] }
  if (done)
    return { ...of, day: dayNumber(done.date) === undefined ? null : done.date, planned, state: 'done', problems: [] }
  if (!still) return { ...of, day: planned, planned, state: 'covered', problems: [say('program.covered', { lb: put })] }
  const moves = kase.decisions.moves
  const move = Object.hasOwn(moves, pass.key) ? moves[pass.key]! : undefined
  const ofOld = move !== undefined && move.to < countsFrom(kase, area, treatment.need)
  const to = move && !ofOld ? dayNumber(move.to) : undefined
  if (to === undefined) {
    const alone = overAlone(setting.limits, pass)
    const without = alone
      ? say('program.year-limit', { name: alone.name, most: alone.most, what: alone.what })
      : say('program.no-day')
    const problems = at === undefined ? [without] : problemsOn(at, pass, treatment, earlier, setting)
    return { ...of, day: planned, planned, state: 'open', problems }
  }
  const elsewhere = move!.planned !== '' && planned !== null && move!.planned !== planned
  const problems = [
    ...problemsOn(to, pass, treatment, earlier, setting),
    ...(elsewhere ? [say('program.plan-changed', { was: move!.planned, is: planned })] : []),
  ]
  return { ...of, day: dayAt(to), planned, state: 'moved', problems }
}

/** What speaks against a day for a pass, whoever chose it. */
function problemsOn(
  day: number,
  pass: Pass,
  treatment: Treatment,
  earlier: readonly number[],
  { ground, planting, limed, ammonium, from, area, kase, beside, limits }: OfTreatment,
): readonly Sentence[] {
  const sort = sortOf(treatment)
  const closed = closedOn(day, treatment, ground)
  const gone = [...beside, ...earlier].sort((a, b) => a - b)
  const before = gone.at(-1)
  const interval = intervalOf(pass, treatment)
  const span = earlier.length === 0 && planting === null ? undefined : spanOf(pass, treatment, earlier, planting)
  const soon = before !== undefined && day < after(before, interval)
  const full = isFull(day, gone, treatment)
  const lime = pass.after.find(({ days }) => limed.some((one) => Math.abs(day - one) < days && day >= one - 1))
  const sown = planting && !planting.assumed ? planting.at : undefined
  const months = treatment.product && isLime(treatment.product) ? treatment.product.liming.beginsInMonths : 0
  const window = pass.window
  const end = window && planting && noneAfter[window.id] !== undefined ? planting.at + noneAfter[window.id]! : Infinity
  const sulfured = kase.applications.some(
    ({ areaId, what, done, date }) =>
      areaId === area.id &&
      what === 'sulfur' &&
      done !== 'skipped' &&
      Math.abs(day - (dayNumber(date) ?? -Infinity)) < 365,
  )
  return [
    ...(closed ? [closed] : []),
    ...(day < from ? [say('program.past')] : []),
    ...(sort === 'feeding' && earlier.length > 0 && day >= monthsOn(earlier[0]!, aSeason)
      ? [say('program.next-season')]
      : []),
    ...(soon ? [say('program.too-soon', intervalArgs(interval))] : []),
    ...limits
      .filter((one) => isOver(one, pass, day))
      .map(({ name, most, what }) => say('program.year-limit', { name, most, what })),
    ...(full ? [say('program.year-full', { most: treatment.passes!.perYear! })] : []),
    ...(tooNearAmmonium(day, treatment, ammonium) ? [say('program.after-ammonium', { days: fromLime.ammonium })] : []),
    ...(lime ? [say('program.lime-first', { days: lime.days })] : []),
    ...(day > end ? [say('program.after-bulbing')] : []),
    ...(span && day > span[1] && day <= end ? [say('program.late', { until: dayAt(span[1]) })] : []),
    ...(span && day < span[0] ? [say('program.early', { from: dayAt(span[0]) })] : []),
    ...(sort === 'lime' && sown !== undefined && day <= sown && monthsOn(day, months) > sown
      ? [say('program.lime-late', { months })]
      : []),
    ...(sort === 'sulfur' && sown !== undefined && day <= sown && monthsOn(day, sulfurAhead) > sown
      ? [say('program.sulfur-late', { months: sulfurAhead })]
      : []),
    ...(sort === 'lime' && sulfured ? [say('program.lime-sulfur')] : []),
    ...(sort === 'sulfur' && limed.some((one) => Math.abs(day - one) < 365) ? [say('program.lime-sulfur')] : []),
  ]
}

/** The first open day for a pass; undefined where none of many years is. */
function plannedDay(
  pass: Pass,
  treatment: Treatment,
  earlier: readonly number[],
  { ground, from, planting, limed, ammonium, beside, limits }: OfTreatment,
): number | undefined {
  if (overAlone(limits, pass)) return undefined
  const gone = [...beside, ...earlier].sort((a, b) => a - b)
  const before = gone.at(-1)
  const least = before === undefined ? from : Math.max(from, after(before, intervalOf(pass, treatment)))
  const span = spanOf(pass, treatment, earlier, planting)
  const frost = frostSpan(pass, ground, least)
  const months = monthsOf(pass, ground)
  const begin = Math.max(least, span?.[0] ?? frost?.[0] ?? least)
  const waits = (day: number) => pass.after.some(({ days }) => limed.some((one) => day >= one && day < one + days))
  for (let day = begin; day < begin + mostDays; day += 1) {
    if (months && !months.some((one) => inMonths(day, one, ground.region))) continue
    if (
      waits(day) ||
      tooNearAmmonium(day, treatment, ammonium) ||
      limits.some((one) => isOver(one, pass, day)) ||
      isFull(day, gone, treatment) ||
      served(day, before, treatment, ground)
    )
      continue
    if (closedOn(day, treatment, ground)) continue
    return day
  }
  return undefined
}

/** Each season of cool turf is served once, while there are no more passes than seasons. */
function served(
  day: number,
  before: number | undefined,
  { passes }: Treatment,
  { turf, region }: DatedGround,
): boolean {
  if (before === undefined || turf?.kind !== 'cool' || (passes?.count ?? 1) > turf.months.length) return false
  const both = (span: Months) => inMonths(day, span, region) && inMonths(before, span, region)
  return day - before < 180 && turf.months.some(both)
}

/** The first and last day of a pass by planting, or by the pass before it; undefined where neither decides. */
function spanOf(
  pass: Pass,
  treatment: Treatment,
  earlier: readonly number[],
  planting: Setting['planting'],
): readonly [number, number] | undefined {
  const timing = timingOf(pass, treatment, planting)
  if (!timing || timing.from === 'months' || timing.from === 'last-frost') return undefined
  const anchor = timing.from === 'planting' ? planting?.at : earlier.at(-1)
  return anchor === undefined ? undefined : [anchor + timing.days[0], anchor + timing.days[1]]
}

/** A bed that is planted each year gets what has no window of its own before planting. */
function timingOf({ window, n }: Pass, treatment: Treatment, planting: Setting['planting']): Timing | undefined {
  if (window) return windowTiming(window.id)
  const sort = sortOf(treatment)
  return planting && n === 1 && (sort === 'feeding' || sort === 'other') ? windowTiming('before-planting') : undefined
}

/** Round the last frost that comes next, or that is not over yet. */
function frostSpan({ window }: Pass, { region }: DatedGround, least: number): readonly [number, number] | undefined {
  const timing = window ? windowTiming(window.id) : undefined
  if (timing?.from !== 'last-frost') return undefined
  const frost = nextLastFrost(least - timing.days[1], region)
  return [frost + timing.days[0], frost + timing.days[1]]
}

/** The months of a window that goes by them: the guide's own, else those that are usual. */
function monthsOf({ window }: Pass, { windows }: DatedGround): readonly Months[] | undefined {
  if (!window) return undefined
  const timing = windowTiming(window.id)
  if (timing && timing.from !== 'months') return undefined
  return windows[window.id]?.months ?? timing?.months
}

/** Months within which the nitrogen of one year is given. Source: common practice. */
const aSeason = 10

/** The first pass of a plan keeps its distance too, from what was put on before it. */
const intervalOf = ({ interval }: Pass, { passes }: Treatment): Interval => interval ?? passes?.cap.interval ?? null

const after = (day: number, interval: Interval): number =>
  interval === null ? day + 1 : 'months' in interval ? monthsOn(day, interval.months) : day + interval.days

const intervalArgs = (interval: Interval) =>
  interval && 'months' in interval ? { months: interval.months, days: 0 } : { months: 0, days: interval?.days ?? 1 }

/** As many passes as a year takes have been in the year before. */
function isFull(day: number, earlier: readonly number[], { passes }: Treatment): boolean {
  const most = passes?.perYear
  if (!most) return false
  const first = earlier.at(-most)
  return first !== undefined && day < monthsOn(first, 12)
}

/** The first day from one on that lies in the season of a former test. */
function inSameSeason(least: number, former: Day): number {
  const seen = dayNumber(former)
  if (seen === undefined) return least
  let anniversary = seen
  while (anniversary + sameSeason < least) anniversary = monthsOn(anniversary, 12)
  return Math.max(least, anniversary)
}

/** A test before what goes on only if it is still wanted, and one after it all. */
function retestsOf(
  kase: Case,
  area: AreaInSeason,
  { answer, retestYears }: AreaRecommendation,
  passes: readonly Dated[],
  from: number,
): readonly Retest[] {
  const dayOf = ({ day }: Dated) => (day === null ? undefined : dayNumber(day))
  const former = lastTested(kase, area.id)
  const moving = passes.filter(
    ({ pass: { need }, state }) => (need === 'lime' || need === 'sulfur') && state !== 'skipped' && state !== 'covered',
  )
  const gated = moving.filter(({ pass, treatment, state }) => {
    const count = treatment.passes?.count ?? 1
    if (state === 'done') return false
    return treatment.need === 'sulfur' ? pass.n > 1 : count > 2 && pass.n === count
  })
  const gates = gated.flatMap((one): Retest[] => {
    const day = dayOf(one)
    if (day === undefined) return []
    const why = say('program.retest-before', {
      n: one.pass.n,
      of: one.treatment.passes?.count ?? 1,
      need: one.pass.need,
    })
    return [{ day: dayAt(Math.max(from, day - retestAhead)), why, before: one.pass.key }]
  })
  // What was never tested is not tested again: its first test is due at once, and said so on Amounts. Ground of which
  // nothing can be said yet has a day all the same where its soil was taken: that of its next test.
  const tested = former !== '' || (answer !== null && reportInForce(kase, area) !== undefined)
  if (!tested && moving.length === 0) return []
  const last = Math.max(...moving.flatMap((one) => dayOf(one) ?? []))
  if (Number.isFinite(last)) {
    const need = answer?.reaction.outcome === 'sulfur' ? 'sulfur' : 'lime'
    return [
      ...gates,
      {
        day: dayAt(inSameSeason(monthsOn(last, retestAfter[need]), former)),
        why: say('program.retest-after', { need, months: retestAfter[need] }),
        before: null,
      },
    ]
  }
  return [
    {
      day: dayAt(Math.max(from, monthsOn(dayNumber(former) ?? from, Math.round(retestYears * 12)))),
      why: say('program.retest-usual', { years: retestYears }),
      before: null,
    },
  ]
}
