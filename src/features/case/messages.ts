import type { Progress, Station } from '@/core/case/progress'

export const en = {
  stations: {
    ground: 'Ground',
    sample: 'Sample',
    results: 'Results',
    reading: 'Reading',
    amounts: 'Amounts',
    materials: 'Materials',
    letter: 'Letter',
  } satisfies Record<Station, string>,
  progress: { empty: 'empty', started: 'in progress', settled: 'settled', 'not-needed': 'not needed' } satisfies Record<
    Progress,
    string
  >,
  stationsLabel: 'Stations of the case',
  unnamed: 'New case',
  keeping: { kept: 'Kept on this machine', saving: 'Keeping…', refused: 'Not kept', unreadable: 'Cannot be read' },
  unreadable:
    'The browser’s database cannot be opened just now, so this case cannot be shown. It is not gone. Close other tabs of Agrologos, or wait a moment, and load this page again.',
  again: 'Load again',
  refused:
    'This browser refuses to keep the case (a private window, or no room left). It is safe on this page until you close it.',
  saveFile: 'Save as a file',
  tryAgain: 'Try again',
  gone: 'There is no case here. It may have been removed, or lives in another browser.',
  toDesk: 'To the Desk',
  loading: 'Opening the case…',
} as const
