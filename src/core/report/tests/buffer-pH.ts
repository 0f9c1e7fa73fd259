import type { TestDefinition } from './definition'

/** Each kind of buffer has a range of its own (`bufferFields`). Its error 0.05: common practice. */
export const bufferPH = {
  id: 'bufferPH',
  label: { en: 'Buffer pH' },
  field: { units: [], low: 3, high: 10, example: '6.5' },
  unit: '',
  names: ['buffer ph', 'bph', 'ph buffer', 'buffer', 'buffer value', 'ph (buffer)'],
  manner: 'buffer',
  error: () => 0.05,
} as const satisfies TestDefinition
