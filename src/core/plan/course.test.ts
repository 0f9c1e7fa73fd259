import type { Application } from '../case/applications'
import { fineStone, groundStone, inGroundStone, oxidation } from '../guides/course'
import { guides } from '../guides/guides'
import { regionFor, regions } from '../guides/regions'
import { dayAt, dayNumber } from '../calendar/day'
import { soilOn } from '../calendar/season'
import { figures, recommend } from '../recommend'
import { blankReport } from '../case/blank'
import { membersOf } from '../case/members'
import { productNamed } from '../shelf/product-named'
import { shippedProducts } from '../shelf/products'
import { oneArea, typed } from '../testing/one-area'
import { additionOf } from '../course/additions'
import { courseOf } from './course'
import { learn } from '../needs/learned'
import { limeReacted, sulfurOxidized, warmthOf } from '../course/reacted'
import { ownBuffering } from '../course/retests'
import { reportWith, type ReportParts } from '../report/report-with'

const cool = regionFor('cool-inland', 'cool')
const at = (day: string) => dayNumber(day)!

describe('lime', () => {
  // The first year of each fineness is its efficiency factor: 1.0, 0.6, 0.2 (Ohio ENP, published), recalled.
  test.each([
    [3, 0.95],
    [0.9, 0.59],
    [0.2, 0.18],
  ])('at %s a year, %s has reacted after one', (perYear, share) =>
    expect(limeReacted([{ share: 1, perYear }], 1)).toBeCloseTo(share, 2),
  )
  test('nothing before it is on, all of it in the end, and ground stone is worth a little less than 0.65 in its first year', () => {
    expect(limeReacted(fineStone, -1)).toBe(0)
    for (const stone of [fineStone, groundStone]) expect(limeReacted(stone, 200)).toBeCloseTo(1, 9)
    expect(inGroundStone * limeReacted(groundStone, 1)).toBeCloseTo(0.62, 1)
  })
  test('the closed form is what small steps sum to', () => {
    let [left, day] = [1, 0]
    for (; day < 500; day += 1 / 50) left -= (left * 3) / 365.25 / 50
    expect(limeReacted(fineStone, 500 / 365.25)).toBeCloseTo(1 - left, 3)
  })
})

describe('sulfur', () => {
  const [from, to] = [at('2026-01-01'), at('2030-12-31')]
  const warm = warmthOf(cool, 2.75, from)
  test('a day at 20 °C is a day; ten degrees more are 2.75', () => {
    const even = (soil: number) => warmthOf({ soil: Array<number>(12).fill(soil) }, 2.75, from)
    expect(even(68)(from, from + 10)).toBeCloseTo(10, 9)
    expect(even(86)(from, from + 10)).toBeCloseTo(27.5, 9)
    expect(even(39)(from, to)).toBe(0)
  })
  test('nothing works while the ground is below 40 °F, wherever that is', () => {
    for (const region of regions) {
      const of = warmthOf(region, 2.75, from)
      for (let day = from; day < to; day += 1)
        if (soilOn(region, day) < 40) expect(of(day, day + 1)).toBe(0)
        else expect(of(day, day + 1)).toBeGreaterThan(0)
    }
  })
  // Smaller steps of the same: 20 a day.
  test('the closed form is what small steps sum to', () => {
    let left = 1
    for (let day = from; day < at('2027-06-01'); day += 1)
      for (let i = 0; i < 20; i += 1) left -= (left * 0.003 * warm(day, day + 1)) / 20
    expect(sulfurOxidized(0.003, warm(from, at('2027-06-01')))).toBeCloseTo(1 - left, 3)
  })
  test('prills in spring have half worked by the next spring and most in three years, powder within the year', () => {
    const [spring, next] = [at('2026-05-01'), at('2027-05-01')]
    expect(sulfurOxidized(oxidation.prills.usual, warm(spring, next))).toBeGreaterThan(0.3)
    expect(sulfurOxidized(oxidation.powder.usual, warm(spring, next))).toBeGreaterThan(0.8)
    expect(sulfurOxidized(oxidation.prills.usual, warm(spring, at('2029-05-01')))).toBeGreaterThan(0.7)
  })
})

// Molar masses: 1 lb S uses 3.12 lb CaCO₃ up.
test.each([
  ['pelletized-calcitic@1', 100, 90],
  ['sulfur-prills@1', 10, -10 * 0.9 * 3.12],
  ['hydrated-lime@1', 10, 13.5],
] as const)('%s, %s lb on 1,000 ft² are %s lb CaCO₃', (ref, lb, worth) =>
  expect(additionOf(productNamed(shippedProducts, ref)!, lb, 0, 1_000)!.lbCaCO3).toBeCloseTo(worth, 6),
)

describe('what tests teach', () => {
  // Normal prior and errors, by hand: (1/0.16 + 0.8·0.4/0.04) / (1/0.16 + 0.64/0.04) = 14.25 / 22.25.
  test('a shift of half of what was predicted is drawn to 1 by its error', () => {
    expect(learn([{ predicted: 0.8, observed: 0.4, error: 0.2 }]).share).toBeCloseTo(14.25 / 22.25, 9)
  })
  test('nothing is known before, a sure test is believed, and no ground is thought of as more than twice as stiff', () => {
    expect(learn([])).toMatchObject({ times: 1, share: 1 })
    expect(learn([{ predicted: 1, observed: 0.75, error: 0.001 }]).share).toBeCloseTo(0.75, 4)
    expect(learn([{ predicted: 1, observed: -3, error: 0.01 }]).times).toBe(2)
    expect(learn([{ predicted: -1, observed: -1, error: 0.2 }]).times).toBeCloseTo(1, 9)
  })
})

