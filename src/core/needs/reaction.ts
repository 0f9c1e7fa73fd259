import { aimOf, laboratory, limeBelow, limeDepth, type Candidate, type Ground } from './candidate'
import type { Report } from '../case/case'
import type { Acidifier, Lime } from '../shelf/product'
import { usual } from '../shelf/products'
import { limeCandidates, limeCap } from './lime/candidates'
import { split, type Passes } from '../passes/split'
import { sodium } from '../reading/salts'
import type { ReadReport } from '../reading/soil'
import { say, type Sentence, type Text } from '../told/sentence'
import { sulfurCandidates, sulfurCap, sulfurIn } from './sulfur/candidates'
import { derive, type Derived } from '../workings'

/** A rough check agrees while it is no further off than this share. Source: common practice. */
export const roughSpread = 0.4

/** A figure that stands beside the one that leads, or why there is none. */
export interface Check {
  readonly id: string
  readonly label: Text
  readonly amount?: Derived<'lb product'>
  readonly refusal?: Sentence
  readonly remarks: readonly Sentence[]
  /** A rough check, which agrees within 40 %. */
  readonly rough?: boolean
  /** This figure less the leading one, as a share of the leading one. */
  readonly difference?: number
}

export interface Dose {
  readonly ledBy: { readonly id: string; readonly label: Text }
  readonly rate: Derived<'lb product/1000 ft²'>
  readonly amount: Derived<'lb product'>
  readonly passes: Passes<'product'>
  /** Depth it is worked in, in; null where it lies on the surface. */
  readonly dugTo: number | null
  readonly remarks: readonly Sentence[]
  /** It rests on an estimate beyond its method's own range. */
  readonly beyond: boolean
  readonly material: Lime | Acidifier
  readonly bagLb: number
  /** lb of it in a US cup. */
  readonly lbPerCup: number
  /** The same need if the ground were dug, where only its surface is dressed. */
  readonly dugIn?: Derived<'lb product'>
}

/**
 * `do-not`: what one would expect does harm here; `not-here`: it would be in vain on this ground; `leave`: all is well,
 * or well enough.
 */
export type Direction = 'lime' | 'sulfur' | 'leave' | 'do-not' | 'not-here' | 'unknown'

/** Lime, sulfur, or neither. */
export interface Reaction {
  readonly outcome: Direction
  readonly why: Sentence
  /** There for lime and sulfur. */
  readonly dose?: Dose
  readonly checks: readonly Check[]
}

const guideLine = { id: 'guide', label: { en: 'our own guide' } }

/**
 * What the ground's pH asks for. The laboratory's own line leads where it has one, and the guide stands beside it as a
 * check; a laboratory that asks for lime and sulfur at once is not followed in either.
 */
export function reaction(read: ReadReport, report: Report, ground: Ground): Reaction {
  const { lime, sulfur } = read.recommends
  if (ground.crop.use === 'container') return inMix(read, ground)
  if (lime && sulfur) return { outcome: 'unknown', why: say('reaction.both'), checks: [] }
  const own = ownView(read, ground)
  const figures = (of: 'lime' | 'sulfur') =>
    of === 'lime' ? limeCandidates(read, report, ground) : sulfurCandidates(read, report, ground)
  const printed = lime ? 'lime' : sulfur ? 'sulfur' : undefined
  if (printed) {
    const agrees = own.outcome === printed
    const why = say(`reaction.laboratory-${printed}`, { ...own.why.args, agrees })
    return printed === 'lime'
      ? dosed(printed, why, figures(printed), ground, agrees ? undefined : own.why)
      : acidified(why, read, report, ground, agrees ? undefined : own.why)
  }
  if (own.outcome === 'lime' || own.outcome === 'sulfur') {
    if (read.recommends[own.outcome] !== 0)
      return own.outcome === 'lime'
        ? dosed('lime', own.why, figures('lime'), ground)
        : acidified(own.why, read, report, ground)
    const checks = figures(own.outcome).map((one) => asCheck(one, ground))
    const why = say('reaction.laboratory-none', { direction: own.outcome })
    return { outcome: 'leave', why, checks: [{ ...guideLine, refusal: own.why, remarks: [] }, ...checks] }
  }
  const absurd = own.outcome === 'not-here' ? figures('sulfur') : []
  return { outcome: own.outcome, why: own.why, checks: absurd.map((one) => asCheck(one, ground)) }
}

/**
 * Sulfur, or the salt that was settled on. Salts act at once but are hard on plants: beyond their cap, and aluminum
 * wherever food grows, sulfur takes their place.
 */
function acidified(why: Sentence, read: ReadReport, report: Report, ground: Ground, objection?: Sentence): Reaction {
  const { material } = ground.choices.sulfur
  const by = (on: Ground) => dosed('sulfur', why, sulfurCandidates(read, report, on), on, objection)
  const instead = (remark: Sentence): Reaction => {
    const prills = usual.sulfur
    const found = by({ ...ground, choices: { ...ground.choices, sulfur: { material: prills, bagLb: prills.bagLb } } })
    return found.dose ? { ...found, dose: { ...found.dose, remarks: [remark, ...found.dose.remarks] } } : found
  }
  if (material.acidifying.notOnFood && ground.crop.edible)
    return instead(say('sulfur.not-on-food', { material: material.label }))
  const found = by(ground)
  const most = material.acidifying.productPerPass
  return most !== undefined && found.dose && found.dose.rate.value.v > most
    ? instead(say('sulfur.salt-over', { material: material.label, most }))
    : found
}

