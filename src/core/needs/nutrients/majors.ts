import { banOn } from '../../calendar/ban'
import { beyondMost, heldNeed } from '../hold'
import type { Report } from '../../report/report'
import { overruledRate, standing, tooMuch } from '../overruled'
import {
  byAdvisor,
  byGuide,
  byLaboratory,
  differenceFrom,
  lbNeeded,
  type Check,
  type Lead,
  type Need,
  type CreditName,
} from '../need'
import { noCap, split, splitInRows, type Cap, type RowCaps } from '../split'
import { rate as rateOf, type Rating } from '../../reading/classify'
import { isUntested } from '../../case/untested'
import { accept, refuse, say, type Outcome, type Refusal } from '../../sentence/sentence'
import type { MajorNutrient } from '../../units/quantity'
import { acre, fromPrinted, onArea, type RateUnit } from '../../units/rates'
import type { Derived } from '../../units/workings'
import { less, untoldCredits } from './credits'
import type { Feeding, Rated } from './method'
import { classTable } from './methods/class-table'
import { minimumLevels } from './methods/minimum-levels'
import { nitrogen } from './methods/nitrogen'
import { triState } from './methods/tri-state'
import { byUsualRatio } from './untested'

/**
 * The year's need of one nutrient: the laboratory's line where it has one, else the guide's. A ban on phosphorus comes
 * before both, and so does the limit on turf that has enough of it.
 */
export function majorNeed(nutrient: MajorNutrient, report: Report, feeding: Feeding): Need<MajorNutrient> {
  const found = unruled(nutrient, report, feeding)
  const word = feeding.overrulings(nutrient, 'amount')
  // A ban is no figure.
  if (!word || found.barred) return found
  const { id, label } = found.lead ?? byGuide
  const before = { id, label, amount: found.amount, remarks: [], ...(!found.amount && { refusal: found.why }) }
  const rate = overruledRate(nutrient, word, feeding.area)
  const why = say(rate.value.v > 0 ? 'overruled.why' : 'overruled.none')
  const checks = [before, ...found.checks.filter((one) => one.id !== id)].map((check) => ({
    ...check,
    difference: check.amount && differenceFrom((rate.value.v * feeding.area.value.v) / 1_000, check.amount.value.v),
  }))
  const ruled = need(nutrient, { rate, why }, byAdvisor, found.rating, checks, feeding)
  return { ...ruled, remarks: tooMuch(nutrient, rate.value.v), overruled: standing(word, lbNeeded(found)) }
}

function unruled(nutrient: MajorNutrient, report: Report, feeding: Feeding): Need<MajorNutrient> {
  const { read, guide } = feeding
  const rating = nutrient === 'N' ? undefined : rateOf(nutrient === 'P₂O₅' ? 'P' : 'K', read, report, guide)
  const rated = rating?.ok ? rating.value : undefined
  const blank = { of: nutrient, rating: rated, checks: [], remarks: [] }
  const ban = banOn(feeding.bans, nutrient)
  if (ban)
    return { ...blank, outcome: 'none', barred: 'ban', ban, why: say('nutrient.banned', { nutrient, name: ban.name }) }
  const asked: Outcome<Rated> = rating?.ok === false ? rating : ownRate(nutrient, rated, report, feeding)
  const own = asked.ok ? accept(lessBrought(nutrient, asked.value, feeding)) : asked
  const printed = read.recommends[nutrient]
  if (printed === undefined) {
    if (!own.ok) return { ...blank, outcome: 'unknown', ...unknownFor(nutrient, own, report, feeding) }
    return need(nutrient, own.value, byGuide, rated, [], feeding)
  }
  const asPrinted = fromPrinted(nutrient, printed, report.recommends[nutrient].unit as RateUnit)
  const { lead, credits } = lessUntold(nutrient, asPrinted, feeding)
  const check = checkOf(nutrient, own, lead, feeding)
  const against =
    printed > 0 && nutrient === 'P₂O₅' && hasEnough(rated) && isTurf(feeding)
      ? say('held.P-turf')
      : beyondMost(nutrient, asPrinted.value.v, feeding.crop)
  const letGo = against && feeding.letGo(nutrient, report.recommends[nutrient])
  if (against && !letGo) {
    const { id, label } = byLaboratory
    const asked = { id, label, amount: onArea(nutrient, asPrinted, feeding.area), remarks: [] }
    return { ...heldNeed(nutrient, against, [asked, { ...check, difference: undefined }]), rating: rated }
  }
  const found = { ...need(nutrient, lead, byLaboratory, rated, [check], feeding), ...(credits && { credits }) }
  return against && letGo ? { ...found, confirmed: { ...letGo, against } } : found
}

/** Why nobody can tell; of ground that was never tested with what practice would guess. */
function unknownFor(
  nutrient: MajorNutrient,
  { refusal, lacks }: Refusal,
  report: Report,
  feeding: Feeding,
): Pick<Need<MajorNutrient>, 'why' | 'lacks' | 'checks'> {
  const guess = nutrient !== 'N' && isUntested(report) ? byUsualRatio(nutrient, feeding) : undefined
  if (!guess) return { why: refusal, lacks, checks: [] }
  return {
    why: say(isTurf(feeding) && nutrient === 'P₂O₅' ? 'untested.P-turf' : 'untested.guess'),
    lacks,
    checks: [guess],
  }
}

