import { arrowKeys, type StationDefinition } from '../../case/station'

export const amounts: StationDefinition = {
  id: 'amounts',
  label: 'Amounts',
  heading: 'area',
  saysWhose: false,
  wide: false,
  example: [
    ['Lime', '15 lb, worked in: 70 lb per 1,000 ft²'],
    ['Nitrogen', '7 oz, half of it at planting'],
  ],
  keys: [{ keys: 'Enter on a figure', does: 'open its workings' }, arrowKeys],
  tour: 'How much of what, for this bed. A figure with dots under it opens: every step, every source. Try one.',
  load: () => import('./AmountsStation').then((found) => found.AmountsStation),
}
