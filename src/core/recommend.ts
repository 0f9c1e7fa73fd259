import { reportInForce } from './case/in-force'
import { bufferingOf } from './course/buffering'
import type { Buffering } from './needs/learned'
import { stillWorking } from './course/working'
import { learnedBy, learns } from './course/retests'
import { regionOf } from './calendar/own-region'
import { leadPH, lovesAcid, type Ground } from './needs/candidate'
import { isLeadFrom, leadClass } from './reading/lead'
import type { Case } from './case/case'
import type { Report } from './report/report'
import { type Choices } from './case/season'
import { inSeason, type AreaInSeason } from './case/in-season'
import { cautionsFor, type CautionSaid, type Circumstances } from './told/cautions'
import { cceField, fields, limeFields, moistureField, numberIn } from './report/fields'
import type { Size } from './ground/sized'
import type { Crop, Use } from './guides/crop'
import { type Guide, guideNamed, guideRef, type GuideRef } from './guides/guide'
import { limeScales } from './report/lime-scales'
import {
  feeds,
  isAcidifier,
  isFertilizer,
  isLime,
  productRef,
  type Fertilizer,
  type Product,
  type ProductRef,
} from './shelf/product'
import { productNamed } from './shelf/product-named'
import { shippedProducts, usual } from './shelf/products'
import { guideOf } from './case/guide-of'
import { isUntested, untested } from './case/untested'
import { withSchools } from './guides/schools'
import { takenFor, type Taken } from './guides/taken'
import { textures, type Texture, type TextureId } from './guides/soils'
import { chosenLime, stoneFor, type Stone } from './needs/lime/stone'
import { headline, isSalty, notMeasured, type Matters } from './told/headline'
import { oneFertilizer, type OneFertilizer } from './bags/one-fertilizer'
import { broughtBy, chosenFor, fedWith, type Bagged } from './bags/chosen'
import { takenMix } from './bags/taken'
import { groupOf, houseChoice } from './bags/house'
import type { Spread } from './bags/fertilizers'
import { housed } from './shelf/house'
import type { Feeding } from './needs/nutrients/method'
import { bansOn } from './calendar/ban'
import { anywhere, type Local } from './calendar/local'
import { byGuide, majorsOf, type Need } from './needs/need'
import { knewCreditsIn, letGoIn, printedForIn } from './needs/hold'
import { overrulingsIn, ownLevelIn } from './needs/overruled'
import { settingsOf, type Setting } from './needs/settings'
import { cornersOf, leastNeeded, type Needed } from './needs/between'
import { majorNeed } from './needs/nutrients/majors'
import { minorNeeds, type Around } from './needs/nutrients/minors'
import { plantingProblems, readPlanting } from './needs/nutrients/planting'
import { mixMinors, mixNeeds } from './needs/nutrients/soilless'
import { portionsOf, type Portion } from './needs/portions'
import { doseOf, reaction, straddles, type Reaction } from './needs/reaction'
import type { BaseSaturation } from './reading/bases'
import { reactionClass } from './reading/classify'
import { sodium } from './reading/salts'
import { readingLines, type ReadingLine } from './reading/lines'
import { doseDoubts, implausible, rateDoubts } from './needs/plausibility'
import type { Doubt } from './report/remedy'
import { nothingRead, readAreaSize, readDepth, readReport, type Problem, type ReadReport } from './reading/soil'
import { say, type Objection, type Outcome, type Sentence, type Bare } from './sentence/sentence'
import type { Text } from './sentence/text'
import { quarrels } from './told/several'
import { majorNutrients, type MajorNutrient, type Nutrient } from './units/quantity'
import type { Derived } from './units/workings'
import { check } from './units/typed'

/** Raised whenever the same case could give another number, or another day. */
export const coreVersion = '0.13.0'

export interface Recommendation {
  readonly core: string
  readonly areas: readonly AreaRecommendation[]
}

