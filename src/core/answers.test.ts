import type { ReportParts } from './report/report-with'
import { doseOf } from './needs/reaction'
import type { AreaInSeason } from './case/in-season'
import { printFor } from './acts/decisions'
import { blankCase, blankReport, blankSample } from './case/blank'
import type { Report } from './report/report'
import type { Sample } from './case/sample'
import { guides } from './guides/guides'
import { answer as anyAnswer, choosing, found as anyFound, oneArea, printed, typed } from './testing/one-area'
import { progress, waitsFor } from './plan/progress'
import type { Lime } from './shelf/product'
import { localOf } from './calendar/local'
import { bansOf, bansOn, type YearLimit } from './calendar/ban'
import { majorsOf } from './needs/need'
import { shippedProducts } from './shelf/products'
import { recommend } from './recommend'
import { planned } from './testing/planned'
import { missingTests } from './compare/missing'

/** What is said around the amounts: stone, headline, cautions, checks of nutrients, progress. */
const withExtractant = (report: ReportParts | null) => report && { extractant: 'mehlich-3' as const, ...report }
const kase = (area: Partial<AreaInSeason>, report: ReportParts | null) => oneArea(area, withExtractant(report))
const found = (area: Partial<AreaInSeason>, report: ReportParts | null = {}) => anyFound(area, withExtractant(report))
const answer = (area: Partial<AreaInSeason>, report: ReportParts = {}) => anyAnswer(area, withExtractant(report))
const fed = (fertilizer: AreaInSeason['materials']['fertilizer']): Partial<AreaInSeason> => choosing({ fertilizer })

describe('which stone (common practice: dolomitic when Mg is low, calcitic when ample)', () => {
  test.each([
    ['not tested', {}, 'either'],
    ['59 ppm is low', { Mg: typed('59', 'ppm') }, 'dolomitic'],
    ['60 ppm is not', { Mg: typed('60', 'ppm') }, 'either'],
    ['118 lb/acre are 59 ppm', { Mg: typed('118', 'lb/acre') }, 'dolomitic'],
    // 300 ÷ 121.5 = 2.47 meq, 24.7 % of 10.
    ['a quarter of the exchange is ample', { Mg: typed('300', 'ppm'), cec: typed('10') }, 'calcitic'],
    ['another extractant', { Mg: typed('20', 'ppm'), extractant: 'morgan' }, 'either'],
  ] as const)('%s', (_, report, kind) => {
    const { stone, reaction } = answer({ crop: 'tall-fescue', texture: 'loam' }, { pH: typed('5'), ...report })
    expect(stone.kind).toBe(kind)
    expect((doseOf(reaction)!.product.material as Lime).liming.stone).toBe(
      kind === 'dolomitic' ? 'dolomitic' : 'calcitic',
    )
  })
  test('what the bag says of its strength is used, once', () => {
    const bag = (limeEffective: string) =>
      answer(
        {
          crop: 'tall-fescue',
          texture: 'loam',
          ...choosing({ limeEffective: typed(limeEffective, '%') }),
        },
        { pH: typed('5') },
      ).reaction.need!.amount!.value.v
    expect(bag('45') / bag('90')).toBeCloseTo(2, 9)
    expect(bag('') / bag('90')).toBeCloseTo(1, 9)
  })
})

describe('a texture that nobody named (common practice: by CEC below 5, 10, 15 and 25 meq/100 g)', () => {
  const lime = (cec: string, more: ReportParts = {}, area: Partial<AreaInSeason> = {}) =>
    answer({ crop: 'mixed-vegetables', ...area }, { pH: typed('5.5'), cec: typed(cec), ...more }).reaction
  // Cool, 5.5 to 6.4, 0.9 of a step: 1.7 tons on loam, 0.6 on sand; × 2,000 ÷ 43.56 × 6/7, and 0.9 against the bag’s 0.9.
  test.each([
    ['4.9', 0.6],
    ['5', 1.3],
    ['12', 1.7],
    ['15', 2.0],
    ['25', 2.3],
  ])('CEC %s', (cec, tons) => {
    const dose = doseOf(lime(cec))
    expect(dose!.amount.value.v).toBeCloseTo((((tons * 0.9 * 2000) / 43.56) * 6) / 7, 6)
    expect(dose!.remarks.map(({ key }) => key)).toContain('texture.by-cec')
  })
  test('one that was named comes first, and muck has no such CEC', () => {
    expect(doseOf(lime('4', {}, { texture: 'loam' }))!.remarks.map(({ key }) => key)).not.toContain('texture.by-cec')
    expect(lime('40', { organicMatter: typed('30', '%') }).because).toBe('low-on-organic-soil')
    expect(lime('4', { organicMatter: typed('10', '%') }).because).toBe('no-figure')
  })
})

