import { shippedProducts } from '../core/shelf/products'
import { sampleOffice } from '../demo/sample-cases'
import { officeSchema } from './office'
import { mostLines, readShelfCsv, shelfCsv } from './shelf-csv'

const read = (text: string) => readShelfCsv(text, shippedProducts, {}, '2026-11-26', () => 'own-1')

test('a shelf written and read is the same shelf', () => {
  const found = read(shelfCsv(shippedProducts, sampleOffice.shelf))
  if (typeof found === 'string') throw new Error(found)
  expect(found.refused).toEqual([])
  for (const [ref, sold] of Object.entries(sampleOffice.shelf)) expect(found.shelf[ref as never]).toEqual(sold)
  expect(officeSchema.validate({ ...sampleOffice, shelf: found.shelf }).error).toBeUndefined()
})

test('lines that cannot be used are named, and the others are taken', () => {
  const found = read(
    [
      'product,label,bags,sold here',
      'urea,,50 lb $31,yes',
      'Green Meadow,16-4-8 30 % slow,40 lb $22.50,yes',
      'Too much,60-60-60,40 lb,yes',
      'Priced alone,10-0-0,$5,yes',
      '"=cmd|calc",9-0-0,10 lb $4,no',
      'Unknown thing,,10 lb,yes',
    ].join('\n'),
  )
  if (typeof found === 'string') throw new Error(found)
  expect(found.read).toBe(3)
  expect(found.refused.map(({ line, why }) => [line, why?.key ?? null])).toEqual([
    [4, 'label.over-hundred'],
    [5, 'label.price-without-size'],
    [7, null],
  ])
  expect(found.shelf['urea@1']).toEqual({ bags: [{ lb: 50, price: 31, on: '2026-11-26' }], away: false })
  expect(found.products.map(({ label }) => label.en)).toEqual(['Green Meadow', '=cmd|calc'])
  // And out again it is no formula.
  expect(shelfCsv(found.products, found.shelf)).toContain("'=cmd|calc")
})

test.each([
  ['50,000 lines', `id,bags\n${'urea@1,50 lb\n'.repeat(50_000)}`, 'too-many'],
  ['no columns', 'a,b\n1,2', 'no-columns'],
  ['nothing', '', 'no-columns'],
])('%s', (_, text, why) => expect(read(text)).toBe(why))

test('as many lines as there may be are read', () =>
  expect(read(`id,bags\n${'urea@1,50 lb\n'.repeat(mostLines)}`)).toMatchObject({ read: mostLines }))
