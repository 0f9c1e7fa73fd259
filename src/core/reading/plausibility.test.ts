import { quantity } from '../units/quantity'
import type { ReadReport } from './soil'
import { baseSaturation } from './bases'
import { implausible } from './plausibility'

/** meq by hand from the equivalent weights: K 391 ppm, Mg 121.5 ppm for each meq/100 g. */
const warned = (soil: Partial<Record<'cec' | 'matter', number>>, tests: ReadReport['tests']) =>
  implausible(
    {
      soil: {
        cec: soil.cec === undefined ? undefined : quantity(soil.cec, 'meq/100 g'),
        organicMatter: soil.matter === undefined ? undefined : quantity(soil.matter, '% organic matter'),
      },
      tests,
      bases: baseSaturation(tests, soil.cec === undefined ? undefined : quantity(soil.cec, 'meq/100 g')),
    },
    null,
    null,
  ).map(({ sentence }) => sentence.key)
const ppm = (K: number, Mg: number) => ({ K: quantity(K, 'ppm K'), Mg: quantity(Mg, 'ppm Mg') })

test.each([
  ['1 meq K and 2 of Mg in 3', { cec: 3 }, ppm(391, 243), []],
  ['the same in a CEC of 2.9, which rounding may explain', { cec: 2.9 }, ppm(391, 243), []],
  ['the same in a CEC of 2.8: half would fit', { cec: 2.8 }, ppm(391, 243), ['plausible.bases-halved']],
  ['more than twice the CEC', { cec: 1.4 }, ppm(391, 243), ['plausible.bases']],
  ['lb/acre are twice the ppm', { cec: 3 }, { K: quantity(782, 'lb/acre K'), Mg: quantity(486, 'lb/acre Mg') }, []],
  ['no CEC, no sum', {}, ppm(9_000, 9_000), []],
  ['organic matter of 20 %', { matter: 20 }, {}, []],
  ['organic matter of 21 %', { matter: 21 }, {}, ['plausible.organic-matter']],
] as const)('%s', (_, soil, tests, keys) => expect(warned(soil, tests)).toEqual(keys))
