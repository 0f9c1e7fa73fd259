import { longDate } from './long-date'
import type { LetterReport } from '../core/letter/letter'
import type { ClientWords } from './languages'

/** Which report, of whom and when. */
export const reportWords = (
  { kind, code, laboratory, date }: LetterReport,
  { letter, measures }: ClientWords,
): string => letter.report(kind, code, laboratory, longDate(date, measures.locale))