describe('the laboratory’s own lime', () => {
  const lime = (recommends: Partial<Report['recommends']>, area: Partial<AreaInSeason> = {}) =>
    answer(
      { crop: 'mixed-vegetables', ...area },
      { recommends: { ...blankReport('').recommends, lime: typed('2 tons/acre'), ...recommends } },
    ).reaction.need!.amount!.value.v
  // 2 tons/acre is 91.83 lb per 1,000 ft² (definition).
  test.each([
    ['stands as printed', {}, 91.827],
    ['as pure lime, in a 90 % bag', { limeMeans: 'pure' as const }, 91.827 / 0.9],
    ['said to mean 8 in, dug in 6', { limeDepth: typed('8', 'in') }, (91.827 * 6) / 8],
  ])('%s', (_, recommends, expected) => expect(lime(recommends)).toBeCloseTo(expected, 2))
  test('per 100 ft² and per acre come to the same', () => {
    expect(lime({ lime: typed('9.1827 lb/100') })).toBeCloseTo(91.827, 2)
    expect(lime({ lime: typed('4000 lb/ac') })).toBeCloseTo(91.827, 2)
  })
})

describe('the laboratory’s own nutrients', () => {
  const report = (recommends: Partial<Report['recommends']>): ReportParts => ({
    pH: typed('6.4'),
    P: typed('40', 'ppm'),
    recommends: { ...blankReport('').recommends, ...recommends },
  })
  test('lead, are converted, and ours stands beside', () => {
    // 130.68 lb/acre ÷ 43.56 is 3 lb per 1,000 ft² (definition); our own for medium P in a garden is 1.5.
    const { needs } = answer({ crop: 'mixed-vegetables' }, report({ 'P₂O₅': typed('130.68 lb/ac') }))
    expect(needs[1]).toMatchObject({ outcome: 'apply', lead: { id: 'laboratory' } })
    expect(needs[1]!.amount!.value.v).toBeCloseTo(3, 9)
    expect(needs[1]!.checks[0]!.amount!.value.v).toBeCloseTo(1.5, 9)
    expect(needs[1]!.checks[0]!.difference).toBeCloseTo(-0.5, 9)
  })
  test('none from the laboratory is none, with our own figure beside', () => {
    const { needs } = answer({ crop: 'mixed-vegetables' }, report({ 'P₂O₅': typed('0 lb/1000') }))
    expect(needs[1]).toMatchObject({ outcome: 'none', lead: { id: 'laboratory' } })
    expect(needs[1]!.checks[0]!.amount!.value.v).toBeCloseTo(1.5, 9)
  })
  test('a unit that a file made up is told of and left out', () => {
    const area = found({ crop: 'mixed-vegetables' }, report({ N: { text: '2', unit: 'stone/rood', value: 2 } }))
    expect(area.problems).toMatchObject([{ field: 'recommends.N', sentence: { key: 'field.unit' } }])
    expect(area.answer!.needs[0]).toMatchObject({ outcome: 'apply', lead: { id: 'guide' } })
  })
  test('lead even where we could say nothing', () => {
    const { needs } = answer({ crop: 'mixed-vegetables' }, report({ 'K₂O': typed('2 lb/1000') }))
    expect(needs[2]!.amount!.value.v).toBeCloseTo(2, 9)
    expect(needs[2]!.checks[0]!.refusal!.key).toBe('nutrient.not-tested')
  })
})

describe('what matters most', () => {
  const high = { P: typed('80', 'ppm'), K: typed('300', 'ppm') }
  test.each([
    [
      'lime, and no phosphorus',
      { crop: 'mixed-vegetables', texture: 'loam' },
      { pH: typed('5.5'), P: typed('80', 'ppm'), K: typed('60', 'ppm') },
      ['headline.lime', 'headline.no-P-low-K'],
    ],
    ['nothing but nitrogen', { crop: 'bermuda' }, { pH: typed('6.2'), ...high }, ['headline.leave', 'headline.only-N']],
    [
      'a rich soil under rhododendrons',
      { crop: 'rhododendron' },
      { pH: typed('5.5'), organicMatter: typed('7'), ...high },
      ['headline.leave', 'headline.nothing-to-feed'],
    ],
    ['a pH alone', { crop: 'bermuda' }, { pH: typed('6.2') }, ['headline.leave', 'headline.N-only-known']],
    ['a ban', { crop: 'bermuda', phosphorusBanned: true }, { pH: typed('6.2') }, ['headline.leave', 'headline.banned']],
  ] as const)('%s', (_, area, report, keys) =>
    expect(answer(area, report as ReportParts).headline.map((sentence) => sentence.key)).toEqual(keys),
  )
})

