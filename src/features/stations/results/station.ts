import type { StationDefinition } from '../../case/station'

export const results: StationDefinition = {
  id: 'results',
  label: 'Results',
  heading: 'area',
  saysWhose: false,
  wide: true,
  example: [
    ['pH in water', '5.6'],
    ['Phosphorus, P', '18 ppm'],
  ],
  keys: [
    { keys: 'Enter', does: 'down the report, line by line' },
    { keys: '23 ppm, <5, 6.0–6.5, low', does: 'values with a unit, limits, ranges and words' },
    { keys: 'Ctrl+V', does: 'a block from a spreadsheet, pasted into a line' },
  ],
  tour: 'The paper that the client brought. Type a value, press Enter, and the next line is there. Units may be typed too.',
  load: () => import('./ResultsStation').then((found) => found.ResultsStation),
}
