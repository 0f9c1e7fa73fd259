import { noHouse, plan } from '../testing/planned'
import type { ReportParts } from '../report/report-with'
import { confirmFigure, holdFigure } from '../acts/decisions'
import type { AreaInSeason } from '../case/in-season'
import { guides } from '../guides/guides'
import { letterOf } from '../letter/letter'
import { recommend } from '../recommend'
import { remedied } from '../report/remedy'
import type { ProductRef } from '../shelf/product'
import { choosing, found, oneArea, printed, typed } from '../testing/one-area'
import { doseOf } from './reaction'

const loam: Partial<AreaInSeason> = { texture: 'loam' }
const report = (pH: string, asked: Parameters<typeof printed>[0], more: ReportParts = {}): ReportParts => ({
  ...printed(asked),
  pH: typed(pH),
  ...more,
})
const lime = (text: string, unit = 'tons/acre') => ({ lime: typed(text, unit) })
const sulfur = (text: string) => ({ sulfur: typed(text, 'lb/1000 ft²') })
const sodic = { sar: typed('15') }

/** Source of all: common practice. */
describe('a laboratory’s figure that goes against the reading is checked first', () => {
  test.each([
    ['lime on tomato at pH 7.5', 'tomato', report('7.5', lime('1.5')), 'held.lime-high'],
    ['lime on blueberry inside its span', 'highbush-blueberry', report('4.8', lime('1')), 'held.lime-acid-lover'],
    ['lime on sodic ground', 'tomato', report('6.4', lime('1'), sodic), 'held.lime-sodic'],
    ['sulfur on tomato at pH 5.4', 'tomato', report('5.4', sulfur('5')), 'held.sulfur-low'],
    ['sulfur on blueberry inside its span', 'highbush-blueberry', report('5.2', sulfur('5')), 'held.sulfur-low'],
    ['225 tons of lime', 'tomato', report('5.5', lime('225')), 'held.beyond'],
    ['40 lb of sulfur where none is wanted', 'tomato', report('7.9', sulfur('40')), 'held.beyond'],
  ])('%s', (_, crop, about, key) => {
    const one = found({ ...loam, crop }, about).answer!
    expect([one.reaction.outcome, one.reaction.why.key]).toEqual(['check', key])
    expect(doseOf(one.reaction)).toBeUndefined()
    expect(one.headline.map((said) => said.key)).toContain('headline.check')
    const [asked, ours] = one.reaction.need!.checks
    expect(asked!.amount!.value.v).toBeGreaterThan(0)
    expect(ours!.amount ?? ours!.refusal).toBeDefined()
  })
  test.each([
    ['lime on tomato inside its span', 'tomato', report('6.2', lime('1')), 'lime'],
    ['lime on azalea below its trigger', 'rhododendron', report('4.1', lime('0.5')), 'lime'],
    ['sulfur on blueberry above its span', 'highbush-blueberry', report('6.0', sulfur('20')), 'sulfur'],
    ['more sulfur than others get, on blueberry', 'highbush-blueberry', report('7.0', sulfur('40')), 'sulfur'],
    ['lime without any pH', 'tomato', printed(lime('1')), 'lime'],
  ])('%s leads', (_, crop, about, outcome) =>
    expect(found({ ...loam, crop }, about).answer!.reaction.outcome).toBe(outcome),
  )
  test('where the reading by itself asks for none, nothing is called too acid', () => {
    const said = (pH: string) =>
      found({ ...loam, crop: 'tomato' }, report(pH, lime('1'))).answer!.headline.map(({ key }) => key)
    expect(said('6.2')).toContain('headline.lime-asked')
    expect(said('6.2')).not.toContain('headline.lime')
    expect(said('5.4')).toContain('headline.lime')
  })

  test.each([
    ['120 lb of nitrogen left in lb/1,000 ft²', { N: typed('120', 'lb/1000 ft²') }, 0],
    ['16 lb of phosphate', { 'P₂O₅': typed('16', 'lb/1000 ft²') }, 1],
    ['16 lb of potash', { 'K₂O': typed('16', 'lb/1000 ft²') }, 2],
  ])('%s is not parted into passes', (_, asked, i) => {
    const need = found({ ...loam, crop: 'tomato' }, report('6.4', asked)).answer!.needs[i]!
    expect([need.outcome, need.why.key, need.passes, need.amount]).toEqual([
      'check',
      'held.beyond',
      undefined,
      undefined,
    ])
  })

  test('confirmed with a reason it leads, the letter says so, and with another figure it is held again', () => {
    const kase = oneArea({ ...loam, crop: 'tomato' }, report('7.5', lime('1.5')))
    const signed = { reason: 'asked the laboratory', by: 'MV', at: '2026-03-01T10:00:00Z' }
    const told = confirmFigure('a', 'lime', typed('1.5', 'tons/acre'), signed)(kase)
    const answered = recommend(told, guides)
    expect(answered.areas[0]!.answer!.reaction).toMatchObject({
      outcome: 'lime',
      need: { confirmed: { reason: 'asked the laboratory', by: 'MV' } },
    })
    const says = (one: typeof kase) => letterOf(one, plan(one, undefined, { house: noHouse })).areas[0]!
    expect(says(told).says.map(({ key }) => key)).toEqual(expect.arrayContaining(['held.lime-high', 'held.confirmed']))
    expect(says(told).passes[0]!.pass.product).not.toBeNull()
    expect(says(kase).says.map(({ key }) => key)).toContain('held.lime-high')
    expect(says(kase).passes.filter(({ pass }) => pass.product !== null)).toEqual([])
    const [first] = told.reports
    const other = { ...told, reports: [{ ...first!, recommends: { ...first!.recommends, ...lime('2') } }] }
    for (const one of [other, holdFigure('a', 'lime')(told)])
      expect(recommend(one, guides).areas[0]!.answer!.reaction.outcome).toBe('check')
  })
})

