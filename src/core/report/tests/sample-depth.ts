import { fields } from '../fields'
import type { TestDefinition } from './definition'

/** How deep the sample was taken; blank: 6 in. */
export const sampleDepth = {
  id: 'sampleDepth',
  label: { en: 'Depth of the sample' },
  named: { en: 'depth of the sample', es: 'hondura de la muestra' },
  field: fields.depth,
  unit: 'in',
  names: ['depth', 'sample depth', 'sampling depth'],
  plain: true,
} as const satisfies TestDefinition
