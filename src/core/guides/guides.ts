import { withNames } from './also-called'
import { crops, lawnsByMinimum, pottedCrops } from './crops'
import { defaultGuideRef } from './default'
import { type ExtractantId, type Guide, guideNamed } from './guide'
import { houseLimits } from './limits'
import { houseSampling } from './sampling'
import { houseSchools, olsenSchools, samplingSchools } from './schools'
import { houseWindows } from './windows'

const rates: Guide['rates'] = {
  garden: { 'P₂O₅': [4, 3, 1.5, 0, 0], 'K₂O': [4, 3, 2, 0.5, 0] },
  lawn: { 'P₂O₅': [2, 1.5, 0.5, 0, 0], 'K₂O': [3, 2, 1, 0, 0] },
  newLawn: { 'P₂O₅': [3, 2, 1, 0.5, 0], 'K₂O': [3, 2, 1, 0, 0] },
  woody: { 'P₂O₅': [2, 1, 0.5, 0, 0], 'K₂O': [2, 1.5, 0.5, 0, 0] },
  source: 'house',
}

const house = {
  version: 1,
  medium: 'soil',
  crops: withNames(crops),
  rates,
  limits: houseLimits,
  sampling: houseSampling,
  windows: houseWindows,
  // A measured buffer, then measured acidity, then a texture.
  methods: {
    lime: ['smp', 'tri-state-lime', 'adams-evans', 'mehlich', 'acidity', 'texture'],
    sulfur: ['table', 'tenths', 'chemistry'],
  },
  schools: houseSchools,
  index: { bounds: [10, 25, 50, 100], source: 'house' },
} as const

const low = (lowBelow: number) => ({ rows: [{ lowBelow }], source: 'house' }) as const
const mehlich3Classes: Guide['classes'] = {
  P: [{ bounds: [15, 30, 50, 100] }],
  K: [{ bounds: [45, 90, 130, 200] }],
  source: 'house',
}

const dtpa = (lowBelow: number) => ({ ...low(lowBelow), by: 'DTPA' }) as const

export const guides: readonly Guide[] = [
  {
    ...house,
    id: 'mehlich-3-humid-east',
    title: { en: 'Mehlich-3, humid east' },
    extractant: 'mehlich-3',
    unit: 'ppm',
    classes: mehlich3Classes,
    minimums: {
      Mg: low(60),
      S: low(10),
      Zn: { ...low(1.5), by: 'mehlich-3' },
      Cu: { ...low(0.5), by: 'mehlich-3' },
      B: { ...low(0.5), by: 'mehlich-3' },
    },
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
    minimums: { Mg: { rows: [{ cecBelow: 4.6, lowBelow: 25 }, { lowBelow: 50 }], source: 'house' } },
    underReadsP: { doubtedAbovePH: 6.5, refusedAbovePH: 7, source: 'practice' },
  },
  {
    ...house,
    id: 'bray-1-midwest',
    title: { en: 'Bray P1 and ammonium acetate, midwest' },
    extractant: 'bray-1',
    unit: 'ppm',
    classes: { P: [{ bounds: [10, 20, 30, 50] }], K: [{ bounds: [60, 100, 140, 200] }], source: 'house' },
    minimums: {
      Mg: { rows: [{ texture: 'sand', lowBelow: 50 }, { lowBelow: 100 }], source: 'house' },
      Zn: dtpa(1.0),
    },
    // From where soil may hold free lime.
    underReadsP: { doubtedAbovePH: 7, refusedAbovePH: 7.3, source: 'practice' },
  },
  {
    ...house,
    id: 'olsen-west',
    title: { en: 'Olsen and ammonium acetate, west and plains' },
    extractant: 'olsen',
    unit: 'ppm',
    classes: { P: [{ bounds: [5, 10, 20, 40] }], K: [{ bounds: [60, 120, 150, 250] }], source: 'house' },
    minimums: {
      Mg: low(60),
      Zn: dtpa(1.0),
      Fe: dtpa(4.5),
      Mn: dtpa(1.0),
      Cu: dtpa(0.2),
      B: { ...low(0.5), by: 'hot-water' },
    },
    schools: [...houseSchools, ...olsenSchools],
  },
  {
    ...house,
    id: 'mlsn-turf',
    title: { en: 'Minimum levels for turf (MLSN), Mehlich-3' },
    extractant: 'mehlich-3',
    unit: 'ppm',
    classes: mehlich3Classes,
    minimums: {
      P: { rows: [{ lowBelow: 21 }], source: 'mlsn' },
      K: { rows: [{ lowBelow: 37 }], source: 'mlsn' },
      Mg: { rows: [{ lowBelow: 47 }], source: 'mlsn' },
      Ca: { rows: [{ lowBelow: 331 }], source: 'mlsn' },
      S: { rows: [{ lowBelow: 7 }], source: 'mlsn' },
    },
    crops: withNames(lawnsByMinimum),
  },
  {
    ...house,
    id: 'soilless-mix',
    title: { en: 'Soilless mix, saturated media extract' },
    medium: 'soilless',
    extractant: 'saturated-media',
    unit: 'ppm',
    classes: { P: [{ bounds: [2, 5, 10, 18] }], K: [{ bounds: [59, 149, 249, 349] }], source: 'extract' },
    minimums: {},
    extract: {
      pH: [5.6, 6.2],
      rows: {
        EC: { unit: 'dS/m', from: [0.75, 2.0, 3.5, 5.0] },
        nitrate: { unit: 'ppm', from: [40, 100, 200, 300] },
        P: { unit: 'ppm', from: [3, 6, 11, 19] },
        K: { unit: 'ppm', from: [60, 150, 250, 350] },
        Ca: { unit: 'ppm', from: [80, 200] },
        Mg: { unit: 'ppm', from: [30, 70] },
      },
      source: 'extract',
    },
    crops: withNames(pottedCrops),
    schools: samplingSchools,
  },
]

/** The shipped guide that speaks for an extractant; undefined where none does. */
export const guideFor = (extractant: ExtractantId): Guide | undefined =>
  guides.find((guide) => guide.extractant === extractant)

/** Used while no extractant is named: its crops, aims and nitrogen hold whatever the laboratory's method. */
export const defaultGuide = guideNamed(guides, defaultGuideRef)!

export const shipped = (ref: string): Guide | undefined => guideNamed(guides, ref)
