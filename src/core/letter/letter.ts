import { reportInForce } from '../case/in-force'
import type { Area } from '../case/area'
import type { Case } from '../case/case'
import type { Report } from '../report/report'
import type { ReportKind } from '../report/kinds'
import { houseSampling } from '../guides/sampling'
import { isHeld, type Need } from '../needs/need'
import type { Setting } from '../needs/settings'
import type { Answer, AreaRecommendation } from '../recommend'
import { findingsIn } from '../plan/findings'
import type { AreaPlan, Plan } from '../plan/plan'
import type { Pass, Treatment } from '../passes/pass'
import { isOpen } from '../passes/program/dated'
import type { Test } from '../passes/program/tests'
import { dayNumber, type Day } from '../calendar/day'
import { closedOn, holdsPhosphate } from '../passes/program/closed'
import type { Purchase } from '../passes/shopping'
import { feeds, isLime } from '../shelf/product'
import { doseOf } from '../needs/reaction'
import { saysUntested, saysUnknown, unlessBrought } from '../told/headline'
import { eachOnce, say, type Sentence } from '../sentence/sentence'
import type { Text } from '../sentence/text'
import type { Size } from '../ground/sized'
import type { Derived } from '../units/workings'
import { otherNutrients } from '../units/quantity'
import { halfEachWay, needsSand, sharesOf, type Share } from '../needs/portions'
import { measuredIn } from '../report/tests'

/** What the client takes home, before it is put into a language: every rendering of it only words and lays it out. */
export interface Letter {
  readonly client: string
  readonly place: string
  /** `YYYY-MM-DD`. */
  readonly date: string
  /** Nothing is asked for before it. */
  readonly today: Day
  readonly areas: readonly LetterArea[]
  /** Names of the areas of which nothing can be said yet. */
  readonly open: readonly string[]
  /** Names of the areas of which something has to be decided before it leaves: until then it is a draft. */
  readonly undecided: readonly string[]
  /** Every product that the job takes, each once. */
  readonly purchases: readonly Purchase[]
  readonly note: string
  readonly cautions: readonly Sentence[]
  /** Where practitioners disagree: what was followed, each once. */
  readonly schools: readonly { readonly label: Text; readonly option: Text }[]
  /** Years to the next test, by the area that wants it first; null where nothing says otherwise than is usual. */
  readonly retestYears: number | null
  /** The reports in force. */
  readonly reports: readonly LetterReport[]
  readonly draftedBy: string
  readonly checkedBy: string
}

export interface LetterReport {
  readonly kind: ReportKind
  readonly code: string
  readonly laboratory: string
  readonly date: string
}

export interface LetterArea {
  readonly areaId: string
  readonly name: string
  readonly size: Size | null
  readonly crop: Text | null
  /** What matters most here. */
  readonly says: readonly Sentence[]
  /** What is still to be put on, in the order of its days. */
  readonly passes: readonly LetterPass[]
  /** When its soil is tested again. */
  readonly tests: readonly Test[]
  /** The report that it rests on. */
  readonly report: LetterReport | null
}

/** One pass that is still to be put on, as whoever puts it on needs it in the hand. */
export interface LetterPass {
  readonly pass: Pass
  readonly treatment: Treatment
  /** Null where no day is open for it. */
  readonly day: Day | null
  /** It goes on in the week from its day, or on that day alone: where somebody chose it, or a later one is closed. */
  readonly by: 'week' | 'day'
  /** How many there are of it. */
  readonly of: number
  /** Further ones like it that are not listed, and the day of the last of them. */
  readonly more: { readonly count: number; readonly until: Day | null } | null
  /** It goes on only if the test before it still asks for it. */
  readonly gated: boolean
  /** It is too little to be spread by itself. */
  readonly withSand: boolean
  /** What goes each way over the ground, where it does. */
  readonly half: Derived | null
  /** When ground like this is fed, over the year; where no day says so. */
  readonly season: Text | null
  /** What each plant, bed or stretch of row gets of it. */
  readonly shares: readonly Share[]
}

/** The letter of a case as its plan stands: every area that has an answer. */
export function letterOf(kase: Case, plan: Plan): Letter {
  const { today, areas, purchases } = plan
  const answered = areas.filter((area): area is Answered => area.found.answer !== null)
  const inForce = new Set(kase.areas.map(({ reportId }) => reportId))
  return {
    client: kase.client,
    place: kase.place,
    date: kase.letter.date,
    today,
    areas: answered.map((area) => areaOf(kase, area)),
    open: areas.flatMap(({ name, found }) => (found.answer ? [] : [name])),
    undecided: undecidedIn(kase, plan),
    purchases,
    note: kase.letter.note,
    cautions: eachOnce(answered.flatMap(({ found }) => found.answer.cautions)),
    schools: [
      ...new Map(
        answered
          .flatMap(({ found }) => found.answer.schools)
          .map(({ school, label, option }) => [`${school} ${option.en}`, { label, option }]),
      ).values(),
    ],
    retestYears: yearsToRetest(kase, answered),
    reports: kase.reports.filter(({ id }) => inForce.has(id)).map(asLetterReport),
    draftedBy: kase.draftedBy,
    checkedBy: kase.checkedBy,
  }
}

