import { blankArea, blankCase, blankReport, blankSeason } from '../case/blank'
import type { Case } from '../case/case'
import type { Report } from '../report/report'
import type { LineField } from '../report/line-fields'
import { withParts } from '../case/in-season'
import { called, type Doubtable } from '../doubt/doubtable'
import { readFigure } from '../doubt/figure'
import { randomFrom } from '../doubt/random'
import { secondReading, type SecondReading } from '../doubt/second-reading'
import { truthOf, type Truth } from '../doubt/truth'
import type { TextureId } from '../guides/soils'
import type { Guide, GuideRef } from '../guides/guide'
import { gradeOf } from '../passes/log/line'
import { typedSize } from '../reading/soil'
import { readLine, withLine } from '../report/lines'
import { type Product, type ProductRef } from '../shelf/product'
import { productNamed } from '../shelf/product-named'
import type { Outcome } from '../sentence/sentence'

/** What is practised. */
export const topics = ['lime', 'sulfur', 'nitrogen', 'phosphate', 'potash', 'bag'] as const
export type Topic = (typeof topics)[number]
/** 1: on 1,000 ft² as it is; 2: on a bed of its own size; 3: a paper in other units, or a round or large piece of ground. */
export const levels = [1, 2, 3] as const
export type Level = (typeof levels)[number]

/** A made-up case with one right answer. */
export interface Exercise {
  readonly topic: Topic
  readonly level: Level
  readonly seed: number
  readonly kase: Case
  readonly of: Doubtable
  /** The bag whose weight is asked for; null: of the thing itself. */
  readonly product: Product | null
  readonly truth: Truth
  /** lb for the whole area in a year, of the thing or of the bag. */
  readonly right: number
}

/** An answer counts as right within this share of it. Source: common practice (10 % of need). */
export const tolerance = 0.1

/** Draws from one seed before it is given up: nearly every second case has an amount in it. */
const tries = 60

const crops: Readonly<Record<Topic, readonly string[]>> = {
  lime: ['tomato', 'sweet-corn', 'mixed-vegetables', 'tall-fescue', 'leafy-greens'],
  sulfur: ['highbush-blueberry', 'rhododendron'],
  nitrogen: ['tomato', 'sweet-corn', 'mixed-vegetables', 'tall-fescue'],
  phosphate: ['tomato', 'mixed-vegetables', 'leafy-greens', 'sweet-corn'],
  potash: ['tomato', 'mixed-vegetables', 'sweet-corn', 'tall-fescue'],
  bag: ['tomato', 'mixed-vegetables', 'tall-fescue'],
}
const ofTopic: Readonly<Record<Topic, Doubtable>> = {
  lime: 'lime',
  sulfur: 'sulfur',
  nitrogen: 'N',
  phosphate: 'P₂O₅',
  potash: 'K₂O',
  bag: 'N',
}
const soils: readonly TextureId[] = ['sandy-loam', 'loam', 'silt-loam', 'clay-loam']
const bags: readonly ProductRef[] = ['10-10-10@1', 'urea@1', 'ammonium-sulfate@1']

/**
 * The exercise of a seed: always the same one, with one right answer by our own methods.
 *
 * @param seed a whole number
 * @throws RangeError where no case of this topic has an answer under these guides
 */
export function exerciseOf(
  seed: number,
  topic: Topic,
  level: Level,
  guide: GuideRef,
  guides: readonly Guide[],
  products: readonly Product[],
): Exercise {
  const random = randomFrom(seed * 3 + topics.indexOf(topic) * 7_919 + level)
  for (let n = 0; n < tries; n += 1) {
    const { kase, bag } = drawnCase(random, topic, level, guide)
    const of = ofTopic[topic]
    const truth = truthOf(kase, 'area', of, guides, products)
    if (!truth || truth.rate <= 0) continue
    const product = bag ? (productNamed(products, bag) ?? null) : null
    const share = product?.feeding ? product.feeding.grade.N / 100 : 1
    return { topic, level, seed, kase, of, product, truth, right: (truth.rate * truth.areaSqFt) / 1000 / share }
  }
  throw new RangeError(`no exercise of ${topic} from seed ${seed}`)
}

function drawnCase(
  random: () => number,
  topic: Topic,
  level: Level,
  guide: GuideRef,
): { kase: Case; bag: ProductRef | null } {
  const one = <Of>(of: readonly Of[]): Of => of[Math.floor(random() * of.length)]!
  const between = (low: number, high: number, step: number) =>
    (Math.round((low + random() * (high - low)) / step) * step).toFixed(step < 1 ? 1 : 0)
  const crop = one(crops[topic])
  const texture = one(soils)
  const acre = level === 3 && random() < 0.5
  const size =
    level === 1
      ? '20x50'
      : level === 2
        ? `${between(8, 40, 1)}x${between(10, 60, 1)}`
        : acre
          ? `${between(0.1, 0.6, 0.1)} acre`
          : `${between(12, 60, 1)} ft circle`
  const unit = level === 3 ? one(['ppm', 'lb/acre'] as const) : 'ppm'
  const times = unit === 'lb/acre' ? 2 : 1
  const pH =
    topic === 'lime' ? between(4.7, 5.8, 0.1) : topic === 'sulfur' ? between(6.0, 7.2, 0.1) : between(6.2, 6.8, 0.1)
  const bag = topic === 'bag' ? one(bags) : null
  const base = { ...blankCase('practice', '2026-01-01T00:00:00.000Z'), sampling: false }
  const area = withParts({ ...blankArea('area', 'Bed'), guide, texture, reportId: 'report' }, base.season, {
    crop,
    ...(bag && { materials: { ...blankSeason.materials, fertilizer: bag } }),
  })
  const typed: readonly (readonly [LineField, string, string])[] = [
    ['pH', pH, ''],
    ['organicMatter', between(2, 5, 0.1), '%'],
    ['P', String(Number(between(6, 60, 1)) * times), unit],
    ['K', String(Number(between(30, 180, 5)) * times), unit],
    ['Mg', String(Number(between(60, 200, 5)) * times), unit],
  ]
  const blank: Report = {
    ...blankReport('report'),
    areas: { area: true },
    extractant: 'mehlich-3',
    unit,
    lines: typed.map(([field, , of]) => ({ field, unit: of })),
  }
  const report = typed.reduce((now, [field, text, of]) => withLine(now, field, readLine(field, text, of)), blank)
  const kase = { ...base, areas: [area], reports: [report] }
  return { kase: { ...kase, areas: [{ ...area, size: typedSize(size, area.size, kase) }] }, bag }
}

/** How an answer was marked. */
export interface Mark {
  readonly right: boolean
  readonly reading: SecondReading
}

/**
 * Marks an answer as it was typed, by a second reading: within 10 % it is right, else the slip that was made is named.
 */
export function markOf(text: string, { of, product, truth }: Exercise, products: readonly Product[]): Outcome<Mark> {
  const named = /[a-z]{4,}|\d-\d/i.test(
    text.replace(/\b(?:pounds?|ounces?|tons?|cups?|bags?|acres?|square|feet)\b/gi, ''),
  )
  const read = readFigure(
    named ? text : `${text} ${product ? `${gradeOf(product)} ${product.label.en}` : called[of]}`,
    products,
  )
  if (!read.ok) return read
  const figure = read.value.lb[of] === undefined ? { ...read.value, lb: { [of]: 0 } } : read.value
  const reading = secondReading(figure, truth)!
  const right = Math.abs(reading.said - truth.rate) <= tolerance * truth.rate
  return { ok: true, value: { right, reading } }
}
