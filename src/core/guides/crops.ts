import { both, type English } from './spanish'
import type { WindowId } from './windows'
import type { Crop, NitrogenByGround, NitrogenByTree, PhosphorusPotassium, TriState, Use, YieldUnit } from './crop'

type Span = readonly [low: number, high: number, aim: number]
type More = Partial<Omit<Crop, 'label' | 'use' | 'pH' | 'nitrogen' | 'phosphorusPotassium'>>

const row =
  (use: Use, phosphorusPotassium: PhosphorusPotassium, edible: boolean) =>
  (label: English, [low, high, aim]: Span, nitrogen: Crop['nitrogen'], more: More = {}): Crop => ({
    label: both(label),
    use,
    pH: { low, high, aim },
    acidRequiring: false,
    edible,
    nitrogen,
    phosphorusPotassium,
    source: 'practice',
    ...more,
  })

const byTable = (group: 'garden' | 'lawn' | 'woody') => ({ method: 'class-table', group }) as const
const vegetable = row('bed', byTable('garden'), true)
const flower = row('bed', byTable('garden'), false)
const lawn = row('lawn', byTable('lawn'), false)
const berry = row('planting', byTable('garden'), true)
const woody = row('planting', byTable('woody'), false)
const woodyFood = row('planting', byTable('woody'), true)
const plot = (by: TriState) => row('plot', by, false)

const bed = (low: number, high: number, ...dressings: readonly WindowId[]): NitrogenByGround => ({
  unit: 'lb N/1000 ft²',
  low,
  high,
  organicMatterCredit: true,
  dressings,
})
/** Side-dressings by the row hold at most ½ lb N per 100 ft. */
const inRows = (nitrogen: NitrogenByGround): NitrogenByGround => ({ ...nitrogen, perHundredFeetOfRow: 0.5 })
/** Standing plants on rich ground need no nitrogen at all. */
const standing = (low: number, high: number, ...dressings: readonly WindowId[]): NitrogenByGround => ({
  ...bed(low, high, ...dressings),
  noneAboveOrganicMatter: 8,
})
const acre = (low: number, high: number, ...dressings: readonly WindowId[]): NitrogenByGround => ({
  ...bed(low, high, ...dressings),
  unit: 'lb N/acre',
})
const turf = (low: number, high: number, season: 'cool-lawn' | 'warm-lawn'): NitrogenByGround => ({
  unit: 'lb N/1000 ft²',
  low,
  high,
  organicMatterCredit: false,
  season,
})
/**
 * Years from which trees bear, and half for dwarfs and for pears ("less", for fire blight), are common practice without
 * a figure of their own in the tables.
 */
const tree = (perYearOfAge: number, bearing: readonly [number, number]): NitrogenByTree => ({
  unit: 'lb N/tree',
  perYearOfAge,
  atMost: perYearOfAge * 10,
  dwarf: 0.5,
  shoots: { young: [18, 30], bearing },
  bearingFrom: 5,
  organicMatterCredit: false,
  noneAboveOrganicMatter: 8,
  dressings: ['early-spring'],
})

/** P and K of a plot by the Tri-State rules. Plots that wildlife grazes remove little: the yields are modest. */
const triState = (
  criticalP: number,
  amount: number,
  yieldUnit: string,
  phosphate: number,
  potash: number,
  yieldIn?: YieldUnit,
): TriState => ({
  method: 'tri-state',
  criticalP,
  yield: amount,
  yieldUnit: { en: yieldUnit },
  ...(yieldIn && { yieldIn }),
  removal: { 'P₂O₅': phosphate, 'K₂O': potash },
})

const salts = (upTo: number): More => ({ salts: { upTo, source: 'maas-hoffman' } })
const vegetableSpan: Span = [6.0, 6.8, 6.4]
const acidLover: More = { acidRequiring: true, limeBelow: 4.2 }

/**
 * Source of every row: common practice, but for the plots' removals (tri-state) and the salts (maas-hoffman).
 * Salts of a group are those of its most sensitive member that is tabled.
 */
