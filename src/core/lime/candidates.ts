import type { Report } from '../case'
import { laboratory, typedDepth, usualDepth, wherePH, type Candidate, type Ground } from '../candidate'
import { limits } from '../guides/limits'
import type { Cap } from '../passes/split'
import type { ReadReport } from '../reading/soil'
import { say, type Sentence } from '../sentence'
import { quantity } from '../units/quantity'
import { fromPrinted, type RateUnit } from '../units/rates'
import { derive, given, type Derived, type Given } from '../workings'
import type { LimeInputs } from './method'
import { limeMethods } from './methods'
import { productOfMethod, productOfPure } from './product'

/** Every figure there is for lime on this ground, in the order in which one leads. */
export function limeCandidates(read: ReadReport, report: Report, ground: Ground): Candidate[] {
  const candidates: Candidate[] = []
  const { recommends, soil } = read
  if (recommends.lime) candidates.push({ ...laboratory, rate: printedLime(recommends.lime, read, report, ground), remarks: printedRemarks(read, report) })
  if (soil.pH === undefined) return candidates
  const inputs: LimeInputs = {
    ...wherePH(soil.pH, ground.crop),
    buffer: report.buffer && read.buffer !== undefined ? { kind: report.buffer, value: read.buffer } : undefined,
    texture: soil.texture,
    climate: ground.climate,
  }
  const surface = ground.planted && ground.depth === undefined
  for (const method of limeMethods.filter((one) => one.applies(inputs))) {
    const figure = method.compute(inputs)
    if (!figure.ok) {
      candidates.push({ id: method.id, label: method.label, refusal: figure.refusal, remarks: [] })
      continue
    }
    const { rate, remarks } = figure.value
    candidates.push({
      id: method.id,
      label: method.label,
      rate: productOfMethod(method, rate, limeDepth(ground), ground.choices.lime),
      dugIn: surface ? productOfMethod(method, rate, usualDepth(limits.lime.dugDepth, 'depth.usual-dug'), ground.choices.lime) : undefined,
      remarks,
    })
  }
  return candidates
}

const limeDepth = ({ depth, planted }: Ground): Given<'in'> =>
  depth !== undefined ? typedDepth(depth) : planted ? usualDepth(limits.lime.surfaceDepth, 'depth.usual-surface') : usualDepth(limits.lime.dugDepth, 'depth.usual-dug')

/** The laboratory's lime stands as printed unless it says that it means pure CaCO₃, or a depth of its own. */
function printedLime(value: number, read: ReadReport, report: Report, ground: Ground): Derived<'lb product/1000 ft²'> {
  const unit = report.recommends.lime.unit as RateUnit
  const { effectiveness } = ground.choices.lime
  const asPrinted = report.recommends.limeMeans === 'pure' && effectiveness !== 'reference'
    ? productOfPure(fromPrinted('CaCO₃', value, unit), effectiveness)
    : fromPrinted('product', value, unit)
  const base = read.recommends.limeDepth
  if (base === undefined) return asPrinted
  return derive('lb product/1000 ft²', 'rate * depth / base_depth', { rate: asPrinted, depth: limeDepth(ground), base_depth: given(quantity(base, 'in'), say('laboratory.depth'), 'laboratory') }, say('lime.to-depth', { depth: limeDepth(ground).value.v, base }), 'arithmetic')
}

const printedRemarks = (read: ReadReport, report: Report): Sentence[] => [
  ...(report.recommends.limeMeans === 'product' ? [say('laboratory.lime-stands')] : []),
  ...(read.recommends.limeDepth === undefined ? [say('laboratory.depth-unknown')] : []),
]

/** Caps on lime weigh the product. */
export const limeCap = ({ planted }: Pick<Ground, 'planted'>): Cap => ({
  perPass: planted ? limits.lime.surfacePerPass : limits.lime.dugInPerPass,
  interval: { months: limits.lime.monthsApart },
  rule: say(planted ? 'cap.lime-surface' : 'cap.lime-dug'),
})
