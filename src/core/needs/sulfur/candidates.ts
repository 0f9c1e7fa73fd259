import type { Report } from '../../report/report'
import { byAdvisor } from '../need'
import { overruledRate, ownCapIn } from '../overruled'
import {
  aimFor,
  byOwnBuffering,
  inOrder,
  laboratory,
  learnedWords,
  preferred,
  sulfurDepth,
  type Candidate,
  type Ground,
} from '../candidate'
import type { Acidifier } from '../../shelf/product'
import { textures } from '../../guides/soils'
import type { Cap } from '../split'
import type { ReadReport } from '../../reading/soil'
import { say } from '../../sentence/sentence'
import { sulfurPerFreeLime } from '../../units/factors'
import { quantity } from '../../units/quantity'
import { acre, fromPrinted, type RateUnit } from '../../units/rates'
import { derive, given, type Derived, type Given } from '../../units/workings'
import { sulfurMethods } from './methods'

/** Every figure there is for sulfur on this ground, in the order in which one leads. */
export function sulfurCandidates(read: ReadReport, report: Report, ground: Ground): Candidate[] {
  const { material } = ground.choices.sulfur
  const candidates: Candidate[] = []
  const word = ground.overrulings('sulfur', 'amount')
  if (word)
    candidates.push({
      id: byAdvisor.id,
      label: byAdvisor.label,
      rate: productOf(overruledRate('S', word, ground.area), material),
      remarks: [],
    })
  const printed = read.recommends.sulfur
  if (printed)
    candidates.push({
      id: laboratory.id,
      label: laboratory.label,
      rate: productOf(fromPrinted('S', printed, report.recommends.sulfur.unit as RateUnit), material),
      remarks: [say('laboratory.sulfur-pure')],
    })
  const { soil, pH, freeLime } = read
  const { texture } = soil
  if (!texture || pH === undefined) return candidates
  for (const method of inOrder(sulfurMethods, ground.methods.sulfur)) {
    const figure = method.compute({ pH, aim: aimFor(ground, 'sulfur'), texture, climate: ground.climate })
    if (!figure.ok) {
      candidates.push({ id: method.id, label: method.label, refusal: figure.refusal, remarks: [] })
      continue
    }
    const depth = sulfurDepth(ground)
    const rate = derive(
      'lb S/1000 ft²',
      'rate * 10 * depth / base_depth',
      { rate: figure.value.rate, depth, base_depth: method.baseDepth },
      say('sulfur.to-depth', { depth: depth.value.v, base: method.baseDepth.value.v }),
      'arithmetic',
    )
    candidates.push({
      id: method.id,
      label: method.label,
      rough: method.rough,
      rate: byOwnBuffering(productOf(freeLime ? withFreeLime(rate, freeLime) : rate, material), 'sulfur', ground),
      remarks: [
        ...(soil.textureByCec && soil.cec
          ? [say('texture.by-cec', { texture: textures[texture].label, cec: soil.cec.v })]
          : []),
        ...(method.rough ? [] : learnedWords('sulfur', ground)),
        ...figure.value.remarks,
      ],
    })
  }
  return preferred(candidates, 'sulfur', ground)
}

/** Free lime uses sulfur up before the pH moves: 6,400 lb S/acre for each % in the furrow slice. */
const withFreeLime = (rate: Derived<'lb S/1000 ft²'>, percent: number): Derived<'lb S/1000 ft²'> =>
  derive(
    'lb S/1000 ft²',
    'rate + free_lime * each / acre',
    {
      rate,
      free_lime: given(quantity(percent, '% CaCO₃'), say('report.free-lime'), 'reported'),
      each: given(quantity(sulfurPerFreeLime, 'lb S/acre per %'), say('sulfur.free-lime-each'), 'chemistry'),
      acre,
    },
    say('sulfur.free-lime'),
    'chemistry',
  )

const productOf = (rate: Derived<'lb S/1000 ft²'>, material: Acidifier): Derived<'lb product/1000 ft²'> =>
  derive(
    'lb product/1000 ft²',
    'sulfur / strength',
    { sulfur: rate, strength: strengthOf(material) },
    say('sulfur.to-product'),
    'arithmetic',
  )

const strengthOf = (material: Acidifier): Given<'lb S/lb product'> =>
  given(
    quantity(material.acidifying.strength, 'lb S/lb product'),
    say(material.acidifying.productPerPass ? 'sulfur.acts-like' : 'sulfur.strength', { material: material.label }),
    material.acidifying.productPerPass ? 'chemistry' : 'practice',
  )

/** The S in a rate of product: that is what sulfur's caps weigh. */
export const sulfurIn = (rate: Derived<'lb product/1000 ft²'>, material: Acidifier): Derived<'lb S/1000 ft²'> =>
  derive(
    'lb S/1000 ft²',
    'product * strength',
    { product: rate, strength: strengthOf(material) },
    say('sulfur.in-product'),
    'arithmetic',
  )

/** Caps on sulfur weigh the S: the advisor's where she set one, else the guide's. */
export function sulfurCap({
  planted,
  sandy,
  crop,
  limits,
  overrulings,
}: Pick<Ground, 'planted' | 'sandy' | 'crop' | 'limits' | 'overrulings'>): Cap {
  const { sulfur } = limits
  const cap =
    planted && crop.use === 'lawn'
      ? sulfur.turf
      : planted
        ? sandy
          ? sulfur.plantedOnSand
          : sulfur.planted
        : sandy
          ? sulfur.dugInOnSand
          : sulfur.dugIn
  const own = ownCapIn(overrulings, 'sulfur')
  return {
    perPass: own ?? cap.perPass,
    perYear: cap.perYear,
    interval: { months: cap.monthsApart },
    rule: say(own !== undefined ? 'cap.advisor' : planted ? 'cap.sulfur-planted' : 'cap.sulfur-dug'),
  }
}
