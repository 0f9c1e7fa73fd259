import type { Text } from '../told/sentence'
import type { OtherNutrient } from '../units/quantity'
import type { SourceRef } from '../guides/sources'

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
  /** Months until it begins to tell. Schools differ; full effect takes 8 to 12, of coarse stone years. */
  readonly beginsInMonths: number
  /** lb of product per 1,000 ft² at once, where it may go no further than this; and how far apart. */
  readonly cap?: { readonly perPass: number; readonly monthsApart: number }
  /** Harms who handles it carelessly. */
  readonly caustic?: boolean
}

/** How a bag or a quarry states what its lime is worth. */
export interface LimeScale {
  readonly label: Text
  /** What one of the printed figure is worth, as a share of pure fine CaCO₃; absent where sieves are given instead. */
  readonly each?: number
  /** Sieves from the coarsest, and how well what passes each (and not the next) acts. */
  readonly sieves?: readonly { readonly mesh: SieveMesh; readonly acts: number }[]
  readonly source: SourceRef
}

export const sieveMeshes = [4, 8, 20, 40, 60] as const
export type SieveMesh = (typeof sieveMeshes)[number]

const sieve = (mesh: SieveMesh, acts: number) => ({ mesh, acts })

/** The same letters mean different scales in different states, so each is named with its own. */
export const limeScales = {
  effective: { label: { en: 'effective calcium carbonate, %' }, each: 1 / 100, source: 'practice' },
  ecce: { label: { en: 'ECCE, %' }, each: 1 / 100, source: 'practice' },
  enp: { label: { en: 'ENP, lb/ton (Ohio)' }, each: 1 / 2_000, source: 'ohio-enp' },
  enm: { label: { en: 'ENM, lb/ton' }, each: 1 / 800, source: 'practice' },
  'sieves-ohio': {
    label: { en: 'CCE and sieves, by Ohio’s factors' },
    sieves: [sieve(8, 0.2), sieve(20, 0.6), sieve(60, 1)],
    source: 'ohio-enp',
  },
  'sieves-iowa': {
    label: { en: 'CCE and sieves, by Iowa’s factors' },
    // 0.1 of what passes 4, 0.3 of what passes 8 and 0.6 of what passes 60, taken together.
    sieves: [sieve(4, 0.1), sieve(8, 0.4), sieve(60, 1)],
    source: 'iowa-ecce',
  },
  'sieves-half': {
    label: { en: 'CCE and sieves, half for 8 to 60 mesh' },
    sieves: [sieve(8, 0.5), sieve(60, 1)],
    source: 'practice',
  },
  'sieves-enm': {
    label: { en: 'CCE and sieves, as ENM' },
    sieves: [sieve(8, 0.25), sieve(40, 0.6), sieve(60, 1)],
    source: 'practice',
  },
} as const satisfies Record<string, LimeScale>

export type LimeScaleId = keyof typeof limeScales

/** An unlabelled bag of pelletized or pulverized lime is taken as CCE 90 %, all of it fine. */
const unlabelledBag = 0.9

