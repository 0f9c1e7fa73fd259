import type { Application } from '../../case/applications'
import type { Case } from '../../case/case'
import { inSeason, type AreaInSeason } from '../../case/in-season'
import { guideNamed, type Guide } from '../../guides/guide'
import type { Use } from '../../guides/crop'
import type { Region } from '../../guides/regions'
import type { Months } from '../../guides/windows'
import { noneAfter, overWinter, retestAhead, sulfurAhead, windowTiming, type Timing } from '../../guides/timings'
import type { AreaRecommendation, Recommendation } from '../../recommend'
import { feeds, isLime, type Product } from '../../shelf/product'
import { productNamed } from '../../shelf/product-named'
import { objection, say, type Objection, type Sentence } from '../../sentence/sentence'
import { fromLime, type AreaJob, type Job } from '../job'
import { passesOf, type Pass, type Treatment } from '../pass'
import type { Interval } from '../../needs/split'
import { countsFrom } from '../standing'
import { gateOf, isGated, testsOf, type Test } from './tests'
import { firstOfSpring, plantingOf, standsOn, type Planting } from './planting'
import { closedOn, sortOf, type DatedGround } from './closed'
import type { Dated } from './dated'
import { dayAt, dayNumber, monthsOn, type Day } from '../../calendar/day'
import { stripsOf, withinLimits, yearlyOf } from './limits'
import { closingsOf, type Rules } from '../../calendar/rule'
import { inMonths, nextLastFrost } from '../../calendar/season'
import { majorNutrients } from '../../units/quantity'

export interface AreaProgram {
  readonly areaId: string
  readonly passes: readonly Dated[]
  readonly tests: readonly Test[]
  /** Why nothing of sulfur goes on any more, where some went on before. */
  readonly stopped: Sentence | null
  /** What stays as it is beside water. */
  readonly strips: readonly Sentence[]
  /** How each treatment stands within the office's yearly limits. */
  readonly standings: AreaJob['standings']
  /** What those limits hold back, each said once. */
  readonly limited: readonly Sentence[]
  /** When it is planted or sown; null where nothing goes by that. */
  readonly planting: { readonly day: Day; readonly until: Day | null; readonly assumed: boolean } | null
  /** Why nothing of a sort goes on on a day. */
  readonly ground: DatedGround
}

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
    const strips = stripsOf(area, jobs[i]!, rules)
    const limits = yearlyOf(kase, area, known, rules, products)
    const dated = datedArea(kase, area, known, jobs[i]!, { ground, products, from: dayNumber(from)! })
    return { ...dated, ...withinLimits(dated.passes, jobs[i]!.standings, limits), strips }
  })
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
  readonly planting: Planting | null
  /** What was dated so far, with what it carries. */
  readonly gone: { readonly at: number; readonly treatment: Treatment; readonly pass: Pass }[]
  /** Days on which lime goes on here, or went on. */
  readonly limed: number[]
  /** Days on which sulfur went on here. */
  readonly sulfured: readonly number[]
  /** Days on which ammonium or urea went on here. */
  readonly ammonium: readonly number[]
  readonly standings: AreaJob['standings']
}

function datedArea(
  kase: Case,
  area: AreaInSeason,
  known: AreaRecommendation,
  { treatments, standings }: AreaJob,
  { ground, products, from }: Pick<Setting, 'ground' | 'from'> & { products: readonly Product[] },
): Omit<AreaProgram, 'strips' | 'standings' | 'limited'> {
  const ofHere = kase.applications.filter(({ areaId }) => areaId === area.id)
  const daysOf = (of: 'lime' | 'sulfur') =>
    ofHere.flatMap(({ what, done, date }) => (what === of && done !== 'skipped' ? (dayNumber(date) ?? []) : []))
  const setting: Setting = {
    kase,
    area,
    ground,
    from,
    planting: plantingOf(area, known, ground.region, from),
    gone: [],
    limed: daysOf('lime'),
    sulfured: daysOf('sulfur'),
    ammonium: ammoniumIn(ofHere, products),
    standings,
  }
  const passes = treatments.flatMap((treatment) => datedTreatment(treatment, setting))
  const { planting } = setting
  return {
    areaId: area.id,
    passes: [...passes].sort((a, b) => (a.day ?? '9').localeCompare(b.day ?? '9')),
    tests: testsOf(kase, area, known, passes, ground, from),
    stopped: stoppedBy(known, ofHere),
    planting: planting && {
      day: dayAt(planting.at),
      until: planting.until === null ? null : dayAt(planting.until),
      assumed: planting.assumed,
    },
    ground,
  }
}

