import { sizeOfPlants, sizeOfRows, type Known } from '../ground/counted'
import { fields } from '../report/fields'
import { lineField } from '../report/lines'
import { measuredIn, testedIn, tests, type MeasuredField } from '../report/tests'
import type { TestDefinition } from '../report/tests/definition'
import { accept, refuse, say, type Outcome, type Sentence } from '../sentence/sentence'
import { type Area } from '../case/area'
import { type Case, type Plan } from '../case/case'
import { type Recommends, type Report } from '../report/report'
import type { Rows } from '../case/season'
import type { AreaInSeason } from '../case/in-season'
import { planSize } from '../ground/plan/plan-size'
import { readSize, usualPace } from '../ground/size'
import type { Size } from '../ground/sized'
import type { Crop } from '../guides/crop'
import type { ClassName } from '../guides/guide'
import type { TextureId } from '../guides/soils'
import { cmPerInch, elementInCompound, feetPerMetre, inchesPerFoot, saltBelowWater, saltPpm } from '../units/factors'
import {
  elements,
  majorNutrients,
  otherNutrients,
  quantity,
  type Cec,
  type Conductivity,
  type Element,
  type OrganicMatter,
  type Quantity,
  type SoilTest,
  type WaterPH,
} from '../units/quantity'
import { type BufferPH } from '../report/buffers'
import { check, readNumber, type Field, type Typed } from '../units/typed'
import { derive, given, type Working } from '../units/workings'
import { baseSaturation, type BaseSaturation } from './bases'
import { classesOfWords } from '../report/class-words'
import { boundsOf } from './uncertainty'
import { printedWord, reckoned, type Range } from '../report/measured'
import type { Tests } from './tests'
import { carriesCec, organicSoil, textureByCec } from './texture'

/** Something typed that cannot be used, and the field it stands in. */
export interface Problem {
  readonly field: string
  readonly sentence: Sentence
}

/** What the tables ask of the ground. */
export interface Soil {
  readonly pH?: WaterPH
  readonly cec?: Cec
  readonly organicMatter?: OrganicMatter
  readonly texture?: TextureId
  /** Nobody named the texture; the CEC tells about what it is. */
  readonly textureByCec?: boolean
}

/** The numbers of a report that can be used, and the problems of those that cannot. */
export interface ReadReport {
  readonly soil: Soil
  /** The soil's pH in water and where it comes from. */
  readonly pH?: Working<'pH in water'>
  readonly buffer?: BufferPH
  /** Read without what decides its meaning: which buffer, in which extract. Kept and asked about, and not used. */
  readonly unnamed: { readonly buffer?: number; readonly salts?: number }
  /** meq/100 g of neutralizable acidity. */
  readonly acidity?: Cec
  readonly tests: Tests
  /** Where the report gives only a word for the class; of two between which it lies the upper, which feeds less. */
  readonly words: { readonly [E in Element]?: ClassName }
  /** The lower of two such words. */
  readonly wordsFrom: { readonly [E in Element]?: ClassName }
  /** The laboratory's own word beside a number. */
  readonly printedWords: { readonly [E in Element]?: ClassName }
  /** What lies between two ends, or beyond a limit. */
  readonly ranges: { readonly [F in MeasuredField]?: Range }
  /** The bases on the exchange, as far as they were tested. */
  readonly bases: readonly BaseSaturation[]
  readonly nitrate?: Quantity<'ppm NO₃-N'> | Quantity<'lb/acre NO₃-N'>
  /** Depth of the sample, in; undefined where nobody said. */
  readonly sampleDepth?: number
  readonly salts?: Conductivity
  readonly sar?: number
  /** % CaCO₃. */
  readonly freeLime?: number
  /** ppm. */
  readonly lead?: number
  /** Tests by which nothing is rated, as reported. */
  readonly others: { readonly [F in MeasuredField]?: Quantity }
  readonly recommends: Readonly<Partial<Record<Exclude<keyof Recommends, 'limeMeans'>, number>>>
  readonly problems: readonly Problem[]
}