describe('nothing harmful in an answer', () => {
  /** The extract's EC decides first: from its class high on nothing is fed (Warncke & Krauskopf, E-1736, recalled). */
  test.each([
    ['3.4', false],
    ['3.6', true],
    ['6', true],
  ])('mix without soil of %s dS/m is fed nothing: %s', (ec, salty) => {
    const mix = oneArea(
      { crop: 'potted-vegetables', size: typed('4x8') },
      {
        extractant: 'saturated-media',
        pH: typed('5.8'),
        salts: typed(ec, 'dS/m'),
        saltsBy: 'saturated-media',
        nitrate: typed('20', 'ppm'),
        K: typed('30', 'ppm'),
      },
    )
    const { found, passes, tests } = planned(mix, '2026-11-26')
    const { needs, headline } = found.answer!
    expect(needs.some(({ outcome }) => outcome === 'apply')).toBe(!salty)
    expect(headline[0]!.key).toBe(salty ? 'headline.mix-salts' : 'headline.mix-short')
    expect(passes.length > 0).toBe(!salty)
    expect(tests.map(({ reason }) => reason.for)).toEqual([salty ? 'salts' : 'routine'])
  })
  /** Sodic from an adsorption ratio of 13, or 15 % of the exchange; 1.72 tons of gypsum an acre-foot for each meq (USDA Handbook 60; chemistry). */
  test.each([
    ['an adsorption ratio of 12', { sar: typed('12') }, 'apply', undefined],
    ['an adsorption ratio of 14', { sar: typed('14') }, 'none', null],
    // 690 ppm are 3 meq, 20 % of 15; on 1,000 ft² to 6 in: 3 × 1.72 × 2,000 ÷ 43.56 ÷ 2 lb.
    ['a fifth of the exchange', { Na: typed('690', 'ppm'), cec: typed('15') }, 'none', (3 * 1.72 * 2_000) / 43.56 / 2],
  ] as const)('ground with %s is fed: %o %s, gypsum %s lb', (_, sodium, fed, gypsum) => {
    const { needs, reaction } = answer(
      { crop: 'tomato', texture: 'loam', depth: typed('6', 'in') },
      { pH: typed('7.2'), ...sodium },
    )
    expect(needs[0]!.outcome).toBe(fed)
    if (gypsum) expect(reaction.why.args.gypsum).toBeCloseTo(gypsum, 0)
    else expect(reaction.why.args.gypsum).toBe(gypsum)
  })
  const lead = (ppm: string) => ({ lead: typed(ppm, 'ppm'), leadBy: 'total' as const })
  /** Acidity frees lead: never sulfur above precaution, 100 ppm (common practice). */
  test.each([
    ['highbush-blueberry', '6.2', lead('90'), 'sulfur'],
    ['highbush-blueberry', '6.2', lead('150'), 'do-not'],
    ['rhododendron', '6.8', lead('300'), 'do-not'],
    ['rhododendron', '7.6', lead('300'), 'do-not'],
    ['highbush-blueberry', '5', lead('150'), 'leave'],
  ] as const)('%s at pH %s with %o: %s', (crop, pH, found, outcome) => {
    const { reaction, headline } = answer({ crop, texture: 'loam' }, { pH: typed(pH), ...found })
    expect(reaction.outcome).toBe(outcome)
    if (outcome === 'do-not') expect(reaction.because).toBe('lead')
    if (found.lead.value! > 100) expect(headline[0]!.args).toEqual({ ppm: found.lead.value, precaution: 100 })
  })
  /** Above the precaution no leafy or root crop is grown, nor fed; above 400 ppm no food (common practice). */
  test.each([
    ['leafy-greens', '90', 'apply'],
    ['leafy-greens', '236', 'none'],
    ['roots', '150', 'none'],
    ['tomato', '236', 'apply'],
    ['tomato', '450', 'none'],
    ['roses', '450', 'apply'],
  ] as const)('%s in soil of %s ppm lead: nitrogen %s', (crop, ppm, outcome) =>
    expect(answer({ crop, texture: 'loam' }, { pH: typed('6.5'), ...lead(ppm) }).needs[0]!.outcome).toBe(outcome),
  )
  /** What speaks against a laboratory's sulfur is looked at first (common practice). */
  test.each([
    ['highbush-blueberry', '6.2', lead('150'), 'held.sulfur-lead'],
    ['highbush-blueberry', '7.5', {}, 'held.sulfur-lime'],
    ['highbush-blueberry', '6.8', { freeLime: typed('2') }, 'held.sulfur-lime'],
    ['tomato', '7.2', {}, 'held.sulfur-crop'],
    ['tall-fescue', '7.1', {}, 'held.sulfur-crop'],
    ['tomato', '6.5', {}, 'held.sulfur-low'],
  ] as const)('sulfur of the lab for %s at pH %s, %o is checked first: %s', (crop, pH, more, key) => {
    const asked = { pH: typed(pH), ...printed({ sulfur: typed('10', 'lb/1000 ft²') }), ...more }
    const { reaction } = answer({ crop, texture: 'loam' }, asked)
    expect([reaction.outcome, reaction.why.key]).toEqual(['check', key])
  })
})