/** Mix without soil has no lime or sulfur by the area; its pH is only judged. */
function inMix(read: ReadReport, { crop }: Ground): Reaction {
  const pH = read.soil.pH?.v
  if (pH === undefined) return { outcome: 'unknown', why: say('reaction.no-pH'), checks: [] }
  const { low, high } = crop.pH
  const where = pH < low ? 'low' : pH > high ? 'high' : 'fits'
  return {
    outcome: where === 'fits' ? 'leave' : 'unknown',
    why: say(`reaction.mix-${where}`, { pH, low, high, crop: crop.label }),
    checks: [],
  }
}

/** The first figure there is, as the dose, and the others beside it; or our own guide's objection to any. */
function dosed(
  outcome: 'lime' | 'sulfur',
  why: Sentence,
  candidates: readonly Candidate[],
  ground: Ground,
  objection?: Sentence,
): Reaction {
  const lead = candidates.filter(hasRate).find((one) => !one.rough)
  if (!lead) {
    const checks = candidates.map((one) => asCheck(one, ground))
    return { outcome: 'unknown', why: noFigure(outcome, why, candidates), checks }
  }
  if (lead.rate.value.v === 0) {
    const others = candidates.filter((one) => one !== lead).map((one) => asCheck(one, ground))
    return {
      outcome: 'leave',
      why: say('reaction.none-by-method', { ...why.args, method: lead.label }),
      checks: others,
    }
  }
  const dose = doseOf(lead, outcome, ground, objection ? [] : candidates)
  const beside = objection
    ? [{ ...guideLine, refusal: objection, remarks: [] }]
    : candidates.filter((one) => one !== lead)
  return { outcome, why, dose, checks: beside.map((one) => asCheck(one, ground, dose.amount)) }
}

/** The guide's own view: trigger and aim differ, and sulfur is for crops that require acid soil. */
function ownView(read: ReadReport, ground: Ground): { outcome: Direction; why: Sentence } {
  const pH = read.soil.pH?.v
  if (pH === undefined) return { outcome: 'unknown', why: say('reaction.no-pH') }
  const { crop, limits } = ground
  const { low, high } = crop.pH
  const trigger = limeBelow(ground)
  const args = { pH, low, high, aim: aimOf(ground), crop: crop.label, trigger }
  if (pH < trigger) return { outcome: 'lime', why: say('reaction.lime', args) }
  const { sodic, gypsum } = sodium(read)
  if (sodic) {
    const why = say('reaction.sodic', { ...args, tons: gypsum?.value.v ?? null })
    return { outcome: 'do-not', why }
  }
  if (pH < low)
    return crop.limeBelow !== undefined
      ? { outcome: 'do-not', why: say('reaction.leave-acid-lover', args) }
      : { outcome: 'leave', why: say('reaction.leave-organic', args) }
  if (pH <= high) return { outcome: 'leave', why: say('reaction.leave', args) }
  if (!crop.acidRequiring) return { outcome: 'leave', why: say('reaction.leave-high', args) }
  if (read.freeLime)
    return { outcome: 'not-here', why: say('reaction.free-lime', { ...args, freeLime: read.freeLime }) }
  if (pH > limits.sulfur.notAbovePH)
    return { outcome: 'not-here', why: say('reaction.not-here', { ...args, limit: limits.sulfur.notAbovePH }) }
  return { outcome: 'sulfur', why: say('reaction.sulfur', args) }
}

type Rated = Candidate & { readonly rate: Derived<'lb product/1000 ft²'> }
const hasRate = (one: Candidate): one is Rated => one.rate !== undefined

function noFigure(outcome: 'lime' | 'sulfur', why: Sentence, candidates: readonly Candidate[]): Sentence {
  const refusal = candidates.find((one) => one.refusal)?.refusal
  return refusal ?? say(`reaction.${outcome}-needs-input`, why.args)
}

const onArea = (rate: Derived<'lb product/1000 ft²'>, area: Derived<'ft²'>): Derived<'lb product'> =>
  derive('lb product', 'rate * area / 1000', { rate, area }, say('area.share'), 'arithmetic')

function asCheck(one: Candidate, { area }: Ground, lead?: Derived<'lb product'>): Check {
  const amount = one.rate && onArea(one.rate, area)
  const difference = amount && lead && lead.value.v > 0 ? amount.value.v / lead.value.v - 1 : undefined
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

function doseOf(lead: Rated, outcome: 'lime' | 'sulfur', ground: Ground, candidates: readonly Candidate[]): Dose {
  const amount = onArea(lead.rate, ground.area)
  const { lime, sulfur } = ground.choices
  const chosen = outcome === 'lime' ? lime : sulfur
  const passes =
    outcome === 'lime'
      ? split('product', amount, lead.rate, limeCap(ground))
      : split('product', amount, sulfurIn(lead.rate, sulfur.material), sulfurCap(ground))
  return {
    ledBy: { id: lead.id, label: lead.label },
    rate: lead.rate,
    amount,
    passes,
    dugTo: ground.planted ? null : limeDepth(ground).value.v,
    remarks: [...lead.remarks, ...spread(candidates, ground)],
    beyond: lead.beyond ?? false,
    material: chosen.material,
    bagLb: chosen.bagLb,
    lbPerCup: chosen.material.lbPerCup,
    dugIn: lead.dugIn && onArea(lead.dugIn, ground.area),
  }
}
