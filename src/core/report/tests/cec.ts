import { charge } from '../unit-words'
import type { TestDefinition } from './definition'

export const cec = {
  id: 'cec',
  label: { en: 'CEC' },
  named: { en: 'CEC', es: 'CIC' },
  about:
    'Cation exchange capacity: how much lime, potassium and magnesium the soil can hold. Sand holds little, clay much.',
  field: {
    units: charge,
    low: 0.1,
    high: 200,
    example: '11.5',
  },
  unit: 'meq/100 g',
  names: ['cec', 'cation exchange capacity', 'c.e.c.'],
} as const satisfies TestDefinition
