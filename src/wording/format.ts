import {
  cmPerInch,
  gramsPerPound,
  sqFtPerAcre,
  sqFtPerHectare,
  sqFtPerSqMetre,
  feetPerMetre,
  poundsPerTon,
} from '../core/units/factors'
import type { Size } from '../core/ground/sized'
import type { Use } from '../core/guides/crop'
import type { Product } from '../core/shelf/product'
import type { Text } from '../core/sentence/text'
import { poundsAndOunces, scoop, weigh, type Measure } from '../core/units/kitchen'

import { measures as english, type MeasureWords } from './en/measures'
import { quarters } from './quarters'

export type Measures = 'feet' | 'metres'

const minus = (text: string) => text.replace('-', '−')

/** Making a formatter takes a hundred times as long as using it. */
const cached = (made: (digits: number) => Intl.NumberFormat): ((digits: number) => Intl.NumberFormat) => {
  const known: Intl.NumberFormat[] = []
  return (digits) => (known[digits] ??= made(digits))
}
const significant = cached((digits) => new Intl.NumberFormat('en-US', { maximumSignificantDigits: digits }))
const decimal = cached((digits) => new Intl.NumberFormat('en-US', { maximumFractionDigits: digits }))
const oneToTwoPlaces = new Intl.NumberFormat('en-US', { minimumFractionDigits: 1, maximumFractionDigits: 2 })
/** No formatter shows more. */
const mostDigits = 21

/**
 * A number to four significant figures, thousands parted.
 *
 * @example figure(2333.333) // '2,333'
 */
export function figure(value: number, digits = 4): string {
  if (value === 0) return '0'
  const whole = Math.min(mostDigits, Math.ceil(Math.log10(Math.abs(value) + 1)))
  return minus(significant(Math.max(digits, whole)).format(Number(value.toPrecision(digits))))
}

/** A number to so many places behind the point, without idle zeros. */
export const places = (value: number, digits: number): string =>
  minus(decimal(digits).format(Number(value.toFixed(digits))))

/** A pH to two places at most and one at least: `6.0`, `6.55`. */
export const pHFigure = (pH: number): string => oneToTwoPlaces.format(pH)

/** What is wanted, in words: `6.0 to 6.8`, `from 60`, `up to 100`. */
export function spanWords(
  [low, high]: readonly [number | null, number | null],
  words: (v: number) => string = (v) => figure(v, 3),
): string {
  if (low === null) return high === null ? '' : `up to ${words(high)}`
  return high === null ? `from ${words(low)}` : `${words(low)} to ${words(high)}`
}

/** The unit of a quantity without what it is of. */
export const unitOf = (of: string): string =>
  of.startsWith('pH') ? '' : of.replace(/ (?:P|K|Ca|Mg|S|Na|Zn|Mn|Fe|Cu|B|Pb|organic matter)$/, '')

/**
 * A weight as a scale shows it: `13 lb 8 oz`, `11½ oz`, `540 lb`; `6.1 kg`.
 *
 * @param lb exact weight, lb
 */
export function weight(lb: number, measures: Measures, own: Pick<MeasureWords, 'tons'> = english): string {
  const shown = weigh(lb, measures).lb
  if (measures === 'metres') {
    const grams = shown * gramsPerPound
    return grams < 1_000
      ? `${places(grams, grams < 20 ? 1 : 0)} g`
      : `${places(grams / 1_000, grams < 100_000 ? 2 : 0)} kg`
  }
  if (shown > poundsPerTon) return own.tons(places(shown / poundsPerTon, 2))
  if (shown >= 20) return `${places(shown, 0)} lb`
  if (shown < 0.25) return `${places(shown * 16, 2)} oz`
  const { pounds, ounces } = poundsAndOunces(shown)
  const oz = ounces === 0 ? '' : `${quarters(ounces)} oz`
  return [pounds ? `${pounds} lb` : '', oz].filter(Boolean).join(' ') || '0 lb'
}

