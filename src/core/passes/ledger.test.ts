import type { Application } from '../case/applications'
import { shippedProducts } from '../shelf/products'
import { oneArea, typed } from '../testing/one-area'
import { ledger } from './ledger'

const entry = (id: string, parts: Partial<Application>): Application => ({
  id,
  areaId: 'a',
  date: '2026-05-12',
  what: 'fertilizer',
  note: '',
  product: null,
  amount: typed('', 'lb'),
  pass: null,
  done: 'as-planned',
  ...parts,
})
const lb = (v: number) => ({ text: String(v), unit: 'lb', value: v })
const of = (...applications: Application[]) =>
  ledger({ ...oneArea({ crop: 'tomato' }), applications }, shippedProducts)[0]!

// A 50-lb bag of 13-13-13 holds 6.5 lb of each (common practice); 2,333 lb of 10-6-1 bring 233 lb N (exact).
test.each([
  ['13-13-13@1', 50, { N: 6.5, 'P₂O₅': 6.5, 'K₂O': 6.5, S: 0 }],
  ['fish-meal@1', 2_333, { N: 233.3, 'P₂O₅': 139.98 }],
  ['ammonium-sulfate@1', 100, { N: 21, S: 24 }],
  ['sulfur-prills@1', 10, { S: 9, N: 0 }],
  ['pelletized-calcitic@1', 100, { 'CaCO₃': 90 }],
  ['wood-ash@1', 100, { 'P₂O₅': 1, 'K₂O': 5, 'CaCO₃': 45 }],
] as const)('%s, %s lb', (product, pounds, holds) => {
  const { years } = of(entry('x', { product, amount: lb(pounds) }))
  for (const [line, v] of Object.entries(holds)) expect(years[0]!.lb[line as 'N']).toBeCloseTo(v, 6)
})

test('years are summed apart, the latest first; what was skipped, or does not say what it was, is in no sum', () => {
  const { years } = of(
    entry('a', { product: '10-10-10@1', amount: lb(50), date: '2025' }),
    entry('b', { product: '10-10-10@1', amount: lb(50) }),
    entry('c', { product: '10-10-10@1', amount: lb(25), date: '2026-06' }),
    entry('d', { product: '10-10-10@1', amount: lb(25), done: 'skipped' }),
    entry('e', { note: 'two bags of something' }),
    entry('f', { date: 'long ago', product: 'urea@1', amount: lb(5) }),
  )
  expect(years.map(({ year, lb: { N }, untold }) => [year, N, untold])).toEqual([
    ['2026', 7.5, 1],
    ['2025', 5, 0],
  ])
})
