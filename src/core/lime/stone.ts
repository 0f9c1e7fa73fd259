import type { Choices, Report } from '../case'
import { fields, numberIn } from '../fields'
import type { Guide } from '../guides/guides'
import { limits } from '../guides/limits'
import { limeMaterials, type LimeMaterialId } from '../guides/materials'
import { inGuideUnit, magnesiumLowBelow, speaksFor } from '../reading/classify'
import type { ReadReport } from '../reading/soil'
import { say, type Sentence } from '../sentence'
import { ppmMgPerMeq } from '../units/factors'
import { quantity } from '../units/quantity'
import { given } from '../workings'
import type { ChosenLime } from './product'

/** Which stone to buy, and why. */
export interface Stone {
  readonly kind: 'calcitic' | 'dolomitic' | 'either'
  readonly why: Sentence
}

/** Dolomitic where magnesium is low, calcitic where it is ample, either in between. Source: common practice. */
export function stoneFor(read: ReadReport, report: Report, guide: Guide): Stone {
  const test = read.tests.Mg
  if (test === undefined) return { kind: 'either', why: say('stone.not-tested') }
  const speaks = speaksFor(guide, report.extractant)
  if (!speaks.ok) return { kind: 'either', why: speaks.refusal }
  const value = inGuideUnit(test, guide).value.v
  const lowBelow = magnesiumLowBelow(guide.magnesium.rows, read.soil)
  if (lowBelow === undefined) return { kind: 'either', why: say('reading.needs-cec', { guide: guide.title }) }
  const args = { value, unit: guide.unit, lowBelow }
  if (value < lowBelow) return { kind: 'dolomitic', why: say('stone.low', args) }
  const ppm = guide.unit === 'ppm' ? value : value / 2
  const share = read.soil.cec === undefined ? 0 : ppm / ppmMgPerMeq / read.soil.cec.v
  return share > limits.magnesiumAmple
    ? { kind: 'calcitic', why: say('stone.ample', { ...args, share }) }
    : { kind: 'either', why: say('stone.between', args) }
}

/** The lime settled on, or the suggested one, with what its bag says. */
export function chosenLime(choices: Choices, stone: Stone): ChosenLime {
  const id: LimeMaterialId =
    choices.lime ?? (stone.kind === 'dolomitic' ? 'pelletized-dolomitic' : 'pelletized-calcitic')
  const material = limeMaterials[id]
  const printed = numberIn(fields.limeEffective, choices.limeEffective)
  const bagLb = numberIn(fields.bag, choices.limeBag) ?? material.bagLb
  const { effectiveness } = material
  if (printed !== undefined)
    return {
      material,
      bagLb,
      effectiveness: given(quantity(printed / 100, 'lb CaCO₃/lb product'), say('lime.on-label'), 'reported'),
    }
  if (effectiveness === 'reference') return { material, bagLb, effectiveness }
  return {
    material,
    bagLb,
    effectiveness: given(
      quantity(effectiveness, 'lb CaCO₃/lb product'),
      say('lime.unlabelled', { material: material.label }),
      'practice',
    ),
  }
}
