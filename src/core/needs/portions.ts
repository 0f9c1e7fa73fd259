import type { Size } from '../ground/sized'
import type { Use } from '../guides/crop'
import type { Planting } from './nutrients/method'
import { say } from '../sentence/sentence'
import { quantity, type Substance } from '../units/quantity'
import { derive, given, type Derived, type Working } from '../units/workings'

/** A share of an area's amount that a person measures out: a plant, a bed of several, 20 ft of row. */
export interface Portion {
  readonly of: 'plant' | 'bed' | 'row'
  /** How many of them, or how many times 20 ft of row. */
  readonly count: Working
}

/** Feet of row that a hand doses at a time. */
export const rowLength = 20

/** The shares in which this ground can be dosed. */
export function portionsOf(size: Size, { count, rowLength: feet, rowSpacing }: Planting): readonly Portion[] {
  const portions: Portion[] = []
  if (count !== undefined && count > 1)
    portions.push({ of: 'plant', count: given(quantity(count, 'plants'), say('planting.count'), 'reported') })
  else if (size.count > 1)
    portions.push({ of: 'bed', count: given(quantity(size.count, 'beds'), say('size.count-of'), 'reported') })
  const twenties = rowTwenties(size, feet, rowSpacing)
  if (twenties) portions.push({ of: 'row', count: twenties })
  return portions
}

function rowTwenties({ area }: Size, feet?: number, spacing?: number): Working | undefined {
  const each = given(quantity(rowLength, 'ft'), say('planting.rows-twenty'), 'practice')
  const of = `${rowLength} ft of row`
  if (feet)
    return derive(
      of,
      'feet / each',
      { feet: given(quantity(feet, 'ft'), say('planting.rows-length'), 'reported'), each },
      say('planting.rows-count'),
      'arithmetic',
    )
  if (!spacing) return undefined
  return derive(
    of,
    'area / spacing / each',
    { area, spacing: given(quantity(spacing, 'ft'), say('planting.rows-spacing'), 'reported'), each },
    say('planting.rows-count-by-spacing'),
    'arithmetic',
  )
}

/** What each plant, bed or stretch of row gets of an amount. */
export interface Share {
  readonly of: Portion['of']
  readonly each: Derived
}

/** lb that a kitchen scale shows, ¼ oz: of less no hand can give a share. Source: common practice. */
const leastShare = 1 / 64

export const sharesOf = (amount: Derived, portions: readonly Portion[]): readonly Share[] =>
  portions
    .map((portion) => ({ of: portion.of, each: perPortion(amount as Derived<'lb product'>, portion) }))
    .filter(({ each }) => each.value.v >= leastShare)

/** lb in one pass below which it is mixed with sand, so that it spreads evenly. Source: common practice. */
const fewOunces = 0.5

/** Whether an amount is too little to be spread by itself over ground that is not dosed plant by plant. */
export const needsSand = (each: Derived, portions: readonly Portion[]): boolean =>
  portions.length === 0 && each.value.v > 0 && each.value.v < fewOunces

/**
 * What goes each way over open ground, half north–south and half east–west, so that no strip is missed; undefined on
 * beds and plantings, which are dosed by hand. Source: common practice.
 */
export const halfEachWay = (each: Derived, use: Use): Derived | undefined =>
  use === 'lawn' || use === 'plot'
    ? derive(
        each.value.of,
        'each / ways',
        { each, ways: given(quantity(2, 'ways over the ground'), say('spreader.ways'), 'practice') },
        say('spreader.half'),
        'practice',
      )
    : undefined

/** What of an amount goes on one portion. */
export const perPortion = <S extends Substance>(amount: Derived<`lb ${S}`>, portion: Portion): Derived =>
  derive(
    `${amount.value.of} per ${portion.of}`,
    'amount / portions',
    { amount, portions: portion.count },
    say(`portion.${portion.of}`),
    'arithmetic',
  )
