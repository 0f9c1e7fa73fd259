import type { GivenLetter, LetterEdit } from '../case/decisions'
import type { Case } from '../case/case'
import { withEntry, type Act } from './act'

const withLetter =
  (parts: (kase: Case) => Partial<Case['letter']>): Act =>
  (kase) => ({ ...kase, letter: { ...kase.letter, ...parts(kase) } })

/** Keeps a letter whole. */
const keepLetter =
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

/**
 * Hands a letter out. Where a checked one stands it is that one, and one that is kept already is not kept again: of both
 * it is noted when they first left the office.
 */
export const handOut =
  (given: GivenLetter): Act =>
  (kase) => {
    const { letters, letter } = kase
    const same = (one: GivenLetter) => letter.frozen === null && one.document === given.document
    const there = letters.find(({ id }) => id === letter.frozen) ?? letters.slice(-1).find(same)
    if (!there) return keepLetter(given)(kase)
    if (there.handed) return kase
    return {
      ...withLetter(() => ({ printedAt: given.handed }))(kase),
      letters: withEntry(letters, there.id, (one) => ({ ...one, handed: given.handed })),
    }
  }

/** Puts a sentence in an advisor's own words; undefined: ours again. */
export const writeSentence = (id: string, edit: LetterEdit | undefined): Act =>
  withLetter(({ letter: { edits } }) => {
    const { [id]: _before, ...others } = edits
    return { edits: edit ? { ...others, [id]: edit } : others }
  })