/** The same for one treatment, with the days on which the like of it was put on beside the plan. */
interface OfTreatment extends Setting {
  readonly beside: readonly number[]
  /** What of its passes is left, by their keys. */
  readonly open: ReadonlyMap<string, Pass>
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

/** Days by which lime and sulfur lie apart, whichever came first: each undoes the other. Source: common practice. */
const aYear = 365

const undoes = (
  day: number,
  treatment: Treatment,
  { limed, sulfured }: Pick<Setting, 'limed' | 'sulfured'>,
): boolean => {
  const sort = sortOf(treatment)
  const other = sort === 'lime' ? sulfured : sort === 'sulfur' ? limed : []
  return other.some((one) => Math.abs(day - one) < aYear)
}

/** What stops sulfur here, where some was put on. */
const stoppedBy = ({ answer }: AreaRecommendation, logged: readonly Application[]): Sentence | null =>
  (logged.some(({ what, done }) => what === 'sulfur' && done !== 'skipped') && answer?.stopped) || null

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
  const { left } = ofArea.standings.get(treatment.key)!
  const open = new Map((left ? passesOf(left) : []).map((pass) => [pass.key, pass]))
  const setting = { ...ofArea, beside: besideDays(treatment, ofArea), open }
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
      setting.gone.push({ at, treatment, pass })
      if (treatment.need === 'lime') setting.limed.push(at)
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
  const { kase, area, standings, open } = setting
  const { answered, put } = standings.get(treatment.key)!
  const { planting } = setting
  const done = answered.get(pass.key)
  const still = open.get(pass.key)
  const at = none ? undefined : plannedDay(pass, treatment, earlier, setting)
  const on = (day: number | undefined) => ({
    pass: onDay(still ?? pass, day, planting, setting.ground.use),
    treatment,
    entry: done ?? null,
    amount: pass.amount,
  })
  const of = on(at)
  const planned = at === undefined ? null : dayAt(at)
  if (done?.done === 'skipped')
    return { ...of, day: planned, planned, state: 'skipped', problems: [objection('advisor', say('program.skipped'))] }
  if (done)
    return { ...of, day: dayNumber(done.date) === undefined ? null : done.date, planned, state: 'done', problems: [] }
  if (!still) {
    const covered = objection('advisor', say('program.covered', { lb: put }))
    return { ...of, day: planned, planned, state: 'covered', problems: [covered] }
  }
  const move = moveOf(kase, pass, treatment)
  const ofOld = move !== undefined && move.to < countsFrom(kase, area, treatment.need)
  const to = move && !ofOld ? dayNumber(move.to) : undefined
  if (to === undefined) {
    const without = objection('decide', say('program.no-day'))
    const problems = at === undefined ? [without] : problemsOn(at, pass, treatment, earlier, setting)
    return { ...of, day: planned, planned, state: 'open', problems }
  }
  const elsewhere = move!.planned !== '' && planned !== null && move!.planned !== planned
  const problems = [
    ...problemsOn(to, pass, treatment, earlier, setting),
    ...(elsewhere ? [objection('advisor', say('program.plan-changed', { was: move!.planned, is: planned }))] : []),
  ]
  return { ...on(to), day: dayAt(to), planned, state: 'moved', problems }
}

/** The day that somebody moved a pass to; of a bag also one of the bare nutrient that it is measured out by. */
function moveOf({ decisions: { moves } }: Case, { key, areaId, n }: Pass, { meets }: Treatment) {
  const keys = meets ? [key, `${areaId}/${meets}/${n}`] : [key]
  return keys.flatMap((one) => (Object.hasOwn(moves, one) ? moves[one]! : []))[0]
}

