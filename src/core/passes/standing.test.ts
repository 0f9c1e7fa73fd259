import { leftIn, planFor } from '../plan/plan'
import { noHouse, plan, planned } from '../testing/planned'
import * as fc from 'fast-check'
import type { Application } from '../case/applications'
import type { Case } from '../case/case'
import { letterOf } from '../letter/letter'
import { productRef, type ProductRef } from '../shelf/product'
import { shippedProducts } from '../shelf/products'
import { anyCase, build } from '../testing/any-case'
import { choosing, oneArea, printed, typed } from '../testing/one-area'
import { passesOf } from './pass'

const put = (
  date: string,
  product: Application['product'],
  lb: number | null,
  parts: Partial<Application> = {},
): Application => ({
  id: `${date} ${product}`,
  areaId: 'a',
  date,
  what:
    product?.startsWith('pelletized') || product?.startsWith('wood')
      ? 'lime'
      : product?.startsWith('sulfur')
        ? 'sulfur'
        : 'fertilizer',
  note: '',
  product,
  amount: lb === null ? typed('', 'lb') : { text: String(lb), unit: 'lb', value: lb },
  pass: null,
  done: 'otherwise',
  ...parts,
})

/** What is still to do of a need: lb of each pass by its number in the plan. */
function leftOf(kase: Case, need: string) {
  const one = leftIn(planned(kase, undefined, { house: noHouse })).find((treatment) => treatment.need === need)
  return one ? passesOf(one).map(({ n, amount }) => [n, Math.round(amount.value.v * 100) / 100]) : []
}

const report = { ...printed({ lime: typed('150', 'lb/1000 ft²') }), pH: typed('5.2'), date: '2026-03-01' }
const lawn = (...applications: Application[]) =>
  oneArea({ crop: 'tall-fescue', texture: 'loam' }, report, { season: '2026', applications })

// 150 lb at 50 a pass are three; what counts as lime is its CaCO₃: 90 % in pelletized stone, 45 % in ash (arithmetic).
const three = [
  [1, 50],
  [2, 50],
  [3, 50],
]
const lime = 'pelletized-calcitic@1'
test.each<[string, Application[], number[][]]>([
  ['nothing', [], three],
  [
    'the first as planned',
    [put('2026-04-01', lime, 50, { pass: 'a/lime/1', done: 'as-planned' })],
    [
      [2, 50],
      [3, 50],
    ],
  ],
  [
    'no amount is as planned',
    [put('2026-04-01', lime, null, { pass: 'a/lime/1' })],
    [
      [2, 50],
      [3, 50],
    ],
  ],
  [
    'more than planned',
    [put('2026-04-01', lime, 90, { pass: 'a/lime/1' })],
    [
      [2, 30],
      [3, 30],
    ],
  ],
  [
    'less than planned is not made up for',
    [put('2026-04-01', lime, 20, { pass: 'a/lime/1' })],
    [
      [2, 50],
      [3, 50],
    ],
  ],
  [
    'skipped is not made up for',
    [put('2026-04-01', lime, 50, { pass: 'a/lime/2', done: 'skipped' })],
    [
      [1, 50],
      [3, 50],
    ],
  ],
  [
    'beside the plan: fewer passes',
    [put('2026-04-01', lime, 60)],
    [
      [1, 45],
      [2, 45],
    ],
  ],
  [
    'ash counts by its CaCO₃',
    [put('2026-04-01', 'wood-ash@1', 60)],
    [
      [1, 40],
      [2, 40],
      [3, 40],
    ],
  ],
  ['fertilizer is no lime', [put('2026-04-01', '10-10-10@1', 60)], three],
  // It answers no pass; of 50 lb 28 days before the test 50 e^(−3 × 28 ÷ 365.25) are still to come (3 a year past 60 mesh).
  [
    'shortly before the report that asks',
    [put('2026-02-01', lime, 50, { pass: 'a/lime/1' })],
    [1, 2, 3].map((n) => [n, Math.round(((150 - 50 * Math.exp((-3 * 28) / 365.25)) / 3) * 100) / 100]),
  ],
  ['in the year before its report', [put('2025', lime, 50)], three],
  ['nobody knows when', [put('in spring', lime, 50)], three],
  ['nothing is left', [put('2026-04', lime, 145)], []],
  ['more than all of it', [put('2026-04-01', lime, 400)], []],
])('lime for a lawn, %s', (_, applications, left) => expect(leftOf(lawn(...applications), 'lime')).toEqual(left))

const garden = (...applications: Application[]) =>
  oneArea(
    { crop: 'tomato', ...choosing({ fertilizer: '10-10-10@1' }) },
    {
      ...printed({ N: typed('3', 'lb/1000 ft²'), 'P₂O₅': typed('3', 'lb/1000 ft²') }),
      pH: typed('6.5'),
      date: '2026-03-01',
    },
    { season: '2026', applications },
  )
const sum = (kase: Case) => leftOf(kase, 'fertilizer').reduce((all, [, lb]) => all + lb!, 0)

