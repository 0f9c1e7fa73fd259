import type { Use } from '@/core/guides/crop'
import type { Check } from '@/core/needs/need'
import type { Sentence } from '@/core/sentence/sentence'
import type { Working } from '@/core/units/workings'
import { area as areaWords, figure, rate as rateWords, rounding, weight, type Measures } from '@/wording/format'
import { render, textOf } from '@/wording/render'

/** A number as it stands on a sheet, with the derivation that it opens into. */
export interface Explained {
  /** The number, as it stands on the sheet. */
  readonly shown: string
  readonly working: Working
  readonly rounding: string
  readonly remarks: readonly Sentence[]
  readonly beside: readonly Beside[]
}

interface Beside {
  readonly label: string
  readonly value: string
  readonly working?: Working
}

const explained = (shown: string, working: Working): Explained => ({
  shown,
  working,
  rounding: '',
  remarks: [],
  beside: [],
})

/** Pounds, as a hand weighs them out. */
export const weighed = (working: Working, measures: Measures, extra: Partial<Explained> = {}): Explained => ({
  ...explained(weight(working.value.v, measures), working),
  rounding: rounding(working.value.v, measures),
  ...extra,
})

/** Pounds per 1,000 ft², in the unit that this ground is spoken of in. */
export function perGround(working: Working, use: Use, measures: Measures): Explained {
  const { amount, per } = rateWords(working.value.v, use, measures)
  return explained(`${amount} ${per}`, working)
}

export const counted = (working: Working): Explained => explained(figure(working.value.v), working)

export const sized = (working: Working, measures: Measures): Explained =>
  explained(areaWords(working.value.v, measures), working)

/** A check as a line beside the figure that leads: its amount, or why there is none. */
export function beside({ label, amount, refusal }: Check, measures: Measures): Beside {
  const value = amount ? weight(amount.value.v, measures) : refusal ? render(refusal, measures) : ''
  return { label: textOf(label), value, working: amount }
}
