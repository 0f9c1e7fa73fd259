import { aimOf, laboratory, limeAimOf, limeBelow, limeDepth, lovesAcid, type Candidate, type Ground } from './candidate'
import type { Report } from '../report/report'
import type { Overruling } from '../case/decisions'
import { ownCapIn, standing, tooMuch, withoutWord } from './overruled'
import {
  byAdvisor,
  byGuide,
  byLaboratory,
  differenceFrom,
  isApplied,
  type Applied,
  type Check,
  type Lead,
  type Need,
} from './need'
import { beyondMost, heldNeed } from './hold'
import { onArea, rateUnits, type RateUnit } from '../units/rates'
import { usual } from '../shelf/products'
import { limeCandidates, limeCap } from './lime/candidates'
import { split, type Cap } from './split'
import { sodium } from '../reading/salts'
import type { ReadReport } from '../reading/soil'
import type { Standing } from '../sentence/args'
import { say, type Sentence, toClient } from '../sentence/sentence'
import { sulfurCandidates, sulfurCap, sulfurIn } from './sulfur/candidates'
import { caCO3PerSulfur, poundsPerTon, sqFtPerAcre } from '../units/factors'
import { quantity } from '../units/quantity'
import { derive, given, type Derived } from '../units/workings'
import { ordinary } from './lime/product'

/** A rough check agrees while it is no further off than this share. Source: common practice. */
export const roughSpread = 0.4

/**
 * `do-not`: what one would expect does harm here; `not-here`: it would be in vain on this ground; `leave`: all is well,
 * or well enough; `check`: the laboratory's figure goes against the reading, or beyond any, and waits for a word.
 */
export type Direction = 'lime' | 'sulfur' | 'leave' | 'do-not' | 'not-here' | 'unknown' | 'check'

/** Why the ground is as it should be, or what is done about it. */
export type Because =
  | 'acid'
  | 'too-high'
  | 'fits'
  | 'high'
  | 'low-for-acid-lover'
  | 'low-on-organic-soil'
  | 'sodic'
  | 'free-lime'
  | 'too-alkaline'
  | 'no-pH'
  | 'mix'
  | 'laboratory'
  | 'laboratory-alone'
  | 'laboratory-none'
  | 'laboratory-against'
  | 'asked-for-both'
  | 'method-gives-none'
  | 'no-figure'
  | 'still-working'
  | 'lead'
  | 'overruled'

/** Lime, sulfur, or neither. */
export interface Reaction {
  readonly outcome: Direction
  readonly because: Because
  readonly why: Sentence
  /** What it comes to: given, not given, or not known, with the figures that stand beside it. */
  readonly need?: Need<'lime' | 'sulfur'>
}

/** A view of the ground's pH, before any figure. */
type View = Pick<Reaction, 'outcome' | 'because' | 'why'>

const guideLine = { id: byGuide.id, label: byGuide.label }

const notGiven = (
  of: 'lime' | 'sulfur',
  outcome: 'none' | 'unknown',
  why: Sentence,
  checks: readonly Check<'product'>[],
  lead?: Lead,
): Need<'lime' | 'sulfur'> => ({ of, outcome, why, lead, checks, remarks: [] })

/**
 * What the ground's pH asks for. The laboratory's own line leads where it has one, and the guide stands beside it as a
 * check; a laboratory that asks for lime and sulfur at once is not followed in either.
 */
export function reaction(read: ReadReport, report: Report, ground: Ground): Reaction {
  if (ground.crop.use === 'container') return inMix(read, ground)
  const stopped = stoppedWord(ground)
  if (stopped) return stillStopped(stopped, unruled(read, report, withoutWord(ground, 'amount')))
  const direction = (['lime', 'sulfur'] as const).find((of) => ground.overrulings(of, 'amount'))
  if (direction) return forced(direction, read, report, ground)
  const found = unruled(read, report, ground)
  const { need } = found
  const word = need && ground.overrulings(need.of, 'method')
  if (!need || !word || need.lead?.id !== word.is.text) return found
  const instead = unruled(read, report, withoutWord(ground, 'method')).need?.amount?.value.v
  const led = { ...need, lead: { ...need.lead, by: 'overruled' as const }, overruled: standing(word, instead) }
  return { ...found, why: unled(found.why), need: { ...led, why: unled(need.why) } }
}

