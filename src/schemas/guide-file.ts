import Joi from 'joi'
import type { Guide } from '../core/guides/guide'
import { faultOf, type FieldFault } from './faults'
import { guideSchema } from './guide'
import { readJson } from './json'

/** A guide as a file: the same form that case files and backups carry. */
export interface GuideFile {
  readonly format: 'agrologos-guide'
  readonly schema: 1
  readonly guide: Guide
}

const guideFileSchema = Joi.object<GuideFile>({
  format: Joi.string().valid('agrologos-guide').required(),
  schema: Joi.number().valid(1).required(),
  guide: guideSchema.required(),
}).required()

export const guideFile = (guide: Guide): string =>
  JSON.stringify({ format: 'agrologos-guide', schema: 1, guide } satisfies GuideFile, null, 2)

export type OpenedGuide =
  | { readonly ok: true; readonly guide: Guide }
  | {
      readonly ok: false
      readonly why: 'not-json' | 'not-a-guide' | 'too-large'
      readonly details: readonly FieldFault[]
    }

/** Reads a guide file. Nothing is taken from one that breaks the schema; the details name each faulty field. */
export function openGuideFile(text: string): OpenedGuide {
  const read = readJson(text, { largest: 2_000_000, deepest: 20 })
  if (!read.ok) {
    const why = read.why === 'too-large' || read.why === 'not-json' ? read.why : 'not-a-guide'
    return { ok: false, why, details: read.at ? [{ field: read.at, message: `${read.why}: ${read.at}` }] : [] }
  }
  const { error, value } = guideFileSchema.validate(read.value, { abortEarly: false, convert: false })
  if (error) return { ok: false, why: 'not-a-guide', details: error.details.map(faultOf) }
  return { ok: true, guide: value.guide }
}
