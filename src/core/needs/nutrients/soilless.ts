import { banOn } from '../../calendar/ban'
import type { ReadingLine } from '../../reading/lines'
import { noCap, split } from '../split'
import { carrierOf } from '../../shelf/products'
import { say, toClient } from '../../sentence/sentence'
import { quantity, type MajorNutrient, type OtherNutrient } from '../../units/quantity'
import { derive, given, type Derived } from '../../units/workings'
import { onArea } from '../../units/rates'
import { depthOf } from '../candidate'
import type { Need } from '../need'
import { productOf } from './carried'
import type { Feeding } from './method'

const lineOf = { N: 'nitrate', 'P₂O₅': 'P', 'K₂O': 'K' } as const

/**
 * What mix without soil is short of, by its extract: the salts alone say nothing of which element. Dry for a bed of it,
 * by its depth; or the same through the water.
 * Source: classes, Warncke & Krauskopf, E-1736, recalled; amounts, common practice.
 */
export const mixNeeds = (reading: readonly ReadingLine[], feeding: Feeding): readonly Need<MajorNutrient>[] =>
  (['N', 'P₂O₅', 'K₂O'] as const).map((nutrient) => {
    const line = reading.find(({ id }) => id === lineOf[nutrient])
    const of = { of: nutrient, checks: [], remarks: [] }
    const ban = banOn(feeding.bans, nutrient)
    if (ban)
      return { ...of, outcome: 'none', barred: 'ban', ban, why: say('nutrient.banned', { nutrient, name: ban.name }) }
    if (!line) return { ...of, outcome: 'unknown', lacks: 'test', why: say('soilless.not-tested', { nutrient }) }
    return line.distance! < 0
      ? short(nutrient, feeding)
      : { ...of, outcome: 'none', why: say('soilless.enough', { nutrient }) }
  })

/** lb per 1,000 ft² of a bed as deep as is usual: in one dressing, and how many make a year. Source: common practice. */
const dry = {
  N: { each: 3.4, dressings: ['before-planting', 'side-dress'] },
  'P₂O₅': { each: 5, dressings: [] },
  'K₂O': { each: 5, dressings: [] },
} as const satisfies Record<MajorNutrient, object>
/** in */
const usualDepth = 10
const usualBed = given(quantity(usualDepth, 'in'), say('soilless.depth-usual'), 'practice')

/** What the figures for a usual bed come to in one of this depth. */
const forDepth = <Of extends MajorNutrient | OtherNutrient>(
  of: Of,
  each: number,
  times: number,
  feeding: Feeding,
): Derived<`lb ${Of}/1000 ft²`> =>
  derive(
    `lb ${of}/1000 ft²`,
    'each * times * depth / usual',
    {
      each: given(quantity(each, `lb ${of}/1000 ft²`), say('soilless.each'), 'practice'),
      times: given(quantity(times, 'dressings'), say('soilless.times'), 'practice'),
      depth: depthOf(feeding) ?? usualBed,
      usual: usualBed,
    },
    say('soilless.by-depth'),
    'practice',
  )

function short(nutrient: MajorNutrient, feeding: Feeding): Need<MajorNutrient> {
  const { area, guide } = feeding
  const { each, dressings } = dry[nutrient]
  const times = Math.max(1, dressings.length)
  const rate = forDepth(nutrient, each, times, feeding)
  const amount = onArea(nutrient, rate, area)
  const cap = { perPass: rate.value.v / times, interval: { days: sideDressDays }, rule: say('cap.mix') }
  const windows = dressings.map((id) => ({ id, label: guide.windows.dates[id]!.label }))
  return {
    of: nutrient,
    outcome: 'apply',
    why: say('soilless.short', { depth: depthOf(feeding)?.value.v ?? usualDepth }),
    rate,
    amount,
    passes: split(nutrient, amount, rate, cap, nutrient, windows),
    checks: [],
    remarks: nutrient === 'N' ? [toClient(say('soilless.liquid', liquid))] : [],
  }
}

/** Side-dressings are three to four weeks apart. Source: common practice. */
const sideDressDays = 28

/** ppm of an element in one US gallon from one ounce in a hundred. */
const ppmPerOunceInHundredGallons = 74.9
/**
 * A feed for every watering, ppm N, and oz of 20-20-20 that make it in ten gallons.
 * Source: strength, common practice; ounces, arithmetic.
 */
const liquid = { ppm: 200, ounces: 200 / (ppmPerOunceInHundredGallons * 0.2) / 10, gallons: 10 }

/** lb of product per 1,000 ft² of a usual bed. Source: common practice. */
const epsomSalt = 10
const gypsum = 20
/** Below it dolomitic lime brings the calcium. Source: common practice, recalled with middling confidence. */
const dolomiteBelowPH = 5.6

/** Magnesium and calcium that mix is short of: neither Epsom salt nor gypsum moves its pH. Source: common practice. */
export const mixMinors = (reading: readonly ReadingLine[], feeding: Feeding): readonly Need<OtherNutrient>[] =>
  (['Mg', 'Ca'] as const).flatMap((nutrient): Need<OtherNutrient>[] => {
    const line = reading.find(({ id }) => id === nutrient)
    if (!line || line.distance! >= 0) return []
    const pH = feeding.read.soil.pH?.v
    const blank = { of: nutrient, checks: [], remarks: [] }
    if (nutrient === 'Ca' && pH !== undefined && pH < dolomiteBelowPH)
      return [{ ...blank, outcome: 'by-label', why: say('soilless.Ca-by-lime') }]
    const material = carrierOf[nutrient]!
    const share = material.feeding.also![nutrient]! / 100
    const { area } = feeding
    const product = nutrient === 'Mg' ? epsomSalt : gypsum
    const rate = forDepth(nutrient, product * share, 1, feeding)
    const amount = onArea(nutrient, rate, area)
    return [
      {
        ...blank,
        outcome: 'apply',
        why: say('soilless.short', { depth: depthOf(feeding)?.value.v ?? usualDepth }),
        rate,
        amount,
        passes: split(nutrient, amount, rate, noCap),
        product: { material, bagLb: material.bagLb, amount: productOf(nutrient, amount, material) },
      },
    ]
  })
