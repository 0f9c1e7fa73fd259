import * as fc from 'fast-check'
import type { Case } from '../../case/case'
import { guideRef } from '../../guides/guide'
import { guides } from '../../guides/guides'
import { regionFor, regions, type Region } from '../../guides/regions'
import { blankApplication, blankSample } from '../../case/blank'
import type { Typed } from '../../units/typed'
import { anyCase, build, number } from '../../testing/any-case'
import { choosing, oneArea, printed, typed } from '../../testing/one-area'
import { letterOf } from '../../letter/letter'
import { sortOf } from './closed'
import { duesOf } from '../../plan/due'
import type { AreaPlan } from '../../plan/plan'
import { noHouse, plan } from '../../testing/planned'
import { readOwnRegion, regionOf } from '../../calendar/own-region'
import { dayAt, dayNumber, monthsOn } from '../../calendar/day'
import { noRules, readYearDay, type ClosedTime, type Rules } from '../../calendar/rule'
import { growingSeason, inMonths, soilOn } from '../../calendar/season'

const cool = regionFor('cool-inland', 'cool')
const planned = (kase: Case, today: string, region: Region = cool, rules: Partial<Rules> = {}): AreaPlan =>
  plan({ ...kase, region: region.id }, today, { rules: { ...noRules, ...rules }, house: noHouse }).areas[0]!
const days = (kase: Case, need: string, ...rest: [string, Region?, Partial<Rules>?]) =>
  planned(kase, ...rest)
    .passes.filter(({ pass }) => pass.need === need)
    .map(({ day }) => day)
const keysOf = ({ passes }: AreaPlan, need: string) =>
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

/** Common practice: three years between tests where nothing is moved, or as the office's school or its own guide has it. */
test.each([
  [{}, 3, '2029-10-01', null],
  [{ retest: '1' }, 3, '2027-10-01', 1],
  [{ retest: '2' }, 3, '2028-10-01', 2],
  [{}, 4, '2030-10-01', 4],
])('the next test by the school %p and a guide of %i years: %s, and so in the letter', (schools, years, day, told) => {
  const own = guides.map((one) => ({ ...one, sampling: { ...one.sampling, retestYears: years } }))
  const next = (kase: Case) => {
    const found = plan(kase, '2026-11-26', { guides: own })
    return { days: found.areas[0]!.tests.map((one) => one.day), told: letterOf(kase, found).retestYears }
  }
  const fits = oneArea({ crop: 'tomato' }, { pH: typed('6.4'), date: '2026-10-01' }, { schools })
  expect(next(fits)).toEqual({ days: [day], told })
  // Soil that was sent off and is not back yet counts from the day on which it was taken.
  const bag = blankSample('s', 1)
  const taken = { ...bag, areas: ['a'], taken: { ...bag.taken, date: '2026-10-01' } }
  expect(next(oneArea({ crop: 'tomato' }, null, { schools, samples: [taken] })).days).toEqual([day])
})

/**
 * Common practice: 225 lb on a lawn is five passes, half a year apart; the last waits for a test six months after the fourth,
 * on November 26, and three weeks for its answer, by when the ground is frozen until March 3 (as in the calendar's file).
 */