/** Areas with an answer of which a finding is to be decided first. */
function undecidedIn(kase: Case, plan: Plan): readonly string[] {
  const open = findingsIn(kase, plan).filter(({ severity }) => severity === 'decide')
  const ids = new Set(open.map(({ areaId }) => areaId))
  return plan.areas.flatMap(({ areaId, name, found }) => (found.answer && ids.has(areaId) ? [name] : []))
}

function yearsToRetest({ schools }: Case, answered: readonly Answered[]): number | null {
  const years = answered.map(({ found }) => found.retestYears)
  const settled = schools.retest !== undefined || years.some((one) => one !== houseSampling.retestYears)
  return settled && years.length > 0 ? Math.min(...years) : null
}

const asLetterReport = ({ kind, code, laboratory, date }: Report): LetterReport => ({ kind, code, laboratory, date })

export type Found = AreaRecommendation & { readonly answer: Answer }
type Answered = AreaPlan & { readonly found: Found }

function areaOf(kase: Case, plan: Answered): LetterArea {
  const { areaId, name, found } = plan
  const area = kase.areas.find(({ id }) => id === areaId)!
  const report = reportInForce(kase, area)
  return {
    areaId,
    name,
    report: report ? asLetterReport(report) : null,
    size: found.size.ok ? found.size.value : null,
    crop: found.crop && found.crop.label,
    says: [
      ...unlessBrought(saysOf(found), plan.treatments.some(holdsPhosphate)),
      ...pHInSalt(found, report ?? null),
      ...leadAsked(area, report ?? null),
      ...putWords(plan),
      ...daysSay(plan),
      ...plan.strips,
      ...plan.limited,
    ],
    passes: passesIn(plan),
    tests: plan.tests,
  }
}

/** A pH that was measured in salt is lower than the one that is told. */
function pHInSalt({ answer: { pH } }: Found, report: Report | null): readonly Sentence[] {
  const salt = report?.pHIn === 'salt' ? measuredIn(report, 'pH').value : null
  return salt === null || pH === null ? [] : [say('short.pH-in-salt', { salt, pH })]
}

/** Lead was a worry here, and nobody has tested for it yet. */
const leadAsked = ({ concerns }: Area, report: Report | null): readonly Sentence[] =>
  (concerns.includes('lead') || concerns.includes('play')) && (!report || measuredIn(report, 'lead').value === null)
    ? [say('short.lead-open')]
    : []

/** What went on already, and whether more is to follow. */
const putWords = ({ treatments, standings }: AreaPlan): readonly Sentence[] =>
  treatments.flatMap(({ key, product, nutrient }) => {
    const { put, left } = standings.get(key)!
    return put > 0
      ? [say('short.put', { lb: put, material: product?.label ?? null, nutrient, more: left !== null })]
      : []
  })

/** What speaks against a day and a client has to know. */
const daysSay = ({ passes }: AreaPlan): readonly Sentence[] =>
  eachOnce(passes.filter(isOpen).flatMap(({ problems }) => problems.flatMap(({ told }) => told ?? [])))

/** What matters most, with the word on pH in full. Why a method gives no figure is for the advisor. */
function saysOf({ answer, crop }: Found): readonly Sentence[] {
  const { label } = crop!
  const {
    matters: { ahead, after },
    reaction,
    needs,
  } = answer
  const untold = saysUntested({ after })
  const onPH = reaction.because === 'no-figure' ? say('headline.unknown') : reaction.why
  const held = needs.filter((one) => isHeld(one) && one !== reaction.need).map(({ why }) => why)
  const confirmed = needs.flatMap(({ of, confirmed: word }) =>
    word ? [word.against, say('held.confirmed', { of, reason: word.reason, by: word.by })] : [],
  )
  return [
    ...ahead,
    ...(untold ? [] : [onPH]),
    ...after,
    ...held,
    ...confirmed,
    ...needs.flatMap(overruledWords),
    ...answer.settings.flatMap(settingWords),
    ...needs.flatMap(({ noneFor }) => (noneFor ? [say('short.no-nitrogen', { because: noneFor, crop: label })] : [])),
    ...needs.flatMap(aboutNeed),
    ...lowAndUnfed(answer),
    ...(untold ? [] : openOf(needs, after)),
  ]
}

/** What an advisor put in the place of a figure, and why. */
function overruledWords({ of, overruled, amount, lead, why }: Need): readonly Sentence[] {
  if (!overruled) return []
  if (overruled.stopped) return [why]
  const { instead, moved, reason, by } = overruled
  const same = { of, instead: instead ?? null, moved, reason, by }
  return overruled.of === 'method'
    ? [say('overruled.method', { ...same, method: lead!.label })]
    : [say('overruled.told', { ...same, amount: amount?.value.v ?? 0 })]
}

