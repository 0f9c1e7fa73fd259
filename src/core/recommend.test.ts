import type { ReportParts } from './report/report-with'
import * as fc from 'fast-check'
import { compile, type EvalFunction } from 'mathjs'
import { anyCase, build, number, soilGuides, type Any } from './testing/any-case'
import type { Case } from './case/case'
import type { Crop } from './guides/crop'
import { guides } from './guides/guides'
import type { Limits } from './guides/limits'
import type { Acidifier, Fertilizer, Lime } from './shelf/product'
import type { OneFertilizer } from './bags/one-fertilizer'
import { withSchools } from './guides/schools'
import { oneArea, printed, typed } from './testing/one-area'
import { majorsOf, minorsOf } from './needs/need'
import { doseOf, type Reaction } from './needs/reaction'
import { isMajor, quantity } from './units/quantity'
import { reactionClass } from './reading/classify'
import { isPlanted, figures, recommend, type Answer, type AreaRecommendation } from './recommend'
import { scoop } from './units/kitchen'
import { isDerived, steps, type Derived, type Working } from './units/workings'

const one = oneArea
const answer = (kase: Case) => recommend(kase, guides).areas[0]!.answer!

describe('worked by hand from the reference', () => {
  test('a laboratory’s 225 lb per 1,000 ft² on a lawn is five passes, six months apart (common practice)', () => {
    const dose = doseOf(answer(one({ crop: 'tall-fescue' }, printed({ lime: typed('225 lb/1000') }))).reaction)
    expect(dose).toMatchObject({ lead: { id: 'laboratory' }, passes: { count: 5, interval: { months: 6 } } })
    expect(dose!.passes.each.value.v).toBeCloseTo(45, 9)
  })
  test('32 lb of lime per 1,000 ft² on 5,000 ft² is 4 bags of 40 lb (common practice)', () => {
    const dose = doseOf(
      answer(
        one(
          { crop: 'tall-fescue', size: { text: '50x100', unit: 'ft²', value: 5000 } },
          printed({ lime: typed('32 lb/1000') }),
        ),
      ).reaction,
    )
    expect(scoop(dose!.amount.value.v, dose!.product.material.lbPerCup, dose!.product.bagLb, 'feet')).toEqual({
      kind: 'bags',
      bags: 4,
      bagLb: 40,
      restLb: 0,
    })
  })
  test('SMP 6.55 to 6.4 for 279 ft², 6 in, a 90 % bag: 22.4 lb', () => {
    const dose = doseOf(
      answer(
        one(
          { crop: 'mixed-vegetables', size: { text: '9x31', unit: 'ft²', value: 279 } },
          { pH: typed(5.5), buffer: 'SMP', bufferPH: typed(6.55) },
        ),
      ).reaction,
    )
    expect(dose!.amount.value.v).toBeCloseTo(22.412, 3)
  })
  test('sulfur for a 30 ft circle of rhododendrons on silt loam, 6.6 to 5.2, in 90 % prills: 24.8 lb in four passes, two a year', () => {
    const dose = doseOf(
      answer(
        one(
          { crop: 'rhododendron', texture: 'silt-loam', size: { text: '30 ft circle', unit: 'ft²', value: null } },
          { pH: typed(6.6) },
        ),
      ).reaction,
    )
    expect(dose!.amount.value.v).toBeCloseTo(24.819, 3)
    expect(dose!.passes).toMatchObject({ count: 4, perYear: 2, interval: { months: 3 } })
  })
  test('a laboratory’s figure far from ours is told apart, with the assumption that reproduces it', () => {
    const dose = doseOf(
      answer(
        one({ crop: 'zoysia', texture: 'clay-loam' }, { pH: typed(5.2), ...printed({ lime: typed('110 lb/1000') }) }),
      ).reaction,
    )
    // Texture table: 1.9 × 0.3 + 2.3 × 0.8 = 2.41 tons, 4 of 7 in, its own 0.9 against the bag's: 63.2 lb/1,000 ft².
    expect(dose!.checks[0]!.amount!.value.v).toBeCloseTo((2.41 * 45.9137 * 4) / 7, 2)
    expect(dose!.checks[0]!.difference).toBeCloseTo(63.2 / 110 - 1, 2)
    expect(dose!.remarks[0]).toMatchObject({
      key: 'laboratory.reproduced',
      args: { base: 7, depth: 4, here: expect.closeTo(63.2, 1) },
    })
  })
  test('reaction classes (USDA Soil Survey Manual, recalled)', () => {
    const names = [3.4, 4.4, 4.5, 5.0, 5.1, 5.54, 6.5, 6.6, 7.3, 7.4, 7.84, 8.5, 9.1].map(
      (pH) => reactionClass(quantity(pH, 'pH in water')).en,
    )
    expect(names).toEqual([
      'ultra acid',
      'extremely acid',
      'very strongly acid',
      'very strongly acid',
      'strongly acid',
      'strongly acid',
      'slightly acid',
      'neutral',
      'neutral',
      'slightly alkaline',
      'slightly alkaline',
      'strongly alkaline',
      'very strongly alkaline',
    ])
  })
})

