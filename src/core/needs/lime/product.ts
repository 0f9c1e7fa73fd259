import type { Lime } from '../../shelf/product'
import { say } from '../../sentence/sentence'
import { rateUnits } from '../../units/rates'
import { quantity } from '../../units/quantity'
import { derive, given, type Derived, type Given, type Working } from '../../units/workings'
import type { LimeMethod } from './method'

/** What is bought, and how much of it acts like pure fine CaCO₃. */
export interface ChosenLime {
  readonly material: Lime
  readonly effectiveness: Working<'lb CaCO₃/lb product'> | 'reference'
  readonly bagLb: number
}

/**
 * Ordinary ground limestone as most tables mean it: against a table of fine stone, or of pure CaCO₃, it takes more of it.
 * Source: common practice.
 */
export const ordinary = given(quantity(0.65, 'lb CaCO₃/lb reference lime'), say('lime.ordinary-each'), 'practice')

/** Methods whose own lime acts so well speak of fine stone or of pure CaCO₃. */
const fine = 0.8

/**
 * From a method's figure to the weight of this product: first to the depth, then, once, to this stone.
 * A reference lime is the very lime the figure speaks of, so it stands as it is, unless that figure is for finer stone.
 */
export function productOfMethod(
  method: LimeMethod,
  tons: Derived<'tons reference lime/acre'>,
  depth: Given<'in'>,
  chosen: ChosenLime,
): Derived<'lb product/1000 ft²'> {
  const rate = derive(
    'lb reference lime/1000 ft²',
    'tons * factor * depth / base_depth',
    {
      tons,
      factor: given(
        quantity(rateUnits['tons/acre'], 'lb/1000 ft² in one ton/acre'),
        say('unit.factor', { unit: 'tons/acre' }),
        'arithmetic',
      ),
      depth,
      base_depth: method.baseDepth,
    },
    say('lime.to-depth', { depth: depth.value.v, base: method.baseDepth.value.v }),
    'arithmetic',
  )
  if (chosen.effectiveness === 'reference' && method.effectiveness.value.v >= fine && !method.groundStone)
    return derive(
      'lb product/1000 ft²',
      'rate * effectiveness / ordinary',
      { rate, effectiveness: method.effectiveness, ordinary },
      say('lime.ordinary', { method: method.label }),
      'practice',
    )
  if (chosen.effectiveness === 'reference')
    return derive(
      'lb product/1000 ft²',
      'rate',
      { rate },
      say('lime.is-reference', { method: method.label }),
      method.source,
    )
  const pure = derive(
    'lb CaCO₃/1000 ft²',
    'rate * effectiveness',
    { rate, effectiveness: method.effectiveness },
    say('lime.to-pure'),
    method.source,
  )
  return productOfPure(pure, chosen.effectiveness)
}

/** The weight of product that acts like this much pure fine CaCO₃. */
export const productOfPure = (
  pure: Working<'lb CaCO₃/1000 ft²'>,
  effectiveness: Working<'lb CaCO₃/lb product'>,
): Derived<'lb product/1000 ft²'> =>
  derive('lb product/1000 ft²', 'pure / effectiveness', { pure, effectiveness }, say('lime.to-product'), 'arithmetic')
