import { soilUnitWords } from '../../units/rates'
import type { Element } from '../../units/quantity'
import type { TestDefinition } from './definition'
import { nutrientError } from './errors'

const element = <const Id extends Element>(
  id: Id,
  name: string,
  es: string,
  high: number,
  example: string,
  names: readonly string[],
  { manner, about }: { readonly manner?: 'micronutrients' | 'boron'; readonly about?: string } = {},
) =>
  ({
    id,
    label: { en: `${name}, ${id}` },
    short: { en: name },
    named: { en: name.toLowerCase(), es },
    ...(about && { about }),
    field: { units: soilUnitWords, low: 0, high, example },
    unit: 'ppm',
    names,
    error: nutrientError,
    ...(manner && { manner }),
  }) as const satisfies TestDefinition

/** Names, the highest figure believed of each, and an example. Oxides are other quantities. Source: common practice. */
export const elementTests = [
  element('P', 'Phosphorus', 'fósforo', 3_000, '28', ['p', 'phosphorus', 'phosphorous'], {
    about: 'Phosphorus, for roots and seeds. It stays where it lies, and what is too much runs into lakes.',
  }),
  element('K', 'Potassium', 'potasio', 10_000, '140', ['k', 'potassium'], {
    about: 'Potassium, against cold, drought and disease.',
  }),
  element('Ca', 'Calcium', 'calcio', 40_000, '900', ['ca', 'calcium'], {
    about: 'Calcium, which lime brings. Soil that is limed seldom lacks it.',
  }),
  element('Mg', 'Magnesium', 'magnesio', 10_000, '95', ['mg', 'magnesium'], {
    about: 'Magnesium, in every green leaf. Dolomitic lime brings it.',
  }),
  element('S', 'Sulfur', 'azufre', 5_000, '12', ['s', 'sulfur', 'sulphur', 'so4-s', 's-so4', 'sulfate-s']),
  element('Na', 'Sodium', 'sodio', 20_000, '25', ['na', 'sodium']),
  element('Zn', 'Zinc', 'zinc', 1_000, '1.8', ['zn', 'zinc'], { manner: 'micronutrients' }),
  element('Mn', 'Manganese', 'manganeso', 3_000, '20', ['mn', 'manganese'], { manner: 'micronutrients' }),
  element('Fe', 'Iron', 'hierro', 5_000, '30', ['fe', 'iron'], { manner: 'micronutrients' }),
  element('Cu', 'Copper', 'cobre', 1_000, '0.9', ['cu', 'copper'], { manner: 'micronutrients' }),
  element('B', 'Boron', 'boro', 200, '0.6', ['b', 'boron'], { manner: 'boron' }),
] as const
