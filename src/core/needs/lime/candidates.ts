import type { Report } from '../../report/report'
import { byAdvisor } from '../need'
import { overruledRate, ownCapIn } from '../overruled'
import {
  aimFor,
  byOwnBuffering,
  depthOf,
  inOrder,
  laboratory,
  learnedWords,
  limeDepth,
  preferred,
  usualDepth,
  type Candidate,
  type Ground,
} from '../candidate'
import type { Cap } from '../split'
import type { ReadReport } from '../../reading/soil'
import { say, type Outcome, type Sentence } from '../../sentence/sentence'
import { caCO3PerEnm } from '../../units/factors'
import { quantity } from '../../units/quantity'
import { fromPrinted, rateUnits, type RateUnit } from '../../units/rates'
import { derive, given, type Derived, type Given } from '../../units/workings'
import type { LimeFigure, LimeInputs, LimeMethod } from './method'
import { limeMethods } from './methods'
import { texture } from './methods/texture'
import { productOfMethod, productOfPure } from './product'

/** Every figure there is for lime on this ground, in the order in which one leads. */
export function limeCandidates(read: ReadReport, report: Report, ground: Ground): Candidate[] {
  const opinions = opinionsOf(read, ground)
  const own = opinions.map((opinion) => ownCandidate(opinion, ground))
  const led = seen(own, read, ground)
  const all = read.recommends.lime ? [printedCandidate(read, report, ground, opinions), ...led] : led
  const word = ground.overrulings('lime', 'amount')
  const { id, label } = byAdvisor
  return preferred(
    word ? [{ id, label, rate: overruledRate('product', word, ground.area), remarks: [] }, ...all] : all,
    'lime',
    ground,
  )
}

/** CEC below which a soil has little in reserve for a buffer to find, meq/100 g. Source: common practice. */
const weaklyBuffered = 10

/**
 * A buffer that finds nothing on sand or in a soil of low CEC does not mean no lime: the texture table leads, and the
 * buffer stands beside it.
 */
function seen(own: Candidate[], { soil, buffer }: ReadReport, ground: Ground): Candidate[] {
  const lead = own.find(({ rate }) => rate)
  const weak = ground.sandy || (soil.cec !== undefined && soil.cec.v < weaklyBuffered)
  const table = own.find(({ id, rate }) => id === texture.id && rate && rate.value.v > 0)
  if (!weak || !buffer || lead?.rate?.value.v !== 0 || !table) return own
  const first = { ...table, remarks: [say('lime.escapes-buffer'), ...table.remarks] }
  return [first, ...own.filter((one) => one !== table)]
}

interface Opinion {
  readonly method: LimeMethod
  readonly figure: Outcome<LimeFigure>
}

/** What each method says that has its inputs. */
function opinionsOf({ soil, pH, buffer, acidity }: ReadReport, ground: Ground): Opinion[] {
  if (pH === undefined) return []
  const inputs: LimeInputs = {
    pH,
    aim: aimFor(ground, 'lime'),
    buffer,
    acidity,
    texture: soil.texture,
    textureByCec: soil.textureByCec ? soil.cec : undefined,
    climate: ground.climate,
  }
  return inOrder(limeMethods, ground.methods.lime)
    .filter((method) => method.applies(inputs))
    .map((method) => ({ method, figure: method.compute(inputs) }))
}

function ownCandidate({ method, figure }: Opinion, ground: Ground): Candidate {
  const { id, label, opinion } = method
  if (!figure.ok) return { id, label, refusal: figure.refusal, remarks: [] }
  const at = (depth: Given<'in'>) =>
    byOwnBuffering(productOfMethod(method, figure.value.rate, depth, ground.choices.lime), 'lime', ground)
  const surface = ground.planted && depthOf(ground) === undefined
  return {
    id,
    label,
    opinion,
    rate: at(limeDepth(ground)),
    dugIn: surface ? at(usualDepth(ground.limits.lime.dugDepth, 'depth.usual-dug')) : undefined,
    remarks: [...learnedWords('lime', ground), ...figure.value.remarks],
    beyond: figure.value.beyond,
  }
}

