import * as fc from 'fast-check'
import { anywhere } from '../calendar/local'
import type { AreaInSeason } from '../case/in-season'
import { inSeason, withParts } from '../case/in-season'
import { guides } from '../guides/guides'
import { mostPrinted } from '../needs/hold'
import { isApplied, majorsOf } from '../needs/need'
import { feedingFor, recommend } from '../recommend'
import type { ReportParts } from '../report/report-with'
import { housed, shippedHouse } from '../shelf/house'
import { productRef } from '../shelf/product'
import { shippedProducts } from '../shelf/products'
import { anyCase, build } from '../testing/any-case'
import { choosing, oneArea, printed, typed } from '../testing/one-area'
import { plan, planned } from '../testing/planned'
import { barredBy, outOfPlace } from './one-fertilizer'
import { groupOf } from './house'
import { isEnough } from './tolerance'

const asked = (N: string, P: string, K: string): ReportParts =>
  printed({
    ...(N && { N: typed(N, 'lb/1000 ft²') }),
    ...(P && { 'P₂O₅': typed(P, 'lb/1000 ft²') }),
    ...(K && { 'K₂O': typed(K, 'lb/1000 ft²') }),
  })
const named = (area: Partial<AreaInSeason>, report: ReportParts) =>
  recommend(oneArea({ texture: 'loam', ...area }, { pH: typed('6.3'), ...report }), guides).areas[0]!.answer!

/** Ratios that one bag has are met by that bag; arithmetic, and the tolerances of common practice. */
test.each<[string, Partial<AreaInSeason>, ReportParts, string[]]>([
  ['1-1-1 on a bed', { crop: 'tomato' }, asked('2', '2', '2'), ['10-10-10@1']],
  ['1-2-2 on a bed', { crop: 'tomato' }, asked('1.5', '3', '3'), ['5-10-10@1']],
  ['1-0-1 on a bed', { crop: 'tomato' }, asked('2', '0', '2'), ['15-0-15@1']],
  ['nitrogen alone on a bed', { crop: 'tomato' }, asked('2', '0', '0'), ['ammonium-sulfate@1']],
  ['24-0-11 on a lawn', { crop: 'tall-fescue' }, asked('3', '0', '1.4'), ['24-0-11@1']],
  ['nitrogen alone on a lawn', { crop: 'tall-fescue' }, asked('3', '0', '0'), ['25-0-3@1']],
  ['16-4-8 on a lawn', { crop: 'tall-fescue' }, asked('2', '0.5', '1'), ['16-4-8@1']],
  ['a starter on a new lawn', { crop: 'tall-fescue', newLawn: true }, asked('1', '1.3', '0.7'), ['18-24-12@1']],
  ['potash alone', { crop: 'tomato' }, asked('0', '0', '2'), ['sulfate-of-potash@1']],
  ['nitrogen on a blueberry', { crop: 'highbush-blueberry' }, asked('2', '0', '0'), ['ammonium-sulfate@1']],
  [
    'nitrogen on a blueberry that is acid enough (ammonium sulfate would sour it)',
    { crop: 'highbush-blueberry' },
    { ...asked('2', '0', '0'), pH: typed('4.7') },
    ['urea@1'],
  ],
  [
    'raspberries, which shun chloride',
    { crop: 'raspberry' },
    asked('2', '0', '1.3'),
    ['ammonium-sulfate@1', 'sulfate-of-potash@1'],
  ],
  ['clover on a plot', { crop: 'clover' }, asked('0', '1.5', '1.5'), ['0-20-20@1']],
])('%s', (_, area, report, expected) => {
  const { house } = named(area, report)
  expect(house!.products.map(({ material }) => productRef(material))).toEqual(expected)
})

test('what needs nothing is named nothing; what was chosen stands, and what it leaves short is met beside it', () => {
  expect(named({ crop: 'tomato' }, asked('0', '0', '0')).house).toBeNull()
  const own = named({ crop: 'tomato', ...choosing({ fertilizer: 'urea@1' }) }, asked('2', '0', '2'))
  expect(own.house).toBeNull()
  expect(own.filled!.products.map(({ material, meets }) => [productRef(material), meets])).toEqual([
    ['sulfate-of-potash@1', 'K₂O'],
  ])
  const kase = oneArea(
    { crop: 'tomato', ...choosing({ fertilizer: 'urea@1' }) },
    { ...asked('2', '0', '2'), pH: typed('6.3') },
  )
  expect(planned(kase).treatments.map(({ need }) => need)).toEqual(['fertilizer', 'fertilizer-2'])
})

