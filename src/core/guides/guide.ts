import type { Text } from '../sentence/text'
import type { Element, SoilUnit } from '../units/quantity'
import type { Crop, ExtractId, RateGroup, Use } from './crop'
import type { Limits } from './limits'
import type { SourceRef } from '../units/sources'
import type { Sampling } from './sampling'
import type { TextureId } from './soils'
import type { Windows } from './windows'

/** What the laboratory extracted the nutrients with. Those without a guide are named to be refused. */
export const extractants = {
  'mehlich-3': { label: { en: 'Mehlich-3' } },
  'mehlich-1': { label: { en: 'Mehlich-1 (double acid)' } },
  'bray-1': { label: { en: 'Bray P1, K by ammonium acetate' } },
  olsen: { label: { en: 'Olsen P, K by ammonium acetate' } },
  'saturated-media': { label: { en: 'saturated media extract (soilless mix)' } },
  morgan: { label: { en: 'Morgan or Modified Morgan' } },
  other: { label: { en: 'another, or not stated' } },
} as const satisfies Record<string, { label: Text }>

export type ExtractantId = keyof typeof extractants

/** Zinc, manganese, iron and copper have extractants of their own; so has boron. */
export const micronutrientMethods = ['mehlich-3', 'mehlich-1', 'DTPA'] as const
export type MicronutrientMethod = (typeof micronutrientMethods)[number]
export const boronMethods = ['mehlich-3', 'hot-water'] as const
export type BoronMethod = (typeof boronMethods)[number]
export const leadMethods = ['total', 'extractable'] as const

export const classNames = ['very-low', 'low', 'medium', 'optimum', 'excess'] as const
export type ClassName = (typeof classNames)[number]
export type Bounds = readonly [number, number, number, number]

/** Upper bounds of the first four classes, inclusive. The first row whose condition the soil meets holds. */
export interface ClassRow {
  readonly cecOver?: number
  readonly cecFrom?: number
  readonly bounds: Bounds
}

/** The test below which an element is low, in ppm or as the guide's unit for what its own extractant gave. */
export interface Minimum {
  readonly rows: readonly MinimumRow[]
  /** Which method it speaks of; absent: the guide's own extractant. */
  readonly by?: MicronutrientMethod | BoronMethod
  readonly source: SourceRef
}

export interface MinimumRow {
  readonly cecBelow?: number
  readonly texture?: TextureId
  readonly lowBelow: number
}

/** Lower bounds of the classes from the second up, as the extract is read; `acceptable` and `optimum` are wanted. */
export interface Extract {
  readonly unit: string
  readonly from: readonly number[]
}

export const extractClasses = ['low', 'acceptable', 'optimum', 'high', 'very-high'] as const
export type ExtractClass = (typeof extractClasses)[number]

/** A question on which practitioners disagree. The first option is the guide as it stands. */
export interface School {
  readonly id: string
  readonly label: Text
  /** What it bears on; absent: everything. */
  readonly crops?: readonly string[]
  readonly uses?: readonly Use[]
  /** It matters only where lime goes on. */
  readonly liming?: boolean
  /** It matters for taking samples, not for amounts. */
  readonly sampling?: boolean
  readonly options: readonly SchoolOption[]
}

export interface SchoolOption {
  readonly id: string
  readonly label: Text
  /** What it puts in the guide's place. */
  readonly changes: readonly Change[]
}

export interface Change {
  readonly path: readonly string[]
  readonly value: unknown
}

export interface Guide {
  readonly id: string
  readonly version: number
  readonly title: Text
  /** Of an office's own: what this version changed and why, by whom and when; absent in what ships. */
  readonly kept?: { readonly note: string; readonly by: string; readonly at: string }
  /** Field soil, or mix that holds none. */
  readonly medium: 'soil' | 'soilless'
  readonly extractant: ExtractantId
  readonly unit: SoilUnit
  readonly classes: { readonly P: readonly ClassRow[]; readonly K: readonly ClassRow[]; readonly source: SourceRef }
  /** For reports that give an index of the laboratory's own. */
  readonly index: { readonly bounds: Bounds; readonly source: SourceRef }
  readonly minimums: Readonly<Partial<Record<Element, Minimum>>>
  /** For soilless mix: classes of the extract. */
  readonly extract?: {
    readonly rows: Readonly<Record<Exclude<ExtractId, 'pH'>, Extract>>
    readonly pH: readonly [number, number]
    readonly source: SourceRef
  }
  /** The extractant under-reads P where lime is free: doubted above one pH, not rated above the other nor on free lime. */
  readonly underReadsP?: {
    readonly doubtedAbovePH: number
    readonly refusedAbovePH: number
    readonly source: SourceRef
  }
  readonly crops: Readonly<Record<string, Crop>>
  /** lb per 1,000 ft² a year for each class, from very low to excess. */
  readonly rates: Readonly<Record<RateGroup, Rates>> & { readonly source: SourceRef }
  readonly limits: Limits
  /** How its ground is sampled. */
  readonly sampling: Sampling
  /** When dressings are due. */
  readonly windows: Windows
  /** The methods for lime and sulfur, by their ids, in the order in which one leads over the next. */
  readonly methods: { readonly lime: readonly string[]; readonly sulfur: readonly string[] }
  /** Where practitioners disagree: the questions, and what each answer changes in this guide. */
  readonly schools: readonly School[]
}

export type ByClass = readonly [number, number, number, number, number]
export interface Rates {
  readonly 'P₂O₅': ByClass
  readonly 'K₂O': ByClass
}

export type GuideRef = `${string}@${number}`

export const guideRef = ({ id, version }: Pick<Guide, 'id' | 'version'>): GuideRef => `${id}@${version}`

const byRef = new WeakMap<readonly Guide[], ReadonlyMap<string, Guide>>()

/** The guide of a list, which never changes, by its reference. */
export function guideNamed(guides: readonly Guide[], ref: string | null | undefined): Guide | undefined {
  let known = byRef.get(guides)
  if (!known) byRef.set(guides, (known = new Map([...guides].reverse().map((one) => [guideRef(one), one]))))
  return known.get(ref ?? '')
}
