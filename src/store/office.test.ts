import 'fake-indexeddb/auto'
import { blankOffice } from '../core/office'
import { sampleOffice } from '../demo/sample-cases'
import { removeSamples } from './desk'
import { db } from './db'
import { addSampleOffice, editOffice, initialsOf, readOffice } from './office'

beforeEach(async () => {
  jest.restoreAllMocks()
  await db.office.clear()
})

test('is blank at first, and keeps what is typed, stroke upon stroke', async () => {
  expect(await readOffice()).toEqual(blankOffice)
  await Promise.all(['V', 'Va', 'Vale'].map((name) => editOffice({ name })))
  await editOffice({ people: 'MV' })
  expect(await readOffice()).toEqual({ ...blankOffice, name: 'Vale', people: 'MV' })
})

test('prices that are typed in one moment stand beside each other', async () => {
  const sold = { bags: [{ lb: 50, price: 24, on: '2026-11-26' }], away: false }
  const refs = ['urea@1', '10-10-10@1', 'gypsum@1'] as const
  await Promise.all(refs.map((ref) => editOffice(({ shelf }) => ({ shelf: { ...shelf, [ref]: sold } }))))
  expect(Object.keys((await readOffice()).shelf)).toEqual([...refs])
})

test('a refused change waits and goes in with the next', async () => {
  const refusal = jest.spyOn(db.office, 'put').mockRejectedValue(new DOMException('no room', 'QuotaExceededError'))
  await expect(editOffice({ name: 'while refused' })).rejects.toThrow()
  refusal.mockRestore()
  await editOffice({ address: 'here' })
  expect(await readOffice()).toMatchObject({ name: 'while refused', address: 'here' })
})

test('the sample office fills a gap, never a place; removed with the samples unless it was edited', async () => {
  await addSampleOffice(sampleOffice)
  await removeSamples()
  expect(await readOffice()).toEqual(blankOffice)
  await addSampleOffice(sampleOffice)
  await editOffice({ name: 'Our own' })
  await addSampleOffice(sampleOffice)
  await removeSamples()
  expect(await readOffice()).toMatchObject({ name: 'Our own', people: sampleOffice.people, sample: false })
})

test('initials are read however they are parted, each once', () =>
  expect(initialsOf({ people: ' MV, TB;os\nMV ' })).toEqual(['MV', 'TB', 'os']))

test.each([
  ['a number for a name', { name: 7 }, { name: '' }],
  ['no schools', { schools: null }, { schools: {} }],
  ['an unknown climate', { climate: 'wet' }, { climate: 'cool' }],
  ['no guide', { guide: 3 }, { guide: blankOffice.guide }],
])(
  'a damaged office, %s, is read as far as it can be, says so, and is whole with the next edit',
  async (_, bad, read) => {
    await db.office.put({ ...blankOffice, address: 'Lake Road', ...bad } as never)
    expect(await readOffice()).toEqual({ ...blankOffice, address: 'Lake Road', ...read, damaged: true })
    await editOffice({ people: 'MV' })
    expect(await db.office.get('office')).toEqual({ ...blankOffice, address: 'Lake Road', ...read, people: 'MV' })
  },
)
