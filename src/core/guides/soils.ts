import type { Text } from '../sentence/text'

/**
 * Soil textures, and the row that stands for each in the two texture tables.
 * A texture without a row of its own borrows the neighbour that gives the smaller amount,
 * because too much is slower to undo than too little; `borrows` says so in the workings.
 */
export interface Texture {
  readonly label: Text
  readonly limeRow: LimeRow
  readonly sulfurRow: SulfurRow | null
  /** Multiplies the sulfur row. */
  readonly sulfurFactor: number
  readonly sandy: boolean
  /** Muck and peat, which need far less of a pH than mineral soil. */
  readonly organic?: boolean
  readonly borrows: { readonly lime: boolean; readonly sulfur: boolean }
}

export type LimeRow = 'sand' | 'sandyLoam' | 'loam' | 'siltLoam' | 'clayLoam' | 'muck'
export type SulfurRow = 'sand' | 'loam'

const own = { lime: false, sulfur: false }

export const textures = {
  sand: { label: { en: 'sand' }, limeRow: 'sand', sulfurRow: 'sand', sulfurFactor: 1, sandy: true, borrows: own },
  'sandy-loam': {
    label: { en: 'sandy loam' },
    limeRow: 'sandyLoam',
    sulfurRow: 'sand',
    sulfurFactor: 1,
    sandy: true,
    borrows: { lime: false, sulfur: true },
  },
  loam: { label: { en: 'loam' }, limeRow: 'loam', sulfurRow: 'loam', sulfurFactor: 1, sandy: false, borrows: own },
  'silt-loam': {
    label: { en: 'silt loam' },
    limeRow: 'siltLoam',
    sulfurRow: 'loam',
    sulfurFactor: 1,
    sandy: false,
    borrows: { lime: false, sulfur: true },
  },
  'clay-loam': {
    label: { en: 'clay loam' },
    limeRow: 'clayLoam',
    sulfurRow: 'loam',
    sulfurFactor: 1,
    sandy: false,
    borrows: { lime: false, sulfur: true },
  },
  clay: {
    label: { en: 'clay, silty clay' },
    limeRow: 'clayLoam',
    sulfurRow: 'loam',
    sulfurFactor: 1.5,
    sandy: false,
    borrows: { lime: true, sulfur: false },
  },
  muck: {
    label: { en: 'muck, peat' },
    limeRow: 'muck',
    sulfurRow: null,
    sulfurFactor: 1,
    sandy: false,
    organic: true,
    borrows: own,
  },
} as const satisfies Record<string, Texture>

export type TextureId = keyof typeof textures
export type Climate = 'cool' | 'warm'

/** Names of pH ranges; upper bounds to 0.1, inclusive. Source: survey-manual. */
export const reactionClasses = [
  { upTo: 3.4, name: { en: 'ultra acid' } },
  { upTo: 4.4, name: { en: 'extremely acid' } },
  { upTo: 5.0, name: { en: 'very strongly acid' } },
  { upTo: 5.5, name: { en: 'strongly acid' } },
  { upTo: 6.0, name: { en: 'moderately acid' } },
  { upTo: 6.5, name: { en: 'slightly acid' } },
  { upTo: 7.3, name: { en: 'neutral' } },
  { upTo: 7.8, name: { en: 'slightly alkaline' } },
  { upTo: 8.4, name: { en: 'moderately alkaline' } },
  { upTo: 9.0, name: { en: 'strongly alkaline' } },
  { upTo: 14, name: { en: 'very strongly alkaline' } },
] as const
