import { blankSeason } from '../case/blank'
import { noRules } from '../calendar/rule'
import * as fc from 'fast-check'
import { sampleCases } from '../../demo/sample-cases'
import { guides } from '../guides/guides'
import { recommend } from '../recommend'
import { productRef } from '../shelf/product'
import { productNamed } from '../shelf/product-named'
import { shippedProducts } from '../shelf/products'
import { anyCase, build } from '../testing/any-case'
import { choosing, found, oneArea, printed, typed } from '../testing/one-area'
import { planFor } from '../plan/plan'
import { plan, planned } from '../testing/planned'
import { job } from './job'
import { passesOf } from './pass'
import { portionsOf } from '../needs/portions'
import { shopping } from './shopping'

const cases = [...sampleCases, ...fc.sample(anyCase, { numRuns: 400, seed: 15 }).map(build)]
const jobs = cases.map((kase) => job(kase, recommend(kase, guides), shippedProducts))
const treatments = jobs.flatMap(({ areas }) => areas.flatMap((area) => area.treatments))

test('the passes of a treatment add up to it, each by a key of its own', () => {
  expect(treatments.length).toBeGreaterThan(500)
  for (const one of treatments) {
    const passes = passesOf(one)
    const sum = passes.reduce((total, { amount }) => total + amount.value.v, 0)
    // Of very many only the first are listed.
    if (passes.length === (one.passes?.count ?? 1)) expect(sum).toBeCloseTo(one.all.value.v, 6)
    expect(passes.map(({ key }) => key)).toEqual(passes.map((_, i) => `${one.key}/${i + 1}`))
  }
  for (const { areas } of jobs) {
    const keys = areas.flatMap((area) => area.treatments.map(({ key }) => key))
    expect(new Set(keys).size).toBe(keys.length)
  }
})

test('no pass is over its cap', () => {
  for (const { passes } of treatments) {
    if (!passes) continue
    const { rate, cap } = passes.why.inputs
    // In equal passes; those in rows have two caps, and a test of their own.
    if (!passes.firsts) expect(rate!.value.v / passes.count).toBeLessThanOrEqual(cap!.value.v * (1 + 1e-5))
  }
})

test('what is put on is bought or there already, and no bag is bought in vain', () => {
  for (const one of jobs) {
    const [first] = shopping(one, { mix: null, shed: [] }, shippedProducts)
    if (!first) continue
    const ref = productRef(first.product)
    for (const [there, found] of [
      [0, first],
      [
        20,
        shopping(one, { mix: null, shed: [{ id: 's', product: ref, amount: typed('20', 'lb') }] }, shippedProducts)[0]!,
      ],
    ] as const) {
      const { all, fromShed, bags, leftOver } = found
      const bought = bags.reduce((sum, { lb, count }) => sum + lb * count.value.v, 0)
      const bagLb = bags[0]?.lb ?? Infinity
      expect(fromShed).toBeLessThanOrEqual(there)
      expect(bought + fromShed).toBeGreaterThanOrEqual(all.value.v * (1 - 1e-5) - 1e-3)
      expect(leftOver.value.v).toBeLessThanOrEqual(bagLb)
    }
  }
})

test('an edit elsewhere leaves the keys of an area as they are', () => {
  const kase = oneArea({ crop: 'tomato' }, { pH: typed('5.5') })
  const other = { ...kase.areas[0]!, id: 'b', name: 'B' }
  const keys = (one: typeof kase) => planFor(plan(one), 'a').treatments.map(({ key }) => key)
  expect(keys({ ...kase, areas: [other, ...kase.areas] })).toEqual(keys(kase))
})

// Common practice: two weeks between lime and ammonium, thirty days between lime and phosphate on acid ground.
test.each([
  ['urea@1', 14],
  ['triple-superphosphate@1', 30],
  ['calcium-nitrate@1', undefined],
] as const)('after lime, %s waits %s days', (fertilizer, days) => {
  const report = { ...printed({ lime: typed('50', 'lb/1000 ft²') }), pH: typed('5.5'), P: typed('10', 'ppm') }
  const kase = oneArea({ crop: 'tomato', ...choosing({ fertilizer }) }, { ...report, extractant: 'mehlich-3' })
  expect(planned(kase).treatments.find(({ need }) => need === 'fertilizer')!.after[0]?.days).toBe(days)
})

test('a cup for 20 ft over twelve rows of 30 ft is 18 cups, about 10 lb of ammonium sulfate (common practice)', () => {
  const { lbPerCup } = productNamed(shippedProducts, 'ammonium-sulfate@1')!
  const size = found({ crop: 'onion' }).size
  if (!size.ok) throw new Error('no size')
  const [twenties] = portionsOf(size.value, { dwarf: false, rowLength: 12 * 30 })
  expect(twenties!.count.value.v).toBe(18)
  expect(18 * lbPerCup).toBeCloseTo(10, 0)
})

/** Arithmetic on invented prices: 3 lb are one bag of 5 at $9, or one of 50 at $30; 12 lb three of 5 at $27, 40 lb one of 50. */
test.each([
  [3, { lb: 5, cost: 9 }],
  [12, { lb: 5, cost: 27 }],
  [40, { lb: 50, cost: 30 }],
])('%d lb are bought in the bag that is sold here and cheapest, everywhere the same', (lb, expected) => {
  const lawn = oneArea(
    { crop: 'bermuda', size: typed('10000'), materials: { ...blankSeason.materials, fertilizer: 'urea@1' } },
    { ...printed({ N: typed(String(lb * 0.046), 'lb/1000 ft²') }), pH: typed('6.4') },
  )
  const sold = [5, 50].map((bag) => ({ lb: bag, price: bag === 5 ? 9 : 30, on: '2026-11-01' }))
  const shelf = { 'urea@1': { bags: sold, away: false } } as const
  const { areas, purchases } = plan(lawn, '2026-11-26', { rules: { ...noRules, shelf } })
  const [bought] = purchases
  expect({ lb: bought!.bags[0]!.lb, cost: bought!.cost }).toEqual(expected)
  expect(areas[0]!.treatments.find(({ product }) => product?.id === 'urea')!.bagLb).toBe(expected.lb)
})
