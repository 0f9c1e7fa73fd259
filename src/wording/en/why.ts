import { classWord, lineName } from '../phrase'
import { missingTests } from '../interface/missing'

/** The words of a letter's page of reasons. */
export const why = {
  title: 'Why',
  of: (client: string) => `The reasons behind the letter${client ? ` for ${client}` : ''}`,
  reported: 'Report says',
  wanted: 'Wanted',
  rated: 'That is',
  from: (low: string) => `from ${low}`,
  upTo: (high: string) => `up to ${high}`,
  between: (low: string, high: string) => `${low} to ${high}`,
  either: (low: string, high: string) => `${low} or ${high}`,
  missing: 'What the report does not say',
  mayChange: 'It could change an amount.',
  plan: 'Your ground',
  asDrawn: 'As drawn, to scale.',
  sideBySide: 'Sizes to one scale, side by side; this is not a map.',
  north: 'N',
  strip: 'When',
  stripTo: (year: string) => `Shown to the end of ${year}; later days are on the first page.`,
  test: 'new soil test',
  workings: 'Workings',
  workingsAre: 'How each amount was reckoned, step by step.',
  name: lineName,
  className: classWord,
  missingTests,
} as const
