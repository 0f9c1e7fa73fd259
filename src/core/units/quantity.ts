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

/** What an amount is an amount of. `product` is what comes out of the bag. */
export type Substance = 'N' | 'P₂O₅' | 'K₂O' | 'S' | 'CaCO₃' | 'reference lime' | 'product'

export type Pounds<S extends Substance> = Quantity<`lb ${S}`>
export type LbPer1000SqFt<S extends Substance> = Quantity<`lb ${S}/1000 ft²`>

/** Elements as a soil report gives them. */
export type Element = 'P' | 'K' | 'Mg'
/** How a laboratory states them; lb/acre always means the 6⅔ in furrow slice, ppm × 2. */
export type SoilUnit = 'ppm' | 'lb/acre'
export type SoilTest<E extends Element = Element, U extends SoilUnit = SoilUnit> = Quantity<`${U} ${E}`>

export type WaterPH = Quantity<'pH in water'>
/** The Sikora buffer was built to read like SMP, the Moore–Sikora buffer like Adams–Evans. */
export const bufferKinds = ['SMP', 'Sikora', 'Adams–Evans', 'Moore–Sikora', 'Mehlich'] as const
export type BufferKind = (typeof bufferKinds)[number]
export type BufferPH<K extends BufferKind = BufferKind> = Quantity<`${K} buffer pH`>
export type OrganicMatter = Quantity<'% organic matter'>
export type Cec = Quantity<'meq/100 g'>
