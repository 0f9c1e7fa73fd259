import type { MajorNutrient } from '../units/quantity'

/**
 * How far from a need bags may come before they are said to miss it, as shares of the need. What is short by more gets
 * an application of its own. Source: common practice.
 */
export const tolerance: Readonly<Record<MajorNutrient, { readonly short: number; readonly over: number }>> = {
  N: { short: 0.1, over: 0.15 },
  'P₂O₅': { short: 0.1, over: 0.25 },
  'K₂O': { short: 0.1, over: 0.25 },
}

/** Where nothing is needed, so many lb per 1,000 ft² are as bad as missing a whole need. Source: common practice. */
export const wholeWhereNone: Readonly<Record<MajorNutrient, number>> = { N: 1, 'P₂O₅': 1, 'K₂O': 2 }

/** Whether so many lb of a nutrient are all but as many as are wanted. */
export const isEnough = (nutrient: MajorNutrient, supplied: number, wanted: number): boolean =>
  supplied >= (1 - tolerance[nutrient].short) * wanted
