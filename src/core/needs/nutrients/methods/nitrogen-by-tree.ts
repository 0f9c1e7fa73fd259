import type { NitrogenByTree } from '../../../guides/crop'
import { accept, refuse, say, type Outcome, type Bare } from '../../../sentence/sentence'
import { quantity } from '../../../units/quantity'
import { derive, given, type Derived } from '../../../units/workings'
import type { Feeding, Rated } from '../method'

/**
 * Fruit trees: so much nitrogen for each tree and year of its age, up to a most; half on dwarfing roots; where last
 * year's shoots are longer than they should be none, and half more where they are shorter.
 * Refuses without a count and an age.
 * Source: the guide's crop table, common practice.
 */
export function byTree(rates: NitrogenByTree, feeding: Feeding): Outcome<Rated> {
  const { crop, planting, area } = feeding
  const { count, age, shoots, dwarf } = planting
  if (count === undefined || age === undefined) return refuse('nitrogen.needs-trees', { crop: crop.label })
  const set = (v: number, of: string, key: Bare) => given(quantity(v, of), say(key), crop.source)
  const vigor = shoots === undefined ? 1 : vigorOf(shoots, age, rates)
  const perTree = derive(
    'lb N/tree',
    'min(most, each * age * vigor) * roots',
    {
      most: set(rates.atMost, 'lb N/tree', 'nitrogen.tree-most'),
      each: set(rates.perYearOfAge, 'lb N/tree per year', 'nitrogen.tree-year'),
      age: given(quantity(age, 'years'), say('planting.age'), 'reported'),
      roots: set(dwarf ? rates.dwarf : 1, 'of the rate', dwarf ? 'nitrogen.tree-dwarf' : 'nitrogen.tree-standard'),
      vigor: set(vigor, 'of the rate', shoots === undefined ? 'nitrogen.shoots-unknown' : 'nitrogen.shoots'),
    },
    say('nitrogen.tree'),
    crop.source,
  )
  const why = vigor === 0 ? 'nitrogen.shoots-long' : shoots === undefined ? 'nitrogen.tree-look' : 'nitrogen.by-tree'
  return accept({
    rate: spread(perTree, count, area),
    why: say(why, { crop: crop.label, shoots: shoots ?? null }),
    ...(vigor === 0 && { noneFor: 'shoots' }),
  })
}

/** The share of the rate that shoots of this length, in, ask for. */
function vigorOf(shoots: number, age: number, { shoots: spans, bearingFrom }: NitrogenByTree): 0 | 1 | 1.5 {
  const [enough, tooLong] = age < bearingFrom ? spans.young : spans.bearing
  return shoots > tooLong ? 0 : shoots >= enough ? 1 : 1.5
}

/** So much for each plant, as a rate over the ground they stand on. */
export const spread = (
  perPlant: Derived<'lb N/tree'> | Derived<'lb N/plant'>,
  count: number,
  area: Feeding['area'],
): Derived<'lb N/1000 ft²'> =>
  derive(
    'lb N/1000 ft²',
    'per_plant * plants * 1000 / area',
    { per_plant: perPlant, plants: given(quantity(count, 'plants'), say('planting.count'), 'reported'), area },
    say('nitrogen.spread'),
    'arithmetic',
  )
