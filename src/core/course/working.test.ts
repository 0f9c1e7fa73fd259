import type { Application } from '../case/applications'
import { blankApplication } from '../case/blank'
import { doseOf } from '../needs/reaction'
import { oneArea, printed, typed } from '../testing/one-area'
import { planned } from '../testing/planned'

/** A report that follows lime by less than six months, or sulfur by less than three, counts what is still to come (common practice). */
const tested = '2026-10-01'
const put = (parts: Partial<Application>): Application => ({
  ...blankApplication('x', 'a', '2026-08-01'),
  what: 'lime',
  product: 'pelletized-calcitic@1',
  amount: typed('20', 'lb'),
  ...parts,
})
const lime = (rate: string, ...applications: Application[]) =>
  planned(
    oneArea(
      { crop: 'tall-fescue', texture: 'loam' },
      { ...printed({ lime: typed(rate, 'lb/1000 ft²') }), pH: typed('5.4'), date: tested },
      { applications },
    ),
    '2026-11-26',
  )
const lbIn = ({ found }: ReturnType<typeof lime>) => doseOf(found.answer!.reaction)?.amount.value.v ?? 0

// All of a pelletized lime passes 60 mesh: 3 a year, so that of 20 lb 61 days before the test 12.1 lb are still to come.
const left = 20 * Math.exp((-3 * 61) / 365.25)
test.each<[string, Partial<Application>, number]>([
  ['two months before', {}, 40 - left],
  ['seven months before: the test saw it', { date: '2026-03-01' }, 40],
  ['skipped', { done: 'skipped' }, 40],
  ['on another area', { areaId: 'b' }, 40],
])('of lime put on %s', (_, parts, expected) => expect(lbIn(lime('40', put(parts)))).toBeCloseTo(expected, 1))

test('where what is still to come is enough nothing goes on, the letter says so, and a test is dated', () => {
  const plan = lime('12', put({}))
  const { reaction } = plan.found.answer!
  expect(reaction).toMatchObject({ outcome: 'leave', because: 'still-working', why: { key: 'short.still-working' } })
  expect(plan.passes.filter(({ pass }) => pass.need === 'lime')).toEqual([])
  expect(plan.tests).toMatchObject([{ day: '2027-02-01', reason: { for: 'effect', need: 'lime' } }])
})

test('sulfur of the three months before, in the sulfur of its product; of older none', () => {
  const dose = (date: string) => {
    const entry = put({ what: 'sulfur', product: 'sulfur-prills@1', amount: typed('5', 'lb'), date })
    const bed = oneArea(
      { crop: 'highbush-blueberry', texture: 'loam', ground: 'planted' },
      { pH: typed('6'), date: tested },
      { applications: [entry] },
    )
    return doseOf(planned(bed, '2026-11-26').found.answer!.reaction)!.amount.value.v
  }
  const whole = dose('2026-05-01')
  // Prills oxidize slowly: more than half of 5 lb is still to come after six weeks, and not all of it.
  expect(whole - dose('2026-08-20')).toBeGreaterThan(2.5)
  expect(whole - dose('2026-08-20')).toBeLessThan(5)
})
