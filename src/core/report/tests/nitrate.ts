import { nutrientError } from './errors'
import { soilUnitWords } from '../../units/rates'
import type { TestDefinition } from './definition'

/** NO₃ without “-N” is another quantity, and left out of its names. */
export const nitrate = {
  id: 'nitrate',
  label: { en: 'Nitrate-N' },
  named: { en: 'nitrate', es: 'nitrato' },
  about: 'Nitrogen that plants take up at once, and rain washes out. What is left over counts against the next crop.',
  field: { units: soilUnitWords.filter(({ unit }) => unit !== 'index'), low: 0, high: 1_000, example: '12' },
  unit: 'ppm',
  names: ['no3-n', 'nitrate-n', 'nitrate nitrogen', 'n-no3', 'no3 n', 'nitrate n'],
  error: nutrientError,
} as const satisfies TestDefinition
