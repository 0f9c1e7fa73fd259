import { say } from '../../sentence/sentence'
import type { Slip } from './definition'

/**
 * Tenths of pH miscounted by 1 to 10: from 5.2 to 7.0 there are 18, and 26 are counted where 7.0 − 5.2 is taken digit by
 * digit. One off, eight off and ten off are met most; recalled from practice, no count is published.
 */
export const tenths: Slip = {
  id: 'tenths',
  makes: (rate, { tenths: real }) =>
    real === null
      ? []
      : [-10, -9, -8, -7, -6, -5, -4, -3, -2, -1, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10].flatMap((off) => {
          const counted = real.count + off
          if (counted <= 0) return []
          const often = [1, 8, 10].includes(Math.abs(off))
          const { from, to, count } = real
          return [
            {
              rate: (rate * counted) / count,
              tells: say('slip.tenths', { counted, from, to, count }),
              prior: often ? 0.5 : 0.15,
            },
          ]
        }),
}
