import { accept, refuse, say, type Outcome } from '../sentence'
import { furrowSliceInches, lbPerAcrePerPpmInch } from '../units/factors'
import type { Cec, Element, OrganicMatter, SoilTest, SoilUnit, WaterPH } from '../units/quantity'
import { quantity } from '../units/quantity'
import { derive, given, type Working } from '../workings'
import {
  classNames,
  extractants,
  type ClassName,
  type ClassRow,
  type ExtractantId,
  type Guide,
  type MagnesiumRow,
} from '../guides/guides'
import { reactionClasses, type TextureId } from '../guides/soils'
import type { Text } from '../sentence'

export interface Soil {
  readonly pH?: WaterPH
  readonly cec?: Cec
  readonly organicMatter?: OrganicMatter
  readonly texture?: TextureId
}

export interface Rating {
  readonly className: ClassName
  /** The value in the guide's own unit. */
  readonly value: Working
  readonly bounds: readonly [number, number, number, number]
}

const elementOf = (test: SoilTest) => test.of.split(' ')[1] as Element
const unitOf = (test: SoilTest) => test.of.split(' ')[0] as SoilUnit

/** A soil test in the unit the guide speaks: lb/acre are those of the 6⅔ in furrow slice, as laboratories print them. */
export function inGuideUnit(test: SoilTest, guide: Guide): Working<SoilTest['of']> {
  const element = elementOf(test)
  const typed = given(test, say('report.value', { element }), 'reported')
  if (unitOf(test) === guide.unit) return typed
  const slice = given(quantity(furrowSliceInches, 'in'), say('report.furrow-slice'), 'arithmetic')
  const factor = given(quantity(lbPerAcrePerPpmInch, 'lb/acre per ppm and in'), say('report.ppm-inch'), 'arithmetic')
  const expression = guide.unit === 'ppm' ? 'test / (factor * slice)' : 'test * factor * slice'
  return derive(
    `${guide.unit} ${element}`,
    expression,
    { test: typed, factor, slice },
    say('report.to-unit', { unit: guide.unit }),
    'arithmetic',
  )
}

/**
 * The class of a P or K test in a guide's table, upper bounds inclusive.
 * Refuses when the report's extractant is not the guide's, when the table goes by CEC and none is given,
 * and above the pH to which the extractant can be trusted for P.
 */
export function rate(
  test: SoilTest<'P'> | SoilTest<'K'>,
  extractant: ExtractantId | null,
  guide: Guide,
  soil: Soil,
): Outcome<Rating> {
  const element = elementOf(test) as 'P' | 'K'
  const mismatch = speaksFor(guide, extractant)
  if (!mismatch.ok) return mismatch
  if (element === 'P' && guide.phosphorusUpToPH !== undefined && soil.pH && soil.pH.v > guide.phosphorusUpToPH)
    return refuse('reading.calcareous', {
      extractant: extractants[guide.extractant].label,
      upTo: guide.phosphorusUpToPH,
    })
  const row = rowFor(guide.classes[element], soil.cec?.v)
  if (!row) return refuse('reading.needs-cec', { guide: guide.title })
  const inUnit = inGuideUnit(test, guide)
  const index = row.bounds.findIndex((upTo) => inUnit.value.v <= upTo)
  return accept({ className: classNames[index === -1 ? 4 : index]!, value: inUnit, bounds: row.bounds })
}

/** Whether a guide may rate what this extractant gave. Never converts between extractants. */
export function speaksFor(guide: Guide, extractant: ExtractantId | null): Outcome<true> {
  if (extractant === guide.extractant) return accept(true)
  if (extractant === null) return refuse('reading.no-extractant')
  return refuse('reading.no-guide', { extractant: extractants[extractant].label })
}

function rowFor(rows: readonly ClassRow[], cec: number | undefined): ClassRow | undefined {
  const conditional = rows.some((row) => row.cecOver !== undefined || row.cecFrom !== undefined)
  if (conditional && cec === undefined) return undefined
  return rows.find(
    (row) => (row.cecOver === undefined || cec! > row.cecOver) && (row.cecFrom === undefined || cec! >= row.cecFrom),
  )
}

/** The Mg test below which magnesium is low in this soil; undefined where that goes by an unknown CEC. */
export function magnesiumLowBelow(rows: readonly MagnesiumRow[], soil: Soil): number | undefined {
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
  return reactionClasses.find(({ upTo }) => rounded <= upTo)!.name
}
