import {
  fields,
  flag,
  list as listOf,
  number,
  oneOf,
  orNone,
  text as textOf,
  tuple,
  misfitIn,
  type Shape,
} from '../core/shape/shape'
import { languages } from '../core/sentence/text'
import type { Paper } from './paper'

const text = textOf(20_000)
const list = (of: Shape, most = 5_000) => listOf(of, most)
const texts = list(text)
const share = number(-1e3, 1e3)
const line = fields({ id: text, text, ours: text, standing: oneOf('ours', 'edited', 'moved') })
const row = { what: text, amount: text, measure: text, days: text, when: text }
const letter = fields({
  title: text,
  addressee: text,
  date: text,
  draft: text,
  stepsTitle: text,
  steps: list(fields({ when: text, rows: list(fields({ ...row, area: text })) })),
  areas: list(
    fields({
      id: text,
      name: text,
      about: text,
      says: list(line),
      basis: text,
      instead: text,
      rows: list(fields(row)),
    }),
  ),
  columns: listOf(text, 4, undefined, 3),
  toBuyTitle: text,
  toBuy: texts,
  note: text,
  cautionsTitle: text,
  cautions: list(line),
  foot: list(line),
  signed: texts,
})
const point = tuple(number(), number())
const why = fields({
  title: text,
  about: text,
  columns: tuple(text, text, text, text),
  areas: list(
    fields({
      name: text,
      about: text,
      lines: list(
        fields({
          name: text,
          reported: text,
          wanted: text,
          rated: text,
          scale: orNone(fields({ low: share, high: share, at: share })),
        }),
      ),
      missing: texts,
    }),
  ),
  missingTitle: text,
  plan: fields({
    title: text,
    about: text,
    northMark: text,
    asDrawn: flag,
    north: number(),
    pieces: list(fields({ name: text, rings: list(list(point, 10_000)) })),
  }),
  strip: orNone(
    fields({
      title: text,
      about: text,
      months: list(fields({ label: text, at: share })),
      rows: list(fields({ label: text, marks: list(number()), test: flag })),
    }),
  ),
})
const paper = fields({
  format: oneOf(1),
  language: oneOf(...languages),
  sheet: oneOf('letter', 'a4'),
  head: orNone(fields({ name: text, address: text, disclaimer: text })),
  letter,
  changes: orNone(fields({ title: text, lines: texts })),
  why: orNone(why),
  workings: orNone(
    fields({
      title: text,
      about: text,
      amounts: list(fields({ title: text, steps: list(fields({ rule: text, arithmetic: text, source: text })) })),
    }),
  ),
})

/** A letter as it was kept; null where the text is none, whoever wrote it. */
export function readPaper(document: string): Paper | null {
  try {
    const value = JSON.parse(document) as unknown
    return misfitIn(paper, value) ? null : (value as Paper)
  } catch {
    return null
  }
}