export const limeMaterials = {
  'pelletized-dolomitic': {
    label: { en: 'pelletized lime, dolomitic' },
    stone: 'dolomitic',
    effectiveness: unlabelledBag,
    beginsInMonths: 3,
    lbPerCup: 0.65,
    bagLb: 40,
  },
  'pelletized-calcitic': {
    label: { en: 'pelletized lime, calcitic' },
    stone: 'calcitic',
    effectiveness: unlabelledBag,
    beginsInMonths: 3,
    lbPerCup: 0.65,
    bagLb: 40,
  },
  'pulverized-dolomitic': {
    label: { en: 'pulverized lime, dolomitic' },
    stone: 'dolomitic',
    effectiveness: unlabelledBag,
    beginsInMonths: 1,
    lbPerCup: 0.6,
    bagLb: 50,
  },
  'pulverized-calcitic': {
    label: { en: 'pulverized lime, calcitic' },
    stone: 'calcitic',
    effectiveness: unlabelledBag,
    beginsInMonths: 1,
    lbPerCup: 0.6,
    bagLb: 50,
  },
  'agricultural-dolomitic': {
    label: { en: 'agricultural lime, dolomitic' },
    stone: 'dolomitic',
    effectiveness: 'reference',
    beginsInMonths: 6,
    lbPerCup: 0.72,
    bagLb: 50,
  },
  'agricultural-calcitic': {
    label: { en: 'agricultural lime, calcitic' },
    stone: 'calcitic',
    effectiveness: 'reference',
    beginsInMonths: 6,
    lbPerCup: 0.7,
    bagLb: 50,
  },
  'hydrated-lime': {
    label: { en: 'hydrated lime' },
    stone: 'calcitic',
    effectiveness: 1.35,
    beginsInMonths: 0,
    cap: { perPass: 10, monthsApart: 6 },
    caustic: true,
    lbPerCup: 0.3,
    bagLb: 50,
  },
  'wood-ash': {
    label: { en: 'wood ash, untreated wood' },
    stone: 'calcitic',
    // 30 to 60 as sold.
    effectiveness: 0.45,
    beginsInMonths: 0,
    cap: { perPass: 15, monthsApart: 12 },
    caustic: true,
    lbPerCup: 0.2,
    bagLb: 20,
  },
} as const satisfies Record<string, LimeMaterial>

export type LimeMaterialId = keyof typeof limeMaterials

export interface SulfurMaterial extends Bagged {
  /** lb of elemental S that one lb acts like. */
  readonly strength: number
  /** Salts that acidify at once: lb of product per 1,000 ft² in one pass, beyond which only sulfur is offered. */
  readonly productPerPass?: number
  /** Leaves rust on paving. */
  readonly stains?: boolean
  /** Never where food grows. */
  readonly notOnFood?: boolean
}

/** Acid equivalents of the salts by molar mass: one S for 6.93 of Al₂(SO₄)₃·18H₂O, for 8.67 of FeSO₄·7H₂O. */
export const sulfurMaterials = {
  'sulfur-prills': { label: { en: 'sulfur prills, 90 %' }, strength: 0.9, lbPerCup: 0.6, bagLb: 50 },
  'sulfur-powder': { label: { en: 'sulfur powder, 99 %' }, strength: 0.99, lbPerCup: 0.35, bagLb: 50 },
  'soil-acidifier': { label: { en: 'soil acidifier, 30 % sulfur' }, strength: 0.3, lbPerCup: 0.55, bagLb: 25 },
  'aluminum-sulfate': {
    label: { en: 'aluminum sulfate' },
    strength: 1 / 6.93,
    productPerPass: 50,
    notOnFood: true,
    lbPerCup: 0.5,
    bagLb: 50,
  },
  'ferrous-sulfate': {
    label: { en: 'ferrous sulfate' },
    strength: 1 / 8.67,
    productPerPass: 50,
    stains: true,
    lbPerCup: 0.53,
    bagLb: 50,
  },
} as const satisfies Record<string, SulfurMaterial>

export type SulfurMaterialId = keyof typeof sulfurMaterials

export interface Fertilizer extends Bagged {
  /** Percent by weight, as on the label. */
  readonly grade: { readonly N: number; readonly 'P₂O₅': number; readonly 'K₂O': number }
  /** What else it holds, %. */
  readonly also?: Readonly<Partial<Record<OtherNutrient, number>>>
  /** Share of the labelled nitrogen that feeds in the first year. */
  readonly firstYearN: number
  /** Likewise of potash; absent: all of it. */
  readonly firstYearK?: number
  /** lb of CaCO₃ that its acid uses up for each lb of nitrogen. Source: pierre-1933. */
  readonly acidity?: number
  /** How much it draws water, sodium nitrate being 100. Source: rader-1943. */
  readonly saltIndex?: number
  /** Its phosphate feeds only in soil below this pH. */
  readonly phosphateBelowPH?: number
  /** Share of the nitrogen that comes slowly, where the label does not say. */
  readonly slowNitrogen: number
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
  slowNitrogen: 0,
  ammonium: false,
  nitrate: false,
  chloride: false,
  blend: false,
  bagLb: 50,
}
const blend = { ...mineral, ammonium: true, blend: true, lbPerCup: 0.5 }
const organic = { ...mineral, slowNitrogen: 1 }

