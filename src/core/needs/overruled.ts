import { overrulingKey, reactionOf, type Decisions, type Overrulable, type Overruling } from '../case/decisions'
import { fields, numberIn } from '../report/fields'
import { say, type Sentence } from '../told/sentence'
import { mostPrinted } from './hold'
import { differ, type Overruled } from './need'
import { poundsIn } from '../units/factors'
import { quantity, type Substance } from '../units/quantity'
import { fromPrinted, overArea, rateUnits, type RateUnit } from '../units/rates'
import { given, type Derived } from '../workings'

/** What was put in the place of a figure of one area, by the need and what of it. */
export type Overrulings = (need: string, of: Overrulable) => Overruling | undefined

/** The overrulings of one area. One whose figure cannot be read, or whose reason is not told, overrules nothing. */
export const overrulingsIn =
  ({ overrulings }: Pick<Decisions, 'overrulings'>, areaId: string): Overrulings =>
  (need, of) => {
    const key = overrulingKey(areaId, need, of)
    const word = Object.hasOwn(overrulings, key) ? overrulings[key]! : undefined
    if (!word || word.reason.trim() === '') return undefined
    if (of === 'method') return word
    return numberIn(of === 'aim' ? fields.aim : fields.overruled, word.is) === undefined ? undefined : word
  }

/** The same ground as if nobody had overruled that. */
export const withoutWord = <G extends { readonly overrulings: Overrulings }>(ground: G, what: Overrulable): G => ({
  ...ground,
  overrulings: (need, of) => (of === what ? undefined : ground.overrulings(need, of)),
})

/** The pH that an advisor wants in the place of the guide's. */
export const ownAimIn = (overrulings: Overrulings): number | undefined => {
  const word = overrulings(reactionOf, 'aim')
  return word && numberIn(fields.aim, word.is)
}

/** What an advisor's figure comes to on 1,000 ft²: a rate, or a weight for the whole area. */
export function overruledRate<S extends Substance>(
  substance: S,
  { is, by }: Overruling,
  area: Derived<'ft²'>,
): Derived<`lb ${S}/1000 ft²`> {
  const value = numberIn(fields.overruled, is)!
  if (is.unit in rateUnits) return fromPrinted(substance, value, is.unit as RateUnit)
  const each = poundsIn[is.unit] ?? 1
  const amount = given(
    quantity(value * each, `lb ${substance}`),
    say('overruled.figure', { by: by.trim() }),
    'reported',
  )
  return overArea(substance, amount, area)
}

/** An overruling with what it replaces today, lb for the area. */
export const standing = (word: Overruling, instead: number | undefined): Overruled => ({
  ...word,
  instead,
  moved: differ(word.replaced.value ?? undefined, instead),
})

/** What to say of a figure, lb per 1,000 ft², that is more than any ground is given. */
export function tooMuch(of: keyof typeof mostPrinted, rate: number): readonly Sentence[] {
  const most = mostPrinted[of]
  return rate > most ? [say('overruled.beyond', { of, rate, most })] : []
}
