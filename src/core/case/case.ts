import type { ExtractantId, GuideRef } from '../guides/guide'
import type { ReportKind } from '../report/kinds'
import type { Manner } from '../report/manners'
import type { MeasuredField } from '../report/tests'
import type { PlanShape } from '../ground/plan/plan-size'
import type { Point } from '../ground/plan/polygon'
import type { Application, ChosenMix, InShed } from './applications'
import type { caseSchemaNumber } from './schema'
import type { Spreader } from './spreader'
import type { Decisions, GivenLetter, LetterSettings } from './decisions'
import type { OwnRegion } from './region'
import type { Members } from './members'
import type { Season, Year } from './season'
import type { Climate, TextureId } from '../guides/soils'
import type { TestId } from '../guides/sampling'
import type { MajorNutrient, OtherNutrient, TestUnit } from '../units/quantity'
import type { Typed } from '../units/typed'

/** One property or project of one client, as kept and as handed over in a file. Nothing in it is computed. */
export interface Case {
  readonly id: string
  /** Of this shape; older ones are migrated when they are read. */
  readonly schema: typeof caseSchemaNumber
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
  /** Whose frosts and soil the calendar goes by; null: as is usual for the climate. */
  readonly region: string | null
  /** A region of the office's own, as it was when it was taken; it goes before the other. */
  readonly ownRegion: OwnRegion | null
  /** Where practitioners disagree: the option taken, by the question's id. What is not named is the guide's own. */
  readonly schools: Readonly<Record<string, string>>
  /** The season that is being worked on: crops, rows, products and what is left over from before are this year's. */
  readonly season: Year
  readonly plan: Plan
  readonly areas: readonly Area[]
  /** Whether soil is to be sent off at all; not where the client brings a report. */
  readonly sampling: boolean
  readonly samples: readonly Sample[]
  readonly spotChecks: readonly SpotCheck[]
  readonly reports: readonly Report[]
  /** What was really put on, in this and earlier years. */
  readonly applications: readonly Application[]
  readonly decisions: Decisions
  /** What the client has in the shed. */
  readonly shed: readonly InShed[]
  readonly mix: ChosenMix | null
  /** The client's spreaders, and how they were tried. */
  readonly spreaders: readonly Spreader[]
  /** Letters as they were handed out, oldest first. */
  readonly letters: readonly GivenLetter[]
  /** What calendars have been told of, by the ids there: what is no more is called off in the next. */
  readonly calendarSent: readonly string[]
  readonly letter: LetterSettings
}

/** Ground managed and treated as one. */
export interface Area {
  readonly id: string
  readonly name: string
  /** `12x18`, `30 ft circle`, `0.25 ac`; the value is in ft². Blank: from the rows or the plants. */
  readonly size: Typed
  readonly texture: TextureId | null
  /** Its outline on the plan, of several shapes where it takes them; used where no size is typed. */
  readonly shapes: readonly PlanShape[]
  readonly lie: Lie
  /** What makes one ask for more tests. */
  readonly concerns: readonly Concern[]
  /** Ground that cannot be dug, whether it is turf or standing plants; null: as is usual for the crop. */
  readonly ground: 'dug' | 'planted' | null
  /** Depth to be treated, in; blank for the usual one. */
  readonly depth: Typed
  readonly phosphorusBanned: boolean
  readonly guide: GuideRef
  /** The report in force. */
  readonly reportId: string | null
  /** What grows here and is done here, by year. */
  readonly seasons: Readonly<Record<Year, Season>>
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
export interface Report extends Manner, Readonly<Record<MeasuredField, Typed>> {
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
  readonly unit: TestUnit
  readonly recommends: Recommends
}

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
