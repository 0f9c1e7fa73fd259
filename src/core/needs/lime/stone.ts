import type { Report } from '../../report/report'
import type { Choices } from '../../case/season'
import { fields, numberIn } from '../../report/fields'
import type { Guide } from '../../guides/guide'
import { isLime, type Product } from '../../shelf/product'
import { productNamed } from '../../shelf/product-named'
import { usual } from '../../shelf/products'
import { sufficiency } from '../../reading/classify'
import type { ReadReport } from '../../reading/soil'
import { say, type Sentence } from '../../sentence/sentence'
import { quantity } from '../../units/quantity'
import { given } from '../../units/workings'
import type { ChosenLime } from './product'
import { labelled } from './quality'

/** Which stone to buy, and why. */
export interface Stone {
  readonly kind: 'calcitic' | 'dolomitic' | 'either'
  readonly why: Sentence
}

/**
 * Dolomitic where magnesium is low, calcitic where it is ample, either in between. By the base-saturation school it is
 * low by its share of the exchange instead, where that is known. Source: common practice.
 */
export function stoneFor(read: ReadReport, report: Report, guide: Guide): Stone {
  if (!read.tests.Mg && !read.words.Mg) return { kind: 'either', why: say('stone.not-tested') }
  const found = sufficiency('Mg', read, report, guide)
  const percent = read.bases.find(({ base }) => base === 'Mg')?.percent
  const share = percent === undefined ? undefined : percent / 100
  const { magnesiumLowShare, magnesiumAmple } = guide.limits
  if (share !== undefined && share < magnesiumLowShare)
    return { kind: 'dolomitic', why: say('stone.low-share', { share, least: magnesiumLowShare }) }
  if (!found.ok) return { kind: 'either', why: found.refusal }
  const { low, value, lowBelow } = found.value
  const args = { value: value?.value.v ?? null, unit: guide.unit, lowBelow: lowBelow ?? null }
  if (low && (magnesiumLowShare === 0 || share === undefined)) return { kind: 'dolomitic', why: say('stone.low', args) }
  return share !== undefined && share > magnesiumAmple
    ? { kind: 'calcitic', why: say('stone.ample', { ...args, share }) }
    : { kind: 'either', why: say('stone.between', args) }
}

/** The lime settled on, or the suggested one, with what its bag says. */
export function chosenLime(choices: Choices, stone: Stone, products: readonly Product[]): ChosenLime {
  const named = productNamed(products, choices.lime)
  const material = isLime(named) ? named : usual[stone.kind === 'dolomitic' ? 'dolomitic' : 'calcitic']
  const bagLb = numberIn(fields.bag, choices.limeBag) ?? material.bagLb
  const onLabel = labelled(choices)
  if (onLabel) return { material, bagLb, effectiveness: onLabel }
  const { effectiveness } = material.liming
  if (effectiveness === 'reference') return { material, bagLb, effectiveness }
  return {
    material,
    bagLb,
    effectiveness: given(
      quantity(effectiveness, 'lb CaCO₃/lb product'),
      say(material.liming.labelled ? 'lime.labelled' : 'lime.unlabelled', {
        material: material.label,
        percent: effectiveness * 100,
      }),
      material.liming.labelled ? 'reported' : 'practice',
    ),
  }
}
