import type { Text } from '../sentence/text'
import type { Use } from './crop'
import type { SourceRef } from '../units/sources'

/** How soil is sampled. */
export interface Sampling {
  readonly cores: {
    readonly usual: number
    /** More of them from so many ft². */
    readonly large: number
    readonly largeOver: number
    /** Fewer below so many ft². */
    readonly small: number
    readonly smallUnder: number
  }
  /** in, from the surface; thatch, mulch and litter are cleared first. */
  readonly depth: Readonly<Record<Use, Depth>>
  /** Where children play, in. */
  readonly playDepth: Depth
  /** US cups of soil in a bag. */
  readonly bagCups: number
  /** Weeks to wait after lime or fertilizer. */
  readonly waitWeeks: number
  /** Years between samples; on sand, and while pH is being moved, one. */
  readonly retestYears: number
  /** Spots of one area that lie no further apart than this are taken as even ground, pH. */
  readonly evenWithin: number
  readonly source: SourceRef
}

export interface Depth {
  readonly from: number
  readonly to: number
}

const depth = (from: number, to: number): Depth => ({ from, to })

export const houseSampling: Sampling = {
  cores: { usual: 10, large: 15, largeOver: 5_000, small: 6, smallUnder: 100 },
  // Of containers the whole root zone, without the top half inch.
  depth: { bed: depth(0, 6), lawn: depth(0, 4), planting: depth(0, 6), plot: depth(0, 6), container: depth(0.5, 6) },
  playDepth: depth(0, 1),
  bagCups: 2,
  waitWeeks: 8,
  retestYears: 3,
  evenWithin: 0.5,
  source: 'practice',
}

/** Tests that a laboratory can be asked for. */
export const soilTests = {
  routine: {
    label: {
      en: 'routine: pH, buffer, P, K, Ca, Mg, CEC, organic matter',
      es: 'básico: pH, búfer, P, K, Ca, Mg, CIC, materia orgánica',
    },
  },
  media: {
    label: { en: 'soilless mix, saturated media extract', es: 'sustrato sin tierra, extracto de pasta saturada' },
  },
  salts: { label: { en: 'soluble salts', es: 'sales solubles' } },
  lead: { label: { en: 'total lead', es: 'plomo total' } },
  nitrate: { label: { en: 'nitrate', es: 'nitrato' } },
  micronutrients: { label: { en: 'micronutrients', es: 'micronutrientes' } },
} as const satisfies Record<string, { label: Text }>

export type TestId = keyof typeof soilTests
export const testIds = Object.keys(soilTests) as TestId[]
