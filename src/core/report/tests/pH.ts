import type { TestDefinition } from './definition'

/**
 * A laboratory's pH is out by 0.1, a meter's by 0.3; a kit may be out by 0.5. A composite of n cores adds 0.25 / √n.
 * Source of all: common practice.
 */
export const pH = {
  id: 'pH',
  label: { en: 'pH' },
  named: { en: 'pH', es: 'pH' },
  about: 'How acid soil is: 7 is neutral, each step below is ten times as acid. It decides what plants can take up.',
  field: { units: [], low: 3, high: 10, example: '6.1' },
  unit: '',
  names: ['ph', 'soil ph', 'ph water', 'water ph', 'ph in water', 'ph 1 1', '1 1 ph', 'ph h2o'],
  manner: 'pHIn',
  error: (_v, kind, cores) =>
    kind === 'meter' ? 0.3 : kind === 'kit' ? 0.5 : Math.hypot(0.1, 0.25 / Math.sqrt(cores)),
} as const satisfies TestDefinition
