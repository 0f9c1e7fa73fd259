import { fields, numberIn } from '../../report/fields'
import type { Fertilizer } from '../../shelf/product'
import { nitrateInLayer } from '../../reading/nitrate'
import type { SourceRef } from '../../units/sources'
import { say, type Bare, type Sentence } from '../../sentence/sentence'
import { quantity, type MajorNutrient } from '../../units/quantity'
import { acre, fromPrinted, perThousand, type RateUnit } from '../../units/rates'
import { derive, given, type Derived } from '../../units/workings'
import type { CreditName } from '../need'
import type { Feeding } from './method'

export type Credits<Of extends MajorNutrient = 'N'> = Readonly<
  Partial<Record<CreditName, Derived<`lb ${Of}/1000 ft²`>>>
>

/**
 * Nitrogen that the ground gives by itself in the coming season, by where it comes from. Turf gets none for organic
 * matter or nitrate, which its rates assume. Source: common practice.
 */
export function creditsFor(feeding: Feeding): Credits {
  const { crop, read } = feeding
  const found: Record<string, Derived<'lb N/1000 ft²'> | undefined> = {
    matter: crop.nitrogen.organicMatterCredit ? matterCredit(feeding) : undefined,
    manure: manureCredit('N', feeding),
  }
  if (crop.use !== 'lawn') {
    const layer = nitrateInLayer(read)
    found.nitrate = layer && perThousand('N', layer)
    found.legume = legumeCredit(feeding)
  }
  return positive(found)
}

/** Those that there are, and come to something. */
const positive = <Credit extends Derived>(found: Readonly<Record<string, Credit | undefined>>) =>
  Object.fromEntries(Object.entries(found).filter(([, credit]) => credit && credit.value.v > 0)) as Readonly<
    Partial<Record<CreditName, Credit>>
  >

/** A rate less what the ground has already, never below nothing. */
export const less = <Of extends MajorNutrient>(
  nutrient: Of,
  need: Derived<`lb ${Of}/1000 ft²`>,
  credits: Credits<MajorNutrient>,
  rule: Sentence,
  source: SourceRef,
): Derived<`lb ${Of}/1000 ft²`> =>
  derive(
    `lb ${nutrient}/1000 ft²`,
    `max(0, need - ${Object.keys(credits).join(' - ')})`,
    { need, ...credits },
    rule,
    source,
  )

/**
 * What comes off a laboratory's figure too, which is seldom told of it: manure or compost, and of nitrogen a legume and
 * nitrate. Source: common practice.
 */
export function untoldCredits(nutrient: MajorNutrient, feeding: Feeding): Credits<MajorNutrient> {
  if (nutrient === 'N') {
    const { matter: _assumed, ...untold } = creditsFor(feeding)
    return untold
  }
  return positive({ manure: manureCredit(nutrient, feeding), ash: ashCredit(nutrient, feeding) })
}

/** Phosphate and potash that wood ash brings, which goes on as lime once a year. Source: common practice. */
function ashCredit<Of extends 'P₂O₅' | 'K₂O'>(
  nutrient: Of,
  { lime }: Feeding,
): Derived<`lb ${Of}/1000 ft²`> | undefined {
  const { brings, cap } = lime?.material.liming ?? {}
  if (!lime || !brings) return undefined
  return derive(
    `lb ${nutrient}/1000 ft²`,
    'min(rate, most) * percent / 100',
    {
      rate: lime.rate,
      most: given(
        quantity(cap?.perPass ?? lime.rate.value.v, 'lb product/1000 ft²'),
        say('credit.ash-year'),
        'practice',
      ),
      percent: given(quantity(brings[nutrient], `% ${nutrient}`), say('material.grade', { nutrient }), 'practice'),
    },
    say('credit.ash', { material: lime.material.label }),
    'practice',
  )
}

/** So much N/acre for each % of organic matter above what the rates assume, up to a most. */
function matterCredit({ read, guide }: Feeding): Derived<'lb N/1000 ft²'> | undefined {
  const { organicMatter } = read.soil
  const { creditAbove, creditPerPercent, creditAtMost } = guide.limits.organicMatter
  if (!organicMatter || organicMatter.v <= creditAbove) return undefined
  const set = (v: number, of: string, key: Bare) => given(quantity(v, of), say(key), guide.limits.source)
  return derive(
    'lb N/1000 ft²',
    'min(most, each * (matter - above)) / acre',
    {
      matter: given(organicMatter, say('report.organic-matter'), 'reported'),
      above: set(creditAbove, '% organic matter', 'nitrogen.credit-above'),
      each: set(creditPerPercent, 'lb N/acre per %', 'nitrogen.credit-each'),
      most: set(creditAtMost, 'lb N/acre', 'nitrogen.credit-most'),
      acre,
    },
    say('nitrogen.credit'),
    guide.limits.source,
  )
}

/** Of what a manure or compost holds of a nutrient, the part that feeds in its first year. Phosphate counts in full. */
const firstYear = ({ feeding: { firstYearN, firstYearK = 1 } }: Fertilizer, nutrient: MajorNutrient): number =>
  nutrient === 'N' ? firstYearN : nutrient === 'K₂O' ? firstYearK : 1

/** What was put on for this season brings of a nutrient. Source: common practice. */
export function manureCredit<Of extends MajorNutrient>(
  nutrient: Of,
  { past, manure }: Pick<Feeding, 'past' | 'manure'>,
): Derived<`lb ${Of}/1000 ft²`> | undefined {
  const rate = numberIn(fields.nutrient, past.manureRate)
  if (!manure || !rate) return undefined
  return derive(
    `lb ${nutrient}/1000 ft²`,
    'rate * grade / 100 * first_year',
    {
      rate: fromPrinted('product', rate, past.manureRate.unit as RateUnit),
      grade: given(
        quantity(manure.feeding.grade[nutrient], `% ${nutrient}`),
        say('material.grade', { nutrient }),
        'practice',
      ),
      first_year: given(
        quantity(firstYear(manure, nutrient), 'of it in the first year'),
        say('material.first-year'),
        'practice',
      ),
    },
    say('nitrogen.credit-manure', { material: manure.label }),
    'practice',
  )
}

function legumeCredit({ past, guide }: Feeding): Derived<'lb N/1000 ft²'> | undefined {
  const legume = past.legume === null ? undefined : guide.limits.legumes[past.legume]
  if (!legume) return undefined
  const perAcre = given(
    quantity(legume.nitrogen, 'lb N/acre'),
    say('nitrogen.credit-legume', { legume: legume.label }),
    guide.limits.source,
  )
  return perThousand('N', perAcre)
}
