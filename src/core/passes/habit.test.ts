import type { Application } from '../case/applications'
import { membersOf } from '../case/members'
import { guides } from '../guides/guides'
import { oneArea, typed } from '../testing/one-area'
import { shippedProducts } from '../shelf/products'
import { habitsOf, needsIn } from './habit'
import { ledger } from './ledger'

const fed = (year: string, product: Application['product'], lb: number | null): Application => ({
  id: `${year} ${product}`,
  areaId: 'a',
  date: year,
  what: 'fertilizer',
  note: '',
  product,
  amount: lb === null ? typed('', 'lb') : { text: String(lb), unit: 'lb', value: lb },
  pass: null,
  done: 'otherwise',
})

/** A lawn of 1,000 ft², medium in potassium, with as much phosphorus as it wants. */
function said(...applications: Application[]) {
  const report = {
    date: '2023-03-01',
    areas: membersOf(['a']),
    extractant: 'mehlich-3' as const,
    pH: typed('6.4'),
    P: typed('90', 'ppm'),
    K: typed('60', 'ppm'),
  }
  const kase = { ...oneArea({ crop: 'tall-fescue', texture: 'loam' }, report, { season: '2026', applications }) }
  const [kept] = ledger(kase, shippedProducts)
  const needs = new Map(kept!.years.map(({ year }) => [year, needsIn(kase, 'a', year, guides, shippedProducts)]))
  expect(needs.get('2025')?.['P₂O₅'] ?? 0).toBe(0)
  return habitsOf(kept!, needs, applications, shippedProducts, 1_000).map(({ key, args }) => [
    key,
    args.from,
    args.to,
    Math.round(Number(args.put) * 10) / 10,
  ])
}

// 60 lb of 10-6-1 bring 3.6 lb P₂O₅ and 0.6 lb K₂O (exact). Two years make a habit: common practice.
const meal = 'fish-meal@1'
test.each<[string, Application[], unknown[]]>([
  ['one year is none', [fed('2025', meal, 60)], []],
  ['two years are', [fed('2024', meal, 60), fed('2025', meal, 60)], ['habit.P', 'habit.K']],
  ['years apart are not', [fed('2022', meal, 60), fed('2025', meal, 60)], []],
  [
    'it ended',
    [fed('2023', meal, 60), fed('2024', meal, 60), fed('2025', 'urea@1', 7), fed('2025', 'muriate-of-potash@1', 5)],
    [],
  ],
  ['nitrogen alone starves it of potash', [fed('2024', 'urea@1', 7), fed('2025', 'urea@1', 7)], ['habit.K']],
  ['nobody knows how much', [fed('2024', meal, null), fed('2025', meal, 60)], []],
])('%s', (_, applications, keys) => expect(said(...applications).map(([key]) => key)).toEqual(keys))

test('it is told in pounds, over the years that it lasted', () =>
  expect(said(fed('2023', meal, 60), fed('2024', meal, 60), fed('2025', meal, 60))[0]).toEqual([
    'habit.P',
    '2023',
    '2025',
    10.8,
  ]))
