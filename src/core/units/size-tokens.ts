import type { Key } from '../sentence/keys'
import { say, type Sentence, type Said } from '../sentence/sentence'
import { feetPerMetre, inchesPerFoot, sqFtPerAcre, sqFtPerHectare, sqFtPerSqMetre } from './factors'
import { readNumber } from './typed'

/** A number, with the ft or ft² that one of its unit is; `bare` where no unit is written. */
export interface Measure {
  readonly kind: 'measure'
  readonly at: number
  readonly of: 'bare' | 'length' | 'area'
  readonly value: number
  readonly unit: number
}
export interface Mark {
  readonly kind: 'mark'
  readonly at: number
  readonly mark: '+' | '-' | 'x' | '@' | '(' | ')'
}
/** A word that makes a circle of the length beside it: of its diameter, or of its radius. */
export interface Round {
  readonly kind: 'round'
  readonly at: number
  readonly radius: boolean
}
export type SizeToken = Measure | Mark

/** Why a text is no size. Thrown inside this folder only; `readSize` hands it on as a value. */
export class Unreadable extends Error {
  constructor(readonly why: Sentence) {
    super(why.key)
  }
}
export const unreadable = <K extends Key>(key: K, ...args: Said<K>): never => {
  throw new Unreadable(say(key, ...args))
}

/** Factors go into expressions with twelve figures, which is more than anybody measures. */
export const short = (v: number) => Number(v.toPrecision(12))

const lengths: Readonly<Record<string, number>> = {
  ft: 1,
  foot: 1,
  feet: 1,
  "'": 1,
  '′': 1,
  in: 1 / inchesPerFoot,
  inch: 1 / inchesPerFoot,
  inches: 1 / inchesPerFoot,
  '"': 1 / inchesPerFoot,
  '″': 1 / inchesPerFoot,
  yd: 3,
  yard: 3,
  yards: 3,
  m: feetPerMetre,
  metre: feetPerMetre,
  metres: feetPerMetre,
  meter: feetPerMetre,
  meters: feetPerMetre,
  cm: feetPerMetre / 100,
}
const areas: Readonly<Record<string, number>> = {
  'ft²': 1,
  ft2: 1,
  'sq ft': 1,
  sqft: 1,
  sf: 1,
  'square feet': 1,
  'square foot': 1,
  ac: sqFtPerAcre,
  acre: sqFtPerAcre,
  acres: sqFtPerAcre,
  'm²': sqFtPerSqMetre,
  m2: sqFtPerSqMetre,
  'sq m': sqFtPerSqMetre,
  sqm: sqFtPerSqMetre,
  'square metres': sqFtPerSqMetre,
  'square meters': sqFtPerSqMetre,
  ha: sqFtPerHectare,
  hectare: sqFtPerHectare,
  hectares: sqFtPerHectare,
  'yd²': 9,
  yd2: 9,
  'sq yd': 9,
  'square yards': 9,
}
const paces: readonly string[] = ['paces', 'pace']
const longestFirst = [...Object.keys({ ...lengths, ...areas }), ...paces].sort((a, b) => b.length - a.length)

const marks: readonly (readonly [RegExp, Mark['mark']])[] = [
  [/^(?:[x×*]|by\b)/i, 'x'],
  [/^(?:@|of\b)/i, '@'],
  [/^\+/, '+'],
  [/^[-−–]/, '-'],
  [/^\(/, '('],
  [/^\)/, ')'],
]

/**
 * Splits a size into numbers with their units, and marks. Throws Unreadable, naming the place, at what is neither.
 *
 * @param pace ft in one pace of whoever measured
 * @example sizeTokens("12' 6\" x 8'", 2.5) // 12.5 ft, x, 8 ft
 */
export function sizeTokens(text: string, pace: number): SizeToken[] {
  const tokens: SizeToken[] = []
  const skipSpace = (from: number) => from + (text.length - from - text.slice(from).trimStart().length)
  for (let at = skipSpace(0); at < text.length; at = skipSpace(at)) {
    const rest = text.slice(at)
    const mark = marks.find(([pattern]) => pattern.test(rest))
    if (mark) {
      tokens.push({ kind: 'mark', at, mark: mark[1] })
      at += mark[0].exec(rest)![0].length
      continue
    }
    const number = readNumber(rest)
    if (!number) return unreadable('size.unexpected', { at: at + 1, what: rest.trim().slice(0, 12) })
    const unitAt = skipSpace(at + number.length)
    const word = unitAtStart(text.slice(unitAt))
    push(tokens, measureOf(at, number.value, word, pace))
    at = word ? unitAt + word.length : at + number.length
    if (word && text[at] === '.') at += 1
  }
  return tokens
}

/** The longest unit a text begins with; a word that merely starts like one is none, but `3.5mx2m` is read. */
const unitAtStart = (text: string): string | undefined => {
  const lower = text.toLowerCase()
  return longestFirst.find(
    (unit) => lower.startsWith(unit) && !(/[a-z]$/.test(unit) && /^[a-wyz²2]/.test(lower.slice(unit.length))),
  )
}

function measureOf(at: number, value: number, word: string | undefined, pace: number): Measure {
  if (word === undefined) return { kind: 'measure', at, of: 'bare', value, unit: 1 }
  if (paces.includes(word)) return { kind: 'measure', at, of: 'length', value, unit: pace }
  return word in areas
    ? { kind: 'measure', at, of: 'area', value, unit: areas[word]! }
    : { kind: 'measure', at, of: 'length', value, unit: lengths[word]! }
}

/** Inches right after feet belong to them: 12' 6" is 12.5 ft. */
function push(tokens: SizeToken[], next: Measure) {
  const last = tokens.at(-1)
  if (
    last?.kind === 'measure' &&
    last.of === 'length' &&
    last.unit === 1 &&
    next.of === 'length' &&
    next.unit === 1 / inchesPerFoot
  )
    tokens[tokens.length - 1] = { ...last, value: last.value + next.value / inchesPerFoot }
  else tokens.push(next)
}
