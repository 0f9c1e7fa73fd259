import type { StationDefinition } from '../../case/station'

export const history: StationDefinition = {
  id: 'history',
  label: 'History',
  heading: 'station',
  saysWhose: false,
  wide: false,
  example: [['14:05', 'Front bed, Size: 12x18']],
  keys: [],
  tour: null,
  load: () => import('./HistoryView').then((found) => found.HistoryView),
}