export interface AreaRecommendation {
  readonly areaId: string
  readonly guide: GuideRef | null
  readonly size: Outcome<Size>
  /** The crop that leads. */
  readonly cropId: string | null
  readonly crop: Crop | null
  /** Which rate this ground is spoken of in. */
  readonly use: Use
  readonly planted: boolean
  /** When ground like this is fed, where the guide says it of the whole year. */
  readonly season: Text | null
  /** Years to the next soil test, where nothing calls for it sooner. */
  readonly retestYears: number
  /** What can be said at all: null while size or crop is missing. */
  readonly answer: Answer | null
  /** The same ground for what else grows there, each by itself. */
  readonly others: readonly { readonly cropId: string; readonly crop: Crop; readonly answer: Answer }[]
  /** Where the crops of one area want different things. */
  readonly quarrels: readonly Objection[]
  /** What is missing before there is an answer. */
  readonly missing: readonly Missing[]
  readonly problems: readonly Problem[]
  /** What went wrong with us, where the area could not be computed for that. */
  readonly fault?: string
  /** What in the report can hardly be so; nothing is blocked. */
  readonly doubts: readonly Doubt[]
}

/** What an answer waits for, and the station where it is typed. */
export interface Missing {
  readonly station: 'ground' | 'results'
  readonly sentence: Sentence
}

const lacking = (station: Missing['station'], key: Bare): Missing => ({ station, sentence: say(key) })

/** Numbers, and why they are what they are: enough for whoever computes on. */
export interface Figures extends Bagged {
  readonly pH: number | null
  readonly reaction: Reaction
  readonly stone: Stone
  /** N, P₂O₅ and K₂O; lime or sulfur where that is a question; Mg, Ca, S and micronutrients where they are called for. */
  readonly needs: readonly Need[]
  /** Every value of the report as this crop sees it. */
  readonly reading: readonly ReadingLine[]
  /** The bases on the exchange, as far as they were tested. */
  readonly bases: readonly BaseSaturation[]
  /** The shares in which this ground can be dosed. */
  readonly portions: readonly Portion[]
  /** Figures further apart than this share of the leading one are far apart, by the guide. */
  readonly spread: number
}

/** What is said of the figures. */
export interface Told {
  readonly reactionClass: Text | null
  /** What the figures go by that an advisor may put something in the place of. */
  readonly settings: readonly Setting[]
  /** Where practitioners disagree: what was followed here. */
  readonly schools: readonly Taken[]
  /** What matters most, in one or two sentences. */
  readonly headline: readonly Sentence[]
  /** The same around the word on the ground's pH, for whoever says that in full. */
  readonly matters: Pick<Matters, 'ahead' | 'after'>
  /** Why no more sulfur goes on, where some did. */
  readonly stopped: Sentence | null
  readonly cautions: readonly CautionSaid[]
  /** What the report does not say and would change the answer. */
  readonly notMeasured: readonly Sentence[]
}

export type Answer = Figures & Told

/**
 * The one way in: what every area of a case needs. Pure and deterministic; knows no clock.
 *
 * @param kase the case as kept
 * @param guides the guides its areas are pinned to
 * @param products the products that it names, the office's own among them
 * @param local what the office has settled for all of its cases
 */
export const recommend = (
  kase: Case,
  guides: readonly Guide[],
  products: readonly Product[] = shippedProducts,
  local: Local = anywhere,
): Recommendation => ({
  core: coreVersion,
  areas: kase.areas.map((area) => recommendOrSay(kase, inSeason(area, kase.season), guides, products, local)),
})

/** A case is kept whatever is in it: an area that cannot be computed says so, and takes no other with it. */
function recommendOrSay(
  kase: Case,
  area: AreaInSeason,
  guides: readonly Guide[],
  products: readonly Product[],
  local: Local,
): AreaRecommendation {
  try {
    return recommendArea(kase, area, guides, products, local)
  } catch (error) {
    const fault = String(error)
    const missing: Missing = { station: 'ground', sentence: say('missing.answer', { fault }) }
    return {
      areaId: area.id,
      guide: null,
      size: { ok: false, refusal: missing.sentence },
      cropId: null,
      crop: null,
      use: 'bed',
      planted: false,
      season: null,
      retestYears: guideOf(undefined, kase, guides).sampling.retestYears,
      answer: null,
      others: [],
      quarrels: [],
      missing: [missing],
      fault,
      problems: [],
      doubts: [],
    }
  }
}