/** A laboratory's figure, less what it was not told of; as it stands where somebody says that it was. */
function lessUntold(
  nutrient: MajorNutrient,
  asPrinted: Rated['rate'],
  feeding: Feeding,
): { readonly lead: Rated; readonly credits: Need['credits'] } {
  const stands = say(asPrinted.value.v > 0 ? 'nutrient.laboratory' : 'nutrient.laboratory-none')
  const untold = asPrinted.value.v > 0 ? untoldCredits(nutrient, feeding) : {}
  const names = Object.keys(untold) as CreditName[]
  if (names.length === 0) return { lead: { rate: asPrinted, why: stands }, credits: undefined }
  const taken = !feeding.creditsKnown
  const credits = { names, taken }
  if (!taken) return { lead: { rate: asPrinted, why: stands }, credits }
  const why = say('nutrient.laboratory-less', { credits: names.join(' ') })
  const rate = less(nutrient, asPrinted, untold, why, 'practice')
  return { lead: { rate, why }, credits }
}

/** Phosphate and potash that manure, compost or ash bring this season are not given again; of nitrogen its method knows. */
function lessBrought(nutrient: MajorNutrient, rated: Rated, feeding: Feeding): Rated {
  const brought = nutrient === 'N' ? {} : untoldCredits(nutrient, feeding)
  const names = Object.keys(brought)
  if (names.length === 0 || rated.rate.value.v === 0) return rated
  const why = say('nutrient.less-brought', { credits: names.join(' ') })
  const rate = less(nutrient, rated.rate, brought, why, 'practice')
  return { ...rated, rate, why }
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
      return triState(nutrient, rating!, by, read.soil, report.extractant, feeding.planting.expectedYield)
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
  { rate, why, noneFor, dressings }: Rated,
  lead: Lead,
  rating: Rating | undefined,
  checks: readonly Check<MajorNutrient>[],
  feeding: Feeding,
): Need<MajorNutrient> {
  if (rate.value.v === 0)
    return { of: nutrient, outcome: 'none', why, lead, rating, rate, checks, remarks: [], ...(noneFor && { noneFor }) }
  const amount = onArea(nutrient, rate, feeding.area)
  const windows = nutrient === 'N' ? (dressings ?? feeding.crop.nitrogen.dressings ?? []) : []
  const dated = windows.map((id) => ({ id, label: feeding.guide.windows.dates[id]!.label }))
  const rows = nutrient === 'N' && dated.length > 1 ? rowCaps(feeding) : undefined
  const passes = rows
    ? splitInRows(nutrient, amount, rate, rows, nutrient, dated)
    : split(nutrient, amount, rate, capOf(nutrient, feeding), nutrient, dated)
  return { of: nutrient, outcome: 'apply', why, lead, rating, rate, amount, passes, checks, remarks: [] }
}

function checkOf(nutrient: MajorNutrient, own: Outcome<Rated>, lead: Rated, feeding: Feeding): Check<MajorNutrient> {
  const { id, label } = byGuide
  if (!own.ok) return { id, label, refusal: own.refusal, remarks: [] }
  const amount = onArea(nutrient, own.value.rate, feeding.area)
  const difference = differenceFrom(lead.rate.value.v, own.value.rate.value.v)
  return { id, label, amount, difference, remarks: [] }
}

/** lb K₂O an acre in one pass on food plots. Source: common practice. */
const potashOnPlots = 150

/** Days from one dressing of a bed to the next, at the least: three to four weeks. Source: common practice. */
const dressingsApart = 21

/** The most of one nutrient in one pass here, lb/1,000 ft², and how far apart. */
export function capOf(nutrient: MajorNutrient, { crop, guide, sandy, settings }: Feeding): Cap {
  const { turf, bed } = guide.limits
  const interval = { days: crop.use === 'lawn' ? turf.daysApart : dressingsApart }
  // What grass is sown on is worked in at once; what a tree gets in spring is one dressing.
  if (crop.use === 'lawn' && settings.newLawn && nutrient !== 'N') return noCap
  if (nutrient === 'N' && crop.nitrogen.unit === 'lb N/tree') return { ...noCap, interval }
  if (crop.use === 'lawn') return { perPass: turf.perPass[nutrient], interval, rule: say('cap.turf', { nutrient }) }
  if (nutrient === 'P₂O₅') return noCap
  if (nutrient === 'K₂O' && crop.use === 'plot')
    return { perPass: potashOnPlots / acre.value.v, interval, rule: say('cap.plot-potash') }
  if (sandy) return { perPass: bed.onSand[nutrient], interval, rule: say('cap.on-sand', { nutrient }) }
  if (nutrient === 'K₂O') return noCap
  return { perPass: bed.nitrogenPerPass, interval, rule: say('cap.bed-nitrogen') }
}

/** Windows of crops that are side-dressed once. Source: common practice. */
const onceBeside = 'side-dress-corn'

/** The caps of nitrogen where it goes beside rows whose distance is known. */
export function rowCaps(feeding: Feeding): RowCaps | undefined {
  const { crop, planting } = feeding
  const row = 'perHundredFeetOfRow' in crop.nitrogen ? crop.nitrogen.perHundredFeetOfRow : undefined
  const once = crop.nitrogen.dressings?.at(-1) === onceBeside
  if (row === undefined || (!planting.rowSpacing && !once)) return undefined
  const bed = capOf('N', feeding)
  const { rowSpacing } = planting
  const byRow = rowSpacing ? (row * 10) / rowSpacing : Infinity
  const beside: Cap =
    byRow < bed.perPass && rowSpacing
      ? { perPass: byRow, interval: bed.interval, rule: say('cap.row-nitrogen', { row, spacing: rowSpacing }) }
      : bed
  return { planting: bed, beside, once }
}