/** What an advisor put in the place of what our figures go by, where one of today goes by it. */
function settingWords({ of, need, ours, own }: Setting): readonly Sentence[] {
  if (!own?.counts) return []
  const { is, moved, reason, by } = own
  if (of === 'level') return [say('overruled.level', { is: String(is), ours: String(ours), moved, reason, by })]
  const same = { is: Number(is), ours: Number(ours), moved, reason, by }
  return [of === 'cap' ? say('overruled.cap', { ...same, need }) : say(`overruled.${of}`, same)]
}

/** Elements whose test is low and that get nothing of their own. */
function lowAndUnfed({ reading, needs, reaction }: Answer): readonly Sentence[] {
  const lime = doseOf(reaction)?.product.material
  const byLime = isLime(lime) ? (lime.liming.stone === 'dolomitic' ? ['Ca', 'Mg'] : ['Ca']) : []
  return otherNutrients.flatMap((nutrient) => {
    const low = reading.some(({ id, className }) => id === nutrient && className === 'low')
    const need = needs.find(({ of }) => of === nutrient)
    if (!low || (need && need.outcome !== 'none')) return []
    const brought = need?.brought ?? byLime.includes(nutrient)
    return [say(brought ? 'short.brought' : 'short.not-given', { nutrient })]
  })
}

/** What is to be known of one need beside its amount. */
function aboutNeed({ of, outcome, credits, rating, ranged, remarks }: Need): readonly Sentence[] {
  return [
    ...(credits?.taken ? [say('short.credited', { nutrient: of, credits: credits.names.join(' ') })] : []),
    ...(rating?.between && !ranged && outcome !== 'unknown'
      ? [say('short.between', { nutrient: of, from: rating.between[0], to: rating.between[1] })]
      : []),
    ...remarks.filter(({ forClient }) => forClient),
  ]
}

/** What is short and has no row, and what nobody can tell yet. */
function openOf(needs: readonly Need[], said: readonly Sentence[]): readonly Sentence[] {
  const told = saysUnknown({ after: said })
  const open = ({ of, outcome }: Need) =>
    outcome === 'unknown' && of !== 'lime' && of !== 'sulfur' && !(told && (of === 'P₂O₅' || of === 'K₂O'))
  const unknown = needs.filter(open)
  const byLabel = needs.filter(({ outcome }) => outcome === 'by-label').map(({ of }) => of)
  return [
    ...(byLabel.length > 0 ? [say('short.by-label', { nutrients: byLabel.join(' ') })] : []),
    ...(unknown.length > 0 ? [say('short.not-known', { nutrients: unknown.map(({ of }) => of).join(' ') })] : []),
  ]
}

/** One thing that goes on an area, in all of its passes that are still to be put on. */
export interface LetterThing {
  readonly first: LetterPass
  readonly count: number
  /** lb in all of them. */
  readonly lb: number
}

export function thingsIn({ passes }: Pick<LetterArea, 'passes'>): readonly LetterThing[] {
  const byKey = new Map<string, LetterThing>()
  for (const one of passes) {
    const times = 1 + (one.more?.count ?? 0)
    const { first, count, lb } = byKey.get(one.treatment.key) ?? { first: one, count: 0, lb: 0 }
    byKey.set(one.treatment.key, { first, count: count + times, lb: lb + times * one.pass.amount.value.v })
  }
  return [...byKey.values()]
}

/** Passes of one thing beyond these are counted, not listed. */
const mostListed = 6

/** A day of the week from one on is closed for a treatment. */
const closesWithin = (day: Day, treatment: Treatment, { ground }: AreaPlan): boolean =>
  [1, 2, 3, 4, 5, 6].some((later) => closedOn(dayNumber(day)! + later, treatment, ground) !== undefined)

/** Every pass of an area that is still to be put on. */
export function passesIn(plan: AreaPlan & { readonly found: Found }): readonly LetterPass[] {
  const { answer, season, use } = plan.found
  const open = plan.passes.filter(isOpen)
  return open.flatMap(({ pass, treatment, day, state }): LetterPass[] => {
    const alike = open.filter((one) => one.treatment.key === treatment.key).sort((a, b) => a.pass.n - b.pass.n)
    const turn = alike.findIndex((one) => one.pass.key === pass.key)
    if (turn >= mostListed) return []
    const rest = turn === mostListed - 1 ? alike.slice(mostListed) : []
    const { amount, product } = pass
    const fed = day === null && (treatment.need === 'N' || feeds(product ?? undefined))
    return [
      {
        pass,
        treatment,
        day,
        by: state === 'moved' || (day !== null && closesWithin(day, treatment, plan)) ? 'day' : 'week',
        of: treatment.passes?.count ?? 1,
        more: rest.length > 0 ? { count: rest.length, until: rest.at(-1)!.day } : null,
        gated: plan.tests.some(({ before }) => before === pass.key),
        withSand: product !== null && needsSand(amount, answer.portions),
        half: product ? (halfEachWay(amount, use) ?? null) : null,
        season: fed ? season : null,
        shares: sharesOf(amount, answer.portions),
      },
    ]
  })
}
