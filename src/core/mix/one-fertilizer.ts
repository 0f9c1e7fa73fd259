import { nutrients, type Choices, type Nutrient } from '../case'
import type { Crop } from '../guides/crops'
import { limits } from '../guides/limits'
import type { Fertilizer } from '../guides/materials'
import type { NutrientNeed } from '../nutrients/need'
import { split, type Passes } from '../passes/split'
import { accept, refuse, say, type Outcome, type Sentence } from '../sentence'
import { quantity } from '../units/quantity'
import { derive, given, type Derived } from '../workings'

/** What one product brings of one nutrient, against what is wanted. */
export interface Supply {
  readonly nutrient: Nutrient
  readonly supplied: Derived<`lb ${Nutrient}`>
  readonly wanted: Derived<`lb ${Nutrient}`> | 'none' | 'unknown'
  /** Supplied less wanted, lb; undefined where the need is unknown. */
  readonly over?: Derived<`lb ${Nutrient}`>
}

/** One product for the whole job: how much, how many bags, in how many passes, and what it leaves short or over. */
export interface OneFertilizer {
  readonly meets: Nutrient
  readonly amount: Derived<'lb product'>
  readonly rate: Derived<'lb product/1000 ft²'>
  readonly bags: Derived<'bags'>
  readonly leftOver: Derived<'lb product'>
  readonly passes: Passes<'product'>
  readonly supplies: readonly Supply[]
  /** Reasons not to use it here at all. */
  readonly barred: readonly Sentence[]
}

/** The needs that a product could be measured out by. */
export const canMeet = (fertilizer: Fertilizer, needs: readonly NutrientNeed[]): Nutrient[] =>
  needs.filter((need) => need.outcome === 'apply' && fertilizer.grade[need.nutrient] > 0).map((need) => need.nutrient)

/**
 * Measures one product out by one need. Refuses when it holds nothing that is needed.
 *
 * @param bagLb weight of a bag, lb
 */
export function oneFertilizer(
  fertilizer: Fertilizer,
  bagLb: number,
  wish: Choices['meets'],
  needs: readonly NutrientNeed[],
  area: Derived<'ft²'>,
  crop: Crop,
  phosphorusBanned: boolean,
): Outcome<OneFertilizer> {
  const possible = canMeet(fertilizer, needs)
  const meets = wish && possible.includes(wish) ? wish : possible[0]
  if (!meets) return refuse('mix.nothing-needed', { material: fertilizer.label })
  const amount = derive(
    'lb product',
    'need / share',
    { need: needs.find((need) => need.nutrient === meets)!.amount!, share: shareOf(fertilizer, meets) },
    say('mix.amount', { nutrient: meets }),
    'arithmetic',
  )
  const rate = derive(
    'lb product/1000 ft²',
    'amount * 1000 / area',
    { amount, area },
    say('unit.per-thousand-area'),
    'arithmetic',
  )
  const bag = given(quantity(bagLb, 'lb product/bag'), say('material.bag'), 'reported')
  const bags = derive('bags', 'ceil(amount / bag)', { amount, bag }, say('mix.bags'), 'arithmetic')
  return accept({
    meets,
    amount,
    rate,
    bags,
    leftOver: derive(
      'lb product',
      'max(0, bags * bag - amount)',
      { bags, bag, amount },
      say('mix.left-over'),
      'arithmetic',
    ),
    passes: passesOf(
      fertilizer,
      amount,
      rate,
      crop,
      needs.find((need) => need.nutrient === meets)!,
    ),
    supplies: nutrients.map((nutrient) => supplyOf(fertilizer, nutrient, amount, needs)),
    barred: barredBy(fertilizer, crop, phosphorusBanned),
  })
}

/** Share of the product's weight that feeds in the first year. */
function shareOf(fertilizer: Fertilizer, nutrient: Nutrient) {
  const percent = given(
    quantity(fertilizer.grade[nutrient], `% ${nutrient}`),
    say('material.grade', { nutrient }),
    'practice',
  )
  if (nutrient !== 'N' || fertilizer.firstYearN === 1)
    return derive(`lb ${nutrient}/lb product`, 'grade / 100', { grade: percent }, say('material.share'), 'arithmetic')
  const first = given(
    quantity(fertilizer.firstYearN, 'of it in the first year'),
    say('material.first-year'),
    'practice',
  )
  return derive(
    `lb ${nutrient}/lb product`,
    'grade / 100 * first_year',
    { grade: percent, first_year: first },
    say('material.share-first-year'),
    'practice',
  )
}

function supplyOf(
  fertilizer: Fertilizer,
  nutrient: Nutrient,
  amount: Derived<'lb product'>,
  needs: readonly NutrientNeed[],
): Supply {
  const supplied = derive(
    `lb ${nutrient}`,
    'amount * share',
    { amount, share: shareOf(fertilizer, nutrient) },
    say('mix.supplied', { nutrient }),
    'arithmetic',
  )
  const need = needs.find((one) => one.nutrient === nutrient)!
  if (need.outcome === 'unknown') return { nutrient, supplied, wanted: 'unknown' }
  if (!need.amount)
    return {
      nutrient,
      supplied,
      wanted: 'none',
      over: derive(`lb ${nutrient}`, 'supplied', { supplied }, say('mix.over-none'), 'arithmetic'),
    }
  return {
    nutrient,
    supplied,
    wanted: need.amount,
    over: derive(
      `lb ${nutrient}`,
      'supplied - wanted',
      { supplied, wanted: need.amount },
      say('mix.over'),
      'arithmetic',
    ),
  }
}

/** On turf the strictest of the caps on quick nitrogen, phosphate and potash; elsewhere the need's own passes. */
function passesOf(
  fertilizer: Fertilizer,
  amount: Derived<'lb product'>,
  rate: Derived<'lb product/1000 ft²'>,
  crop: Crop,
  need: NutrientNeed,
): Passes<'product'> {
  const own = need.passes!
  if (crop.use !== 'lawn') return split('product', amount, need.rate!, own.cap, own.when)
  const perPass = limits.turf.perPass
  const allowed = nutrients
    .filter((nutrient) => fertilizer.grade[nutrient] > 0 && (nutrient !== 'N' || fertilizer.quickNitrogen))
    .map((nutrient) => perPass[nutrient] / (fertilizer.grade[nutrient] / 100))
  return split('product', amount, rate, {
    perPass: Math.min(...allowed, 1_000),
    interval: { days: limits.turf.daysApart },
    rule: say('cap.turf-product'),
  })
}

function barredBy(fertilizer: Fertilizer, crop: Crop, phosphorusBanned: boolean): Sentence[] {
  const barred: Sentence[] = []
  if (phosphorusBanned && fertilizer.grade['P₂O₅'] > 0) barred.push(say('mix.P-banned'))
  if (crop.ammoniumOnly && fertilizer.nitrate) barred.push(say('mix.no-nitrate', { crop: crop.label }))
  if (crop.ammoniumOnly && fertilizer.chloride) barred.push(say('mix.no-chloride', { crop: crop.label }))
  return barred
}
