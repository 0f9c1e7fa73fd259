import type { TestDefinition } from './definition'

export const acidity = {
  id: 'acidity',
  label: { en: 'Acidity' },
  field: {
    units: [{ unit: 'meq/100 g', words: ['meq', 'meq/100 g', 'meq/100g', 'cmol/kg', 'cmol(c)/kg'] }],
    low: 0,
    high: 40,
    example: '2.4',
  },
  unit: 'meq/100 g',
  names: ['acidity', 'exchangeable acidity', 'neutralizable acidity', 'exch acidity'],
} as const satisfies TestDefinition