const report = (id: string, date: string, pH: string, parts: ReportParts = {}) =>
  reportWith(blankReport(id), { date, areas: membersOf(['a']), pH: typed(pH), ...parts })
const put = (id: string, date: string, product: Application['product'], lb: number): Application => ({
  id,
  areaId: 'a',
  date,
  what: product?.startsWith('sulfur') ? 'sulfur' : 'lime',
  note: '',
  product,
  amount: { text: String(lb), unit: 'lb', value: lb },
  pass: null,
  done: 'otherwise',
})
const lime = 'pelletized-calcitic@1'
/** A vegetable bed on loam, tested in two autumns, limed after the first test. */
const bed = (second: string, applications: Application[], when = '2025-10-10', parts: object = {}) => {
  const kase = oneArea({ crop: 'tomato', texture: 'loam' }, null, { season: '2026', applications })
  return {
    ...kase,
    areas: [{ ...kase.areas[0]!, reportId: 'second' }],
    reports: [report('first', '2024-10-10', '5.5'), report('second', when, second, parts)],
  }
}
const limeOf = (kase: ReturnType<typeof bed>) =>
  figures(kase, guides)[0]!.needs.find(({ of }) => of === 'lime')?.amount?.value.v
const course = (kase: ReturnType<typeof bed>) =>
  courseOf(kase, recommend(kase, guides).areas[0]!, guides, shippedProducts)!

test('ground that moved by less than was expected is given more the next time, visibly, unless that is switched off', () => {
  const kase = bed('5.7', [put('x', '2024-11-01', lime, 85)])
  const [retest] = course(kase).retests
  // Texture table, cool loam 5.5 to 6.5: 1.7 tons of stone at 0.9, 7 in: 70 lb CaCO₃ on 1,000 ft² for 7 in, 60 for 6 (recalled).
  expect(retest!.untaught).toBeNull()
  expect(retest!.predicted).toBeCloseTo((85 * 0.9 * 0.94) / (((1.7 * 2_000 * 0.9) / 43.56) * (6 / 7)), 1)
  expect(retest!.observed).toBeCloseTo(0.2, 9)
  const [own, usual] = [limeOf(kase)!, limeOf({ ...kase, schools: { [ownBuffering.question]: ownBuffering.aside } })!]
  const { times } = course(kase).learned.lime!
  expect(times).toBeGreaterThan(1.3)
  expect(own / usual).toBeCloseTo(times, 9)
  expect(recommend(kase, guides).areas[0]!.answer!.reaction.need!.remarks.map(({ key }) => key)).toContain(
    'course.by-own-buffering',
  )
})

test.each([
  ['a test within six months of lime', bed('5.7', [put('x', '2025-05-01', lime, 85)]), 'early'],
  ['a test of another season', bed('5.7', [put('x', '2024-11-01', lime, 85)], '2025-07-10'), 'other-season'],
  [
    'lime and sulfur',
    bed('5.7', [put('x', '2024-11-01', lime, 85), put('y', '2024-10-20', 'sulfur-powder@1', 5)]),
    'both',
  ],
  [
    'nobody knows how much',
    bed('5.7', [put('x', '2024-11-01', lime, 85), { ...put('y', '2025', null, 1), note: 'lime' }]),
    'untold',
  ],
  ['a handful', bed('5.6', [put('x', '2024-11-01', lime, 2)]), 'small'],
])('%s teaches nothing, and says so', (_, kase, why) => {
  const { retests, learned } = course(kase)
  expect(retests[0]!.untaught).toBe(why)
  expect(learned).toEqual({})
})

test('tests by other methods are not compared, and nothing put on is nothing learned', () => {
  expect(course(bed('5.7', [put('x', '2024-11-01', lime, 85)], '2025-10-10', { kind: 'kit' })).retests).toEqual([])
  expect(course(bed('5.7', [])).retests).toEqual([])
})

test('the course goes from test to test, rises after lime, and ends by the stoichiometric shift', () => {
  const kase = bed('5.5', [put('x', '2025-11-01', lime, 85)])
  const { spans, measured } = course(kase)
  expect(measured.map(({ pH }) => pH)).toEqual([5.5, 5.5])
  const [before, after] = spans as [(typeof spans)[0], (typeof spans)[0]]
  expect(before.every(({ usual }) => usual === 5.5)).toBe(true)
  expect(after[0]!.usual).toBe(5.5)
  const last = after.at(-1)!
  const whole = (85 * 0.9) / (((1.7 * 2_000 * 0.9) / 43.56) * (6 / 7))
  expect(last.usual - 5.5).toBeCloseTo(whole * 0.95, 1)
  for (const { low, usual, high } of after) expect(low <= usual && usual <= high).toBe(true)
})

test('sulfur lowers it, and not in winter', () => {
  const kase = bed('6.8', [put('x', '2025-10-20', 'sulfur-prills@1', 20)])
  const [, after] = course(kase).spans
  const on = (day: string) =>
    after!.reduce((near, one) => (Math.abs(at(one.day) - at(day)) < Math.abs(at(near.day) - at(day)) ? one : near))
  expect(on('2026-03-01').usual).toBeCloseTo(on('2025-12-20').usual, 2)
  expect(on(dayAt(at('2026-09-15'))).usual).toBeLessThan(on('2026-04-15').usual - 0.02)
})
