import { ppmPerMeq } from '../units/factors'
import type { Cec } from '../units/quantity'
import { inPpm, type Tests } from './tests'

export type Base = keyof typeof ppmPerMeq
export const bases = Object.keys(ppmPerMeq) as Base[]

/** meq/100 g of each base that was tested, and % of the CEC where that is known. */
export interface BaseSaturation {
  readonly base: Base
  readonly meq: number
  readonly percent?: number
}

/**
 * The bases on the exchange.
 * Source: equivalent weights (molar mass ÷ charge).
 */
export function baseSaturation(tests: Tests, cec: Cec | undefined): readonly BaseSaturation[] {
  return bases.flatMap((base) => {
    const ppm = inPpm(tests[base])
    if (ppm === undefined) return []
    const meq = ppm / ppmPerMeq[base]
    return [{ base, meq, percent: cec && (meq / cec.v) * 100 }]
  })
}

/** Spans of the base-saturation school, % of the CEC. Source: common practice. */
export const balanced: Readonly<Record<'H' | 'K' | 'Mg' | 'Ca', readonly [number, number]>> = {
  H: [10, 20],
  K: [2, 5],
  Mg: [10, 20],
  Ca: [65, 80],
}

/**
 * The share of the exchange that hydrogen (acidity) holds, %: as measured, else what the bases leave where all three of
 * the main ones were tested. Undefined where neither is known.
 * Source: the exchange is bases and acidity; equivalent weights.
 *
 * @param acidity meq/100 g
 * @param cec meq/100 g
 */
export function hydrogenShare(
  each: readonly BaseSaturation[],
  acidity: number | undefined,
  cec: number | undefined,
): number | undefined {
  if (cec === undefined) return undefined
  if (acidity !== undefined) return (acidity / cec) * 100
  const held = each.reduce((sum, { percent }) => sum + (percent ?? 0), 0)
  return each.length >= 3 && held <= 100 ? 100 - held : undefined
}

/** Where a share lies against the span of the base-saturation school. */
export const againstBalance = (base: keyof typeof balanced, percent: number): 'below' | 'within' | 'above' =>
  percent < balanced[base][0] ? 'below' : percent > balanced[base][1] ? 'above' : 'within'
