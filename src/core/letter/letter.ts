import { reportInForce } from '../case/in-force'
import type { Case, Report } from '../case/case'
import type { ReportKind } from '../report/kinds'
import type { Supply } from '../mix/one-fertilizer'
import { isHeld, majorsOf, minorsOf, type Need } from '../needs/need'
import { doseOf } from '../needs/reaction'
import type { Answer, AreaRecommendation, Recommendation } from '../recommend'
import type { Passes } from '../passes/split'
import type { Product } from '../shelf/product'
import type { Key } from '../told/keys'
import { say, type Sentence } from '../told/sentence'
import type { Text } from '../told/text'
import type { Size } from '../ground/sized'
import { otherNutrients, type MajorNutrient, type OtherNutrient } from '../units/quantity'
import { perPortion, type Portion } from '../passes/portions'
import { derive, type Derived, type Working } from '../workings'

/** What the client takes home, before it is put into a language: every rendering of it only words and lays it out. */
export interface Letter {
  readonly client: string
  readonly place: string
  /** `YYYY-MM-DD`. */
  readonly date: string
  readonly areas: readonly LetterArea[]
  readonly note: string
  readonly cautions: readonly Sentence[]
  /** Where practitioners disagree: what was followed, each once. */
  readonly schools: readonly { readonly label: Text; readonly option: Text }[]
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
  readonly rows: readonly LetterRow[]
  /** The report that it rests on. */
  readonly report: LetterReport | null
}

/** One thing that goes on, as it goes on at a time. */
export interface LetterRow {
  readonly product: Product | null
  /** What it is put on for, where its name does not say; or the nutrient itself, while no product is chosen. */
  readonly nutrient: MajorNutrient | OtherNutrient | null
  readonly each: Derived
  /** What goes on before planting, where that is more. */
  readonly first?: Derived
  /** In all of its passes, lb. */
  readonly all: Derived
  /** Weight of a bag, lb, where it is a product. */
  readonly bagLb: number | null
  readonly passes: Passes | null
  /** How, where it goes on once. */
  readonly once: 'worked-in' | 'on-surface' | 'then-retest' | 'spread' | 'this-year'
  /** When ground like this is fed, over the year. */
  readonly season: Text | null
  /** Where it goes: worked in so deep, in, or 0 for the surface; null where that is left open. */
  readonly dugTo: number | null
  /** The most of it in one pass, where it takes several: lb per 1,000 ft². */
  readonly cap: Working | null
  /** What each plant, bed or stretch of row gets in one pass. */
  readonly shares: readonly { readonly of: Portion['of']; readonly each: Derived }[]
}

/** The letter of a case as it stands: every area that has an answer. */
export function letterOf(kase: Case, { areas }: Recommendation): Letter {
  const answered = areas.filter((area): area is Answered => area.answer !== null)
  const inForce = new Set(kase.areas.map(({ reportId }) => reportId))
  return {
    client: kase.client,
    place: kase.place,
    date: kase.letter.date,
    areas: answered.map((found) => areaOf(kase, found)),
    note: kase.letter.note,
    cautions: once(answered.flatMap(({ answer }) => answer.cautions)),
    schools: [
      ...new Map(
        answered
          .flatMap(({ answer }) => answer.schools)
          .map(({ school, label, option }) => [`${school} ${option.en}`, { label, option }]),
      ).values(),
    ],
    reports: kase.reports.filter(({ id }) => inForce.has(id)).map(asLetterReport),
    draftedBy: kase.draftedBy,
    checkedBy: kase.checkedBy,
  }
}

const asLetterReport = ({ kind, code, laboratory, date }: Report): LetterReport => ({ kind, code, laboratory, date })

type Answered = AreaRecommendation & { readonly answer: Answer }

const once = (sentences: readonly Sentence[]) => [...new Map(sentences.map((one) => [one.key, one])).values()]

function areaOf(kase: Case, found: Answered): LetterArea {
  const { areaId, size, crop } = found
  const area = kase.areas.find(({ id }) => id === areaId)!
  const report = reportInForce(kase, area)
  return {
    areaId,
    name: area.name,
    report: report ? asLetterReport(report) : null,
    size: size.ok ? size.value : null,
    crop: crop && crop.label,
    says: saysOf(found),
    rows: rowsOf(found),
  }
}

/** What matters most, with the word on pH in full. Why a method gives no figure is for the advisor. */
function saysOf({ answer, doubts }: Answered): readonly Sentence[] {
  const {
    matters: { ahead, after },
    reaction,
    needs,
  } = answer
  const onPH = reaction.because === 'no-figure' ? say('headline.unknown') : reaction.why
  const held = needs.filter((one) => isHeld(one) && one !== reaction.need).map(({ why }) => why)
  const confirmed = needs.flatMap(({ of, confirmed: word }) =>
    word ? [word.against, say('held.confirmed', { of, reason: word.reason, by: word.by })] : [],
  )
  const dose = doseOf(reaction)
  const retest = dose && dose.passes.count > 2 ? [say('headline.retest')] : []
  const doubted = [...new Set(doubts.map(({ field }) => field))]
  return [
    ...ahead,
    onPH,
    ...after,
    ...retest,
    ...held,
    ...confirmed,
    ...needs.flatMap(aboutNeed),
    ...lowAndUnfed(answer),
    ...openOf(needs, after),
    ...(doubted.length > 0 ? [say('short.doubted', { fields: doubted.join(' ') })] : []),
  ]
}

/** Elements whose test is low and that get nothing of their own. */
const lowAndUnfed = ({ reading, needs }: Answer): readonly Sentence[] =>
  otherNutrients.flatMap((nutrient) => {
    const low = reading.some(({ id, className }) => id === nutrient && className === 'low')
    const need = needs.find(({ of }) => of === nutrient)
    if (!low || (need && need.outcome !== 'none')) return []
    return [say(need && brought.has(need.why.key) ? 'short.brought' : 'short.not-given', { nutrient })]
  })

