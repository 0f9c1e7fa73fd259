import * as fc from 'fast-check'
import { printFor } from '../acts/decisions'
import { withParts } from '../case/in-season'
import { blankApplication, blankCase, blankSeason } from '../case/blank'
import type { Case } from '../case/case'
import { feeds } from '../shelf/product'
import { anyPlanned, caseOf, numberOf, rulesOf, today } from '../testing/any-planned'
import { noHouse, plan } from '../testing/planned'
import type { ReportParts } from '../report/report-with'
import { choosing, oneArea, printed, typed } from '../testing/one-area'
import { majorNutrients } from '../units/quantity'
import { findingsIn } from './findings'
import { openPasses, type AreaPlan, type OpenPass } from './plan'

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
function breaksIn(area: AreaPlan, most: number | null, isNew: boolean, logged: Case['applications']): string[] {
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
    // Lime and sulfur within a year undo each other, planned or logged (common practice).
    if (pass.need === 'lime' || pass.need === 'sulfur')
      for (const { what, date, done } of logged)
        if (what !== pass.need && (what === 'lime' || what === 'sulfur') && done !== 'skipped' && one.state === 'open')
          no(Math.abs(numberOf(date) - numberOf(day)) < 365, `${pass.key} within a year of ${what}`)
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
    const kase = caseOf(one)
    const made = plan(kase, today, { rules: rulesOf(one.most) })
    for (const broken of made.areas.flatMap((area) => breaksIn(area, one.most, one.any.newLawn, kase.applications)))
      found.set(broken.replace(/[\d.]+/g, '#'), `${i}: ${broken}`)
  }
  expect([...found.values()]).toEqual([])
})

describe('what an advisor has to know before a letter leaves', () => {
  const bed = (more: Partial<Case>, sown = '2027-05-20', report: ReportParts = {}) =>
    oneArea(
      { crop: 'tomato', texture: 'loam', sown },
      { pH: typed('6.4'), date: '2026-03-01', ...report },
      { season: '2026', ...more },
    )
  const moved = (need: string, to: string): Partial<Case> => ({
    decisions: {
      ...blankCase('c', '').decisions,
      moves: { [`a/${need}`]: { to, planned: '2027-07-04', by: 'MV', at: '2026-11-26T09:00:00.000Z' } },
    },
  })
  const fed = {
    ...blankApplication('x', 'a', '2026-05-20'),
    what: 'fertilizer' as const,
    product: 'urea@1' as const,
    amount: typed('1', 'lb'),
  }
  const forTwo = oneArea(
    { crop: 'tomato', otherCrops: ['sweet-corn'], texture: 'loam', sown: '2027-05-20' },
    { pH: typed('6.4'), ...printed({ N: typed('2', 'lb/1000 ft²') }) },
  )
  const limed = (other: string) => {
    const lawn = oneArea({ crop: 'tall-fescue', texture: 'loam' }, { pH: typed('5.4') })
    const [area] = lawn.areas
    const withStrength = (id: string, strength: string) =>
      withParts({ ...area!, id, name: id }, lawn.season, {
        materials: { ...blankSeason.materials, limeScale: 'effective', limeEffective: typed(strength, '%') },
      })
    return { ...lawn, areas: [withStrength('a', '88'), withStrength('b', other)] }
  }
  const signed = { reason: 'it says so', by: 'MV', at: '2026-11-26T09:00:00.000Z' }
  const beside = (crop: string, other: string) =>
    oneArea({ crop, otherCrops: [other], texture: 'loam', sown: '2027-05-20' }, { pH: typed('5.3') })
  test.each<[string, Case, string[]]>([
    ['a day of planting that nobody typed', bed({}, ''), ['advisor program.planting-assumed']],
    ['nothing, where it is typed', bed({}), []],
    ['a season that is over, with what was fed in it', bed({ applications: [fed] }), ['decide program.season-over']],
    ['a size that is missing', oneArea({ crop: 'tomato', size: typed('') }, {}), ['decide missing.size']],
    [
      'a day on frozen ground',
      bed(moved('fertilizer/2', '2027-01-20')),
      ['decide program.frozen', 'decide program.too-soon', 'advisor program.early'],
    ],
    [
      'lime that works after planting',
      bed({}, '2027-02-20', { pH: typed('5.2') }),
      ['client program.lime-late', 'advisor program.late'],
    ],
    // Asparagus is limed to 6.8 where potatoes get scab above 6 (common practice; the guide's own spans).
    ['lime for one crop that another must not have', beside('asparagus', 'potato'), ['decide several.lime-beyond']],
    ['figures of the lab, where several crops grow', forTwo, ['decide finding.figures-for']],
    ['the strength of a bag that was typed for one area alone', limed(''), ['decide finding.strength']],
    ['none, where it was typed for both', limed('88'), []],
    ['none, once it is said for which they were printed', printFor('a', 'r', 'tomato', signed)(forTwo), []],
  ])('%s', (_, kase, expected) => {
    const found = findingsIn(kase, plan(kase, today)).map(({ severity, about }) => `${severity} ${about.key}`)
    const apart = /several\.nutrient|finding\.named/
    expect([...new Set(found)].filter((one) => !apart.test(one))).toEqual(expected)
  })
  test('a fertilizer that nobody chose, and one that nobody can name', () => {
    const fed = bed({})
    const told = (kase: Case, around = {}) =>
      findingsIn(kase, plan(kase, today, around)).map(({ severity, at, about }) => `${severity} ${at} ${about.key}`)
    expect(told(fed)).toEqual(['advisor materials finding.named'])
    expect(told(fed, { house: noHouse })).toEqual(['decide materials finding.bare'])
    const chosen = oneArea(
      { crop: 'tomato', texture: 'loam', sown: '2027-05-20', ...choosing({ fertilizer: 'urea@1' }) },
      { pH: typed('6.4'), date: '2026-03-01' },
      { season: '2026' },
    )
    expect(told(chosen)).toEqual([])
  })
})
