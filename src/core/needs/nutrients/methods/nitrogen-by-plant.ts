import type { NitrogenByGround } from '../../../guides/crop'
import { accept, say, type Outcome, type Bare } from '../../../sentence/sentence'
import { ouncesPerPound } from '../../../units/factors'
import { quantity } from '../../../units/quantity'
import { derive, given } from '../../../units/workings'
import type { Feeding, Rated } from '../method'
import { spread } from './nitrogen-by-tree'

/**
 * Bushes by the plant and its years: none at planting, so many ounces of ammonium sulfate once leafed out, more each
 * year, up to a most that the feeding level chooses. Undefined without a count and an age, so that the ground decides.
 * Source: the guide's crop table, common practice.
 */
export function byPlant(
  { firstYear, eachYear, atMost, nitrogenPercent }: NonNullable<NitrogenByGround['perPlant']>,
  { crop, planting: { count, age }, area, settings }: Feeding,
): Outcome<Rated> | undefined {
  if (count === undefined || age === undefined) return undefined
  const [lean, generous] = atMost
  const most = { lean, usual: (lean + generous) / 2, generous }[settings.feeding]
  const set = (v: number, of: string, key: Bare) => given(quantity(v, of), say(key), crop.source)
  const perPlant = derive(
    'lb N/plant',
    age === 0 ? '0 * age' : 'min(most, first + each * (age - 1)) / ounces * grade / 100',
    {
      age: given(quantity(age, 'years'), say('planting.age'), 'reported'),
      first: set(firstYear, 'oz/plant', 'nitrogen.plant-first'),
      each: set(eachYear, 'oz/plant per year', 'nitrogen.plant-each'),
      most: set(most, 'oz/plant', 'nitrogen.plant-most'),
      ounces: given(quantity(ouncesPerPound, 'oz in a pound'), say('unit.ounces'), 'arithmetic'),
      grade: given(quantity(nitrogenPercent, '% N'), say('material.grade', { nutrient: 'N' }), 'practice'),
    },
    say('nitrogen.plant'),
    crop.source,
  )
  return accept({
    rate: spread(perPlant, count, area),
    why: say(age === 0 ? 'nitrogen.at-planting' : 'nitrogen.by-plant', { crop: crop.label, age }),
    ...(age === 0 && { noneFor: 'planting' }),
  })
}