/** What rounding to a scale did, `+0.6 %`, empty where it did nothing to speak of. */
export function rounding(lb: number, measures: Measures): string {
  const percent = weigh(lb, measures).error * 100
  return Math.abs(percent) < 0.05 ? '' : `${percent > 0 ? '+' : '−'}${Math.abs(percent).toFixed(1)} %`
}

function words(measure: Measure, measures: Measures, own: MeasureWords): string {
  if (measure.kind === 'bags') {
    const { bags, bagLb, restLb } = measure
    const bag = weight(bagLb, measures)
    const rest = weigh(restLb, measures).lb > 0 ? weight(restLb, measures) : ''
    if (bags === 0) return restLb < bagLb / 2 ? own.partOfBag(bag) : own.ofBag(weight(restLb, measures), bag)
    const whole = own.bags(places(bags, 0), bag, bags > 1)
    return rest ? own.bagsAnd(whole, rest) : whole
  }
  const { kind, count } = measure
  if (count === 0) return kind === 'teaspoons' ? own.underQuarterTeaspoon : own.veryLittle
  if (measure.kind === 'buckets') {
    const percent = Math.round(measure.error * 100)
    return `${own.buckets(count)}${percent === 0 ? '' : own.off(Math.abs(percent), percent > 0)}`
  }
  if (kind === 'millilitres') return `${count} mL`
  if (kind === 'litres') return `${places(count, 2)} L`
  return own[kind](count)
}

/** lb under which grams stand beside spoons. */
const smallDose = 0.25

/** How a person carries it: `about 19 cups`, `2 × 40 lb bags and 11 lb`. */
export function measure(
  lb: number,
  lbPerCup: number,
  bagLb: number,
  measures: Measures,
  own: MeasureWords = english,
): string {
  const found = scoop(lb, lbPerCup, bagLb, measures)
  const said = words(found, measures, own)
  // Of a small dose both are weighed: a kitchen scale shows grams.
  const grams = measures === 'feet' && lb > 0 && lb < smallDose ? ` (${figure(lb * gramsPerPound, 2)} g)` : ''
  return found.kind === 'bags' || found.count === 0 ? said + grams : own.about(said) + grams
}

/** `$22.50`. */
export const money = (sum: number): string =>
  `$${sum.toLocaleString('en-US', { minimumFractionDigits: 2, maximumFractionDigits: 2 })}`

/** `10-10-10`, as on the bag; empty for what holds none of the three. */
export function gradeWords({ feeding }: Product): string {
  const percents = feeding ? [feeding.grade.N, feeding.grade['P₂O₅'], feeding.grade['K₂O']] : []
  return percents.some((percent) => percent > 0) ? percents.map((percent) => places(percent, 1)).join('-') : ''
}

/** `46-0-0 urea`, as a product is called; what holds none of the three by its name alone. */
export const productWords = (product: Product, textOf: (text: Text) => string = ({ en }) => en): string =>
  [gradeWords(product), textOf(product.label)].filter(Boolean).join(' ')

/**
 * A rate in the unit this ground is spoken of in: beds per 100 ft², lawns per 1,000 ft², plots per acre.
 *
 * @param lbPer1000 lb per 1,000 ft²
 */
export function rate(lbPer1000: number, use: Use, measures: Measures): { amount: string; per: string } {
  const [ft2, per] = measures === 'feet' ? perFeet[use] : perMetres[use]
  return { amount: weightRate((lbPer1000 * ft2) / 1000, measures), per }
}

/** A rate as letters speak of it, in any language: `50 lb / 1,000 ft²`. */
export function onThousand(lbPer1000: number, measures: Measures): string {
  const { amount } = rate(lbPer1000, 'lawn', measures)
  return `${amount} / ${measures === 'feet' ? '1,000 ft²' : '100 m²'}`
}