// 30 lb of 10-10-10 hold the 3 lb of N; a pound of urea holds 0.46 (arithmetic).
test.each<[string, Application[], number]>([
  ['nothing', [], 30],
  ['the client’s own of the same', [put('2026-04-01', '10-10-10@1', 10)], 20],
  ['urea counts by its nitrogen', [put('2026-04-01', 'urea@1', 2)], 30 - 9.2],
  ['fed before the report, in the same season', [put('2026-02-01', 'urea@1', 2)], 30 - 9.2],
  ['the year before', [put('2025-04-01', 'urea@1', 2)], 30],
  ['lime is no nitrogen', [put('2026-04-01', lime, 50)], 30],
  ['pounds of nobody knows what', [put('2026-04-01', 'gone@1', 50)], 30],
])('what feeds, %s', (_, applications, lb) => expect(sum(garden(...applications))).toBeCloseTo(lb, 1))

const potashLeft = (fertilizer: ProductRef | null, ...applications: Application[]) =>
  leftOf(
    oneArea(
      { crop: 'tomato', ...choosing({ fertilizer }) },
      {
        ...printed({ N: typed('3', 'lb/1000 ft²'), 'K₂O': typed('3', 'lb/1000 ft²') }),
        pH: typed('6.5'),
        date: '2026-03-01',
      },
      { season: '2026', applications },
    ),
    'K₂O',
  ).reduce((all, [, lb]) => all + lb!, 0)

// Needed: 3 lb of each. 10 lb of 10-10-10 bring 1 lb of each. 12.5 lb of 24-0-11 hold the 3 lb of N and 1.375 of K₂O, and
// leave 1.625; with 1 lb of N less 8.33 lb of it go on, with 0.917 of K₂O, and 3 − 1 − 0.917 are left (arithmetic).
test.each<[string, ProductRef | null, Application[], number]>([
  ['nothing', null, [], 3],
  ['no bag chosen, by line', null, [put('2026-04-01', '10-10-10@1', 10)], 2],
  ['no bag chosen, as the pass of the nitrogen', null, [put('2026-04-01', '10-10-10@1', 10, { pass: 'a/N/1' })], 2],
  ['a bag without potash, as its pass', 'urea@1', [put('2026-04-01', '10-10-10@1', 10, { pass: 'a/fertilizer/1' })], 2],
  ['a bag with some of it', '24-0-11@1', [], 1.625],
  ['another beside that', '24-0-11@1', [put('2026-04-01', '10-10-10@1', 10)], 1.083],
])('what brings two nutrients lessens each once: %s', (_, bag, applications, lb) =>
  expect(potashLeft(bag, ...applications)).toBeCloseTo(lb, 1),
)

test('a pass of last year’s plan answers none of this year’s', () => {
  const kase = garden(put('2025-05-01', '10-10-10@1', 20, { pass: 'a/fertilizer/1' }))
  expect(sum(kase)).toBeCloseTo(30)
  expect(
    planned({ ...kase, region: 'cool-inland' }, '2026-03-10').passes.find(({ pass }) => pass.key === 'a/fertilizer/1')!
      .state,
  ).toBe('open')
})

test('calendar, bags and letter follow what was logged', () => {
  const kase = lawn(put('2026-04-01', lime, 60))
  const found = plan({ ...kase, region: 'cool-inland' }, '2026-04-10')
  const passes = found.areas[0]!.passes.filter(({ pass }) => pass.need === 'lime')
  expect(passes.map(({ state }) => state)).toEqual(['open', 'open', 'covered'])
  // Six months from what was put on, though it was in no plan.
  expect(passes[0]!.day! >= '2026-10-01').toBe(true)
  const [bags] = found.purchases
  expect(bags!.all.value.v).toBeCloseTo(90)
  const { says, passes: rows } = letterOf(kase, found).areas[0]!
  expect(says.find(({ key }) => key === 'short.put')!.args).toMatchObject({ lb: 60, more: true })
  const limed = rows.filter(({ pass }) => pass.need === 'lime')
  expect(limed.reduce((sum, { pass }) => sum + pass.amount.value.v, 0)).toBeCloseTo(90)
})

test('whatever was logged: nothing below nothing, no pass above the planned one, and a pass is open, answered or not needed', () => {
  const amounts = fc.double({ min: 0, max: 500, noNaN: true })
  const products = fc.constantFrom(...shippedProducts.map(productRef))
  fc.assert(
    fc.property(
      anyCase,
      products,
      amounts,
      fc.integer({ min: 0, max: 9 }),
      fc.boolean(),
      (seed, product, lb, n, beside) => {
        const plain = build(seed)
        for (const { areaId, treatments } of plan(plain).areas) {
          const one = treatments[n % Math.max(1, treatments.length)]
          if (!one) continue
          const pass = beside ? null : `${one.key}/1`
          const kase = { ...plain, applications: [put(`${plain.season}-12-31`, product, lb, { areaId, pass })] }
          const now = planFor(plan(kase), areaId)
          for (const whole of now.treatments) {
            const { left, answered } = now.standings.get(whole.key)!
            const all = new Map(passesOf(whole).map(({ key, amount }) => [key, amount.value.v]))
            for (const { key, amount } of left ? passesOf(left) : []) {
              expect(answered.has(key)).toBe(false)
              expect(amount.value.v).toBeGreaterThan(0)
              expect(amount.value.v).toBeLessThanOrEqual(all.get(key)! * (1 + 1e-6))
            }
          }
        }
      },
    ),
    { numRuns: 150, seed: 16 },
  )
})
