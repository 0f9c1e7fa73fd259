import type { Choices } from '../case/season'
import { fields, numberIn } from '../report/fields'
import type { Fertilizer } from '../shelf/product'
import type { Feeding } from '../needs/nutrients/method'
import { isApplied, type Need } from '../needs/need'
import { mostPrinted } from '../needs/hold'
import { fertilizerPasses } from './fertilizers'
import type { Passes } from '../needs/split'
import { accept, refuse, say, type Outcome, type Sentence } from '../sentence/sentence'
import { majorNutrients, quantity, type MajorNutrient } from '../units/quantity'
import { overArea } from '../units/rates'
import { derive, given, type Derived } from '../units/workings'
import { firstYearOf, shareOf, suppliesOf, type Supply } from './supply'
import { tolerance } from './tolerance'

/** One product for the whole job: how much, how many bags, in how many passes, and what it leaves short or over. */
export interface OneFertilizer {
  readonly meets: MajorNutrient
  readonly amount: Derived<'lb product'>
  readonly rate: Derived<'lb product/1000 ft²'>
  readonly bags: Derived<'bags'>
  readonly leftOver: Derived<'lb product'>
  readonly passes: Passes<'product'>
  /** Why there is less of it than its own nutrient asks for. */
  readonly cut?: Sentence
  readonly supplies: readonly Supply[]
  /** What its acid uses up of the lime in the ground, where that is known. */
  readonly limeUsed?: Derived<'lb CaCO₃'>
  /** Reasons not to use it here at all. */
  readonly barred: readonly Sentence[]
}

/** The needs that a product could be measured out by. */
export const canMeet = (
  fertilizer: Fertilizer,
  needs: readonly Need<MajorNutrient>[],
  pH: number | undefined,
): MajorNutrient[] =>
  needs
    .filter(
      (need) => isApplied(need) && fertilizer.feeding.grade[need.of] > 0 && firstYearOf(fertilizer, need.of, pH) > 0,
    )
    .map((need) => need.of)

/**
 * Measures one product out by one need. Refuses when it holds nothing that is needed.
 *
 * @param bagLb weight of a bag, lb
 */
export function oneFertilizer(
  fertilizer: Fertilizer,
  bagLb: number,
  choices: Pick<Choices, 'meets' | 'slowNitrogen'>,
  needs: readonly Need<MajorNutrient>[],
  feeding: Feeding,
): Outcome<OneFertilizer> {
  const { area, read } = feeding
  const pH = read.soil.pH?.v
  const possible = canMeet(fertilizer, needs, pH)
  const meets = choices.meets && possible.includes(choices.meets) ? choices.meets : possible[0]
  const need = needs.filter(isApplied).find((one) => one.of === meets)
  if (!meets || !need) return refuse('mix.nothing-needed', { material: fertilizer.label })
  const whole = derive(
    'lb product',
    'need / share',
    { need: need.amount, share: shareOf(fertilizer, meets, pH) },
    say('mix.amount', { nutrient: meets }),
    'arithmetic',
  )
  const most = meets === 'N' ? cutToPhosphate(fertilizer, needs) : undefined
  const amount = most && most.value.v < whole.value.v ? most : whole
  const rate = overArea('product', amount, area)
  const spread = { material: fertilizer, slow: slowShare(fertilizer, choices), amount, rate }
  return accept({
    meets,
    cut: amount === most ? say('mix.cut', { material: fertilizer.label }) : undefined,
    amount,
    rate,
    ...boughtIn(amount, bagLb),
    passes: fertilizerPasses(spread, [spread], need, feeding, 'fertilizer'),
    supplies: suppliesOf([{ material: fertilizer, amount }], needs, pH),
    limeUsed: limeUsedBy(fertilizer, amount),
    barred: barredBy(fertilizer, feeding, rate.value.v, needs),
  })
}

/** The bags that an amount takes, and what is left of the last. */
export function boughtIn(amount: Derived<'lb product'>, bagLb: number): Pick<OneFertilizer, 'bags' | 'leftOver'> {
  const bag = given(quantity(bagLb, 'lb product/bag'), say('material.bag'), 'reported')
  const bags = derive('bags', 'ceil(amount / bag)', { amount, bag }, say('mix.bags'), 'arithmetic')
  const inputs = { bags, bag, amount }
  const leftOver = derive('lb product', 'max(0, bags * bag - amount)', inputs, say('mix.left-over'), 'arithmetic')
  return { bags, leftOver }
}