function recommendArea(
  kase: Case,
  area: AreaInSeason,
  guides: readonly Guide[],
  products: readonly Product[],
  local: Local,
): AreaRecommendation {
  const { guide, crop, report, read, size } = lookAt(kase, area, guides)
  const { lead, others } = answersFor(kase, area, products, local, { guide, crop, report, read, size })
  const doubts = implausible(read, report, guide)
  return {
    areaId: area.id,
    guide: guide && guideRef(guide),
    size,
    cropId: crop && area.crop,
    crop,
    use: spokenAs(crop, size),
    planted: isPlanted(area, crop),
    season: crop?.nitrogen.season && !area.newLawn ? guide!.windows.dates[crop.nitrogen.season]!.label : null,
    retestYears: guideOf(area, kase, guides).sampling.retestYears,
    answer: lead,
    others,
    quarrels: lead && others.length > 0 ? quarrels([{ crop: crop!, answer: lead }, ...others]) : [],
    missing: missingOf(area, size, guide, crop, report),
    problems: [...problemsOf(area, crop, size, read, products), ...mixProblems(kase, area, products)],
    doubts: lead
      ? [...doubts, ...doseDoubts(lead.reaction, guide!.limits), ...rateDoubts(read, report!, crop!)]
      : doubts,
  }
}

/** Ground from half an acre on is spoken of by the acre, whatever grows there. Source: common practice. */
const fieldFrom = 21_780

const spokenAs = (crop: Crop | null, size: Outcome<Size>): Use =>
  crop?.use === 'bed' && size.ok && size.value.area.value.v >= fieldFrom ? 'plot' : (crop?.use ?? 'bed')

/** The answer for the crop that leads and for each of the others; none while something is missing. */
function answersFor(
  kase: Case,
  area: AreaInSeason,
  products: readonly Product[],
  local: Local,
  { guide, crop, report, read, size }: ReturnType<typeof lookAt>,
): { readonly lead: Answer | null; readonly others: AreaRecommendation['others'] } {
  if (!size.ok || !crop || !guide || !report) return { lead: null, others: [] }
  const of = (cropId: string, one: Crop) => {
    const seen = asPrintedFor(kase, area, cropId, { report, read })
    return answer({ kase, area, guide, products, local, ...seen, size: size.value, cropId, crop: one })
  }
  const others = area.otherCrops.flatMap((cropId) => {
    const other = cropIn(guide, cropId)
    return other && cropId !== area.crop ? [{ cropId, crop: other, answer: of(cropId, other) }] : []
  })
  return { lead: of(area.crop!, crop), others }
}

/** A report as one of several crops sees it: figures that were printed for another are none of its own. */
function asPrintedFor<Seen extends { readonly report: Report; readonly read: ReadReport }>(
  { decisions }: Case,
  { id }: AreaInSeason,
  cropId: string,
  seen: Seen,
): Seen {
  const printedFor = printedForIn(decisions, id, seen.report.id)
  if (!printedFor || printedFor === cropId) return seen
  const report = { ...seen.report, recommends: untested.recommends }
  return { ...seen, report, read: { ...seen.read, recommends: nothingRead.recommends } }
}

const missingOf = (
  area: AreaInSeason,
  size: Outcome<Size>,
  guide: Guide | null,
  crop: Crop | null,
  report: Report | null,
): Missing[] => [
  ...(size.ok ? [] : [lacking('ground', 'missing.size')]),
  ...(crop
    ? []
    : [lacking('ground', guide ? (area.crop ? 'missing.crop-in-guide' : 'missing.crop') : 'missing.guide')]),
  ...(report && report !== untested ? [] : [lacking('results', 'missing.report')]),
]

/** What an area refers to, as far as it is there. */
function lookAt(kase: Case, area: AreaInSeason, guides: readonly Guide[]) {
  const pinned = guideNamed(guides, area.guide)
  const guide = pinned ? withSchools(pinned, kase.schools) : null
  const crop = cropIn(guide, area.crop)
  const typed = reportInForce(kase, area) ?? null
  // Mix without soil is fed by its extract alone.
  const report = typed ?? (crop && isPotted(crop) ? null : untested)
  const read: ReadReport = typed
    ? readReport(typed, area)
    : { ...nothingRead, soil: { texture: area.texture ?? undefined } }
  return { guide, crop, report, read, size: readAreaSize(area, kase, crop) }
}

