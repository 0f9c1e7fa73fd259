import { shippedProducts } from '../shelf/products'
import { oneArea, typed } from '../testing/one-area'
import { withFigure } from '../guides/compare'
import { effectsOn } from './effects'
import { guideRef } from '../guides/guide'
import { guides } from '../guides/guides'

const kase = oneArea(
  { crop: 'tomato', texture: 'loam' },
  { pH: typed('6.5'), extractant: 'mehlich-3', P: typed('20', 'ppm'), K: typed('105', 'ppm') },
)
const guide = guides.find((one) => guideRef(one) === kase.areas[0]!.guide)!
const own = { author: 'office', title: 'ours', year: null, status: 'common practice' as const, recalled: false }
const at = (path: readonly (string | number)[], value: number) => withFigure(guide, path, value, own)

test('a guide that says the same changes nothing, and one that rates other areas neither', () => {
  expect(effectsOn(kase, guide.id, guide, guides, shippedProducts)).toEqual([])
  expect(effectsOn(kase, 'another', guide, guides, shippedProducts)).toEqual([])
})

test('a potassium class that is moved below the test changes its potash, and nothing else', () => {
  // 105 ppm are medium up to 130, and optimum once that ends at 100.
  const effects = effectsOn(kase, guide.id, at(['classes', 'K', 0, 'bounds', 2], 100), guides, shippedProducts)
  expect(effects.map(({ what }) => what)).toEqual(['K₂O'])
  expect(effects[0]!.after!).toBeLessThan(effects[0]!.before!)
})