test('a figure that was printed for one of several crops leads for that one alone', () => {
  const bed = kase(
    { crop: 'tomato', otherCrops: ['sweet-corn'], texture: 'loam' },
    { pH: typed('6.4'), ...printed({ N: typed('2', 'lb/1000 ft²') }) },
  )
  const leads = (crop: string | null) => {
    const said = printFor('a', 'r', crop, { reason: '', by: 'MV', at: '' })(bed)
    const { answer: lead, others } = recommend(said, guides).areas[0]!
    return [lead!, others[0]!.answer].map(({ needs }) => needs[0]!.lead!.id)
  }
  expect(leads(null)).toEqual(['laboratory', 'laboratory'])
  expect(leads('tomato')).toEqual(['laboratory', 'guide'])
  expect(leads('sweet-corn')).toEqual(['guide', 'laboratory'])
})

test('a ban is one thing, whoever says it: nothing is needed, no figure comes back, no bag with it is taken', () => {
  const lawn = (phosphorusBanned: boolean) =>
    kase({ crop: 'bermuda', phosphorusBanned, ...fed('10-10-10@1') }, { pH: typed('6.2'), P: typed('10', 'ppm') })
  const limit = { id: 'y', name: 'Ordinance 12', what: 'P₂O₅', where: 'lawn', most: '0' } as const
  const by = (own: boolean, limits: readonly YearLimit[]) =>
    recommend(lawn(own), guides, shippedProducts, localOf({ yearLimits: limits })).areas[0]!.answer!
  expect(by(false, []).needs[1]!.outcome).toBe('apply')
  expect(by(false, [{ ...limit, most: '1' }]).needs[1]!.outcome).toBe('apply')
  for (const [found, name] of [
    [by(true, []), ''],
    [by(false, [limit]), 'Ordinance 12'],
  ] as const) {
    expect(found.needs[1]).toMatchObject({ outcome: 'none', barred: 'ban', why: { args: { nutrient: 'P₂O₅', name } } })
    expect(found.headline.at(-1)).toMatchObject({ key: 'headline.banned', args: { name } })
    expect(found.fertilizer!.mix).toMatchObject({ value: { barred: [{ key: 'mix.banned', args: { name } }] } })
  }
  // A lawn's ban is none of a bed.
  expect(bansOn({ phosphorusBanned: false }, 'bed', bansOf([limit]))).toEqual([])
})

