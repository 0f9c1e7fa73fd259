import { bufferFields, fields } from '../fields'
import { accept, type Outcome, type Sentence } from '../sentence'
import type { Report, Area, Case } from '../case'
import { readSize, type Size } from '../geometry/size'
import { cmPerInch } from '../units/factors'
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
  readonly buffer?: number
  readonly tests: { readonly P?: number; readonly K?: number; readonly Mg?: number }
  readonly recommends: { readonly lime?: number; readonly limeDepth?: number; readonly sulfur?: number; readonly N?: number; readonly 'P₂O₅'?: number; readonly 'K₂O'?: number }
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
  const { recommends } = report
  return {
    soil: {
      pH: take('pH', fields.pH, report.pH),
      cec: take('cec', fields.cec, report.cec),
      organicMatter: take('organicMatter', fields.organicMatter, report.organicMatter),
      texture: area.texture ?? undefined,
    },
    buffer: report.buffer ? take('bufferPH', bufferFields[report.buffer], report.bufferPH) : undefined,
    tests: { P: take('P', fields.P, report.P), K: take('K', fields.K, report.K), Mg: take('Mg', fields.Mg, report.Mg) },
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

const readInches = (value: number | undefined, typed: Typed): number | undefined =>
  value !== undefined && typed.unit === 'cm' ? value / cmPerInch : value

/** The depth typed for an area, in inches; undefined when blank. */
export function readDepth(area: Area): Outcome<number | undefined> {
  const read = check(fields.depth, area.depth)
  return read.ok ? accept(readInches(read.value, area.depth)) : read
}

export const readAreaSize = (area: Area, kase: Pick<Case, 'measures'>): Outcome<Size> => readSize(area.size.text, kase.measures)
