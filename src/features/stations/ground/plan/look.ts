/** The app's colours, for what is drawn on a canvas. */
export const look = {
  paper: '#f7f3ea',
  sheet: '#fffdf8',
  wash: '#f4eedd',
  rule: '#d8cdb8',
  edge: '#8b8570',
  ink: '#20281f',
  ink2: '#555c4b',
  moss: '#2f5a3d',
  clay: '#93401f',
  slate: '#33526b',
  here: '#dfe8d6',
} as const
