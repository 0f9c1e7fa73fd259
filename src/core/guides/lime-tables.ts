import type { Climate, LimeRow } from './soils'

/**
 * SMP buffer pH, and tons/acre of good agricultural limestone for an 8 in layer to soil pH 7.0, 6.5 and 6.0.
 * Source: smp. The last row is the straight line down to nothing at buffer pH 7.0.
 */
export const smpColumns = [7.0, 6.5, 6.0] as const
export const smpRows: readonly (readonly [bufferPH: number, to70: number, to65: number, to60: number])[] = [
  [4.8, 22.1, 18.6, 15.1],
  [5.0, 20.0, 16.9, 13.7],
  [5.2, 17.9, 15.1, 12.3],
  [5.3, 16.9, 14.2, 11.6],
  [5.4, 15.8, 13.4, 10.9],
  [5.5, 14.8, 12.5, 10.2],
  [5.6, 13.7, 11.6, 9.4],
  [5.7, 12.7, 10.7, 8.7],
  [5.8, 11.7, 9.8, 8.0],
  [5.9, 10.6, 9.0, 7.3],
  [6.0, 9.6, 8.1, 6.6],
  [6.1, 8.6, 7.2, 5.9],
  [6.2, 7.5, 6.4, 5.2],
  [6.3, 6.5, 5.5, 4.5],
  [6.4, 5.5, 4.7, 3.8],
  [6.5, 4.5, 3.8, 3.1],
  [6.6, 3.4, 2.9, 2.4],
  [6.7, 2.4, 2.1, 1.7],
  [6.8, 1.4, 1.2, 1.0],
  [7.0, 0, 0, 0],
]

/**
 * The same for organic soil, which aims at pH 5.2 to 5.3: three rows are known. Source: smp.
 */
export const smpOrganic: readonly (readonly [bufferPH: number, tons: number])[] = [
  [5.5, 7.8],
  [6.0, 5.1],
  [6.8, 0.7],
  [7.0, 0],
]
export const smpOrganicAim = { from: 5.2, to: 5.3 } as const

/** Tri-State lines: tons/acre = start − slope × (10 × buffer pH), by the aim. Source: tri-state. */
export const triStateLines: readonly { readonly to: number; readonly start: number; readonly slope: number }[] = [
  { to: 6.8, start: 71.4, slope: 1.03 },
  { to: 6.5, start: 60.4, slope: 0.87 },
  { to: 6.0, start: 49.3, slope: 0.71 },
]

/** One step of the texture table: tons/acre of finely ground limestone that lift the 7 in layer from `from` to `to`. */
export interface TextureStep {
  readonly from: number
  readonly to: number
  readonly tons: number
}

const rows = (below: number | null, middle: number, above: number): readonly TextureStep[] => [
  ...(below === null ? [] : [{ from: 3.5, to: 4.5, tons: below }]),
  { from: 4.5, to: 5.5, tons: middle },
  { from: 5.5, to: 6.5, tons: above },
]

/** Source: survey-manual-1951. Only sand and muck have a step below pH 4.5. */
export const limeByTexture: Readonly<Record<Climate, Readonly<Record<LimeRow, readonly TextureStep[]>>>> = {
  cool: {
    sand: rows(0.4, 0.5, 0.6),
    sandyLoam: rows(null, 0.8, 1.3),
    loam: rows(null, 1.2, 1.7),
    siltLoam: rows(null, 1.5, 2.0),
    clayLoam: rows(null, 1.9, 2.3),
    muck: rows(2.9, 3.8, 4.3),
  },
  warm: {
    sand: rows(0.3, 0.3, 0.4),
    sandyLoam: rows(null, 0.5, 0.7),
    loam: rows(null, 0.8, 1.0),
    siltLoam: rows(null, 1.2, 1.4),
    clayLoam: rows(null, 1.5, 2.0),
    muck: rows(2.5, 3.3, 3.8),
  },
}
