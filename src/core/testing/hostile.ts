import * as fc from 'fast-check'
import type { Case } from '../case/case'
import type { Guide } from '../guides/guide'
import { readMeasured } from '../report/measured'
import { rateUnitWords } from '../units/rates'
import type { Typed } from '../units/typed'
import { anyCase, build } from './any-case'

/** What nobody should type, and somebody will. */
export const hostileTexts = [
  '0–20',
  '5 ± 99',
  '<0',
  '>1e308',
  '1e308',
  '-7',
  '0',
  '00',
  'NaN',
  'Infinity',
  '9'.repeat(110),
  `0.${'0'.repeat(100)}1`,
  '5–3',
  'very high to low',
  '1/0',
  '½',
  '0 x 0',
  '9999999 mi x 9999999 mi',
  `${'('.repeat(60)}1${')'.repeat(59)}`,
  `${'1+'.repeat(55)}1 x 2`,
  '😀 12',
  '\u202e12x18',
  '\ud800',
  '__proto__',
  'constructor',
  ' ',
  'ring 3 ft, 30 ft',
  'offsets 0,0,0,0 every 0',
  'triangle 1, 1, 9',
  '4 paces x -3 paces',
] as const

const numbers = [0, -0, 1e308, -1e308, 5e-324, 1e-12, -1, 1e21, 14, 99] as const

/** Puts hostile texts and numbers in the place of some of what was typed, every one as a file may hold it. */
export function spoiled(kase: Case, bits: readonly number[]): Case {
  let next = 0
  const draw = (n: number) => bits[next++ % bits.length]! % n
  const typed = (one: Typed): Typed => {
    const how = draw(5)
    if (how > 2) return one
    const text = hostileTexts[draw(hostileTexts.length)]!
    if (how === 0) return readMeasured(text, one.unit, rateUnitWords)
    const unit = draw(4) === 0 ? 'furlong' : one.unit
    return { text, unit, value: draw(3) === 0 ? null : numbers[draw(numbers.length)]! }
  }
  const walk = (value: unknown): unknown => {
    if (typeof value !== 'object' || value === null) return value
    if (Array.isArray(value)) return value.map(walk)
    if ('text' in value && 'unit' in value) return typed(value as Typed)
    return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, walk(one)]))
  }
  return walk(kase) as Case
}

export const hostileCase = fc
  .tuple(anyCase, fc.array(fc.nat({ max: 1_000_000 }), { minLength: 40, maxLength: 40 }))
  .map(([any, bits]) => spoiled(build(any), bits))

/** The guide with some of its limits at the edges of what its form takes, or beyond. */
export function spoiledLimits(guide: Guide, bits: readonly number[]): Guide {
  let next = 0
  const draw = (n: number) => bits[next++ % bits.length]! % n
  const walk = (value: unknown): unknown => {
    if (typeof value === 'number') return draw(5) === 0 ? [0, 1e-9, 0.5, 1e6][draw(4)] : value
    if (Array.isArray(value) || typeof value !== 'object' || value === null) return value
    return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, walk(one)]))
  }
  return { ...guide, limits: walk(guide.limits) as Guide['limits'] }
}
