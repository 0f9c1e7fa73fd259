import type { Station } from '@/core/progress'

export const en = {
  title: 'Desk',
  start: 'Start a case',
  counter: 'Counter sheet',
  counterWhy: 'A client is waiting: a pH, a crop and a size give the answer at once.',
  startWhy: 'A property with its areas, its reports and a letter to take home.',
  samples: 'Load the sample cases',
  samplesWhy: 'Three cases of an invented office, to look around in. They can be removed again.',
  removeSamples: 'Remove the sample cases',
  open: 'Open a case file',
  empty: 'Nothing on the Desk yet.',
  emptyLead: 'Everything you type is kept in this browser, on this machine, and nowhere else.',
  waits: {
    ground: 'waits for its ground',
    results: 'waits for a report',
    amounts: 'waits for amounts',
    materials: 'waits for materials',
    letter: 'waits for its letter',
  } satisfies Record<Station, string>,
  noAreas: 'no areas yet',
  unnamed: 'Unnamed case',
  sample: 'sample',
  changed: 'changed',
  client: 'Client and place',
  areas: 'Areas',
  next: 'Next',
  refused:
    'This browser refuses to keep anything (a private window, or no room left). You can work, but save each case as a file before you close it.',
  fileProblems: {
    'not-json': 'That is not a case file: it is not JSON. Case files end in .json and are saved from a case.',
    'not-a-case': 'That file is not a case, or parts of it are damaged, so nothing was taken from it.',
    newer: 'That case was saved by a newer version of Agrologos. Update this one, then open it again.',
    'too-large': 'That file is over 2 MB, which no case is.',
  },
  notKept: 'The file is in order, but this browser refuses to keep it.',
} as const