/** The buffering of an area as a report of it has it; undefined while size, guide or crop is missing. */
export function bufferingAt(
  kase: Case,
  areaId: string,
  report: Report,
  guides: readonly Guide[],
  products: readonly Product[],
): Buffering | undefined {
  const area = inSeason(
    kase.areas.find(({ id }) => id === areaId)!,
    kase.season,
  )
  const asked = askedOf(kase, { ...area, reportId: report.id }, guides, products)
  return asked ? bufferingIn(asked) : undefined
}

/** A product of the shelf, as if it alone did the whole job on an area. */
export interface OnShelf {
  readonly id: ProductRef
  readonly material: Fertilizer
  readonly mix: OneFertilizer | null
}

/** The ground of an area as it is fed; undefined while size, guide or crop is missing. */
export function feedingFor(
  kase: Case,
  area: AreaInSeason,
  guides: readonly Guide[],
  products: readonly Product[],
  local: Local,
): Feeding | undefined {
  const { guide, crop, read, size } = lookAt(kase, area, guides)
  return guide && crop && size.ok
    ? feedingOf({ kase, area, guide, products, local, read, size: size.value, crop })
    : undefined
}

/** Every fertilizer measured out by the needs of an area; none while it has no answer. */
export function shelfFor(
  kase: Case,
  area: AreaInSeason,
  { answer: found }: AreaRecommendation,
  guides: readonly Guide[],
  products: readonly Product[] = shippedProducts,
  local: Local = anywhere,
): OnShelf[] {
  const feeding = found && feedingFor(kase, area, guides, products, local)
  if (!feeding) return []
  return products.filter(isFertilizer).map((material) => {
    const mix = oneFertilizer(material, material.bagLb, { ...area.materials, meets: null }, majorsOf(found), feeding)
    return { id: productRef(material), material, mix: mix.ok ? mix.value : null }
  })
}

const cropIn = (guide: Guide | null, id: string | null): Crop | null =>
  guide && id !== null && Object.hasOwn(guide.crops, id) ? guide.crops[id]! : null

interface Asked {
  readonly kase: Case
  readonly area: AreaInSeason
  readonly guide: Guide
  readonly products: readonly Product[]
  readonly local: Local
  readonly report: Report
  readonly read: ReadReport
  readonly size: Size
  readonly cropId: string
  readonly crop: Crop
}

/** The figures alone of the crop that leads each area, without a word; null where there is no answer. */
export const figures = (
  kase: Case,
  guides: readonly Guide[],
  products: readonly Product[] = shippedProducts,
): readonly (Figures | null)[] =>
  kase.areas.map((one) => {
    const area = inSeason(one, kase.season)
    const asked = askedOf(kase, area, guides, products)
    return asked && figuresOf(placed(asked))
  })

/**
 * What the first area needs by one report and another in the place of its own, for whoever asks thousands of times. What
 * earlier tests taught of the ground is taken as it is. Null where there is no answer.
 */
export function neededBy(
  kase: Case,
  guides: readonly Guide[],
  products: readonly Product[],
): ((report: Report) => Needed) | null {
  const [first] = kase.areas
  const asked = first && askedOf(kase, inSeason(first, kase.season), guides, products)
  if (!asked) return null
  const learned = learnedIn(asked)
  return (report) => leastOf(placed({ ...asked, report, read: readReport(report, asked.area) }, learned))
}

/** What is asked of the crop that leads an area; null while something is missing. */
function askedOf(kase: Case, area: AreaInSeason, guides: readonly Guide[], products: readonly Product[]): Asked | null {
  const { size, crop, guide, report, read } = lookAt(kase, area, guides)
  if (!size.ok || !crop || !guide || !report) return null
  const seen = asPrintedFor(kase, area, area.crop!, { report, read })
  return { kase, area, guide, products, local: anywhere, ...seen, size: size.value, cropId: area.crop!, crop }
}

function answer(asked: Asked): Answer {
  const known = placed(asked)
  const found = figuresOf(known)
  const { pH, reaction: ph, stone, needs, fertilizer, mixed, house, filled, reading, bases, portions, spread } = found
  const {
    reactionClass: word,
    schools,
    headline: first,
    matters,
    stopped,
    cautions,
    notMeasured: open,
    settings,
  } = told(known, found)
  // One by one: objects that are spread into others are the slowest part of an answer.
  return {
    pH,
    reaction: ph,
    stone,
    needs,
    fertilizer,
    mixed,
    house,
    filled,
    reading,
    bases,
    portions,
    spread,
    settings,
    reactionClass: word,
    schools,
    headline: first,
    matters,
    stopped,
    cautions,
    notMeasured: open,
  }
}