describe('cautions', () => {
  const keys = (area: Partial<AreaInSeason>, report: ReportParts) =>
    answer(area, report).cautions.map((sentence) => sentence.key)
  test.each([
    [
      'lime beside ammonium',
      { crop: 'bermuda', texture: 'loam', ...fed('urea@1') },
      { pH: typed('5') },
      ['caution.lime-dust', 'caution.lime-ammonium', 'caution.never-both'],
    ],
    [
      'sulfur',
      { crop: 'rhododendron', texture: 'loam' },
      { pH: typed('6.6') },
      ['caution.sulfur-dust', 'caution.sulfur-overshoot', 'caution.sulfur-wet-cold'],
    ],
    [
      'ammonium nitrate',
      { crop: 'bermuda', ...fed('ammonium-nitrate@1') },
      { pH: typed('6') },
      ['caution.ammonium-nitrate', 'caution.quick-burns'],
    ],
    [
      'lawn fertilizer in a bed',
      { crop: 'mixed-vegetables', ...fed('24-0-11@1') },
      { pH: typed('6.4') },
      ['caution.weed-killer'],
    ],
    [
      'phosphorus that nobody needs',
      { crop: 'bermuda', ...fed('10-10-10@1') },
      { pH: typed('6'), P: typed('90', 'ppm') },
      ['caution.P-over', 'caution.P-rule'],
    ],
    [
      'a blend on blueberries',
      { crop: 'highbush-blueberry', ...fed('10-10-10@1') },
      { pH: typed('5') },
      ['caution.ammonium-only'],
    ],
    ['meals', { crop: 'mixed-vegetables', ...fed('blood-meal@1') }, { pH: typed('6.4') }, ['caution.dogs-meal']],
    ['free lime', { crop: 'rhododendron', texture: 'loam' }, { pH: typed('7.6') }, ['caution.free-lime']],
    [
      'an SMP figure below its last column',
      { crop: 'centipede' },
      { pH: typed('4.6'), buffer: 'SMP', bufferPH: typed('6.4') },
      ['caution.beyond-range'],
    ],
  ] as const)('%s', (_, area, report, expected) =>
    expect(keys(area as Partial<AreaInSeason>, report as ReportParts)).toEqual(expect.arrayContaining([...expected])),
  )
  test('fire once each, and none without cause', () => {
    const all = keys({ crop: 'bermuda', texture: 'loam', ...fed('10-10-10@1') }, { pH: typed('5') })
    expect(new Set(all).size).toBe(all.length)
    expect(keys({ crop: 'clover' }, { pH: typed('6.5') })).toEqual([])
    expect(keys({ crop: 'mixed-vegetables', ...fed('10-10-10@1') }, { pH: typed('6.4') })).not.toContain(
      'caution.weed-killer',
    )
  })
})

describe('what is missing', () => {
  test.each([
    ['size', { crop: 'bermuda', size: typed('') }, {}, ['missing.size']],
    ['crop', { crop: null }, {}, ['missing.crop']],
    ['report of a mix', { crop: 'potted-plants', guide: 'soilless-mix@1' }, null, ['missing.report']],
    ['guide', { crop: 'bermuda', guide: 'unheard-of@3' }, {}, ['missing.guide']],
  ] as const)('%s', (_, area, report, keys) => {
    const area_ = found(area as Partial<AreaInSeason>, report as ReportParts | null)
    expect(area_.answer).toBeNull()
    expect(area_.missing.map(({ sentence }) => sentence.key)).toEqual(keys)
  })
})

/** Common practice: nitrogen by the crop, 3-1-2 on turf and 1-1-1 in beds as a guess for the rest, which leads nothing. */
describe('ground that was never tested', () => {
  test.each([
    ['tall-fescue', {}, 2.5, 2.5 / 3, (2.5 * 2) / 3],
    ['tomato', {}, 2.5, 2.5, 2.5],
    ['tall-fescue', { phosphorusBanned: true }, 2.5, 'none', (2.5 * 2) / 3],
    ['clover', {}, 'none', undefined, undefined],
    ['apple', {}, 'unknown', undefined, undefined],
  ] as const)('%s %j', (crop, area, ...expected) => {
    const { answer: said, missing } = found({ crop, ...area }, null)
    const figures = majorsOf(said!).map(({ outcome, amount, checks: [guess] }) =>
      outcome === 'unknown' && guess ? guess.amount!.value.v : outcome === 'apply' ? amount!.value.v : outcome,
    )
    expected.forEach((one, i) =>
      typeof one === 'number' ? expect(figures[i]).toBeCloseTo(one, 9) : expect(figures[i]).toBe(one ?? 'unknown'),
    )
    expect(said!.reaction.outcome).toBe('unknown')
    expect(missing.map(({ sentence }) => sentence.key)).toEqual(['missing.report'])
    // A report that was only begun says no more than none.
    expect(found({ crop, ...area }, {}).answer!.headline).toEqual(said!.headline)
    const trials = missingTests(
      oneArea({ crop, ...area }, null),
      oneArea({ crop, ...area }, null).areas[0]!,
      guides,
      [],
    )
    expect(trials.map(({ id }) => id)).toEqual(expect.arrayContaining(['pH', 'P', 'K']))
  })
})

