import { unitOf } from './tests'
import { accept, lacking, refuse, say, type Outcome } from '../sentence/sentence'
import { furrowSliceInches, lbPerAcrePerPpmInch } from '../units/factors'
import { quantity, type Element, type SoilTest, type SoilUnit, type WaterPH } from '../units/quantity'
import { derive, given, type Working } from '../units/workings'
import {
  classNames,
  extractants,
  type Bounds,
  type ClassName,
  type ClassRow,
  type ExtractantId,
  type Guide,
  type Minimum,
  type MinimumRow,
} from '../guides/guide'
import { guides } from '../guides/guides'
import { reactionClasses } from '../guides/soils'
import type { SourceRef } from '../units/sources'
import type { Text } from '../sentence/text'
import type { Report } from '../report/report'
import type { Range } from '../report/measured'
import type { ReadReport, Soil } from './soil'

/** What a test means in a guide's classes. A report that gives only a word has no value and no bounds. */
export interface Rating {
  readonly className: ClassName
  /** The value in the guide's own unit, or the laboratory's index. */
  readonly value?: Working
  readonly bounds?: Bounds
  /** The lowest and the highest class it may be in, where the report gives a limit or a range that a bound parts. */
  readonly between?: readonly [ClassName, ClassName]
  readonly source: SourceRef
}

const elementOf = ({ of }: SoilTest) => of.slice(of.indexOf(' ') + 1) as Element
/** A soil test in another unit: lb/acre are those of the 6⅔ in furrow slice, as laboratories print them. */
export function inUnit(test: SoilTest, unit: SoilUnit): Working<SoilTest['of']> {
  const element = elementOf(test)
  const typed = given(test, say('report.value', { element }), 'reported')
  if (unitOf(test) === unit) return typed
  const slice = given(quantity(furrowSliceInches, 'in'), say('report.furrow-slice'), 'arithmetic')
  const factor = given(quantity(lbPerAcrePerPpmInch, 'lb/acre per ppm and in'), say('report.ppm-inch'), 'arithmetic')
  const expression = unit === 'ppm' ? 'test / (factor * slice)' : 'test * factor * slice'
  return derive(
    `${unit} ${element}`,
    expression,
    { test: typed, factor, slice },
    say('report.to-unit', { unit }),
    'arithmetic',
  )
}

/**
 * The class of P or K: of a word as it stands, of an index on the guide's index bounds, of a test in the guide's table,
 * upper bounds inclusive.
 * Refuses a test that was not made, an extractant that is not the guide's, a table that goes by CEC where none is given,
 * and P above the pH to which the extractant can be trusted or where lime is free.
 */
export function rate(element: 'P' | 'K', read: ReadReport, report: Report, guide: Guide): Outcome<Rating> {
  const word = read.words[element]
  const from = read.wordsFrom[element]
  if (word) return accept({ className: word, between: from && [from, word], source: 'reported' })
  const test: SoilTest | undefined = read.tests[element]
  if (!test) return lacking('test', 'nutrient.not-tested', { element })
  const range = read.ranges[element]
  if (unitOf(test) === 'index') {
    const { bounds, source } = guide.index
    const value = given(test, say('report.index', { element }), 'reported')
    return accept({ className: classIn(bounds, test.v), value, bounds, between: between(bounds, range, 1), source })
  }
  const mismatch = speaksFor(guide, report.extractant)
  if (!mismatch.ok) return mismatch
  const { soil } = read
  const { underReadsP } = guide
  const extractant = extractants[guide.extractant].label
  if (element === 'P' && underReadsP && read.freeLime)
    return refuse('reading.free-lime', { extractant, freeLime: read.freeLime })
  if (element === 'P' && underReadsP && soil.pH && soil.pH.v > underReadsP.refusedAbovePH)
    return refuse('reading.calcareous', { extractant, upTo: underReadsP.refusedAbovePH })
  const row = rowFor(guide.classes[element], soil.cec?.v)
  if (!row) return lacking('cec', 'reading.needs-cec', { guide: guide.title })
  const value = inUnit(test, guide.unit)
  const { bounds } = row
  const toGuide = test.v > 0 ? value.value.v / test.v : 1
  return accept({
    className: classIn(bounds, value.value.v),
    value,
    bounds,
    between: between(bounds, range, toGuide),
    source: guide.classes.source,
  })
}

/** The classes at the ends of a range, where they differ. */
function between(bounds: Bounds, range: Range | undefined, toGuide: number): Rating['between'] {
  if (!range) return undefined
  const low = classIn(bounds, range.low === null ? 0 : range.low * toGuide * (range.high === null ? 1 + 1e-9 : 1))
  const high = classIn(
    bounds,
    range.high === null ? Infinity : range.high * toGuide * (range.low === null ? 1 - 1e-9 : 1),
  )
  return low === high ? undefined : [low, high]
}

function classIn(bounds: Bounds, v: number): ClassName {
  const index = bounds.findIndex((upTo) => v <= upTo)
  return classNames[index === -1 ? 4 : index]!
}

/** Whether a guide may rate what this extractant gave. Never converts between extractants. */
export function speaksFor(guide: Guide, extractant: ExtractantId | null): Outcome<true> {
  if (extractant === guide.extractant) return accept(true)
  if (extractant === null) return lacking('extractant', 'reading.no-extractant')
  return lacking('guide', 'reading.no-guide', { extractant: extractants[extractant].label })
}

