import type { SourceRef } from '../units/sources'
import type { Text } from '../sentence/text'
import type { OtherNutrient } from '../units/quantity'

/** A product in one of its versions. A version is never changed: what was computed with it can be computed again. */
export type ProductRef = `${string}@${number}`

/**
 * Something sold to be put on ground. One product may do several things: each is a part of it. Analyses are typical
 * ones, and the bag's own label comes first.
 */
export interface Product {
  readonly id: string
  readonly version: number
  readonly label: Text
  /** lb per US cup. */
  readonly lbPerCup: number
  /** The size most often seen, lb; the advisor types the client's own. */
  readonly bagLb: number
  /** The size for a garden, lb, where it comes in one. */
  readonly smallLb?: number
  readonly source: SourceRef
  readonly liming?: Liming
  readonly acidifying?: Acidifying
  readonly feeding?: Nutrition
}

export type Lime = Product & { readonly liming: Liming }
export type Acidifier = Product & { readonly acidifying: Acidifying }
export type Fertilizer = Product & { readonly feeding: Nutrition }

/** What a product does as lime. */
export interface Liming {
  readonly stone: 'calcitic' | 'dolomitic'
  /**
   * Share of the weight that acts like pure fine CaCO₃ (CCE × fineness × dry matter); `reference` for
   * unlabelled agricultural lime, which is the very lime the methods speak of.
   */
  readonly effectiveness: number | 'reference'
  /** That is what its label says; otherwise what is usual for its kind. */
  readonly labelled?: boolean
  /** Months until it begins to tell. Schools differ; full effect takes 8 to 12, of coarse stone years. */
  readonly beginsInMonths: number
  /** lb of product per 1,000 ft² at once, where it may go no further than this; and how far apart. */
  readonly cap?: { readonly perPass: number; readonly monthsApart: number }
  /** What else it feeds, %. */
  readonly brings?: { readonly 'P₂O₅': number; readonly 'K₂O': number }
  /** Harms who handles it carelessly. */
  readonly caustic?: boolean
}

/** What a product does against alkaline ground. */
export interface Acidifying {
  /** lb of elemental S that one lb acts like. */
  readonly strength: number
  /** Salts that acidify at once: lb of product per 1,000 ft² in one pass, beyond which only sulfur is offered. */
  readonly productPerPass?: number
  /** Sold as powder, which works sooner than prills. */
  readonly powder?: boolean
  /** Leaves rust on paving. */
  readonly stains?: boolean
  /** Never where food grows. */
  readonly notOnFood?: boolean
}

/** What a product feeds. */
export interface Nutrition {
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
  /** Allowed where one grows organically, by common practice; the certifier has the last word. */
  readonly organic?: boolean
  /** Sold to be dissolved. */
  readonly soluble?: boolean
  /** Sold for lawns, and so may hold a weed killer. */
  readonly forLawns?: boolean
  /** What it was made of, where that asks for care. */
  readonly origin?: 'manure' | 'compost' | 'sewage'
}

/** @example productRef({ id: 'urea', version: 1 }) // 'urea@1' */
export const productRef = ({ id, version }: Pick<Product, 'id' | 'version'>): ProductRef => `${id}@${version}`

export const isLime = (product: Product | undefined): product is Lime => product?.liming !== undefined
export const isAcidifier = (product: Product | undefined): product is Acidifier => product?.acidifying !== undefined
export const feeds = (product: Product | undefined): product is Fertilizer => product?.feeding !== undefined

/** Feeds the ground as a fertilizer does, and is not there for one minor element only. */
export const isFertilizer = (product: Product | undefined): product is Fertilizer =>
  feeds(product) && Object.values(product.feeding.grade).some((percent) => percent > 0)
