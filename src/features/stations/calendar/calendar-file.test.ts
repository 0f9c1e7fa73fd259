import ICAL from 'ical.js'
import { plan } from '@/core/testing/planned'
import { oneArea, printed, typed } from '@/core/testing/one-area'
import { shippedProducts } from '@/core/shelf/products'
import { blankApplication } from '@/core/case/blank'
import { calendarFile } from './calendar-file'

const lawn = oneArea(
  { crop: 'tall-fescue', texture: 'loam', name: 'Front; lawn, "south"' },
  { ...printed({ lime: typed('120', 'lb/1000 ft²') }), pH: typed('5.4') },
)
function fileOf(kase: typeof lawn, from = '2026-12-31') {
  return calendarFile(kase, plan(kase, from), shippedProducts, '2026-11-26T09:00:00.000Z')
}
const read = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent').map((one) => {
    const event = new ICAL.Event(one)
    return {
      id: event.uid,
      day: event.startDate.toString(),
      until: event.endDate.toString(),
      isDate: event.startDate.isDate,
      summary: event.summary,
      status: String(one.getFirstPropertyValue('status')),
      sequence: event.sequence,
    }
  })

test('is read back by another library: whole days, in any time zone, with what goes on', () => {
  const { text, ids } = fileOf(lawn)
  const events = read(text)
  expect(events.map(({ id }) => id)).toEqual(ids)
  const first = events.find(({ id }) => id.endsWith('/a/lime/1@agrologos'))!
  // Soil at 31 °F in the middle of February and 36 in that of March passes 34 on 3 March (worked by hand).
  expect(first).toMatchObject({ day: '2027-03-03', until: '2027-03-04', isDate: true, status: 'CONFIRMED' })
  expect(first.summary).toContain('Front; lawn, "south": ')
  expect(events.some(({ summary }) => summary.endsWith('soil test'))).toBe(true)
})

test('what was applied stands on its day with what was really applied', () => {
  const entry = {
    ...blankApplication('x', 'a', '2026-12-20'),
    what: 'lime' as const,
    product: 'pelletized-calcitic@1' as const,
    amount: typed('7', 'lb'),
    pass: 'a/lime/1',
    done: 'otherwise' as const,
  }
  const first = read(fileOf({ ...lawn, applications: [entry] }).text).find(({ id }) =>
    id.endsWith('/a/lime/1@agrologos'),
  )
  expect(first).toMatchObject({
    day: '2026-12-20',
    summary: expect.stringMatching(/^Done: .*: 7 lb pelletized lime/) as string,
  })
})

test('a second one updates by the same ids, and calls off what is no more', () => {
  const first = fileOf(lawn)
  const less = {
    ...lawn,
    rev: lawn.rev + 3,
    calendarSent: first.ids,
    reports: lawn.reports.map((one) => ({
      ...one,
      recommends: { ...one.recommends, lime: typed('40', 'lb/1000 ft²') },
    })),
  }
  const second = fileOf(less)
  expect(second.off).toBe(3)
  const events = read(second.text)
  expect(
    events.filter(({ status }) => status === 'CANCELLED').map(({ id }) => id.split('/').slice(1).join('/')),
  ).toEqual(['a/lime/2@agrologos', 'a/lime/3@agrologos', 'a/test/a/lime/3@agrologos'])
  expect(events.every(({ sequence }) => sequence === less.rev)).toBe(true)
  expect(new Set(events.map(({ id }) => id)).size).toBe(events.length)
})
