import type { Fertilizer } from '../shelf/product'
import { isHeld, type Need } from '../needs/need'
import { say } from '../sentence/sentence'
import { majorNutrients, quantity, type MajorNutrient } from '../units/quantity'
import { derive, given, type Derived } from '../units/workings'

/** What products bring of one nutrient, against what is wanted. */
export interface Supply {
  readonly nutrient: MajorNutrient
  readonly supplied: Derived<`lb ${MajorNutrient}`>
  readonly wanted: Derived<`lb ${MajorNutrient}`> | 'none' | 'unknown'
  /** Supplied less wanted, lb; undefined where the need is unknown. */
  readonly over?: Derived<`lb ${MajorNutrient}`>
}

/** So much of a product. */
export interface Weighed {
  readonly material: Fertilizer
  readonly amount: Derived<'lb product'>
}

/** Share of a nutrient on the label that feeds in the first year, in soil of this pH. */
export function firstYearOf(fertilizer: Fertilizer, nutrient: MajorNutrient, pH: number | undefined): number {
  if (nutrient === 'N') return fertilizer.feeding.firstYearN
  if (nutrient === 'K₂O') return fertilizer.feeding.firstYearK ?? 1
  const { phosphateBelowPH } = fertilizer.feeding
  return phosphateBelowPH !== undefined && pH !== undefined && pH >= phosphateBelowPH ? 0 : 1
}

/** Share of the product's weight that feeds in the first year. */
export function shareOf(fertilizer: Fertilizer, nutrient: MajorNutrient, pH: number | undefined) {
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

/** What products that go on together bring of each nutrient, and what that leaves of the needs. */
export const suppliesOf = (
  weighed: readonly Weighed[],
  needs: readonly Need<MajorNutrient>[],
  pH: number | undefined,
): readonly Supply[] => majorNutrients.map((nutrient) => supplyOf(weighed, nutrient, needs, pH))

function supplyOf(
  weighed: readonly Weighed[],
  nutrient: MajorNutrient,
  needs: readonly Need<MajorNutrient>[],
  pH: number | undefined,
): Supply {
  const supplied = carriedBy(weighed, nutrient, pH)
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

/** lb of one nutrient that feeds in the first year, in one product or in several together. */
export function carriedBy(
  weighed: readonly Weighed[],
  nutrient: MajorNutrient,
  pH: number | undefined,
): Derived<`lb ${MajorNutrient}`> {
  const each = weighed.map(({ material, amount }) =>
    derive(
      `lb ${nutrient}`,
      'amount * share',
      { amount, share: shareOf(material, nutrient, pH) },
      say('mix.supplied', { nutrient }),
      'arithmetic',
    ),
  )
  if (each.length === 1) return each[0]!
  const names = each.map((_, i) => `product_${i + 1}`)
  return derive(
    `lb ${nutrient}`,
    names.join(' + ') || '0',
    Object.fromEntries(names.map((name, i) => [name, each[i]!])),
    say('mix.supplied', { nutrient }),
    'arithmetic',
  )
}