describe('outcomes', () => {
  test.each([
    ['within the span', 'mixed-vegetables', 'loam', 6.2, 'leave', 'reaction.leave'],
    ['between span and aim: trigger and aim differ', 'mixed-vegetables', 'loam', 6.05, 'leave', 'reaction.leave'],
    ['above the span of a crop that lives with it', 'mixed-vegetables', 'loam', 7.2, 'leave', 'reaction.leave-high'],
    ['a little below an acid lover’s span', 'rhododendron', 'loam', 4.3, 'do-not', 'reaction.leave-acid-lover'],
    ['an acid lover below 4.2, on sand', 'highbush-blueberry', 'sand', 4.1, 'lime', 'reaction.lime'],
    ['an acid lover above its span', 'highbush-blueberry', 'loam', 5.9, 'sulfur', 'reaction.sulfur'],
    ['an acid lover above 7.3', 'highbush-blueberry', 'loam', 7.4, 'not-here', 'reaction.not-here'],
    // Organic soil is limed below 5.2 only, to 5.3 at most (SMP’s organic column; recalled).
    ['muck that mineral soil’s span would lime', 'cabbage', 'muck', 5.3, 'leave', 'reaction.leave-organic'],
    ['muck below what it needs', 'cabbage', 'muck', 5.1, 'lime', 'reaction.lime'],
    ['too acid, and neither buffer nor texture', 'tall-fescue', null, 5.2, 'unknown', 'reaction.lime-needs-input'],
    ['too sweet, and no texture', 'rhododendron', null, 6.6, 'unknown', 'reaction.sulfur-needs-input'],
  ] as const)('%s', (_, crop, texture, pH, outcome, key) =>
    expect(answer(one({ crop, texture }, { pH: typed(pH) })).reaction).toMatchObject({ outcome, why: { key } }),
  )

  test('the absurd sulfur figure stands behind “not here”', () =>
    expect(
      answer(one({ crop: 'highbush-blueberry', texture: 'loam' }, { pH: typed(7.4) })).reaction.need!.checks[0]!.amount!
        .value.v,
    ).toBeGreaterThan(0))
  test('a buffer that finds no acidity asks for no lime', () =>
    expect(
      answer(one({ crop: 'tall-fescue' }, { pH: typed(5.3), buffer: 'SMP', bufferPH: typed('7.0') })).reaction,
    ).toMatchObject({ outcome: 'leave', why: { key: 'reaction.none-by-method' } }))
  test('a laboratory that asks for both is followed in neither', () =>
    expect(
      answer(one({ crop: 'bermuda' }, printed({ lime: typed('1 ton/ac'), sulfur: typed('1 lb/100') }))).reaction,
    ).toMatchObject({
      outcome: 'unknown',
      why: { key: 'reaction.both' },
    }))
  test('a laboratory that asks for no lime is followed, with our figure beside it', () => {
    const { outcome, need } = answer(
      one({ crop: 'bermuda', texture: 'loam' }, { pH: typed(5), ...printed({ lime: typed('0', 'tons/acre') }) }),
    ).reaction
    expect(outcome).toBe('leave')
    expect(need!.checks.map((check) => check.id)).toEqual(['guide', 'texture'])
  })
  test.each([
    ['pH', { pH: typed(71) }],
    ['bufferPH', { pH: typed(5.4), buffer: 'SMP', bufferPH: typed(7.4) }],
    ['recommends.lime', printed({ lime: typed('some') })],
  ] as const)('a bad %s is told of and left out; nitrogen still answers', (field, report) => {
    const found = recommend(one({ crop: 'tall-fescue', texture: 'loam' }, report as ReportParts), guides).areas[0]!
    expect(found.problems.map((problem) => problem.field)).toEqual([field])
    expect(found.answer!.needs[0]).toMatchObject({ of: 'N', outcome: 'apply' })
  })
})