test('an office names its own, and where it names none the nutrients stand as such', () => {
  const kase = oneArea({ crop: 'tomato' }, { ...asked('2', '0', '0'), pH: typed('6.3') })
  const products = (beds: readonly `${string}@${number}`[]) =>
    plan(kase, undefined, { house: { ...shippedHouse, beds } }).areas[0]!.treatments.map(({ product }) => product?.id)
  expect(products(['blood-meal@1'])).toEqual(['blood-meal'])
  expect(products(['own-gone@1'])).toEqual([undefined])
  expect(products([])).toEqual([undefined])
})

/** Every rule is looked for by itself, not by what chose. */
test('whatever is asked: nothing that may not go here, no need left short that one of them could meet, each once', () => {
  let met = 0
  fc.assert(
    fc.property(anyCase, (seed) => {
      const kase = build(seed)
      for (const { areaId, answer } of recommend(kase, guides).areas) {
        const named = answer && (answer.filled ?? answer.house)
        const area = kase.areas.find(({ id }) => id === areaId)!
        const feeding = answer && feedingFor(kase, inSeason(area, kase.season), guides, shippedProducts, anywhere)
        if (!answer || !feeding) continue
        const needs = majorsOf(answer)
        const house = housed(shippedHouse, groupOf(feeding), shippedProducts)
        const shuns = feeding.crop.shunsChloride === true
        const may = house.filter(
          (one) =>
            !outOfPlace(one, feeding, false) &&
            barredBy(one, feeding, 0, needs).length === 0 &&
            !(shuns && one.feeding.blend && one.feeding.grade['K₂O'] > 0),
        )
        if (!named) continue
        met += 1
        const materials = named.products.map(({ material }) => material)
        expect(new Set(materials).size).toBe(materials.length)
        expect(materials.length).toBeLessThanOrEqual(3)
        for (const one of materials) expect(may).toContain(one)
        for (const { amount, passes } of named.products) {
          expect(amount.value.v).toBeGreaterThan(0)
          const sum = (passes.firsts?.each.value.v ?? 0) * (passes.firsts?.count ?? 0)
          const rest = passes.each.value.v * (passes.count - (passes.firsts?.count ?? 0))
          expect(sum + rest).toBeCloseTo(amount.value.v, 4)
        }
        for (const { nutrient, supplied, wanted } of named.supplies) {
          if (typeof wanted === 'string' || isEnough(nutrient, supplied.value.v, wanted.value.v)) continue
          // No ground is given so much, whatever is asked.
          if (wanted.value.v > (mostPrinted[nutrient] * feeding.area.value.v) / 1_000) continue
          // Short: none of those that may go here brings it in an amount that any ground is given.
          expect(needs.some((need) => need.of === nutrient && isApplied(need))).toBe(true)
          expect(
            [...may.filter(({ feeding: { grade } }) => grade[nutrient] > 0)].every((one) => materials.includes(one)),
          ).toBe(true)
        }
      }
    }),
    { numRuns: 400, seed: 33 },
  )
  expect(met).toBeGreaterThan(100)
})

test('one of the next best, taken in its place, gives the amounts that it was shown with', () => {
  let taken = 0
  for (const seed of fc.sample(anyCase, { numRuns: 200, seed: 34 })) {
    const kase = { ...build(seed), mix: null }
    const bare = {
      ...kase,
      areas: kase.areas.map((area) => withParts(area, kase.season, choosing({ fertilizer: null }))),
    }
    const [answer] = recommend(bare, guides).areas.map((area) => area.answer)
    for (const parts of answer?.house?.next ?? []) {
      const { material, meets } = parts[0]!
      const chosen = choosing({ fertilizer: productRef(material), meets })
      const [found] = recommend(
        { ...bare, areas: bare.areas.map((area) => withParts(area, bare.season, chosen)) },
        guides,
      ).areas
      const { fertilizer, filled } = found!.answer!
      if (!fertilizer?.mix.ok || fertilizer.mix.value.cut || fertilizer.mix.value.barred.length > 0) continue
      const lb = [fertilizer.mix.value.amount.value.v, ...(filled?.products ?? []).map(({ amount }) => amount.value.v)]
      taken += 1
      expect(lb.length).toBe(parts.length)
      lb.forEach((one, i) => expect(one).toBeCloseTo(parts[i]!.lb, 6))
    }
  }
  expect(taken).toBeGreaterThan(50)
})
