import type { RateGroup } from '../../../guides/crop'
import { classNames } from '../../../guides/guide'
import type { Rating } from '../../../reading/classify'
import { accept, say, type Outcome } from '../../../sentence/sentence'
import { quantity } from '../../../units/quantity'
import { derive, given } from '../../../units/workings'
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
    value: value?.value.v ?? null,
    unit: value?.value.of.split(' ')[0] ?? null,
    className,
    guide: guide.title,
    upTo: bounds?.[index] ?? null,
    above: bounds?.[index - 1] ?? null,
    crop: crop.label,
  }
  const { source } = guide.rates
  const cell = given(
    quantity(guide.rates[group][nutrient][index]!, `lb ${nutrient}/1000 ft²`),
    say('nutrient.table-cell', { className, nutrient }),
    source,
  )
  const rate = derive(
    `lb ${nutrient}/1000 ft²`,
    'table',
    value ? { table: cell, test: value } : { table: cell },
    say('nutrient.class', args),
    source,
  )
  return accept({ rate, why: say(rate.value.v > 0 ? 'nutrient.needed' : 'nutrient.enough', args) })
}
