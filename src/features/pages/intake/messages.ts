export const en = {
  title: 'Intake',
  desk: 'To the Desk',
  lead: 'A laboratory’s file of many samples: each goes to the case of its client, or makes one. Nothing that is there is overwritten.',
  unread: 'The cases of this browser cannot be opened just now, so nothing can be matched or taken in.',
  choose: 'Choose a file of results',
  drop: 'or drop it anywhere on this page',
  several: 'One file at a time: the first of them is opened.',

  homes: (homes: number, samples: number) =>
    `${samples.toLocaleString('en-US')} ${samples === 1 ? 'sample' : 'samples'} of ${homes.toLocaleString('en-US')} ${homes === 1 ? 'home' : 'homes'}`,
  counted: (known: number, made: number, open: number) =>
    [`${known} to cases that are here`, `${made} new`, open > 0 && `${open} to be decided`].filter(Boolean).join(', '),
  noClient: 'no name in the file',
  noClientAtAll:
    'No column is taken for the client: every sample would become a case of its own. Say above which column has the names.',
  client: 'Client and place',
  samples: 'Samples',
  by: {
    code: 'by the code on the bag',
    'name-and-place': 'by name and place',
    name: 'by the name alone',
    new: 'a new case',
  },
  namesake: 'another home in this file has this name',
  ask: 'Which one is it?',
  askCode: 'This code is on a bag of another name. Whose is it?',
  makeNew: 'a new case',
  leave: 'leave it out',
  undecided: 'choose',
  choice: (client: string) => `Case of ${client || 'this sample'}`,
  take: (homes: number) => `Take in ${homes.toLocaleString('en-US')} ${homes === 1 ? 'home' : 'homes'}`,
  stillOpen: (count: number) =>
    `${count} ${count === 1 ? 'home waits' : 'homes wait'} for a word and would be left out.`,
  pileTold: (known: number, gone: number) =>
    [
      known > 0 &&
        ` ${known === 1 ? 'One report was' : `${known} reports were`} there already and stayed as they were.`,
      gone > 0 && ` ${gone === 1 ? 'One case was' : `${gone} cases were`} gone or could not be read, and left out.`,
    ]
      .filter(Boolean)
      .join(''),
  taking: 'Putting them into the cases',
  stop: 'Stop',
  stopped: 'Stopped. Nothing of the file was taken in.',
  refused: 'The browser did not keep them: it may be full. Nothing of the file was taken in.',

  piles: 'Piles',
  noPiles: 'What came of a file waits here as a pile, to be looked at case by case.',
  pile: (name: string, seen: number, all: number) => `${name}: ${seen} of ${all} looked at`,
  open: 'Go on',
  remove: 'Take the pile away',
  pileGone: (name: string) => `The pile of ${name} is taken away; its cases stay.`,
  removeTold: 'Only the pile goes; its cases stay.',
  gone: 'This pile is no longer here.',
  toPiles: 'All piles',

  nth: (at: number, all: number) => `${at} of ${all}`,
  next: 'Next',
  back: 'Back',
  openCase: 'Open the case',
  noCase: 'This case is no longer here.',
  caseDamaged: 'This case cannot be read. The Desk tells more.',
  loading: 'Opening…',
  unnamed: 'no name',
  nothing: 'Nothing to look at.',
  noSize: 'Its size is not known.',
  noCrop: 'Its crop is not known. What the file says of it is in the name.',
  doubt: 'Doubtful',
  hold: 'Check first',
  keys: 'Enter goes on.',

  done: 'All are looked at.',
  notAll: (left: number) => `${left} ${left === 1 ? 'is' : 'are'} not looked at yet.`,
  pdf: 'One PDF of all letters',
  csv: 'What was recommended, as a table',
  making: 'Writing the letters',
  made: (letters: number, drafts: number, without: number, missing: readonly string[]) =>
    `${[
      `${letters} ${letters === 1 ? 'letter' : 'letters'} in one PDF, each kept in its case`,
      drafts > 0 && `${drafts} of them ${drafts === 1 ? 'is a draft' : 'are drafts'}: a figure is to be confirmed`,
      without > 0 &&
        `${without} ${without === 1 ? 'case has' : 'cases have'} no letter yet: a size, a crop or a report is missing`,
      missing.length > 0 && `the fonts have no letters for ${missing.join(' ')}: boxes stand there`,
    ]
      .filter(Boolean)
      .join('; ')}.`,
  pdfFailed: 'The PDF could not be made here. The letters can be printed case by case.',
  noLetters: 'None of these cases has a letter yet: sizes, crops or reports are missing.',
  csvName: (name: string) => `recommended, ${name}.csv`,
  pdfName: (name: string) => `letters, ${name}.pdf`,
  csvHeads: ['Client', 'Place', 'Area', 'Size', 'Crop', 'Report', 'What', 'At a time', 'In all, lb', 'When'],
} as const
