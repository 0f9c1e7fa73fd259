import type { StationDefinition } from '../../case/station'

export const calendar: StationDefinition = {
  id: 'calendar',
  label: 'Calendar',
  heading: 'station',
  saysWhose: false,
  wide: false,
  example: [
    ['1 Nov', 'Front bed: 15 lb lime'],
    ['10 May', 'Front bed: 1 lb of 21-0-0'],
  ],
  keys: [
    { keys: 'Left, right on a pass', does: 'try it a day earlier or later; with Shift a month' },
    { keys: 'Enter, Escape on a pass', does: 'keep the day that is tried; leave it' },
  ],
  tour: 'When. Days follow from frost, crop and what went on before. Drag a pass to move it.',
  load: () => import('./CalendarStation').then((found) => found.CalendarStation),
}