export const crops = {
  'mixed-vegetables': vegetable('mixed vegetables', vegetableSpan, bed(2, 4, 'before-planting', 'side-dress'), {
    ...salts(0.9),
    leafyOrRoot: true,
  }),
  'sweet-corn': vegetable('sweet corn', vegetableSpan, inRows(bed(3, 4, 'before-planting', 'side-dress-corn')), {
    ...salts(1.7),
    zincOnSand: true,
  }),
  tomato: vegetable(
    'tomato, pepper, squash or melon',
    vegetableSpan,
    inRows(bed(2, 3, 'before-planting', 'side-dress-fruit')),
    salts(1.5),
  ),
  cabbage: vegetable('cabbage family or celery', vegetableSpan, inRows(bed(3, 4, 'before-planting', 'side-dress')), {
    ...salts(1.8),
    boron: 'serves',
    leafyOrRoot: true,
  }),
  onion: vegetable(
    'onion, garlic or leek',
    vegetableSpan,
    inRows(bed(3, 4, 'at-planting', 'four-weeks-on', 'before-bulbing')),
    { ...salts(1.2), leafyOrRoot: true },
  ),
  beans: vegetable(
    'beans or peas',
    vegetableSpan,
    { ...bed(0, 1, 'before-planting'), usual: 1 },
    {
      ...salts(1.0),
      fixesNitrogen: true,
      boron: 'harms',
    },
  ),
  roots: vegetable('carrot, beet or turnip', vegetableSpan, inRows(bed(1.5, 2.5, 'before-planting', 'side-dress')), {
    ...salts(0.9),
    boron: 'serves',
    leafyOrRoot: true,
  }),
  potato: vegetable('potato', [5.0, 6.0, 5.4], inRows(bed(2.5, 3.5, 'before-planting', 'side-dress')), {
    scabAbove: 5.5,
    ...salts(1.7),
    leafyOrRoot: true,
  }),
  'sweet-potato': vegetable('sweet potato', [5.5, 6.2, 5.8], inRows(bed(1.5, 1.5, 'before-planting', 'side-dress')), {
    ...salts(1.5),
    leafyOrRoot: true,
  }),
  'leafy-greens': vegetable('leafy greens', [6.0, 7.0, 6.5], inRows(bed(2, 4, 'before-planting', 'side-dress')), {
    ...salts(1.3),
    leafyOrRoot: true,
  }),
  herbs: vegetable('herbs', [6.0, 7.0, 6.5], bed(1, 1, 'before-planting'), { leafyOrRoot: true }),
  asparagus: berry('asparagus', [6.5, 7.5, 6.8], standing(2, 2, 'early-spring-or-harvest'), salts(4.1)),
  'annual-flowers': flower('annual flowers', [5.8, 7.0, 6.5], bed(2, 2, 'before-planting', 'side-dress')),

  'kentucky-bluegrass': lawn('Kentucky bluegrass lawn', [6.0, 7.2, 6.6], turf(1, 4, 'cool-lawn')),
  'tall-fescue': lawn('tall fescue lawn', [5.5, 7.0, 6.5], turf(2, 3, 'cool-lawn'), { ...salts(3.9), limeBelow: 6.0 }),
  'fine-fescue': lawn('fine fescue lawn, shade', [5.5, 6.5, 6.0], turf(1, 2, 'cool-lawn')),
  'perennial-ryegrass': lawn('perennial ryegrass lawn', [5.5, 7.5, 6.5], turf(2, 4, 'cool-lawn'), {
    ...salts(5.6),
    limeBelow: 6.0,
  }),
  bermuda: lawn('bermuda lawn', [5.8, 7.0, 6.3], turf(2, 5, 'warm-lawn'), salts(6.9)),
  zoysia: lawn('zoysia lawn', [5.8, 6.8, 6.3], turf(1, 3, 'warm-lawn')),
  centipede: lawn('centipede lawn', [5.0, 6.0, 5.5], turf(1, 2, 'warm-lawn')),
  'st-augustine': lawn('St. Augustine lawn', [6.0, 7.5, 6.5], turf(2, 4, 'warm-lawn')),
  buffalograss: lawn('buffalograss lawn', [6.0, 8.0, 6.8], turf(1, 2, 'warm-lawn')),

  'highbush-blueberry': woodyFood(
    'highbush blueberry',
    [4.5, 5.5, 5.0],
    {
      ...standing(1.4, 1.4, 'bud-break', 'six-weeks-on'),
      perPlant: { firstYear: 1, eachYear: 1, atMost: [6, 8], nitrogenPercent: 21 },
    },
    { ...acidLover, ammoniumOnly: true, shunsChloride: true, groundPerPlant: 50 },
  ),
  lingonberry: woodyFood('lingonberry', [4.5, 6.0, 5.2], standing(1, 2, 'early-spring'), acidLover),
  aronia: woodyFood('aronia', [5.5, 7.0, 6.2], standing(1, 2, 'early-spring')),
  raspberry: berry('raspberry or blackberry', [5.6, 6.5, 6.0], standing(1.2, 1.2, 'early-spring'), {
    ...salts(1.5),
    shunsChloride: true,
  }),
  strawberry: berry(
    'strawberry',
    [5.5, 6.5, 6.1],
    standing(1.5, 2, 'late-summer', 'before-ripening', 'after-harvest'),
    { ...salts(1.0), shunsChloride: true },
  ),
  grape: woodyFood('grape or currant', [5.5, 6.5, 6.0], standing(0.5, 1, 'early-spring'), {
    ...salts(1.5),
    shunsChloride: true,
  }),
  apple: woodyFood('apple tree', [6.0, 7.0, 6.5], tree(0.1, [8, 15])),
  pear: woodyFood('pear tree', [6.0, 7.0, 6.5], tree(0.05, [8, 15])),
  'stone-fruit': woodyFood('peach, plum or cherry tree', [6.0, 7.0, 6.5], tree(0.1, [12, 18]), salts(1.7)),

  rhododendron: woody(
    'rhododendron, azalea or camellia',
    [4.5, 6.0, 5.2],
    { ...standing(1, 2, 'early-spring'), noneAboveOrganicMatter: 5 },
    acidLover,
  ),
  'blue-hydrangea': woody('hydrangea kept blue', [4.5, 5.5, 5.2], standing(1, 2, 'early-spring'), acidLover),
  'trees-shrubs': woody('trees and shrubs in general', [5.5, 7.0, 6.5], standing(1, 3, 'early-spring')),
  conifers: woody('conifers', [5.0, 6.5, 5.8], standing(1, 2, 'early-spring')),
  roses: woody('roses', [6.0, 6.8, 6.5], standing(2, 3, 'early-spring', 'six-weeks-on')),
  perennials: woody('perennial flowers', [5.8, 7.0, 6.5], standing(1, 1, 'early-spring')),
  bulbs: woody('bulbs', [5.8, 7.0, 6.5], standing(1, 1, 'early-spring')),

  clover: plot(triState(25, 2, 'tons of hay an acre', 13, 50, 'tons/acre'))(
    'clover or chicory food plot',
    [6.0, 7.0, 6.5],
    { ...acre(0, 20, 'at-seeding'), usual: 0 },
    { fixesNitrogen: true },
  ),
  'plot-brassicas': plot(triState(15, 1, 'season of grazing', 40, 100))(
    'brassica food plot',
    [6.0, 6.8, 6.5],
    acre(80, 100, 'at-seeding', 'six-weeks-on'),
    { boron: 'serves' },
  ),
  'plot-small-grains': plot(triState(25, 1, 'season of grazing', 40, 100))(
    'oats, wheat or rye food plot',
    [5.8, 6.8, 6.2],
    acre(40, 60, 'at-seeding'),
  ),
  'plot-corn': plot(triState(15, 60, 'bushels an acre', 0.37, 0.27, 'bu/acre'))(
    'corn or sorghum food plot',
    [5.8, 6.8, 6.3],
    acre(100, 120, 'at-seeding', 'six-weeks-on'),
    salts(1.7),
  ),
  'plot-soybean': plot(triState(15, 20, 'bushels an acre', 0.8, 1.4, 'bu/acre'))(
    'soybean or cowpea food plot',
    [6.0, 6.8, 6.5],
    acre(0, 0, 'at-seeding'),
    { fixesNitrogen: true, boron: 'harms' },
  ),
} as const satisfies Record<string, Crop>

/** The lawns, fed by the minimum levels instead of by class. */
export const lawnsByMinimum: Readonly<Record<string, Crop>> = Object.fromEntries(
  Object.entries<Crop>(crops)
    .filter(([, crop]) => crop.use === 'lawn')
    .map(([id, crop]) => [id, { ...crop, phosphorusPotassium: { method: 'minimum-levels' } }]),
)

const potted = row('container', { method: 'by-extract' }, false)
const byExtract: NitrogenByGround = { unit: 'lb N/1000 ft²', low: 0, high: 0, organicMatterCredit: false }

/** What grows in mix that holds no soil. */
export const pottedCrops = {
  'potted-plants': potted('potted plants in soilless mix', [5.6, 6.2, 5.9], byExtract),
  'potted-vegetables': potted('vegetables in soilless mix', [5.6, 6.2, 5.9], byExtract, {
    edible: true,
    extract: { pH: [5.6, 6.2], nitrate: [120, 200], P: [10, 15], K: [200, 275], Mg: [50, 100], Ca: [100, 200] },
  }),
} as const satisfies Record<string, Crop>

export type CropId = keyof typeof crops | keyof typeof pottedCrops
