import type { TestDefinition } from './definition'

export const salts = {
  id: 'salts',
  label: { en: 'Soluble salts, EC' },
  short: { en: 'Salts' },
  named: { en: 'salts', es: 'sales' },
  about: 'Salt in the soil, by how well its water conducts. Too much burns roots: leach it before feeding.',
  field: {
    units: [
      { unit: 'dS/m', words: ['ds/m', 'mmho/cm', 'mmhos/cm', 'ms/cm'] },
      { unit: 'ppm', words: ['ppm'] },
    ],
    low: 0,
    high: 70_000,
    example: '0.8',
  },
  unit: 'dS/m',
  names: ['ec', 'soluble salts', 'salts', 'conductivity', 'electrical conductivity', 'sol salts'],
  manner: 'saltsBy',
} as const satisfies TestDefinition
