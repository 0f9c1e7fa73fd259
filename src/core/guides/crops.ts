import type { Text } from '../sentence'

/** How ground is managed decides the rate it is spoken of in, the caps, and whether it is dug. */
export type Use = 'lawn' | 'bed' | 'planting' | 'plot'

export interface Crop {
  readonly label: Text
  readonly use: Use
  /** Span and aim, pH in water. Source: practice. */
  readonly pH: { readonly low: number; readonly high: number; readonly aim: number; readonly school?: Text }
  /** Lime only below this pH, where it is not simply the span's low end. */
  readonly limeBelow?: number
  /** Sulfur is worth its while above the span. */
  readonly acidRequiring: boolean
  readonly nitrogen: Nitrogen
  readonly phosphorusPotassium: PhosphorusPotassium
  /** Feeds on ammonium; nitrate and chloride harm it. */
  readonly ammoniumOnly?: boolean
  /** Legume or the like: says why no nitrogen is asked for. */
  readonly fixesNitrogen?: boolean
}

export interface Nitrogen {
  readonly unit: 'lb N/1000 ft²' | 'lb N/acre'
  /** Yearly, for lean and for generous feeding; usual is the middle unless said. */
  readonly low: number
  readonly high: number
  readonly usual?: number
  /** Credit for organic matter above what the rates assume. */
  readonly organicMatterCredit: boolean
  /** No nitrogen at all above this % organic matter. */
  readonly noneAboveOrganicMatter?: number
  /** The year's dressings; shares add up to 1. Lawns are split by their cap instead. */
  readonly dressings?: readonly { readonly share: number; readonly when: string }[]
}

export type RateGroup = 'garden' | 'lawn' | 'woody'

export type PhosphorusPotassium =
  | { readonly method: 'class-table'; readonly group: RateGroup }
  | {
      readonly method: 'tri-state'
      /** Critical level of P, ppm Bray P1. */
      readonly criticalP: number
      /** Yield, and lb of P₂O₅ and K₂O that one unit of it carries off. */
      readonly yield: number
      readonly yieldUnit: Text
      readonly removal: { readonly 'P₂O₅': number; readonly 'K₂O': number }
    }

const garden = { method: 'class-table', group: 'garden' } as const
const lawn = { method: 'class-table', group: 'lawn' } as const
const woody = { method: 'class-table', group: 'woody' } as const
const turfNitrogen = (low: number, high: number) =>
  ({ unit: 'lb N/1000 ft²', low, high, organicMatterCredit: false }) as const
const bedNitrogen = (low: number, high: number, ...whens: readonly string[]) =>
  ({ unit: 'lb N/1000 ft²', low, high, organicMatterCredit: true, dressings: equally(whens) }) as const
/** Standing plants on rich ground need no nitrogen at all. */
const standingNitrogen = (low: number, high: number, ...whens: readonly string[]) =>
  ({ ...bedNitrogen(low, high, ...whens), noneAboveOrganicMatter: 8 }) as const
const plotNitrogen = (low: number, high: number, ...whens: readonly string[]) =>
  ({ unit: 'lb N/acre', low, high, organicMatterCredit: true, dressings: equally(whens) }) as const
const equally = (whens: readonly string[]) => whens.map((when) => ({ share: 1 / whens.length, when }))

/** P and K of a plot by the Tri-State rules. Plots that wildlife grazes remove little: the yields are modest. */
const triState = (criticalP: number, amount: number, yieldUnit: string, phosphate: number, potash: number) =>
  ({
    method: 'tri-state',
    criticalP,
    yield: amount,
    yieldUnit: { en: yieldUnit },
    removal: { 'P₂O₅': phosphate, 'K₂O': potash },
  }) as const

