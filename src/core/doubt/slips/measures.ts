import { say } from '../../sentence/sentence'
import { ouncesPerPound, poundsIn, sqFtPerSqMetre } from '../../units/factors'
import { byFactor, type Slip } from './definition'

/** Ounces for pounds, kilograms for pounds, metres for feet, either way. */
export const measures: Slip = {
  id: 'measures',
  makes: (rate) => [
    ...byFactor(rate, 0.4, [
      [ouncesPerPound, say('slip.measure', { said: 'lb', meant: 'oz' })],
      [1 / ouncesPerPound, say('slip.measure', { said: 'oz', meant: 'lb' })],
    ]),
    ...byFactor(rate, 0.3, [
      [poundsIn.kg!, say('slip.measure', { said: 'kg', meant: 'lb' })],
      [1 / poundsIn.kg!, say('slip.measure', { said: 'lb', meant: 'kg' })],
    ]),
    ...byFactor(rate, 0.2, [
      [sqFtPerSqMetre, say('slip.measure', { said: 'ft', meant: 'm' })],
      [1 / sqFtPerSqMetre, say('slip.measure', { said: 'm', meant: 'ft' })],
    ]),
  ],
}
