import type { Text } from '../sentence/text'
import type { SourceRef } from '../units/sources'

/** What a plot's yield is counted in. */
export type YieldUnit = 'bu/acre' | 'tons/acre'

/** How ground is managed decides the rate it is spoken of in, the caps, and whether it is dug. */
export const uses = ['bed', 'lawn', 'planting', 'plot', 'container'] as const
export type Use = (typeof uses)[number]

export interface Crop {
  readonly label: Text
  /** What else people call it, to find it by. */
  readonly aka?: readonly string[]
  readonly use: Use
  /** Span and aim, pH in water. */
  readonly pH: { readonly low: number; readonly high: number; readonly aim: number; readonly school?: Text }
  /** Lime only below this pH, where it is not simply the span's low end. */
  readonly limeBelow?: number
  /** Sulfur is worth its while above the span. */
  readonly acidRequiring: boolean
  /** People eat it; some materials never go near it. */
  readonly edible: boolean
  /** Leafy or root crops take up most lead. */
  readonly leafyOrRoot?: boolean
  /** It gets scab in soil above this pH. */
  readonly scabAbove?: number
  readonly nitrogen: Nitrogen
  readonly phosphorusPotassium: PhosphorusPotassium
  /** Feeds on ammonium; nitrate and chloride harm it. */
  readonly ammoniumOnly?: boolean
  /** Burns where chloride is much, as in muriate of potash. */
  readonly shunsChloride?: boolean
  /** Legume or the like: says why no nitrogen is asked for. */
  readonly fixesNitrogen?: boolean
  /** Ground that one grown plant takes, ft². */
  readonly groundPerPlant?: number
  /** Salts in the saturated paste that it bears without loss, dS/m. */
  readonly salts?: { readonly upTo: number; readonly source: SourceRef }
  /** Boron serves it on sandy ground with a low test, or harms it. */
  readonly boron?: 'serves' | 'harms'
  /** Zinc beside the row on sandy ground with a low test. */
  readonly zincOnSand?: boolean
  /** Spans in the saturated media extract, where they are not the guide's own. */
  readonly extract?: Readonly<Partial<Record<ExtractId, readonly [low: number, high: number]>>>
  readonly source: SourceRef
}

/** What a saturated media extract tells. */
export const extractIds = ['pH', 'EC', 'nitrate', 'P', 'K', 'Ca', 'Mg'] as const
export type ExtractId = (typeof extractIds)[number]

export type Nitrogen = NitrogenByGround | NitrogenByTree

interface NitrogenShared {
  /** Credit for organic matter above what the rates assume. */
  readonly organicMatterCredit: boolean
  /** No nitrogen at all above this % organic matter. */
  readonly noneAboveOrganicMatter?: number
  /** The year's dressings, of equal size: windows of the guide. */
  readonly dressings?: readonly string[]
  /** The window in which as many passes as it takes are made. */
  readonly season?: string
}

export interface NitrogenByGround extends NitrogenShared {
  readonly unit: 'lb N/1000 ft²' | 'lb N/acre'
  /** Yearly, for lean and for generous feeding; usual is the middle unless said. */
  readonly low: number
  readonly high: number
  readonly usual?: number
  /** Most beside 100 ft of row in one pass, lb N. */
  readonly perHundredFeetOfRow?: number
  /** Young plants are fed by the plant, year by year, with one product. */
  readonly perPlant?: {
    /** oz of ammonium sulfate in the first year, more each year, and the most of a lean and of a generous hand. */
    readonly firstYear: number
    readonly eachYear: number
    readonly atMost: readonly [lean: number, generous: number]
    readonly nitrogenPercent: number
  }
}

/** Fruit trees: by the tree and its years. */
export interface NitrogenByTree extends NitrogenShared {
  readonly unit: 'lb N/tree'
  readonly perYearOfAge: number
  readonly atMost: number
  /** Share of that for trees on dwarfing roots. */
  readonly dwarf: number
  /** Shoots of last year this long, in: the usual rate; below, half more; above, none. */
  readonly shoots: { readonly young: readonly [number, number]; readonly bearing: readonly [number, number] }
  /** Years from which a tree bears. */
  readonly bearingFrom: number
}

export const rateGroups = ['garden', 'lawn', 'newLawn', 'woody'] as const
export type RateGroup = (typeof rateGroups)[number]

export type PhosphorusPotassium =
  | { readonly method: 'class-table'; readonly group: RateGroup }
  | { readonly method: 'minimum-levels' }
  | { readonly method: 'by-extract' }
  | TriState

export interface TriState {
  readonly method: 'tri-state'
  /** Critical level of P, ppm Bray P1. */
  readonly criticalP: number
  /** Yield, and lb of P₂O₅ and K₂O that one unit of it carries off. */
  readonly yield: number
  readonly yieldUnit: Text
  /** In what a client's own may be typed; absent: nobody is asked, as of grazing. */
  readonly yieldIn?: YieldUnit
  readonly removal: { readonly 'P₂O₅': number; readonly 'K₂O': number }
}

/** In what a client's own yield of a crop is typed, and the guide's; undefined where nobody is asked. */
export const yieldOf = ({
  phosphorusPotassium: by,
}: Pick<Crop, 'phosphorusPotassium'>): { readonly unit: YieldUnit; readonly usual: number } | undefined =>
  by.method === 'tri-state' && by.yieldIn ? { unit: by.yieldIn, usual: by.yield } : undefined
