import { percent } from '../unit-words'
import type { TestDefinition } from './definition'

export const freeLime = {
  id: 'freeLime',
  label: { en: 'Free lime, CaCO₃' },
  short: { en: 'Free lime' },
  named: { en: 'free lime', es: 'cal libre' },
  about: 'Lime that lies in the soil undissolved. It uses sulfur up before the pH moves.',
  field: { units: percent, low: 0, high: 100, example: '1.5' },
  unit: '%',
  names: ['free lime', 'caco3', 'carbonate', 'carbonates', 'calcium carbonate'],
} as const satisfies TestDefinition