export const fertilizers = {
  urea: {
    ...mineral,
    label: { en: 'urea' },
    grade: grade(46, 0, 0),
    acidity: 1.8,
    saltIndex: 75.4,
    ammonium: true,
    lbPerCup: 0.4,
  },
  'ammonium-sulfate': {
    ...mineral,
    label: { en: 'ammonium sulfate' },
    grade: grade(21, 0, 0),
    acidity: 5.35,
    saltIndex: 69,
    also: { S: 24 },
    ammonium: true,
    lbPerCup: 0.55,
  },
  'ammonium-nitrate': {
    ...mineral,
    label: { en: 'ammonium nitrate' },
    grade: grade(34, 0, 0),
    acidity: 1.8,
    saltIndex: 104.7,
    ammonium: true,
    nitrate: true,
    restricted: true,
    lbPerCup: 0.5,
  },
  'calcium-nitrate': {
    ...mineral,
    label: { en: 'calcium nitrate' },
    grade: grade(15.5, 0, 0),
    also: { Ca: 19 },
    nitrate: true,
    lbPerCup: 0.55,
  },
  'sodium-nitrate': {
    ...mineral,
    label: { en: 'sodium nitrate' },
    grade: grade(15, 0, 2),
    saltIndex: 100,
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
    saltIndex: 29.9,
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
    saltIndex: 116.3,
    chloride: true,
    lbPerCup: 0.58,
  },
  'sulfate-of-potash': {
    ...mineral,
    label: { en: 'sulfate of potash' },
    grade: grade(0, 0, 50),
    also: { S: 17 },
    lbPerCup: 0.72,
  },
  'potassium-magnesium-sulfate': {
    ...mineral,
    label: { en: 'potassium magnesium sulfate' },
    grade: grade(0, 0, 22),
    also: { Mg: 11, S: 22 },
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
  'bone-meal': {
    ...organic,
    label: { en: 'bone meal' },
    grade: grade(3, 15, 0),
    firstYearN: 0.65,
    phosphateBelowPH: 7,
    lbPerCup: 0.42,
  },
  'kelp-meal': { ...organic, label: { en: 'kelp meal' }, grade: grade(1, 0, 2), firstYearN: 0.375, lbPerCup: 0.32 },
  greensand: { ...organic, label: { en: 'greensand' }, grade: grade(0, 0, 6), firstYearK: 0, lbPerCup: 0.65 },
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

/** What an element is fed with that no ordinary fertilizer carries enough of. */
export interface Carrier extends Bagged {
  /** % of the element. */
  readonly percent: number
}

export const carriers = {
  'epsom-salt': { label: { en: 'Epsom salt' }, percent: 9.8, lbPerCup: 0.48, bagLb: 4 },
  gypsum: { label: { en: 'gypsum' }, percent: 22, lbPerCup: 0.55, bagLb: 40 },
  'gypsum-for-sulfur': { label: { en: 'gypsum' }, percent: 17, lbPerCup: 0.55, bagLb: 40 },
  borax: { label: { en: 'borax' }, percent: 11, lbPerCup: 0.45, bagLb: 4 },
  'zinc-sulfate': { label: { en: 'zinc sulfate monohydrate' }, percent: 36, lbPerCup: 0.5, bagLb: 5 },
  'iron-chelate': { label: { en: 'iron chelate EDDHA' }, percent: 6, lbPerCup: 0.4, bagLb: 5 },
} as const satisfies Record<string, Carrier>

/** Which carrier serves which element; manganese and copper go by their label. */
export const carrierOf: Readonly<Partial<Record<OtherNutrient, Carrier>>> = {
  Mg: carriers['epsom-salt'],
  Ca: carriers.gypsum,
  S: carriers['gypsum-for-sulfur'],
  B: carriers.borax,
  Zn: carriers['zinc-sulfate'],
}
