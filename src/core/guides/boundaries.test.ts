import type { ReportParts } from '../report/report-with'
import { tests } from '../report/tests'
import { fields, limeFields, numberIn } from '../report/fields'
import { buffers } from '../report/buffers'
import { leadClass } from '../reading/lead'
import { rate, reactionClass, sufficiency } from '../reading/classify'
import { saltBand, saltBands, saltMeaning, sodicFrom, sodium } from '../reading/salts'
import { quarrels } from '../told/several'
import { nothingRead, readReport } from '../reading/soil'
import { answer, oneArea, typed } from '../testing/one-area'
import { quantity, type Element } from '../units/quantity'
import type { Field } from '../units/typed'
import { classNames, guideRef, type ClassRow, type Guide, type MinimumRow } from './guide'
import { guides } from './guides'
import { houseLimits as limits } from './limits'
import { reactionClasses, type TextureId } from './soils'

/**
 * What lies on a bound and what lies just beyond it, for every bound that the guides hold. The bounds are the guides' own
 * data, each with its source there; that the upper bound belongs to the class is common practice.
 */
const soilGuides = guides.filter(({ medium }) => medium === 'soil')
const just = 0.001

const read = (guide: Guide, more: ReportParts, texture: TextureId = 'loam') => {
  const kase = oneArea({ texture, guide: guideRef(guide) }, { extractant: guide.extractant, ...more })
  return [readReport(kase.reports[0]!, kase.areas[0]!), kase.reports[0]!, guide] as const
}

/** A CEC at which this row is the one that holds. */
const cecFor = (rows: readonly ClassRow[], row: ClassRow): string =>
  row.cecOver !== undefined
    ? String(row.cecOver + 0.1)
    : row.cecFrom !== undefined
      ? String(row.cecFrom)
      : String(Math.min(...rows.flatMap(({ cecOver, cecFrom }) => cecOver ?? cecFrom ?? [])) - 0.1)

const bounds = soilGuides.flatMap((guide) =>
  (['P', 'K'] as const).flatMap((element) =>
    guide.classes[element].flatMap((row) =>
      row.bounds.map((bound, i) => {
        const conditional = guide.classes[element].length > 1
        const cec = conditional ? cecFor(guide.classes[element], row) : ''
        return {
          name: `${guide.id}, ${element} ${bound} ${guide.unit}, CEC ${cec || 'any'}`,
          guide,
          element,
          bound,
          cec,
          i,
        }
      }),
    ),
  ),
)
test.each(bounds)('$name', ({ guide, element, bound, cec, i }) => {
  const classOf = (v: number) => {
    const found = rate(element, ...read(guide, { [element]: typed(v, guide.unit), cec: typed(cec, 'meq/100 g') }))
    return found.ok && found.value.className
  }
  expect([classOf(bound), classOf(bound + just)]).toEqual([classNames[i], classNames[i + 1]])
})

test('a row of classes that holds over a CEC does not hold at it; one that holds from it does', () => {
  for (const guide of soilGuides)
    for (const element of ['P', 'K'] as const) {
      const rows = guide.classes[element]
      for (const [i, { cecOver, cecFrom }] of rows.entries()) {
        const at = cecOver ?? cecFrom
        if (at === undefined) continue
        const cec = typed(cecOver === undefined ? at - just : at, 'meq/100 g')
        const found = rate(element, ...read(guide, { [element]: typed(1, guide.unit), cec }))
        expect(found.ok && found.value.bounds).toEqual(rows[i + 1]!.bounds)
      }
    }
})

