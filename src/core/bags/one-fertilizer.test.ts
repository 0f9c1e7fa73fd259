import { bansOn } from '../calendar/ban'
import type { ReportParts } from '../report/report-with'
import type { AreaInSeason } from '../case/in-season'
import { type ProductRef, type Fertilizer } from '../shelf/product'
import { productNamed } from '../shelf/product-named'
import { answer, choosing, typed } from '../testing/one-area'
import type { Crop } from '../guides/crop'
import { crops } from '../guides/crops'
import { shippedProducts } from '../shelf/products'
import { blankSeason } from '../case/blank'
import { guides } from '../guides/guides'
import type { Feeding } from '../needs/nutrients/method'
import type { Need } from '../needs/need'
import { nothingRead } from '../reading/soil'
import { split } from '../needs/split'
import { say } from '../sentence/sentence'
import { quantity, type MajorNutrient } from '../units/quantity'
import { derive } from '../units/workings'
import { oneFertilizer } from './one-fertilizer'

const exactly = <const Of extends string>(v: number, of: Of) => derive(of, String(v), {}, say('size.typed'), 'reported')
const ft2 = (v: number) => exactly(v, 'ft²')

function need(nutrient: MajorNutrient, lb: number, area: number): Need<MajorNutrient> {
  if (lb === 0) return { of: nutrient, outcome: 'none', why: say('nutrient.lead'), checks: [], remarks: [] }
  const amount = exactly(lb, `lb ${nutrient}`)
  const rate = exactly((lb * 1000) / area, `lb ${nutrient}/1000 ft²`)
  return {
    of: nutrient,
    remarks: [],
    outcome: 'apply',
    why: say('nutrient.laboratory'),
    rate,
    amount,
    passes: split(nutrient, amount, rate, { perPass: 100, interval: null, rule: say('cap.none') }),
    checks: [],
  }
}

const feeding = (area: number, crop: Crop, phosphorusBanned: boolean, pH: number): Feeding => ({
  area: ft2(area),
  crop,
  guide: guides[0]!,
  settings: { feeding: 'usual', newLawn: false },
  bans: bansOn({ phosphorusBanned }, crop.use, []),
  planting: { dwarf: false },
  past: blankSeason.past,
  read: { ...nothingRead, soil: { pH: quantity(pH, 'pH in water') } },
  creditsKnown: false,
  overrulings: () => undefined,
  letGo: () => undefined,
  sandy: false,
})

function mix(
  id: string,
  [n, p, k]: [number, number, number],
  area = 1000,
  crop: Crop = crops['mixed-vegetables'],
  banned = false,
  { slow = '', pH = 6.5 } = {},
) {
  const material = productNamed(shippedProducts, `${id}@1`) as Fertilizer
  const outcome = oneFertilizer(
    material,
    material.bagLb,
    { meets: null, slowNitrogen: typed(slow, '%') },
    [need('N', n, area), need('P₂O₅', p, area), need('K₂O', k, area)],
    feeding(area, crop, banned, pH),
  )
  if (!outcome.ok) return outcome.refusal.key
  const { amount, bags, supplies, leftOver, barred, passes, limeUsed } = outcome.value
  return {
    limeUsed: limeUsed?.value.v,
    lb: amount.value.v,
    bags: bags.value.v,
    left: leftOver.value.v,
    brings: supplies.map((one) => one.supplied.value.v),
    over: supplies.map((one) => one.over?.value.v),
    barred: barred.map((one) => one.key),
    passes: passes.count,
    interval: passes.interval,
  }
}

describe('bag arithmetic', () => {
  test('50 lb of 13-13-13 holds 6.5 lb of each nutrient (common practice)', () =>
    expect(mix('13-13-13', [6.5, 0, 0])).toMatchObject({ lb: 50, bags: 1, left: 0, brings: [6.5, 6.5, 6.5] }))
  test('17 lb N is in 50 lb of 34-0-0 (common practice)', () =>
    expect(mix('ammonium-nitrate', [17, 0, 0])).toMatchObject({ lb: expect.closeTo(50, 9), bags: 1 }))
  test('1 lb N on each of 2,000 ft² is in 8 lb of 25-0-3 (common practice)', () =>
    expect(mix('25-0-3', [2, 0, 0])).toMatchObject({ lb: expect.closeTo(8, 9) }))
  test('51 lb of a 50 lb bag are two bags (arithmetic)', () =>
    expect(mix('10-10-10', [5.1, 0, 0])).toMatchObject({ bags: 2 }))
  test('140 lb P₂O₅ from fish meal 10-6-1 are 2,333 lb, which carry 233 lb N (arithmetic; 65 % of it in the first year)', () => {
    const found = mix('fish-meal', [0, 140, 0], 43_560)
    expect(found).toMatchObject({ lb: expect.closeTo(2_333.33, 1) })
    expect(typeof found === 'object' && found.brings[0]! / 0.65).toBeCloseTo(233.33, 1)
  })
  test('blood meal is measured by the ¾ of its nitrogen that feeds this year (70–80 %, common practice)', () => {
    const found = mix('blood-meal', [0.9, 0, 0])
    expect(typeof found === 'object' && found.lb).toBeCloseTo(10, 9)
  })
  test('what it leaves short and over', () => {
    const found = mix('10-10-10', [1, 0, 3])
    expect(typeof found === 'object' && found.over).toEqual([0, 1, -2])
  })
  test('a product that holds nothing needed is refused', () =>
    expect(mix('triple-superphosphate', [1, 0, 1])).toBe('mix.nothing-needed'))
})

