import { inUnit, sufficiency } from '../../../reading/classify'
import type { Report } from '../../../report/report'
import { accept, refuse, say, type Outcome } from '../../../sentence/sentence'
import { elementInCompound, gramsPerSqMetre } from '../../../units/factors'
import { quantity } from '../../../units/quantity'
import { derive, given, type Derived } from '../../../units/workings'
import type { Feeding, Rated } from '../method'

/** g/m² in one ppm of a 10 cm layer, and g of each that grass takes up with 1 g of N. Source: mlsn, common practice. */
const perPpm = 0.15
const uptake = { P: 0.12, K: 0.5 } as const
const oxide = { P: ['P₂O₅', elementInCompound['P in P₂O₅']], K: ['K₂O', elementInCompound['K in K₂O']] } as const

/**
 * Turf by the minimum levels: what the test falls short of the minimum, and what the year's growth takes up, less what
 * stands above the minimum; never below nothing.
 * Refuses a word or an index, and an extractant that is not the guide's.
 * Source: PACE Turf & Asian Turfgrass Center, recalled; uptake with nitrogen, common practice.
 */
export function minimumLevels(
  element: 'P' | 'K',
  nitrogenRate: Derived<'lb N/1000 ft²'>,
  report: Report,
  feeding: Feeding,
): Outcome<Rated> {
  const { guide, read, crop } = feeding
  const found = sufficiency(element, read, report, guide)
  if (!found.ok) return found
  const { lowBelow, source } = found.value
  const test = read.tests[element]
  if (lowBelow === undefined || !test) return refuse('reading.index-no-minimum', { element })
  const [nutrient, share] = oxide[element]
  const need = derive(
    `g ${element}/m²`,
    'max(0, (minimum - test) * per_ppm + taken * nitrogen * grams)',
    {
      minimum: given(quantity(lowBelow, `ppm ${element}`), say('minimum.level'), source),
      test: inUnit(test, 'ppm'),
      per_ppm: given(quantity(perPpm, 'g/m² per ppm'), say('minimum.per-ppm'), source),
      taken: given(quantity(uptake[element], `${element} for each N`), say('minimum.uptake'), 'practice'),
      nitrogen: nitrogenRate,
      grams: given(quantity(gramsPerSqMetre, 'g/m² in one lb/1000 ft²'), say('unit.grams'), 'arithmetic'),
    },
    say('minimum.need'),
    source,
  )
  const rate = derive(
    `lb ${nutrient}/1000 ft²`,
    'need / share / grams',
    {
      need,
      share: given(quantity(share, `${element} in ${nutrient}`), say('unit.oxide'), 'chemistry'),
      grams: given(quantity(gramsPerSqMetre, 'g/m² in one lb/1000 ft²'), say('unit.grams'), 'arithmetic'),
    },
    say('unit.as-oxide', { nutrient }),
    'chemistry',
  )
  const args = { crop: crop.label, nutrient, value: test.v, minimum: lowBelow }
  return accept({ rate, why: say(rate.value.v > 0 ? 'minimum.needed' : 'minimum.enough', args) })
}
