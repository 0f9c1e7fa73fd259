import type { LineField } from '@/core/report/line-fields'
import type { ReportKind } from '@/core/report/kinds'
import { recommendedIn } from '@/core/report/lines'
import { testOf, type MeasuredField } from '@/core/report/tests'
import { each } from '@/core/shape/shape'
import { otherNutrients } from '@/core/units/quantity'
import { textOf } from '@/wording/render'

const recommend = {
  lime: 'Lime',
  sulfur: 'Sulfur',
  N: 'Nitrogen, N',
  'P₂O₅': 'Phosphate, P₂O₅',
  'K₂O': 'Potash, K₂O',
  ...each(otherNutrients, (of) => textOf(testOf(of).label)),
  S: 'Sulfur as a nutrient, S',
  limeDepth: 'Depth its lime means',
} as const

export const en = {
  code: 'Sample code',
  laboratory: 'Laboratory, kit or meter',
  date: 'Date',
  pHIn: { water: 'pH in water', salt: 'pH in salt (CaCl₂)' },
  buffer: 'Buffer',
  bufferNone: 'none on the report',
  bufferPH: (kind: string | null) => (kind ? `${kind} buffer pH` : 'Buffer pH'),
  extractant: 'Extractant of P, K and Mg',
  extractantNone: 'choose what the report names',
  unit: 'Reported in',
  tests: 'What it measured',
  recommends: 'What the laboratory itself recommends',
  figuresFor: 'The lab’s figures were printed for',
  whichCrop: 'which crop?',
  allCrops: 'all crops alike',
  recommendsLead: 'A printed amount leads, ours stands beside it. Type 0 where it says none.',
  recommend,
  unitOf: (what: string) => `Unit of ${what}`,
  limeMeans: 'Its lime is',
  limeMeansNames: { product: 'lime as sold', pure: 'pure CaCO₃ (ECCE)', ENM: 'ENM' },
  depthUnknown: 'not stated',
  next: 'What it means',
  toAmounts: 'See the amounts',
  noArea: 'Make an area on Ground first; the report belongs to it.',

  reportsOf: (area: string) => `Reports of ${area}`,
  inForce: 'in force',
  putInForce: 'Put it in force',
  notInForce: 'This is an earlier report. Amounts and letter go by the one in force.',
  undated: 'no date yet',
  another: 'Another report',
  kinds: {
    laboratory: 'laboratory',
    index: 'index or words',
    words: 'words',
    mix: 'soilless mix',
    kit: 'home kit',
    meter: 'meter',
  } satisfies Record<ReportKind, string>,
  whichUnit: 'in which unit?',
  newTitle: 'Another report',
  newLead: 'Choose how it comes in. The one in force stays until you put the new one in its place.',
  typeIt: 'Type it, as this paper lists it',
  bringIt: 'Bring it in',
  paste: 'Paste from a spreadsheet',
  importFile: 'Import a file',
  kit: 'Read a colour kit',
  drops: 'Enter a drop count',
  spotsRead: (count: number, pH: string) =>
    `${count} spot reading${count === 1 ? ' was' : 's were'} taken here: pH ${pH}.`,
  meter: (count: number) => `Take ${count} spot reading${count === 1 ? '' : 's'} over`,
  meterName: (readers: readonly string[]) => ['pH meter, spot checks', ...readers].join(', '),
  paper: 'The paper',
  speaksOf: 'It speaks of',
  layout: 'Typed as on',
  ownOrder: 'an order of its own',
  arrange: 'Arrange as on the paper',
  addLine: 'Add a line that it measured',
  addRecommended: 'Add a line that it recommends',
  addAny: 'Add a line',
  removeReport: 'Remove this report',
  remedy: {
    text: (text: string) => `Take ${text}`,
    unit: (unit: string) => `They are in ${unit}`,
    rate: (unit: string) => `It is in ${unit}`,
    buffer: (kind: string) => `It is ${kind}`,
  },

  arrangeTitle: 'As on the paper',
  arrangeLead:
    'Put the lines in the order in which this paper prints them, each in its unit. Then keep it: the next report of this laboratory is typed straight down.',
  drag: (what: string) => `Drag ${what}`,
  takeOut: (what: string) => `Take ${what} out`,
  layoutName: 'Name of this paper',
  layoutExample: 'Vale soil room, garden test',
  keepLayout: 'Keep it for the next',
  done: 'Only for this report',
  cancel: 'Leave it as it was',
  removeLayout: (name: string) => `Forget ${name}`,
  filled: 'filled in',

  pasteTitle: 'Paste from a spreadsheet',
  pasteLead:
    'Copy the rows with their names and paste them here. Names may run across or down; units may stand in the names or beside them.',
  pasteHere: 'The rows',
  pasteNothing: 'No names of tests in this yet. It needs a row or column with names such as pH, P, K, Organic matter.',
  putIn: (count: number) => `Put ${count === 1 ? 'one value' : `${count} values`} in`,
  sampleOf: 'Which sample',

  importTitle: 'Import a file of results',
  importLead:
    'A CSV or text file from the laboratory, with one sample or thousands. Nothing is taken in before you say so.',
  importChoose: 'Choose a file',
  fileFaults: {
    'too-large': 'This file is larger than 60 MB. Ask the laboratory for this season’s results only.',
    spreadsheet: 'This is a workbook, not a CSV file. Open it in a spreadsheet program and save it as CSV.',
    pdf: 'This is a PDF. Open the case that it belongs to and drop it there: its values are read off the page.',
    unreadable: 'This file cannot be read. Is it a CSV or text file?',
    nothing: 'No names of tests were found in this file. Say below what its columns hold.',
  },
  about: (rows: number, encoding: string, separator: string) =>
    `${rows.toLocaleString('en-US')} rows, ${encoding}, parted by ${separator}`,
  separators: { ',': 'commas', ';': 'semicolons', '\t': 'tabs', '|': 'bars' },
  columns: 'What its columns hold',
  columnName: 'In the file',
  columnMeaning: 'is',
  columnUnit: 'in',
  columnSample: 'first rows',
  ignore: 'left out',
  unitNone: 'choose the unit',
  unitAsk: (names: string) => `No unit stands by ${names}. Without one it is left out.`,
  unitsForAll: 'Elements without a unit are in',
  decimal: 'Decimals have a',
  decimals: { point: 'point (1.25)', comma: 'comma (1,25)' },
  decimalAsk: 'This file has numbers like 1,250: say what parts the decimals.',
  dates: 'Dates have the',
  dateOrders: { 'month-first': 'month first', 'day-first': 'day first' },
  meaningsBeside: {
    code: 'sample code',
    date: 'date',
    laboratory: 'laboratory',
    client: 'client',
    place: 'property or address',
    area: 'name of the area',
    crop: 'crop',
    size: 'size of the area',
    test: 'name of the test',
    result: 'result',
    unit: 'unit',
  },
  read: 'Read the samples',
  reading: 'Reading the file',
  stop: 'Stop',
  stopped: 'Stopped. Nothing was taken in.',
  listed: (count: number, stray: number, without: number, beyond: number) =>
    [
      `${count.toLocaleString('en-US')} sample${count === 1 ? '' : 's'}`,
      stray > 0 ? `${stray.toLocaleString('en-US')} row${stray === 1 ? '' : 's'} without a result passed over` : '',
      without > 0
        ? `${without.toLocaleString('en-US')} value${without === 1 ? '' : 's'} in no known unit left out`
        : '',
      beyond > 0
        ? `${beyond.toLocaleString('en-US')} row${beyond === 1 ? '' : 's'} at the end not read: a file is read up to 200,000 rows, so part it`
        : '',
    ]
      .filter(Boolean)
      .join(', '),
  find: 'Find a code',
  values: (count: number) => `${count} value${count === 1 ? '' : 's'}`,
  forArea: 'is of',
  noneHere: 'none of these',
  noCode: 'no code',
  takeIn: (count: number) => (count === 1 ? 'Take one report in' : `Take ${count} reports in`),
  matched: 'Codes that are known in this case are chosen already.',

  originals: 'The original',
  attach: 'Attach a PDF or photo',
  originalFaults: {
    'too-large': 'This file is larger than 25 MB. Scan it at 300 dpi in grey, or photograph it again.',
    empty: 'This file is empty.',
    'wrong-kind': 'This is neither a PDF nor a photo (PNG, JPEG or WebP). Photograph the report, or save it as PDF.',
    broken: 'This file cannot be opened: it is damaged. Attach it again.',
    locked: 'This PDF asks for a password. Save a copy without one.',
    refused: 'This browser has no room for it. Make a backup, then remove what you no longer need.',
    gone: 'The file itself is not in this browser: it stayed where it was attached, or in its backup.',
  },
  show: (name: string) => `Read ${name} beside the lines`,
  hide: 'Put it away',
  detach: (name: string) => `Detach ${name}`,
  turn: 'Turn',
  larger: 'Larger',
  smaller: 'Smaller',
  page: (page: number, all: number) => `Page ${page} of ${all}`,
  opening: 'Opening…',

  readTitle: 'Read off the paper',
  readIt: 'Read its values',
  readPaper: 'Read a PDF',
  readingPaper: 'Reading the paper…',
  readLead: (count: number, open: number) =>
    open === 0
      ? `${count} value${count === 1 ? '' : 's'} found, each marked on the paper; what has no mark was not read. Look, then take them in.`
      : `${count} value${count === 1 ? '' : 's'} found, each marked on the paper. ${open === 1 ? 'One needs' : `${open} need`} a word from you; what stays open is left out, and what has no mark was not read.`,
  readNothing: {
    'no-values': 'No values were found on this paper. Attach it and type beside it.',
    'no-text': 'This PDF is a picture without text: a scan. Attach it and type beside it.',
    photo: 'Values are not read off a photo. Attach it and type beside it.',
  },
  droppedWaits: 'The paper that you dropped waits here until there is an area.',
  readUnread: (count: number) => `Only its first 20 pages were read; ${count} more were not.`,
  readTaken: (count: number, reports: number) =>
    `Take ${count === 1 ? 'one value' : `${count} values`} in${reports > 1 ? `, as ${reports} reports` : ''}`,
  readLeft: (names: string) => `Of no area here, and left out: ${names}.`,
  readMeasured: 'With what was measured above, and:',
  readAttach: 'Attach it only',
  readNoRoom: 'This browser has no room for the file. The values can be taken in without it.',
  readWithout: 'Take the values in without the file',
  readPages: 'The paper',
  readThere: 'This paper is in the case already. Taking it in makes a second report of it.',
  readNone: 'Say below which area it is of.',
  readEntry: (sample: string, crop: string) =>
    [sample ? `Sample ${sample}` : 'This sample', crop && `for ${crop}`].filter(Boolean).join(', '),
  readOf: 'is of',
  readIs: (name: string) => `${name} is`,
  readValue: (name: string) => `${name}: value`,
  readUnit: (name: string) => `${name}: unit`,
  readWanted: 'left out',
  readWhat: 'say what it is',
  readThis: 'It is this one',
  readKept: (lines: string) => `Typed already, and kept as typed: ${lines}.`,
  readOpen: {
    name: 'This name is not known. Say what it is, or leave it out.',
    unit: 'No unit stands by it. Choose one.',
    several: 'Two numbers could be meant. Choose one.',
    range: 'This can hardly be so. Look at the paper, and type what it says.',
  },

  kitTitle: 'Read a colour kit',
  kitLead:
    'Hold the vial before the chart, in daylight and not in the sun. Mark the two patches it lies between. One patch where it is that very colour.',
  kitSimulated: 'The vial shown is simulated, and so is what it says: the report and the letter say so.',
  ownVial: 'Mark the patches of your own chart that your vial lies between.',
  whoseVial: 'The vial',
  whose: { shown: 'shown here, simulated', own: 'my own, in my hand' },
  kitTest: 'Test',
  kitTests: { pH: 'pH', P: 'Phosphorus', K: 'Potassium', nitrate: 'Nitrate-N' },
  light: 'Light',
  lights: { lamp: 'warm lamp', day: 'daylight', shade: 'dim shade' },
  lightNote: 'Under a warm lamp yellows look paler and blues greener. Read it again by daylight before it counts.',
  patch: (label: string) => `Patch ${label}`,
  vial: 'The vial, simulated',
  newVial: 'Another vial',
  newVials: 'New vials',
  lies: (text: string) => `It lies at ${text}.`,
  kitTooFar: 'The two patches must be neighbours. Mark one patch, or two side by side.',
  kitTake: (text: string) => `Put ${text} on the report`,
  kitTakeAll: (count: number) => `Put ${count} readings on their reports`,
  kitName: (simulated: boolean, light: string | null) =>
    ['Colour kit', simulated && 'simulated vial', light && `by ${light}`].filter(Boolean).join(', '),
  dropsTitle: 'A drop count',
  dropsLead:
    'Count the drops until the colour turns. The turn came with the last drop, so the value lies between one drop fewer and this many.',
  dropsTest: 'What is counted',
  dropsEach: 'Each drop stands for',
  dropsCount: 'Drops',
  dropsFault: 'Type whole drops, like 7, and what one stands for, like 10.',
  dropsTake: (text: string) => `Put ${text} on the report`,

  fetch: 'Fetch from the laboratory',
} as const

/** A line's label. */
export const lineLabel = (field: LineField, buffer: string | null = null, pHIn: 'water' | 'salt' = 'water'): string => {
  if (field === 'pH') return en.pHIn[pHIn]
  if (field === 'bufferPH') return en.bufferPH(buffer)
  const recommended = recommendedIn(field)
  return recommended ? recommend[recommended] : textOf(testOf(field as MeasuredField).label)
}