/** Every derivation anywhere in a result. */
function derivations(value: unknown, found = new Set<Derived>()): Set<Derived> {
  if (value === null || typeof value !== 'object') return found
  if ('expression' in value && 'inputs' in value && isDerived(value as Working))
    steps(value as Working).forEach((step) => found.add(step))
  else Object.values(value).forEach((inner) => derivations(inner, found))
  return found
}

const first = (any: Any): AreaRecommendation => recommend(build(any), guides).areas[0]!
const answers = ({ answer: lead, crop, others }: AreaRecommendation) => [{ crop: crop!, answer: lead! }, ...others]
const runs = { numRuns: 600 }

const compiled = new Map<string, EvalFunction>()
/** The same expression by another evaluator. */
function byMathjs({ expression, inputs }: Derived): number {
  if (!compiled.has(expression)) compiled.set(expression, compile(expression))
  const scope = Object.fromEntries(Object.entries(inputs).map(([name, input]) => [name, input.value.v]))
  return compiled.get(expression)!.evaluate(scope) as number
}

describe('for any case', () => {
  test('every amount is finite and not below nothing, and every expression evaluates to its number', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const found = first(any)
        for (const derived of derivations(found)) {
          const { v } = derived.value
          const expected = byMathjs(derived)
          if (Math.abs(v - expected) > 1e-8 * Math.max(1, Math.abs(v))) expect(v).toBeCloseTo(expected, 8)
          if (!Number.isFinite(v) || (v < 0 && !/over/.test(derived.rule.key))) expect(derived).toBe('an amount')
        }
      }),
      runs,
    )
  })
  test('the same case gives the same answer, and all of it can be written down', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        expect(JSON.stringify(first(any))).toBe(JSON.stringify(JSON.parse(JSON.stringify(first(any)))))
      }),
      { numRuns: 300 },
    )
  })
  test('twice the area is twice the amount, but for what goes by the plant', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const [single, twice] = [first(any).answer!, first({ ...any, side: Number(any.side.toFixed(3)) * 2 }).answer!]
        const times = (a: Derived | undefined, b: Derived | undefined, factor: number) =>
          a && a.value.v > 0 && expect(b!.value.v / a.value.v).toBeCloseTo(factor, 9)
        majorsOf(single).forEach((need, i) => {
          const byPlant = need.rate?.rule.key === 'nitrogen.spread'
          times(need.amount, majorsOf(twice)[i]!.amount, byPlant ? 1 : 2)
        })
        const rest = ({ needs }: Answer) => needs.filter(({ of }) => !isMajor(of))
        rest(single).forEach((need, i) => {
          const bySulfur = need.of === 'S' && single.needs[0]!.rate?.rule.key === 'nitrogen.spread'
          if (!bySulfur) times(need.amount, rest(twice)[i]!.amount, 2)
        })
      }),
      runs,
    )
  })
  test('lime goes by the depth', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const still = { ...any, lime: null, sulfur: null }
        const [four, eight] = [first({ ...still, depth: '4' }), first({ ...still, depth: '8' })].map(
          (one) => one.answer!.reaction,
        )
        if (four!.outcome === 'lime')
          expect(eight!.need!.amount!.value.v / four!.need!.amount!.value.v).toBeCloseTo(2, 9)
      }),
      runs,
    )
  })
  test('a lower pH never asks for less lime, a higher one never for less sulfur, by one method', () => {
    fc.assert(
      fc.property(anyCase, number(0, 1.5), (any, drop) => {
        const still = { ...any, lime: null, sulfur: null, pHIn: 'water' as const }
        const [high, low] = [first(still).answer!.reaction, first({ ...still, pH: any.pH - drop }).answer!.reaction]
        const [more, less] = high.outcome === 'lime' ? [low, high] : [high, low]
        const [little, much] = [doseOf(less), doseOf(more)]
        if (!little || !much || less.outcome !== more.outcome) return
        if (little.lead.id !== much.lead.id || little.product.material !== much.product.material) return
        expect(much.amount.value.v).toBeGreaterThanOrEqual(little.amount.value.v - 1e-9)
      }),
      runs,
    )
  })
  test('caps, intervals and bans hold, for every crop of the area', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const found = first(any)
        for (const { crop, answer: one } of answers(found)) {
          const limits = withSchools(any.guide, any.schools).limits
          reactionKeeps(one.reaction, limits, any, crop, isPlanted({ ground: any.ground, newLawn: any.newLawn }, crop))
          needsKeep(one, any, crop, limits)
        }
      }),
      runs,
    )
  })
  test('its figures alone are those of its answer', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const kase = build(any)
        // With its report, and as if nobody had tested it.
        for (const one of [kase, { ...kase, reports: [] }]) {
          const [whole] = recommend(one, guides).areas
          const [alone] = figures(one, guides)
          if (whole!.answer) expect(whole!.answer).toMatchObject({ ...alone! })
          else expect(alone).toBeNull()
        }
      }),
      { numRuns: 100 },
    )
  })
  test('a reference-lime figure is never corrected twice', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const still = { ...any, lime: null, sulfur: null, depth: '8' as const }
        const reference = doseOf(first({ ...still, limeMaterial: 'agricultural-calcitic@1' }).answer!.reaction)
        const bagged = doseOf(first({ ...still, limeMaterial: 'pelletized-calcitic@1' }).answer!.reaction)
        if (!reference || !bagged || reference.lead.id !== bagged.lead.id || reference.amount.value.v === 0) return
        // Fine stone and pure CaCO₃ are turned into ordinary ground limestone, which others speak of as it is.
        const basis: Record<string, number> = { smp: 0.65, 'adams-evans': 1 / 1.5, texture: 0.65, acidity: 0.65 }
        const of = basis[reference.lead.id]
        if (of !== undefined) expect(bagged.amount.value.v / reference.amount.value.v).toBeCloseTo(of / 0.9, 9)
      }),
      runs,
    )
  })
  test('an answer for one crop is the same whether others grow there or not, but for boron', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const others = soilGuides.includes(any.guide) ? any.otherCrops : []
        const [alone, among] = [first({ ...any, otherCrops: [] }), first({ ...any, otherCrops: others })]
        // Lead is limed against only where all stand it, and ash that limes brings P and K.
        const fed = ({ answer }: typeof alone) =>
          JSON.stringify(majorsOf(answer!).filter(({ of }) => any.plain.lead === null || of === 'N'))
        expect(fed(among)).toBe(fed(alone))
        if (any.plain.lead === null)
          expect(JSON.stringify(among.answer!.reaction)).toBe(JSON.stringify(alone.answer!.reaction))
      }),
      { numRuns: 300 },
    )
  })
})