/** The most of a product measured by its nitrogen that phosphate allows; undefined where none of it is asked for. */
function cutToPhosphate(
  { feeding: { grade } }: Fertilizer,
  needs: readonly Need<MajorNutrient>[],
): Derived<'lb product'> | undefined {
  const phosphate = needs.filter(isApplied).find(({ of }) => of === 'P₂O₅')
  if (!phosphate || grade['P₂O₅'] === 0) return undefined
  return derive(
    'lb product',
    'need * over / (percent / 100)',
    {
      need: phosphate.amount,
      over: given(quantity(1 + tolerance['P₂O₅'].over, 'of the need at the most'), say('mix.over-most'), 'practice'),
      percent: given(quantity(grade['P₂O₅'], '% P₂O₅'), say('material.grade', { nutrient: 'P₂O₅' }), 'practice'),
    },
    say('mix.cut-to-P'),
    'practice',
  )
}

/** How much of the nitrogen is slow: as the bag says, else as is usual for the product. */
const slowShare = (fertilizer: Fertilizer, { slowNitrogen }: Pick<Choices, 'slowNitrogen'>): number => {
  const printed = numberIn(fields.slowNitrogen, slowNitrogen)
  return printed === undefined ? fertilizer.feeding.slowNitrogen : printed / 100
}

/** Ammonium turns to acid. Source: Pierre 1933, recalled. */
function limeUsedBy(
  { feeding: { acidity, grade } }: Fertilizer,
  amount: Derived<'lb product'>,
): Derived<'lb CaCO₃'> | undefined {
  if (acidity === undefined) return undefined
  return derive(
    'lb CaCO₃',
    'amount * grade / 100 * each',
    {
      amount,
      grade: given(quantity(grade.N, '% N'), say('material.grade', { nutrient: 'N' }), 'practice'),
      each: given(quantity(acidity, 'lb CaCO₃/lb N'), say('material.acidity'), 'pierre-1933'),
    },
    say('mix.lime-used'),
    'pierre-1933',
  )
}

/**
 * lb CaCO₃ for each lb N beyond which a fertilizer sours ground that is as acid as it should be: ammonium sulfate does,
 * urea does not. Source: common practice.
 */
const soursMuch = 3

/**
 * What a product must not do, whatever it is measured by.
 *
 * @param rate lb of it per 1,000 ft²; 0 asks whether it may go here at all
 */
export function barredBy(
  fertilizer: Fertilizer,
  { crop, settings, bans, read }: Feeding,
  rate: number,
  needs: readonly Need<MajorNutrient>[],
): Sentence[] {
  const barred: Sentence[] = []
  const phosphate = needs.find(({ of }) => of === 'P₂O₅')
  const enough = phosphate?.rating?.className === 'optimum' || phosphate?.rating?.className === 'excess'
  const turf = crop.use === 'lawn' && !settings.newLawn
  if (turf && enough && phosphate.outcome !== 'apply' && fertilizer.feeding.grade['P₂O₅'] > 0)
    barred.push(say('mix.P-enough'))
  for (const nutrient of majorNutrients) {
    const brings = (rate * fertilizer.feeding.grade[nutrient]) / 100
    if (brings > mostPrinted[nutrient])
      barred.push(say('mix.too-much', { nutrient, rate: brings, most: mostPrinted[nutrient] }))
  }
  for (const ban of bans)
    if (fertilizer.feeding.grade[ban.what] > 0) barred.push(say('mix.banned', { nutrient: ban.what, name: ban.name }))
  if (crop.ammoniumOnly && fertilizer.feeding.nitrate) barred.push(say('mix.no-nitrate', { crop: crop.label }))
  const pH = read.soil.pH?.v
  if (crop.ammoniumOnly && pH !== undefined && pH <= crop.pH.aim && (fertilizer.feeding.acidity ?? 0) > soursMuch)
    barred.push(say('mix.too-sour', { pH, crop: crop.label }))
  if (crop.shunsChloride && fertilizer.feeding.chloride) barred.push(say('mix.no-chloride', { crop: crop.label }))
  return barred
}

/**
 * A fertilizer that nobody is sent to buy for a crop: sold for lawns, which may hold a weed killer, and no lawn grows
 * here; restricted, or to be dissolved, unless it is there already or grows what is fed through its water.
 */
export function outOfPlace({ feeding }: Fertilizer, { crop }: Feeding, there: boolean): boolean {
  const { restricted, forLawns, soluble } = feeding
  if (forLawns && crop.use !== 'lawn') return true
  return !there && (restricted === true || (soluble === true && crop.use !== 'container'))
}

/** Whether nothing speaks against a fertilizer on an area, whatever it is measured by. */
export const mayGo = (
  fertilizer: Fertilizer,
  needs: readonly Need<MajorNutrient>[],
  feeding: Feeding,
  there: boolean,
): boolean => !outOfPlace(fertilizer, feeding, there) && barredBy(fertilizer, feeding, 0, needs).length === 0