test('225 lb of lime on a lawn: five passes, half a year apart, a test before the last', () => {
  const found = planned(lawn('225'), '2026-11-26')
  const lime = found.passes.filter(({ pass }) => pass.need === 'lime')
  expect(lime.map(({ day }) => day)).toEqual(['2026-11-26', '2027-05-26', '2027-11-26', '2028-05-26', '2029-03-03'])
  const gate = found.tests.find(({ before }) => before === 'a/lime/5')!
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

/** Common practice: both diggings in one preparation before sowing, the rest after the harvest; nothing is dug in between. */
test('lime for a bed that is dug: two halves on one day, and never while something grows there', () => {
  const bed = (lime: string, sown: string, today: string) =>
    planned(
      oneArea(
        { crop: 'mixed-vegetables', texture: 'loam', sown },
        { ...printed({ lime: typed(lime, 'lb/1000 ft²') }), pH: typed('5.0') },
      ),
      today,
    )
      .passes.filter(({ pass }) => pass.need === 'lime')
      .map(({ day, pass }) => [day, pass.how.again ?? false])
  const [first, second] = bed('150', '2027-05-20', '2026-11-26')
  expect([first, second]).toEqual([
    ['2026-11-26', false],
    ['2026-11-26', true],
  ])
  // Planted on May 20; this region's first frost is October 5: from then on.
  expect(bed('50', '2027-05-20', '2027-06-10')).toEqual([['2027-10-05', false]])
})

test.each([
  ['tomato', '2026-11-26', '2027-05-24'],
  ['onion', '2026-11-26', '2027-04-05'],
  ['plot-small-grains', '2027-02-01', '2027-08-31'],
])('%s is planted as is usual, said as assumed: from %s on %s (common practice)', (crop, today, day) => {
  const { planting } = planned(oneArea({ crop, texture: 'loam' }, { pH: typed('6.4') }), today)
  expect(planting).toMatchObject({ day, assumed: true })
})

test('garlic that was set in October is fed in spring, and no more once it bulbs (common practice)', () => {
  const kase = oneArea({ crop: 'onion', texture: 'loam', sown: '2026-10-15' }, { pH: typed('6.5') })
  const [at, ...spring] = days(kase, 'N', '2026-10-01')
  expect(at! <= '2026-10-22').toBe(true)
  // Last frost May 10: six to two weeks before it, and none from two weeks after it.
  expect(spring.every((day) => day! >= '2027-03-29' && day! <= '2027-05-24')).toBe(true)
})

test('sulfur works in no cold soil: three months apart, two a year, tested before each', () => {
  const kase = oneArea({ crop: 'highbush-blueberry', texture: 'loam', ground: 'planted' }, { pH: typed('6.6') })
  const found = planned(kase, '2026-11-26')
  const sulfur = found.passes.filter(({ pass }) => pass.need === 'sulfur')
  expect(sulfur.length).toBeGreaterThan(2)
  for (const { day } of sulfur) expect(soilOn(cool, dayNumber(day!)!)).toBeGreaterThanOrEqual(50)
  expect(found.tests.filter(({ before }) => before)).toHaveLength(sulfur.length - 1)
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
  const found = planned(lawn('50'), '2026-11-26', cool, { closedTimes: [whole] })
  expect(found.passes.every(({ day, problems }) => day === null && problems[0]!.key === 'program.no-day')).toBe(true)
})
test('a blackout of phosphate closes winter for it, and for nothing else', () => {
  const ban: ClosedTime = { id: 'c', name: 'County', from: '1 Dec', to: '31 Mar', what: 'P₂O₅', where: 'lawn' }
  expect(days(lawn('50'), 'lime', '2026-12-02', regionFor('warm-coast', 'warm'), { closedTimes: [ban] })).toEqual([
    '2026-12-02',
  ])
})

test('a limit of the year scales what is over it, what was logged counts, and a ban lets nothing on', () => {
  const fed = oneArea(
    { crop: 'tall-fescue', texture: 'loam' },
    { ...printed({ N: typed('4', 'lb/1000 ft²') }), pH: typed('6.4'), date: '2026-03-01' },
  )
  const limited = (most: string, kase = fed) => {
    const limit = { id: 'l', name: 'County', what: 'N' as const, where: 'lawn' as const, most }
    const found = planned(kase, '2027-01-05', cool, { yearLimits: [limit] })
    const open = found.passes.filter(({ pass, state }) => pass.need === 'N' && state === 'open')
    return {
      days: open.map(({ day }) => day),
      lb: open.reduce((sum, { pass }) => sum + pass.amount.value.v, 0),
      told: found.limited.map(({ args }) => Math.round((args.held as number) * 100) / 100),
    }
  }
  const free = limited('99')
  expect(free).toMatchObject({ lb: expect.closeTo(4, 6) as number, told: [] })
  // Four passes of 1 lb, three of them in 2027: at most 2 lb there leave ⅔ of each (arithmetic).
  const in2027 = free.days.filter((day) => day!.startsWith('2027')).length
  const two = limited('2')
  expect(two.days).toEqual(free.days)
  expect(two.lb).toBeCloseTo((4 * 2) / in2027, 6)
  expect(two.told).toEqual([Math.round((4 - (4 * 2) / in2027) * 100) / 100])
  const own = {
    ...blankApplication('x', 'a', '2027-02'),
    what: 'fertilizer' as const,
    product: 'urea@1' as const,
    amount: typed(1 / 0.46, 'lb'),
  }
  // The client's pound of nitrogen is one of the two.
  const after = limited('2', { ...fed, applications: [own] })
  const nextYear = after.days.filter((day) => !day!.startsWith('2027')).length
  expect(after.lb).toBeLessThanOrEqual(1 + nextYear + 1e-6)
  expect(limited('0')).toEqual({ days: [], lb: 0, told: [] })
  expect(limited('a little')).toEqual(free)
})

test('a strip beside water is told where the ground lies nearer to it', () => {
  const at = (toWater: Typed, width: string) =>
    planned(withLie(lawn('50'), toWater), '2026-11-26', cool, {
      waterStrips: [{ id: 's', name: 'Shore', what: 'all', width }],
    }).strips.map(({ key }) => key)
  expect(at(typed('10', 'ft'), '15')).toEqual(['program.strip'])
  expect(at({ text: '4', unit: 'm', value: 4 }, '15')).toEqual(['program.strip'])
  expect(at(typed('20', 'ft'), '15')).toEqual([])
  expect(at(typed('', 'ft'), '15')).toEqual([])
  expect(at(typed('10', 'ft'), 'wide')).toEqual([])
})

describe('a region of the office’s own', () => {
  const own = {
    id: 'r',
    name: 'Hills',
    hemisphere: 'north' as const,
    lastFrost: '20 May',
    firstFrost: '25 Sep',
    soil: '29 29 33 44 55 64 69 68 60 49 40 32',
  }
  test.each<[string, object, string[]]>([
    ['as it should be', {}, []],
    ['without frost', { lastFrost: '', firstFrost: ' ' }, []],
    ['one frost alone', { lastFrost: '' }, ['lastFrost']],
    ['31 Feb', { firstFrost: '31 Feb' }, ['firstFrost']],
    ['eleven months', { soil: '29 29 33 44 55 64 69 68 60 49 40' }, ['soil']],
    ['boiling', { soil: '29 29 33 44 55 64 69 680 60 49 40 32' }, ['soil']],
    ['in °C', { soil: '0, 0, 3, 8, 14, 19, 22, 21, 17, 11, 6, 1 °C' }, []],
  ])('%s', (_, parts, faults) => expect(Object.keys(readOwnRegion({ ...own, ...parts }).faults)).toEqual(faults))
  test('goes before one that ships; one that cannot be read does not', () => {
    const kase = { region: 'warm-coast', climate: 'cool' as const, ownRegion: own }
    expect(regionOf(kase)).toMatchObject({ lastFrost: '05-20', soil: expect.arrayContaining([69]) as unknown })
    expect(regionOf({ ...kase, ownRegion: { ...own, soil: '' } }).id).toBe('warm-coast')
    expect(regionOf({ ...kase, ownRegion: null, region: 'gone' }).id).toBe('cool-inland')
  })
})

test('nitrogen that falls into the next season says so: that one has a need of its own', () => {
  const bermuda = oneArea(
    { crop: 'bermuda', texture: 'loam', ...choosing({ fertilizer: 'urea@1' }) },
    { ...printed({ N: typed('4.4', 'lb/1000 ft²') }), pH: typed('6.4') },
  )
  const said = planned(bermuda, '2026-11-26').passes.map(({ day, problems }) => [
    day!.slice(0, 4),
    problems.map(({ key }) => key).includes('program.next-season'),
  ])
  expect(said.some(([year]) => year === '2028')).toBe(true)
  for (const [year, told] of said) expect(told).toBe(year === '2028')
})

/** The rules of an office: no nitrogen in May, and so much in a year. */
const rulesOf = (most: number): Rules => ({
  ...noRules,
  closedTimes: [{ id: 'm', name: 'May', from: '1 May', to: '31 May', what: 'N', where: 'all' }],
  yearLimits: [{ id: 'y', name: 'Year', what: 'N', where: 'all', most: String(most) }],
})

const withLie = (kase: Case, toWater: Typed): Case => ({
  ...kase,
  areas: kase.areas.map((area) => ({ ...area, lie: { ...area.lie, toWater } })),
})

/** A plan checked by rules of its own, not by those that made it: what it breaks, it says. */
test('1,000 random programs keep intervals, order, windows and closed times, or say which they do not', () => {
  const one = fc.tuple(
    anyCase,
    fc.constantFrom(...regions),
    fc.integer({ min: 0, max: 1_500 }),
    number(0, 4),
    fc.boolean(),
  )
  fc.assert(
    fc.property(one, ([any, region, later, most, ruled]) => {
      const kase = build(any)
      const from = 20_400 + later
      const area = planned(kase, dayAt(from), region, ruled ? rulesOf(most) : noRules)
      const last = new Map<string, number>()
      const years = new Map<string, number>()
      const turns = new Map<string, number[]>()
      const { size } = area.found
      const ft2 = size.ok ? size.value.area.value.v : 0
      const limed: number[] = []
      for (const { pass, treatment, day, problems } of [...area.passes].sort((a, b) => a.pass.n - b.pass.n)) {
        const said = new Set(problems.map(({ key }) => key))
        if (day === null) {
          expect(said.has('program.no-day')).toBe(true)
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
        turns.set(treatment.key, [...(turns.get(treatment.key) ?? []), at])
        const perYear = treatment.passes?.perYear
        if (perYear) {
          const within = turns.get(treatment.key)!.filter((other) => other > monthsOn(at, -12))
          expect(within.length).toBeLessThanOrEqual(perYear)
        }
        const lb = pass.product ? (pass.product.feeding?.grade.N ?? 0) / 100 : pass.nutrient === 'N' ? 1 : 0
        years.set(dayAt(at).slice(0, 4), (years.get(dayAt(at).slice(0, 4)) ?? 0) + lb * pass.amount.value.v)
        if (ruled && lb > 0) expect(dayAt(at).slice(5, 7)).not.toBe('05')
        const sort = sortOf(treatment)
        expect(soilOn(region, at)).toBeGreaterThanOrEqual(sort === 'sulfur' ? 50 : sort === 'feeding' ? 34 : 34)
        if (sort === 'feeding' && area.ground.turf?.kind === 'cool') expect(inMonths(at, [6, 8], region)).toBe(false)
        if (sort === 'feeding' && area.ground.turf?.kind === 'warm') expect(growingSeason(at, region)).not.toBeNull()
      }
      if (ruled) for (const [, lb] of years) expect(lb).toBeLessThanOrEqual((most * ft2) / 1_000 + 1e-6)
      for (const { pass, day } of area.passes)
        for (const { days: apart } of pass.after)
          for (const lime of limed)
            if (day !== null && dayNumber(day)! >= lime) expect(dayNumber(day)! - lime).toBeGreaterThanOrEqual(apart)
    }),
    { numRuns: 1_000, seed: 7 },
  )
})

test('lime waits two weeks after ammonium that was logged (common practice)', () => {
  const fed = (product: 'urea@1' | 'calcium-nitrate@1') => {
    const entry = {
      ...blankApplication('u', 'a', '2027-04-20'),
      what: 'fertilizer' as const,
      product,
      amount: typed('5', 'lb'),
    }
    return days({ ...lawn('50'), applications: [entry] }, 'lime', '2027-04-25')[0]
  }
  expect(fed('urea@1')).toBe('2027-05-04')
  expect(fed('calcium-nitrate@1')).toBe('2027-04-25')
})

test('what falls due is the first open day of each kind, and a letter that has not left', () => {
  const found = planned(lawn('120'), '2026-12-02')
  const due = (more: Partial<Case> = {}, ready = false) =>
    duesOf({ ...lawn('120'), ...more }, { areas: [found] }, ready)
  expect(due()[0]).toEqual({ day: found.passes[0]!.day, what: 'pass', of: 'A' })
  expect(new Set(due().map(({ what }) => what)).size).toBe(due().length)
  const out = { ...blankSample('s', 1), code: 'K-7', due: '2026-11-30' }
  expect(due({ samples: [out] })[0]).toEqual({ day: '2026-11-30', what: 'sample', of: 'K-7' })
  expect(due({ samples: [{ ...out, reportId: 'r' }] })[0]!.what).toBe('pass')
  // Of ground that nobody tested, once a client was told.
  const untested = { areas: lawn('120').areas.map((one) => ({ ...one, reportId: null })) }
  const passIn = (more: Partial<Case>) => due({ ...untested, ...more }).some(({ what }) => what === 'pass')
  expect([passIn({}), passIn({ letter: { ...lawn('120').letter, printedAt: '2026-12-01T10:00:00Z' } })]).toEqual([
    false,
    true,
  ])
  const { reports, letter } = lawn('120')
  const dated = { reports: reports.map((one) => ({ ...one, date: '2026-11-20' })) }
  const letterDue = (more: Partial<Case>) => due({ ...dated, ...more }, true).find(({ what }) => what === 'letter')
  expect(letterDue({})).toEqual({ day: '2026-12-04', what: 'letter', of: '' })
  expect(letterDue({ letter: { ...letter, printedAt: '2026-11-21T10:00:00Z' } })).toBeUndefined()
  expect(letterDue({ letter: { ...letter, printedAt: '2026-11-19T10:00:00Z' } })).toBeDefined()
  expect(due(dated, false).some(({ what }) => what === 'letter')).toBe(false)
})

test('a guide of the office’s own that names other months for a dressing is followed', () => {
  const berries = oneArea({ crop: 'strawberry', texture: 'loam' }, { pH: typed('6.2') })
  const guide = guides.find((one) => guideRef(one) === berries.areas[0]!.guide)!
  const late = { ...guide.windows.dates['late-summer']!, months: [[10, 10]] as const }
  const own = { ...guide, windows: { ...guide.windows, dates: { ...guide.windows.dates, 'late-summer': late } } }
  const monthsBy = (of: typeof guides) => {
    const [area] = plan({ ...berries, region: cool.id }, '2027-01-05', { guides: of }).areas
    return area!.passes.filter(({ pass }) => pass.window?.id === 'late-summer').map(({ day }) => day!.slice(5, 7))
  }
  expect(monthsBy(guides)).toEqual(['08'])
  expect(monthsBy([own])).toEqual(['10'])
})
