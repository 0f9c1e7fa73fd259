import type { Crop } from './crop'
import type { CropId } from './crops'

/** What people call a crop at the counter, to find it by. Plurals are known without. */
const alsoCalled: Readonly<Partial<Record<CropId, readonly string[]>>> = {
  'mixed-vegetables': ['garden', 'vegetable garden', 'veggies', 'raised bed'],
  'sweet-corn': ['corn'],
  tomato: ['eggplant', 'aubergine', 'cucumber', 'pumpkin', 'zucchini', 'cantaloupe', 'watermelon', 'peppers'],
  cabbage: ['broccoli', 'cauliflower', 'kale', 'collards', 'brussels sprouts', 'cole crops'],
  onion: ['shallot', 'scallion'],
  beans: ['green beans', 'snap beans', 'peas'],
  roots: ['radish', 'parsnip', 'rutabaga'],
  potato: ['spud', 'taters'],
  'leafy-greens': ['lettuce', 'spinach', 'chard', 'salad'],
  herbs: ['basil', 'parsley', 'thyme'],
  'annual-flowers': ['annuals', 'petunia', 'marigold', 'flower bed'],
  'kentucky-bluegrass': ['turf', 'grass', 'bluegrass', 'kbg', 'lawn'],
  'tall-fescue': ['turf', 'grass', 'fescue', 'lawn'],
  'fine-fescue': ['turf', 'grass', 'creeping red fescue', 'shade lawn'],
  'perennial-ryegrass': ['ryegrass', 'rye lawn', 'turf'],
  bermuda: ['bermudagrass', 'turf', 'grass'],
  zoysia: ['zoysiagrass', 'turf'],
  centipede: ['centipedegrass', 'turf'],
  'st-augustine': ['saint augustine', 'carpet grass', 'turf'],
  buffalograss: ['buffalo grass', 'turf'],
  'highbush-blueberry': ['blueberry', 'half-high blueberry', 'rabbiteye blueberry'],
  aronia: ['chokeberry'],
  raspberry: ['brambles', 'caneberry'],
  grape: ['vines', 'gooseberry'],
  apple: ['crabapple'],
  'stone-fruit': ['nectarine', 'apricot', 'plum tree', 'cherry tree', 'peach tree'],
  rhododendron: ['azalea', 'camellia', 'heather', 'mountain laurel', 'gardenia', 'acid lovers'],
  'blue-hydrangea': ['hydrangea', 'blue hydrangea'],
  'trees-shrubs': ['tree', 'shrub', 'maple', 'oak', 'boxwood', 'hedge', 'dogwood'],
  conifers: ['pine', 'spruce', 'fir', 'arborvitae', 'juniper', 'evergreen', 'christmas tree'],
  roses: ['rose', 'rose bush'],
  perennials: ['perennial', 'hosta', 'daylily', 'peony'],
  bulbs: ['tulip', 'daffodil', 'lily'],
  clover: ['chicory', 'deer plot'],
  'plot-brassicas': ['turnips for deer', 'rape', 'food plot brassicas'],
  'plot-small-grains': ['oats', 'winter wheat', 'rye'],
  'plot-corn': ['field corn', 'sorghum'],
  'plot-soybean': ['soybeans', 'cowpeas'],
}

/** Crops with what else they are called. */
export const withNames = <Crops extends Readonly<Record<string, Crop>>>(crops: Crops): Crops =>
  Object.fromEntries(
    Object.entries(crops).map(([id, crop]) => {
      const aka = alsoCalled[id as CropId]
      return [id, aka ? { ...crop, aka } : crop]
    }),
  ) as Crops
