import type { BoronMethod, ExtractantId, GuideRef, LeadMethod, MicronutrientMethod } from '../guides/guide'
import type { FertilizerId, LimeMaterialId, LimeScaleId, SieveMesh, SulfurMaterialId } from '../shelf/materials'
import type { PlanShape } from '../ground/plan/plan-size'
import type { Point } from '../ground/plan/polygon'
import type { Members } from './members'
import type { Climate, TextureId } from '../guides/soils'
import type { TestId } from '../guides/sampling'
import {
  elements,
  type BufferKind,
  type MajorNutrient,
  type OtherNutrient,
  type SaltMethod,
  type TestUnit,
} from '../units/quantity'
import type { Typed } from '../units/typed'

/** One property or project of one client, as kept and as handed over in a file. Nothing in it is computed. */
export interface Case {
  readonly id: string
  /** Of this shape; older ones are migrated when they are read. */
  readonly schema: 6
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
  /** Where practitioners disagree: the option taken, by the question's id. What is not named is the guide's own. */
  readonly schools: Readonly<Record<string, string>>
  readonly plan: Plan
  readonly areas: readonly Area[]
  /** Whether soil is to be sent off at all; not where the client brings a report. */
  readonly sampling: boolean
  readonly samples: readonly Sample[]
  readonly spotChecks: readonly SpotCheck[]
  readonly reports: readonly Report[]
  readonly letter: { readonly date: string; readonly note: string; readonly printedAt: string | null }
}

/** Ground managed and treated as one. */
export interface Area {
  readonly id: string
  readonly name: string
  /** `12x18`, `30 ft circle`, `0.25 ac`; the value is in ft². Blank: from the rows or the plants. */
  readonly size: Typed
  /** The crop that leads, by its id in the guide. */
  readonly crop: string | null
  /** What else grows here; rated each by itself. */
  readonly otherCrops: readonly string[]
  readonly texture: TextureId | null
  /** Its outline on the plan, of several shapes where it takes them; used where no size is typed. */
  readonly shapes: readonly PlanShape[]
  readonly lie: Lie
  /** What makes one ask for more tests. */
  readonly concerns: readonly Concern[]
  readonly putOn: readonly PutOn[]
  /** Ground that cannot be dug, whether it is turf or standing plants; null: as is usual for the crop. */
  readonly ground: 'dug' | 'planted' | null
  /** Depth to be treated, in; blank for the usual one. */
  readonly depth: Typed
  readonly feeding: 'lean' | 'usual' | 'generous'
  readonly phosphorusBanned: boolean
  /** Seed or sod goes down this season. */
  readonly newLawn: boolean
  readonly plants: Plants
  readonly rows: Rows
  readonly past: Past
  readonly guide: GuideRef
  /** The report in force. */
  readonly reportId: string | null
  readonly materials: Choices
}

/** What is drawn around the areas. */
export interface Plan {
  /** Degrees that north lies clockwise of the top of the plan. */
  readonly north: number
  /** Length of one pace of whoever measures. */
  readonly pace: Typed
  readonly picture: Picture | null
}

/** A photo or sketch under the plan; its bytes are kept beside the case, in this browser. */
export interface Picture {
  readonly attachment: string
  readonly name: string
  /** Pixels. */
  readonly width: number
  readonly height: number
  /** Where its north-west corner lies, ft, and how much ground a pixel is. */
  readonly x: number
  readonly y: number
  readonly feetPerPixel: number
}

/** How the ground lies. */
export interface Lie {
  /** In words: `grey-brown`. */
  readonly colour: string
  readonly slope: 'level' | 'gentle' | 'steep' | null
  readonly shade: 'sun' | 'part' | 'shade' | null
  /** Buried heads, which a spade finds first. */
  readonly irrigated: boolean
  /** To the nearest lake, stream, ditch or well. */
  readonly toWater: Typed
}

export const concerns = ['burnt', 'weak', 'lead', 'play'] as const
export type Concern = (typeof concerns)[number]

/** What was put on in an earlier year. */
export interface PutOn {
  readonly id: string
  readonly year: string
  readonly what: 'lime' | 'fertilizer' | 'compost' | 'manure' | 'sulfur'
  readonly note: string
}

/** Soil of one or more areas that goes to the laboratory in one bag. */
export interface Sample {
  readonly id: string
  /** What is written on the bag; unique in the office. */
  readonly code: string
  readonly areas: readonly string[]
  /** A bad corner with a sample of its own; empty for an ordinary one. */
  readonly corner: string
  /** Where that corner is on the drawing of its area, ft; null where nobody marked it. */
  readonly cornerAt: Point | null
  /** Blank: as many, and as deep, as is proposed. */
  readonly cores: Typed
  readonly depth: Typed
  /** Tests to ask for; null: those proposed. */
  readonly tests: readonly TestId[] | null
  /** Decides where the cores lie. */
  readonly seed: number
  /** Positions in the walking order that are ticked off. */
  readonly ticked: Members
  readonly taken: {
    readonly date: string
    readonly by: string
    readonly weather: string
    /** Cores really taken. */
    readonly cores: Typed
  }
  readonly sent: string
  readonly back: string
  /** When the next step is due. */
  readonly due: string
  /** The laboratory's receipt. */
  readonly ticket: string
  /** The report that came of it. */
  readonly reportId: string | null
}

