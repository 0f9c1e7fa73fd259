import type { Fertilizer } from '../../shelf/product'
import { say } from '../../sentence/sentence'
import { quantity, type OtherNutrient } from '../../units/quantity'
import { derive, given, type Derived } from '../../units/workings'

/** How much of a product carries an amount of an element. */
export const productOf = (nutrient: OtherNutrient, amount: Derived, material: Fertilizer): Derived<'lb product'> =>
  derive(
    'lb product',
    'amount / (percent / 100)',
    {
      amount,
      percent: given(
        quantity(material.feeding.also![nutrient]!, `% ${nutrient}`),
        say('material.holds', { material: material.label }),
        'practice',
      ),
    },
    say('other.to-product'),
    'arithmetic',
  )
