import type { UnitWords } from '../units/typed'

/** Units of fields, and how people write them. */
export const percent = [{ unit: '%', words: ['%', 'percent'] }] as const satisfies readonly UnitWords[]
export const pounds = [{ unit: 'lb', words: ['lb', 'lbs', 'pounds', '#'] }] as const satisfies readonly UnitWords[]
export const ounces = [{ unit: 'oz', words: ['oz', 'ounce', 'ounces'] }] as const satisfies readonly UnitWords[]
export const kilograms = [{ unit: 'kg', words: ['kg', 'kilo', 'kilos'] }] as const satisfies readonly UnitWords[]
/** Bags of the size in which a product is usually sold. */
export const bagsWords = [
  { unit: 'bags', words: ['bag', 'bags', 'a bag', 'of a bag', 'sack', 'sacks'] },
] as const satisfies readonly UnitWords[]
export const bushels = [
  {
    unit: 'bu/acre',
    words: ['bu', 'bu/acre', 'bu/ac', 'bushels', 'bushels/acre', 'bushels an acre', 'bushels per acre'],
  },
] as const satisfies readonly UnitWords[]
export const tonsPerAcre = [
  { unit: 'tons/acre', words: ['tons', 'ton', 't', 'tons/acre', 'tons/ac', 't/acre', 'tons an acre', 'tons per acre'] },
] as const satisfies readonly UnitWords[]
export const inches = [
  { unit: 'in', words: ['in', 'inch', 'inches', '"'] },
  { unit: 'cm', words: ['cm'] },
] as const satisfies readonly UnitWords[]
export const feet = [
  { unit: 'ft', words: ['ft', 'feet', 'foot', "'"] },
  { unit: 'm', words: ['m'] },
] as const satisfies readonly UnitWords[]
/** Charge on the exchange. */
export const charge = [
  { unit: 'meq/100 g', words: ['meq', 'meq/100 g', 'meq/100g', 'cmol/kg', 'cmol(c)/kg'] },
] as const satisfies readonly UnitWords[]
