import type { Choices } from '../case/season'
import { fields, numberIn } from '../report/fields'
import type { Fertilizer } from '../shelf/product'
import type { Feeding } from '../needs/nutrients/method'
import { isApplied, isHeld, type Applied, type Need } from '../needs/need'
import { mostPrinted } from '../needs/hold'
import { capOf, rowCaps } from '../needs/nutrients/majors'
import { split, splitInRows, uncapped, type Cap, type Passes } from '../passes/split'
import { accept, refuse, say, type Outcome, type Sentence } from '../told/sentence'
import { majorNutrients, quantity, type MajorNutrient } from '../units/quantity'
import { derive, given, type Derived } from '../workings'

/** What one product brings of one nutrient, against what is wanted. */
export interface Supply {
  readonly nutrient: MajorNutrient
  readonly supplied: Derived<`lb ${MajorNutrient}`>
  readonly wanted: Derived<`lb ${MajorNutrient}`> | 'none' | 'unknown'
  /** Supplied less wanted, lb; undefined where the need is unknown. */
  readonly over?: Derived<`lb ${MajorNutrient}`>
}

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
    cut: amount === most ? say('mix.cut', { material: fertilizer.label }) : undefined,
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
    passes: passesOf(fertilizer, amount, rate, choices, feeding, need),
    supplies: majorNutrients.map((nutrient) => supplyOf(fertilizer, nutrient, amount, needs, pH)),
    limeUsed: limeUsedBy(fertilizer, amount),
    barred: barredBy(fertilizer, feeding, rate, needs),
  })
}

/** Phosphate may go past its need by this share. Source: common practice. */
const phosphateOver = 1.25

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
      over: given(quantity(phosphateOver, 'of the need at the most'), say('mix.over-most'), 'practice'),
      percent: given(quantity(grade['P₂O₅'], '% P₂O₅'), say('material.grade', { nutrient: 'P₂O₅' }), 'practice'),
    },
    say('mix.cut-to-P'),
    'practice',
  )
}

/** Share of a nutrient on the label that feeds in the first year, in soil of this pH. */
function firstYearOf(fertilizer: Fertilizer, nutrient: MajorNutrient, pH: number | undefined): number {
  if (nutrient === 'N') return fertilizer.feeding.firstYearN
  if (nutrient === 'K₂O') return fertilizer.feeding.firstYearK ?? 1
  const { phosphateBelowPH } = fertilizer.feeding
  return phosphateBelowPH !== undefined && pH !== undefined && pH >= phosphateBelowPH ? 0 : 1
}

/** Share of the product's weight that feeds in the first year. */
function shareOf(fertilizer: Fertilizer, nutrient: MajorNutrient, pH: number | undefined) {
  const percent = given(
    quantity(fertilizer.feeding.grade[nutrient], `% ${nutrient}`),
    say('material.grade', { nutrient }),
    'practice',
  )
  const share = firstYearOf(fertilizer, nutrient, pH)
  if (share === 1)
    return derive(`lb ${nutrient}/lb product`, 'grade / 100', { grade: percent }, say('material.share'), 'arithmetic')
  return derive(
    `lb ${nutrient}/lb product`,
    'grade / 100 * first_year',
    {
      grade: percent,
      first_year: given(quantity(share, 'of it in the first year'), say('material.first-year'), 'practice'),
    },
    say('material.share-first-year'),
    'practice',
  )
}