function rowFor(rows: readonly ClassRow[], cec: number | undefined): ClassRow | undefined {
  const conditional = rows.some((row) => row.cecOver !== undefined || row.cecFrom !== undefined)
  if (conditional && cec === undefined) return undefined
  return rows.find(
    (row) => (row.cecOver === undefined || cec! > row.cecOver) && (row.cecFrom === undefined || cec! >= row.cecFrom),
  )
}

/** An element beside P and K against the least that its guide asks for. */
export interface Sufficiency {
  readonly low: boolean
  readonly lowBelow?: number
  /** The report gives a limit or a range that the minimum parts. */
  readonly unsure?: boolean
  readonly value?: Working
  readonly source: SourceRef
}

/**
 * Whether an element is low by the guide's minimum. A word of the report stands as it is.
 * Refuses what was not tested, an element the guide knows no minimum of, a method that is not the minimum's, an index,
 * and a minimum that goes by an unknown CEC.
 */
export function sufficiency(element: Element, read: ReadReport, report: Report, guide: Guide): Outcome<Sufficiency> {
  const word = read.words[element]
  if (word) return accept({ low: word === 'very-low' || word === 'low', source: 'reported' })
  const test: SoilTest | undefined = read.tests[element]
  if (!test) return lacking('test', 'nutrient.not-tested', { element })
  const chosen = minimumFor(element, report, guide)
  if (!chosen) return refuse('reading.no-minimum', { element, guide: guide.title })
  if (unitOf(test) === 'index') return refuse('reading.index-no-minimum', { element })
  const { minimum, unit, speaks } = chosen
  if (!speaks.ok) return speaks
  const lowBelow = lowBelowIn(minimum.rows, read.soil)
  if (lowBelow === undefined) return lacking('cec', 'reading.needs-cec', { guide: guide.title })
  const value = inUnit(test, minimum.by ? 'ppm' : unit)
  const range = read.ranges[element]
  const toGuide = test.v > 0 ? value.value.v / test.v : 1
  const unsure =
    range !== undefined && (range.low ?? 0) * toGuide < lowBelow && (range.high ?? Infinity) * toGuide > lowBelow
  return accept({ low: value.value.v < lowBelow, lowBelow, value, unsure, source: minimum.source })
}

interface ChosenMinimum {
  readonly minimum: Minimum
  /** Of the guide that has it. */
  readonly unit: Guide['unit']
  /** Whether it speaks of the method that was used. */
  readonly speaks: Outcome<true>
}

/** Elements that are rated by their own test, whichever guide rates phosphorus and potassium. */
const byOwnTest: ReadonlySet<Element> = new Set(['Zn', 'Mn', 'Fe', 'Cu', 'B', 'S'])

/** The guide's own minimum, else the published one of the method that was used; the guide's where neither speaks of it. */
function minimumFor(element: Element, report: Report, guide: Guide): ChosenMinimum | undefined {
  const own = minimumIn(guide, element, report)
  if (own?.speaks.ok || !byOwnTest.has(element)) return own
  for (const other of ownTests) {
    const found = minimumIn(other, element, report)
    if (found?.speaks.ok) return found
  }
  return own
}

/** Guides of field soils, whose minimums are those of a method and not of a crop. */
const ownTests = guides.filter(({ medium, minimums }) => medium === 'soil' && !minimums.P)

function minimumIn(guide: Guide, element: Element, report: Report): ChosenMinimum | undefined {
  const minimum = guide.minimums[element]
  if (!minimum) return undefined
  const { unit } = guide
  if (!minimum.by) return { minimum, unit, speaks: speaksFor(guide, report.extractant) }
  const used = usedFor(element, report)
  const speaks: Outcome<true> =
    used === minimum.by
      ? accept(true)
      : refuse(used === null ? 'reading.no-micro-method' : 'reading.other-micro-method', { element, by: minimum.by })
  return { minimum, unit, speaks }
}

/** Zinc and the like by their own extractant where one is named, else by that of the report. */
export function usedFor(element: Element, { micronutrients, boron, extractant }: Report) {
  const own = element === 'B' ? boron : micronutrients
  return own ?? (extractant === 'mehlich-3' || extractant === 'mehlich-1' ? extractant : null)
}

/** The bound of the first row that this soil meets; undefined where that goes by an unknown CEC. */
function lowBelowIn(rows: readonly MinimumRow[], soil: Soil): number | undefined {
  if (rows.some((row) => row.cecBelow !== undefined) && soil.cec === undefined) return undefined
  return rows.find(
    (row) =>
      (row.cecBelow === undefined || soil.cec!.v < row.cecBelow) &&
      (row.texture === undefined || row.texture === soil.texture),
  )?.lowBelow
}

/**
 * The name of a pH range. The pH is rounded to 0.1 first; a bound belongs to the lower class.
 * Source: USDA Soil Survey Manual, recalled.
 */
export function reactionClass(pH: WaterPH): Text {
  const rounded = Math.round(pH.v * 10) / 10
  // A range may end beyond the scale.
  return (reactionClasses.find(({ upTo }) => rounded <= upTo) ?? reactionClasses.at(-1)!).name
}
