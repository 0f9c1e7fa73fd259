import type { StationDefinition } from '../../case/station'

export const log: StationDefinition = {
  id: 'log',
  label: 'Log',
  heading: 'station',
  saysWhose: false,
  wide: false,
  example: [
    ['1 Nov 2026', '15 lb pelletized lime, as planned'],
    ['10 May 2027', '1 lb 21-0-0, other than planned'],
  ],
  keys: [{ keys: 'Enter', does: 'log the line that is typed' }],
  tour: 'What was really done, a line each. In two years it tells whether it worked. That is all: start with the counter sheet.',
  load: () => import('./LogStation').then((found) => found.LogStation),
}
