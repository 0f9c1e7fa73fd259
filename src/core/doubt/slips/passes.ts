import { say } from '../../sentence/sentence'
import { byFactor, type Slip } from './definition'

/** The whole season's amount said of one pass, or one pass of the season. */
export const passes: Slip = {
  id: 'passes',
  makes: (rate, { passes: count }) =>
    count < 2
      ? []
      : byFactor(rate, 0.5, [
          [1 / count, say('slip.pass-for-season', { count })],
          [count, say('slip.season-for-pass', { count })],
        ]),
}