/** A sulfur figure of before the test that stops it: it gives none any more. One that was made in sight of the test stands. */
function stoppedWord({ overrulings, stoppedOn }: Ground) {
  const word = overrulings('sulfur', 'amount')
  return word && stoppedOn !== null && word.at.slice(0, 10) < stoppedOn ? word : undefined
}

const stillStopped = (word: Overruling, found: Reaction): Reaction =>
  found.outcome === 'lime'
    ? found
    : {
        ...found,
        need: {
          ...notGiven('sulfur', 'none', say('overruled.stopped'), []),
          overruled: { ...standing(word, 0), stopped: true },
        },
      }

/** What an advisor gives, whatever is read; what would have led stands beside it. */
function forced(of: 'lime' | 'sulfur', read: ReadReport, report: Report, ground: Ground): Reaction {
  const word = ground.overrulings(of, 'amount')!
  const found = unruled(read, report, withoutWord(ground, 'amount'))
  const given = found.need?.of === of ? found.need.amount?.value.v : undefined
  const instead = given ?? (found.outcome === 'unknown' || found.outcome === 'check' ? undefined : 0)
  const where = standingOf(read, ground)
  const view: View = { outcome: of, because: 'overruled', why: unled(found.why) }
  const objection = found.need?.of === of && found.need.amount ? undefined : found.why
  const made =
    of === 'lime'
      ? dosed('lime', view, limeCandidates(read, report, ground), ground, where, objection)
      : acidified(view, read, report, ground, where, objection)
  const most = of === 'lime' ? tooMuch('lime', made.need?.rate?.value.v ?? 0) : []
  const need = made.need && {
    ...made.need,
    remarks: [...most, ...made.need.remarks],
    overruled: standing(word, instead),
  }
  return made.because === 'method-gives-none'
    ? {
        outcome: 'leave',
        because: 'overruled',
        why: unled(found.why),
        need: need && { ...need, why: say('overruled.none') },
      }
    : { ...made, need: need && { ...need, why: say('overruled.why') } }
}

/** The word that the laboratory asks for it, where its figure does not lead. */
const unled = (why: Sentence): Sentence => ('leads' in why.args ? { ...why, args: { ...why.args, leads: false } } : why)

/** The same before anybody put another figure in its place. */
function unruled(read: ReadReport, report: Report, ground: Ground): Reaction {
  const { lime, sulfur } = read.recommends
  if (lime && sulfur) return { outcome: 'unknown', because: 'asked-for-both', why: say('reaction.both') }
  const where = standingOf(read, ground)
  const own = ownView(where, read, ground)
  const figures = (of: 'lime' | 'sulfur') =>
    of === 'lime' ? limeCandidates(read, report, ground) : sulfurCandidates(read, report, ground)
  const printed = lime ? 'lime' : sulfur ? 'sulfur' : undefined
  if (printed) {
    const against = speaksAgainst(printed, own, where, read, report, ground)
    const letGo = against && ground.letGo(printed, report.recommends[printed])
    if (against && !letGo) return checkFirst(printed, against, own, figures(printed), ground)
    const agrees = own.outcome === printed
    const why =
      printed === 'lime'
        ? say('reaction.laboratory-lime', { leads: true, agrees, pH: where?.pH, trigger: where?.trigger })
        : say('reaction.laboratory-sulfur', { leads: true, agrees, pH: where?.pH, high: where?.high })
    const view: View = { outcome: printed, because: agrees ? 'laboratory' : 'laboratory-alone', why }
    const objection = agrees ? undefined : own.why
    const found =
      printed === 'lime'
        ? dosed(printed, view, figures(printed), ground, where, objection)
        : acidified(view, read, report, ground, where, objection)
    return against && letGo && found.need
      ? { ...found, need: { ...found.need, confirmed: { ...letGo, against } } }
      : found
  }
  if (own.outcome === 'lime' || own.outcome === 'sulfur') {
    if (read.recommends[own.outcome] !== 0)
      return own.outcome === 'lime'
        ? dosed('lime', own, figures('lime'), ground, where)
        : acidified(own, read, report, ground, where)
    const checks = figures(own.outcome).map((one) => asCheck(one, ground))
    const why = say('reaction.laboratory-none', { direction: own.outcome })
    const beside = [{ ...guideLine, refusal: own.why, remarks: [] }, ...checks]
    const need = notGiven(own.outcome, 'none', why, beside, byLaboratory)
    return { outcome: 'leave', because: 'laboratory-none', why, need }
  }
  if (own.outcome !== 'not-here') return own
  const absurd = figures('sulfur').map((one) => asCheck(one, ground))
  return { ...own, need: notGiven('sulfur', 'none', own.why, absurd) }
}

