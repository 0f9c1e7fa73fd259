import { say } from '../../sentence/sentence'
import { sqFtPerAcre } from '../../units/factors'
import { byFactor, type Slip } from './definition'

const sizes = [100, 1_000, sqFtPerAcre] as const

/** So much per 1,000 ft² said per 100, per acre, and every other way about. */
export const ground: Slip = {
  id: 'ground',
  twice: true,
  makes: (rate) =>
    sizes.flatMap((meant) =>
      sizes.flatMap((said) =>
        meant === said
          ? []
          : byFactor(rate, meant + said === 1_100 ? 0.7 : 0.3, [[meant / said, say('slip.ground', { meant, said })]]),
      ),
    ),
}
