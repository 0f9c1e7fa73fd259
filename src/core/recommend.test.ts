import * as fc from 'fast-check'
import { evaluate as mathEvaluate } from 'mathjs'
import { blankArea, blankCase, blankReport } from './blank'
import type { Area, Case, Report } from './case'
import { fields } from './fields'
import { crops, type CropId } from './guides/crops'
import { extractants, guideFor, guideRef, guides, type ExtractantId } from './guides/guides'
import {
  fertilizers,
  limeMaterials,
  sulfurMaterials,
  type FertilizerId,
  type LimeMaterialId,
  type SulfurMaterialId,
} from './guides/materials'
import { textures, type TextureId } from './guides/soils'
import { limits } from './guides/limits'
import { reactionClass } from './reading/classify'
import { recommend, type AreaRecommendation } from './recommend'
import { quantity } from './units/quantity'
import { scoop } from './units/kitchen'
import { readTyped } from './units/typed'
import { isDerived, steps, type Derived, type Working } from './workings'

const typed = (text: string | number, unit = '') => readTyped(String(text), unit, fields.lime.units)
const one = (area: Partial<Area>, report: Partial<Report>, more: Partial<Case> = {}): Case => ({
  ...blankCase('c', '2026-01-01T00:00:00.000Z'),
  areas: [{ ...blankArea('a', 'A'), reportId: 'r', size: { text: '20x50', unit: 'ft²', value: 1000 }, ...area }],
  reports: [{ ...blankReport('r'), ...report }],
  ...more,
})
const answer = (kase: Case) => recommend(kase, guides).areas[0]!.answer!
const printed = (what: Partial<Report['recommends']>): Partial<Report> => ({
  recommends: { ...blankReport('').recommends, ...what },
})

describe('worked by hand from the reference', () => {
  test('a laboratory’s 225 lb per 1,000 ft² on a lawn is five passes, six months apart (common practice)', () => {
    const { dose } = answer(one({ crop: 'tall-fescue' }, printed({ lime: typed('225 lb/1000') }))).reaction
    expect(dose).toMatchObject({ ledBy: { id: 'laboratory' }, passes: { count: 5, interval: { months: 6 } } })
    expect(dose!.passes.each.value.v).toBeCloseTo(45, 9)
  })
  test('32 lb of lime per 1,000 ft² on 5,000 ft² is 4 bags of 40 lb (common practice)', () => {
    const { dose } = answer(
      one(
        { crop: 'tall-fescue', size: { text: '50x100', unit: 'ft²', value: 5000 } },
        printed({ lime: typed('32 lb/1000') }),
      ),
    ).reaction
    expect(scoop(dose!.amount.value.v, dose!.lbPerCup, dose!.bagLb, 'feet')).toEqual({
      kind: 'bags',
      bags: 4,
      bagLb: 40,
      restLb: 0,
    })
  })
  test('SMP 6.55 to 6.4 for 279 ft², 6 in, a 90 % bag: 22.4 lb', () => {
    const { dose } = answer(
      one(
        { crop: 'mixed-vegetables', size: { text: '9x31', unit: 'ft²', value: 279 } },
        { pH: typed(5.5), buffer: 'SMP', bufferPH: typed(6.55) },
      ),
    ).reaction
    expect(dose!.amount.value.v).toBeCloseTo(22.412, 3)
  })
  test('sulfur for a 30 ft circle of rhododendrons on silt loam, 6.6 to 5.2, in 90 % prills: 24.8 lb in four passes, two a year', () => {
    const { dose } = answer(
      one(
        { crop: 'rhododendron', texture: 'silt-loam', size: { text: '30 ft circle', unit: 'ft²', value: null } },
        { pH: typed(6.6) },
      ),
    ).reaction
    expect(dose!.amount.value.v).toBeCloseTo(24.819, 3)
    expect(dose!.passes).toMatchObject({ count: 4, perYear: 2, interval: { months: 3 } })
  })
  test('a laboratory’s figure far from ours is told apart, with the assumption that reproduces it', () => {
    const { checks, dose } = answer(
      one({ crop: 'zoysia', texture: 'clay-loam' }, { pH: typed(5.2), ...printed({ lime: typed('110 lb/1000') }) }),
    ).reaction
    // Texture table: 1.9 × 0.3 + 2.3 × 0.8 = 2.41 tons, 4 of 7 in, its own 0.9 against the bag's: 63.2 lb/1,000 ft².
    expect(checks[0]!.amount!.value.v).toBeCloseTo((2.41 * 45.9137 * 4) / 7, 2)
    expect(checks[0]!.difference).toBeCloseTo(63.2 / 110 - 1, 2)
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
    ['a little below an acid lover’s span', 'rhododendron', 'loam', 4.3, 'leave', 'reaction.leave-acid-lover'],
    ['an acid lover below 4.2, on sand', 'highbush-blueberry', 'sand', 4.1, 'lime', 'reaction.lime'],
    ['an acid lover above its span', 'highbush-blueberry', 'loam', 5.9, 'sulfur', 'reaction.sulfur'],
    ['an acid lover above 7.3', 'highbush-blueberry', 'loam', 7.4, 'not-here', 'reaction.not-here'],
    ['too acid, and neither buffer nor texture', 'tall-fescue', null, 5.2, 'unknown', 'reaction.lime-needs-input'],
    ['too sweet, and no texture', 'rhododendron', null, 6.6, 'unknown', 'reaction.sulfur-needs-input'],
  ] as const)('%s', (_, crop, texture, pH, outcome, key) =>
    expect(answer(one({ crop, texture }, { pH: typed(pH) })).reaction).toMatchObject({ outcome, why: { key } }),
  )

  test('the absurd sulfur figure stands behind “not here”', () =>
    expect(
      answer(one({ crop: 'highbush-blueberry', texture: 'loam' }, { pH: typed(7.4) })).reaction.checks[0]!.amount!.value
        .v,
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
    const { outcome, checks } = answer(
      one({ crop: 'bermuda', texture: 'loam' }, { pH: typed(5), ...printed({ lime: typed('0', 'tons/acre') }) }),
    ).reaction
    expect(outcome).toBe('leave')
    expect(checks.map((check) => check.id)).toEqual(['guide', 'texture'])
  })
  test.each([
    ['pH', { pH: typed(71) }],
    ['bufferPH', { pH: typed(5.4), buffer: 'SMP', bufferPH: typed(7.4) }],
    ['recommends.lime', printed({ lime: typed('some') })],
  ] as const)('a bad %s is told of and left out; nitrogen still answers', (field, report) => {
    const found = recommend(one({ crop: 'tall-fescue', texture: 'loam' }, report as Partial<Report>), guides).areas[0]!
    expect(found.problems.map((problem) => problem.field)).toEqual([field])
    expect(found.answer!.needs[0]).toMatchObject({ nutrient: 'N', outcome: 'apply' })
  })
})

