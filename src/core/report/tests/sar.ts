import type { TestDefinition } from './definition'

export const sar = {
  id: 'sar',
  label: { en: 'Sodium adsorption ratio' },
  named: { en: 'sodium', es: 'sodio' },
  about: 'Sodium against calcium and magnesium. Too much of it seals the soil.',
  field: { units: [], low: 0, high: 200, example: '4' },
  unit: '',
  names: ['sar', 'sodium adsorption ratio'],
} as const satisfies TestDefinition
