import { findingsIn } from '../plan/findings'
import { planOf } from '../plan/plan'
import type { ReportParts } from '../report/report-with'
import { blankApplication } from '../case/blank'
import type { AreaInSeason } from '../case/in-season'
import { guides } from '../guides/guides'
import { letterOf } from '../letter/letter'
import { recommend } from '../recommend'
import type { ProductRef } from '../shelf/product'
import { shippedProducts } from '../shelf/products'
import { withoutHouse } from '../testing/planned'
import { choosing, found, oneArea, printed, typed } from '../testing/one-area'

const keys = (area: Partial<AreaInSeason>, report: ReportParts) =>
  found({ texture: 'loam', ...area }, report).answer!.headline.map(({ key }) => key)

/** Common practice: what a kit leaves open, and a pH in salt 0.5 to 0.6 below that in water. */
test.each([
  ['a kit from 5.5 to 6.5, tomato', 'tomato', { pH: typed('5.5-6.5') }, 'lime', 'neither'],
  ['6.0 give or take half, tomato', 'tomato', { pH: typed('6.2 ± 0.5') }, 'lime', 'neither'],
  ['blueberry around its upper end', 'highbush-blueberry', { pH: typed('5.3-5.9') }, 'neither', 'sulfur'],
  [
    'blueberry by a reading in salt at 7.3',
    'highbush-blueberry',
    { pH: typed('6.75'), pHIn: 'salt' },
    'sulfur',
    'neither',
  ],
])('%s: the range parts the decision, and that is said', (_, crop, report, atLow, atHigh) => {
  const { headline } = found({ texture: 'loam', crop }, report as ReportParts).answer!
  expect(headline.find(({ key }) => key === 'headline.straddles')!.args).toMatchObject({ atLow, atHigh })
})
test.each([
  ['inside the span', 'tomato', { pH: typed('6.1-6.7') }],
  ['below it', 'tomato', { pH: typed('5.0-5.8') }],
  [
    'where the laboratory’s line decides',
    'tomato',
    { ...printed({ lime: typed('1 ton/acre') }), pH: typed('5.5-6.5') },
  ],
  ['a plain number', 'tomato', { pH: typed('5.9') }],
])('%s it does not', (_, crop, report) => expect(keys({ crop }, report)).not.toContain('headline.straddles'))

/** pH within 0.3 of the low end of an acid lover after sulfur: common practice. */
test.each([
  ['below its span, where none was given', '4.3', false, false],
  ['below its span after sulfur', '4.3', true, true],
  ['near the low end without sulfur', '4.7', false, false],
  ['near the low end after sulfur', '4.7', true, true],
  ['well inside it after sulfur', '5.1', true, false],
])('blueberry %s: no more sulfur %#', (_, pH, sulfured, stopped) => {
  const kase = oneArea({ texture: 'loam', crop: 'highbush-blueberry' }, { pH: typed(pH) })
  const applications = sulfured ? [{ ...blankApplication('l', 'a', '2025-05-01'), what: 'sulfur' as const }] : []
  const one = { ...kase, applications }
  const answered = recommend(one, guides)
  const says = letterOf(one, planOf(one, answered, { guides, today: '2026-11-26' })).areas[0]!.says.map(
    ({ key }) => key,
  )
  expect(
    [answered.areas[0]!.answer!.headline.map(({ key }) => key), says].map((all) =>
      all.includes('headline.stop-sulfur'),
    ),
  ).toEqual([stopped, stopped])
})

test('a buffer and salts that nobody named are shown, and asked about before the letter leaves', () => {
  const kase = oneArea(
    { texture: 'loam', crop: 'tomato' },
    { pH: typed('5.5'), bufferPH: typed('6.5'), salts: typed('1.2', 'dS/m') },
  )
  const answered = recommend(kase, guides)
  const { answer, doubts } = answered.areas[0]!
  expect(doubts.map(({ sentence }) => sentence.key)).toEqual(['plausible.buffer-unnamed', 'plausible.salts-unnamed'])
  expect(answer!.reading.map(({ meaning }) => meaning.key)).toEqual(
    expect.arrayContaining(['meaning.buffer-unnamed', 'meaning.salts-unnamed']),
  )
  const plan = planOf(kase, answered, { guides, today: '2026-11-26' })
  const asked = findingsIn(kase, plan).filter(({ severity }) => severity === 'decide')
  expect(asked.map(({ about }) => about.key)).toEqual(['plausible.buffer-unnamed', 'plausible.salts-unnamed'])
})

/** Lead above precaution: pH 6.5 to 7 where every crop there stands it, even inside its span. Common practice. */
describe('lead in the ground', () => {
  const lead = (v: string, pH: string): ReportParts => ({ lead: typed(v, 'ppm'), leadBy: 'total', pH: typed(pH) })
  const lime = (area: Partial<AreaInSeason>, report: ReportParts) => {
    const { reaction } = found({ texture: 'loam', ...area }, report).answer!
    return [reaction.outcome, reaction.why.key, reaction.why.args.aim]
  }
  test.each([
    ['tomato inside its span', { crop: 'tomato' }, lead('150', '6.2'), ['lime', 'reaction.lime-lead', 6.5]],
    ['tomato where it is bound', { crop: 'tomato' }, lead('150', '6.6'), ['leave', 'reaction.leave', 6.4]],
    ['below precaution', { crop: 'tomato' }, lead('90', '6.2'), ['leave', 'reaction.leave', 6.4]],
    [
      'beside blueberries',
      { crop: 'tomato', otherCrops: ['highbush-blueberry'] },
      lead('150', '6.2'),
      ['leave', 'reaction.leave', 6.4],
    ],
    ['potato, which does not stand it', { crop: 'potato' }, lead('150', '5.6'), ['leave', 'reaction.leave-scab', 5.4]],
  ])('%s', (_, area, report, expected) => expect(lime(area, report)).toEqual(expected))
  test('above 600 ppm the soil is to be removed, and nothing is fed (directive of 2025, recalled)', () => {
    const { headline, needs, reading } = found({ crop: 'tomato' }, lead('640', '6.2')).answer!
    expect(headline[0]!.key).toBe('headline.lead-removal')
    expect(reading.find(({ id }) => id === 'lead')!.className).toBe('removal')
    expect(needs[0]!.outcome).toBe('none')
  })
})

test('what the harm of a bag is goes by what it holds', () => {
  const cautions = (fertilizer: string) =>
    recommend(
      oneArea(
        { crop: 'tomato', ...choosing({ fertilizer: fertilizer as ProductRef }) },
        { extractant: 'mehlich-3', K: typed('40', 'ppm') },
      ),
      guides,
      shippedProducts,
      withoutHouse,
    ).areas[0]!.answer!.cautions.map(({ key }) => key)
  expect(cautions('muriate-of-potash@1')).not.toContain('caution.quick-burns')
  expect(cautions('urea@1')).toContain('caution.quick-burns')
})

/** At or below pH 5.0 urea takes the place of ammonium sulfate on blueberries: common practice. */
test.each([
  ['5.0', 'ammonium-sulfate@1', true],
  ['5.1', 'ammonium-sulfate@1', false],
  ['4.8', 'urea@1', false],
])('blueberries at pH %s: %s is kept off: %s', (pH, fertilizer, off) => {
  const { mix } = found(
    { crop: 'highbush-blueberry', ...choosing({ fertilizer: fertilizer as ProductRef }) },
    { pH: typed(pH) },
  ).answer!.fertilizer!
  expect(mix.ok && mix.value.barred.map(({ key }) => key)).toEqual(off ? ['mix.too-sour'] : [])
})
