import { accept, say, type Outcome, type Sentence } from '../sentence'
import { feetPerMetre, inchesPerFoot, sqFtPerAcre, sqFtPerHectare, sqFtPerSqMetre } from '../units/factors'
import { readNumber } from '../units/typed'
import { derive, type Derived } from '../workings'

/** The outline behind a size, in feet, for drawing it to scale. `plain` is an area of unknown outline. */
export type Shape =
  | { readonly kind: 'rectangle'; readonly width: number; readonly length: number }
  | { readonly kind: 'circle'; readonly diameter: number }
  | { readonly kind: 'plain'; readonly area: number }

export interface Size {
  readonly area: Derived<'ft²'>
  readonly shape: Shape
  /** How many of that shape. */
  readonly count: number
  /** How the text was understood. */
  readonly echo: Sentence
}

/** Feet or ft² in one of each unit, with the words for it. */
const lengthUnits: Readonly<Record<string, number>> = {
  ft: 1, foot: 1, feet: 1, "'": 1, '′': 1,
  in: 1 / inchesPerFoot, inch: 1 / inchesPerFoot, inches: 1 / inchesPerFoot, '"': 1 / inchesPerFoot, '″': 1 / inchesPerFoot,
  yd: 3, yard: 3, yards: 3,
  m: feetPerMetre, metre: feetPerMetre, metres: feetPerMetre, meter: feetPerMetre, meters: feetPerMetre,
  cm: feetPerMetre / 100,
}
const areaUnits: Readonly<Record<string, number>> = {
  'ft²': 1, ft2: 1, 'sq ft': 1, sqft: 1, sf: 1, 'square feet': 1, 'square foot': 1,
  ac: sqFtPerAcre, acre: sqFtPerAcre, acres: sqFtPerAcre,
  'm²': sqFtPerSqMetre, m2: sqFtPerSqMetre, 'sq m': sqFtPerSqMetre, sqm: sqFtPerSqMetre,
  'square metres': sqFtPerSqMetre, 'square meters': sqFtPerSqMetre,
  ha: sqFtPerHectare, hectare: sqFtPerHectare, hectares: sqFtPerHectare,
  'yd²': 9, yd2: 9, 'sq yd': 9, 'square yards': 9,
}
const unitWords = Object.keys({ ...lengthUnits, ...areaUnits }).sort((a, b) => b.length - a.length)

/** A part of what was typed: a bare number, a length or an area, its number in ft or ft², and its expression. */
interface Part {
  readonly of: 'bare' | 'length' | 'area'
  readonly v: number
  readonly expression: string
  readonly sides?: readonly [number, number]
}

/** One shape, and what the echo says of it. */
interface Measured {
  readonly expression: string
  readonly shape: Shape
  readonly measured: Sentence['args']
}

class Unreadable extends Error {
  constructor(readonly why: Sentence) {
    super(why.key)
  }
}
const fail = (key: string, args: Sentence['args'] = {}): never => {
  throw new Unreadable(say(key, args))
}

const round = (v: number) => Number(v.toPrecision(12))

/**
 * Reads a size as people write it: `12x18`, `12' 6" x 8'`, `3.5 m x 2 m`, `2 @ 4x8`, `30 ft circle`,
 * `0.25 ac`, `450 sq ft`, `30+12 x 10` (× binds before +). Numbers without a unit are feet or metres as `measures` says.
 * Refuses what it cannot read, with the place; a length alone; a volume; and nothing.
 *
 * @example readSize('12x18', 'feet') // area 216 ft², a rectangle
 */
export function readSize(text: string, measures: 'feet' | 'metres'): Outcome<Size> {
  try {
    return accept(new SizeReader(text, measures).read())
  } catch (error) {
    if (error instanceof Unreadable) return { ok: false, refusal: error.why }
    throw error
  }
}

class SizeReader {
  private at = 0
  private readonly text: string
  private readonly round: 'diameter' | 'radius' | null
  private readonly bareFeet: number

