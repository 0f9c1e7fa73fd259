import Joi from 'joi'
import { languages } from '../core/told/text'
import type { Paper } from './paper'

const text = Joi.string().allow('').max(20_000).required()
const texts = Joi.array().items(Joi.string().allow('').max(20_000)).max(5_000).required()
const share = Joi.number().min(-1e3).max(1e3).required()
const list = (of: Joi.Schema, most = 5_000) => Joi.array().items(of).max(most).required()
const line = Joi.object({ id: text, text, ours: text, standing: Joi.valid('ours', 'edited', 'moved').required() })
const row = { what: text, amount: text, measure: text, days: text, when: text }
const letter = Joi.object({
  title: text,
  addressee: text,
  date: text,
  draft: text,
  stepsTitle: text,
  steps: list(Joi.object({ when: text, rows: list(Joi.object({ ...row, area: text })) })),
  areas: list(
    Joi.object({
      id: text,
      name: text,
      about: text,
      says: list(line),
      basis: text,
      instead: text,
      rows: list(Joi.object(row)),
    }),
  ),
  columns: texts.length(3),
  toBuyTitle: text,
  toBuy: texts,
  note: text,
  cautionsTitle: text,
  cautions: list(line),
  foot: list(line),
  signed: texts,
})
const point = Joi.array().ordered(Joi.number().required(), Joi.number().required())
const why = Joi.object({
  title: text,
  about: text,
  columns: texts.length(4),
  areas: list(
    Joi.object({
      name: text,
      about: text,
      lines: list(
        Joi.object({
          name: text,
          reported: text,
          wanted: text,
          rated: text,
          scale: Joi.object({ low: share, high: share, at: share }).allow(null).required(),
        }),
      ),
      missing: texts,
    }),
  ),
  missingTitle: text,
  plan: Joi.object({
    title: text,
    about: text,
    northMark: text,
    asDrawn: Joi.boolean().required(),
    north: Joi.number().required(),
    pieces: list(Joi.object({ name: text, rings: list(list(point, 10_000)) })),
  }),
  strip: Joi.object({
    title: text,
    about: text,
    months: list(Joi.object({ label: text, at: share })),
    rows: list(Joi.object({ label: text, marks: list(Joi.number()), test: Joi.boolean().required() })),
  })
    .allow(null)
    .required(),
})
const paper = Joi.object({
  format: Joi.valid(1).required(),
  language: Joi.valid(...languages).required(),
  sheet: Joi.valid('letter', 'a4').required(),
  head: Joi.object({ name: text, address: text, disclaimer: text }).allow(null).required(),
  letter: letter.required(),
  changes: Joi.object({ title: text, lines: texts }).allow(null).required(),
  why: why.allow(null).required(),
  workings: Joi.object({
    title: text,
    about: text,
    amounts: list(Joi.object({ title: text, steps: list(Joi.object({ rule: text, arithmetic: text, source: text })) })),
  })
    .allow(null)
    .required(),
})

/** A letter as it was kept; null where the text is none, whoever wrote it. */
export function readPaper(document: string): Paper | null {
  try {
    const { error, value } = paper.validate(JSON.parse(document) as unknown, { convert: false })
    return error ? null : (value as Paper)
  } catch {
    return null
  }
}
