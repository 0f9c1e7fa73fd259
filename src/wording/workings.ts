import type { Letter } from '../core/letter/letter'
import { stepsOf } from '../core/letter/steps'
import type { Working } from '../core/units/workings'
import { derivation } from './derivation'
import { weight, productWords, type Measures } from './format'
import type { ClientWords } from './languages'

/** The arithmetic behind every amount of a letter, as an appendix. Its rules are worded in English. */
export interface WordedWorkings {
  readonly title: string
  readonly about: string
  readonly amounts: readonly {
    readonly title: string
    readonly steps: readonly { readonly rule: string; readonly arithmetic: string; readonly source: string }[]
  }[]
}

export function wordWorkings(letter: Letter, { letter: own, why }: ClientWords, measures: Measures): WordedWorkings {
  const steps = stepsOf(letter).flatMap(({ steps: ofDay }) => ofDay.flatMap((one) => ('pass' in one ? [one] : [])))
  return {
    title: why.workings,
    about: why.workingsAre,
    amounts: steps.map(
      ({
        area,
        pass: {
          pass: { product, nutrient, amount },
        },
      }) => ({
        title: `${area.name}: ${product ? productWords(product) : own.nutrients[nutrient!]}, ${weight(amount.value.v, measures)}`,
        steps: derivation(amount as Working, measures).map(({ rule, arithmetic, source, inputs }) => ({
          rule,
          arithmetic,
          source: [
            source,
            ...inputs.map(({ label, value, source: from }) => [`${label} ${value}`, from].filter(Boolean).join(', ')),
          ]
            .filter(Boolean)
            .join('; '),
        })),
      }),
    ),
  }
}
