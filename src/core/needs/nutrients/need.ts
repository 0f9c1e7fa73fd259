import type { Report } from '../../case/case'
import { laboratory } from '../candidate'
import { split, type Cap, type Passes } from '../../passes/split'
import { rate, type Rating } from '../../reading/classify'
import { refuse, say, type Outcome, type Sentence, type Text } from '../../told/sentence'
import type { MajorNutrient } from '../../units/quantity'
import { fromPrinted, type RateUnit } from '../../units/rates'
import { derive, type Derived } from '../../workings'
import type { Feeding, Rated } from './method'
import { classTable } from './methods/class-table'
import { minimumLevels } from './methods/minimum-levels'
import { nitrogen } from './methods/nitrogen'
import { triState } from './methods/tri-state'

export interface NutrientCheck {
  readonly id: string
  readonly label: Text
  readonly amount?: Derived<`lb ${MajorNutrient}`>
  readonly refusal?: Sentence
  readonly difference?: number
}

/** What an area needs of one nutrient in a year. */
export interface NutrientNeed {
  readonly nutrient: MajorNutrient
  readonly outcome: 'apply' | 'none' | 'unknown'
  readonly why: Sentence
  readonly ledBy?: { readonly id: string; readonly label: Text }
  readonly rating?: Rating
  readonly rate?: Derived<`lb ${MajorNutrient}/1000 ft²`>
  readonly amount?: Derived<`lb ${MajorNutrient}`>
  readonly passes?: Passes<MajorNutrient>
  readonly checks: readonly NutrientCheck[]
}

const ownLabel = { id: 'guide', label: { en: 'our own guide' } }

/**
 * The year's need of one nutrient: the laboratory's line where it has one, else the guide's. A ban on phosphorus comes
 * before both, and so does the limit on turf that has enough of it.
 */
export function nutrientNeed(nutrient: MajorNutrient, report: Report, feeding: Feeding): NutrientNeed {
  const { read, settings, guide } = feeding
  const rating = nutrient === 'N' ? undefined : rate(nutrient === 'P₂O₅' ? 'P' : 'K', read, report, guide)
  const rated = rating?.ok ? rating.value : undefined
  const refusal = rating?.ok === false ? rating.refusal : undefined
  if (nutrient === 'P₂O₅' && settings.phosphorusBanned)
    return { nutrient, outcome: 'none', why: say('nutrient.P-banned'), rating: rated, checks: [] }
  const own: Outcome<Rated> = refusal ? { ok: false, refusal } : ownRate(nutrient, rated, report, feeding)
  const printed = read.recommends[nutrient]
  if (printed === undefined) {
    if (!own.ok) return { nutrient, outcome: 'unknown', why: own.refusal, rating: rated, checks: [] }
    return need(nutrient, own.value, ownLabel, rated, [], feeding)
  }
  const lead: Rated = {
    rate: fromPrinted(nutrient, printed, report.recommends[nutrient].unit as RateUnit),
    why: say(printed > 0 ? 'nutrient.laboratory' : 'nutrient.laboratory-none'),
  }
  if (printed > 0 && nutrient === 'P₂O₅' && hasEnough(rated) && isTurf(feeding)) {
    const asked = { ...laboratory, amount: onArea(nutrient, lead.rate, feeding) }
    return { nutrient, outcome: 'none', why: say('nutrient.P-turf'), rating: rated, checks: [asked] }
  }
  return need(nutrient, lead, laboratory, rated, [checkOf(nutrient, own, lead, feeding)], feeding)
}

const hasEnough = (rating?: Rating) => rating?.className === 'optimum' || rating?.className === 'excess'
const isTurf = ({ crop, settings }: Feeding) => crop.use === 'lawn' && !settings.newLawn

