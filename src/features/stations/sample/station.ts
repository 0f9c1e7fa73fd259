import { fieldKey, type StationDefinition } from '../../case/station'

export const sample: StationDefinition = {
  id: 'sample',
  label: 'Sample',
  heading: 'station',
  saysWhose: true,
  wide: false,
  example: [
    ['GRD-1', 'Front bed: 10 cores, 0 to 6 in, 2 cups of the mix'],
    ['GRD-2', 'Back lawn: 10 cores, 0 to 4 in'],
  ],
  keys: [fieldKey, { keys: 'Enter', does: 'takes the reading that is typed, for the next one' }],
  tour: null,
  load: () => import('./SampleStation').then((found) => found.SampleStation),
}
