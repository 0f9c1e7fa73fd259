import * as fc from 'fast-check'
import { crops } from '../guides/crops'
import { houseLimits as limits } from '../guides/limits'
import { usual } from '../shelf/products'
import { limeCap as capOfLime } from './lime/candidates'
import { say } from '../sentence/sentence'
import type { Text } from '../sentence/text'
import { sulfurCap as capOfSulfur } from './sulfur/candidates'
import { quantity } from '../units/quantity'
import { given } from '../units/workings'
import { split, type Cap } from './split'

const material = usual.calcitic
const choices = { lime: { material, effectiveness: 'reference', bagLb: 40 }, sulfur: {} as never } as const
const limeCap = (of: { planted: boolean }) => capOfLime({ ...of, limits, overrulings: () => undefined, choices })
const sulfurCap = (of: { planted: boolean; sandy: boolean }) =>
  capOfSulfur({ ...of, limits, overrulings: () => undefined, crop: crops.rhododendron })

const passes = (lbPer1000: number, cap: Cap, labels: readonly Text[] = []) =>
  split(
    'product',
    given(quantity(lbPer1000 * 5, 'lb product'), say('size.typed')),
    given(quantity(lbPer1000, 'lb S/1000 ft²'), say('size.typed')),
    cap,
    'lime',
    labels.map((label, i) => ({ id: String(i), label })),
  )

/** Caps are common practice; the counts are arithmetic. */
describe('passes', () => {
  test.each([
    ['lime on a lawn, just at its cap', 50, limeCap({ planted: true }), 1, null],
    ['lime on a lawn, over it', 51, limeCap({ planted: true }), 2, null],
    ['lime on a lawn, 225 lb', 225, limeCap({ planted: true }), 5, null],
    ['lime dug in, 225 lb', 225, limeCap({ planted: false }), 3, null],
    ['sulfur around plants, 1 lb/100 ft²', 10, sulfurCap({ planted: true, sandy: false }), 1, null],
    ['sulfur around plants, 2 lb/100 ft²: both in one year', 20, sulfurCap({ planted: true, sandy: false }), 2, null],
    ['sulfur around plants, 3.2 lb/100 ft²: two a year', 32, sulfurCap({ planted: true, sandy: false }), 4, 2],
    ['sulfur around plants on sand', 12, sulfurCap({ planted: true, sandy: true }), 3, 2],
    ['sulfur dug in, 3 lb/100 ft²', 30, sulfurCap({ planted: false, sandy: false }), 1, null],
    ['sulfur dug in on sand', 30, sulfurCap({ planted: false, sandy: true }), 2, null],
  ])('%s', (_, rate, cap, count, perYear) => {
    const found = passes(rate, cap)
    expect(found).toMatchObject({ count, perYear })
    expect(found.each.value.v * count).toBeCloseTo(rate * 5, 9)
  })
  test('a single pass has no interval', () => expect(passes(10, limeCap({ planted: true })).interval).toBeNull())
  test('the crop’s own dressings are the fewest; when the cap wants more, those follow', () => {
    const cap: Cap = { perPass: 2, interval: { days: 30 }, rule: say('cap.bed-nitrogen') }
    const own = [{ en: 'before planting' }, { en: 'beside the rows' }]
    expect(passes(3, cap, own)).toMatchObject({ count: 2, dressings: own.map((label) => ({ window: { label } })) })
    expect(passes(6, cap, own)).toMatchObject({
      count: 3,
      dressings: [{}, {}, { id: 'lime/3', window: { id: 'again' } }],
    })
  })
  test('neither the cap of a pass nor that of a year is ever broken, and no pass is wasted', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 500, noNaN: true }),
        fc.boolean(),
        fc.boolean(),
        (rate, planted, sandy) => {
          const cap = sulfurCap({ planted, sandy })
          const { count, perYear } = passes(rate, cap)
          expect(rate / count).toBeLessThanOrEqual(cap.perPass * (1 + 1e-9))
          if (count > 1) expect(rate / (count - 1)).toBeGreaterThan(cap.perPass * (1 - 1e-9))
          if (cap.perYear) expect((rate / count) * (perYear ?? count)).toBeLessThanOrEqual(cap.perYear * (1 + 1e-9))
        },
      ),
    )
  })
  test('the caps themselves, as advisors give them', () => {
    expect(limits.lime).toMatchObject({ surfacePerPass: 50, dugInPerPass: 100, monthsApart: 6 })
    expect(limits.turf).toMatchObject({ perPass: { N: 1, 'P₂O₅': 1, 'K₂O': 1 }, daysApart: 30 })
  })
})
