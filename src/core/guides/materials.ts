import type { Text } from '../sentence'

/** Typical analyses; density in lb per US cup. Source of all: practice. The bag's own label comes first. */
interface Bagged {
  readonly label: Text
  readonly lbPerCup: number
  /** The size most often seen, lb; the advisor types the client's own. */
  readonly bagLb: number
}

export interface LimeMaterial extends Bagged {
  readonly stone: 'calcitic' | 'dolomitic'
  /**
   * Share of the weight that acts like pure fine CaCO₃ (CCE × fineness × dry matter); `reference` for
   * unlabelled agricultural lime, which is the very lime the methods speak of.
   */
  readonly effectiveness: number | 'reference'
}

/** An unlabelled bag of pelletized or pulverized lime is taken as CCE 90 %, all of it fine. */
const unlabelledBag = 0.9

export const limeMaterials = {
  'pelletized-dolomitic': {
    label: { en: 'pelletized lime, dolomitic' },
    stone: 'dolomitic',
    effectiveness: unlabelledBag,
    lbPerCup: 0.65,
    bagLb: 40,
  },
  'pelletized-calcitic': {
    label: { en: 'pelletized lime, calcitic' },
    stone: 'calcitic',
    effectiveness: unlabelledBag,
    lbPerCup: 0.65,
    bagLb: 40,
  },
  'pulverized-dolomitic': {
    label: { en: 'pulverized lime, dolomitic' },
    stone: 'dolomitic',
    effectiveness: unlabelledBag,
    lbPerCup: 0.6,
    bagLb: 50,
  },
  'pulverized-calcitic': {
    label: { en: 'pulverized lime, calcitic' },
    stone: 'calcitic',
    effectiveness: unlabelledBag,
    lbPerCup: 0.6,
    bagLb: 50,
  },
  'agricultural-dolomitic': {
    label: { en: 'agricultural lime, dolomitic' },
    stone: 'dolomitic',
    effectiveness: 'reference',
    lbPerCup: 0.72,
    bagLb: 50,
  },
  'agricultural-calcitic': {
    label: { en: 'agricultural lime, calcitic' },
    stone: 'calcitic',
    effectiveness: 'reference',
    lbPerCup: 0.7,
    bagLb: 50,
  },
} as const satisfies Record<string, LimeMaterial>

export type LimeMaterialId = keyof typeof limeMaterials

export interface SulfurMaterial extends Bagged {
  /** Share of the weight that is elemental S. */
  readonly strength: number
}

export const sulfurMaterials = {
  'sulfur-prills': { label: { en: 'sulfur prills, 90 %' }, strength: 0.9, lbPerCup: 0.6, bagLb: 50 },
  'sulfur-powder': { label: { en: 'sulfur powder, 99 %' }, strength: 0.99, lbPerCup: 0.35, bagLb: 50 },
  'soil-acidifier': { label: { en: 'soil acidifier, 30 % sulfur' }, strength: 0.3, lbPerCup: 0.55, bagLb: 25 },
} as const satisfies Record<string, SulfurMaterial>

export type SulfurMaterialId = keyof typeof sulfurMaterials

export interface Fertilizer extends Bagged {
  /** Percent by weight, as on the label. */
  readonly grade: { readonly N: number; readonly 'P₂O₅': number; readonly 'K₂O': number }
  /** Share of the labelled nitrogen that feeds in the first year. */
  readonly firstYearN: number
  readonly quickNitrogen: boolean
  readonly ammonium: boolean
  readonly nitrate: boolean
  readonly chloride: boolean
  /** A blend whose forms only its label tells. */
  readonly blend: boolean
  readonly restricted?: boolean
  /** Sold for lawns, and so may hold a weed killer. */
  readonly forLawns?: boolean
  /** What it was made of, where that asks for care. */
  readonly origin?: 'manure' | 'compost' | 'sewage'
}

const grade = (n: number, p: number, k: number) => ({ N: n, 'P₂O₅': p, 'K₂O': k })
const mineral = {
  firstYearN: 1,
  quickNitrogen: true,
  ammonium: false,
  nitrate: false,
  chloride: false,
  blend: false,
  bagLb: 50,
}
const blend = { ...mineral, ammonium: true, blend: true, lbPerCup: 0.5 }
const organic = { ...mineral, quickNitrogen: false }