function printedCandidate(read: ReadReport, report: Report, ground: Ground, opinions: readonly Opinion[]): Candidate {
  const { limeMeans } = report.recommends
  const uncorrected = limeMeans !== 'product' && ground.choices.lime.effectiveness === 'reference'
  const remarks = [
    ...reproductions(read.recommends.lime!, report, opinions, limeDepth(ground).value.v),
    ...(limeMeans === 'product' ? [say('laboratory.lime-stands')] : []),
    ...(uncorrected ? [say('laboratory.pure-uncorrected')] : []),
    ...(read.recommends.limeDepth === undefined ? [say('laboratory.depth-unknown')] : []),
  ]
  const { id, label } = laboratory
  return { id, label, rate: printedLime(read.recommends.lime!, read, report, ground), remarks }
}

/** A laboratory's figure this close to a method's is taken to be that method's, rounded. */
const alike = 0.05

/** Which method, at its own depth and with its own lime, gives the figure that the laboratory printed; and what that is at this depth. */
function reproductions(value: number, report: Report, opinions: readonly Opinion[], depth: number): Sentence[] {
  const printed = fromPrinted('reference lime', value, report.recommends.lime.unit as RateUnit).value.v
  const told = new Set<string>()
  return opinions.flatMap(({ method, figure }) => {
    if (!figure.ok || told.has(method.opinion)) return []
    const full = figure.value.rate.value.v * rateUnits['tons/acre']
    const base = method.baseDepth.value.v
    if (Math.abs(full / printed - 1) > alike) return []
    told.add(method.opinion)
    return [
      say('laboratory.reproduced', {
        method: method.label,
        printed,
        base,
        depth,
        here: (full * depth) / base,
        effectiveness: method.effectiveness.value.v,
      }),
    ]
  })
}

/** Pure CaCO₃ in a rate of effective neutralizing material: 400 lb ENM and 1,000 lb CaCO₃ per meq. Common practice. */
const pureOfEnm = (value: number, unit: RateUnit): Derived<'lb CaCO₃/1000 ft²'> =>
  derive(
    'lb CaCO₃/1000 ft²',
    'enm * each',
    {
      enm: fromPrinted('product', value, unit),
      each: given(quantity(caCO3PerEnm, 'lb CaCO₃ in one lb ENM'), say('lime.enm-each'), 'practice'),
    },
    say('lime.of-enm'),
    'practice',
  )

/** The laboratory's lime stands as printed unless it says that it means pure CaCO₃, or a depth of its own. */
function printedLime(value: number, read: ReadReport, report: Report, ground: Ground): Derived<'lb product/1000 ft²'> {
  const unit = report.recommends.lime.unit as RateUnit
  const { effectiveness } = ground.choices.lime
  const { limeMeans } = report.recommends
  const ofPure = () => {
    const pure = limeMeans === 'pure' ? fromPrinted('CaCO₃', value, unit) : pureOfEnm(value, unit)
    return effectiveness === 'reference'
      ? derive('lb product/1000 ft²', 'pure', { pure }, say('lime.pure-uncorrected'), 'laboratory')
      : productOfPure(pure, effectiveness)
  }
  const asPrinted = limeMeans === 'product' ? fromPrinted('product', value, unit) : ofPure()
  const base = read.recommends.limeDepth
  if (base === undefined) return asPrinted
  return derive(
    'lb product/1000 ft²',
    'rate * depth / base_depth',
    {
      rate: asPrinted,
      depth: limeDepth(ground),
      base_depth: given(quantity(base, 'in'), say('laboratory.depth'), 'laboratory'),
    },
    say('lime.to-depth', { depth: limeDepth(ground).value.v, base }),
    'arithmetic',
  )
}

/**
 * Caps on lime weigh the product: the advisor's where she set one, else the guide's. Some limes have a cap of their own,
 * and the stricter holds.
 */
export function limeCap({
  planted,
  limits,
  choices,
  overrulings,
}: Pick<Ground, 'planted' | 'limits' | 'choices' | 'overrulings'>): Cap {
  const { lime } = limits
  const own = ownCapIn(overrulings, 'lime')
  const perPass = own ?? (planted ? lime.surfacePerPass : lime.dugInPerPass)
  const its = choices.lime.material.liming.cap
  if (its && its.perPass < perPass)
    return {
      perPass: its.perPass,
      interval: { months: its.monthsApart },
      rule: say('cap.lime-own', { material: choices.lime.material.label }),
    }
  return {
    perPass,
    interval: { months: lime.monthsApart },
    rule: say(own !== undefined ? 'cap.advisor' : planted ? 'cap.lime-surface' : 'cap.lime-dug'),
  }
}
