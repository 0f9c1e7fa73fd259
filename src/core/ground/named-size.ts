import { refuse, type Outcome } from '../sentence/sentence'
import { feetPerMetre } from '../units/factors'
import type { Derived } from '../units/workings'
import { groundOf } from './plan/plan-size'
import type { Ground, Point } from '../geometry/polygon'
import { bySimpson, ellipse, offsets, ring, trapezoid, triangle, triangleBySides } from './shapes'
import { sizeTokens, Unreadable } from '../units/size-tokens'

/** A shape that is named and told by a few lengths. */
export interface Named {
  readonly shape: string
  readonly area: Derived<'ft²'>
  /** Its lengths, ft. */
  readonly lengths: readonly number[]
  /** Offsets only: by Simpson's rule, or by the trapezoid rule because the steps are odd in number. */
  readonly simpson?: boolean
  /** Its true shape, where the lengths tell it. */
  readonly ring?: Ground
}

interface Shape {
  readonly words: RegExp
  readonly example: string
  readonly area: (lengths: readonly number[]) => Outcome<Derived<'ft²'>> | undefined
  readonly ground?: (lengths: readonly number[]) => Ground | undefined
}

const two = (f: (a: number, b: number) => Outcome<Derived<'ft²'>>) => (l: readonly number[]) =>
  l.length === 2 ? f(l[0]!, l[1]!) : undefined

const shapes: Readonly<Record<string, Shape>> = {
  ellipse: {
    words: /\b(?:ellipse|oval)\b/i,
    example: 'ellipse 20 x 12',
    area: two(ellipse),
    ground: ([length, width]) =>
      groundOf([
        { id: '', hole: false, outline: { kind: 'ellipse', x: 0, y: 0, width: length!, length: width!, angle: 0 } },
      ]),
  },
  triangle: {
    words: /\btriangle\b/i,
    example: 'triangle 20 x 12, or triangle 13, 14, 15 by its sides',
    area: (l) => (l.length === 3 ? triangleBySides(l[0]!, l[1]!, l[2]!) : two(triangle)(l)),
  },
  trapezoid: {
    words: /\b(?:trapezoid|trapezium)\b/i,
    example: 'trapezoid 10, 14 x 6',
    area: (l) => (l.length === 3 ? trapezoid(l[0]!, l[1]!, l[2]!) : undefined),
  },
  ring: {
    words: /\bring\b/i,
    example: 'ring 12 ft, 3 ft',
    area: two(ring),
    ground: ([outside, inside]) =>
      groundOf([{ id: '', hole: false, outline: { kind: 'ring', x: 0, y: 0, outside: outside!, inside: inside! } }]),
  },
  offsets: {
    words: /\boffsets?\b/i,
    example: 'offsets 0, 4, 6, 5, 0 every 5',
    area: (l) => (l.length > 3 ? offsets(l.slice(0, -1), l.at(-1)!) : undefined),
    ground: (l) => byOffsets(l.slice(0, -1), l.at(-1)!),
  },
}

const named = Object.entries(shapes)

/** The edge that widths measured from a straight line draw. */
function byOffsets(widths: readonly number[], step: number): Ground {
  const far = widths.map((width, i): Point => [i * step, width])
  const edge: readonly Point[] = [...far, [(widths.length - 1) * step, 0], [0, 0]]
  return groundOf([{ id: '', hole: false, outline: { kind: 'polygon', points: edge.filter(unlikeNext) } }])
}

const unlikeNext = ([x, y]: Point, i: number, all: readonly Point[]) => {
  const [nx, ny] = all[(i + 1) % all.length]!
  return x !== nx || y !== ny
}

/**
 * Reads a shape by its name: `ellipse 20x12`, `triangle 13, 14, 15`, `trapezoid 10, 14 x 6`, `ring 12 ft, 3 ft`,
 * `offsets 0, 4, 6, 5, 0 every 5`. Numbers without a unit are feet or metres as `measures` says.
 * Undefined where no such name stands in the text; refuses lengths that the shape does not go by.
 */
export function readNamed(text: string, measures: 'feet' | 'metres', pace: number): Outcome<Named> | undefined {
  const found = named.find(([, { words }]) => words.test(text))
  if (!found) return undefined
  const [shape, { words, example, area, ground }] = found
  const pieces = text
    .replace(words, ' ')
    .split(/\s*(?:,\s+|;|\/|[x×]|\bby\b|\bevery\b|\s-\s)\s*/i)
    .map((piece) => piece.trim())
    .filter(Boolean)
  const lengths = pieces.map((piece) => lengthOf(piece, measures, pace))
  if (lengths.includes(undefined)) return refuse('size.shape-needs', { example })
  const sized = area(lengths as number[])
  if (!sized) return refuse('size.shape-needs', { example })
  if (!sized.ok) return sized
  const simpson = shape === 'offsets' ? bySimpson(lengths.slice(0, -1) as number[]) : undefined
  return {
    ok: true,
    value: { shape, area: sized.value, lengths: lengths as number[], simpson, ring: ground?.(lengths as number[]) },
  }
}

/** A length in ft; undefined for anything else. */
function lengthOf(piece: string, measures: 'feet' | 'metres', pace: number): number | undefined {
  try {
    const [token, ...rest] = sizeTokens(piece, pace)
    if (token?.kind !== 'measure' || rest.length > 0 || token.of === 'area') return undefined
    return token.of === 'length' ? token.value * token.unit : token.value * (measures === 'feet' ? 1 : feetPerMetre)
  } catch (error) {
    if (error instanceof Unreadable) return undefined
    throw error
  }
}
