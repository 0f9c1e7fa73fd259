import { extractants } from '../guides/guide'
import { fields as read } from './fields'
import { reportKinds } from './kinds'
import { allFields } from './line-fields'
import { mannerIds, mannerOf, type Manner, type MannerId } from './manners'
import { measuredFields, testOf } from './tests/index'
import { each, fields, list, named, oneOf, some, text, typed, usually, type Holds, type Shape } from '../shape/shape'
import { date, id, keyOf, members } from '../shape/parts'
import { texts } from '../shape/limits'
import { isMinor, majorNutrients, otherNutrients, type Nutrient } from '../units/quantity'

export const limeMeaning = named('What its lime means', usually('product', oneOf('product', 'pure', 'ENM')))

const nutrientLabel = (of: Nutrient): string => (of === 'N' ? 'Nitrogen' : isMinor(of) ? testOf(of).label.en : of)

/** The laboratory's own figures, each in the unit it prints. */
const recommends = fields({
  lime: named('Lime', typed(read.lime, '')),
  /**
   * Which lime its figure means: whatever is bought (it stands as printed), pure fine CaCO₃ (also called ECCE), or
   * effective neutralizing material.
   */
  limeMeans: limeMeaning,
  /** The depth its lime figure means, in; blank: it stands as printed. */
  limeDepth: named('Depth its lime means', typed(read.depth, 'in')),
  sulfur: named('Sulfur', typed(read.sulfur, '')),
  ...each([...majorNutrients, ...otherNutrients], (of) => named(nutrientLabel(of), typed(read.nutrient, ''))),
})

/** Of each test, by its definition. */
const measured = each(measuredFields, (test) => {
  const { label, field, unit, ...how } = testOf(test)
  return named(label.en, typed(field, unit, how.plain ? 'number' : 'measured'))
})

/** How some tests were made, where papers differ. */
const manner = Object.fromEntries(
  mannerIds.map((one) => {
    const { label, values, usual } = mannerOf(one)
    const choices = Object.keys(values)
    return [one, named(label.en, usual ? usually(usual, oneOf(...choices)) : oneOf(null, ...choices))]
  }),
) as { readonly [Id in MannerId]: Shape<Manner[Id]> }

/** One line of a report, and the unit in which this paper prints it. */
const reportLine = fields({
  field: oneOf(...allFields),
  unit: text(24),
})

/** The paper itself, as a picture or PDF; its bytes are kept beside the case, in this browser. */
const original = fields({ id, name: text(texts.fileName), type: text(80) })

/** How a report measured, which a layout says of every paper of its laboratory. */
export const measuring = {
  kind: named('Kind of report', usually('laboratory', oneOf(...reportKinds))),
  extractant: named('Extractant', keyOf(extractants)),
  unit: named('Unit of P, K and Mg', usually('ppm', oneOf('ppm', 'lb/acre', 'index'))),
  ...manner,
  /** In the order of the paper; empty: as is usual for its kind. */
  lines: named('Order of its paper', list(reportLine, 60, 'field')),
}

/** What the laboratory, kit or meter said, with what it recommends where it does. */
export const report = fields({
  id,
  ...measuring,
  /** The areas that it speaks of, by id; it is in force in those whose `reportId` it is. */
  areas: named('What it speaks of', members(80, 500)),
  originals: named('Originals', list(original, 20, 'id')),
  code: named('Sample code', text(texts.code)),
  laboratory: named('Laboratory', text(texts.laboratory)),
  date: named('Date', date),
  /** By test; one that is missing was not measured. A test that this version does not know stays as it came. */
  measured: some(measured, typed({ units: [] }, '')),
  recommends,
})

export interface Report extends Holds<typeof report> {}
export interface ReportLine extends Holds<typeof reportLine> {}
export interface Original extends Holds<typeof original> {}
export interface Recommends extends Holds<typeof recommends> {}
