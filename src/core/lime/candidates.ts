import type { Report } from '../case'
import { laboratory, limeDepth, usualDepth, wherePH, type Candidate, type Ground } from '../candidate'
import { limits } from '../guides/limits'
import type { Cap } from '../passes/split'
import type { ReadReport } from '../reading/soil'
import { say, type Outcome, type Sentence } from '../sentence'
import { quantity } from '../units/quantity'
import { fromPrinted, rateUnits, type RateUnit } from '../units/rates'
import { derive, given, type Derived, type Given } from '../workings'
import type { LimeFigure, LimeInputs, LimeMethod } from './method'
import { limeMethods } from './methods'
import { productOfMethod, productOfPure } from './product'

/** Every figure there is for lime on this ground, in the order in which one leads. */
export function limeCandidates(read: ReadReport, report: Report, ground: Ground): Candidate[] {
  const opinions = opinionsOf(read, ground)
  const own = opinions.map((opinion) => ownCandidate(opinion, ground))
  return read.recommends.lime ? [printedCandidate(read, report, ground, opinions), ...own] : own
}

interface Opinion {
  readonly method: LimeMethod
  readonly figure: Outcome<LimeFigure>
}

/** What each method says that has its inputs. */
function opinionsOf({ soil, buffer, acidity }: ReadReport, { crop, climate }: Ground): Opinion[] {
  if (soil.pH === undefined) return []
  const inputs: LimeInputs = {
    ...wherePH(soil.pH, crop),
    buffer,
    acidity,
    texture: soil.texture,
    climate,
  }
  return limeMethods
    .filter((method) => method.applies(inputs))
    .map((method) => ({ method, figure: method.compute(inputs) }))
}

function ownCandidate({ method, figure }: Opinion, ground: Ground): Candidate {
  const { id, label, opinion } = method
  if (!figure.ok) return { id, label, refusal: figure.refusal, remarks: [] }
  const at = (depth: Given<'in'>) => productOfMethod(method, figure.value.rate, depth, ground.choices.lime)
  const surface = ground.planted && ground.depth === undefined
  return {
    id,
    label,
    opinion,
    rate: at(limeDepth(ground)),
    dugIn: surface ? at(usualDepth(limits.lime.dugDepth, 'depth.usual-dug')) : undefined,
    remarks: figure.value.remarks,
  }
}

function printedCandidate(read: ReadReport, report: Report, ground: Ground, opinions: readonly Opinion[]): Candidate {
  const { limeMeans } = report.recommends
  const uncorrected = limeMeans === 'pure' && ground.choices.lime.effectiveness === 'reference'
  const remarks = [
    ...reproductions(read.recommends.lime!, report, opinions, limeDepth(ground).value.v),
    ...(limeMeans === 'product' ? [say('laboratory.lime-stands')] : []),
    ...(uncorrected ? [say('laboratory.pure-uncorrected')] : []),
    ...(read.recommends.limeDepth === undefined ? [say('laboratory.depth-unknown')] : []),
  ]
  return { ...laboratory, rate: printedLime(read.recommends.lime!, read, report, ground), remarks }
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

/** The laboratory's lime stands as printed unless it says that it means pure CaCO₃, or a depth of its own. */
function printedLime(value: number, read: ReadReport, report: Report, ground: Ground): Derived<'lb product/1000 ft²'> {
  const unit = report.recommends.lime.unit as RateUnit
  const { effectiveness } = ground.choices.lime
  const asPrinted =
    report.recommends.limeMeans === 'pure' && effectiveness !== 'reference'
      ? productOfPure(fromPrinted('CaCO₃', value, unit), effectiveness)
      : fromPrinted('product', value, unit)
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

/** Caps on lime weigh the product. */
export const limeCap = ({ planted }: Pick<Ground, 'planted'>): Cap => ({
  perPass: planted ? limits.lime.surfacePerPass : limits.lime.dugInPerPass,
  interval: { months: limits.lime.monthsApart },
  rule: say(planted ? 'cap.lime-surface' : 'cap.lime-dug'),
})