/** Why an element that is low gets nothing of its own: something else that goes on holds it. */
const brought: ReadonlySet<string> = new Set<Key>(['other.Mg-by-lime', 'other.Ca-by-lime', 'other.brought'])

/** What is to be known of one need beside its amount. */
function aboutNeed({ of, outcome, credits, rating, remarks }: Need): readonly Sentence[] {
  return [
    ...(credits?.taken ? [say('short.credited', { nutrient: of, credits: credits.names.join(' ') })] : []),
    ...(rating?.between && outcome !== 'unknown'
      ? [say('short.between', { nutrient: of, from: rating.between[0], to: rating.between[1] })]
      : []),
    ...remarks.filter(({ key }) => key === 'soilless.liquid'),
  ]
}

/** What is short and has no row, and what nobody can tell yet. */
function openOf(needs: readonly Need[], said: readonly Sentence[]): readonly Sentence[] {
  const told = said.some(({ key }) => key === 'headline.N-only-known' || key === 'headline.P-K-unknown')
  const open = ({ of, outcome }: Need) =>
    outcome === 'unknown' && of !== 'lime' && of !== 'sulfur' && !(told && (of === 'P₂O₅' || of === 'K₂O'))
  const unknown = needs.filter(open)
  const byLabel = needs.filter(({ outcome }) => outcome === 'by-label').map(({ of }) => of)
  return [
    ...(byLabel.length > 0 ? [say('short.by-label', { nutrients: byLabel.join(' ') })] : []),
    ...(unknown.length > 0 ? [say('short.not-known', { nutrients: unknown.map(({ of }) => of).join(' ') })] : []),
  ]
}

type Plain = Omit<LetterRow, 'dugTo' | 'cap' | 'shares'> & Partial<Pick<LetterRow, 'dugTo' | 'cap'>>

/** A row with what each plant, bed or stretch of row gets of it. */
const row = (plain: Plain, { portions }: Answer): LetterRow => ({
  dugTo: null,
  cap: null,
  ...plain,
  shares: portions.map((portion) => ({
    of: portion.of,
    each: perPortion(plain.each as Derived<'lb product'>, portion),
  })),
})

/** Lime or sulfur, what carries the minor elements, then the fertilizer chosen, or the bare nutrients where none is. */
function rowsOf(found: Answered): readonly LetterRow[] {
  const { answer } = found
  return plainRows(found).map((one) => row(one, answer))
}

function plainRows(found: Answered): readonly Plain[] {
  const { answer, season } = found
  const rows: readonly Plain[] = [...reactionRow(found), ...carrierRows(answer)]
  const { fertilizer } = answer
  if (fertilizer?.mix.ok && fertilizer.mix.value.barred.length === 0) {
    const { passes } = fertilizer.mix.value
    const { material: product, bagLb } = fertilizer
    const chosen: Plain = {
      product,
      nutrient: null,
      each: passes.each,
      first: passes.firsts?.each,
      all: fertilizer.mix.value.amount,
      bagLb,
      passes,
      once: 'worked-in',
      season,
    }
    return [...rows, chosen, ...shortOf(fertilizer.mix.value.supplies)]
  }
  const bare = majorsOf(answer).flatMap(({ of, amount, passes }): Plain[] =>
    passes
      ? [
          {
            product: null,
            nutrient: of,
            each: passes.each,
            first: passes.firsts?.each,
            all: amount!,
            bagLb: null,
            passes,
            once: 'this-year',
            season: of === 'N' ? season : null,
          },
        ]
      : [],
  )
  return [...rows, ...bare]
}

/** So much of a need may be missing before it is worth a row of its own. Source: common practice. */
const enough = 0.9

/** What the chosen bag leaves short. */
const shortOf = (supplies: readonly Supply[]): readonly Plain[] =>
  supplies.flatMap(({ nutrient, supplied, wanted }): Plain[] => {
    if (wanted === 'none' || wanted === 'unknown' || supplied.value.v >= enough * wanted.value.v) return []
    const left = derive(
      `lb ${nutrient}`,
      'wanted - supplied',
      { wanted, supplied },
      say('mix.left-short', { nutrient }),
      'arithmetic',
    )
    return [
      { product: null, nutrient, each: left, all: left, bagLb: null, passes: null, once: 'this-year', season: null },
    ]
  })

function reactionRow({ answer, planted }: Answered): readonly Plain[] {
  const dose = doseOf(answer.reaction)
  if (!dose) return []
  const { passes, product, of, into } = dose
  const once = of === 'sulfur' ? 'then-retest' : planted ? 'on-surface' : 'worked-in'
  return [
    {
      product: product.material,
      nutrient: null,
      each: passes.each,
      all: product.amount,
      bagLb: product.bagLb,
      passes,
      once,
      season: null,
      dugTo: into.dugTo ?? 0,
      cap: passes.count > 1 ? passes.why.inputs.cap! : null,
    },
  ]
}

/** What carries each minor element, or the element itself where no product is settled on. */
const carrierRows = (answer: Answer): readonly Plain[] =>
  minorsOf(answer).flatMap(({ of, outcome, amount, product }): Plain[] => {
    if (outcome !== 'apply' || !amount) return []
    const all = product?.amount ?? amount
    return [
      {
        product: product?.material ?? null,
        nutrient: of,
        each: all,
        all,
        bagLb: product?.bagLb ?? null,
        passes: null,
        once: product ? 'spread' : 'this-year',
        season: null,
      },
    ]
  })
