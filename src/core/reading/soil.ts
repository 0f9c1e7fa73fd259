import { bufferFields, fields } from '../fields'
import { accept, type Outcome, type Sentence } from '../sentence'
import type { Report, Area, Case } from '../case'
import { readSize, type Size } from '../geometry/size'
import { cmPerInch } from '../units/factors'
import { quantity, type BufferPH, type Cec, type Element, type Quantity, type SoilTest } from '../units/quantity'
import { check, type Field, type Typed } from '../units/typed'
import type { Soil } from './classify'

/** Something typed that cannot be used, and the field it stands in. */
export interface Problem {
  readonly field: string
  readonly sentence: Sentence
}

/** The numbers of a report that can be used, and the problems of those that cannot. */
export interface ReadReport {
  readonly soil: Soil
  readonly buffer?: BufferPH
  /** meq/100 g of neutralizable acidity. */
  readonly acidity?: Cec
  readonly tests: { readonly [E in Element]?: SoilTest<E> }
  readonly recommends: {
    readonly lime?: number
    readonly limeDepth?: number
    readonly sulfur?: number
    readonly N?: number
    readonly 'P₂O₅'?: number
    readonly 'K₂O'?: number
  }
  readonly problems: readonly Problem[]
}

/** Reads every field of a report; a field that cannot be used is left out and told of. */
export function readReport(report: Report, area: Area): ReadReport {
  const problems: Problem[] = []
  const take = (name: string, field: Field, typed: Typed): number | undefined => {
    const read = check(field, typed)
    if (read.ok) return read.value
    problems.push({ field: name, sentence: read.refusal })
    return undefined
  }
  const inInches = (name: string, typed: Typed) => readInches(take(name, fields.depth, typed), typed)
  const test = <E extends Element>(element: E) =>
    of(
      `${report[element].unit === 'lb/acre' ? 'lb/acre' : 'ppm'} ${element}`,
      take(element, fields[element], report[element]),
    )
  const { recommends } = report
  return {
    soil: {
      pH: of('pH in water', take('pH', fields.pH, report.pH)),
      cec: of('meq/100 g', take('cec', fields.cec, report.cec)),
      organicMatter: of('% organic matter', take('organicMatter', fields.organicMatter, report.organicMatter)),
      texture: area.texture ?? undefined,
    },
    buffer: report.buffer
      ? of(`${report.buffer} buffer pH`, take('bufferPH', bufferFields[report.buffer], report.bufferPH))
      : undefined,
    acidity: of('meq/100 g', take('acidity', fields.acidity, report.acidity)),
    tests: { P: test('P'), K: test('K'), Mg: test('Mg') },
    recommends: {
      lime: take('recommends.lime', fields.lime, recommends.lime),
      limeDepth: inInches('recommends.limeDepth', recommends.limeDepth),
      sulfur: take('recommends.sulfur', fields.sulfur, recommends.sulfur),
      N: take('recommends.N', fields.nutrient, recommends.N),
      'P₂O₅': take('recommends.P₂O₅', fields.nutrient, recommends['P₂O₅']),
      'K₂O': take('recommends.K₂O', fields.nutrient, recommends['K₂O']),
    },
    problems,
  }
}

const of = <const Of extends string>(what: Of, value: number | undefined): Quantity<Of> | undefined =>
  value === undefined ? undefined : quantity(value, what)

const readInches = (value: number | undefined, typed: Typed): number | undefined =>
  value !== undefined && typed.unit === 'cm' ? value / cmPerInch : value

/** The depth typed for an area, in inches; undefined when blank. */
export function readDepth(area: Area): Outcome<number | undefined> {
  const read = check(fields.depth, area.depth)
  return read.ok ? accept(readInches(read.value, area.depth)) : read
}

export const readAreaSize = (area: Area, kase: Pick<Case, 'measures'>): Outcome<Size> =>
  readSize(area.size.text, kase.measures)