/** Random cases that a person could have typed. */
const anyCase = fc.record({
  crop: fc.constantFrom(...(Object.keys(crops) as CropId[])),
  texture: fc.constantFrom(null, ...(Object.keys(textures) as TextureId[])),
  ground: fc.constantFrom(null, 'dug', 'planted'),
  depth: fc.constantFrom('', '4', '6', '8'),
  feeding: fc.constantFrom('lean', 'usual', 'generous'),
  banned: fc.boolean(),
  climate: fc.constantFrom('cool', 'warm'),
  extractant: fc.constantFrom(null, ...(Object.keys(extractants) as ExtractantId[])),
  buffer: fc.constantFrom(null, 'SMP', 'Adams–Evans'),
  pH: fc.double({ min: 3.6, max: 8.5, noNaN: true }),
  bufferPH: fc.double({ min: 4.8, max: 8, noNaN: true }),
  organicMatter: fc.option(fc.double({ min: 0, max: 12, noNaN: true })),
  cec: fc.option(fc.double({ min: 1, max: 35, noNaN: true })),
  P: fc.option(fc.nat({ max: 300 })),
  K: fc.option(fc.nat({ max: 600 })),
  Mg: fc.option(fc.nat({ max: 600 })),
  lime: fc.option(fc.double({ min: 0, max: 8, noNaN: true }), { freq: 3 }),
  sulfur: fc.option(fc.double({ min: 0, max: 5, noNaN: true }), { freq: 3 }),
  limeMaterial: fc.constantFrom(null, ...(Object.keys(limeMaterials) as LimeMaterialId[])),
  sulfurMaterial: fc.constantFrom(null, ...(Object.keys(sulfurMaterials) as SulfurMaterialId[])),
  fertilizer: fc.constantFrom(null, ...(Object.keys(fertilizers) as FertilizerId[])),
  side: fc.double({ min: 1, max: 400, noNaN: true }),
})
type Any = typeof anyCase extends fc.Arbitrary<infer T> ? T : never

function build(any: Any): Case {
  const number = (v: number | null, unit = '') =>
    v === null ? typed('', unit) : { text: v.toFixed(4), unit, value: Number(v.toFixed(4)) }
  const guide = any.extractant ? guideFor(any.extractant) : undefined
  const base = blankArea('a', 'A')
  return one(
    {
      crop: any.crop,
      texture: any.texture,
      ground: any.ground as Area['ground'],
      depth: typed(any.depth, 'in'),
      feeding: any.feeding as Area['feeding'],
      phosphorusBanned: any.banned,
      size: { text: `${any.side.toFixed(3)} x 10`, unit: 'ft²', value: null },
      guide: guideRef(guide ?? guides[0]!),
      materials: { ...base.materials, lime: any.limeMaterial, sulfur: any.sulfurMaterial, fertilizer: any.fertilizer },
    },
    {
      extractant: any.extractant,
      buffer: any.buffer as Report['buffer'],
      pH: number(any.pH),
      bufferPH: number(any.bufferPH),
      organicMatter: number(any.organicMatter, '%'),
      cec: number(any.cec),
      P: number(any.P, 'ppm'),
      K: number(any.K, 'ppm'),
      Mg: number(any.Mg, 'ppm'),
      ...printed({ lime: number(any.lime, 'tons/acre'), sulfur: number(any.sulfur, 'lb/100 ft²') }),
    },
    { climate: any.climate as Case['climate'] },
  )
}

