import { ppmPerMeq } from '../units/factors'
import type { Cec } from '../units/quantity'
import { inPpm } from './classify'
import type { ReadReport } from './soil'

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
export function baseSaturation(tests: ReadReport['tests'], cec: Cec | undefined): readonly BaseSaturation[] {
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
