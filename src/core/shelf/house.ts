import { isFertilizer, type Fertilizer, type Product, type ProductRef } from './product'
import { productNamed } from './product-named'
import type { Shelf } from './shelf'

/** Ground that is fed with products of one kind. */
export const houseGroups = ['lawn', 'newLawn', 'beds', 'acid', 'plantings', 'plots', 'mix'] as const
export type HouseGroup = (typeof houseGroups)[number]

/** The fertilizers that an office names where nobody chose any, by what they are for; the first of two alike is taken. */
export type House = Readonly<Record<HouseGroup, readonly ProductRef[]>>

/**
 * What is named where an office has settled nothing. Sulfate of potash stands for muriate, so that no crop is given
 * chloride unasked; urea and muriate stand where a field is fed. Source: common practice.
 */
export const shippedHouse: House = {
  lawn: [
    '24-0-11@1',
    '25-0-3@1',
    '15-0-15@1',
    '16-4-8@1',
    '15-5-10@1',
    'sulfate-of-potash@1',
    'triple-superphosphate@1',
  ],
  newLawn: [
    '18-24-12@1',
    '24-0-11@1',
    '15-0-15@1',
    '16-4-8@1',
    '25-0-3@1',
    'sulfate-of-potash@1',
    'triple-superphosphate@1',
  ],
  beds: [
    '10-10-10@1',
    '5-10-10@1',
    '15-0-15@1',
    'ammonium-sulfate@1',
    'triple-superphosphate@1',
    'sulfate-of-potash@1',
  ],
  acid: ['ammonium-sulfate@1', 'urea@1', 'monoammonium-phosphate@1', 'sulfate-of-potash@1', 'triple-superphosphate@1'],
  plantings: [
    '12-4-8@1',
    '10-10-10@1',
    '15-0-15@1',
    'ammonium-sulfate@1',
    'triple-superphosphate@1',
    'sulfate-of-potash@1',
  ],
  plots: [
    '19-19-19@1',
    '0-20-20@1',
    'urea@1',
    'diammonium-phosphate@1',
    'triple-superphosphate@1',
    'muriate-of-potash@1',
    'sulfate-of-potash@1',
  ],
  mix: ['soluble-20-20-20@1', 'calcium-nitrate@1', 'potassium-nitrate@1', 'monoammonium-phosphate@1'],
}

/** An office's fertilizers by group, those that ship where it names none; without what cannot be had there. */
export const houseOf = (own: Partial<House>, shelf: Shelf): House => {
  const sold = (ref: ProductRef) => !(Object.hasOwn(shelf, ref) && shelf[ref]!.away)
  const all = { ...shippedHouse, ...own }
  return Object.fromEntries(houseGroups.map((group) => [group, all[group].filter(sold)] as const)) as unknown as House
}

/** The fertilizers of a group that are known. */
export const housed = (house: House, group: HouseGroup, products: readonly Product[]): readonly Fertilizer[] =>
  house[group].flatMap((ref) => {
    const product = productNamed(products, ref)
    return isFertilizer(product) ? [product] : []
  })
