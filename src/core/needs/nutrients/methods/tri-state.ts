import { triStateSpan } from '../../../guides/tri-state-span'
import type { TriState } from '../../../guides/crop'
import type { ClassName, ExtractantId } from '../../../guides/guide'
import type { Rating } from '../../../reading/classify'
import type { Soil } from '../../../reading/soil'
import { accept, refuse, say, type Outcome, type Bare } from '../../../sentence/sentence'
import { quantity, type Cec } from '../../../units/quantity'
import { perThousand } from '../../../units/rates'
import { derive, given, type Derived, type Working } from '../../../units/workings'
import type { Rated } from '../method'

/** Extractants that the equations do not speak of, by whose own classes plots are fed. Source: common practice. */
const byClasses: ReadonlySet<ExtractantId | null> = new Set(['mehlich-1', 'olsen'])
/** lb P₂O₅ and lb K₂O an acre from very low to excess. Source: common practice. */
const perClass = { 'very-low': 80, low: 60, medium: 40, optimum: 20, excess: 0 } as const satisfies Record<
  ClassName,
  number
>
/** lb K₂O an acre that no plot is given more of in a year. Source: common practice. */
const mostPotash = 300

/**
 * Field and food-plot P₂O₅ and K₂O: build-up below the critical level, replacement of what the crop removes above it,
 * and a drawdown to nothing. STL in ppm of Bray P1 and of ammonium-acetate K; lb/acre. Mehlich-3 by the same build-up
 * to its own spans of 2020, and nothing above them; Mehlich-1 and Olsen by their own classes, which is common practice.
 * Refuses any other extractant, a word or an index by the equations, and K without a CEC.
 * Source: Vitosh, Johnson & Mengel 1995, Tri-State Fertilizer Recommendations E-2567, and Culman et al. 2020, Bulletin
 * 974; both recalled.
 *
 * @param hopedFor the yield that the client hopes for, in the unit of the crop; absent: the guide's
 */
export function triState(
  nutrient: 'P₂O₅' | 'K₂O',
  rating: Rating,
  crop: TriState,
  soil: Soil,
  used: ExtractantId | null,
  hopedFor?: number,
): Outcome<Rated> {
  if (byClasses.has(used)) return byClass(nutrient, rating.className)
  if (used !== 'bray-1' && used !== 'mehlich-3') return refuse('tri-state.extractant')
  if (!rating.value || rating.value.value.of.startsWith('index')) return refuse('tri-state.needs-ppm')
  const removal = removalOf(nutrient, crop, hopedFor)
  if (nutrient === 'K₂O' && soil.cec === undefined) return refuse('tri-state.needs-cec')
  if (used === 'mehlich-3') return rated(toSpan(nutrient, rating.value, crop, soil.cec, removal), rating.value)
  return nutrient === 'P₂O₅'
    ? rated(phosphate(rating.value, crop.criticalP, removal), rating.value)
    : rated(potash(rating.value, soil.cec!, removal), rating.value)
}

const source = 'tri-state' as const
const levels = 'tri-state-2020' as const
const fixed = (v: number, of: string, key: Bare) => given(quantity(v, of), say(key), source)

/** lb/acre that a year's crop carries off: of what the client hopes for, else of the guide's modest yield. */
function removalOf(nutrient: 'P₂O₅' | 'K₂O', crop: TriState, hopedFor?: number) {
  const amount = quantity(hopedFor ?? crop.yield, crop.yieldUnit.en)
  return derive(
    `lb ${nutrient}/acre`,
    'crop_yield * each',
    {
      crop_yield:
        hopedFor === undefined
          ? given(amount, say('tri-state.yield'), 'practice')
          : given(amount, say('tri-state.yield-hoped'), 'reported'),
      each: fixed(crop.removal[nutrient], `lb ${nutrient}`, 'tri-state.removal'),
    },
    say('tri-state.carried-off', { unit: crop.yieldUnit, crop_yield: amount.v }),
    source,
  )
}