const minimums = soilGuides.flatMap((guide) =>
  Object.entries(guide.minimums).flatMap(([element, { rows, by }]) =>
    rows.map((row: MinimumRow) => ({
      name: `${guide.id}, ${element} below ${row.lowBelow}`,
      guide,
      element: element as Element,
      by,
      row,
      cec: row.cecBelow === undefined ? '50' : String(row.cecBelow - 0.1),
    })),
  ),
)
test.each(minimums)('$name', ({ guide, element, by, row, cec }) => {
  const isLow = (v: number) => {
    const method = element === 'B' ? { boron: by ?? null } : { micronutrients: by ?? null }
    const test = { [element]: typed(v, by ? 'ppm' : guide.unit), cec: typed(cec, 'meq/100 g') }
    const found = sufficiency(element, ...read(guide, { ...test, ...(method as ReportParts) }, row.texture))
    return found.ok && found.value.low
  }
  expect([isLow(row.lowBelow - just), isLow(row.lowBelow)]).toEqual([true, false])
})

const grown = soilGuides.flatMap((guide) =>
  Object.entries(guide.crops).map(([id, crop]) => ({ name: `${guide.id}, ${id}`, guide, id, crop })),
)
test.each(grown)('$name is limed below its trigger and soured above its span only', ({ guide, id, crop }) => {
  const outcome = (pH: number) =>
    answer({ crop: id, texture: 'loam', guide: guideRef(guide) }, { pH: typed(pH.toFixed(3)) }).reaction.outcome
  const trigger = crop.limeBelow ?? crop.pH.low
  expect(outcome(trigger - just)).toBe('lime')
  expect(outcome(trigger)).not.toBe('lime')
  expect([outcome(Math.max(trigger, crop.pH.low)), outcome(crop.pH.high)]).toEqual(['leave', 'leave'])
  expect(outcome(crop.pH.high + just)).toBe(crop.acidRequiring ? 'sulfur' : 'leave')
  if (crop.acidRequiring)
    expect([outcome(limits.sulfur.notAbovePH), outcome(limits.sulfur.notAbovePH + just)]).toEqual([
      'sulfur',
      'not-here',
    ])
})

const printed: Readonly<Record<string, Field>> = {
  ...fields,
  ...Object.fromEntries(tests.map(({ id, field }) => [id, field])),
  ...Object.fromEntries(Object.entries(buffers).map(([kind, { field }]) => [kind, field])),
  ...Object.fromEntries(Object.entries(limeFields).map(([scale, field]) => [`lime by ${scale}`, field])),
}
test.each(Object.entries(printed))('%s is believed from its lowest to its highest and not beyond', (_, field) => {
  const believed = (v: number) =>
    numberIn(field, { text: v.toFixed(4), unit: field.units[0]?.unit ?? '', value: v }) !== undefined
  expect([believed(field.low), believed(field.high), believed(field.low - just), believed(field.high + just)]).toEqual([
    true,
    true,
    false,
    false,
  ])
})

test.each([
  [limits.lead.precaution, 'below-precaution', 'precaution'],
  [limits.lead.screening, 'precaution', 'screening'],
  [limits.lead.noFood, 'screening', 'no-food'],
])('lead at %d ppm', (bound, at, beyond) => {
  const classOf = (ppm: number) => {
    const found = leadClass(ppm, 'total', limits)
    return found.ok && found.value
  }
  expect([classOf(bound), classOf(bound + just)]).toEqual([at, beyond])
})

/** USDA Handbook 60, recalled. */
test.each(saltBands.slice(0, -1).map(({ upTo, name }, i) => [upTo, name, saltBands[i + 1]!.name] as const))(
  'salts at %d dS/m',
  (bound, at, beyond) => {
    const bandOf = (v: number) => {
      const found = saltBand(quantity(v, 'dS/m, saturated-paste'))
      return found.ok && found.value
    }
    expect([bandOf(bound), bandOf(bound + just)]).toEqual([at, beyond])
  },
)

