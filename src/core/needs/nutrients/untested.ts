import type { Use } from '../../guides/crop'
import { say } from '../../sentence/sentence'
import { quantity, type MajorNutrient } from '../../units/quantity'
import { onArea } from '../../units/rates'
import { derive, given } from '../../units/workings'
import type { Check } from '../need'
import type { Feeding } from './method'
import { nitrogen } from './methods/nitrogen'

type Ratio = readonly [N: number, P2O5: number, K2O: number]

/** N to P₂O₅ to K₂O that practice feeds by where nothing was tested; none where it has no such habit. Source: common practice. */
const usualRatio: Readonly<Partial<Record<Use, Ratio>>> = {
  lawn: [3, 1, 2],
  bed: [1, 1, 1],
  planting: [1, 1, 1],
}

/**
 * What the usual ratio to nitrogen would bring of phosphate or potash where nothing was tested: a guess that leads
 * nothing. Undefined where there is no usual ratio, and where no nitrogen is given.
 */
export function byUsualRatio(
  nutrient: Exclude<MajorNutrient, 'N'>,
  feeding: Feeding,
): Check<MajorNutrient> | undefined {
  const ratio = usualRatio[feeding.crop.use]
  const fed = nitrogen(feeding)
  if (!ratio || !fed.ok || fed.value.rate.value.v === 0) return undefined
  const [n, p, k] = ratio
  const words = ratio.join('-')
  const rate = derive(
    `lb ${nutrient}/1000 ft²`,
    'nitrogen * share / parts',
    {
      nitrogen: fed.value.rate,
      share: given(
        quantity(nutrient === 'P₂O₅' ? p : k, `parts ${nutrient}`),
        say('untested.share', { nutrient }),
        'practice',
      ),
      parts: given(quantity(n, 'parts N'), say('untested.share', { nutrient: 'N' }), 'practice'),
    },
    say('untested.ratio', { ratio: words }),
    'practice',
  )
  const label = { en: `the usual ratio ${words}, a guess`, es: `la proporción usual ${words}, una suposición` }
  return { id: 'usual-ratio', label, amount: onArea(nutrient, rate, feeding.area), remarks: [] }
}