/** Every derivation anywhere in a result. */
function derivations(value: unknown, found = new Set<Derived>()): Set<Derived> {
  if (value === null || typeof value !== 'object') return found
  if ('expression' in value && 'inputs' in value && isDerived(value as Working))
    steps(value as Working).forEach((step) => found.add(step))
  else Object.values(value).forEach((inner) => derivations(inner, found))
  return found
}

const first = (any: Any): AreaRecommendation => recommend(build(any), guides).areas[0]!
const runs = { numRuns: 400 }

describe('for any case', () => {
  test('every amount is finite and not below nothing, and every expression evaluates to its number', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const found = first(any)
        for (const derived of derivations(found)) {
          const scope = Object.fromEntries(Object.entries(derived.inputs).map(([name, input]) => [name, input.value.v]))
          const expected = mathEvaluate(derived.expression, scope) as number
          expect(derived.value.v).toBeCloseTo(expected, 8)
          if (/over/.test(derived.rule.key)) expect(Number.isFinite(derived.value.v)).toBe(true)
          else expect(derived.value.v).toBeGreaterThanOrEqual(0)
        }
        expect(JSON.parse(JSON.stringify(found))).toEqual(JSON.parse(JSON.stringify(first(any))))
      }),
      { numRuns: 150 },
    )
  })
  test('twice the area is twice the amount', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const [single, twice] = [first(any).answer!, first({ ...any, side: Number(any.side.toFixed(3)) * 2 }).answer!]
        const doubles = (a?: Derived, b?: Derived) => a && expect(b!.value.v / a.value.v).toBeCloseTo(2, 9)
        if (single.reaction.dose && single.reaction.dose.amount.value.v > 0)
          doubles(single.reaction.dose.amount, twice.reaction.dose?.amount)
        single.needs.forEach((need, i) => doubles(need.amount, twice.needs[i]!.amount))
      }),
      runs,
    )
  })
  test('a lower pH never asks for less lime, by one method', () => {
    fc.assert(
      fc.property(anyCase, fc.double({ min: 0, max: 1.5, noNaN: true }), (any, drop) => {
        const still = { ...any, lime: null, sulfur: null }
        const [high, low] = [first(still).answer!.reaction, first({ ...still, pH: any.pH - drop }).answer!.reaction]
        if (high.outcome !== 'lime' || low.dose?.ledBy.id !== high.dose?.ledBy.id) return
        expect(low.dose!.amount.value.v).toBeGreaterThanOrEqual(high.dose!.amount.value.v - 1e-9)
      }),
      runs,
    )
  })
  test('caps and bans hold; never lime and sulfur together; sulfur only for crops that require acid ground; P never on turf at optimum', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const { answer: found, planted, crop } = first(any)
        const { reaction: ph, needs } = found!
        const printedAs = (v: number | null) => Number(v?.toFixed(4) ?? 0)
        if (printedAs(any.lime) && printedAs(any.sulfur)) expect([ph.outcome, ph.dose]).toEqual(['unknown', undefined])
        if (ph.dose) {
          const perPass = ph.dose.rate.value.v / ph.dose.passes.count
          if (ph.outcome === 'lime')
            expect(perPass).toBeLessThanOrEqual(
              (planted ? limits.lime.surfacePerPass : limits.lime.dugInPerPass) + 1e-6,
            )
          else
            expect(perPass * (ph.dose.material as { strength: number }).strength).toBeLessThanOrEqual(
              (planted ? limits.sulfur.planted : limits.sulfur.dugIn).perPass + 1e-6,
            )
        }
        if (ph.outcome === 'sulfur' && !any.sulfur) expect(crop!.acidRequiring).toBe(true)
        const p = needs[1]!
        if (any.banned) expect(p.outcome).toBe('none')
        if (crop!.use === 'lawn' && (p.rating?.className === 'optimum' || p.rating?.className === 'excess'))
          expect(p.outcome).toBe('none')
        if (crop!.use === 'lawn')
          for (const need of needs)
            if (need.passes) expect(need.rate!.value.v / need.passes.count).toBeLessThanOrEqual(1 + 1e-6)
      }),
      runs,
    )
  })
  test('a reference-lime figure is never corrected twice', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const still = { ...any, lime: null, sulfur: null, depth: '8' as const }
        const reference = first({ ...still, limeMaterial: 'agricultural-calcitic' }).answer!.reaction.dose
        const bagged = first({ ...still, limeMaterial: 'pelletized-calcitic' }).answer!.reaction.dose
        if (!reference || !bagged || reference.ledBy.id !== bagged.ledBy.id || reference.amount.value.v === 0) return
        const basis = { smp: 0.65, 'adams-evans': 1 / 1.5, texture: 0.9 }[reference.ledBy.id]
        if (basis !== undefined) expect(bagged.amount.value.v / reference.amount.value.v).toBeCloseTo(basis / 0.9, 9)
      }),
      runs,
    )
  })
})
