import { uses } from '../core/guides/crop'
import { guides } from '../core/guides/guides'
import { findOptions } from './find-option'

const [guide] = guides
const options = uses.flatMap((use) =>
  Object.entries(guide!.crops)
    .filter(([, crop]) => crop.use === use)
    .map(([value, { label, aka }]) => ({ value, label: label.en, group: use, aka })),
)
const first = (query: string) => findOptions(options, query)[0]?.value

test.each([
  ['blueberries', 'highbush-blueberry'],
  ['tomatoes', 'tomato'],
  ['azaleas', 'rhododendron'],
  ['lettuce', 'leafy-greens'],
  ['bermudagrass', 'bermuda'],
  ['spuds', 'potato'],
  ['roses', 'roses'],
  ['perennial', 'perennials'],
  ['perennials', 'perennials'],
  ['Cherries', 'stone-fruit'],
  ['raspber', 'raspberry'],
  ['sweet', 'sweet-corn'],
  ['corn', 'sweet-corn'],
  ['st augustine', 'st-augustine'],
])('“%s” finds %s first', (query, id) => expect(first(query)).toBe(id))
test('turf finds lawns alone', () => {
  const found = findOptions(options, 'turf')
  expect(found.length).toBeGreaterThan(5)
  expect(found.every(({ group }) => group === 'lawn')).toBe(true)
})
test('what is typed of no crop finds none, and nothing typed finds all', () => {
  expect(findOptions(options, 'granite')).toEqual([])
  expect(findOptions(options, ' ')).toHaveLength(options.length)
})