export const nothingRead: ReadReport = {
  soil: {},
  unnamed: {},
  tests: {},
  words: {},
  wordsFrom: {},
  printedWords: {},
  ranges: {},
  bases: [],
  others: {},
  recommends: {},
  problems: [],
}

type Take = (name: string, field: Field, typed: Typed) => number | undefined
/** The number of a test, undefined where it cannot be used. */
type TakeTest = (name: MeasuredField) => number | undefined

/** Reads every field of a report; a field that cannot be used is left out and told of. */
export function readReport(report: Report, area: Pick<Area, 'texture'>): ReadReport {
  const problems: Problem[] = []
  const take: Take = (name, field, typed) => {
    const read = check(field, typed)
    if (read.ok) return read.value === undefined ? undefined : reckoned(typed)
    problems.push({ field: name, sentence: read.refusal })
    return undefined
  }
  const test: TakeTest = (name) => {
    const typed = report.measured[name]
    return typed && typed.text !== '' ? take(name, lineField(name, report.buffer), typed) : undefined
  }
  const readings = readTests(report, test, problems)
  const pH = readPH(report, test)
  const cec = of('meq/100 g', test('cec'))
  const organicMatter = of('% organic matter', test('organicMatter'))
  const nitrate = test('nitrate')
  const buffer = test('bufferPH')
  const salts = test('salts')
  return {
    soil: {
      pH: pH?.value,
      cec,
      organicMatter,
      ...textureOf(area, cec, organicMatter),
    },
    pH,
    buffer: report.buffer ? of(`${report.buffer} buffer pH`, buffer) : undefined,
    unnamed: {
      ...(!report.buffer && buffer !== undefined && { buffer }),
      ...(!report.saltsBy && salts !== undefined && { salts }),
    },
    acidity: of('meq/100 g', test('acidity')),
    ...readings,
    ranges: rangesIn(report),
    bases: baseSaturation(readings.tests, cec),
    nitrate:
      nitrate === undefined
        ? undefined
        : measuredIn(report, 'nitrate').unit === 'lb/acre'
          ? quantity(nitrate, 'lb/acre NO₃-N')
          : quantity(nitrate, 'ppm NO₃-N'),
    sampleDepth: readInches(test('sampleDepth'), measuredIn(report, 'sampleDepth')),
    salts: readSalts(report, salts),
    sar: test('sar'),
    freeLime: test('freeLime'),
    others: othersIn(report, test),
    lead: test('lead'),
    recommends: readRecommends(report, take),
    problems,
  }
}

/** The laboratory's own lines. */
function readRecommends({ recommends }: Report, take: Take): ReadReport['recommends'] {
  const found: { -readonly [Line in keyof ReadReport['recommends']]: number | undefined } = {
    lime: take('recommends.lime', fields.lime, recommends.lime),
    limeDepth: readInches(take('recommends.limeDepth', fields.depth, recommends.limeDepth), recommends.limeDepth),
    sulfur: take('recommends.sulfur', fields.sulfur, recommends.sulfur),
  }
  for (const nutrient of nutrients)
    found[nutrient] = take(`recommends.${nutrient}`, fields.nutrient, recommends[nutrient])
  return found
}
const nutrients = [...majorNutrients, ...otherNutrients] as const

/** As somebody said, else as the CEC of a mineral soil tells. */
function textureOf({ texture }: Pick<Area, 'texture'>, cec?: Cec, matter?: OrganicMatter): Partial<Soil> {
  // Organic ground is limed and read as such, whatever its mineral part is called.
  if (matter && matter.v > organicSoil) return { texture: 'muck' }
  if (texture) return { texture }
  if (!cec || (matter && matter.v > carriesCec)) return {}
  return { texture: textureByCec(cec), textureByCec: true }
}

