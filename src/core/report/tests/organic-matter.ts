import { percent } from '../unit-words'
import type { TestDefinition } from './definition'

export const organicMatter = {
  id: 'organicMatter',
  label: { en: 'Organic matter' },
  named: { en: 'organic matter', es: 'materia orgánica' },
  about: 'What is left of plants and manure in the soil. It holds water and gives nitrogen as it rots.',
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
