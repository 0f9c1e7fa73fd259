import type { LetterRow } from '../../core/letter/letter'
import { nutrient } from '../phrase'

/** The words around a letter's sentences. */
export const letter = {
  title: 'What your soil asks for',
  for: 'For',
  what: 'What',
  amount: 'How much at a time',
  when: 'When',
  cautions: 'Before anything goes on',
  nothing: 'Nothing to put on.',
  retest: 'Test again in two to three years, in the same season; sooner after a large lime or sulfur program.',
  schools: (taken: string) => `Where practitioners disagree we followed: ${taken}.`,
  basis: (reports: string) => `Based on: ${reports}.`,
  report: (code: string, laboratory: string, date: string) =>
    ['soil report', code, laboratory && `of ${laboratory}`, date && `of ${date}`].filter(Boolean).join(' '),
  follows:
    'Amounts led by the laboratory are converted to your area; the others follow our guide, with the sources kept in the case.',
  draftedBy: 'Drafted by',
  checkedBy: 'Checked by',
  once: {
    'worked-in': 'once, worked in',
    'on-surface': 'once, on the surface, watered in',
    'then-retest': 'once, then retest',
    spread: 'once, spread evenly',
    'this-year': 'this year, in a product of your choice',
  } satisfies Record<LetterRow['once'], string> as Readonly<Record<LetterRow['once'], string>>,
  inAll: (all: string) => `${all} in all`,
  buy: (bags: string, several: boolean, bag: string) => `buy ${bags} ${several ? 'bags' : 'bag'} of ${bag}`,
  inFeed: (names: string, how: string) => `${names}: ${how}`,
  nutrients: nutrient,
} as const
