import { majorNutrients, type MajorNutrient } from '../units/quantity'

/** What a figure may be of: lime or sulfur as a product, or a nutrient. */
export type Doubtable = 'lime' | 'sulfur' | MajorNutrient
export const doubtables: readonly Doubtable[] = ['lime', 'sulfur', ...majorNutrients]

/** What one calls it where one says a figure. */
export const called: Readonly<Record<Doubtable, string>> = {
  lime: 'lime',
  sulfur: 'sulfur',
  N: 'nitrogen',
  'P₂O₅': 'phosphate',
  'K₂O': 'potash',
}