const perFeet: Readonly<Record<Use, readonly [number, string]>> = {
  bed: [100, 'per 100 ft²'],
  planting: [100, 'per 100 ft²'],
  lawn: [1_000, 'per 1,000 ft²'],
  plot: [sqFtPerAcre, 'per acre'],
  container: [1, 'per ft²'],
}
const perMetres: Readonly<Record<Use, readonly [number, string]>> = {
  bed: [10 * sqFtPerSqMetre, 'per 10 m²'],
  planting: [10 * sqFtPerSqMetre, 'per 10 m²'],
  lawn: [100 * sqFtPerSqMetre, 'per 100 m²'],
  plot: [sqFtPerHectare, 'per ha'],
  container: [sqFtPerSqMetre, 'per m²'],
}

function weightRate(lb: number, measures: Measures): string {
  if (measures === 'metres')
    return lb * gramsPerPound < 1_000
      ? `${figure(lb * gramsPerPound, 3)} g`
      : `${figure((lb * gramsPerPound) / 1_000, 3)} kg`
  return lb < 1 ? `${figure(lb * 16, 2)} oz` : `${figure(lb, 3)} lb`
}

/** `240 ft²`, `0.50 acre`, `22.3 m²`, `1.2 ha`. */
export function area(ft2: number, measures: Measures, own: MeasureWords = english): string {
  if (measures === 'metres') {
    const m2 = ft2 / sqFtPerSqMetre
    return m2 >= 10_000 ? `${places(m2 / 10_000, 2)} ha` : `${places(m2, m2 < 100 ? 1 : 0)} m²`
  }
  return ft2 >= sqFtPerAcre / 4
    ? own.acres(places(ft2 / sqFtPerAcre, 2))
    : own.squareFeet(places(ft2, ft2 < 100 ? 1 : 0))
}

/** `16 ft³`, `0.45 m³`; from a cubic yard up also in yards, as mix and soil are sold. */
export function volumeWords(ft3: number, measures: Measures): string {
  if (measures === 'metres') return `${places(ft3 / feetPerMetre ** 3, 2)} m³`
  return ft3 < 27 ? `${places(ft3, 1)} ft³` : `${places(ft3, 0)} ft³ (${places(ft3 / 27, 1)} yd³)`
}

/** A length in feet, in the case's measures. */
export const length = (feet: number, measures: Measures, own: MeasureWords = english): string =>
  measures === 'feet' ? own.feet(places(feet, 2)) : `${places(feet / feetPerMetre, 2)} m`

/** A depth in inches, in the case's measures. */
export const inchWords = (inches: number, measures: Measures, own: MeasureWords = english): string =>
  measures === 'feet' ? own.inches(places(inches, 1)) : `${places(inches * cmPerInch, 0)} cm`

const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const

/** An ISO date as `14 Oct 2026`, its month alone as `Oct 2026`; any other text as it is. */
export function dateWords(iso: string): string {
  const [, ofYear, alone] = /^(\d{4})-(0[1-9]|1[0-2])$/.exec(iso) ?? []
  if (alone) return `${months[Number(alone) - 1]} ${ofYear}`
  const [, year, month, day] = /^(\d{4})-(\d{2})-(\d{2})/.exec(iso) ?? []
  return year && month && day ? `${Number(day)} ${months[Number(month) - 1] ?? month} ${year}` : iso
}

/** `17 % less`, `twice as much`. */
export function difference(share: number): string {
  const percent = Math.round(Math.abs(share) * 100)
  return percent === 0 ? 'the same' : `${percent} % ${share > 0 ? 'more' : 'less'}`
}

/** `12 ft × 18 ft`, `2 of 4 ft × 8 ft`, `circle 30 ft`, else the area. */
export function sizeWords(size: Size, measures: Measures, own: MeasureWords = english): string {
  const { shape, count } = size
  if (size.of === 'plant')
    return own.plants(count, shape.kind === 'circle' ? length(shape.diameter, measures, own) : '')
  const times = count > 1 ? `${count} × ` : ''
  if (shape.kind === 'circle') return `${times}${own.circle(length(shape.diameter, measures, own))}`
  if (shape.kind === 'plain' || shape.kind === 'outline') return area(size.area.value.v, measures, own)
  const sides = `${length(shape.width, measures, own)} × ${length(shape.length, measures, own)}`
  return count > 1 ? own.several(count, sides) : sides
}