/** Why the laboratory's line for lime or sulfur is not followed as it stands. */
function speaksAgainst(
  printed: 'lime' | 'sulfur',
  own: View,
  where: Standing | undefined,
  read: ReadReport,
  report: Report,
  ground: Ground,
): Sentence | undefined {
  const { crop } = ground
  const rate = read.recommends[printed]! * rateUnits[report.recommends[printed].unit as RateUnit]
  const beyond = beyondMost(printed, rate, crop)
  if (!where) return beyond
  if (printed === 'sulfur') {
    if (where.pH <= where.high) return say('held.sulfur-low', where)
    if (ground.leaded) return say('held.sulfur-lead', where)
    if (beyond) return beyond
    if (read.freeLime || where.pH > ground.limits.sulfur.notAbovePH) return say('held.sulfur-lime', where)
    return crop.acidRequiring ? undefined : say('held.sulfur-crop', where)
  }
  if (own.because === 'sodic') return say('held.lime-sodic', where)
  if (where.pH > where.high) return say('held.lime-high', where)
  return lovesAcid(crop) && where.pH >= where.trigger ? say('held.lime-acid-lover', where) : beyond
}

/** Nothing goes on until somebody has looked: the laboratory's figure, and what speaks against it. */
function checkFirst(
  of: 'lime' | 'sulfur',
  why: Sentence,
  own: View,
  candidates: readonly Candidate[],
  ground: Ground,
): Reaction {
  const [printed, ...methods] = candidates.map((one) => asCheck(one, ground))
  const ours = own.outcome === of ? methods : [{ ...guideLine, refusal: own.why, remarks: [] }]
  const need = heldNeed<'lime' | 'sulfur'>(of, why, [...(printed ? [printed] : []), ...ours])
  return { outcome: 'check', because: 'laboratory-against', why, need }
}

/**
 * Sulfur, or the salt that was settled on. Salts act at once but are hard on plants: beyond their cap, and aluminum
 * wherever food grows, sulfur takes their place.
 */
function acidified(
  view: View,
  read: ReadReport,
  report: Report,
  ground: Ground,
  where?: Standing,
  objection?: Sentence,
): Reaction {
  const { material } = ground.choices.sulfur
  const by = (on: Ground) => dosed('sulfur', view, sulfurCandidates(read, report, on), on, where, objection)
  const instead = (remark: Sentence): Reaction => {
    const prills = usual.sulfur
    const found = by({ ...ground, choices: { ...ground.choices, sulfur: { material: prills, bagLb: prills.bagLb } } })
    const { need } = found
    return isApplied(need) ? { ...found, need: { ...need, remarks: [remark, ...need.remarks] } } : found
  }
  if (material.acidifying.notOnFood && ground.crop.edible)
    return instead(say('sulfur.not-on-food', { material: material.label }))
  const found = by(ground)
  const most = material.acidifying.productPerPass
  return most !== undefined && isApplied(found.need) && found.need.rate.value.v > most
    ? instead(say('sulfur.salt-over', { material: material.label, most }))
    : found
}

/** Mix without soil has no lime or sulfur by the area; its pH is only judged. */
function inMix(read: ReadReport, { crop }: Ground): Reaction {
  const pH = read.soil.pH?.v
  if (pH === undefined) return { outcome: 'unknown', because: 'no-pH', why: say('reaction.no-pH') }
  const { low, high } = crop.pH
  const where = pH < low ? 'low' : pH > high ? 'high' : 'fits'
  return {
    outcome: where === 'fits' ? 'leave' : 'unknown',
    because: 'mix',
    why: say(`reaction.mix-${where}`, { pH, low, high, crop: crop.label }),
  }
}

