import type { TestDefinition } from './definition'

export const lead = {
  id: 'lead',
  label: { en: 'Lead, Pb' },
  short: { en: 'Lead' },
  named: { en: 'lead', es: 'plomo' },
  about: 'A poison that plants and children take up from soil. No food grows above the limit.',
  field: { units: [{ unit: 'ppm', words: ['ppm', 'mg/kg'] }], low: 0, high: 100_000, example: '85' },
  unit: 'ppm',
  names: ['pb', 'lead', 'total lead', 'total pb'],
  manner: 'leadBy',
} as const satisfies TestDefinition
