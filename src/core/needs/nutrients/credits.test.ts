import { plan } from '../../testing/planned'
import { holdFigure, knowCredits } from '../../acts/decisions'
import type { AreaInSeason } from '../../case/in-season'
import { guides } from '../../guides/guides'
import { letterOf } from '../../letter/letter'
import { recommend } from '../../recommend'
import { choosing, found, oneArea, printed, typed } from '../../testing/one-area'

const past = (of: Partial<AreaInSeason['past']>): Partial<AreaInSeason> => ({
  crop: 'tomato',
  past: { manure: null, manureRate: typed('', 'lb/1000 ft²'), legume: null, beansNext: false, ...of },
})
/** 2-3-1, a quarter of its nitrogen in the first year; lb/1,000 ft². */
const litter = past({ manure: 'poultry-litter@1', manureRate: typed('100', 'lb/1000 ft²') })
const asked = (text: string) => printed({ N: typed(text), 'P₂O₅': typed(text), 'K₂O': typed(text) })
const per1000 = (...of: Parameters<typeof found>) =>
  found(...of)
    .answer!.needs.slice(0, 3)
    .map(({ rate }) => Number(rate!.value.v.toFixed(6)))

/** Source of all: common practice; shares and grades of the litter by hand. */
describe('what the ground has already comes off a laboratory’s figure', () => {
  test.each([
    ['manure', litter, asked('4 lb/1000 ft²'), [4 - 0.5, 4 - 3, 4 - 1]],
    ['never below nothing', litter, asked('0.4 lb/1000 ft²'), [0, 0, 0]],
    ['a legume, of nitrogen', past({ legume: 'clover' }), asked('4 lb/1000 ft²'), [4 - 60 / 43.56, 4, 4]],
    ['nothing of organic matter', past({}), { ...asked('4 lb/1000 ft²'), organicMatter: typed('9') }, [4, 4, 4]],
    [
      'nitrate, of nitrogen',
      past({}),
      { ...asked('4 lb/1000 ft²'), nitrate: typed('10', 'ppm'), sampleDepth: typed('6', 'in') },
      [4 - 18 / 43.56, 4, 4],
    ],
  ])('%s', (_, area, report, expected) =>
    expect(per1000(area, report)).toEqual(expected.map((one) => Number(one.toFixed(6)))),
  )

  test('it is asked once, and stands as printed where the laboratory knew', () => {
    const kase = oneArea(litter, asked('4 lb/1000 ft²'))
    const need = (one: typeof kase) => recommend(one, guides).areas[0]!.answer!.needs[0]!
    expect(need(kase).credits).toEqual({ names: ['manure'], taken: true })
    const says = (one: typeof kase) => letterOf(one, plan(one)).areas[0]!.says.map(({ key }) => key)
    expect(says(kase)).toContain('short.credited')
    const told = knowCredits('a', 'r', { reason: 'manure', by: 'MV', at: '2026-03-01T10:00:00Z' })(kase)
    expect([need(told).rate!.value.v, need(told).credits]).toEqual([4, { names: ['manure'], taken: false }])
    expect(says(told)).not.toContain('short.credited')
    const [report] = told.reports
    const other = { ...told, reports: [{ ...report!, id: 's' }], areas: [{ ...told.areas[0]!, reportId: 's' }] }
    for (const one of [other, holdFigure('a', 'credits')(told)]) expect(need(one).credits!.taken).toBe(true)
  })
})

/** 1 % P₂O₅ and 5 % K₂O, at most 15 lb a year: common practice. */
test('wood ash that goes on as lime brings phosphate and potash', () => {
  const report = { pH: typed('5.5'), extractant: 'mehlich-3', P: typed('20', 'ppm'), K: typed('60', 'ppm') } as const
  const ground = { crop: 'tomato', texture: 'loam' } as const
  const [plain, ashed] = [{}, choosing({ lime: 'wood-ash@1' })].map((more) => per1000({ ...ground, ...more }, report))
  expect(ashed!.map((one, i) => Number((plain![i]! - one).toFixed(6)))).toEqual([0, 0.15, 0.75])
})

test('gypsum for calcium brings the sulfur along, and goes on once', () => {
  const report = {
    extractant: 'mehlich-3',
    pH: typed('6.5'),
    S: typed('4', 'ppm'),
    Ca: typed('low'),
  } as const
  const minors = found({ crop: 'tomato', texture: 'loam' }, report).answer!.needs.slice(3)
  expect(minors.filter(({ product }) => product).length).toBe(1)
  expect(minors.find(({ outcome }) => outcome === 'none')!.why.key).toBe('other.brought')
})

/** Base saturation, common practice: without a CEC there is no share, and the level itself tells. */
test('by the base-saturation school magnesium of 30 ppm without a CEC is low', () =>
  expect(
    found(
      { crop: 'tomato' },
      { extractant: 'mehlich-3', Mg: typed('30', 'ppm') },
      { schools: { 'base-saturation': 'balance' } },
    ).answer!.stone.kind,
  ).toBe('dolomitic'))

/** Levels: USDA Handbook 60, recalled; feeding none meanwhile, common practice. */
test('salty ground is fed nothing, and what it would be given stands beside that', () => {
  const report = {
    ...asked('3 lb/1000 ft²'),
    saltsBy: 'saturated-paste' as const,
    salts: typed('4.5', 'dS/m'),
    Zn: typed('0.3', 'ppm'),
    extractant: 'mehlich-3' as const,
  }
  const { needs, headline } = found({ crop: 'tomato' }, report).answer!
  expect(needs.map(({ outcome }) => outcome)).not.toContain('apply')
  expect(needs.slice(0, 3).map(({ barred, checks }) => [barred, checks[0]!.amount!.value.v])).toEqual(
    Array(3).fill(['salts', 3]),
  )
  expect(headline.map(({ key }) => key)).not.toContain('headline.nothing-to-feed')
})

test('half an acre of beds is spoken of by the acre, an ordinary bed is not', () =>
  expect(['4x8', '0.6 ac'].map((size) => found({ crop: 'tomato', size: typed(size) }).use)).toEqual(['bed', 'plot']))
