import type { Report } from '../case'
import { laboratory, typedDepth, usualDepth, wherePH, type Candidate, type Ground } from '../candidate'
import { limits } from '../guides/limits'
import type { SulfurMaterial } from '../guides/materials'
import type { Cap } from '../passes/split'
import type { ReadReport } from '../reading/soil'
import { say } from '../sentence'
import { quantity } from '../units/quantity'
import { fromPrinted, type RateUnit } from '../units/rates'
import { derive, given, type Derived, type Given } from '../workings'
import { sulfurMethods } from './methods'

/** Every figure there is for sulfur on this ground, in the order in which one leads. */
export function sulfurCandidates(read: ReadReport, report: Report, ground: Ground): Candidate[] {
  const share = strengthOf(ground.choices.sulfur.material)
  const product = (rate: Derived<'lb S/1000 ft²'>) =>
    derive(
      'lb product/1000 ft²',
      'sulfur / strength',
      { sulfur: rate, strength: share },
      say('sulfur.to-product'),
      'arithmetic',
    )
  const candidates: Candidate[] = []
  const printed = read.recommends.sulfur
  if (printed)
    candidates.push({
      ...laboratory,
      rate: product(fromPrinted('S', printed, report.recommends.sulfur.unit as RateUnit)),
      remarks: [say('laboratory.sulfur-pure')],
    })
  const { texture, pH } = read.soil
  if (!texture || pH === undefined) return candidates
  for (const method of sulfurMethods) {
    const figure = method.compute({ ...wherePH(pH, ground.crop), texture })
    if (!figure.ok) {
      candidates.push({ id: method.id, label: method.label, refusal: figure.refusal, remarks: [] })
      continue
    }
    const depth =
      ground.depth !== undefined ? typedDepth(ground.depth) : usualDepth(limits.sulfur.depth, 'depth.usual-sulfur')
    const rate = derive(
      'lb S/1000 ft²',
      'rate * 10 * depth / base_depth',
      { rate: figure.value.rate, depth, base_depth: method.baseDepth },
      say('sulfur.to-depth', { depth: depth.value.v, base: method.baseDepth.value.v }),
      'arithmetic',
    )
    candidates.push({ id: method.id, label: method.label, rate: product(rate), remarks: figure.value.remarks })
  }
  return candidates
}

const strengthOf = (material: SulfurMaterial): Given<'lb S/lb product'> =>
  given(
    quantity(material.strength, 'lb S/lb product'),
    say('sulfur.strength', { material: material.label }),
    'practice',
  )

/** The S in a rate of product: that is what sulfur's caps weigh. */
export const sulfurIn = (rate: Derived<'lb product/1000 ft²'>, material: SulfurMaterial): Derived<'lb S/1000 ft²'> =>
  derive(
    'lb S/1000 ft²',
    'product * strength',
    { product: rate, strength: strengthOf(material) },
    say('sulfur.in-product'),
    'arithmetic',
  )

export function sulfurCap({ planted, sandy }: Pick<Ground, 'planted' | 'sandy'>): Cap {
  const { sulfur } = limits
  const cap = planted ? (sandy ? sulfur.plantedOnSand : sulfur.planted) : sandy ? sulfur.dugInOnSand : sulfur.dugIn
  return {
    perPass: cap.perPass,
    perYear: cap.perYear,
    interval: { months: cap.monthsApart },
    rule: say(planted ? 'cap.sulfur-planted' : 'cap.sulfur-dug'),
  }
}
