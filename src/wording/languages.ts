import { cautions } from './en/cautions'
import { letter } from './en/letter'
import { matters } from './en/matters'
import { measures, type MeasureWords } from './en/measures'
import type { Phrase } from './phrase'
import type { Worded } from './worded'

/** What each language has, key for key: English says what there is, and another that lacks a key does not compile. */
export type MatterWords = Readonly<Record<keyof typeof matters, Phrase>>
export type LetterWords = Worded<typeof letter>

/** Everything that is said to a client in one language. */
export interface ClientWords {
  readonly matters: MatterWords
  readonly cautions: Readonly<Record<keyof typeof cautions, string>>
  readonly letter: LetterWords
  readonly measures: MeasureWords
}

export const english: ClientWords = { matters, cautions, letter, measures }
