import type { Misfit } from '@/core/shape/shape'
import type { Progress } from '@/core/plan/progress'

const count = (n: number) => n.toLocaleString('en')
/** What may become too many. */
const things: Readonly<Record<string, string>> = {
  areas: 'areas',
  shapes: 'shapes in one area',
  points: 'corners on the plan',
  samples: 'samples',
  reports: 'reports',
  spotChecks: 'spot readings',
  applications: 'entries of what was put on',
  originals: 'files beside one report',
  seasons: 'years of one area',
}

export const en = {
  progress: { empty: 'empty', started: 'in progress', settled: 'settled', 'not-needed': 'not needed' } satisfies Record<
    Progress,
    string
  >,
  stationsLabel: 'Stations of the case',
  unnamed: 'New case',
  keeping: {
    kept: 'Kept on this machine',
    saving: 'Keeping…',
    refused: 'Not kept',
    unreadable: 'Cannot be read',
    outdated: 'Not kept',
    damaged: 'Damaged',
  },
  unreadable:
    'The browser’s database cannot be opened just now, so this case cannot be shown. It is not gone. Close other tabs of Agrologos, or wait a moment, and load this page again.',
  again: 'Load again',
  refused:
    'This browser refuses to keep the case (a private window, or no room left). It is safe on this page until you close it.',
  untaken: ({ path, why, most = 0, is = 0 }: Misfit) =>
    why === 'long'
      ? `Not taken: ${count(is)} characters, and ${count(most)} can be kept there.`
      : why === 'many'
        ? `Not taken: that would make ${count(is)} ${things[path.at(-1) ?? ''] ?? 'entries'}, and a case holds ${count(most)}. Begin another case for the rest.`
        : 'Not taken: it does not fit this case, or this browser refuses to keep more. The case stays as it is.',
  outdated:
    'A newer version of Agrologos is open in another tab, and this page can no longer write beside it. What was kept is there; what you type here from now on is not. Load this page again to go on.',
  damaged:
    'Something in this case is damaged, so it cannot be shown. It is still there. Save it as it is, to be looked at; then what can be read of it can take its place.',
  saveRaw: 'Save it as it is',
  repair: 'Save it, and keep what can be read',
  beyondRepair: 'Nothing of it can be read.',
  rescue: 'Get everything out of this browser',
  saveFile: 'Save as a file',
  tryAgain: 'Try again',
  broke: (name: string) => `${name} broke, and it is not your doing.`,
  brokeLead:
    'What you typed is kept. The other stations go on working, and this one is tried anew when something changes.',
  areasRail: 'The list of areas',
  workingsPanel: 'The workings',
  gone: 'There is no case here. It may have been removed, or lives in another browser.',
  toDesk: 'To the Desk',
  loading: 'Opening the case…',
} as const
