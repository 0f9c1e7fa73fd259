import { say } from '../../sentence/sentence'
import { elementInCompound } from '../../units/factors'
import { byFactor, type Slip } from './definition'

/** lb of oxide in one lb of its element. Source: molar masses (`elementInCompound`). */
const perElement = { 'P₂O₅': 1 / elementInCompound['P in P₂O₅'], 'K₂O': 1 / elementInCompound['K in K₂O'] } as const

/** P for P₂O₅ or K for K₂O, either way. */
export const oxide: Slip = {
  id: 'oxide',
  makes: (rate, { of }) =>
    of !== 'P₂O₅' && of !== 'K₂O'
      ? []
      : byFactor(rate, 0.8, [
          [1 / perElement[of], say('slip.element', { of })],
          [perElement[of], say('slip.oxide', { of })],
        ]),
}