/** What is asked, with what follows of the ground before any figure. */
interface Placed {
  readonly asked: Asked
  readonly stone: Stone
  readonly ground: Ground
  readonly feeding: Feeding
}

function placed(asked: Asked, learned: Ground['learned'] = learnedIn(asked)): Placed {
  const stone = stoneFor(asked.read, asked.report, asked.guide)
  return { asked, stone, ground: { ...groundOf(asked, stone), learned }, feeding: feedingOf(asked) }
}

/** What the tests up to the report taught of the ground. */
function learnedIn(asked: Asked): Ground['learned'] {
  const { kase, area, products, report, size } = asked
  if (!learns(kase)) return {}
  return learnedBy(kase, area, report, size.area.value.v, regionOf(kase), products, (older) =>
    bufferingIn({ ...asked, report: older, read: readReport(older, area) }),
  )
}

/** The buffering of the ground that is asked about. */
const bufferingIn = (asked: Asked): Buffering =>
  bufferingOf(asked.read, asked.report, groundOf(asked, stoneFor(asked.read, asked.report, asked.guide)))

/** What is needed, and what the report says; over what a report leaves open the least. */
function leastOf(known: Placed): Needed & Pick<Figures, 'reading'> {
  const { asked } = known
  const at = (report: Report) =>
    neededAt(placed({ ...asked, report, read: readReport(report, asked.area) }, known.ground.learned))
  const middle = neededAt(known)
  return { ...middle, ...leastNeeded(middle, cornersOf(asked.report).map(at)) }
}

function figuresOf(known: Placed): Figures {
  const { asked, stone, feeding } = known
  const { read, size } = asked
  const { reaction: ph, needs, reading } = leastOf(known)
  const majors = majorsOf({ needs })
  const fertilizer = fertilizerFor(asked, feeding, majors)
  const mixed = takenMix(asked.kase, asked.area.id, asked.products, majors, feeding) ?? null
  return {
    pH: read.soil.pH?.v ?? null,
    reaction: ph,
    stone,
    needs,
    fertilizer,
    mixed,
    ...byHouse(asked, feeding, majors, mixed, fertilizer),
    reading,
    bases: read.bases,
    portions: portionsOf(size, feeding.planting),
    spread: asked.guide.limits.spread,
  }
}

/** What the office's fertilizers make of what is needed, alone and beside what was chosen. */
function byHouse(
  { products, local }: Asked,
  feeding: Feeding,
  needs: readonly Need<MajorNutrient>[],
  mixed: Answer['mixed'],
  fertilizer: Answer['fertilizer'],
): Pick<Figures, 'house' | 'filled'> {
  const fertilizers = housed(local.house, groupOf(feeding), products)
  const choose = (there: readonly Spread[]) => houseChoice(fertilizers, there, needs, feeding)
  const chosen = chosenSpreads(mixed, fertilizer)
  return {
    // A mix can become stale by what another area needs.
    house: chosen.length === 0 || mixed ? choose([]) : null,
    filled: chosen.length > 0 ? choose(chosen) : null,
  }
}

/** What was chosen and may go here. */
function chosenSpreads(mixed: Answer['mixed'], fertilizer: Answer['fertilizer']): readonly Spread[] {
  const { mix, one } = chosenFor({ mixed, fertilizer })
  const chosen = mix?.products ?? (one ? [{ material: one.material, ...one.mix }] : [])
  return chosen.map(({ material, amount, rate }) => ({ material, amount, rate, slow: material.feeding.slowNitrogen }))
}