/** Bounds: common practice. */
test.each([
  ['kentucky-bluegrass', { N: typed('120', 'lb/1000 ft²') }, 'recommends.N', 'lb/acre'],
  ['kentucky-bluegrass', { N: typed('2.5', 'lb/1000 ft²') }, 'recommends.N', 'lb/acre'],
  ['tomato', { 'K₂O': typed('160', 'lb/1000 ft²') }, 'recommends.K₂O', 'lb/acre'],
  ['tomato', lime('225'), 'recommends.lime', 'lb/1000 ft²'],
  ['tomato', lime('225 tons/acre'), 'recommends.lime', 'lb/1000 ft²'],
  ['tomato', lime('4500', 'lb/1000 ft²'), 'recommends.lime', 'lb/acre'],
])(
  'on %s a printed rate that nobody gives is doubted, and one click takes the likely unit',
  (crop, asked, field, unit) => {
    const about = report('5.6', asked)
    const { doubts } = found({ ...loam, crop }, about)
    const doubt = doubts.find((one) => one.field === field && one.sentence.key === 'plausible.rate')!
    expect(doubt.remedy).toEqual({ kind: 'rate-unit', field, unit })
    const [before] = oneArea({ ...loam, crop }, about).reports
    const mended = remedied(before!, doubt.remedy!)
    const left = found({ ...loam, crop }, mended).doubts.filter((one) => one.sentence.key === 'plausible.rate')
    expect(left.filter((one) => one.remedy)).toEqual([])
  },
)
test.each([
  ['kentucky-bluegrass', { N: typed('1', 'lb/1000 ft²') }],
  ['tomato', { N: typed('100', 'lb/acre'), 'P₂O₅': typed('160', 'lb/acre'), 'K₂O': typed('100', 'lb/acre') }],
  ['highbush-blueberry', sulfur('40')],
])('on %s an ordinary rate is not', (crop, asked) =>
  expect(found({ ...loam, crop }, report('6.0', asked)).doubts.map(({ sentence }) => sentence.key)).not.toContain(
    'plausible.rate',
  ),
)

/** Common practice. */
describe('lime where no buffer sees it', () => {
  const smp = (v: string): ReportParts => ({ buffer: 'SMP', bufferPH: typed(v) })
  test('sand at pH 4.9 with SMP 7.0 goes by its texture, and says why', () => {
    const { reaction } = found({ texture: 'sand', crop: 'tomato' }, { pH: typed('4.9'), ...smp('7.0') }).answer!
    expect([reaction.outcome, reaction.need!.lead!.id]).toEqual(['lime', 'texture'])
    expect(reaction.need!.remarks.map(({ key }) => key)).toContain('lime.escapes-buffer')
  })
  test('clay whose buffer finds nothing goes by the buffer', () =>
    expect(
      found({ texture: 'clay', crop: 'tomato' }, { pH: typed('5.9'), ...smp('7.0') }).answer!.reaction.outcome,
    ).toBe('leave'))
  test('pH 4.49 asks for no less than pH 4.51', () => {
    const at = (pH: string) => doseOf(found({ ...loam, crop: 'tomato' }, { pH: typed(pH) }).answer!.reaction)!
    expect(at('4.49').amount.value.v).toBeGreaterThanOrEqual(at('4.51').amount.value.v)
    expect(at('4.49').remarks.map(({ key }) => key)).toContain('lime.first-instalment')
  })
  test('ground of 45 % organic matter is organic, whatever its texture is called', () =>
    expect(
      found({ ...loam, crop: 'tomato' }, { pH: typed('5.4'), organicMatter: typed('45') }).answer!.reaction.because,
    ).toBe('low-on-organic-soil'))
  test('azalea at pH 4.1 is limed to just inside its span', () => {
    const { reaction } = found({ ...loam, crop: 'rhododendron' }, { pH: typed('4.1') }).answer!
    expect(reaction.why.args).toMatchObject({ aim: 4.8 })
  })
  test('of ordinary ground limestone it takes more than of pelletized', () => {
    const of = (material: ProductRef) =>
      doseOf(
        found({ ...loam, crop: 'tomato', ...choosing({ lime: material }) }, { pH: typed('5.5') }).answer!.reaction,
      )!.amount.value.v
    expect(of('agricultural-calcitic@1') / of('pelletized-calcitic@1')).toBeCloseTo(0.9 / 0.65, 6)
  })
})
