import * as fc from 'fast-check'
import type { Case } from '../../case/case'
import { guides } from '../../guides/guides'
import { regionFor, regions, type Region } from '../../guides/regions'
import { recommend } from '../../recommend'
import { shippedProducts } from '../../shelf/products'
import { anyCase, build, number } from '../../testing/any-case'
import { choosing, oneArea, printed, typed } from '../../testing/one-area'
import { job } from '../job'
import { sortOf } from './closed'
import { dayAt, dayNumber, monthsOn } from './day'
import { program, type AreaProgram } from './program'
import { readYearDay, type ClosedTime } from './rule'
import { growingSeason, inMonths, soilOn } from './season'

const cool = regionFor('cool-inland', 'cool')
function planned(kase: Case, from: string, region: Region = cool, closed: readonly ClosedTime[] = []): AreaProgram {
  const found = recommend(kase, guides, shippedProducts)
  return program(kase, found, job(kase, found), guides, region, closed, from).areas[0]!
}
const days = (kase: Case, need: string, ...rest: [string, Region?, (readonly ClosedTime[])?]) =>
  planned(kase, ...rest)
    .passes.filter(({ pass }) => pass.need === need)
    .map(({ day }) => day)
const keysOf = ({ passes }: AreaProgram, need: string) =>
  passes.filter(({ pass }) => pass.need === need).flatMap(({ problems }) => problems.map(({ key }) => key))

const lawn = (lime: string) =>
  oneArea(
    { crop: 'tall-fescue', texture: 'loam' },
    { ...printed({ lime: typed(lime, 'lb/1000 ft²') }), pH: typed('5.2') },
  )

describe('days', () => {
  test.each([
    ['2024-02-29', true],
    ['2026-02-29', false],
    ['2026-02-31', false],
    ['2026-12-31', true],
    ['12 May', false],
  ])('%s: %s', (day, is) => expect(dayNumber(day) !== undefined).toBe(is))
  test.each([
    ['2026-08-31', 6, '2027-02-28'],
    ['2027-08-31', 6, '2028-02-29'],
    ['2026-11-30', 3, '2027-02-28'],
    ['2026-11-26', 12, '2027-11-26'],
  ])('%s and %i months is %s', (day, months, then) => expect(dayAt(monthsOn(dayNumber(day)!, months))).toBe(then))
  test('every day of 400 years is that of the language’s own calendar, and comes back', () => {
    for (let at = -80_000; at < 66_000; at += 1) {
      const day = new Date(at * 86_400_000).toISOString().slice(0, 10)
      if (dayAt(at) !== day || dayNumber(day) !== at) throw new Error(day)
    }
  })
  test.each([
    ['1 Dec', '12-01'],
    ['December 1st', '12-01'],
    ['12/1', '12-01'],
    ['02-29', '02-29'],
    ['31 Feb', undefined],
    ['13/1', undefined],
    ['soon', undefined],
  ])('%s is %s', (text, is) => expect(readYearDay(text)).toBe(is))
})

/** Common practice: 225 lb on a lawn is five passes over two years, with a retest before the last. */
test('225 lb of lime on a lawn: five passes, half a year apart, two years, a test before the last', () => {
  const found = planned(lawn('225'), '2026-11-26')
  const lime = found.passes.filter(({ pass }) => pass.need === 'lime')
  expect(lime.map(({ day }) => day)).toEqual(['2026-11-26', '2027-05-26', '2027-11-26', '2028-05-26', '2028-11-26'])
  const gate = found.retests.find(({ before }) => before === 'a/lime/5')!
  expect(gate.day > lime[3]!.day! && gate.day < lime[4]!.day!).toBe(true)
  expect(lime.flatMap(({ problems }) => problems)).toEqual([])
})

