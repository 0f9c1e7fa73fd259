import { say } from '../../sentence/sentence'
import { byFactor, type Slip } from './definition'

/** One side of the ground doubled, or halved: what one meets where a bed is measured from its middle. */
export const area: Slip = {
  id: 'area',
  makes: (rate) =>
    byFactor(rate, 0.35, [
      [2, say('slip.side', { times: 'doubled' })],
      [0.5, say('slip.side', { times: 'halved' })],
    ]),
}
