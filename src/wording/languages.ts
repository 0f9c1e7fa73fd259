import { cautions } from './en/cautions'
import { fieldSheet, steps } from './en/field-sheet'
import { letter } from './en/letter'
import { matters } from './en/matters'
import { why } from './en/why'
import { measures, type MeasureWords } from './en/measures'
import type { Phrases } from './phrase'
import type { Worded } from './worded'

/** What each language has, key for key: English says what there is, and another that lacks a key does not compile. */
export type MatterWords = Pick<Phrases, keyof typeof matters>
export type LetterWords = Worded<typeof letter>
export type StepWords = Pick<Phrases, keyof typeof steps>
export type WhyWords = Worded<Omit<typeof why, 'missingTests'>> & {
  readonly missingTests: Pick<Phrases, keyof (typeof why)['missingTests']>
}
export type FieldSheetWords = Worded<typeof fieldSheet>

/** Everything that is said to a client in one language. */
export interface ClientWords {
  readonly matters: MatterWords
  readonly cautions: Readonly<Record<keyof typeof cautions, string>>
  readonly letter: LetterWords
  readonly measures: MeasureWords
  readonly steps: StepWords
  readonly fieldSheet: FieldSheetWords
  readonly why: WhyWords
}

export const english: ClientWords = { matters, cautions, letter, measures, steps, fieldSheet, why }
