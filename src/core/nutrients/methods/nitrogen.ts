import { limits } from '../../guides/limits'
import type { Soil } from '../../reading/classify'
import { accept, say, type Outcome } from '../../sentence'
import { sqFtPerAcre } from '../../units/factors'
import { quantity, type OrganicMatter } from '../../units/quantity'
import { derive, given, type Derived, type Working } from '../../workings'
import type { Feeding, Rated } from '../method'

/**
 * The year's nitrogen: the crop's span at the chosen feeding level, less the credit for organic matter above what the
 * rates assume, never below nothing. Needs no soil test. Source: common practice.
 */
export function nitrogen(soil: Soil, { crop, settings }: Feeding): Outcome<Rated> {
  const { nitrogen: rates } = crop
  const matter = soil.organicMatter?.v
  const base =
    crop.nitrogen.unit === 'lb N/acre'
      ? perThousand(feedingRate(rates.unit, crop, settings.feeding))
      : feedingRate('lb N/1000 ft²', crop, settings.feeding)
  const span = { low: rates.low, high: rates.high, unit: rates.unit, crop: crop.label }
  if (rates.noneAboveOrganicMatter !== undefined && matter !== undefined && matter > rates.noneAboveOrganicMatter) {
    const none = derive('lb N/1000 ft²', '0', {}, say('nitrogen.rich-soil', { matter }), 'practice')
    return accept({ rate: none, why: say('nitrogen.rich-soil', { matter }) })
  }
  if (base.value.v === 0)
    return accept({ rate: base, why: say(crop.fixesNitrogen ? 'nitrogen.fixed' : 'nitrogen.none', span) })
  if (!rates.organicMatterCredit || matter === undefined || matter <= limits.organicMatter.creditAbove)
    return accept({ rate: base, why: say('nitrogen.usual', span) })
  const credited = derive(
    'lb N/1000 ft²',
    'max(0, need - credit)',
    { need: base, credit: matterCredit(soil.organicMatter!) },
    say('nitrogen.less-credit'),
    'practice',
  )
  return accept({
    rate: credited,
    why: say(credited.value.v > 0 ? 'nitrogen.credited' : 'nitrogen.all-credited', { ...span, matter }),
  })
}

function feedingRate(
  unit: 'lb N/1000 ft²' | 'lb N/acre',
  { nitrogen: rates, label }: Feeding['crop'],
  feeding: Feeding['settings']['feeding'],
): Derived<'lb N/1000 ft²'> {
  const bound = (v: number, key: string) => given(quantity(v, unit), say(key, { crop: label }), 'practice')
  const of = unit as 'lb N/1000 ft²'
  if (feeding === 'lean')
    return derive(of, 'low', { low: bound(rates.low, 'nitrogen.low') }, say('nitrogen.lean'), 'practice')
  if (feeding === 'generous')
    return derive(of, 'high', { high: bound(rates.high, 'nitrogen.high') }, say('nitrogen.generous'), 'practice')
  if (rates.usual !== undefined)
    return derive(
      of,
      'usual',
      { usual: bound(rates.usual, 'nitrogen.usual-rate') },
      say('nitrogen.as-usual'),
      'practice',
    )
  const ends: Record<string, Working> = {
    low: bound(rates.low, 'nitrogen.low'),
    high: bound(rates.high, 'nitrogen.high'),
  }
  return derive(
    of,
    '(low + high) / 2',
    ends,
    say(rates.low === rates.high ? 'nitrogen.as-usual' : 'nitrogen.middle'),
    'practice',
  )
}

const acre = given(quantity(sqFtPerAcre / 1000, 'thousands of ft² in an acre'), say('unit.acre'), 'arithmetic')

const perThousand = (perAcre: Working): Derived<'lb N/1000 ft²'> =>
  derive('lb N/1000 ft²', 'per_acre / acre', { per_acre: perAcre, acre }, say('unit.per-thousand'), 'arithmetic')

/** 20 lb N/acre for each % of organic matter above 3, at most 40. */
function matterCredit(matter: OrganicMatter): Derived<'lb N/1000 ft²'> {
  const { creditAbove, creditPerPercent, creditAtMost } = limits.organicMatter
  const practice = (v: number, of: string, key: string) => given(quantity(v, of), say(key), 'practice')
  return derive(
    'lb N/1000 ft²',
    'min(most, each * (matter - above)) / acre',
    {
      matter: given(matter, say('report.organic-matter'), 'reported'),
      above: practice(creditAbove, '% organic matter', 'nitrogen.credit-above'),
      each: practice(creditPerPercent, 'lb N/acre per %', 'nitrogen.credit-each'),
      most: practice(creditAtMost, 'lb N/acre', 'nitrogen.credit-most'),
      acre,
    },
    say('nitrogen.credit'),
    'practice',
  )
}