/** Source of every row: practice, but for the removals of the plots, which are tri-state. */
export const crops = {
  'mixed-vegetables': {
    label: { en: 'mixed vegetables' },
    use: 'bed',
    pH: { low: 6.0, high: 6.8, aim: 6.4 },
    acidRequiring: false,
    nitrogen: {
      unit: 'lb N/1000 ft²',
      low: 3,
      high: 3,
      organicMatterCredit: true,
      dressings: [
        { share: 0.5, when: 'before-planting' },
        { share: 0.5, when: 'side-dress' },
      ],
    },
    phosphorusPotassium: garden,
  },
  'sweet-corn': {
    label: { en: 'sweet corn' },
    use: 'bed',
    pH: { low: 6.0, high: 6.8, aim: 6.4 },
    acidRequiring: false,
    nitrogen: {
      unit: 'lb N/1000 ft²',
      low: 3,
      high: 4,
      organicMatterCredit: true,
      dressings: [
        { share: 0.5, when: 'before-planting' },
        { share: 0.5, when: 'side-dress-corn' },
      ],
    },
    phosphorusPotassium: garden,
  },
  tomato: {
    label: { en: 'tomato, pepper, squash or melon' },
    use: 'bed',
    pH: { low: 6.0, high: 6.8, aim: 6.4 },
    acidRequiring: false,
    nitrogen: {
      unit: 'lb N/1000 ft²',
      low: 2.5,
      high: 2.5,
      organicMatterCredit: true,
      dressings: [
        { share: 0.5, when: 'before-planting' },
        { share: 0.5, when: 'side-dress-fruit' },
      ],
    },
    phosphorusPotassium: garden,
  },
  'kentucky-bluegrass': {
    label: { en: 'Kentucky bluegrass lawn' },
    use: 'lawn',
    pH: { low: 6.0, high: 7.2, aim: 6.6 },
    acidRequiring: false,
    nitrogen: turfNitrogen(1, 4),
    phosphorusPotassium: lawn,
  },
  'tall-fescue': {
    label: { en: 'tall fescue lawn' },
    use: 'lawn',
    pH: { low: 5.5, high: 7.0, aim: 6.4 },
    acidRequiring: false,
    nitrogen: turfNitrogen(2, 3),
    phosphorusPotassium: lawn,
  },
  'fine-fescue': {
    label: { en: 'fine fescue lawn, shade' },
    use: 'lawn',
    pH: { low: 5.5, high: 6.5, aim: 6.0 },
    acidRequiring: false,
    nitrogen: turfNitrogen(1, 2),
    phosphorusPotassium: lawn,
  },
  bermuda: {
    label: { en: 'bermuda lawn' },
    use: 'lawn',
    pH: { low: 5.8, high: 7.0, aim: 6.3 },
    acidRequiring: false,
    nitrogen: turfNitrogen(2, 5),
    phosphorusPotassium: lawn,
  },
  zoysia: {
    label: { en: 'zoysia lawn' },
    use: 'lawn',
    pH: { low: 5.8, high: 6.8, aim: 6.3 },
    acidRequiring: false,
    nitrogen: turfNitrogen(1, 3),
    phosphorusPotassium: lawn,
  },
  'highbush-blueberry': {
    label: { en: 'highbush blueberry' },
    use: 'planting',
    pH: { low: 4.5, high: 5.5, aim: 5.0, school: { en: 'school A' } },
    limeBelow: 4.2,
    acidRequiring: true,
    ammoniumOnly: true,
    nitrogen: {
      unit: 'lb N/1000 ft²',
      low: 1.4,
      high: 1.4,
      organicMatterCredit: true,
      noneAboveOrganicMatter: 8,
      dressings: [
        { share: 0.5, when: 'bud-break' },
        { share: 0.5, when: 'six-weeks-on' },
      ],
    },
    phosphorusPotassium: woody,
  },
  rhododendron: {
    label: { en: 'rhododendron, azalea or camellia' },
    use: 'planting',
    pH: { low: 4.5, high: 6.0, aim: 5.2 },
    limeBelow: 4.2,
    acidRequiring: true,
    nitrogen: {
      unit: 'lb N/1000 ft²',
      low: 1,
      high: 2,
      organicMatterCredit: true,
      noneAboveOrganicMatter: 5,
      dressings: [{ share: 1, when: 'early-spring' }],
    },
    phosphorusPotassium: woody,
  },
  raspberry: {
    label: { en: 'raspberry or blackberry' },
    use: 'planting',
    pH: { low: 5.6, high: 6.5, aim: 6.0 },
    acidRequiring: false,
    nitrogen: {
      unit: 'lb N/1000 ft²',
      low: 1.2,
      high: 1.2,
      organicMatterCredit: true,
      noneAboveOrganicMatter: 8,
      dressings: [{ share: 1, when: 'early-spring' }],
    },
    phosphorusPotassium: garden,
  },
  clover: {
    label: { en: 'clover or chicory food plot' },
    use: 'plot',
    pH: { low: 6.0, high: 7.0, aim: 6.5 },
    acidRequiring: false,
    fixesNitrogen: true,
    nitrogen: {
      unit: 'lb N/acre',
      low: 0,
      high: 20,
      usual: 0,
      organicMatterCredit: true,
      dressings: [{ share: 1, when: 'at-seeding' }],
    },
    phosphorusPotassium: {
      method: 'tri-state',
      criticalP: 25,
      yield: 2,
      yieldUnit: { en: 'tons of hay an acre' },
      removal: { 'P₂O₅': 13, 'K₂O': 50 },
    },
  },
  'perennial-ryegrass': {
    label: { en: 'perennial ryegrass lawn' },
    use: 'lawn',
    pH: { low: 5.5, high: 7.5, aim: 6.4 },
    acidRequiring: false,
    nitrogen: turfNitrogen(2, 4),
    phosphorusPotassium: lawn,
  },
  centipede: {
    label: { en: 'centipede lawn' },
    use: 'lawn',
    pH: { low: 5.0, high: 6.0, aim: 5.5 },
    acidRequiring: false,
    nitrogen: turfNitrogen(1, 2),
    phosphorusPotassium: lawn,
  },
  'st-augustine': {
    label: { en: 'St. Augustine lawn' },
    use: 'lawn',
    pH: { low: 6.0, high: 7.5, aim: 6.5 },
    acidRequiring: false,
    nitrogen: turfNitrogen(2, 4),
    phosphorusPotassium: lawn,
  },
  buffalograss: {
    label: { en: 'buffalograss lawn' },
    use: 'lawn',
    pH: { low: 6.0, high: 8.0, aim: 6.8 },
    acidRequiring: false,
    nitrogen: turfNitrogen(1, 2),
    phosphorusPotassium: lawn,
  },
  cabbage: {
    label: { en: 'cabbage family or celery' },
    use: 'bed',
    pH: { low: 6.0, high: 6.8, aim: 6.4 },
    acidRequiring: false,
    nitrogen: bedNitrogen(3, 4, 'before-planting', 'side-dress'),
    phosphorusPotassium: garden,
  },
  onion: {
    label: { en: 'onion, garlic or leek' },
    use: 'bed',
    pH: { low: 6.0, high: 6.8, aim: 6.4 },
    acidRequiring: false,
    nitrogen: bedNitrogen(3, 4, 'at-planting', 'four-weeks-on', 'before-bulbing'),
    phosphorusPotassium: garden,
  },
  beans: {
    label: { en: 'beans or peas' },
    use: 'bed',
    pH: { low: 6.0, high: 6.8, aim: 6.4 },
    acidRequiring: false,
    fixesNitrogen: true,
    nitrogen: { ...bedNitrogen(0, 1, 'before-planting'), usual: 1 },
    phosphorusPotassium: garden,
  },
  roots: {
    label: { en: 'carrot, beet or turnip' },
    use: 'bed',
    pH: { low: 6.0, high: 6.8, aim: 6.4 },
    acidRequiring: false,
    nitrogen: bedNitrogen(2, 2, 'before-planting', 'side-dress'),
    phosphorusPotassium: garden,
  },
  potato: {
    label: { en: 'potato' },
    use: 'bed',
    pH: { low: 5.0, high: 6.0, aim: 5.4 },
    acidRequiring: false,
    nitrogen: bedNitrogen(3, 3, 'before-planting', 'side-dress'),
    phosphorusPotassium: garden,
  },
  'sweet-potato': {
    label: { en: 'sweet potato' },
    use: 'bed',
    pH: { low: 5.5, high: 6.2, aim: 5.8 },
    acidRequiring: false,
    nitrogen: bedNitrogen(1.5, 1.5, 'before-planting', 'side-dress'),
    phosphorusPotassium: garden,
  },
  'leafy-greens': {
    label: { en: 'leafy greens' },
    use: 'bed',
    pH: { low: 6.0, high: 7.0, aim: 6.5 },
    acidRequiring: false,
    nitrogen: bedNitrogen(3, 3, 'before-planting', 'side-dress'),
    phosphorusPotassium: garden,
  },
  herbs: {
    label: { en: 'herbs' },
    use: 'bed',
    pH: { low: 6.0, high: 7.0, aim: 6.5 },
    acidRequiring: false,
    nitrogen: bedNitrogen(1, 1, 'before-planting'),
    phosphorusPotassium: garden,
  },
  asparagus: {
    label: { en: 'asparagus' },
    use: 'planting',
    pH: { low: 6.5, high: 7.5, aim: 6.8 },
    acidRequiring: false,
    nitrogen: standingNitrogen(2, 2, 'early-spring-or-harvest'),
    phosphorusPotassium: garden,
  },
  strawberry: {
    label: { en: 'strawberry' },
    use: 'planting',
    pH: { low: 5.5, high: 6.5, aim: 6.1 },
    acidRequiring: false,
    nitrogen: standingNitrogen(1.5, 2, 'late-summer', 'before-ripening', 'after-harvest'),
    phosphorusPotassium: garden,
  },
  grape: {
    label: { en: 'grape or currant' },
    use: 'planting',
    pH: { low: 5.5, high: 6.5, aim: 6.0 },
    acidRequiring: false,
    nitrogen: standingNitrogen(0.5, 1, 'early-spring'),
    phosphorusPotassium: woody,
  },
  'trees-shrubs': {
    label: { en: 'trees and shrubs in general' },
    use: 'planting',
    pH: { low: 5.5, high: 7.0, aim: 6.5 },
    acidRequiring: false,
    nitrogen: standingNitrogen(1, 3, 'early-spring'),
    phosphorusPotassium: woody,
  },
  conifers: {
    label: { en: 'conifers' },
    use: 'planting',
    pH: { low: 5.0, high: 6.5, aim: 5.8 },
    acidRequiring: false,
    nitrogen: standingNitrogen(1, 2, 'early-spring'),
    phosphorusPotassium: woody,
  },
  roses: {
    label: { en: 'roses' },
    use: 'planting',
    pH: { low: 6.0, high: 6.8, aim: 6.5 },
    acidRequiring: false,
    nitrogen: standingNitrogen(2, 3, 'early-spring', 'six-weeks-on'),
    phosphorusPotassium: woody,
  },
  'annual-flowers': {
    label: { en: 'annual flowers' },
    use: 'bed',
    pH: { low: 5.8, high: 7.0, aim: 6.5 },
    acidRequiring: false,
    nitrogen: bedNitrogen(2, 2, 'before-planting', 'side-dress'),
    phosphorusPotassium: garden,
  },
  perennials: {
    label: { en: 'perennial flowers' },
    use: 'planting',
    pH: { low: 5.8, high: 7.0, aim: 6.5 },
    acidRequiring: false,
    nitrogen: standingNitrogen(1, 1, 'early-spring'),
    phosphorusPotassium: woody,
  },
  bulbs: {
    label: { en: 'bulbs' },
    use: 'planting',
    pH: { low: 5.8, high: 7.0, aim: 6.5 },
    acidRequiring: false,
    nitrogen: standingNitrogen(1, 1, 'early-spring'),
    phosphorusPotassium: woody,
  },
  'plot-brassicas': {
    label: { en: 'brassica food plot' },
    use: 'plot',
    pH: { low: 6.0, high: 6.8, aim: 6.5 },
    acidRequiring: false,
    nitrogen: plotNitrogen(80, 100, 'at-seeding', 'six-weeks-on'),
    phosphorusPotassium: triState(15, 1, 'season of grazing', 40, 100),
  },
  'plot-small-grains': {
    label: { en: 'oats, wheat or rye food plot' },
    use: 'plot',
    pH: { low: 5.8, high: 6.8, aim: 6.2 },
    acidRequiring: false,
    nitrogen: plotNitrogen(40, 60, 'at-seeding'),
    phosphorusPotassium: triState(25, 1, 'season of grazing', 40, 100),
  },
  'plot-corn': {
    label: { en: 'corn or sorghum food plot' },
    use: 'plot',
    pH: { low: 5.8, high: 6.8, aim: 6.3 },
    acidRequiring: false,
    nitrogen: plotNitrogen(100, 120, 'at-seeding', 'six-weeks-on'),
    phosphorusPotassium: triState(15, 60, 'bushels an acre', 0.37, 0.27),
  },
  'plot-soybean': {
    label: { en: 'soybean or cowpea food plot' },
    use: 'plot',
    pH: { low: 6.0, high: 6.8, aim: 6.5 },
    acidRequiring: false,
    fixesNitrogen: true,
    nitrogen: plotNitrogen(0, 0, 'at-seeding'),
    phosphorusPotassium: triState(15, 20, 'bushels an acre', 0.8, 1.4),
  },
} as const satisfies Record<string, Crop>

export type CropId = keyof typeof crops
