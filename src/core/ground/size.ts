import { typedLimits } from '../shape/shape'
import { accept, refuse, say, type Outcome } from '../sentence/sentence'
import { feetPerMetre, sqFtPerAcre, sqFtPerSqMetre } from '../units/factors'
import { derive } from '../units/workings'
import type { Shape, Size } from './sized'
import { readCounted, type Known } from './counted'
import { readNamed, type Named } from './named-size'
import {
  short,
  sizeTokens,
  unreadable,
  Unreadable,
  type Mark,
  type Measure,
  type Round,
  type SizeToken,
} from '../units/size-tokens'

type Measures = 'feet' | 'metres'

/**
 * Reads a size as people write it: `12x18`, `12' 6" x 8'`, `3.5 m x 2 m`, `2 @ 4x8`, `30 ft circle`,
 * `0.25 ac`, `450 sq ft`, `30+12 x 10` (× binds before +), `10 ft circle - 4 ft circle + 3x4`, and shapes by name as
 * `readNamed` has them. Numbers without a unit are feet or metres as `measures` says.
 * A length may be in paces: `20 paces x 14 paces`; what was counted is read by `readCounted`.
 * Refuses what it cannot read, with the place; a length alone; a volume; and nothing.
 *
 * @param pace ft in one pace of whoever measured
 * @example readSize('12x18', 'feet') // area 216 ft², a rectangle
 */
export function readSize(text: string, measures: Measures, pace: number = usualPace, known: Known = {}): Outcome<Size> {
  if (text.length > typedLimits.text) return refuse('size.long', { most: typedLimits.text })
  const key = `${measures} ${pace} ${known.perPlant} ${known.spacing} ${text}`
  const before = readBefore.get(key)
  if (before) return before
  const now = readAnew(text, measures, pace, known)
  if (readBefore.size >= mostRemembered) readBefore.clear()
  readBefore.set(key, now)
  return now
}

/** Sizes of late: each is asked for at every answer. */
const readBefore = new Map<string, Outcome<Size>>()
const mostRemembered = 500

const readAnew = (text: string, measures: Measures, pace: number, known: Known): Outcome<Size> =>
  readCounted(text, known, (part) => readMeasured(part, measures, pace)) ?? readMeasured(text, measures, pace)

function readMeasured(text: string, measures: Measures, pace: number): Outcome<Size> {
  const named = readNamed(text, measures, pace)
  if (named) return named.ok ? accept(sizeOfNamed(named.value, measures, text)) : named
  try {
    return accept(read(text, measures, pace))
  } catch (error) {
    if (error instanceof Unreadable) return { ok: false, refusal: error.why }
    throw error
  }
}

const sizeOfNamed = ({ shape, area, lengths, simpson, ring }: Named, measures: Measures, text: string): Size => ({
  area,
  shape: ring ? { kind: 'outline', ground: ring, area: area.value.v } : { kind: 'plain', area: area.value.v },
  count: 1,
  how: isPaced(text) ? 'paced' : 'taped',
  echo: say('size.echo-named', {
    shape,
    lengths: lengths.join(' '),
    simpson: simpson ?? null,
    area: area.value.v,
    measures,
  }),
})

/** ft in a pace that nobody calibrated. Source: common practice. */
export const usualPace = 2.5
const isPaced = (text: string) => /\bpaces?\b/i.test(text)

const roundWords = /\b(?:in diameter|in radius|diameter|dia|across|circles?|round|radius|r)\b|ø/gi
const isRadius = (word: string) => /^(?:in )?ra|^r$/i.test(word)
const largest = 100_000 * sqFtPerAcre

function read(text: string, measures: Measures, pace: number): Size {
  const rounds = [...text.matchAll(roundWords)].map(({ 0: word, index: at }): Round => ({
    kind: 'round',
    at,
    radius: isRadius(word),
  }))
  const tokens = sizeTokens(
    text.replace(roundWords, (word) => ' '.repeat(word.length)),
    pace,
  )
  if (tokens.length === 0) return unreadable(rounds.length > 0 ? 'size.no-diameter' : 'size.empty')
  const all = [...tokens, ...rounds].sort((a, b) => a.at - b.at)
  const { part, count } = parse(all, measures)
  const { expression, shape } = flat(part, measures)
  const area = derive('ft²', count === 1 ? expression : `${count} * (${expression})`, {}, say('size.typed'), 'reported')
  if (!(area.value.v > 0)) unreadable('size.zero')
  if (area.value.v > largest) unreadable('size.huge')
  return {
    area,
    shape,
    count,
    how: isPaced(text)
      ? 'paced'
      : tokens.some((token) => token.kind === 'measure' && token.of === 'area')
        ? 'told'
        : 'taped',
    echo: say('size.echo', {
      shape: shape.kind,
      width: shape.kind === 'rectangle' ? shape.width : null,
      length: shape.kind === 'rectangle' ? shape.length : null,
      across: shape.kind === 'circle' ? shape.diameter : null,
      sum: mixedSum(text),
      count,
      area: area.value.v,
      measures,
    }),
  }
}

/** A part of what was typed: its number in ft, ft², or of no unit yet, and the expression for it. */
interface Part {
  readonly of: Measure['of']
  readonly v: number
  readonly expression: string
  /** ft or ft² in one of the unit it was written in. */
  readonly unit: number
  readonly sides?: readonly [number, number]
  /** Of a circle alone, ft. */
  readonly diameter?: number
}

/** What a bare number is taken for beside a length, or an area. */
const bareUnit = (of: Measure['of'], measures: Measures): number =>
  measures === 'feet' || of === 'bare' ? 1 : of === 'length' ? feetPerMetre : sqFtPerSqMetre

