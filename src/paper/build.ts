import type { Case } from '../core/case/case'
import type { Letter } from '../core/letter/letter'
import type { Language } from '../core/sentence/text'
import { changesBetween, type LetterChange } from '../wording/changes'
import type { ClientWords } from '../wording/languages'
import { wordLetter } from '../wording/letter'
import type { WordedWhy } from '../wording/why'
import { wordWorkings } from '../wording/workings'
import type { Paper, PaperChanges, PaperHead } from './paper'

interface Parts {
  readonly letter: Letter
  /** Null where its page does not go with the letter. */
  readonly why: WordedWhy | null
  readonly head: PaperHead | null
  readonly words: ClientWords
  readonly language: Language
  /** The letter that was handed out before, in the same language. */
  readonly before: Paper | null
}

/** The letter of a case as a paper, with the pages that its settings ask for. */
export function paperOf(kase: Case, { letter, why, head, words, language, before }: Parts): Paper {
  const { edits, bothMeasures, workings } = kase.letter
  const worded = wordLetter(letter, words, language, kase.measures, { edits, bothMeasures })
  return {
    format: 1,
    language,
    sheet: kase.measures === 'feet' ? 'letter' : 'a4',
    head,
    letter: worded,
    changes: before && changesOn(before, worded, words),
    why,
    workings: workings ? wordWorkings(letter, words, kase.measures) : null,
  }
}

/** Reasons beyond these are counted: the letter has them all above. */
const mostReasons = 4

/** What is told of what changed since the letter before; what that one told where no amount did. */
function changesOn(before: Paper, now: Paper['letter'], { letter: own }: ClientWords): PaperChanges | null {
  const { amounts, reasons } = changesBetween(before.letter, now)
  // What was new in a letter is new in it when it is handed out once more.
  if (amounts.length === 0) return before.changes
  const named = ({ area, what }: LetterChange) => [area, what].filter(Boolean).join(', ')
  const because = reasons.filter(({ after }) => after !== '')
  return {
    title: own.changed(before.letter.date),
    lines: [
      ...amounts.map((one) => own.changedTo(named(one), one.before, one.after)),
      ...because.slice(0, mostReasons).map((one) => own.because(one.area, one.after)),
      ...(because.length > mostReasons ? [own.moreReasons(because.length - mostReasons)] : []),
    ],
  }
}