  constructor(typed: string, private readonly measures: 'feet' | 'metres') {
    const radius = /\b(radius|r)\b/i.test(typed)
    this.round = radius ? 'radius' : /\b(circle|round|diameter|dia|across)\b|ø/i.test(typed) ? 'diameter' : null
    this.text = this.round ? typed.replace(/\b(radius|r|circle|round|diameter|dia|across|in diameter)\b|ø/gi, (word) => ' '.repeat(word.length)) : typed
    this.bareFeet = measures === 'feet' ? 1 : feetPerMetre
  }

  read(): Size {
    if (this.text.trim() === '') fail(this.round ? 'size.no-diameter' : 'size.empty')
    const first = this.sum()
    if (!this.skip(/[@]|\bof\b/iy)) return this.finish(first, 1)
    if (first.of !== 'bare' || !Number.isInteger(first.v) || first.v < 1) fail('size.count', { text: this.text.trim() })
    return this.finish(this.sum(), first.v)
  }

  private finish(part: Part, count: number): Size {
    if (this.at < this.text.trimEnd().length) fail('size.unexpected', { at: this.at + 1, what: this.text.slice(this.at).trim().slice(0, 12) })
    const { expression, shape, measured } = this.round ? this.circle(part) : this.flat(part)
    const area = derive('ft²', count === 1 ? expression : `${count} * (${expression})`, {}, say('size.typed'), 'reported')
    if (!(area.value.v > 0)) fail('size.zero')
    if (area.value.v > 100_000 * sqFtPerAcre) fail('size.huge')
    const args = { ...measured, count, area: area.value.v, measures: this.measures }
    return { area, shape, count, echo: say('size.echo', args) }
  }

  private circle(part: Part): Measured {
    if (part.of === 'area') fail('size.circle-area')
    const across = (part.of === 'bare' ? part.v * this.bareFeet : part.v) * (this.round === 'radius' ? 2 : 1)
    return { expression: `pi / 4 * ${round(across)}^2`, shape: { kind: 'circle', diameter: across }, measured: { shape: 'circle', across } }
  }

  private flat(part: Part): Measured {
    if (part.of === 'length') fail('size.length')
    const bareUnit = this.measures === 'feet' ? 1 : sqFtPerSqMetre
    const area = part.of === 'bare' ? part.v * bareUnit : part.v
    const expression = part.of === 'bare' && bareUnit !== 1 ? `(${part.expression}) * ${round(bareUnit)}` : part.expression
    if (!part.sides) return { expression, shape: { kind: 'plain', area }, measured: { shape: 'plain', sum: this.mixedSum() } }
    const [width, length] = part.sides
    return { expression, shape: { kind: 'rectangle', width, length }, measured: { shape: 'rectangle', width, length } }
  }

  /** `30+12 x 10` could be meant either way; the echo then tells how it was read and how to write the other. */
  private mixedSum(): string | null {
    const mixed = /^\s*([\d.]+)\s*\+\s*([\d.]+)\s*[x×*]\s*([\d.]+)\s*$/i.exec(this.text)
    return mixed ? `${mixed[1]} ${mixed[2]} ${mixed[3]}` : null
  }

  private sum(): Part {
    let left = this.product()
    for (let sign = this.skip(/[+\-−–]/y); sign; sign = this.skip(/[+\-−–]/y)) {
      const operator = sign === '+' ? '+' : '-'
      const right = this.product()
      const of = this.common(left, right)
      const [a, b] = [this.as(of, left), this.as(of, right)]
      left = { of, v: operator === '+' ? a.v + b.v : a.v - b.v, expression: `${a.expression} ${operator} ${operator === '-' ? `(${b.expression})` : b.expression}` }
    }
    return left
  }

  private common(a: Part, b: Part): Part['of'] {
    if (a.of === b.of) return a.of
    if (a.of === 'bare') return b.of
    if (b.of === 'bare') return a.of
    return fail('size.mixed-sum')
  }