/** A pH read on the spot. */
export interface SpotCheck {
  readonly id: string
  readonly areaId: string
  /** Where on the plan, ft; null where nobody marked it. */
  readonly x: number | null
  readonly y: number | null
  readonly pH: Typed
  readonly at: string
}

/** Trees and bushes that are counted. */
export interface Plants {
  readonly count: Typed
  /** Years since planting. */
  readonly age: Typed
  /** Length of last year's shoots, in. */
  readonly shoots: Typed
  readonly dwarf: boolean
}

/** Crops in rows: feet of row in all, and from row to row. */
export interface Rows {
  readonly length: Typed
  readonly spacing: Typed
}

/** What earlier years left, or the next will ask. */
export interface Past {
  /** Manure or compost put on for this season. */
  readonly manure: FertilizerId | null
  readonly manureRate: Typed
  /** Legume turned under, by its id in the guide. */
  readonly legume: string | null
  /** Beans or peas follow next year, which boron harms. */
  readonly beansNext: boolean
}

/** The materials settled on, their bags, and what the bag says. */
export interface Choices {
  readonly lime: LimeMaterialId | null
  /** The neutralizing value printed on the bag, in the unit of its scale; blank where none is. */
  readonly limeEffective: Typed
  readonly limeScale: LimeScaleId
  /** CaCO₃ equivalent, what passes each sieve, and moisture, all %, where the scale goes by them. */
  readonly limeSieves: LimeSieves
  readonly limeBag: Typed
  readonly sulfur: SulfurMaterialId | null
  readonly sulfurBag: Typed
  readonly fertilizer: FertilizerId | null
  /** Share of the nitrogen that is slow, % as printed; blank: as is usual for the product. */
  readonly slowNitrogen: Typed
  /** The need that decides how much fertilizer; null: the first that can be met. */
  readonly meets: MajorNutrient | null
  readonly fertilizerBag: Typed
}

export interface LimeSieves extends Readonly<Record<SieveMesh, Typed>> {
  readonly cce: Typed
  readonly moisture: Typed
}

export const reportKinds = ['laboratory', 'index', 'words', 'mix', 'kit', 'meter'] as const
/** A laboratory's numbers, its own index, class words only, an extract of soilless mix, a home kit, a meter. */
export type ReportKind = (typeof reportKinds)[number]

/** One line of a report, and the unit in which this paper prints it. */
export interface ReportLine {
  readonly field: LineField
  readonly unit: string
}

/** The paper itself, as a picture or PDF; its bytes are kept beside the case, in this browser. */
export interface Original {
  readonly id: string
  readonly name: string
  readonly type: string
}

/** What the laboratory, kit or meter said, with what it recommends where it does. */
export interface Report extends Readonly<Record<MeasuredField, Typed>> {
  readonly id: string
  readonly kind: ReportKind
  /** The areas that it speaks of, by id; it is in force in those whose `reportId` it is. */
  readonly areas: Members
  /** In the order of the paper; empty: as is usual for its kind. */
  readonly lines: readonly ReportLine[]
  readonly originals: readonly Original[]
  readonly code: string
  readonly laboratory: string
  readonly date: string
  readonly extractant: ExtractantId | null
  readonly micronutrients: MicronutrientMethod | null
  readonly boron: BoronMethod | null
  readonly unit: TestUnit
  readonly buffer: BufferKind | null
  /** Measured in water, or in 0.01 M CaCl₂. */
  readonly pHIn: 'water' | 'salt'
  readonly saltsBy: SaltMethod | null
  readonly leadBy: LeadMethod | null
  readonly recommends: Recommends
}

/**
 * What a report measures: pH, buffer, neutralizable acidity, organic matter, CEC, nitrate-N, the elements, salts, sodium
 * adsorption ratio, CaCO₃, lead, and how deep the sample was taken (blank: 6 in).
 */
export const measuredFields = [
  'pH',
  'bufferPH',
  'acidity',
  'organicMatter',
  'cec',
  'nitrate',
  ...elements,
  'salts',
  'sar',
  'freeLime',
  'lead',
  'sampleDepth',
] as const
export type MeasuredField = (typeof measuredFields)[number]
export type RecommendedField = Exclude<keyof Recommends, 'limeMeans'>
export type LineField = MeasuredField | `recommends.${RecommendedField}`

/** The laboratory's own figures, each in the unit it prints. */
export interface Recommends extends Readonly<Record<MajorNutrient | OtherNutrient, Typed>> {
  readonly lime: Typed
  /**
   * Which lime its figure means: whatever is bought (it stands as printed), pure fine CaCO₃ (also called ECCE), or
   * effective neutralizing material.
   */
  readonly limeMeans: 'product' | 'pure' | 'ENM'
  /** The depth its lime figure means, in; blank: it stands as printed. */
  readonly limeDepth: Typed
  readonly sulfur: Typed
}
