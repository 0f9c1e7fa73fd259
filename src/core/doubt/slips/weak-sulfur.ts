import { say } from '../../sentence/sentence'
import { byFactor, type Slip } from './definition'

/** Sulfur is sold at 90 % and at 30 %, and one bag's figure is taken for the other's. */
export const weakSulfur: Slip = {
  id: 'weak-sulfur',
  makes: (rate, { of }) =>
    of !== 'sulfur'
      ? []
      : byFactor(rate, 0.4, [
          [3, say('slip.other-sulfur', { is: 90, taken: 30 })],
          [1 / 3, say('slip.other-sulfur', { is: 30, taken: 90 })],
        ]),
}
