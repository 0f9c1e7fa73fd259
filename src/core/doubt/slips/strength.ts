import { say } from '../../sentence/sentence'
import { byFactor, type Slip } from './definition'

/**
 * A product taken for what is in it, or the reverse: nitrogen for urea, pure lime for the bag, sulfur for 90 % prills. Of
 * lime and sulfur the rate is of the product; of nutrients it is of the nutrient.
 */
export const strength: Slip = {
  id: 'strength',
  makes: (rate, { of, share }) => {
    if (share === null || Math.abs(share - 1) < 0.02) return []
    const product = of === 'lime' || of === 'sulfur'
    const percent = share * 100
    return byFactor(rate, 0.6, [
      product
        ? [share, say('slip.pure-for-product', { of, percent })]
        : [1 / share, say('slip.product-for-nutrient', { of, percent })],
      product
        ? [1 / share, say('slip.strength-twice', { of, percent })]
        : [share, say('slip.nutrient-for-product', { of, percent })],
    ])
  },
}