const hair = 1e-6
const printedAs = (v: number | null) => Number(v?.toFixed(4) ?? 0)

function reactionKeeps(ph: Reaction, { lime, sulfur }: Limits, any: Any, crop: Crop, planted: boolean) {
  if (crop.use !== 'container' && printedAs(any.lime) && printedAs(any.sulfur))
    expect([ph.outcome, ph.need]).toEqual(['unknown', undefined])
  const dose = doseOf(ph)
  if (ph.outcome === 'sulfur' && !any.sulfur) expect(crop.acidRequiring).toBe(true)
  if (!dose) return
  const { rate, passes } = dose
  const perPass = rate.value.v / passes.count
  if (passes.count > 1) expect(passes.interval).not.toBeNull()
  if (ph.outcome === 'lime') {
    const material = dose.product.material as Lime
    const most = Math.min(planted ? lime.surfacePerPass : lime.dugInPerPass, material.liming.cap?.perPass ?? Infinity)
    expect(perPass).toBeLessThanOrEqual(most + hair)
    return
  }
  const { strength, productPerPass, notOnFood } = (dose.product.material as Acidifier).acidifying
  const cap = planted ? (crop.use === 'lawn' ? sulfur.turf : sulfur.planted) : sulfur.dugIn
  expect(perPass * strength).toBeLessThanOrEqual(cap.perPass + hair)
  if (productPerPass) expect(rate.value.v).toBeLessThanOrEqual(productPerPass + hair)
  if (notOnFood) expect(crop.edible).toBe(false)
}

