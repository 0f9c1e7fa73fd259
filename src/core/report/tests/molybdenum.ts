import { soilUnitWords } from '../../units/rates'
import type { TestDefinition } from './definition'
import { nutrientError } from './errors'

/** Laboratories print it, and no guide of ours rates it. Range, and what is said of it: common practice. */
export const molybdenum = {
  id: 'molybdenum',
  label: { en: 'Molybdenum, Mo' },
  short: { en: 'Molybdenum' },
  named: { en: 'molybdenum', es: 'molibdeno' },
  about: 'A trace that legumes and the cabbage family need. Sour soil holds on to it.',
  says: {
    en: 'No amount goes by it. Plants take up more of it as pH rises: where it is short, lime is the usual cure.',
  },
  field: { units: soilUnitWords, low: 0, high: 50, example: '0.2' },
  unit: 'ppm',
  names: ['mo', 'molybdenum'],
  error: nutrientError,
} as const satisfies TestDefinition
