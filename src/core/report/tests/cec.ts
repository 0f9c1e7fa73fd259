import type { TestDefinition } from './definition'

export const cec = {
  id: 'cec',
  label: { en: 'CEC' },
  field: {
    units: [{ unit: 'meq/100 g', words: ['meq', 'meq/100 g', 'meq/100g', 'cmol/kg', 'cmol(c)/kg'] }],
    low: 0.1,
    high: 200,
    example: '11.5',
  },
  unit: 'meq/100 g',
  names: ['cec', 'cation exchange capacity', 'c.e.c.'],
} as const satisfies TestDefinition
