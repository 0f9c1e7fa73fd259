/** The stations of a case that there are, in the order in which people work. */
export const stations = [
  'ground',
  'sample',
  'results',
  'reading',
  'amounts',
  'materials',
  'calendar',
  'letter',
  'log',
] as const
export type Station = (typeof stations)[number]
