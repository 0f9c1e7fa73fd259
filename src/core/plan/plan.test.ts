import * as fc from 'fast-check'
import { blankApplication } from '../case/blank'
import type { Case } from '../case/case'
import { withParts } from '../case/in-season'
import { regions } from '../guides/regions'
import { cardsOf } from '../letter/cards'
import { letterOf } from '../letter/letter'
import { feeds, productRef } from '../shelf/product'
import { shippedProducts } from '../shelf/products'
import { anyCase, build, number } from '../testing/any-case'
import { plan } from '../testing/planned'
import { oneArea, typed } from '../testing/one-area'
import { noRules, type Rules } from '../passes/program/rule'
import { majorNutrients } from '../units/quantity'
import { findingsIn } from './findings'
import { openPasses, type AreaPlan, type OpenPass } from './plan'

/** A case with a region, a day of planting, things that were put on, and passes that were moved. */
const anyPlanned = fc.record({
  any: anyCase,
  region: fc.constantFrom(...regions.map(({ id }) => id)),
  sown: fc.option(fc.integer({ min: 0, max: 364 })),
  logged: fc.array(
    fc.record({
      product: fc.constantFrom(...shippedProducts.map(productRef)),
      lb: number(0.5, 60),
      ago: fc.integer({ min: 0, max: 500 }),
      pass: fc.constantFrom(null, null, 'a/fertilizer/1', 'a/N/1', 'a/K₂O/1', 'a/lime/1', 'a/sulfur/1'),
    }),
    { maxLength: 2 },
  ),
  most: fc.option(number(0, 3), { freq: 3 }),
})

const today = '2026-11-26'
const ms = 86_400_000
const numberOf = (day: string) => Date.parse(day) / ms
const dayAfter = (days: number) => new Date((numberOf(today) + days) * ms).toISOString().slice(0, 10)

function caseOf({ any, region, sown, logged }: typeof anyPlanned extends fc.Arbitrary<infer T> ? T : never): Case {
  const kase = build(any)
  return {
    ...kase,
    region,
    areas: kase.areas.map((area) => withParts(area, kase.season, sown === null ? {} : { sown: dayAfter(sown) })),
    applications: logged.map(({ product, lb, ago, pass }, i) => ({
      ...blankApplication(`l${i}`, 'a', dayAfter(-ago)),
      what:
        product.includes('lime') || product.includes('calcitic')
          ? 'lime'
          : product.includes('sulfur')
            ? 'sulfur'
            : 'fertilizer',
      product,
      amount: typed(lb, 'lb'),
      pass,
      done: 'otherwise' as const,
    })),
  }
}

const rulesOf = (most: number | null): Rules =>
  most === null
    ? noRules
    : { ...noRules, yearLimits: [{ id: 'y', name: 'County', what: 'N', where: 'all', most: String(most) }] }

/** lb of a nutrient in a pass, as its label has it. */
const lbIn = ({ pass: { product, nutrient, amount } }: OpenPass, of: 'N' | 'P₂O₅' | 'K₂O'): number =>
  product
    ? feeds(product)
      ? (amount.value.v * product.feeding.grade[of]) / 100
      : 0
    : nutrient === of
      ? amount.value.v
      : 0

const monthsLater = (day: string, months: number) => {
  const date = new Date(day)
  return (
    numberOf(new Date(Date.UTC(date.getUTCFullYear(), date.getUTCMonth() + months, 1)).toISOString().slice(0, 10)) +
    date.getUTCDate() -
    1
  )
}