/** Windows before and at planting: what is fed then is worked in. */
const early: ReadonlySet<string> = new Set(['before-planting', 'at-planting', 'at-seeding'])

/** A pass as it goes on on a day: nothing is worked into ground on which something stands. */
function onDay(pass: Pass, day: number | undefined, planting: Planting | null, use: Use): Pass {
  const { how, window, n } = pass
  if (how.by !== 'working-in') return pass
  // What is planted for good is never dug again: what a test still asks for then lies on the surface.
  if (how.deep !== null) {
    const stays = planting?.until === null && day !== undefined && day > planting.at
    return stays ? { ...pass, how: { by: use === 'planting' ? 'under-mulch' : 'surface', deep: null } } : pass
  }
  const isLater = planting && day !== undefined ? day > planting.at : window ? !early.has(window.id) : n > 1
  if (!isLater) return pass
  return { ...pass, how: { by: use === 'plot' || planting?.until === null ? 'surface' : 'beside-rows', deep: null } }
}

/** What speaks against a day for a pass, whoever chose it. */
function problemsOn(
  day: number,
  pass: Pass,
  treatment: Treatment,
  earlier: readonly number[],
  setting: OfTreatment,
): readonly Objection[] {
  const { ground, planting, limed, ammonium, from, beside } = setting
  const sort = sortOf(treatment)
  const decide = (speaks: unknown, sentence: () => Sentence) => (speaks ? [objection('decide', sentence())] : [])
  const note = (speaks: unknown, sentence: () => Sentence) => (speaks ? [objection('advisor', sentence())] : [])
  const closed = closedOn(day, treatment, ground)
  const gone = [...beside, ...earlier].sort((a, b) => a - b)
  const before = gone.at(-1)
  const interval = intervalOf(pass, treatment)
  const span = earlier.length === 0 && planting === null ? undefined : spanOf(pass, treatment, earlier, planting)
  const soon = before !== undefined && day < after(before, interval)
  const full = isFull(day, gone, treatment)
  const lime = pass.after.find(({ days }) => limed.some((one) => Math.abs(day - one) < days))
  const sown = planting && !planting.assumed ? planting.at : undefined
  const months = treatment.product && isLime(treatment.product) ? treatment.product.liming.beginsInMonths : 0
  const end = endOf(pass, planting)
  const soonest = isGated(pass, treatment) && before !== undefined ? gateOf(treatment, before, ground) : undefined
  const late = sown !== undefined && day <= sown
  return [
    ...decide(closed, () => closed!),
    ...decide(day < from, () => say('program.past')),
    ...note(sort === 'feeding' && earlier.length > 0 && day >= monthsOn(earlier[0]!, aSeason), () =>
      say('program.next-season'),
    ),
    ...decide(isDugUp(day, pass, planting), () => say('program.stands')),
    ...decide(soonest !== undefined && day < soonest, () => say('program.untested', { from: dayAt(soonest!) })),
    ...decide(soon, () => say('program.too-soon', intervalArgs(interval))),
    ...decide(full, () => say('program.year-full', { most: treatment.passes!.perYear! })),
    ...decide(tooNearAmmonium(day, treatment, ammonium), () =>
      say('program.after-ammonium', { days: fromLime.ammonium }),
    ),
    ...decide(lime, () => say('program.lime-first', { days: lime!.days })),
    ...decide(day > end, () => say('program.after-bulbing')),
    ...note(span && day > span[1] && day <= end, () => say('program.late', { until: dayAt(span![1]) })),
    ...note(span && day < span[0], () => say('program.early', { from: dayAt(span![0]) })),
    ...(late && sort === 'lime' && monthsOn(day, months) > sown
      ? [objection('client', say('program.lime-late', { months }), say('short.lime-late', { months }))]
      : []),
    ...(late && sort === 'sulfur' && monthsOn(day, sulfurAhead) > sown
      ? [
          objection(
            'client',
            say('program.sulfur-late', { months: sulfurAhead }),
            say('short.sulfur-late', { months: sulfurAhead }),
          ),
        ]
      : []),
    ...decide(undoes(day, treatment, setting), () => say('program.lime-sulfur')),
  ]
}