function neededAt({ asked, ground, feeding }: Placed): Needed & Pick<Figures, 'reading'> {
  const { guide, report, read, crop } = asked
  const ph = reaction(read, report, ground)
  const reading = readingLines(read, report, guide, crop)
  const potted = isPotted(crop)
  const lead = reading.find(({ id }) => id === 'lead')?.className
  const noFood = crop.edible && isLeadFrom(lead, 'no-food')
  const barred = noFood || (crop.leafyOrRoot === true && isLeadFrom(lead, 'precaution'))
  const barredBy = noFood ? 'nutrient.lead' : 'nutrient.lead-leafy'
  const fed = withLime(feeding, ph)
  const salty = isSalty(reading) || (!potted && sodium(read).sodic)
  const whole = potted
    ? mixNeeds(reading, feeding)
    : majorNutrients.map((nutrient) => (barred ? notGrown(nutrient, barredBy) : majorNeed(nutrient, report, fed)))
  const majors = salty ? whole.map(untilLeached) : whole
  const stoneOn = ph.outcome === 'lime' ? ground.choices.lime.material.liming.stone : null
  const others = barred ? [] : potted ? mixMinors(reading, feeding) : minorsFor(asked, feeding, whole[0]!, stoneOn)
  const minors = salty ? others.map(untilLeached) : others
  return { reading, reaction: ph, needs: [...majors, ...(ph.need ? [ph.need] : []), ...minors] }
}

/** Ash that goes on as lime feeds as well. */
function withLime(feeding: Feeding, ph: Reaction): Feeding {
  const dose = doseOf(ph)
  const material = dose?.product.material
  return dose && isLime(material) && material.liming.brings
    ? { ...feeding, lime: { material, rate: dose.rate as Derived<'lb product/1000 ft²'> } }
    : feeding
}

/** Salty ground is fed nothing before it is leached; what it would be given stands beside that. */
function untilLeached<Of extends Nutrient>(need: Need<Of>): Need<Of> {
  if (need.outcome !== 'apply' && need.outcome !== 'by-label') return need
  const { of, rating, amount, lead, checks, overruled } = need
  const { id, label } = lead ?? byGuide
  const beside = { id, label, amount, remarks: [] }
  return {
    of,
    rating,
    lead,
    outcome: 'none',
    barred: 'salts',
    why: say('nutrient.salts'),
    overruled,
    checks: amount ? [beside, ...checks] : checks,
    remarks: [],
  }
}

/** Mix without soil, which is fed through the water by its extract. */
const isPotted = ({ phosphorusPotassium }: Crop) => phosphorusPotassium.method === 'by-extract'

function told({ asked, ground, feeding }: Placed, figures: Figures): Told {
  const { reaction: ph, needs, reading } = figures
  const { kase, area, guide, read, cropId, crop } = asked
  const majors = majorsOf({ needs })
  const potted = isPotted(crop)
  const bare = isUntested(asked.report)
  const first = headline(ph, majors, reading, {
    weak: area.concerns.includes('weak'),
    potted,
    sodic: sodium(read).sodic,
    untested: bare,
  })
  const { ahead, onPH } = first
  const stops = stopSulfur(asked)
  const after = [...first.after, ...stops, ...straddles(read, asked.report, ground)]
  return {
    reactionClass: read.soil.pH === undefined ? null : reactionClass(read.soil.pH),
    settings: settingsOf(ground, feeding, ph, majors, area.feeding),
    schools: takenFor(guide, kase.schools, cropId, crop.use, ph.outcome === 'lime'),
    headline: [...ahead, ...onPH, ...after],
    matters: { ahead, after },
    stopped: stops[0] ?? null,
    cautions: cautionsFor({
      feeding,
      reaction: ph,
      reading,
      needs,
      lime: ground.choices.lime.material,
      ...inBags(figures),
    }),
    notMeasured: potted || bare ? [] : notMeasured(ph, majors, read),
  }
}

/** The fertilizers that an area is given, and what they bring. */
function inBags(figures: Figures): Pick<Circumstances, 'fertilizers' | 'supplies'> {
  const { mixed, fertilizer } = figures
  const fed = fedWith(figures, false)
  const named = fed.named?.products.map(({ material }) => material) ?? []
  // What was chosen and may not go here keeps its cautions.
  const chosen = mixed ? mixed.products.map(({ material }) => material) : fertilizer ? [fertilizer.material] : []
  const brought = mixed?.supplies ?? (fertilizer?.mix.ok ? fertilizer.mix.value.supplies : undefined)
  return {
    fertilizers: [...new Set([...chosen, ...named])],
    supplies: fed.mix || fed.one || !brought ? broughtBy(fed) : brought,
  }
}

/** An acid lover at the low end of its span, of itself or after sulfur, gets no more. Source: common practice. */
const nearLowEnd = 0.3

