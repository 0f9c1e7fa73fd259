import { guideRef } from '@/core/guides/guide'
import { defaultGuide, guides } from '@/core/guides/guides'
import { cropFinder } from './crop-finder'

const cropOf = cropFinder(guides, guideRef(defaultGuide))

/** What a file calls a crop is taken for ours only where it is one of its names; nothing is guessed. */
test.each([
  ['Sweet corn', 'sweet-corn'],
  ['POTATOES', 'potato'],
  ['blueberries', 'highbush-blueberry'],
  ['Tall fescue', 'tall-fescue'],
  ['Grass of some kind', null],
  ['lawn', null],
  ['shade', null],
  ['', null],
])('“%s” is %s', (words, crop) => expect(cropOf(words)).toBe(crop))
test('one of several that share a crop is that crop', () => expect(cropOf('Tomatoes')).toBe(cropOf('melon')))
