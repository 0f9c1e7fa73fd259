import { overrulingKey, reactionOf, type Decisions, type Overrulable, type Overruling } from '../case/decisions'
import type { Season } from '../case/season'
import { readInches } from '../reading/soil'
import { fields, numberIn } from '../report/fields'
import { say, toClient, type Remark } from '../sentence/sentence'
import { mostPrinted } from './hold'
import { differ, type Overruled } from './need'
import type { Field } from '../units/typed'
import { poundsIn } from '../units/factors'
import { quantity, type Substance } from '../units/quantity'
import { fromPrinted, overArea, rateUnits, type RateUnit } from '../units/rates'
import { given, type Derived } from '../units/workings'

/** What was put in the place of a figure of one area, by the need and what of it. */
export type Overrulings = (need: string, of: Overrulable) => Overruling | undefined

/** The overrulings of one area. One whose figure cannot be read, or whose reason is not told, overrules nothing. */
export function overrulingsIn({ overrulings }: Pick<Decisions, 'overrulings'>, areaId: string): Overrulings {
  if (Object.keys(overrulings).length === 0) return nothingOverruled
  return (need, of) => {
    const key = overrulingKey(areaId, need, of)
    const word = Object.hasOwn(overrulings, key) ? overrulings[key]! : undefined
    if (!word || word.reason.trim() === '') return undefined
    const field = readBy[of]
    return (field ? numberIn(field, word.is) !== undefined : of !== 'level' || isLevel(word.is.text)) ? word : undefined
  }
}
const nothingOverruled: Overrulings = () => undefined

/** How what is typed in a figure's place is read; what is none is chosen by its name. */
export const readBy: Readonly<Record<Overrulable, Field | null>> = {
  aim: fields.aim,
  amount: fields.overruled,
  cap: fields.cap,
  depth: fields.depth,
  level: null,
  method: null,
}

export const levels = ['lean', 'usual', 'generous'] as const satisfies readonly Season['feeding'][]
export const isLevel = (text: string): text is Season['feeding'] => levels.some((one) => one === text)

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

/** The depth to be treated, in, that she wants in the place of the usual one. */
export function ownDepthIn(overrulings: Overrulings): number | undefined {
  const word = overrulings(reactionOf, 'depth')
  return word && readInches(numberIn(fields.depth, word.is), word.is)
}

/** How richly she wants the crop to be fed. */
export function ownLevelIn(overrulings: Overrulings): Season['feeding'] | undefined {
  const text = overrulings('N', 'level')?.is.text
  return text !== undefined && isLevel(text) ? text : undefined
}

/** The most in one pass that she wants, lb per 1,000 ft²: of lime as product, of sulfur as such. A cap of nothing is none. */
export function ownCapIn(overrulings: Overrulings, of: 'lime' | 'sulfur'): number | undefined {
  const word = overrulings(of, 'cap')
  const v = word && numberIn(fields.cap, word.is)
  return v ? v * rateUnits[word!.is.unit as RateUnit] : undefined
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
export function tooMuch(of: keyof typeof mostPrinted, rate: number): readonly Remark[] {
  const most = mostPrinted[of]
  return rate > most ? [toClient(say('overruled.beyond', { of, rate, most }))] : []
}
