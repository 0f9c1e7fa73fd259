import type { RateGroup } from '../../guides/crops'
import { classNames } from '../../guides/guides'
import type { Rating } from '../../reading/classify'
import { accept, say, type Outcome } from '../../sentence'
import { quantity } from '../../units/quantity'
import { derive, given } from '../../workings'
import type { Feeding, Rated } from '../method'

/** P₂O₅ or K₂O from the guide's table: lb/1,000 ft² a year for the test's class and the crop's group. Source: the guide's. */
export function classTable(
  nutrient: 'P₂O₅' | 'K₂O',
  rating: Rating,
  group: RateGroup,
  { guide, crop }: Feeding,
): Outcome<Rated> {
  const { className, value, bounds } = rating
  const index = classNames.indexOf(className)
  const args = {
    nutrient,
    value: value.value.v,
    unit: guide.unit,
    className,
    guide: guide.title,
    upTo: bounds[index] ?? null,
    above: bounds[index - 1] ?? null,
    crop: crop.label,
  }
  const cell = given(
    quantity(guide.rates[group][nutrient][index]!, `lb ${nutrient}/1000 ft²`),
    say('nutrient.table-cell', { className, nutrient }),
    'house',
  )
  const rate = derive(
    `lb ${nutrient}/1000 ft²`,
    'table',
    { table: cell, test: value },
    say('nutrient.class', args),
    'house',
  )
  return accept({ rate, why: say(rate.value.v > 0 ? 'nutrient.needed' : 'nutrient.enough', args) })
}
