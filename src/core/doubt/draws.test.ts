import { guides } from '../guides/guides'
import { shippedProducts } from '../shelf/products'
import { oneArea, printed, typed } from '../testing/one-area'
import type { Case } from '../case/case'
import { doubtsOf } from './draws'
import { quantile, randomFrom } from './random'

const doubts = (kase: Case, draws = 2_000, seed = 1) => doubtsOf(kase, 'a', guides, shippedProducts, { draws, seed })!
const amount = (kase: Case, of: string, draws?: number) => doubts(kase, draws).amounts.find((one) => one.of === of)!

/** Of a normal number nine of ten lie below 1.2816 standard deviations above its mean (published tables). */
const tenth = 1.2816

test('the same seed gives the same answer, another one nearly the same', () => {
  const kase = oneArea({ crop: 'tomato', texture: 'loam' }, { pH: typed('5.6') })
  expect(doubts(kase, 400, 3)).toEqual(doubts(kase, 400, 3))
  const [one, other] = [doubts(kase, 1_000, 3), doubts(kase, 1_000, 4)].map(({ amounts }) => amounts[0]!)
  expect(one!.low / other!.low).toBeCloseTo(1, 0)
})

test('what is linear is exact: a laboratory’s lime on taped ground errs as its size does', () => {
  // 1 % of each side (common practice) is 1.414 % of the area; 50 lb on 1,000 ft².
  const { low, high, applied } = amount(
    oneArea(
      { crop: 'tomato', texture: 'loam' },
      { pH: typed('5.4'), ...printed({ lime: typed('50', 'lb/1000 ft²') }) },
    ),
    'lime',
    4_000,
  )
  expect(applied).toBeGreaterThan(0.95)
  const spread = 50 * 0.01 * Math.SQRT2 * tenth
  expect(low).toBeCloseTo(50 - spread, 0)
  expect(high - low).toBeCloseTo(2 * spread, 0)
})

test('sulfur by the tenths rule agrees with a second reckoning to 2 %', () => {
  const is = { text: 'tenths', unit: '', value: null }
  const word = { of: 'method' as const, is, replaced: { ...is, text: 'table' }, reason: 'tried', by: '', at: '' }
  const base = oneArea({ crop: 'highbush-blueberry', texture: 'loam' }, { pH: typed('6.8') })
  const kase = { ...base, decisions: { ...base.decisions, overrulings: { 'a/sulfur/method': word } } }
  const ours = amount(kase, 'sulfur', 6_000)
  // By another generator and another way to a normal number: twelve uniform ones less six.
  let state = 12_345
  const uniform = () => (state = (state * 16_807) % 2_147_483_647) / 2_147_483_647
  const normal = () => Array.from({ length: 12 }, uniform).reduce((sum, one) => sum + one, -6)
  // 0.2 lb S on 100 ft² for each tenth above 5.0, in 90 % prills, on 1,000 ft²; pH by hypot(0.1, 0.25/√10), size 1.414 %, rule 20 %.
  const mine = Array.from({ length: 60_000 }, () => {
    const pH = 6.8 + Math.hypot(0.1, 0.25 / Math.sqrt(10)) * normal()
    return (((pH - 5) * 10 * 0.2 * 10) / 0.9) * (1 + 0.01 * Math.SQRT2 * normal()) * (1 + 0.2 * normal())
  }).sort((a, b) => a - b)
  expect(ours.low / quantile(mine, 0.1)).toBeCloseTo(1, 1)
  expect(Math.abs(ours.low / quantile(mine, 0.1) - 1)).toBeLessThan(0.02)
  expect(Math.abs(ours.high / quantile(mine, 0.9) - 1)).toBeLessThan(0.02)
})

test('near the trigger the decision itself is in doubt, and pH is what would settle it', () => {
  const near = doubts(oneArea({ crop: 'tomato', texture: 'loam' }, { pH: typed('6.0') }), 1_000)
  expect(near.decisions.lime).toBeGreaterThan(0.05)
  expect(near.decisions.none).toBeGreaterThan(0.05)
  const sure = doubts(oneArea({ crop: 'tomato', texture: 'loam' }, { pH: typed('4.9') }), 1_000)
  expect(sure.decisions.lime).toBeGreaterThan(0.99)
  const total = Object.values(near.decisions).reduce((sum, one) => sum + one, 0)
  expect(total).toBeCloseTo(1, 10)
})

test('a kit is less sure than a laboratory, and a paced bed than a taped one', () => {
  const width = (kase: Case) => {
    const { low, high } = amount(kase, 'lime', 1_500)
    return high - low
  }
  const by = (kind: 'laboratory' | 'kit', size = '20x50') =>
    oneArea(
      { crop: 'tomato', texture: 'loam', size: { text: size, unit: 'ft²', value: 1000 } },
      { kind, pH: typed('5.2') },
    )
  expect(width(by('kit'))).toBeGreaterThan(width(by('laboratory')))
})

test('a laboratory’s pH would narrow a kit’s figure more than the kit once more, which narrows it too', () => {
  const { narrows } = doubts(oneArea({ crop: 'tomato', texture: 'loam' }, { kind: 'kit', pH: typed('5.2') }), 2_000)
  const share = (of: string) => narrows.find(({ by }) => by === of)!.share
  expect(share('pH')).toBeLessThan(share('again'))
  expect(share('again')).toBeLessThan(0.97)
  const sure = doubts(oneArea({ crop: 'tomato', texture: 'loam' }, { pH: typed('5.2') }), 400)
  expect(sure.narrows.map(({ by }) => by)).not.toContain('again')
})

test('nothing of ours narrows what a laboratory asks for', () => {
  const asked = { ...printed({ lime: typed('40', 'lb/1000 ft²') }), pH: typed('5.2') }
  expect(doubts(oneArea({ crop: 'tomato', texture: 'loam' }, asked), 400).narrows).toEqual([])
})

test('nothing to reckon with is no doubt', () => {
  expect(doubtsOf(oneArea({ crop: 'tomato' }, null), 'a', guides, shippedProducts, { draws: 200, seed: 1 })).toBeNull()
  expect(doubtsOf(oneArea({}), 'nowhere', guides, shippedProducts, { draws: 200, seed: 1 })).toBeNull()
})

test('random numbers are spread evenly', () => {
  const random = randomFrom(7)
  const some = Array.from({ length: 20_000 }, random)
  expect(some.reduce((sum, one) => sum + one, 0) / some.length).toBeCloseTo(0.5, 2)
  expect(Math.min(...some)).toBeGreaterThanOrEqual(0)
  expect(Math.max(...some)).toBeLessThan(1)
})