/** What a plan may not do, by the reference alone: each break in words. */
function breaksIn(area: AreaPlan, most: number | null, isNew: boolean): string[] {
  const { use, size, answer, planted, crop } = area.found
  const turf = use === 'lawn' && planted && !isNew
  if (!answer || !size.ok) return area.passes.length > 0 ? ['passes without an answer'] : []
  const ft2 = size.value.area.value.v
  const open = openPasses(area)
  const breaks: string[] = []
  const no = (broken: boolean, words: string) => broken && breaks.push(words)
  const per1000 = (lb: number) => (lb * 1_000) / ft2
  const moved = area.passes.some(({ state }) => state === 'moved')
  for (const one of open) {
    const { pass, day, treatment, problems } = one
    no(day < today && one.state === 'open', `${pass.key} before today`)
    // Digging only where nothing stands (common practice).
    const { planting } = area
    if (pass.how.by === 'working-in' && pass.how.deep !== null && planting && day > planting.day)
      no(planting.until !== null && day < planting.until, `${pass.key} dug into what stands`)
    no(pass.how.by === 'working-in' && use === 'lawn' && planted, `${pass.key} dug into a lawn`)
    // Gates: three months after sulfur, six after lime, then a test, then the next (common practice).
    const test = area.tests.find(({ before }) => before === pass.key)
    const before = area.passes.filter(
      ({ pass: other }) => other.need === pass.need && other.n < pass.n && other.n >= pass.n - 1,
    )
    const last = before
      .map((other) => other.day ?? '')
      .sort()
      .at(-1)
    if (
      pass.need === 'sulfur' &&
      pass.n > 1 &&
      last &&
      before[0]!.state !== 'skipped' &&
      before[0]!.state !== 'covered'
    ) {
      no(!test, `${pass.key} without a test`)
      if (test && !moved)
        no(numberOf(test.day) < monthsLater(last, 3) - 3 && test.day !== today, `${pass.key} tested too soon`)
      if (test && !moved) no(day <= test.day, `${pass.key} before its test`)
    }
    no(
      problems.some(({ key }) => key === 'program.no-day'),
      `${pass.key} has a day and none`,
    )
    // Lime and what would lose ammonia to it: two weeks; lime and phosphate: thirty days (common practice).
    if (pass.need === 'lime')
      for (const other of open) {
        const apart = Math.abs(numberOf(other.day) - numberOf(day))
        const { product, nutrient } = other.pass
        const ammonium = product ? feeds(product) && product.feeding.ammonium : nutrient === 'N'
        no(lbIn(other, 'N') > 0 && ammonium && apart < 14, `${other.pass.key} ${apart} days from ${pass.key}`)
        no(
          lbIn(other, 'P₂O₅') > 0 && other.pass.need !== 'lime' && apart < 30,
          `${other.pass.key} ${apart} days from ${pass.key}`,
        )
      }
    // Caps of what is given as such: turf 1 lb of each a time, beds 2 lb of nitrogen (common practice).
    const own = pass.product === null && !treatment.why.key.startsWith('overruled')
    if (own && turf)
      for (const nutrient of majorNutrients)
        no(
          pass.nutrient === nutrient && per1000(pass.amount.value.v) > 1 + 1e-6,
          `${pass.key} ${per1000(pass.amount.value.v)} lb at once`,
        )
    // Grass takes what a bag leaves short apart from the bag.
    if (treatment.leftShort && turf)
      for (const other of open)
        if (other.treatment.key !== treatment.key && lbIn(other, pass.nutrient as 'N') > 0)
          no(Math.abs(numberOf(other.day) - numberOf(day)) < 30, `${pass.key} beside ${other.pass.key}`)
  }
  // A year's limit holds whatever else is so.
  if (most !== null) {
    const years = new Map<string, number>()
    for (const one of open) years.set(one.day.slice(0, 4), (years.get(one.day.slice(0, 4)) ?? 0) + lbIn(one, 'N'))
    for (const [year, lb] of years) no(per1000(lb) > most + 1e-6, `${per1000(lb)} lb of nitrogen in ${year}`)
  }
  // An acid lover's stopped program has nothing of sulfur in it.
  no(area.stopped !== null && open.some(({ pass }) => pass.need === 'sulfur'), 'stopped, and goes on')
  no(crop === null && open.length > 0, 'passes without a crop')
  return breaks
}

