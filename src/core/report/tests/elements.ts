import { soilUnitWords } from '../../units/rates'
import type { Element } from '../../units/quantity'
import type { TestDefinition } from './definition'
import { nutrientError } from './errors'

const element = <const Id extends Element>(
  id: Id,
  name: string,
  high: number,
  example: string,
  names: readonly string[],
  manner?: 'micronutrients' | 'boron',
) =>
  ({
    id,
    label: { en: `${name}, ${id}` },
    short: { en: name },
    field: { units: soilUnitWords, low: 0, high, example },
    unit: 'ppm',
    names,
    error: nutrientError,
    ...(manner && { manner }),
  }) as const satisfies TestDefinition

/** Names, the highest figure believed of each, and an example. Oxides are other quantities. Source: common practice. */
export const elementTests = [
  element('P', 'Phosphorus', 3_000, '28', ['p', 'phosphorus', 'phosphorous']),
  element('K', 'Potassium', 10_000, '140', ['k', 'potassium']),
  element('Ca', 'Calcium', 40_000, '900', ['ca', 'calcium']),
  element('Mg', 'Magnesium', 10_000, '95', ['mg', 'magnesium']),
  element('S', 'Sulfur', 5_000, '12', ['s', 'sulfur', 'sulphur', 'so4-s', 's-so4', 'sulfate-s']),
  element('Na', 'Sodium', 20_000, '25', ['na', 'sodium']),
  element('Zn', 'Zinc', 1_000, '1.8', ['zn', 'zinc'], 'micronutrients'),
  element('Mn', 'Manganese', 3_000, '20', ['mn', 'manganese'], 'micronutrients'),
  element('Fe', 'Iron', 5_000, '30', ['fe', 'iron'], 'micronutrients'),
  element('Cu', 'Copper', 1_000, '0.9', ['cu', 'copper'], 'micronutrients'),
  element('B', 'Boron', 200, '0.6', ['b', 'boron'], 'boron'),
] as const