function supplyOf(
  fertilizer: Fertilizer,
  nutrient: MajorNutrient,
  amount: Derived<'lb product'>,
  needs: readonly Need<MajorNutrient>[],
  pH: number | undefined,
): Supply {
  const supplied = derive(
    `lb ${nutrient}`,
    'amount * share',
    { amount, share: shareOf(fertilizer, nutrient, pH) },
    say('mix.supplied', { nutrient }),
    'arithmetic',
  )
  const need = needs.find((one) => one.of === nutrient)!
  if (need.outcome === 'unknown' || isHeld(need)) return { nutrient, supplied, wanted: 'unknown' }
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

/** The cap on one pass of a product, lb per 1,000 ft², by the nutrient that reaches its own cap first. */
function strictest(fertilizer: Fertilizer, slow: number, feeding: Feeding, need: Applied<MajorNutrient>): Cap {
  const { grade, firstYearN } = fertilizer.feeding
  const caps = majorNutrients.flatMap((nutrient) => {
    const share = (grade[nutrient] / 100) * (nutrient === 'N' ? firstYearN * (1 - slow) : 1)
    const cap = nutrient === need.of && !need.passes.firsts ? need.passes.cap : capOf(nutrient, feeding)
    return share > 0 && cap.perPass < uncapped ? [{ ...cap, perPass: cap.perPass / share }] : []
  })
  const [first] = caps.sort((a, b) => a.perPass - b.perPass)
  return first ?? { ...need.passes.cap, perPass: uncapped }
}

/** How much of the nitrogen is slow: as the bag says, else as is usual for the product. */
const slowShare = (fertilizer: Fertilizer, { slowNitrogen }: Pick<Choices, 'slowNitrogen'>): number => {
  const printed = numberIn(fields.slowNitrogen, slowNitrogen)
  return printed === undefined ? fertilizer.feeding.slowNitrogen : printed / 100
}

/**
 * Every nutrient that the product carries has its cap, and the strictest holds: on turf those on the quick part of the
 * nitrogen, on all of it where some is slow, on phosphate and on potash; elsewhere those of the ground, of nitrogen on
 * what of it is quick.
 */
function passesOf(
  fertilizer: Fertilizer,
  amount: Derived<'lb product'>,
  rate: Derived<'lb product/1000 ft²'>,
  choices: Pick<Choices, 'slowNitrogen'>,
  feeding: Feeding,
  need: Applied<MajorNutrient>,
): Passes<'product'> {
  const { crop, guide, settings } = feeding
  const slow = slowShare(fertilizer, choices)
  if (crop.use !== 'lawn') {
    const windows = need.passes.dressings.flatMap(({ window }) => window ?? [])
    const cap = strictest(fertilizer, slow, feeding, need)
    const rows = need.of === 'N' && windows.length > 1 ? rowCaps(feeding) : undefined
    if (!rows) return split('product', amount, rate, cap, 'fertilizer', windows)
    const quick = (fertilizer.feeding.grade.N / 100) * fertilizer.feeding.firstYearN * (1 - slow)
    const beside = {
      ...rows.beside,
      perPass: Math.min(cap.perPass, quick > 0 ? rows.beside.perPass / quick : uncapped),
    }
    // Each once: the need may broadcast more often than its bag.
    const asked = [...new Map(windows.map((window) => [window.id, window])).values()]
    return splitInRows('product', amount, rate, { planting: cap, beside, once: rows.once }, 'fertilizer', asked)
  }
  const { turf } = guide.limits
  const nitrogen = Math.min(
    slow < 1 ? turf.perPass.N / (1 - slow) : Infinity,
    slow === 0 ? Infinity : slow >= 0.5 ? turf.mostlySlowPerPass : turf.slowPerPass,
  )
  // A new lawn's phosphate and potash are worked in at once.
  const others = settings.newLawn ? { 'P₂O₅': uncapped, 'K₂O': uncapped } : turf.perPass
  const most = { ...others, N: nitrogen }
  const allowed = majorNutrients
    .filter((nutrient) => fertilizer.feeding.grade[nutrient] > 0)
    .map((nutrient) => most[nutrient] / (fertilizer.feeding.grade[nutrient] / 100))
  return split(
    'product',
    amount,
    rate,
    {
      perPass: Math.min(uncapped, ...allowed),
      interval: { days: slow > 0 ? turf.slowDaysApart : turf.daysApart },
      rule: say(slow > 0 ? 'cap.turf-slow' : 'cap.turf-product'),
    },
    'fertilizer',
  )
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

/** What a product must not do, whatever it is measured by. */
function barredBy(
  fertilizer: Fertilizer,
  { crop, settings, read }: Feeding,
  rate: Derived<'lb product/1000 ft²'>,
  needs: readonly Need<MajorNutrient>[],
): Sentence[] {
  const barred: Sentence[] = []
  const phosphate = needs.find(({ of }) => of === 'P₂O₅')
  const enough = phosphate?.rating?.className === 'optimum' || phosphate?.rating?.className === 'excess'
  const turf = crop.use === 'lawn' && !settings.newLawn
  if (turf && enough && phosphate.outcome !== 'apply' && fertilizer.feeding.grade['P₂O₅'] > 0)
    barred.push(say('mix.P-enough'))
  for (const nutrient of ['P₂O₅', 'K₂O'] as const) {
    const brings = (rate.value.v * fertilizer.feeding.grade[nutrient]) / 100
    if (brings > mostPrinted[nutrient])
      barred.push(say('mix.too-much', { nutrient, rate: brings, most: mostPrinted[nutrient] }))
  }
  if (settings.phosphorusBanned && fertilizer.feeding.grade['P₂O₅'] > 0) barred.push(say('mix.P-banned'))
  if (crop.ammoniumOnly && fertilizer.feeding.nitrate) barred.push(say('mix.no-nitrate', { crop: crop.label }))
  const pH = read.soil.pH?.v
  if (crop.ammoniumOnly && pH !== undefined && pH <= crop.pH.aim && (fertilizer.feeding.acidity ?? 0) > soursMuch)
    barred.push(say('mix.too-sour', { pH, crop: crop.label }))
  if (crop.shunsChloride && fertilizer.feeding.chloride) barred.push(say('mix.no-chloride', { crop: crop.label }))
  return barred
}
