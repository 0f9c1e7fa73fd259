import type { TestDefinition } from './definition'

/** Each kind of buffer has a range of its own (`bufferFields`). Its error 0.05: common practice. */
export const bufferPH = {
  id: 'bufferPH',
  label: { en: 'Buffer pH' },
  named: { en: 'buffer pH', es: 'pH de la solución buffer' },
  about: 'A second pH, in a solution that draws out the acid held in reserve: how much lime it takes follows from it.',
  field: { units: [], low: 3, high: 10, example: '6.5' },
  unit: '',
  names: ['buffer ph', 'bph', 'ph buffer', 'buffer', 'buffer value', 'ph (buffer)'],
  manner: 'buffer',
  error: () => 0.05,
} as const satisfies TestDefinition
