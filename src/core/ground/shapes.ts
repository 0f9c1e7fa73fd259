import { refuse, accept, say, type Outcome } from '../sentence/sentence'
import { derive, type Derived } from '../units/workings'
import { short } from '../units/size-tokens'

/**
 * Areas of shapes that are told by a few lengths, in ft. Each gives the area and its formula; lengths must be above
 * nothing, and those that no such shape has are refused.
 * Source of all: plane geometry; Simpson's and the trapezoid rule.
 */
type Area = Outcome<Derived<'ft²'>>

const of = (expression: string): Area => {
  const area = derive('ft²', expression, {}, say('size.typed'), 'arithmetic')
  return area.value.v > 0 ? accept(area) : refuse('size.zero')
}

/** @example ellipse(20, 12) // { ok: true, value: { value: { v: 188.5, of: 'ft²' } } } */
export const ellipse = (long: number, wide: number): Area => of(`pi / 4 * ${short(long)} * ${short(wide)}`)

/** A triangle by its base and its height. */
export const triangle = (base: number, height: number): Area => of(`${short(base)} * ${short(height)} / 2`)

/** A triangle by its three sides (Heron). Refuses sides that do not close. */
export function triangleBySides(a: number, b: number, c: number): Area {
  if (a + b <= c || b + c <= a || c + a <= b) return refuse('size.no-triangle')
  const s = (a + b + c) / 2
  return of(`sqrt(${short(s)} * ${short(s - a)} * ${short(s - b)} * ${short(s - c)})`)
}

/** A trapezoid by its two parallel sides and the distance between them. */
export const trapezoid = (a: number, b: number, height: number): Area =>
  of(`(${short(a)} + ${short(b)}) / 2 * ${short(height)}`)

/** A ring, as around a trunk, by how wide it is outside and inside. Refuses an inside that is no smaller. */
export const ring = (outside: number, inside: number): Area =>
  inside >= outside ? refuse('size.ring') : of(`pi / 4 * (${short(outside)}^2 - ${short(inside)}^2)`)

/**
 * An irregular area by widths measured square to a line at even steps: Simpson's rule, which needs an even number of
 * steps; else the trapezoid rule. A width may be nothing at the ends. Refuses fewer than three widths.
 *
 * @example offsets([0, 4, 6, 5, 0], 5) // { ok: true, value: { value: { v: 80 } } }
 */
export function offsets(widths: readonly number[], step: number): Area {
  if (widths.length < 3) return refuse('size.offsets')
  const [first, last, inner] = [widths[0]!, widths.at(-1)!, widths.slice(1, -1)]
  const sum = bySimpson(widths)
    ? inner.map((width, i) => `${i % 2 === 0 ? 4 : 2} * ${short(width)}`).join(' + ')
    : inner.map((width) => `2 * ${short(width)}`).join(' + ')
  return of(`${short(step)} / ${bySimpson(widths) ? 3 : 2} * (${short(first)} + ${sum} + ${short(last)})`)
}

export const bySimpson = (widths: readonly number[]): boolean => widths.length % 2 === 1
