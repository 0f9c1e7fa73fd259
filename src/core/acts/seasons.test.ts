import { answer, choosing, found, oneArea, typed } from '../testing/one-area'
import { guides } from '../guides/guides'
import { recommend } from '../recommend'
import { type Fertilizer } from '../shelf/product'
import { productNamed } from '../shelf/product-named'
import { shippedProducts } from '../shelf/products'
import { blankApplication } from '../case/blank'
import { inSeason, withParts } from '../case/in-season'
import { addApplication, openSeason, removeArea } from './areas'
import { typedSize } from '../reading/soil'
import { measureIn, setPace } from './measuring'

describe('seasons', () => {
  const kase = oneArea({ crop: 'tomato', newLawn: true, ...choosing({ fertilizer: 'urea@1' }) }, { pH: typed('5.5') })
  test('the next one goes on with what grows, and leaves the one before as it is', () => {
    const next = openSeason('2027')(kase)
    expect(next.season).toBe('2027')
    expect(next.areas[0]!.seasons['2026']).toBe(kase.areas[0]!.seasons['2026'])
    expect(inSeason(next.areas[0]!, '2027')).toMatchObject({
      crop: 'tomato',
      newLawn: false,
      materials: { fertilizer: null },
    })
    const changed = { ...next, areas: [withParts(next.areas[0]!, '2027', { crop: 'roses' })] }
    expect(recommend(changed, guides).areas[0]!.cropId).toBe('roses')
    expect(recommend(openSeason('2026')(changed), guides)).toEqual(recommend(kase, guides))
  })
  test('a year before any other begins blank; opening one twice changes nothing', () => {
    expect(inSeason(openSeason('2020')(kase).areas[0]!, '2020').crop).toBeNull()
    const next = openSeason('2027')(kase)
    expect(openSeason('2027')(next)).toEqual(next)
  })
})

test('what was put on goes with its area', () => {
  const logged = addApplication(blankApplication('x', 'a', '2024'))(oneArea({}))
  expect(removeArea('b')(logged).applications).toHaveLength(1)
  expect(removeArea('a')(logged).applications).toEqual([])
})

test('a size keeps what it was understood in; paces are counted again', () => {
  const kase = oneArea({ size: { text: '4x8', unit: 'ft²', value: 32 } })
  const square = (one: typeof kase) => recommend(one, guides).areas[0]!.size
  const shown = measureIn('metres')(kase)
  expect([shown.measures, shown.areas[0]!.size]).toEqual(['metres', { text: '4x8', unit: 'ft', value: 32 }])
  expect(square(shown)).toMatchObject({ ok: true, value: { area: { value: { v: 32 } } } })
  expect(measureIn('feet')(shown).areas[0]!.size).toEqual(shown.areas[0]!.size)
  // Typed on, it stays in feet; begun anew, it is in what is typed now.
  expect(typedSize('4x9', shown.areas[0]!.size, shown)).toEqual({ text: '4x9', unit: 'ft', value: 36 })
  expect(typedSize('1x1', typed('', 'ft²'), shown)).toMatchObject({ unit: 'm' })
  const paced = oneArea({ size: typed('10x10 paces', 'ft²') })
  expect(setPace(typed('3', 'ft'))(paced).areas[0]!.size.value).toBe(900)
})

describe('a product that is named', () => {
  const urea = productNamed(shippedProducts, 'urea@1') as Fertilizer
  const own: Fertilizer = { ...urea, id: 'own', feeding: { ...urea.feeding, grade: { N: 23, 'P₂O₅': 0, 'K₂O': 0 } } }
  const area = { crop: 'tomato', ...choosing({ fertilizer: 'own@1' }) }
  test('and is not here says so, and is not measured out', () => {
    expect(found(area).problems).toMatchObject([{ field: 'fertilizer', sentence: { key: 'product.unknown' } }])
    expect(answer(area).fertilizer).toBeNull()
  })
  test('of the office’s own is measured out like any other: half the nitrogen, twice the weight', () => {
    const weigh = (kase: ReturnType<typeof oneArea>) => {
      const mix = recommend(kase, guides, [...shippedProducts, own]).areas[0]!.answer!.fertilizer!.mix
      return mix.ok ? mix.value.amount.value.v : NaN
    }
    const with_ = (fertilizer: 'own@1' | 'urea@1') => weigh(oneArea({ crop: 'tomato', ...choosing({ fertilizer }) }))
    expect(with_('own@1') / with_('urea@1')).toBeCloseTo(2, 9)
  })
})