/** Common practice: September, October–November, May, none June–August; as many months off in the southern half. */
test.each([
  ['cool-inland', '2026-06-10', ['2026-09-01', '2026-10-01', '2027-05-01']],
  ['south-cool', '2026-12-10', ['2027-03-01', '2027-04-01', '2027-11-01']],
])('a cool lawn in %s from %s', (region, from, wanted) => {
  const kase = oneArea({ crop: 'tall-fescue', texture: 'loam' }, { pH: typed('6.5') })
  expect(days(kase, 'N', from, regionFor(region, 'cool'))).toEqual(wanted)
})

test('warm turf is fed between full green-up and six weeks before frost', () => {
  const region = regionFor('warm-inland', 'warm')
  const kase = oneArea({ crop: 'bermuda', texture: 'loam' }, { pH: typed('6.5') })
  const [first, ...rest] = days(kase, 'N', '2026-11-26', region)
  // Last frost 5 April, 25 days; first frost 1 November, 42 days.
  expect(first).toBe('2027-04-30')
  expect(rest.every((day) => day! < '2027-09-21')).toBe(true)
})

test('ammonium waits two weeks after lime, phosphate a month', () => {
  const kase = oneArea(
    { crop: 'mixed-vegetables', texture: 'loam', sown: '2027-05-20', ...choosing({ fertilizer: '10-10-10@1' }) },
    {
      ...printed({ lime: typed('50', 'lb/1000 ft²') }),
      pH: typed('5.4'),
      extractant: 'mehlich-3',
      P: typed('10', 'ppm'),
      K: typed('40', 'ppm'),
    },
  )
  const found = planned(kase, '2027-05-01')
  const [lime] = found.passes.filter(({ pass }) => pass.need === 'lime')
  const [feed] = found.passes.filter(({ pass }) => pass.need === 'fertilizer')
  expect(lime!.day).toBe('2027-05-01')
  expect(feed!.day).toBe('2027-05-31')
  // Meant for before planting on 20 May: it says so.
  expect(feed!.problems.map(({ key }) => key)).toEqual(['program.late'])
  expect(lime!.problems.map(({ key }) => key)).toEqual(['program.lime-late'])
})

test('sulfur works in no cold soil: three months apart, two a year, tested before each', () => {
  const kase = oneArea({ crop: 'highbush-blueberry', texture: 'loam', ground: 'planted' }, { pH: typed('6.6') })
  const found = planned(kase, '2026-11-26')
  const sulfur = found.passes.filter(({ pass }) => pass.need === 'sulfur')
  expect(sulfur.length).toBeGreaterThan(2)
  for (const { day } of sulfur) expect(soilOn(cool, dayNumber(day!)!)).toBeGreaterThanOrEqual(50)
  expect(found.retests.filter(({ before }) => before)).toHaveLength(sulfur.length - 1)
})

describe('a pass that was moved', () => {
  const moved = (to: string, was: string) => {
    const kase = lawn('225')
    return {
      ...kase,
      decisions: {
        ...kase.decisions,
        moves: { 'a/lime/2': { to, planned: was, by: 'MV', at: '2026-11-26T09:00:00.000Z' } },
      },
    }
  }
  test('stays where it was put, and those behind it follow', () => {
    const found = planned(moved('2027-09-10', '2027-05-26'), '2026-11-26')
    expect(
      found.passes
        .filter(({ pass }) => pass.need === 'lime')
        .map(({ day }) => day)
        .slice(1, 3),
    ).toEqual(['2027-09-10', '2028-03-10'])
    expect(keysOf(found, 'lime')).toEqual([])
  })
  test.each([
    ['2027-02-10', ['program.too-soon']],
    ['2026-03-10', ['program.past', 'program.too-soon']],
    ['2027-01-15', ['program.frozen', 'program.too-soon']],
  ])('to %s: %s', (to, keys) =>
    expect(keysOf(planned(moved(to, '2027-05-26'), '2026-11-26'), 'lime')).toEqual(expect.arrayContaining(keys)),
  )
  test('says when the plan around it is another', () =>
    expect(keysOf(planned(moved('2027-09-10', '2027-05-26'), '2027-02-20'), 'lime')).toContain('program.plan-changed'))
})

