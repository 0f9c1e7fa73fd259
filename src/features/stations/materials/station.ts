import { arrowKeys, fieldKey, type StationDefinition } from '../../case/station'

export const materials: StationDefinition = {
  id: 'materials',
  label: 'Materials',
  heading: 'area',
  saysWhose: false,
  wide: false,
  example: [
    ['Lime', 'one 40 lb bag, pelletized: 15 lb of it'],
    ['Nitrogen', '21-0-0, 2 lb: about 4 cups'],
  ],
  keys: [fieldKey, arrowKeys],
  tour: 'Which bag. Each line is a product, measured out for this bed, with what it would leave short or bring too much.',
  load: () => import('./MaterialsStation').then((found) => found.MaterialsStation),
}
