import type { Key } from '../../../sentence/keys'
import type { NitrogenByGround } from '../../../guides/crop'
import { accept, say, type Outcome } from '../../../sentence/sentence'
import { quantity } from '../../../units/quantity'
import { derive, given, type Derived, type Working } from '../../../units/workings'
import { perThousand } from '../../../units/rates'
import { creditsFor, less } from '../credits'
import type { Feeding, Rated } from '../method'
import { byPlant } from './nitrogen-by-plant'
import { byTree } from './nitrogen-by-tree'

/**
 * The year's nitrogen: what the crop takes at the chosen feeding level, less what the ground gives by itself, never
 * below nothing. Needs no soil test. Trees and young bushes are fed by the plant, a new lawn by its seeding.
 * Source: the guide's crop table, common practice where the guide does not say otherwise.
 */
export function nitrogen(feeding: Feeding): Outcome<Rated> {
  const { crop, read, guide, settings } = feeding
  const rates = crop.nitrogen
  const matter = read.soil.organicMatter?.v
  if (rates.noneAboveOrganicMatter !== undefined && matter !== undefined && matter > rates.noneAboveOrganicMatter) {
    const none = derive('lb N/1000 ft²', '0', {}, say('nitrogen.rich-soil', { matter }), crop.source)
    return accept({ rate: none, why: say('nitrogen.rich-soil', { matter }), noneFor: 'soil' })
  }
  if (rates.unit === 'lb N/tree') return byTree(rates, feeding)
  if (crop.use === 'lawn' && settings.newLawn) {
    const { nitrogen: v, dressings } = guide.limits.newLawn
    const year = given(quantity(v, 'lb N/1000 ft²'), say('nitrogen.new-lawn-year'), guide.limits.source)
    const rate = derive('lb N/1000 ft²', 'year', { year }, say('nitrogen.new-lawn'), guide.limits.source)
    return accept({ rate, why: say('nitrogen.new-lawn'), dressings })
  }
  const plants = rates.perPlant && byPlant(rates.perPlant, feeding)
  return plants ?? accept(lessCredits(feedingRate(rates, feeding), rates, feeding))
}

function lessCredits(base: Derived<'lb N/1000 ft²'>, rates: NitrogenByGround, feeding: Feeding): Rated {
  const { crop } = feeding
  const span = { low: rates.low, high: rates.high, unit: rates.unit, crop: crop.label }
  if (base.value.v === 0) {
    const { fixesNitrogen } = crop
    const why = say(fixesNitrogen ? 'nitrogen.fixed' : 'nitrogen.none', span)
    return { rate: base, why, noneFor: fixesNitrogen ? 'fixed' : 'none' }
  }
  const credits = creditsFor(feeding)
  const names = Object.keys(credits)
  if (names.length === 0) return { rate: base, why: say('nitrogen.usual', span) }
  const rate = less('N', base, credits, say('nitrogen.less-credit'), crop.source)
  const args = { ...span, credits: names.join(' '), matter: feeding.read.soil.organicMatter?.v ?? null }
  if (rate.value.v > 0) return { rate, why: say('nitrogen.credited', args) }
  return { rate, why: say('nitrogen.all-credited', args), noneFor: 'credited' }
}

function feedingRate(rates: NitrogenByGround, { crop, settings: { feeding } }: Feeding): Derived<'lb N/1000 ft²'> {
  const bound = (v: number, key: `nitrogen.${'low' | 'high' | 'usual-rate'}`) =>
    given(quantity(v, rates.unit), say(key, { crop: crop.label }), crop.source)
  const [expression, inputs, rule]: readonly [string, Readonly<Record<string, Working>>, Key] =
    feeding === 'lean'
      ? ['low', { low: bound(rates.low, 'nitrogen.low') }, 'nitrogen.lean']
      : feeding === 'generous'
        ? ['high', { high: bound(rates.high, 'nitrogen.high') }, 'nitrogen.generous']
        : rates.usual !== undefined
          ? ['usual', { usual: bound(rates.usual, 'nitrogen.usual-rate') }, 'nitrogen.as-usual']
          : [
              '(low + high) / 2',
              { low: bound(rates.low, 'nitrogen.low'), high: bound(rates.high, 'nitrogen.high') },
              rates.low === rates.high ? 'nitrogen.as-usual' : 'nitrogen.middle',
            ]
  return rates.unit === 'lb N/acre'
    ? perThousand('N', derive('lb N/acre', expression, inputs, say(rule), crop.source))
    : derive('lb N/1000 ft²', expression, inputs, say(rule), crop.source)
}
