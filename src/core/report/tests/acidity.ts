import { charge } from '../unit-words'
import type { TestDefinition } from './definition'

export const acidity = {
  id: 'acidity',
  label: { en: 'Acidity' },
  named: { en: 'acidity', es: 'acidez' },
  about: 'The acid that the soil holds in reserve, as the laboratory reckons it from the buffer pH.',
  field: {
    units: charge,
    low: 0,
    high: 40,
    example: '2.4',
  },
  unit: 'meq/100 g',
  names: ['acidity', 'exchangeable acidity', 'neutralizable acidity', 'exch acidity'],
} as const satisfies TestDefinition