function ownRate(
  nutrient: MajorNutrient,
  rating: Rating | undefined,
  report: Report,
  feeding: Feeding,
): Outcome<Rated> {
  const { crop, settings, read } = feeding
  const by = crop.phosphorusPotassium
  if (by.method === 'by-extract') return refuse('nutrient.by-extract')
  if (nutrient === 'N') return nitrogen(feeding)
  if (crop.use === 'lawn' && settings.newLawn) return classTable(nutrient, rating!, 'newLawn', feeding)
  switch (by.method) {
    case 'class-table':
      return classTable(nutrient, rating!, by.group, feeding)
    case 'tri-state':
      return triState(nutrient, rating!, by, read.soil, report.extractant)
    case 'minimum-levels': {
      if (nutrient === 'P₂O₅' && hasEnough(rating)) return classTable(nutrient, rating!, 'lawn', feeding)
      const fed = nitrogen(feeding)
      return fed.ok
        ? minimumLevels(nutrient === 'P₂O₅' ? 'P' : 'K', fed.value.rate as Derived<'lb N/1000 ft²'>, report, feeding)
        : fed
    }
  }
}

function need(
  nutrient: MajorNutrient,
  { rate: perThousand, why, dressings }: Rated,
  ledBy: NutrientNeed['ledBy'],
  rating: Rating | undefined,
  checks: readonly NutrientCheck[],
  feeding: Feeding,
): NutrientNeed {
  const led = { nutrient, why, ledBy, rating, rate: perThousand, checks }
  if (perThousand.value.v === 0) return { ...led, outcome: 'none' }
  const amount = onArea(nutrient, perThousand, feeding)
  const windows = nutrient === 'N' ? (dressings ?? feeding.crop.nitrogen.dressings ?? []) : []
  const when = windows.map((id) => feeding.guide.windows.dates[id]!.label)
  return {
    ...led,
    outcome: 'apply',
    amount,
    passes: split(nutrient, amount, perThousand, capOf(nutrient, feeding), when),
  }
}

const onArea = (
  nutrient: MajorNutrient,
  perThousand: Rated['rate'],
  { area }: Feeding,
): Derived<`lb ${MajorNutrient}`> =>
  derive(`lb ${nutrient}`, 'rate * area / 1000', { rate: perThousand, area }, say('area.share'), 'arithmetic')

function checkOf(nutrient: MajorNutrient, own: Outcome<Rated>, lead: Rated, feeding: Feeding): NutrientCheck {
  if (!own.ok) return { ...ownLabel, refusal: own.refusal }
  const amount = onArea(nutrient, own.value.rate, feeding)
  const leading = lead.rate.value.v
  return { ...ownLabel, amount, difference: leading > 0 ? own.value.rate.value.v / leading - 1 : undefined }
}

/** More than anybody would put on at once. */
const uncapped = 1_000

/** The most of one nutrient in one pass here, lb/1,000 ft², and how far apart. */
export function capOf(nutrient: MajorNutrient, { crop, guide, sandy, planting }: Feeding): Cap {
  const { turf, bed } = guide.limits
  const interval = { days: turf.daysApart }
  if (crop.use === 'lawn') return { perPass: turf.perPass[nutrient], interval, rule: say('cap.turf', { nutrient }) }
  if (nutrient === 'P₂O₅') return { perPass: uncapped, interval: null, rule: say('cap.none') }
  if (sandy) return { perPass: bed.onSand[nutrient], interval, rule: say('cap.on-sand', { nutrient }) }
  if (nutrient === 'K₂O') return { perPass: uncapped, interval: null, rule: say('cap.none') }
  const row = crop.nitrogen.unit === 'lb N/tree' ? undefined : crop.nitrogen.perHundredFeetOfRow
  const byRow = row !== undefined && planting.rowSpacing ? (row * 10) / planting.rowSpacing : Infinity
  return byRow < bed.nitrogenPerPass
    ? { perPass: byRow, interval, rule: say('cap.row-nitrogen', { row: row!, spacing: planting.rowSpacing! }) }
    : { perPass: bed.nitrogenPerPass, interval, rule: say('cap.bed-nitrogen') }
}
