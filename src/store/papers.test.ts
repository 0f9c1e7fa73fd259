import 'fake-indexeddb/auto'
import { blankReport } from '../core/case/blank'
import { layoutOf } from '../core/report/layout'
import { proposed, signatureOf, type Mapping } from '../schemas/results-file/mapping'
import { rowsOf } from '../schemas/results-file/rows'
import { db } from './db'
import { keepLayout, keepMapping, readLayouts, remembered, removeLayout } from './papers'

const table = rowsOf('Sample,Date,P,Remark\n1,3/4/2026,20,7\n')
const later = rowsOf('Vale results,,,\nSample,Date,P,Remark\n9,3/4/2026,31,2\n')
const mapped = (rows: typeof table, change: Partial<Mapping['columns'][number]>): Mapping => {
  const fresh = proposed(rows)
  return { ...fresh, columns: fresh.columns.map((one) => (one.name === 'P' ? { ...one, ...change } : one)) }
}

test('a file with a head that was read before is read the same way, from where its own rows begin', async () => {
  await keepMapping(signatureOf(table, proposed(table)), {
    ...mapped(table, { unit: 'lb/acre' }),
    dates: 'day-first',
    manner: { ...proposed(table).manner, extractant: 'olsen' },
  })
  const fresh = proposed(later)
  const again = await remembered(signatureOf(later, fresh), fresh)
  expect(again.columns.find(({ name }) => name === 'P')).toMatchObject({ meaning: 'P', unit: 'lb/acre' })
  expect([again.dates, again.manner.extractant, again.head, again.first]).toEqual(['day-first', 'olsen', 1, 2])
})

test('a head that is new is read as it is proposed', async () => {
  const fresh = proposed(table)
  expect(await remembered('another head', fresh)).toBe(fresh)
})

test('papers stand in the order of their names', async () => {
  for (const [id, name] of [
    ['b', 'Weir laboratory'],
    ['a', 'Garden test'],
  ] as const)
    await keepLayout(layoutOf(blankReport('r'), id, name))
  expect((await readLayouts()).map(({ name }) => name)).toEqual(['Garden test', 'Weir laboratory'])
  await removeLayout('a')
  expect(await db.layouts.count()).toBe(1)
})
