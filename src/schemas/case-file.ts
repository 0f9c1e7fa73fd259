import Joi from 'joi'
import { caseShape, type Case } from '../core/case/case'
import type { Change } from '../core/case/changes'
import type { Guide } from '../core/guides/guide'
import type { Product } from '../core/shelf/product'
import { blankCase } from '../core/case/blank'
import { caseSchemaNumber } from '../core/case/schema'
import { mostPatches } from '../core/case/fits'
import { isRecord, misfitIn, reservedKeys } from '../core/shape/shape'
import { readable } from '../core/shape/readable'
import { caseSchema, rereadCase, rereadEdit } from './case'
import { instant } from './from-shape'
import { faultOf, type FieldFault } from './faults'
import { guideSchema } from './guide'
import { readJson } from './json'
import { migrated } from './migrations'
import { productSchema } from './product'

/** `joined`: the oldest edits of a long history as one, which cannot be taken apart. */
export const editKinds = ['edit', 'undo', 'redo', 'merge', 'replace', 'joined'] as const
export type EditKind = (typeof editKinds)[number]

/** One step in the life of a case: what changed, and how to take it back. */
export interface FiledEdit extends Change {
  /** The same wherever the case travels; an edit that is typed on in gets a new one. */
  readonly id: string
  /** Initials of who typed; empty where nobody signed. */
  readonly by: string
  readonly at: string
  /** An undo takes back the last edit that stands; a redo puts back what the last undo took. */
  readonly kind: EditKind
  /** Of a merge or a replacement: the edits elsewhere that it takes in; of joined ones: their ids. */
  readonly knows?: readonly string[]
}

/** What a case file holds; docs/case-file.md tells of it. */
export interface CaseFile {
  readonly format: 'agrologos-case'
  readonly schema: typeof caseSchemaNumber
  readonly case: Case
  /** Oldest first. */
  readonly log: readonly FiledEdit[]
  /** An office's own guides that its areas are pinned to. */
  readonly guides: readonly Guide[]
  /** An office's own products that it names. */
  readonly products: readonly Product[]
}

const patches = Joi.array()
  .items(
    Joi.object({
      op: Joi.string().valid('add', 'replace', 'remove', 'order').required(),
      path: Joi.array()
        .items(
          Joi.string()
            .max(200)
            .invalid(...reservedKeys),
        )
        .min(1)
        .max(10)
        .required(),
      value: Joi.any(),
      behind: Joi.string().max(80).allow(null),
    }),
  )
  .max(mostPatches)
  .required()

const edit = Joi.object<FiledEdit>({
  id: Joi.string().min(1).max(80).required(),
  by: Joi.string().allow('').max(60).required(),
  at: instant,
  kind: Joi.string()
    .valid(...editKinds)
    .required(),
  patches,
  inverse: patches,
  knows: Joi.array().items(Joi.string().max(80)).max(20_000),
})

export const caseFileSchema = Joi.object<CaseFile>({
  format: Joi.string().valid('agrologos-case').required(),
  schema: Joi.number().valid(caseSchemaNumber).required(),
  case: caseSchema,
  log: Joi.array().items(edit).max(20_000).required(),
  guides: Joi.array().items(guideSchema).max(50).required(),
  products: Joi.array().items(productSchema).max(500).required(),
}).required()

/** The same around a case that was looked at already. */
const aroundCase = caseFileSchema.keys({ case: Joi.any() })

/** A case that fits its shape breaks nothing that the schema made of it asks for, and that is told many times faster. */
const schemaFor = (file: unknown): Joi.ObjectSchema<CaseFile> =>
  isRecord(file) && misfitIn(caseShape, file.case) === undefined ? aroundCase : caseFileSchema

/** The same as JSON Schema. What Joi says beyond it (ids given once, sizes of the whole) is in docs/case-file.md. */
export const caseFileJsonSchema = (): object => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: '/api/v1/schemas/case-file',
  title: `Agrologos case file, schema ${caseSchemaNumber}`,
  ...(withNull(caseFileSchema['~standard'].jsonSchema.input({ target: 'draft-2020-12' })) as object),
})

/** Joi leaves null out of the values of a choice that may be null. */
function withNull(schema: unknown): unknown {
  if (Array.isArray(schema)) return schema.map(withNull)
  if (typeof schema !== 'object' || schema === null) return schema
  const inner = Object.fromEntries(Object.entries(schema).map(([key, value]) => [key, withNull(value)]))
  const { type, enum: values } = inner
  return Array.isArray(type) && type.includes('null') && Array.isArray(values)
    ? { ...inner, enum: [...(values as unknown[]), null] }
    : inner
}

/** Characters of text, and levels, beyond which a case file is not read. */
export const caseFileLimits = { largest: 8_000_000, deepest: 20 } as const

export type FileFault = 'not-json' | 'not-a-case' | 'newer' | 'too-large'

export type Opened =
  | {
      readonly ok: true
      readonly kase: Case
      readonly log: readonly FiledEdit[]
      readonly guides: readonly Guide[]
      readonly products: readonly Product[]
    }
  | {
      readonly ok: false
      readonly why: FileFault
      readonly details: readonly FieldFault[]
      /** What can be read of it all the same, without its history; and how many places cannot. */
      readonly part?: { readonly kase: Case; readonly left: number }
    }

/**
 * Reads a case file of this schema or an older one. Nothing is taken from one that breaks the schema; the details name
 * each faulty field. The values of typed numbers, also those of the history, are read from their text again.
 */
export function openCaseFile(text: string): Opened {
  const read = readJson(text, caseFileLimits)
  if (!read.ok) {
    const why = read.why === 'too-deep' || read.why === 'reserved-key' ? 'not-a-case' : read.why
    return { ok: false, why, details: read.at ? [{ field: read.at, message: `${read.why}: ${read.at}` }] : [] }
  }
  const schema = (read.value as { schema?: unknown } | null)?.schema
  if (typeof schema === 'number' && schema > caseSchemaNumber) return { ok: false, why: 'newer', details: [] }
  const today = migratedOrNot(read.value)
  const abortEarly = text.length > faultByFault
  const { error, value } = schemaFor(today).validate(today, { abortEarly, convert: false })
  if (error) {
    const details = error.details.slice(0, mostFaults).map(faultOf)
    return { ok: false, why: 'not-a-case', details, part: readablePart((today as { case?: unknown } | null)?.case) }
  }
  const { guides, products } = value
  const kase = rereadCase(value.case)
  return { ok: true, kase, log: value.log.map((one) => rereadEdit(kase, one)), guides, products }
}

/** Faults that are told one by one; and characters of a file beyond which only the first is looked for. */
const mostFaults = 100
const faultByFault = 50_000

/** A file of an older schema may be too far from any to be brought up to date. */
function migratedOrNot(value: unknown): unknown {
  try {
    return migrated(value)
  } catch {
    return value
  }
}

/** A case as far as it can be read; undefined where it has no id, or is none. */
export function readablePart(value: unknown): { kase: Case; left: number } | undefined {
  const { id: _id, ...blank } = blankCase('', new Date(0).toISOString())
  const part = readable<Case>(caseShape, value, blank as Case)
  return part && { kase: rereadCase(part.value), left: part.left }
}