/** The first figure there is, as the dose, and the others beside it; or our own guide's objection to any. */
function dosed(
  outcome: 'lime' | 'sulfur',
  view: View,
  candidates: readonly Candidate[],
  ground: Ground,
  where?: Standing,
  objection?: Sentence,
): Reaction {
  const lead = candidates.filter(hasRate).find((one) => !one.rough)
  if (!lead) {
    const refusal = candidates.find((one) => one.refusal)?.refusal
    const needsInput = where
      ? say(`reaction.${outcome}-needs-input`, { pH: where.pH, crop: where.crop })
      : say('reaction.no-pH')
    const why = refusal ?? needsInput
    const beside = candidates.map((one) => asCheck(one, ground))
    const need = notGiven(outcome, 'unknown', why, beside)
    return { outcome: 'unknown', because: 'no-figure', why, need: refusal ? need : { ...need, lacks: 'ground' } }
  }
  if (lead.rate.value.v === 0) {
    const beside = candidates.filter((one) => one !== lead).map((one) => asCheck(one, ground))
    // Without a pH it is the laboratory that asks for next to nothing.
    const why = where
      ? say('reaction.none-by-method', { pH: where.pH, crop: where.crop, method: lead.label })
      : say('reaction.laboratory-none', { direction: outcome })
    const need = notGiven(outcome, 'none', why, beside, leadOf(lead))
    return { outcome: 'leave', because: 'method-gives-none', why, need }
  }
  const less = lessWorking(lead, outcome, ground)
  if (less && less.rate.value.v <= trifle * lead.rate.value.v) {
    const beside = candidates.map((one) => asCheck(one, ground))
    const why = less.rate.rule
    const need = { ...notGiven(outcome, 'none', why, beside, leadOf(lead)), working: ground.working[outcome]! }
    return { outcome: 'leave', because: 'still-working', why, need }
  }
  const given = needOf(less ?? lead, outcome, view.why, ground, objection ? [] : candidates)
  const beside = objection
    ? [{ ...guideLine, refusal: objection, remarks: [] }]
    : candidates.filter((one) => one !== lead)
  const checks = beside.map((one) => asCheck(one, ground, given.amount))
  return { ...view, outcome, need: { ...given, checks, ...(less && { working: ground.working[outcome]! }) } }
}

/** A share of a figure that is not worth a walk over the ground. Source: common practice. */
const trifle = 0.05

/** A figure less what is still to come of what was put on shortly before the test; an advisor's own amount stands. */
function lessWorking<Of extends Candidate & { readonly rate: Derived<'lb product/1000 ft²'> }>(
  lead: Of,
  of: 'lime' | 'sulfur',
  { working, choices }: Ground,
): Of | undefined {
  const still = working[of]
  if (!still || lead.id === byAdvisor.id) return undefined
  const { effectiveness } = choices.lime
  const { strength } = choices.sulfur.material.acidifying
  const worth =
    of === 'sulfur'
      ? strength * caCO3PerSulfur
      : effectiveness === 'reference'
        ? ordinary.value.v
        : effectiveness.value.v
  const rule = say('short.still-working', { of, on: still.on, until: still.until })
  const less = (figure: Derived<'lb product/1000 ft²'>) =>
    derive(
      'lb product/1000 ft²',
      'max(0, figure - working / worth)',
      {
        figure,
        working: given(quantity(still.lbCaCO3, 'lb CaCO₃/1000 ft²'), say('course.still-working'), 'practice'),
        worth: given(quantity(worth, 'lb CaCO₃/lb product'), say('course.worth'), 'arithmetic'),
      },
      rule,
      'practice',
    )
  return {
    ...lead,
    rate: less(lead.rate),
    ...(lead.dugIn && { dugIn: less(lead.dugIn) }),
    remarks: [toClient(rule), ...lead.remarks],
  }
}

const leadOf = ({ id, label }: Candidate): Lead => ({
  by: id === laboratory.id ? 'laboratory' : id === byAdvisor.id ? 'overruled' : 'guide',
  id,
  label,
})