/** pH in water; where it was measured in salt, as much higher as is usual, said so. */
function readPH(report: Report, test: TakeTest): Working<'pH in water'> | undefined {
  const v = test('pH')
  if (v === undefined) return undefined
  if (report.pHIn === 'water') return given(quantity(v, 'pH in water'), say('report.pH'), 'reported')
  return derive(
    'pH in water',
    'salt + higher',
    {
      salt: given(quantity(v, 'pH in salt'), say('report.pH-salt'), 'reported'),
      higher: given(quantity(saltBelowWater, 'pH'), say('report.salt-below'), 'practice'),
    },
    say('report.pH-from-salt'),
    'practice',
  )
}

function rangesIn(report: Report): ReadReport['ranges'] {
  const found: Partial<Record<MeasuredField, Range>> = {}
  for (const field of testedIn(report)) {
    const range = boundsOf(report, field)
    if (range) found[field] = range
  }
  return found
}

/** What nothing is rated by. */
const unrated = tests.filter((test: TestDefinition) => test.says !== undefined)

const othersIn = (report: Report, test: TakeTest): ReadReport['others'] =>
  Object.fromEntries(
    unrated.flatMap(({ id }) => {
      const v = test(id)
      return v === undefined ? [] : [[id, quantity(v, measuredIn(report, id).unit)]]
    }),
  )

type ElementWords = Partial<Record<Element, ClassName>>

function readTests(
  report: Report,
  test: TakeTest,
  problems: Problem[],
): Pick<ReadReport, 'tests' | 'words' | 'wordsFrom' | 'printedWords'> {
  const tests: Record<string, SoilTest> = {}
  const words: ElementWords = {}
  const wordsFrom: ElementWords = {}
  const printedWords: ElementWords = {}
  for (const element of elements) {
    const typed = measuredIn(report, element)
    if (typed.text === '') continue
    const classes = classesOfWords(typed.text)
    const oxide = oxideIn(element, typed.text)
    const word = printedWord(typed)
    if (word) printedWords[element] = word
    if (classes) {
      words[element] = classes[1]
      if (classes[0] !== classes[1]) wordsFrom[element] = classes[0]
    } else if (oxide) problems.push({ field: element, sentence: oxide })
    else {
      const v = test(element)
      const unit = typed.unit === 'lb/acre' || typed.unit === 'index' ? typed.unit : 'ppm'
      if (v !== undefined) tests[element] = quantity(v, `${unit} ${element}`)
    }
  }
  return { tests: tests as ReadReport['tests'], words, wordsFrom, printedWords }
}

const oxides = {
  P: { pattern: /p\s*[2₂]\s*o\s*[5₅]|phosphate/i, share: elementInCompound['P in P₂O₅'] },
  K: { pattern: /k\s*[2₂]\s*o|potash/i, share: elementInCompound['K in K₂O'] },
} as const

/** A test typed as its oxide is the classic mistake: it is not taken, and the element is offered instead. */
export function oxideIn(element: Element, text: string): Sentence | undefined {
  const oxide = element === 'P' || element === 'K' ? oxides[element] : undefined
  if (!oxide?.pattern.test(text)) return undefined
  const number = readNumber(text)?.value
  return say('field.oxide', { element, share: number === undefined ? null : number * oxide.share })
}

/** dS/m; ppm of salts by the factor that its kind of report uses. */
function readSalts(report: Report, v: number | undefined): Conductivity | undefined {
  if (v === undefined || !report.saltsBy) return undefined
  const perUnit =
    measuredIn(report, 'salts').unit === 'ppm'
      ? 1 / (report.saltsBy === 'saturated-media' || report.saltsBy === 'pour-through' ? saltPpm.mix : saltPpm.soil)
      : 1
  return quantity(v * perUnit, `dS/m, ${report.saltsBy}`)
}