/** Whatever a product is measured by, nothing that it carries goes past its own cap. Caps: common practice. */
function mixKeeps({ rate, passes, barred }: OneFertilizer, material: Fertilizer, any: Any, crop: Crop, limits: Limits) {
  const { grade, firstYearN, slowNitrogen } = material.feeding
  const slow = any.slow === null ? slowNitrogen : any.slow / 100
  const each = (percent: number) => ((rate.value.v / passes.count) * percent) / 100
  if (crop.use !== 'lawn' && crop.use !== 'container' && crop.nitrogen.unit !== 'lb N/tree' && passes.count < 500) {
    const most = any.texture === 'sand' ? limits.bed.onSand.N : limits.bed.nitrogenPerPass
    expect(each(grade.N) * firstYearN * (1 - slow)).toBeLessThanOrEqual(most + hair)
  }
  for (const nutrient of ['P₂O₅', 'K₂O'] as const)
    if ((rate.value.v * grade[nutrient]) / 100 > 15 + hair)
      expect(barred.map(({ key }) => key)).toContain('mix.too-much')
}

function needsKeep(found: Answer, any: Any, crop: Crop, limits: Limits) {
  const [needs, { fertilizer }] = [majorsOf(found), found]
  const p = needs[1]!
  if (any.banned) expect(p.outcome).not.toBe('apply')
  const turf = crop.use === 'lawn'
  if (turf && !any.newLawn && (p.rating?.className === 'optimum' || p.rating?.className === 'excess'))
    expect(['none', 'check']).toContain(p.outcome)
  for (const { rate, passes, of: nutrient } of needs) {
    if (!passes) continue
    if (passes.count > 1) expect(passes.interval).not.toBeNull()
    if (turf && !(any.newLawn && nutrient !== 'N'))
      expect(rate!.value.v / passes.count).toBeLessThanOrEqual(limits.turf.perPass[nutrient] + hair)
    if (!turf && nutrient === 'N' && crop.use !== 'container' && crop.nitrogen.unit !== 'lb N/tree')
      expect(rate!.value.v / passes.count).toBeLessThanOrEqual(limits.bed.nitrogenPerPass + hair)
  }
  const boron = minorsOf(found).find(({ of }) => of === 'B')
  if (boron?.outcome === 'apply') {
    expect(crop.boron).not.toBe('harms')
    expect(any.beansNext).toBe(false)
    expect(boron.rate!.value.v * 43.56).toBeLessThanOrEqual(limits.boron.perYear + hair)
  }
  if (!fertilizer?.mix.ok) return
  mixKeeps(fertilizer.mix.value, fertilizer.material, any, crop, limits)
  const brings = (fertilizer.mix.value.amount.value.v * fertilizer.material.feeding.grade['P₂O₅']) / 100
  if (fertilizer.mix.value.meets === 'N' && p.outcome === 'apply')
    expect(brings).toBeLessThanOrEqual(1.25 * p.amount!.value.v * (1 + hair))
  if (!turf) return
  const { rate, passes } = fertilizer.mix.value
  const slow = any.slow === null ? fertilizer.material.feeding.slowNitrogen : any.slow / 100
  const nitrogen = (rate.value.v / passes.count) * (fertilizer.material.feeding.grade.N / 100)
  expect(nitrogen * (1 - slow)).toBeLessThanOrEqual(1 + hair)
  expect(nitrogen).toBeLessThanOrEqual((slow >= 0.5 ? 2 : slow > 0 ? 1.5 : 1) + hair)
}
