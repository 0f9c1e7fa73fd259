import Joi from 'joi'
import { type ReportLayout } from '../core/report/layout'
import { allFields } from '../core/report/line-fields'
import { otherMeanings } from '../core/report/names'
import { limeMeaning, measuring } from '../core/report/report'
import { fieldsOf, fromShape, line } from './from-shape'
import type { Mapping } from './results-file/mapping'

/** How files with this head were read last. */
export interface KeptMapping extends Pick<Mapping, 'columns' | 'decimal' | 'dates' | 'manner'> {
  readonly signature: string
}

/** The papers and files that an office knows, as a backup holds them. */
export interface OfficePapers {
  readonly layouts: readonly ReportLayout[]
  readonly mappings: readonly KeptMapping[]
}

const { kind, unit, lines, ...manner } = fieldsOf(measuring)

const layout = Joi.object<ReportLayout>({
  id: Joi.string().min(1).max(80).required(),
  name: line(120),
  laboratory: line(120),
  kind,
  unit,
  lines,
  ...manner,
  limeMeans: fromShape(limeMeaning),
})

const mapping = Joi.object<KeptMapping>({
  signature: Joi.string().max(4_000).required(),
  columns: Joi.array()
    .items(
      Joi.object({
        name: Joi.string().allow('').max(2_000).required(),
        meaning: Joi.valid(null, ...allFields, ...otherMeanings).required(),
        unit: Joi.string().allow('', null).max(24).required(),
      }),
    )
    .max(400)
    .required(),
  decimal: Joi.valid(null, 'point', 'comma').required(),
  dates: Joi.valid('month-first', 'day-first').required(),
  manner: Joi.object(manner).required(),
})

export const papersSchema = Joi.object<OfficePapers>({
  layouts: Joi.array().items(layout).max(500).unique('id').required(),
  mappings: Joi.array().items(mapping).max(2_000).unique('signature').required(),
}).required()
