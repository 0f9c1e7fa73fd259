import { fieldKey, type StationDefinition } from '../../case/station'

export const ground: StationDefinition = {
  id: 'ground',
  label: 'Ground',
  heading: 'station',
  saysWhose: false,
  wide: true,
  example: [
    ['Front bed', '12 ft × 18 ft, tomato, loam'],
    ['Back lawn', '0.1 acre, tall fescue, clay'],
  ],
  keys: [
    fieldKey,
    { keys: '12x18, 30 ft circle, 2 @ 4x8 - 3x3', does: 'sizes are typed as sums, and told back' },
    { keys: 'On the plan: arrow keys', does: 'move the shape that is chosen' },
    { keys: 'On the plan: Enter, Escape', does: 'close the shape that is drawn; leave off drawing' },
  ],
  tour: null,
  load: () => import('./GroundStation').then((found) => found.GroundStation),
}
