import { say } from '../../sentence/sentence'
import { byFactor, type Slip } from './definition'

/** What all plants get together said of one, or of one said of all. */
export const plants: Slip = {
  id: 'plants',
  makes: (rate, { plants: count }) =>
    count === null || count < 2
      ? []
      : byFactor(rate, 0.5, [
          [count, say('slip.all-for-one', { count })],
          [1 / count, say('slip.one-for-all', { count })],
        ]),
}