describe('progress', () => {
  const at = (area: Partial<AreaInSeason>, report: ReportParts | null) => {
    const one = kase(area, report)
    return progress(one, recommend(one, guides))
  }
  test.each([
    ['no size', { size: typed('') }, null, 'ground'],
    ['no report', { crop: 'bermuda' }, null, 'sample'],
    ['too acid, no texture', { crop: 'bermuda' }, { pH: typed('5') }, 'amounts'],
    ['a fertilizer that was named', { crop: 'bermuda', texture: 'loam' }, { pH: typed('5') }, 'letter'],
    ['fertilizer chosen', { crop: 'bermuda', texture: 'loam', ...fed('urea@1') }, { pH: typed('5') }, 'letter'],
  ] as const)('%s', (_, area, report, station) =>
    expect(waitsFor(at(area as Partial<AreaInSeason>, report as ReportParts | null))).toBe(station),
  )
  test('a client who brings a report leaves nothing to be sampled; bags are followed until they are back', () => {
    const station = (samples: readonly Sample[], report: ReportParts | null) => {
      const one = { ...kase({ crop: 'bermuda' }, report), samples }
      return progress(one, recommend(one, guides)).sample
    }
    const bag = blankSample('b', 1)
    expect([station([], { pH: typed('6') }), station([], null)]).toEqual(['not-needed', 'empty'])
    expect([station([bag], null), station([{ ...bag, back: '2026-11-20' }], null)]).toEqual(['started', 'settled'])
  })
  test('an empty case waits for its ground, and no station claims to be settled', () => {
    const empty = blankCase('c', '2026-01-01T00:00:00.000Z')
    expect(new Set(Object.values(progress(empty, recommend(empty, guides))))).toEqual(new Set(['empty']))
  })
})

/** By hand, pure lime for 6 in: SMP 6.2 gives 6.16 × 0.65 × 6/8 = 3.00 tons, 6.7 gives 0.98; loam 1.53 × 0.9 × 6/7 = 1.18. */
describe('methods that are far apart are pointed out (over a quarter of the leading figure)', () => {
  test.each([
    ['SMP 6.2 and loam: 61 %', { texture: 'loam' }, '6.2', '', true],
    ['SMP 6.7 and loam: 20 %', { texture: 'loam' }, '6.7', '', false],
    ['SMP and the Tri-State equations, which are one opinion', {}, '6.2', '', false],
    ['the laboratory and loam: what stands beside it says so', { texture: 'loam' }, '', '5 tons/acre', false],
  ] as const)('%s', (_, area, buffer, lime, said) => {
    const report = {
      pH: typed('5.5'),
      ...(buffer && { buffer: 'SMP' as const, bufferPH: typed(buffer) }),
      ...(lime && { recommends: { ...blankReport('').recommends, lime: typed(lime, 'tons/acre') } }),
    }
    const dose = doseOf(answer({ crop: 'mixed-vegetables', ...area }, report).reaction)
    expect(dose!.remarks.some((remark) => remark.key === 'reaction.spread')).toBe(said)
  })
})

/** Common practice. */
describe('what goes with what was chosen', () => {
  const low = { extractant: 'mehlich-3', pH: typed('5.4'), Mg: typed('20', 'ppm'), B: typed('0.2', 'ppm') } as const
  const outcome = (area: Parameters<typeof answer>[0], of: string, report: Parameters<typeof answer>[1] = low) =>
    answer(area, report).needs.find((one) => one.of === of)?.outcome
  test.each([
    ['dolomitic lime brings magnesium', 'pelletized-dolomitic@1', 'none'],
    ['calcitic lime brings none', 'pelletized-calcitic@1', 'apply'],
  ] as const)('%s', (_, lime, expected) =>
    expect(outcome({ crop: 'tomato', texture: 'loam', ...choosing({ lime }) }, 'Mg')).toBe(expected),
  )
  test('a clay loam of low CEC is not light ground: its texture was named', () => {
    const report = { ...low, cec: typed('7') }
    expect(outcome({ crop: 'roots', texture: 'clay-loam' }, 'B', report)).toBe('none')
    expect(outcome({ crop: 'roots' }, 'B', report)).toBe('apply')
  })
})