/** Unknown without a pH. */
function standingOf(read: ReadReport, ground: Ground): Standing | undefined {
  const pH = read.soil.pH?.v
  if (pH === undefined) return undefined
  const { crop } = ground
  const { low, high } = crop.pH
  const aim = pH < limeBelow(ground) ? limeAimOf(ground) : aimOf(ground)
  return { pH, low, high, aim, crop: crop.label, trigger: limeBelow(ground) }
}

/** lb of gypsum for all of the ground to its depth. */
const gypsumOn = (tonsPerAcreFoot: number, { area, depth, limits }: Ground): number =>
  tonsPerAcreFoot * poundsPerTon * (area.value.v / sqFtPerAcre) * ((depth ?? limits.lime.dugDepth) / 12)

/** The guide's own view: trigger and aim differ, and sulfur is for crops that require acid soil. */
function ownView(where: Standing | undefined, read: ReadReport, ground: Ground): View {
  const { crop, limits, leaded, againstLead } = ground
  if (!where) return { outcome: 'unknown', because: 'no-pH', why: say('reaction.no-pH') }
  const { pH, low, high } = where
  if (pH < where.trigger)
    return { outcome: 'lime', because: 'acid', why: say(againstLead ? 'reaction.lime-lead' : 'reaction.lime', where) }
  const { sodic, gypsum } = sodium(read)
  if (sodic) {
    const why = say('reaction.sodic', { ...where, gypsum: gypsum ? gypsumOn(gypsum.value.v, ground) : null })
    return { outcome: 'do-not', because: 'sodic', why }
  }
  if (pH < low)
    return crop.limeBelow !== undefined
      ? { outcome: 'do-not', because: 'low-for-acid-lover', why: say('reaction.leave-acid-lover', where) }
      : { outcome: 'leave', because: 'low-on-organic-soil', why: say('reaction.leave-organic', where) }
  const scab = crop.scabAbove !== undefined && pH > crop.scabAbove && !crop.acidRequiring ? crop.scabAbove : null
  if (pH <= high || !crop.acidRequiring) {
    const fits = pH <= high
    const why =
      scab === null
        ? say(fits ? 'reaction.leave' : 'reaction.leave-high', where)
        : say('reaction.leave-scab', { ...where, scab })
    return { outcome: 'leave', because: fits ? 'fits' : 'high', why }
  }
  if (leaded) return { outcome: 'do-not', because: 'lead', why: say('reaction.sulfur-lead', where) }
  if (read.freeLime)
    return {
      outcome: 'not-here',
      because: 'free-lime',
      why: say('reaction.free-lime', { ...where, freeLime: read.freeLime }),
    }
  if (pH > limits.sulfur.notAbovePH)
    return {
      outcome: 'not-here',
      because: 'too-alkaline',
      why: say('reaction.not-here', { ...where, limit: limits.sulfur.notAbovePH }),
    }
  return { outcome: 'sulfur', because: 'too-high', why: say('reaction.sulfur', where) }
}

/** A pH in salt stands for one in water that is higher by so much, give or take this. Source: common practice. */
const saltGives = 0.05

/**
 * Whether what a report leaves open of the pH, a kit's range or what a reading in salt stands for, parts two decisions.
 * A laboratory's own line for lime or sulfur decides by itself.
 */
export function straddles(read: ReadReport, report: Report, ground: Ground): Sentence[] {
  const { lime, sulfur } = read.recommends
  const { pH } = read.soil
  if (!pH || lime !== undefined || sulfur !== undefined || ground.crop.use === 'container') return []
  const range = read.ranges.pH
  const salt = report.pHIn === 'salt' ? saltGives : 0
  if (range ? range.low === null || range.high === null : salt === 0) return []
  const shift = range ? pH.v - (range.low! + range.high!) / 2 : 0
  const [low, high] = range ? [range.low! + shift - salt, range.high! + shift + salt] : [pH.v - salt, pH.v + salt]
  const at = (v: number): Decision => {
    const there = { ...read, soil: { ...read.soil, pH: quantity(v, 'pH in water') } }
    const { outcome } = ownView(standingOf(there, ground), there, ground)
    return outcome === 'lime' || outcome === 'sulfur' ? outcome : 'neither'
  }
  const [atLow, atHigh] = [at(low), at(high)]
  return atLow === atHigh ? [] : [say('headline.straddles', { low, high, atLow, atHigh })]
}

