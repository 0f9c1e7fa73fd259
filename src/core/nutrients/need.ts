import type { Nutrient, Report } from '../case'
import { laboratory } from '../candidate'
import type { Crop } from '../guides/crops'
import type { Guide } from '../guides/guides'
import { limits } from '../guides/limits'
import { split, type Cap, type Passes } from '../passes/split'
import { rate, type Rating } from '../reading/classify'
import type { ReadReport } from '../reading/soil'
import { refuse, say, type Outcome, type Sentence, type Text } from '../sentence'
import { fromPrinted, type RateUnit } from '../units/rates'
import { derive, type Derived } from '../workings'
import type { Feeding, Rated } from './method'
import { classTable } from './methods/class-table'
import { nitrogen } from './methods/nitrogen'
import { triState } from './methods/tri-state'

export interface NutrientCheck {
  readonly id: string
  readonly label: Text
  readonly amount?: Derived<`lb ${Nutrient}`>
  readonly refusal?: Sentence
  readonly difference?: number
}

/** What an area needs of one nutrient in a year. */
export interface NutrientNeed {
  readonly nutrient: Nutrient
  readonly outcome: 'apply' | 'none' | 'unknown'
  readonly why: Sentence
  readonly ledBy?: { readonly id: string; readonly label: Text }
  readonly rating?: Rating
  readonly rate?: Derived<`lb ${Nutrient}/1000 ft²`>
  readonly amount?: Derived<`lb ${Nutrient}`>
  readonly passes?: Passes<Nutrient>
  readonly checks: readonly NutrientCheck[]
}

const ownLabel = { id: 'guide', label: { en: 'our own guide' } }
const elementOf = { 'P₂O₅': 'P', 'K₂O': 'K' } as const

/** The year's need of one nutrient: the laboratory's line where it has one, else the guide's; a phosphorus ban before both. */
export function nutrientNeed(nutrient: Nutrient, read: ReadReport, report: Report, feeding: Feeding): NutrientNeed {
  const rating = nutrient === 'N' ? undefined : ratingOf(elementOf[nutrient], read, report, feeding.guide)
  const rated = rating?.ok ? rating.value : undefined
  if (nutrient === 'P₂O₅' && feeding.settings.phosphorusBanned)
    return { nutrient, outcome: 'none', why: say('nutrient.P-banned'), rating: rated, checks: [] }
  const own =
    nutrient === 'N'
      ? nitrogen(read.soil, feeding)
      : rating!.ok
        ? byMethod(nutrient, rating!.value, read, report, feeding)
        : rating!
  const printed = read.recommends[nutrient]
  if (printed === undefined) {
    if (!own.ok) return { nutrient, outcome: 'unknown', why: own.refusal, rating: rated, checks: [] }
    return need(nutrient, own.value, ownLabel, rated, [], feeding)
  }
  const lead = {
    rate: fromPrinted(nutrient, printed, report.recommends[nutrient].unit as RateUnit),
    why: say(printed > 0 ? 'nutrient.laboratory' : 'nutrient.laboratory-none'),
  }
  return need(nutrient, lead, laboratory, rated, [checkOf(nutrient, own, lead, feeding)], feeding)
}

function ratingOf(element: 'P' | 'K', read: ReadReport, report: Report, guide: Guide): Outcome<Rating> {
  const test = read.tests[element]
  return test ? rate(test, report.extractant, guide, read.soil) : refuse('nutrient.not-tested', { element })
}

function byMethod(
  nutrient: 'P₂O₅' | 'K₂O',
  rating: Rating,
  read: ReadReport,
  report: Report,
  feeding: Feeding,
): Outcome<Rated> {
  const { phosphorusPotassium } = feeding.crop
  return phosphorusPotassium.method === 'class-table'
    ? classTable(nutrient, rating, phosphorusPotassium.group, feeding)
    : triState(nutrient, rating, phosphorusPotassium, read.soil, report.extractant)
}

function need(
  nutrient: Nutrient,
  { rate: perThousand, why }: Rated,
  ledBy: NutrientNeed['ledBy'],
  rating: Rating | undefined,
  checks: readonly NutrientCheck[],
  feeding: Feeding,
): NutrientNeed {
  if (perThousand.value.v === 0) return { nutrient, outcome: 'none', why, ledBy, rating, rate: perThousand, checks }
  const amount = onArea(nutrient, perThousand, feeding)
  return {
    nutrient,
    outcome: 'apply',
    why,
    ledBy,
    rating,
    rate: perThousand,
    amount,
    passes: passesOf(nutrient, perThousand, amount, feeding),
    checks,
  }
}

const onArea = (nutrient: Nutrient, perThousand: Rated['rate'], { area }: Feeding): Derived<`lb ${Nutrient}`> =>
  derive(`lb ${nutrient}`, 'rate * area / 1000', { rate: perThousand, area }, say('area.share'), 'arithmetic')

function checkOf(nutrient: Nutrient, own: Outcome<Rated>, lead: Rated, feeding: Feeding): NutrientCheck {
  if (!own.ok) return { ...ownLabel, refusal: own.refusal }
  const amount = onArea(nutrient, own.value.rate, feeding)
  const leading = lead.rate.value.v
  return { ...ownLabel, amount, difference: leading > 0 ? own.value.rate.value.v / leading - 1 : undefined }
}

function passesOf(
  nutrient: Nutrient,
  perThousand: Rated['rate'],
  amount: Derived<`lb ${Nutrient}`>,
  { crop }: Feeding,
): Passes<Nutrient> {
  const when = nutrient === 'N' ? (crop.nitrogen.dressings ?? []).map((dressing) => dressing.when) : []
  return split(nutrient, amount, perThousand, capOf(nutrient, crop), when)
}

const uncapped: Cap = { perPass: 1_000, interval: null, rule: say('cap.none') }

function capOf(nutrient: Nutrient, { use }: Crop): Cap {
  if (use === 'lawn')
    return {
      perPass: limits.turf.perPass[nutrient],
      interval: { days: limits.turf.daysApart },
      rule: say('cap.turf', { nutrient }),
    }
  return nutrient === 'N'
    ? { perPass: limits.bed.nitrogenPerPass, interval: { days: limits.turf.daysApart }, rule: say('cap.bed-nitrogen') }
    : uncapped
}
