import { charge } from '../unit-words'
import type { TestDefinition } from './definition'

export const acidity = {
  id: 'acidity',
  label: { en: 'Acidity' },
  field: {
    units: charge,
    low: 0,
    high: 40,
    example: '2.4',
  },
  unit: 'meq/100 g',
  names: ['acidity', 'exchangeable acidity', 'neutralizable acidity', 'exch acidity'],
} as const satisfies TestDefinition