test('what was done counts from its day, what was skipped does not', () => {
  const kase = lawn('225')
  const logged = (date: string, done: 'as-planned' | 'skipped'): Case => ({
    ...kase,
    applications: [
      {
        id: 'x',
        areaId: 'a',
        date,
        what: 'lime',
        note: '',
        product: null,
        amount: typed('50 lb', 'lb'),
        pass: 'a/lime/1',
        done,
      },
    ],
  })
  expect(days(logged('2027-03-20', 'as-planned'), 'lime', '2027-04-01').slice(0, 2)).toEqual([
    '2027-03-20',
    '2027-09-20',
  ])
  const [first, second] = planned(logged('2027-03-20', 'skipped'), '2027-04-01').passes
  expect([first!.state, second!.state, second!.day]).toEqual(['skipped', 'open', '2027-04-01'])
})

test('a blackout over the whole year is said, and nothing is dated', () => {
  const whole: ClosedTime = { id: 'c', name: 'No feeding', from: '1 Jan', to: '31 Dec', what: 'all', where: 'all' }
  const found = planned(lawn('50'), '2026-11-26', cool, [whole])
  expect(found.passes.every(({ day, problems }) => day === null && problems[0]!.key === 'program.no-day')).toBe(true)
})
test('a blackout of phosphate closes winter for it, and for nothing else', () => {
  const ban: ClosedTime = { id: 'c', name: 'County', from: '1 Dec', to: '31 Mar', what: 'P₂O₅', where: 'lawn' }
  expect(days(lawn('50'), 'lime', '2026-12-02', regionFor('warm-coast', 'warm'), [ban])).toEqual(['2026-12-02'])
})

/** A plan checked by rules of its own, not by those that made it: what it breaks, it says. */
test('1,000 random programs keep intervals, order, windows and closed times, or say which they do not', () => {
  const one = fc.tuple(anyCase, fc.constantFrom(...regions), fc.integer({ min: 0, max: 1_500 }), number(0, 1))
  fc.assert(
    fc.property(one, ([any, region, later]) => {
      const kase = build(any)
      const from = 20_400 + later
      const found = recommend(kase, guides, shippedProducts)
      const [area] = program(kase, found, job(kase, found), guides, region, [], dayAt(from)).areas
      if (!area) return
      const last = new Map<string, number>()
      const limed: number[] = []
      for (const { pass, treatment, day, problems } of [...area.passes].sort((a, b) => a.pass.n - b.pass.n)) {
        const said = new Set(problems.map(({ key }) => key))
        if (day === null) {
          expect(said).toContain('program.no-day')
          continue
        }
        const at = dayNumber(day)!
        expect(at).toBeGreaterThanOrEqual(from)
        const before = last.get(treatment.key)
        if (before !== undefined && pass.interval)
          expect(at).toBeGreaterThanOrEqual(
            'months' in pass.interval ? monthsOn(before, pass.interval.months) : before + pass.interval.days,
          )
        last.set(treatment.key, at)
        if (pass.need === 'lime') limed.push(at)
        const sort = sortOf(treatment)
        expect(soilOn(region, at)).toBeGreaterThanOrEqual(sort === 'sulfur' ? 50 : sort === 'feeding' ? 34 : 34)
        if (sort === 'feeding' && area.ground.turf?.kind === 'cool') expect(inMonths(at, [6, 8], region)).toBe(false)
        if (sort === 'feeding' && area.ground.turf?.kind === 'warm') expect(growingSeason(at, region)).not.toBeNull()
      }
      for (const { pass, day } of area.passes)
        for (const { days: apart } of pass.after)
          for (const lime of limed)
            if (day !== null && dayNumber(day)! >= lime) expect(dayNumber(day)! - lime).toBeGreaterThanOrEqual(apart)
    }),
    { numRuns: 1_000, seed: 7 },
  )
})