function isStopped({ kase, area, read, crop }: Pick<Asked, 'kase' | 'area' | 'read' | 'crop'>): boolean {
  const pH = read.soil.pH?.v
  const { low } = crop.pH
  if (!crop.acidRequiring || pH === undefined || pH > low + nearLowEnd) return false
  return pH < low || isSulfured(kase, area)
}

const isSulfured = ({ applications }: Case, { id }: AreaInSeason): boolean =>
  applications.some(({ areaId, what, done }) => areaId === id && what === 'sulfur' && done !== 'skipped')

/** Said where some was given: elsewhere there is nothing to stop. */
function stopSulfur(asked: Pick<Asked, 'kase' | 'area' | 'read' | 'crop'>): Sentence[] {
  const { kase, area, read, crop } = asked
  if (!isStopped(asked) || !isSulfured(kase, area)) return []
  const { low, high } = crop.pH
  return [say('headline.stop-sulfur', { pH: read.soil.pH!.v, low, high, crop: crop.label })]
}

/** It holds lead above precaution. */
function isLeaded({ guide, report, read }: Pick<Asked, 'guide' | 'report' | 'read'>): boolean {
  const found = read.lead === undefined ? undefined : leadClass(read.lead, report.leadBy, guide.limits)
  return found?.ok === true && isLeadFrom(found.value, 'precaution')
}

/** Lead is bound above this pH: ground that holds some is limed to it where all that grows there stands it. */
function standsLeadPH({ area, guide }: Pick<Asked, 'area' | 'guide'>): boolean {
  const grown = [area.crop, ...area.otherCrops].flatMap((id) => cropIn(guide, id) ?? [])
  return grown.every((one) => !lovesAcid(one) && one.pH.high >= leadPH)
}

function groundOf({ kase, area, guide, products, report, read, size, crop }: Asked, stone: Stone): Ground {
  const leaded = isLeaded({ guide, report, read })
  const depth = readDepth(area)
  const overrulings = overrulingsIn(kase.decisions, area.id)
  return {
    area: size.area,
    crop,
    planted: isPlanted(area, crop),
    depth: depth.ok ? depth.value : undefined,
    climate: kase.climate,
    sandy: isSandy(read),
    leaded,
    againstLead: leaded && standsLeadPH({ area, guide }),
    organic: read.soil.texture !== undefined && textureOf(read.soil.texture).organic === true,
    limits: guide.limits,
    letGo: letGoIn(kase.decisions, area.id),
    overrulings,
    stoppedOn: isStopped({ kase, area, read, crop }) && report.date ? report.date : null,
    learned: {},
    working: stillWorking(kase, area.id, report.date, size.area.value.v, products),
    methods: guide.methods,
    choices: {
      lime: chosenLime(area.materials, stone, products),
      sulfur: chosenSulfur(area.materials, products),
    },
  }
}

function feedingOf({
  kase,
  area,
  guide,
  products,
  local,
  read,
  size,
  crop,
}: Pick<Asked, 'kase' | 'area' | 'guide' | 'products' | 'local' | 'read' | 'size' | 'crop'>): Feeding {
  const manure = productNamed(products, area.past.manure)
  const depth = readDepth(area)
  const overrulings = overrulingsIn(kase.decisions, area.id)
  return {
    area: size.area,
    crop,
    guide,
    settings: { ...area, feeding: ownLevelIn(overrulings) ?? area.feeding },
    bans: bansOn(area, crop.use, local.bans),
    planting: readPlanting(area, crop, size),
    past: area.past,
    ...(depth.ok && depth.value !== undefined && { depth: depth.value }),
    ...(feeds(manure) && { manure }),
    read,
    letGo: letGoIn(kase.decisions, area.id),
    overrulings,
    creditsKnown: area.reportId !== null && knewCreditsIn(kase.decisions, area.id, area.reportId),
    sandy: isSandy(read) || isLight(read, guide),
  }
}

const textureOf = (id: TextureId): Texture => textures[id]
const isSandy = ({ soil: { texture } }: ReadReport) => texture !== undefined && textureOf(texture).sandy

/** Ground of low CEC behaves like sand, unless somebody named its texture. Source: common practice. */
const isLight = ({ soil: { texture, textureByCec, cec } }: ReadReport, { limits }: Guide) =>
  (texture === undefined || textureByCec === true) && cec !== undefined && cec.v < limits.sandyBelowCec

