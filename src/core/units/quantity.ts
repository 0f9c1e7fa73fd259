/**
 * A number that knows what it is of. The tag is part of the type, so that ppm P cannot be handed
 * to something that wants lb P₂O₅ per acre, nor salt pH to something that wants water pH.
 *
 * @example const rate: LbPer1000SqFt<'N'> = quantity(1.5, 'lb N/1000 ft²')
 */
export interface Quantity<Of extends string = string> {
  readonly v: number
  readonly of: Of
}

export const quantity = <const Of extends string>(v: number, of: Of): Quantity<Of> => ({ v, of })

/** What plants are fed with, as labels and laboratories state it. */
export const majorNutrients = ['N', 'P₂O₅', 'K₂O'] as const
export const otherNutrients = ['Mg', 'Ca', 'S', 'B', 'Zn', 'Mn', 'Fe', 'Cu'] as const
export type MajorNutrient = (typeof majorNutrients)[number]
export type OtherNutrient = (typeof otherNutrients)[number]
export type Nutrient = MajorNutrient | OtherNutrient

export const isMajor = (of: string): of is MajorNutrient => (majorNutrients as readonly string[]).includes(of)
export const isMinor = (of: string): of is OtherNutrient => (otherNutrients as readonly string[]).includes(of)

/** What an amount is an amount of. `product` is what comes out of the bag. */
export type Substance = Nutrient | 'CaCO₃' | 'reference lime' | 'product'

export type Pounds<S extends Substance> = Quantity<`lb ${S}`>
export type LbPer1000SqFt<S extends Substance> = Quantity<`lb ${S}/1000 ft²`>
export type LbPerAcre<S extends Substance> = Quantity<`lb ${S}/acre`>

/** Elements as a soil report gives them. */
export const elements = ['P', 'K', 'Ca', 'Mg', 'S', 'Na', 'Zn', 'Mn', 'Fe', 'Cu', 'B'] as const
export type Element = (typeof elements)[number]
/** They have an extractant of their own, and are printed in ppm whatever the others are printed in; so is boron. */
export const metals = ['Zn', 'Mn', 'Fe', 'Cu'] as const
export type Micronutrient = (typeof metals)[number] | 'B'
export const isMicronutrient = (field: string): field is Micronutrient =>
  field === 'B' || (metals as readonly string[]).includes(field)
/** How a laboratory states them; lb/acre always means the 6⅔ in furrow slice, ppm × 2. An index is the laboratory's own scale. */
export type SoilUnit = 'ppm' | 'lb/acre'
export type TestUnit = SoilUnit | 'index'
export type SoilTest<E extends Element = Element, U extends TestUnit = TestUnit> = Quantity<`${U} ${E}`>

export type WaterPH = Quantity<'pH in water'>
/** Measured in 0.01 M CaCl₂, which reads lower. */
export type SaltPH = Quantity<'pH in salt'>
export type OrganicMatter = Quantity<'% organic matter'>
export type Cec = Quantity<'meq/100 g'>
/** Electrical conductivity; which extract it was measured in decides what it means. */
export const saltMethods = ['saturated-paste', '1:1', '1:2', 'saturated-media', 'pour-through'] as const
export type SaltMethod = (typeof saltMethods)[number]
export type Conductivity<M extends SaltMethod = SaltMethod> = Quantity<`dS/m, ${M}`>
