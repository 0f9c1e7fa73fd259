import type { Text } from '../sentence'
import type { SoilUnit } from '../units/quantity'
import { crops, type Crop, type RateGroup } from './crops'
import type { SourceId } from './sources'
import type { TextureId } from './soils'

/** What the laboratory extracted the nutrients with. The last two have no guide: they are named to be refused. */
export const extractants = {
  'mehlich-3': { label: { en: 'Mehlich-3' } },
  'mehlich-1': { label: { en: 'Mehlich-1 (double acid)' } },
  'bray-1': { label: { en: 'Bray P1, K by ammonium acetate' } },
  olsen: { label: { en: 'Olsen P, K by ammonium acetate' } },
  morgan: { label: { en: 'Morgan or Modified Morgan' } },
  other: { label: { en: 'another, or not stated' } },
} as const satisfies Record<string, { label: Text }>

export type ExtractantId = keyof typeof extractants

export const classNames = ['very-low', 'low', 'medium', 'optimum', 'excess'] as const
export type ClassName = (typeof classNames)[number]

/** Upper bounds of the first four classes, inclusive. The first row whose condition the soil meets holds. */
export interface ClassRow {
  readonly cecOver?: number
  readonly cecFrom?: number
  readonly bounds: readonly [number, number, number, number]
}

export interface MagnesiumRow {
  readonly cecBelow?: number
  readonly texture?: TextureId
  readonly lowBelow: number
}

export interface Guide {
  readonly id: string
  readonly version: number
  readonly title: Text
  readonly extractant: ExtractantId
  readonly unit: SoilUnit
  readonly classes: { readonly P: readonly ClassRow[]; readonly K: readonly ClassRow[]; readonly source: SourceId }
  readonly magnesium: { readonly rows: readonly MagnesiumRow[]; readonly source: SourceId }
  /** The extractant under-reads P where lime is free; above this pH the figure is not rated. */
  readonly phosphorusUpToPH?: number
  readonly crops: Readonly<Record<string, Crop>>
  /** lb per 1,000 ft² a year for each class, from very low to excess. */
  readonly rates: Readonly<Record<RateGroup, Rates>>
}

interface Rates {
  readonly 'P₂O₅': readonly [number, number, number, number, number]
  readonly 'K₂O': readonly [number, number, number, number, number]
}

/** Source: house. */
const rates: Guide['rates'] = {
  garden: { 'P₂O₅': [4, 3, 1.5, 0, 0], 'K₂O': [4, 3, 2, 0.5, 0] },
  lawn: { 'P₂O₅': [2, 1.5, 0.5, 0, 0], 'K₂O': [3, 2, 1, 0, 0] },
  woody: { 'P₂O₅': [2, 1, 0.5, 0, 0], 'K₂O': [2, 1.5, 0.5, 0, 0] },
}

const house = { version: 1, crops, rates } as const

export const guides: readonly Guide[] = [
  {
    ...house,
    id: 'mehlich-3-humid-east',
    title: { en: 'Mehlich-3, humid east' },
    extractant: 'mehlich-3',
    unit: 'ppm',
    classes: { P: [{ bounds: [15, 30, 50, 100] }], K: [{ bounds: [45, 90, 130, 200] }], source: 'house' },
    magnesium: { rows: [{ lowBelow: 60 }], source: 'house' },
  },
  {
    ...house,
    id: 'mehlich-1-southeast',
    title: { en: 'Mehlich-1, southeast' },
    extractant: 'mehlich-1',
    unit: 'lb/acre',
    classes: {
      P: [{ cecOver: 9, bounds: [7, 15, 30, 60] }, { bounds: [12, 25, 50, 100] }],
      K: [
        { cecOver: 9, bounds: [60, 120, 240, 480] },
        { cecFrom: 4.6, bounds: [45, 90, 180, 360] },
        { bounds: [30, 60, 120, 240] },
      ],
      source: 'house',
    },
    magnesium: { rows: [{ cecBelow: 4.6, lowBelow: 25 }, { lowBelow: 50 }], source: 'house' },
    phosphorusUpToPH: 7,
  },
  {
    ...house,
    id: 'bray-1-midwest',
    title: { en: 'Bray P1 and ammonium acetate, midwest' },
    extractant: 'bray-1',
    unit: 'ppm',
    classes: { P: [{ bounds: [10, 20, 30, 50] }], K: [{ bounds: [60, 100, 140, 200] }], source: 'house' },
    magnesium: { rows: [{ texture: 'sand', lowBelow: 50 }, { lowBelow: 100 }], source: 'house' },
    phosphorusUpToPH: 7.3,
  },
  {
    ...house,
    id: 'olsen-west',
    title: { en: 'Olsen and ammonium acetate, west and plains' },
    extractant: 'olsen',
    unit: 'ppm',
    classes: { P: [{ bounds: [5, 10, 20, 40] }], K: [{ bounds: [60, 120, 150, 250] }], source: 'house' },
    magnesium: { rows: [{ lowBelow: 60 }], source: 'house' },
  },
]

export type GuideRef = `${string}@${number}`

export const guideRef = (guide: Guide): GuideRef => `${guide.id}@${guide.version}`

/** The newest shipped guide that speaks for an extractant; undefined where none does. */
export const guideFor = (extractant: ExtractantId): Guide | undefined =>
  guides.filter((guide) => guide.extractant === extractant).sort((a, b) => b.version - a.version)[0]

/** Used while no extractant is named: its crops, aims and nitrogen hold whatever the laboratory's method. */
export const defaultGuide = guides[0]!