/** Ground in which a crop should not grow, for the lead in it, is not fed for that crop. */
const notGrown = (of: MajorNutrient, why: 'nutrient.lead' | 'nutrient.lead-leafy'): Need<MajorNutrient> => ({
  of,
  outcome: 'none',
  barred: 'lead',
  why: say(why),
  checks: [],
  remarks: [],
})

function minorsFor(
  { area, guide, report }: Asked,
  feeding: Feeding,
  nitrogen: Need<MajorNutrient>,
  stone: Around['stone'],
) {
  const grown = [area.crop, ...area.otherCrops].map((id) => cropIn(guide, id))
  return minorNeeds({
    feeding,
    report,
    stone,
    nitrogen,
    boronHarms: area.past.beansNext || grown.some((one) => one?.boron === 'harms'),
  })
}

function fertilizerFor(
  { area: { materials }, products }: Asked,
  feeding: Feeding,
  needs: readonly Need<MajorNutrient>[],
): Answer['fertilizer'] {
  const material = productNamed(products, materials.fertilizer)
  if (!feeds(material)) return null
  const bagLb = numberIn(fields.bag, materials.fertilizerBag) ?? material.bagLb
  return { material, bagLb, mix: oneFertilizer(material, bagLb, materials, needs, feeding) }
}

/** Turf and standing plants cannot be dug; beds, plots and new lawns can, unless said otherwise. */
export const isPlanted = (area: Pick<AreaInSeason, 'ground' | 'newLawn'>, crop: Pick<Crop, 'use'> | null): boolean =>
  area.ground ? area.ground === 'planted' : crop?.use === 'planting' || (crop?.use === 'lawn' && !area.newLawn)

function chosenSulfur(choices: Choices, products: readonly Product[]): Ground['choices']['sulfur'] {
  const named = productNamed(products, choices.sulfur)
  const material = isAcidifier(named) ? named : usual.sulfur
  return { material, bagLb: numberIn(fields.bag, choices.sulfurBag) ?? material.bagLb }
}

/** Products that are chosen and not here, or do not do what they were chosen for. */
function productProblems({ materials, past }: AreaInSeason, products: readonly Product[]): Problem[] {
  const chosen = [
    ['lime', materials.lime, isLime],
    ['sulfur', materials.sulfur, isAcidifier],
    ['fertilizer', materials.fertilizer, feeds],
    ['past.manure', past.manure, feeds],
  ] as const
  return chosen.flatMap(([field, ref, serves]) =>
    ref === null || serves(productNamed(products, ref)) ? [] : [{ field, sentence: say('product.unknown', { ref }) }],
  )
}

/** Products of the mix that are not here. */
const mixProblems = ({ mix }: Case, { id }: AreaInSeason, products: readonly Product[]): Problem[] =>
  (mix?.takes ?? []).flatMap(({ areaId, product: ref }) =>
    areaId !== id || feeds(productNamed(products, ref))
      ? []
      : [{ field: 'mix', sentence: say('product.unknown', { ref }) }],
  )

function problemsOf(
  area: AreaInSeason,
  crop: Crop | null,
  size: Outcome<Size>,
  read: ReadReport,
  products: readonly Product[],
): Problem[] {
  const problem = (field: string, outcome: Outcome<unknown>): Problem[] =>
    outcome.ok ? [] : [{ field, sentence: outcome.refusal }]
  const { materials } = area
  const byValue = 'each' in limeScales[materials.limeScale]
  return [
    ...(area.size.text.trim() === '' ? [] : problem('size', size)),
    ...problem('depth', readDepth(area)),
    ...plantingProblems(area, crop),
    ...productProblems(area, products),
    ...read.problems,
    ...(byValue ? problem('limeEffective', check(limeFields[materials.limeScale], materials.limeEffective)) : []),
    ...(byValue ? [] : problem('limeSieves.cce', check(cceField, materials.limeSieves.cce))),
    ...(byValue ? [] : problem('limeSieves.moisture', check(moistureField, materials.limeSieves.moisture))),
    ...problem('limeBag', check(fields.bag, materials.limeBag)),
    ...problem('sulfurBag', check(fields.bag, materials.sulfurBag)),
    ...problem('fertilizerBag', check(fields.bag, materials.fertilizerBag)),
    ...problem('slowNitrogen', check(fields.slowNitrogen, materials.slowNitrogen)),
  ]
}