type Decision = 'lime' | 'sulfur' | 'neither'

type Rated = Candidate & { readonly rate: Derived<'lb product/1000 ft²'> }
const hasRate = (one: Candidate): one is Rated => one.rate !== undefined

function asCheck(one: Candidate, { area }: Ground, lead?: Derived<'lb product'>): Check<'product'> {
  const amount = one.rate && onArea('product', one.rate, area)
  const difference = amount && lead && differenceFrom(lead.value.v, amount.value.v)
  const { id, label, refusal, remarks, rough } = one
  return { id, label, amount, refusal, remarks, rough, difference }
}

/**
 * What to say where our methods differ widely: the lowest and the highest. Methods of one opinion count once, and the
 * laboratory's figure, which is no method of ours, not at all: what stands beside it says how far off it is.
 */
function spread(candidates: readonly Candidate[], { limits }: Ground): Sentence[] {
  const own = candidates.filter(hasRate).filter((one) => one.id !== laboratory.id && !one.rough)
  const opinions = [...new Map([...own].reverse().map((one) => [one.opinion ?? one.id, one])).values()]
  const [lead] = own
  const sorted = [...opinions].sort((a, b) => a.rate.value.v - b.rate.value.v)
  const [low, high] = [sorted[0], sorted.at(-1)]
  if (!lead || !low || !high || low === high) return []
  const apart = (high.rate.value.v - low.rate.value.v) / lead.rate.value.v
  if (apart <= limits.spread) return []
  const times = low.rate.value.v > 0 ? high.rate.value.v / low.rate.value.v : null
  return [say('reaction.spread', { low: low.label, high: high.label, times })]
}

/** The most of it in one pass here. */
export const capFor = (of: 'lime' | 'sulfur', ground: Ground): Cap =>
  of === 'lime' ? limeCap(ground) : sulfurCap(ground)

/** The advisor's cap is followed, and the guide's is named where it is lower. */
function aboveGuide(of: 'lime' | 'sulfur', ground: Ground): Sentence[] {
  const own = ownCapIn(ground.overrulings, of)
  if (own === undefined) return []
  const { perPass } = capFor(of, withoutWord(ground, 'cap'))
  return own > perPass ? [say('cap.above-guide', { own, most: perPass })] : []
}

function needOf(
  lead: Rated,
  of: 'lime' | 'sulfur',
  why: Sentence,
  ground: Ground,
  candidates: readonly Candidate[],
): Applied<'lime' | 'sulfur'> {
  const amount = onArea('product', lead.rate, ground.area)
  const { lime, sulfur } = ground.choices
  const { material, bagLb } = of === 'lime' ? lime : sulfur
  // What burns is never given twice at once.
  const together = of === 'lime' && !ground.planted && !lime.material.liming.cap ? ({ together: 2 } as const) : {}
  const passes = {
    ...(of === 'lime'
      ? split('product', amount, lead.rate, limeCap(ground), of)
      : split('product', amount, sulfurIn(lead.rate, sulfur.material), sulfurCap(ground), of)),
    ...together,
  }
  return {
    of,
    outcome: 'apply',
    why,
    lead: leadOf(lead),
    rate: lead.rate,
    amount,
    passes,
    checks: [],
    remarks: [...lead.remarks, ...spread(candidates, ground), ...aboveGuide(of, ground)],
    product: { material, bagLb, amount },
    into: {
      dugTo: ground.planted ? null : limeDepth(ground).value.v,
      dugIn: lead.dugIn && onArea('product', lead.dugIn, ground.area),
      dugInTo: ground.limits.lime.dugDepth,
      beyond: lead.beyond ?? false,
    },
  }
}

/** Lime or sulfur that is put on, with all that is known of it. */
export type Dose = Applied<'lime' | 'sulfur'> & Required<Pick<Need<'lime' | 'sulfur'>, 'lead' | 'product' | 'into'>>

export const doseOf = ({ need }: Reaction): Dose | undefined => (isApplied(need) ? (need as Dose) : undefined)
