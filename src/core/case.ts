import type { CropId } from './guides/crops'
import type { ExtractantId, GuideRef } from './guides/guides'
import type { FertilizerId, LimeMaterialId, SulfurMaterialId } from './guides/materials'
import type { Climate, TextureId } from './guides/soils'
import type { BufferKind, SoilUnit } from './units/quantity'
import type { Typed } from './units/typed'

/** One property or project of one client, as kept and as handed over in a file. Nothing in it is computed. */
export interface Case {
  readonly id: string
  /** Of this shape; older ones are migrated when they are read. */
  readonly schema: 2
  readonly rev: number
  readonly client: string
  readonly place: string
  readonly draftedBy: string
  readonly checkedBy: string
  readonly createdAt: string
  readonly updatedAt: string
  /** One of the sample cases that can be taken away again. */
  readonly sample: boolean
  readonly measures: 'feet' | 'metres'
  readonly climate: Climate
  readonly areas: readonly Area[]
  readonly reports: readonly Report[]
  readonly letter: { readonly date: string; readonly note: string; readonly printedAt: string | null }
}

/** Ground managed and treated as one. */
export interface Area {
  readonly id: string
  readonly name: string
  /** `12x18`, `30 ft circle`, `0.25 ac`; the value is in ft². */
  readonly size: Typed
  readonly crop: CropId | null
  readonly texture: TextureId | null
  /** Ground that cannot be dug, whether it is turf or standing plants; null: as is usual for the crop. */
  readonly ground: 'dug' | 'planted' | null
  /** Depth to be treated, in; blank for the usual one. */
  readonly depth: Typed
  readonly feeding: 'lean' | 'usual' | 'generous'
  readonly phosphorusBanned: boolean
  readonly guide: GuideRef
  /** The report in force. */
  readonly reportId: string | null
  readonly materials: Choices
}

/** The materials settled on, their bags, and what the bag says. */
export interface Choices {
  readonly lime: LimeMaterialId | null
  /** Effective CaCO₃ equivalent printed on the bag, %; blank where none is. */
  readonly limeEffective: Typed
  readonly limeBag: Typed
  readonly sulfur: SulfurMaterialId | null
  readonly sulfurBag: Typed
  readonly fertilizer: FertilizerId | null
  /** The need that decides how much fertilizer; null: the first that can be met. */
  readonly meets: Nutrient | null
  readonly fertilizerBag: Typed
}

export type Nutrient = 'N' | 'P₂O₅' | 'K₂O'
export const nutrients: readonly Nutrient[] = ['N', 'P₂O₅', 'K₂O']

/** What the laboratory, kit or meter said, with what it recommends where it does. */
export interface Report {
  readonly id: string
  readonly code: string
  readonly laboratory: string
  readonly date: string
  readonly extractant: ExtractantId | null
  readonly unit: SoilUnit
  readonly buffer: BufferKind | null
  readonly pH: Typed
  readonly bufferPH: Typed
  readonly organicMatter: Typed
  readonly cec: Typed
  /** Neutralizable (exchangeable) acidity. */
  readonly acidity: Typed
  readonly P: Typed
  readonly K: Typed
  readonly Mg: Typed
  readonly recommends: Recommends
}

/** The laboratory's own figures, each in the unit it prints. */
export interface Recommends {
  readonly lime: Typed
  /**
   * Which lime its figure means: whatever is bought (it stands as printed), or pure fine CaCO₃.
   */
  readonly limeMeans: 'product' | 'pure'
  /** The depth its lime figure means, in; blank: it stands as printed. */
  readonly limeDepth: Typed
  readonly sulfur: Typed
  readonly N: Typed
  readonly 'P₂O₅': Typed
  readonly 'K₂O': Typed
}
