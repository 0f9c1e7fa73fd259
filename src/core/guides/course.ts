import type { SourceRef } from '../units/sources'

/** A share of a lime and how fast it reacts: first order, by year. */
export interface LimeClass {
  readonly share: number
  readonly perYear: number
}

/**
 * How fast each fineness reacts, so that its first year is what the efficiency factors of ground stone say of it.
 * Source: common practice.
 */
export const limeRates = { passing60: 3, from20to60: 0.9, from8to20: 0.2 } as const

/** All of it passes 60 mesh: pulverized lime, pellets of it, ash. */
export const fineStone: readonly LimeClass[] = [{ share: 1, perYear: limeRates.passing60 }]

/** Ordinary ground limestone, which in a year acts like about 0.65 of pure, fine CaCO₃. Source: common practice. */
export const groundStone: readonly LimeClass[] = [
  { share: 0.45, perYear: limeRates.passing60 },
  { share: 0.25, perYear: limeRates.from20to60 },
  { share: 0.3, perYear: limeRates.from8to20 },
]
/** lb CaCO₃ that are in a lb of it in the end. */
export const inGroundStone = 0.98

/** A figure with what it lies between. */
export interface Between {
  readonly low: number
  readonly usual: number
  readonly high: number
}

/**
 * Share of elemental sulfur that bacteria oxidize in a day at 20 °C, and how much faster at 10 °C more.
 * Source: Janzen & Bettany 1987, recalled.
 */
export const oxidation: {
  readonly prills: Between
  readonly powder: Between
  readonly per10C: Between
  readonly source: SourceRef
} = {
  prills: { low: 0.001, usual: 0.003, high: 0.006 },
  powder: { low: 0.006, usual: 0.012, high: 0.02 },
  per10C: { low: 2.5, usual: 2.75, high: 3 },
  source: 'janzen-bettany-1987',
}

/** °F below which bacteria do next to nothing. Source: common practice. */
export const bacteriaRest = 40

/**
 * How far a method's idea of a soil's buffering may be off, as a share (one standard deviation): two sources agree within
 * about so much. Source: common practice.
 */
export const bufferingError = 0.4

/** What a learned buffering may be of the usual one, at the least and the most. Source: common practice. */
export const learnedSpan = [0.5, 2] as const

/** pH that no lime lifts a soil above, and no sulfur brings it below, in this reckoning. Source: common practice. */
export const courseSpan = [3.5, 8.3] as const
