import type { StationDefinition } from '../../case/station'

export const reading: StationDefinition = {
  id: 'reading',
  label: 'Reading',
  heading: 'area',
  saysWhose: false,
  wide: true,
  example: [
    ['pH 5.6', 'too acid: tomato does well from 6.0 to 6.8'],
    ['18 ppm P', 'low: wanted 50 to 100 ppm'],
  ],
  keys: [],
  tour: 'What each value means for this crop. The bracket is what the crop wants; the diamond is this soil.',
  load: () => import('./ReadingStation').then((found) => found.ReadingStation),
}