const of = <const Of extends string>(what: Of, value: number | undefined): Quantity<Of> | undefined =>
  value === undefined ? undefined : quantity(value, what)

/** A typed depth in inches. */
export const readInches = (value: number | undefined, typed: Typed): number | undefined =>
  value !== undefined && typed.unit === 'cm' ? value / cmPerInch : value

/** The depth typed for an area, in inches; undefined when blank. */
export function readDepth(area: Pick<Area, 'depth'>): Outcome<number | undefined> {
  const read = check(fields.depth, area.depth)
  return read.ok ? accept(readInches(read.value, area.depth)) : read
}

/** ft in a pace of whoever measured. */
export function paceOf({ pace }: Pick<Plan, 'pace'>): number {
  const read = check(fields.pace, pace)
  if (!read.ok || read.value === undefined) return usualPace
  return pace.unit === 'm' ? read.value * feetPerMetre : read.value
}

/** What a typed size's bare numbers are in: as when it was typed, whatever is shown or typed today. */
export const measuresOf = ({ unit }: Typed, { measures }: Pick<Case, 'measures'>): Case['measures'] =>
  unit === 'm' ? 'metres' : unit === 'ft' ? 'feet' : measures

/** A size as it was understood when it was typed. */
export const readTypedSize = (size: Typed, kase: Pick<Case, 'measures' | 'plan'>, known?: Known): Outcome<Size> =>
  readSize(size.text, measuresOf(size, kase), paceOf(kase.plan), known)

/**
 * A size that is typed now; one that already stands keeps what its numbers are in.
 *
 * @param tape what bare numbers are in from now on
 */
export function typedSize(
  text: string,
  before: Typed,
  kase: Pick<Case, 'measures' | 'plan'>,
  tape: Case['measures'] = kase.measures,
): Typed {
  const measures = before.text.trim() === '' ? tape : measuresOf(before, kase)
  const size = { text, unit: measures === 'metres' ? 'm' : 'ft', value: null }
  const read = readTypedSize(size, kase)
  return { ...size, value: read.ok ? read.value.area.value.v : null }
}

/** Feet of row, and feet from row to row; undefined where blank or unreadable. */
export function readRows({ length, spacing }: Rows): { readonly length?: number; readonly spacing?: number } {
  const feet = (field: Field, typed: Typed) => {
    const read = check(field, typed)
    const { unit } = typed
    if (!read.ok || read.value === undefined) return undefined
    if (unit === 'm') return read.value * feetPerMetre
    if (unit === 'in') return read.value / inchesPerFoot
    return unit === 'cm' ? read.value / cmPerInch / inchesPerFoot : read.value
  }
  return { length: feet(fields.rowLength, length), spacing: feet(fields.rowSpacing, spacing) }
}

/**
 * How big an area is: as typed; else as drawn on the plan; else its rows by their spacing; else its plants by the ground
 * that one takes.
 * Refuses when none of these can be had.
 */
export function readAreaSize(
  area: Pick<AreaInSeason, 'size' | 'shapes' | 'rows' | 'plants'>,
  kase: Pick<Case, 'measures' | 'plan'>,
  crop: Crop | null,
): Outcome<Size> {
  if (area.size.text.trim() !== '')
    return readTypedSize(area.size, kase, { perPlant: crop?.groundPerPlant, spacing: readRows(area.rows).spacing })
  if (area.shapes.some(({ hole }) => !hole)) {
    const drawn = planSize(area.shapes)
    return drawn.ok && kase.plan.picture ? accept({ ...drawn.value, how: 'traced' }) : drawn
  }
  const { length, spacing } = readRows(area.rows)
  if (length && spacing) return accept(sizeOfRows(1, length, spacing))
  const count = check(fields.plants, area.plants.count)
  const each = crop?.groundPerPlant
  if (count.ok && count.value && each) return accept(sizeOfPlants(count.value, each))
  return refuse('size.empty')
}