  /** A bare number taken as the length or area that its neighbour is. */
  private as(of: Part['of'], part: Part): Part {
    if (part.of !== 'bare' || of === 'bare') return part
    const factor = of === 'length' ? this.bareFeet : this.measures === 'feet' ? 1 : sqFtPerSqMetre
    return { ...part, of, v: part.v * factor, expression: factor === 1 ? part.expression : `(${part.expression}) * ${round(factor)}` }
  }

  private product(): Part {
    const left = this.factor()
    if (!this.skip(/[x×*]|\bby\b/iy)) return left
    const right = this.factor()
    if (left.of === 'area' || right.of === 'area') fail('size.three-factors')
    // In `12x18 ft` the unit speaks for both sides.
    const [a, b] = [left.of === 'bare' && right.of === 'length' && right.v !== 0 ? this.alike(left, right) : this.as('length', left), this.as('length', right)]
    if (this.skip(/[x×*]|\bby\b/iy)) fail('size.three-factors')
    return { of: 'area', v: a.v * b.v, expression: `(${a.expression}) * (${b.expression})`.replace(/\(([\d.]+)\)/g, '$1'), sides: [a.v, b.v] }
  }

  private lastUnit = 1
  private alike(bare: Part, length: Part): Part {
    return { of: length.of, v: bare.v * this.lastUnit, expression: this.lastUnit === 1 ? bare.expression : `(${bare.expression}) * ${round(this.lastUnit)}` }
  }

  private factor(): Part {
    if (this.skip(/\(/y)) {
      const inner = this.sum()
      if (!this.skip(/\)/y)) fail('size.bracket', { at: this.at + 1 })
      return { ...inner, expression: `(${inner.expression})` }
    }
    const number = this.number()
    const unit = this.unit()
    if (unit === null) return { of: 'bare', v: number, expression: `${number}` }
    if (unit in areaUnits) return this.scaled('area', number, areaUnits[unit]!)
    const length = this.scaled('length', number, lengthUnits[unit]!)
    return lengthUnits[unit] === 1 ? this.withInches(length) : length
  }

  private scaled(of: 'length' | 'area', number: number, factor: number): Part {
    this.lastUnit = factor
    return { of, v: number * factor, expression: factor === 1 ? `${number}` : `${number} * ${round(factor)}` }
  }

  /** The `6"` of `12' 6"`. */
  private withInches(feet: Part): Part {
    const before = this.at
    const number = readNumber(this.text.slice(this.at))
    if (!number) return feet
    this.at += number.length
    const unit = this.unit()
    if (unit && lengthUnits[unit] === 1 / inchesPerFoot) {
      this.lastUnit = 1
      return { of: 'length', v: feet.v + number.value / inchesPerFoot, expression: `(${feet.expression} + ${number.value} / ${inchesPerFoot})` }
    }
    this.at = before
    return feet
  }

  private number(): number {
    const found = readNumber(this.text.slice(this.at))
    if (!found) {
      const what = this.text.slice(this.at).trim().slice(0, 12)
      return what === '' ? fail('size.ends') : fail('size.unexpected', { at: this.at + 1 + (this.text.slice(this.at).length - this.text.slice(this.at).trimStart().length), what })
    }
    this.at += found.length
    return found.value
  }

  private unit(): string | null {
    const rest = this.text.slice(this.at).toLowerCase().replace(/^(\s*)square\s+/, '$1square ')
    const space = rest.length - rest.trimStart().length
    const word = unitWords.find((unit) => rest.startsWith(unit, space) && !(/[a-z]$/.test(unit) && /^[a-wyz²2]/.test(rest.slice(space + unit.length))))
    if (!word) return null
    this.at += space + word.length
    if (this.text[this.at] === '.') this.at += 1
    return word
  }

  private skip(pattern: RegExp): string | null {
    const space = /\s*/y
    space.lastIndex = this.at
    space.exec(this.text)
    pattern.lastIndex = space.lastIndex
    const match = pattern.exec(this.text)
    if (!match) return null
    this.at = pattern.lastIndex
    return match[0]
  }
}
