import Joi from 'joi'
import { allFields, type LineField } from '../core/report/line-fields'
import type { Place } from './results-page/read'
import { instant, line } from './from-shape'

/** The list of what a backup holds, with the SHA-256 of each entry. */
export interface Manifest {
  readonly format: 'agrologos-backup'
  readonly schema: 1 | 2 | 3
  readonly madeAt: string
  readonly counts: { readonly cases: number; readonly attachments: number }
  readonly entries: Readonly<Record<string, string>>
}

/** What is kept beside the cases. */
export interface BackupParts {
  /** When cases were thrown away, by their ids. */
  readonly trashed: Readonly<Record<string, string>>
  readonly conflicts: readonly OpenConflict[]
}

/** A field that two people changed differently: one value stands in the case, this is the other, until one is chosen. */
export interface OpenConflict {
  readonly caseId: string
  /** Keys, and ids of areas and reports. */
  readonly path: readonly string[]
  /** undefined: the area or report was removed. */
  readonly other?: unknown
  /** Whose value it was, and from when. */
  readonly by: string
  readonly at: string
}

/** An attachment without its bytes. */
export interface AboutAttachment {
  readonly id: string
  /** A case's id, or `office`. */
  readonly owner: string
  readonly name: string
  readonly type: string
  /** Of the bytes, hexadecimal. */
  readonly sha256: string
  /** Where on it the values of reports were read. */
  readonly places?: readonly ReadPlace[]
}

/** Where on a paper a line of a report was read: page from 1 on, the box in shares of the page. */
export interface ReadPlace extends Place {
  readonly report: string
  readonly field: LineField
}

const id = Joi.string().min(1).max(80).required()
const sha256 = Joi.string()
  .pattern(/^[0-9a-f]{64}$/)
  .required()
const count = Joi.number().integer().min(0).max(50_000).required()

export const manifestSchema = Joi.object<Manifest>({
  format: Joi.string().valid('agrologos-backup').required(),
  schema: Joi.number().valid(1, 2, 3).required(),
  madeAt: instant,
  counts: Joi.object({ cases: count, attachments: count }).required(),
  entries: Joi.object().pattern(Joi.string().max(120), sha256).required(),
}).required()

const conflict = Joi.object<OpenConflict>({
  caseId: id,
  path: Joi.array().items(Joi.string().max(80)).min(1).max(8).required(),
  other: Joi.any(),
  by: line(60),
  at: instant,
})

export const deskSchema = Joi.object<BackupParts>({
  trashed: Joi.object().pattern(Joi.string().max(80), instant).required(),
  conflicts: Joi.array().items(conflict).max(100_000).required(),
}).required()

const share = Joi.number().min(-0.5).max(1.5).required()
const place = Joi.object<ReadPlace>({
  report: id,
  field: Joi.valid(...allFields).required(),
  page: Joi.number().integer().min(1).max(1_000).required(),
  box: Joi.object({ x: share, y: share, width: share, height: share }).required(),
})

export const attachmentsSchema = Joi.array<AboutAttachment[]>()
  .items(
    Joi.object({ id, owner: id, name: line(200), type: line(80), sha256, places: Joi.array().items(place).max(2_000) }),
  )
  .max(50_000)
  .unique('id')
  .required()
