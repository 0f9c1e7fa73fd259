/**
 * Quantities that must not be mixed up. Nothing here runs: `tsc` fails when one of these lines compiles.
 */
import type { Conductivity, LbPer1000SqFt, LbPerAcre, Pounds, SaltPH, SoilTest, WaterPH } from '../units/quantity'
import type { BufferPH } from './buffers'

declare const ppmP: SoilTest<'P', 'ppm'>
declare const phosphate: LbPer1000SqFt<'P₂O₅'>
declare const pure: LbPer1000SqFt<'CaCO₃'>
declare const smp: BufferPH<'SMP'>
declare const nitrogen: Pounds<'N'>
declare const salt: SaltPH
declare const perAcre: LbPerAcre<'N'>
declare const slurry: Conductivity<'1:2'>
declare const index: SoilTest<'P', 'index'>

// @ts-expect-error ppm of phosphorus is not lb/acre
export const inLb: SoilTest<'P', 'lb/acre'> = ppmP
// @ts-expect-error a soil test of P is not one of K
export const potassium: SoilTest<'K', 'ppm'> = ppmP
// @ts-expect-error phosphate is not potash
export const potash: LbPer1000SqFt<'K₂O'> = phosphate
// @ts-expect-error pure lime is not the reference lime of a method
export const reference: LbPer1000SqFt<'reference lime'> = pure
// @ts-expect-error a buffer pH is not the soil's pH
export const water: WaterPH = smp
// @ts-expect-error one buffer is not another
export const other: BufferPH<'Adams–Evans'> = smp
// @ts-expect-error an amount is not a rate
export const rate: LbPer1000SqFt<'N'> = nitrogen
// @ts-expect-error quantities are not added as numbers
export const sum: number = nitrogen + nitrogen
// @ts-expect-error pH in salt is not pH in water
export const inWater: WaterPH = salt
// @ts-expect-error a rate per acre is not one per 1,000 ft²
export const perThousand: LbPer1000SqFt<'N'> = perAcre
// @ts-expect-error the salts of a 1:2 slurry are not those of the saturated paste
export const paste: Conductivity<'saturated-paste'> = slurry
// @ts-expect-error a laboratory's index is not ppm
export const fromIndex: SoilTest<'P', 'ppm'> = index