/** The first open day for a pass; undefined where none of many years is. */
function plannedDay(
  pass: Pass,
  treatment: Treatment,
  earlier: readonly number[],
  setting: OfTreatment,
): number | undefined {
  const { ground, from, planting, limed, ammonium, beside } = setting
  const gone = [...beside, ...earlier].sort((a, b) => a - b)
  const before = gone.at(-1)
  const least = before === undefined ? from : Math.max(from, after(before, intervalOf(pass, treatment)))
  const gate =
    isGated(pass, treatment) && before !== undefined
      ? Math.max(from, gateOf(treatment, before, ground)) + retestAhead
      : least
  const span = spanOf(pass, treatment, earlier, planting)
  const frost = frostSpan(pass, ground, least)
  const months = monthsOf(pass, ground)
  const begin = Math.max(least, gate, span?.[0] ?? frost?.[0] ?? least)
  const waits = (day: number) => pass.after.some(({ days }) => limed.some((one) => Math.abs(day - one) < days))
  for (let day = begin; day < begin + mostDays; day += 1) {
    if (months && !months.some((one) => inMonths(day, one, ground.region))) continue
    if (
      waits(day) ||
      tooNearAmmonium(day, treatment, ammonium) ||
      isFull(day, gone, treatment) ||
      served(day, before, treatment, ground) ||
      isDugUp(day, pass, planting) ||
      isNearOwn(day, pass, treatment, setting.gone) ||
      undoes(day, treatment, setting)
    )
      continue
    if (closedOn(day, treatment, ground)) continue
    return day
  }
  return undefined
}

/** The last day on which a crop that bulbs takes a pass. */
function endOf({ window }: Pass, planting: Planting | null): number {
  const days = window ? noneAfter[window.id] : undefined
  if (days === undefined || !planting) return Infinity
  return planting.spring === null ? planting.at + days : planting.spring + overWinter.none
}

/** What is dug in would be dug into what stands there. */
const isDugUp = (day: number, { how }: Pass, planting: Planting | null): boolean =>
  how.by === 'working-in' && how.deep !== null && planting?.until != null && standsOn(day, planting)

/** What a bag leaves short keeps its distance from the bag's own passes of the same nutrient, where grass takes them apart. */
function isNearOwn(day: number, pass: Pass, treatment: Treatment, gone: Setting['gone']): boolean {
  const interval = treatment.leftShort ? intervalOf(pass, treatment) : null
  if (!interval) return false
  const own = majorNutrients.filter((nutrient) => nutrient === pass.nutrient || (pass.carries[nutrient] ?? 0) > 0)
  return gone.some((one) => {
    const brings = one.treatment.key !== treatment.key && own.some((nutrient) => (one.pass.carries[nutrient] ?? 0) > 0)
    return brings && day < after(one.at, interval) && one.at < after(day, interval)
  })
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
  const spring = planting?.spring ?? null
  const bulbs = treatment.passes?.dressings.some(({ window }) => window && noneAfter[window.id] !== undefined)
  if (spring !== null && bulbs && timing.from === 'before' && (earlier.at(-1) ?? 0) <= planting!.at + 7)
    return firstOfSpring(spring)
  const anchor = timing.from === 'planting' ? planting?.at : earlier.at(-1)
  if (anchor === undefined) return undefined
  // Of several before planting the last goes on then, each of the others an interval sooner.
  const sooner = timing.from === 'planting' ? daysOf(intervalOf(pass, treatment)) * laterAlike(pass, treatment) : 0
  return [anchor + timing.days[0] - sooner, anchor + timing.days[1] - sooner]
}

const daysOf = (interval: Interval): number => (interval && 'days' in interval ? interval.days : 0)

/** Passes behind one that have the same window. */
const laterAlike = ({ n, window }: Pass, { passes }: Treatment): number =>
  window ? (passes?.dressings.slice(n).filter((one) => one.window?.id === window.id).length ?? 0) : 0

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