export const fertilizers = {
  urea: { ...mineral, label: { en: 'urea' }, grade: grade(46, 0, 0), ammonium: true, lbPerCup: 0.4 },
  'ammonium-sulfate': {
    ...mineral,
    label: { en: 'ammonium sulfate' },
    grade: grade(21, 0, 0),
    ammonium: true,
    lbPerCup: 0.55,
  },
  'ammonium-nitrate': {
    ...mineral,
    label: { en: 'ammonium nitrate' },
    grade: grade(34, 0, 0),
    ammonium: true,
    nitrate: true,
    restricted: true,
    lbPerCup: 0.5,
  },
  'calcium-nitrate': {
    ...mineral,
    label: { en: 'calcium nitrate' },
    grade: grade(15.5, 0, 0),
    nitrate: true,
    lbPerCup: 0.55,
  },
  'sodium-nitrate': {
    ...mineral,
    label: { en: 'sodium nitrate' },
    grade: grade(15, 0, 2),
    nitrate: true,
    lbPerCup: 0.6,
  },
  '8-8-8': { ...blend, label: { en: 'complete fertilizer' }, grade: grade(8, 8, 8), lbPerCup: 0.52 },
  '10-10-10': { ...blend, label: { en: 'complete fertilizer' }, grade: grade(10, 10, 10), lbPerCup: 0.52 },
  '13-13-13': { ...blend, label: { en: 'complete fertilizer' }, grade: grade(13, 13, 13), lbPerCup: 0.52 },
  '5-10-10': { ...blend, label: { en: 'garden fertilizer' }, grade: grade(5, 10, 10) },
  '15-5-10': { ...blend, label: { en: 'lawn fertilizer' }, grade: grade(15, 5, 10), forLawns: true },
  '12-4-8': { ...blend, label: { en: 'shrub and tree fertilizer' }, grade: grade(12, 4, 8) },
  '25-0-3': { ...blend, label: { en: 'lawn fertilizer, no phosphorus' }, grade: grade(25, 0, 3), forLawns: true },
  '16-4-8': { ...blend, label: { en: 'lawn fertilizer' }, grade: grade(16, 4, 8), forLawns: true },
  '24-0-11': { ...blend, label: { en: 'lawn fertilizer, no phosphorus' }, grade: grade(24, 0, 11), forLawns: true },
  '18-24-12': { ...blend, label: { en: 'starter fertilizer' }, grade: grade(18, 24, 12) },
  'triple-superphosphate': {
    ...mineral,
    label: { en: 'triple superphosphate' },
    grade: grade(0, 45, 0),
    lbPerCup: 0.55,
  },
  'monoammonium-phosphate': {
    ...mineral,
    label: { en: 'monoammonium phosphate' },
    grade: grade(11, 52, 0),
    ammonium: true,
    lbPerCup: 0.53,
  },
  'diammonium-phosphate': {
    ...mineral,
    label: { en: 'diammonium phosphate' },
    grade: grade(18, 46, 0),
    ammonium: true,
    lbPerCup: 0.53,
  },
  'muriate-of-potash': {
    ...mineral,
    label: { en: 'muriate of potash' },
    grade: grade(0, 0, 60),
    chloride: true,
    lbPerCup: 0.58,
  },
  'sulfate-of-potash': { ...mineral, label: { en: 'sulfate of potash' }, grade: grade(0, 0, 50), lbPerCup: 0.72 },
  'potassium-magnesium-sulfate': {
    ...mineral,
    label: { en: 'potassium magnesium sulfate' },
    grade: grade(0, 0, 22),
    lbPerCup: 0.78,
  },
  'soluble-20-20-20': { ...blend, label: { en: 'soluble fertilizer' }, grade: grade(20, 20, 20), lbPerCup: 0.45 },
  'blood-meal': { ...organic, label: { en: 'blood meal' }, grade: grade(12, 0, 0), firstYearN: 0.75, lbPerCup: 0.3 },
  'cottonseed-meal': {
    ...organic,
    label: { en: 'cottonseed meal' },
    grade: grade(6, 3, 1),
    firstYearN: 0.65,
    lbPerCup: 0.25,
  },
  'feather-meal': {
    ...organic,
    label: { en: 'feather meal' },
    grade: grade(12, 0, 0),
    firstYearN: 0.75,
    lbPerCup: 0.25,
  },
  'fish-meal': { ...organic, label: { en: 'fish meal' }, grade: grade(10, 6, 1), firstYearN: 0.65, lbPerCup: 0.3 },
  'soybean-meal': {
    ...organic,
    label: { en: 'soybean meal' },
    grade: grade(7, 2, 1),
    firstYearN: 0.65,
    lbPerCup: 0.28,
  },
  'alfalfa-meal': {
    ...organic,
    label: { en: 'alfalfa meal' },
    grade: grade(3, 1, 2),
    firstYearN: 0.375,
    lbPerCup: 0.18,
  },
  'poultry-litter': {
    ...organic,
    label: { en: 'composted poultry litter' },
    grade: grade(2, 3, 1),
    firstYearN: 0.25,
    lbPerCup: 0.25,
    origin: 'manure',
  },
  'cow-manure': {
    ...organic,
    label: { en: 'composted cow manure' },
    grade: grade(1, 2, 1),
    firstYearN: 0.1,
    lbPerCup: 0.3,
    origin: 'manure',
  },
  'yard-compost': {
    ...organic,
    label: { en: 'yard compost' },
    grade: grade(1, 1, 1),
    firstYearN: 0.1,
    lbPerCup: 0.3,
    origin: 'compost',
  },
  biosolids: {
    ...organic,
    label: { en: 'dried biosolids' },
    grade: grade(6, 4, 0),
    firstYearN: 0.4,
    lbPerCup: 0.32,
    origin: 'sewage',
  },
} as const satisfies Record<string, Fertilizer>

export type FertilizerId = keyof typeof fertilizers
