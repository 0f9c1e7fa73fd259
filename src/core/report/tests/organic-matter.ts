import { percent } from '../unit-words'
import type { TestDefinition } from './definition'

export const organicMatter = {
  id: 'organicMatter',
  label: { en: 'Organic matter' },
  field: { units: percent, low: 0, high: 100, example: '3.2' },
  unit: '%',
  names: [
    '% organic matter',
    '% om',
    'om',
    'organic matter',
    'soil organic matter',
    'som',
    'humus',
    'org matter',
    'o.m.',
  ],
} as const satisfies TestDefinition
