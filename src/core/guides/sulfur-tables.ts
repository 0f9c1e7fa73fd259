import type { SulfurRow } from './soils'

/** lb of elemental sulfur per 100 ft² that bring a 6 in layer from this pH to 4.5. Source: nraes-55. */
export const sulfurTo45: Readonly<Record<SulfurRow, readonly (readonly [pH: number, lbPer100SqFt: number])[]>> = {
  sand: [
    [4.5, 0],
    [5.0, 0.4],
    [5.5, 0.8],
    [6.0, 1.2],
    [6.5, 1.5],
    [7.0, 1.9],
    [7.5, 2.3],
  ],
  loam: [
    [4.5, 0],
    [5.0, 1.2],
    [5.5, 2.4],
    [6.0, 3.5],
    [6.5, 4.6],
    [7.0, 5.8],
    [7.5, 6.9],
  ],
}

/** The tenths rule. Source: practice. */
export const tenthsRuleLbPer100SqFt = 0.2
