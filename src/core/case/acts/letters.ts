import type { GivenLetter, LetterEdit } from '../decisions'
import type { Case } from '../case'
import type { Act } from './act'

const withLetter =
  (parts: (kase: Case) => Partial<Case['letter']>): Act =>
  (kase) => ({ ...kase, letter: { ...kase.letter, ...parts(kase) } })

/** Keeps a letter whole, as it was handed out. */
export const keepLetter =
  (given: GivenLetter): Act =>
  (kase) => ({
    ...withLetter(({ letter }) => ({ printedAt: given.handed ?? letter.printedAt }))(kase),
    letters: [...kase.letters, given],
  })

/** Keeps a letter as it was checked: from now on it is the one that stands, whatever becomes of the case. */
export const freezeLetter =
  (given: GivenLetter): Act =>
  (kase) =>
    withLetter(() => ({ frozen: given.id }))(keepLetter(given)(kase))

/** Lets the letter follow the case again. What was checked stays among the letters. */
export const thawLetter: Act = withLetter(() => ({ frozen: null }))

/** Says of a kept letter when it first left the office. */
export const handOutLetter =
  (id: string, at: string): Act =>
  (kase) => ({
    ...withLetter(() => ({ printedAt: at }))(kase),
    letters: kase.letters.map((one) => (one.id === id ? { ...one, handed: one.handed ?? at } : one)),
  })

/** Puts a sentence in an advisor's own words; undefined: ours again. */
export const writeSentence = (id: string, edit: LetterEdit | undefined): Act =>
  withLetter(({ letter: { edits } }) => {
    const { [id]: _before, ...others } = edits
    return { edits: edit ? { ...others, [id]: edit } : others }
  })