function phosphate(test: Working, critical: number, removal: Working): Derived<'lb P₂O₅/acre'> {
  const inputs = { test, critical: fixed(critical, 'ppm P', 'tri-state.critical'), removal }
  const build = { ...inputs, each: fixed(5, 'lb P₂O₅/acre per ppm', 'tri-state.build-each') }
  if (test.value.v < critical)
    return derive('lb P₂O₅/acre', '(critical - test) * each + removal', build, say('tri-state.build'), source)
  if (test.value.v <= critical + 15)
    return derive('lb P₂O₅/acre', 'removal', { removal, test }, say('tri-state.replace'), source)
  return derive(
    'lb P₂O₅/acre',
    'max(0, removal * (1 - (test - critical - 15) / 10))',
    inputs,
    say('tri-state.draw'),
    source,
  )
}

/** The build-up of the equations to the span of Mehlich-3. */
function toSpan<Of extends 'P₂O₅' | 'K₂O'>(
  nutrient: Of,
  test: Working,
  crop: TriState,
  cec: Cec | undefined,
  removal: Working,
): Derived<`lb ${Of}/acre`> {
  const element = nutrient === 'P₂O₅' ? 'P' : 'K'
  const of = `lb ${nutrient}/acre` as const
  const [low, high] = triStateSpan(element, crop, cec, 'mehlich-3')!.map((end, i) =>
    given(quantity(end, `ppm ${element}`), say(i === 0 ? 'tri-state.span-low' : 'tri-state.span-high'), levels),
  ) as [Working, Working]
  if (test.value.v > high.value.v) return derive(of, '0', { test, high }, say('tri-state.above'), levels)
  if (test.value.v >= low.value.v)
    return derive(of, element === 'P' ? 'removal' : 'removal + 20', { removal, test }, say('tri-state.replace'), levels)
  if (element === 'P') {
    const each = fixed(5, 'lb P₂O₅/acre per ppm', 'tri-state.build-each')
    return derive(of, '(low - test) * each + removal', { low, test, each, removal }, say('tri-state.build'), levels)
  }
  const inputs = { low, test, removal, cec: given(cec!, say('report.cec'), 'reported'), most: mostOf() }
  const build = 'min(most, (low - test) * (1 + 0.05 * cec) + removal + 20)'
  return derive(of, build, inputs, say('tri-state.build'), levels)
}

const mostOf = () => given(quantity(mostPotash, 'lb K₂O/acre'), say('tri-state.most'), 'practice')

function potash(test: Working, cec: Cec, removal: Working): Derived<'lb K₂O/acre'> {
  const exchange = given(cec, say('report.cec'), 'reported')
  const critical = derive('ppm K', '75 + 2.5 * cec', { cec: exchange }, say('tri-state.critical-K'), source)
  const inputs = { test, critical, removal }
  if (test.value.v < critical.value.v)
    return derive(
      'lb K₂O/acre',
      'min(most, (critical - test) * (1 + 0.05 * cec) + removal + 20)',
      { ...inputs, cec: exchange, most: mostOf() },
      say('tri-state.build'),
      source,
    )
  if (test.value.v <= critical.value.v + 30)
    return derive('lb K₂O/acre', 'removal + 20', { removal, test, critical }, say('tri-state.replace'), source)
  return derive(
    'lb K₂O/acre',
    'max(0, (removal + 20) * (1 - (test - critical - 30) / 20))',
    inputs,
    say('tri-state.draw'),
    source,
  )
}

function byClass(nutrient: 'P₂O₅' | 'K₂O', className: ClassName): Outcome<Rated> {
  const why = say('tri-state.by-class', { nutrient, className })
  const cell = given(quantity(perClass[className], `lb ${nutrient}/acre`), why, 'practice')
  return accept({ rate: perThousand(nutrient, cell), why })
}

function rated(perAcre: Derived<'lb P₂O₅/acre' | 'lb K₂O/acre'>, test: Working): Outcome<Rated> {
  const nutrient = perAcre.value.of === 'lb P₂O₅/acre' ? 'P₂O₅' : 'K₂O'
  const rate = perThousand(nutrient, perAcre)
  return accept({
    rate,
    why: say(rate.value.v > 0 ? 'tri-state.needed' : 'tri-state.enough', { nutrient, value: test.value.v }),
  })
}