/** USDA Handbook 60, recalled. */
test('sodic from a SAR of 13 and above a pH of 8.5', () => {
  const why = (more: ReportParts) => answer({ crop: 'tomato', texture: 'loam' }, more).reaction.why.key
  expect(why({ pH: typed(7), sar: typed(sodicFrom.sar) })).toBe('reaction.sodic')
  expect(why({ pH: typed(7), sar: typed(sodicFrom.sar - just) })).not.toBe('reaction.sodic')
  expect(why({ pH: typed(sodicFrom.pHAbove) })).not.toBe('reaction.sodic')
  expect(why({ pH: typed(sodicFrom.pHAbove + 0.01) })).toBe('reaction.sodic')
})

/** USDA Soil Survey Manual, recalled: the pH is rounded to 0.1 first, a bound belongs to the lower class. */
test.each(
  reactionClasses.slice(0, -1).map(({ upTo, name }, i) => [upTo, name.en, reactionClasses[i + 1]!.name.en] as const),
)('reaction class at pH %d', (bound, at, beyond) =>
  expect([bound, bound + 0.049, bound + 0.051].map((v) => reactionClass(quantity(v, 'pH in water')).en)).toEqual([
    at,
    at,
    beyond,
  ]),
)

/** Common practice: light ground by CEC is fed in small doses; credit for organic matter begins above its threshold. */
test('CEC that makes ground light, and organic matter that feeds', () => {
  const nitrogen = (more: ReportParts) => answer({ crop: 'sweet-corn', texture: null }, more).needs[0]!
  const passes = (cec: number) => nitrogen({ cec: typed(cec, 'meq/100 g') }).passes!.count
  expect(passes(limits.sandyBelowCec - just)).toBeGreaterThan(passes(limits.sandyBelowCec))
  const lb = (percent: number) => nitrogen({ organicMatter: typed(percent, '%') }).amount!.value.v
  const { creditAbove, creditPerPercent, creditAtMost } = limits.organicMatter
  expect(lb(creditAbove)).toBe(lb(0))
  expect(lb(creditAbove + 1)).toBeCloseTo(lb(0) - creditPerPercent / 43.56, 6)
  const full = creditAbove + creditAtMost / creditPerPercent
  expect(lb(full)).toBeLessThan(lb(full - just))
  expect(lb(full + 1)).toBeCloseTo(lb(0) - creditAtMost / 43.56, 6)
})

/** USDA Handbook 60, recalled: exchangeable sodium from 15 % of the CEC. */
test('sodic from 15 % of the exchange', () => {
  const sodic = (meq: number) =>
    sodium({
      ...nothingRead,
      soil: { cec: quantity(10, 'meq/100 g') },
      bases: [{ base: 'Na', meq } as (typeof nothingRead.bases)[number]],
    }).sodic
  expect([sodic(1.5), sodic(1.5 - just)]).toEqual([true, false])
})

/** Maas and Hoffman 1977, recalled: a crop bears salts up to its threshold. */
test.each(
  Object.entries(soilGuides[0]!.crops).flatMap(([id, crop]) =>
    crop.salts ? [[id, crop, crop.salts.upTo] as const] : [],
  ),
)('%s bears salts up to its threshold', (_, crop, upTo) => {
  const said = (v: number) => saltMeaning(quantity(v, 'dS/m, saturated-paste'), 'negligible', crop).key
  expect([said(upTo), said(upTo + just)]).toEqual(['salts.within-crop', 'salts.above-crop'])
})

/** Common practice: what differs by more than a quarter is worth a word. */
test.each([
  [0.75, 0],
  [0.7, 1],
])('rates of %d and 1 of two crops are told apart %i times', (low, times) => {
  const grown = [low, 1].map((v) => {
    const rated = (of: string, rate: number) => ({ of, outcome: 'apply', rate: { value: quantity(rate, '') } })
    const needs = [rated('N', v), rated('P₂O₅', 1), rated('K₂O', 1)]
    const answer = { reaction: { outcome: 'leave' }, needs }
    return { crop: soilGuides[0]!.crops['tomato']!, answer } as unknown as Parameters<typeof quarrels>[0][number]
  })
  expect(quarrels(grown).map(({ key }) => key)).toEqual(Array(times).fill('several.nutrient'))
})
