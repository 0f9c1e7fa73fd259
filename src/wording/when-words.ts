import type { LetterPass } from '../core/letter/letter'
import type { Step } from '../core/letter/steps'
import type { Day } from '../core/calendar/day'
import type { ClientWords } from './languages'
import { longDate } from './long-date'

/** `October 2027`, `octubre de 2027`. */
export const monthWords = (day: Day, locale: string): string =>
  new Intl.DateTimeFormat(locale, { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${day}T12:00:00Z`),
  )

/** A pass by its week, where all of that is open for it; one that somebody moved by its day. */
const dateWords = (day: Day, by: LetterPass['by'], { letter, measures }: ClientWords): string => {
  const date = longDate(day, measures.locale)
  return by === 'week' ? letter.week(date) : date
}

/**
 * When the steps of one day are done, as a client needs it: now, in a week, on a day; a soil test by its month.
 *
 * @param today nothing is planned before it
 */
export function whenWords(day: Day | null, steps: readonly Step[], today: Day, words: ClientWords): string {
  const { letter, measures } = words
  if (day === null) return letter.undated
  const passes = steps.flatMap((step) => ('pass' in step ? [step.pass] : []))
  if (passes.length === 0) return monthWords(day, measures.locale)
  const by = passes.some((pass) => pass.by === 'day') ? 'day' : 'week'
  return by === 'week' && day <= today ? letter.now : dateWords(day, by, words)
}