test.each([
  // Pierre 1933, recalled: 5.35 and 1.80 lb CaCO₃ for each lb of N.
  ['ammonium-sulfate', 5.35],
  ['urea', 1.8],
  ['ammonium-nitrate', 1.8],
  ['calcium-nitrate', undefined],
] as const)('a pound of nitrogen from %s uses up its lime', (id, lb) => {
  const found = mix(id, [1, 0, 0])
  const used = typeof found === 'object' ? found.limeUsed : NaN
  if (lb === undefined) expect(used).toBeUndefined()
  else expect(used).toBeCloseTo(lb, 9)
})

describe('limits', () => {
  test('3 lb N per 1,000 ft² of quick nitrogen on turf is three passes (common practice)', () =>
    expect(mix('urea', [3, 0, 0], 1000, crops.bermuda)).toMatchObject({ passes: 3 }))
  // Four to six weeks apart where some is slow, a month where all is quick: common practice.
  test.each([
    ['', 30],
    ['30', 42],
  ])('of nitrogen that is %s %% slow the passes are %i days apart on turf', (slow, days) =>
    expect(mix('urea', [4, 0, 0], 1000, crops.bermuda, false, { slow })).toMatchObject({ interval: { days } }),
  )
  test('the strictest of N, P₂O₅ and K₂O counts: 5-10-10 for 1 lb N brings 2 lb of each', () =>
    expect(mix('5-10-10', [1, 2, 2], 1000, crops.bermuda)).toMatchObject({ passes: 2 }))
  test.each([
    // Quick part 0.7 × N ≤ 1 and N ≤ 1.5: 1.43 lb N a pass; half slow: 2 lb; all quick: 1 lb.
    ['30 % slow: the quick part counts, 3 lb are three passes', '30', 3, 3],
    ['40 % slow: 1.5 lb at most', '40', 3, 2],
    ['half slow: 2 lb', '50', 4, 2],
    ['all quick', '0', 4, 4],
  ] as const)('slow nitrogen on turf, %s (common practice)', (_, slow, n, passes) =>
    expect(mix('24-0-11', [n, 0, 0], 1000, crops.bermuda, false, { slow })).toMatchObject({ passes }),
  )
  test('bone meal gives its phosphate below pH 7 only, greensand its potash not at all (common practice)', () => {
    expect(mix('bone-meal', [0, 1.5, 0])).toMatchObject({ lb: expect.closeTo(10, 9) })
    expect(mix('bone-meal', [0, 1.5, 0], 1000, crops.tomato, false, { pH: 7 })).toBe('mix.nothing-needed')
    expect(mix('greensand', [0, 0, 1])).toBe('mix.nothing-needed')
  })
  test.each([
    ['phosphorus where it is banned', '16-4-8', crops['tall-fescue'], true, ['mix.banned']],
    ['nitrate on blueberries', 'calcium-nitrate', crops['highbush-blueberry'], false, ['mix.no-nitrate']],
    ['chloride on blueberries', 'muriate-of-potash', crops['highbush-blueberry'], false, ['mix.no-chloride']],
    ['nothing against ammonium sulfate on blueberries', 'ammonium-sulfate', crops['highbush-blueberry'], false, []],
  ] as const)('%s', (_, id, crop, banned, barred) =>
    expect(mix(id, [1, 0, 1], 1000, crop, banned)).toMatchObject({ barred }),
  )
})

/** Common practice: caps bind every nutrient that a product carries, whichever it is measured by. */
describe('a product measured by one nutrient', () => {
  const by = (id: ProductRef, meets: 'N' | 'P₂O₅', area: Partial<AreaInSeason>, report: ReportParts) =>
    answer({ ...area, ...choosing({ fertilizer: id, meets }) }, { extractant: 'mehlich-3', ...report }).fertilizer!.mix
  test('10-10-10 on sand, by its phosphate: its quick nitrogen goes on a pound at a time', () => {
    const mix = by('10-10-10@1', 'P₂O₅', { crop: 'tomato', texture: 'sand' }, { P: typed('5', 'ppm') })
    if (!mix.ok) throw new Error(mix.refusal.key)
    const { rate, passes } = mix.value
    expect(rate.value.v).toBeCloseTo(40, 6)
    expect(passes.count).toBe(4)
    expect(passes.interval).not.toBeNull()
  })
  test('poultry manure by its nitrogen is cut to the phosphate and a quarter, and the nitrogen stays short', () => {
    const mix = by('poultry-litter@1', 'N', { crop: 'sweet-corn', texture: 'loam' }, { P: typed('20', 'ppm') })
    if (!mix.ok) throw new Error(mix.refusal.key)
    const [n, p] = mix.value.supplies
    // 3 lb P₂O₅ wanted on 1,000 ft², at most 3.75: 125 lb of a 2-3-1 litter, with 0.25 of its 2.5 lb N in the first year.
    expect(mix.value.amount.value.v).toBeCloseTo(125, 6)
    expect(p!.supplied.value.v).toBeCloseTo(3.75, 6)
    expect(n!.supplied.value.v).toBeCloseTo(0.625, 6)
    expect([mix.value.cut?.key, mix.value.barred]).toEqual(['mix.cut', []])
  })
  test('13-13-13 is not for turf that has phosphorus enough', () => {
    const mix = by('13-13-13@1', 'N', { crop: 'bermuda', texture: 'loam' }, { P: typed('160', 'ppm') })
    expect(mix.ok && mix.value.barred.map(({ key }) => key)).toContain('mix.P-enough')
  })
})