const runs = { numRuns: Number(process.env.PLANS ?? 500), seed: 31 }

test('plans checked by rules of their own, not by those that made them: none is broken', () => {
  const found = new Map<string, string>()
  for (const [i, one] of fc.sample(anyPlanned, runs).entries()) {
    const made = plan(caseOf(one), today, { rules: rulesOf(one.most) })
    for (const broken of made.areas.flatMap((area) => breaksIn(area, one.most, one.any.newLawn)))
      found.set(broken.replace(/[\d.]+/g, '#'), `${i}: ${broken}`)
  }
  expect([...found.values()]).toEqual([])
})

test('letter, cards and purchases hold the passes, days and amounts of the plan, and no others', () => {
  for (const one of fc.sample(anyPlanned, { ...runs, numRuns: 150 })) {
    const kase = caseOf(one)
    const made = plan(kase, today, { rules: rulesOf(one.most) })
    const letter = letterOf(kase, made)
    const open = made.areas.flatMap(({ passes }) => passes.filter(({ state }) => state === 'open' || state === 'moved'))
    const told = letter.areas.flatMap(({ passes }) => passes)
    expect(new Set(told.map(({ pass }) => pass)).size).toBe(told.length)
    for (const { pass, day, more } of told) {
      const own = open.find((other) => other.pass === pass)!
      expect(own.day).toBe(day)
      if (more) expect(open.filter(({ treatment }) => treatment.key === own.treatment.key)).toHaveLength(6 + more.count)
    }
    const listed = told.reduce((sum, { more }) => sum + 1 + (more?.count ?? 0), 0)
    expect(listed).toBe(open.length)
    expect(letter.areas.flatMap(({ tests }) => tests)).toEqual(
      made.areas.filter(({ found }) => found.answer).flatMap(({ tests }) => tests),
    )
    expect(cardsOf(made).map(({ pass }) => pass)).toEqual(told.map(({ pass }) => pass).filter(({ product }) => product))
    for (const { product, all } of made.purchases) {
      const own = open.filter(({ pass }) => pass.product === product && pass.n <= 500)
      const sum = own.reduce((lb, { pass }) => lb + pass.amount.value.v, 0)
      if (own.every(({ treatment }) => (treatment.passes?.count ?? 1) <= 500)) expect(sum).toBeCloseTo(all.value.v, 4)
    }
  }
})

describe('what an advisor has to look at', () => {
  const bed = (more: Partial<Case>, sown = '') =>
    oneArea(
      { crop: 'tomato', texture: 'loam', sown },
      { pH: typed('6.4'), date: '2026-03-01' },
      { season: '2026', ...more },
    )
  const keys = (kase: Case, day = today) => findingsIn(kase, plan(kase, day)).map(({ about }) => about.key)
  const fed = {
    ...blankApplication('x', 'a', '2026-05-20'),
    what: 'fertilizer' as const,
    product: 'urea@1' as const,
    amount: typed('1', 'lb'),
  }
  test.each<[string, Case, string[]]>([
    ['a day of planting that nobody typed', bed({}), ['program.planting-assumed']],
    ['nothing, where it is typed', bed({}, '2027-05-20'), []],
    [
      'a season that is over, with what was fed in it',
      bed({ applications: [fed] }, '2027-05-20'),
      ['program.season-over'],
    ],
  ])('%s', (_, kase, expected) => expect(keys(kase)).toEqual(expected))
  test('a pass on a day that breaks a rule', () => {
    const moves = { 'a/N/2': { to: '2027-01-20', planned: '2027-07-04', by: 'MV', at: '2026-11-26T09:00:00.000Z' } }
    const kase = bed({}, '2027-05-20')
    const found = findingsIn(kase, plan({ ...kase, decisions: { ...kase.decisions, moves } }, today))
    expect(found.filter(({ pass }) => pass === 'a/N/2').map(({ about }) => about.key)).toContain('program.frozen')
  })
})
