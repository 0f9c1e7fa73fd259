import { accept, refuse, say, type Outcome } from '../sentence/sentence'
import { quantity } from '../units/quantity'
import { derive, given, type Working } from '../units/workings'
import type { Size } from './sized'

/** What is known of the ground beside the text of its size. */
export interface Known {
  /** ft² that a grown plant of its crop takes. */
  readonly perPlant?: number
  /** ft from row to row. */
  readonly spacing?: number
}

type Read = (text: string) => Outcome<Size>

const plants = /^\s*(\d{1,5})\s+(?:[\p{L}-]+\s+){0,2}?(?:plants?|bush(?:es)?|shrubs?|trees?|vines?)\b[\s,:@]*(.*)$/iu
const apart = String.raw`(?:[\s,]+(?:and\s+)?(\d\S*(?:\s*[a-z]+)?)\s+apart)?\s*$`
const rows = new RegExp(String.raw`^\s*(\d{1,4})\s+rows?\b[\s,:@x×]*(?:of\s+)?(.*?)${apart}`, 'iu')
const row = new RegExp(String.raw`^\s*(.*?)\s+(?:of\s+)?row\b${apart}`, 'iu')
const wide = /\b(?:each|every|with|of|long|wide|across|spread|in diameter|diameter|circles?)\b/giu

/**
 * A size by what was counted: `7 bushes`, `7 plants 4 ft wide`, `10 rows of 25 ft, 3 ft apart`, `40 ft of row`. A plant has the
 * circle of its branches, else what a grown one of its crop takes, which is then said as assumed. Undefined where
 * nothing was counted so.
 *
 * @param read any other size
 */
export function readCounted(text: string, { perPlant, spacing }: Known, read: Read): Outcome<Size> | undefined {
  const [, count, each] = plants.exec(text) ?? []
  if (count !== undefined) return plantsOf(Number(count), each!, perPlant, read)
  const several = rows.exec(text)
  if (several) return rowsOf(Number(several[1]), several[2]!, several[3] ?? null, spacing, read)
  const one = row.exec(text)
  return one ? rowsOf(1, one[1]!, one[2] ?? null, spacing, read) : undefined
}

/** ft, by the circle that is so wide: the one way in which a length is a size. */
function feetIn(text: string, read: Read): number | undefined {
  const size = read(`${text} circle`)
  return size.ok && size.value.shape.kind === 'circle' ? size.value.shape.diameter : undefined
}

function plantsOf(count: number, rest: string, perPlant: number | undefined, read: Read): Outcome<Size> {
  const width = rest.replace(wide, ' ').trim()
  if (count < 1) return refuse('size.count')
  if (width === '')
    return perPlant === undefined ? refuse('size.plant-width', { count }) : accept(sizeOfPlants(count, perPlant))
  const round = read(`${width} circle`)
  const each = round.ok && round.value.shape.kind === 'circle' ? round : read(width)
  if (!each.ok || each.value.count > 1) return refuse('size.plant-width', { count })
  const { area, shape } = each.value
  const size = product('size.plants', { count: [count, 'size.plant-count'], each: area })
  const echo = say('size.plants-echo', { area: size.value.v, count, each: area.value.v, assumed: false })
  return accept({ area: size, shape, count, of: 'plant', how: 'taped', echo })
}

/**
 * The ground of so many plants, each as a grown one of its crop takes, which nobody said.
 *
 * @param perPlant ft²
 */
export function sizeOfPlants(count: number, perPlant: number): Size {
  const area = product('size.plants', { count: [count, 'size.plant-count'], each: [perPlant, 'size.per-plant'] })
  return {
    area,
    shape: { kind: 'plain', area: perPlant },
    count,
    of: 'plant',
    assumed: true,
    how: 'counted',
    echo: say('size.plants-echo', { area: area.value.v, count, each: perPlant, assumed: true }),
  }
}

function rowsOf(
  count: number,
  each: string,
  between: string | null,
  known: number | undefined,
  read: Read,
): Outcome<Size> {
  const length = feetIn(each.replace(wide, ' ').replace(/^\s*an?\b/i, ''), read)
  const spacing = between === null ? known : feetIn(between, read)
  if (length === undefined) return refuse('size.rows-how')
  if (spacing === undefined) return refuse('size.rows-apart')
  return accept(sizeOfRows(count, length, spacing))
}

/**
 * The ground of rows.
 *
 * @param length of one of them, ft
 * @param spacing ft from row to row
 */
export function sizeOfRows(count: number, length: number, spacing: number): Size {
  const feet = count * length
  const area = product('size.rows', { length: [feet, 'size.row-length'], spacing: [spacing, 'size.row-spacing'] })
  return {
    area,
    shape: { kind: 'rectangle', width: count * spacing, length },
    count: 1,
    rows: { length: feet, spacing },
    how: 'taped',
    echo: say('size.rows-echo', { area: area.value.v, length: feet, spacing }),
  }
}

type Factor =
  readonly [number, 'size.plant-count' | 'size.per-plant' | 'size.row-length' | 'size.row-spacing'] | Working

/** ft² of two factors that were counted or measured. */
function product(rule: 'size.rows' | 'size.plants', factors: Readonly<Record<string, Factor>>): Size['area'] {
  const entries = Object.entries(factors).map(([name, factor]): [string, Working] => [
    name,
    'value' in factor ? factor : given(quantity(factor[0], 'of ground'), say(factor[1]), 'reported'),
  ])
  return derive('ft²', Object.keys(factors).join(' * '), Object.fromEntries(entries), say(rule), 'arithmetic')
}