function inUnit(part: Part, of: Measure['of'], unit: number): Part {
  if (part.of !== 'bare') return part
  return {
    of,
    v: part.v * unit,
    unit,
    expression: unit === 1 ? part.expression : `(${part.expression}) * ${short(unit)}`,
  }
}

/** Recursive descent over the tokens: count @ sum, sum of products, product of two sides, a side that is made round. */
function parse(tokens: readonly (SizeToken | Round)[], measures: Measures): { part: Part; count: number } {
  let next = 0
  const take = (...wanted: Mark['mark'][]): Mark['mark'] | undefined => {
    const token = tokens[next]
    if (token?.kind !== 'mark' || !wanted.includes(token.mark)) return undefined
    next += 1
    return token.mark
  }
  const unexpected = (token: SizeToken | Round | undefined) =>
    token
      ? unreadable('size.unexpected', {
          at: token.at + 1,
          what: token.kind === 'mark' ? token.mark : token.kind === 'round' ? 'circle' : String(token.value),
        })
      : unreadable('size.ends')

  function sum(): Part {
    let left = product()
    for (let sign = take('+', '-'); sign; sign = take('+', '-')) {
      const right = product()
      const of = left.of === 'bare' ? right.of : left.of
      if (right.of !== 'bare' && right.of !== of) unreadable('size.mixed-sum')
      const [a, b] = [inUnit(left, of, bareUnit(of, measures)), inUnit(right, of, bareUnit(of, measures))]
      left = {
        of,
        v: sign === '+' ? a.v + b.v : a.v - b.v,
        unit: a.unit,
        expression: `${a.expression} ${sign} ${sign === '-' ? `(${b.expression})` : b.expression}`,
      }
    }
    return left
  }

  function product(): Part {
    const left = side()
    if (!take('x')) return left
    const right = side()
    if (left.diameter !== undefined || right.diameter !== undefined) unreadable('size.circle-area')
    if (left.of === 'area' || right.of === 'area' || take('x')) unreadable('size.three-factors')
    // In `12x18 m` the unit speaks for both sides.
    const usual = bareUnit('length', measures)
    const [a, b] = [inUnit(left, 'length', right.of === 'length' ? right.unit : usual), inUnit(right, 'length', usual)]
    return {
      of: 'area',
      v: a.v * b.v,
      unit: 1,
      expression: `${bracketed(a.expression)} * ${bracketed(b.expression)}`,
      sides: [a.v, b.v],
    }
  }

  function takeRounds(): readonly Round[] {
    const taken: Round[] = []
    for (let token = tokens[next]; token?.kind === 'round'; token = tokens[next]) {
      taken.push(token)
      next += 1
    }
    return taken
  }

  /** `30 ft circle`, `circle 30 ft`, `radius 15 ft`, `30 ft in diameter`. */
  function side(): Part {
    const before = takeRounds()
    if (before.length > 0 && tokens[next] === undefined) unreadable('size.no-diameter')
    const length = plainSide()
    const rounds = [...before, ...takeRounds()]
    if (rounds.length === 0) return length
    if (length.of === 'area') return unreadable('size.circle-area')
    const times = rounds.some(({ radius }) => radius) ? 2 : 1
    const diameter = inUnit(length, 'length', bareUnit('length', measures)).v * times
    const v = (Math.PI / 4) * diameter ** 2
    return { of: 'area', v, unit: 1, expression: `pi / 4 * ${short(diameter)}^2`, diameter }
  }

  function plainSide(): Part {
    if (take('(')) {
      const inner = sum()
      if (!take(')')) unreadable('size.bracket', { at: (tokens[next]?.at ?? tokens.at(-1)!.at + 1) + 1 })
      return { ...inner, expression: `(${inner.expression})` }
    }
    const token = tokens[next]
    if (token?.kind !== 'measure') return unexpected(token)
    next += 1
    const { of, value, unit } = token
    return { of, v: value * unit, unit, expression: unit === 1 ? `${value}` : `${value} * ${short(unit)}` }
  }

  const first = sum()
  const counted = take('@')
  if (counted && (first.of !== 'bare' || !Number.isInteger(first.v) || first.v < 1)) unreadable('size.count')
  const part = counted ? sum() : first
  if (next < tokens.length) unexpected(tokens[next])
  return { part, count: counted ? first.v : 1 }
}

const bracketed = (expression: string) => (/^[\d.]+$|^\([^()]*\)$/.test(expression) ? expression : `(${expression})`)

/** One shape, and the expression for its area. */
interface Outlined {
  readonly expression: string
  readonly shape: Shape
}

function flat(part: Part, measures: Measures): Outlined {
  if (part.of === 'length') return unreadable('size.length')
  if (part.diameter !== undefined)
    return { expression: part.expression, shape: { kind: 'circle', diameter: part.diameter } }
  const { v, expression, sides } = inUnit(part, 'area', bareUnit('area', measures))
  if (!sides) return { expression, shape: { kind: 'plain', area: v } }
  const [width, length] = sides
  return { expression, shape: { kind: 'rectangle', width, length } }
}

/** `30+12 x 10` could be meant either way; the echo then tells how it was read and how to write the other. */
function mixedSum(text: string): string | null {
  const mixed = /^\s*([\d.]+)\s*\+\s*([\d.]+)\s*[x×*]\s*([\d.]+)\s*$/i.exec(text)
  return mixed ? `${mixed[1]} ${mixed[2]} ${mixed[3]}` : null
}
