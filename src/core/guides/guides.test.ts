import type { Crop } from './crop'
import { crops } from './crops'
import { extractants, guideRef, type Rates } from './guide'
import { defaultGuide, guideFor, guides } from './guides'
import { limeByTexture, smpRows } from './lime-tables'
import { isAcidifier, isFertilizer, isLime, type Acidifier } from '../shelf/product'
import { productNamed } from '../shelf/product-named'
import { shippedProducts } from '../shelf/products'
import { reactionClasses, textures } from './soils'
import { sources } from '../units/sources'
import { sulfurTo45 } from './sulfur-tables'

/** What must be so of every table, whatever its figures. */
const ascending = (values: readonly number[]) => values.every((value, i) => i === 0 || value > values[i - 1]!)
const notRising = (values: readonly number[]) => values.every((value, i) => i === 0 || value <= values[i - 1]!)

describe('crops', () => {
  test.each(Object.entries<Crop>(crops))('%s', (_, crop) => {
    const { low, high, aim } = crop.pH
    expect(low).toBeLessThan(aim)
    expect(aim).toBeLessThanOrEqual(high)
    expect(crop.limeBelow ?? low).toBeLessThan(aim)
    if (crop.nitrogen.unit !== 'lb N/tree') expect(crop.nitrogen.low).toBeLessThanOrEqual(crop.nitrogen.high)
    // Sulfur is for acid lovers, and only they are limed far below their span.
    expect((crop.limeBelow ?? low) < low).toBe(crop.acidRequiring)
    if (crop.ammoniumOnly) expect(crop.acidRequiring).toBe(true)
  })
})

describe('guides', () => {
  test.each(guides.map((guide) => [guideRef(guide), guide] as const))('%s', (_, guide) => {
    for (const rates of Object.values(guide.rates).filter((one) => typeof one === 'object' && 'P₂O₅' in one))
      for (const row of Object.values(rates as Rates)) expect(notRising(row)).toBe(true)
  })
  test('an established lawn gets no phosphorus at optimum or above', () => {
    for (const { rates } of guides) expect(rates.lawn['P₂O₅'].slice(3)).toEqual([0, 0])
  })
  test('each extractant has its guide, but for those named to be refused', () => {
    const without = (Object.keys(extractants) as (keyof typeof extractants)[]).filter((id) => !guideFor(id))
    expect(without).toEqual(['morgan', 'other'])
    expect(guideFor('mehlich-3')).toBe(defaultGuide)
    expect(new Set(guides.map(guideRef)).size).toBe(guides.length)
  })
})

describe('method tables', () => {
  test('SMP: a lower buffer and a higher aim never take less lime', () => {
    expect(ascending(smpRows.map(([buffer]) => buffer))).toBe(true)
    for (const column of [1, 2, 3] as const) expect(notRising(smpRows.map((row) => row[column]))).toBe(true)
    for (const [, to70, to65, to60] of smpRows) expect(notRising([to70, to65, to60])).toBe(true)
  })
  test('lime by texture: the steps join, and the warm climate takes less than the cool', () => {
    for (const row of Object.keys(limeByTexture.cool) as (keyof typeof limeByTexture.cool)[]) {
      const [cool, warm] = [limeByTexture.cool[row], limeByTexture.warm[row]]
      cool.forEach((step, i) => {
        if (i > 0) expect(step.from).toBe(cool[i - 1]!.to)
        expect(warm[i]!.tons).toBeLessThan(step.tons)
      })
    }
  })
  test('sulfur: rising with pH, and more on loam than on sand', () => {
    for (const rows of Object.values(sulfurTo45)) expect(ascending(rows.map(([, lb]) => lb))).toBe(true)
    sulfurTo45.loam.slice(1).forEach(([, lb], i) => expect(lb).toBeGreaterThan(sulfurTo45.sand[i + 1]![1]))
  })
  test('reaction classes ascend; textures have the rows they name', () => {
    expect(ascending(reactionClasses.map(({ upTo }) => upTo))).toBe(true)
    for (const { limeRow, sulfurRow } of Object.values(textures)) {
      expect(limeByTexture.cool[limeRow]).toBeDefined()
      if (sulfurRow) expect(sulfurTo45[sulfurRow]).toBeDefined()
    }
  })
})

describe('materials', () => {
  test('each is named once', () => {
    const ids = shippedProducts.map(({ id }) => id)
    expect(new Set(ids).size).toBe(ids.length)
  })
  test.each(shippedProducts.filter(isFertilizer))('$id holds what can be', ({ lbPerCup, feeding: fertilizer }) => {
    const percents = Object.values(fertilizer.grade)
    expect(percents.every((percent) => percent >= 0)).toBe(true)
    expect(percents.reduce((sum, percent) => sum + percent, 0)).toBeLessThanOrEqual(100)
    expect(fertilizer.firstYearN).toBeGreaterThan(0)
    expect(fertilizer.slowNitrogen).toBeGreaterThanOrEqual(0)
    expect(fertilizer.firstYearN).toBeLessThanOrEqual(1)
    // Between a light meal and a dense salt, lb per cup (common practice).
    expect(lbPerCup).toBeGreaterThanOrEqual(0.18)
    expect(lbPerCup).toBeLessThanOrEqual(0.8)
  })
  test('no lime is stronger than hydrated, no sulfur purer than pure', () => {
    for (const { effectiveness } of shippedProducts.filter(isLime).map(({ liming }) => liming))
      if (effectiveness !== 'reference') expect(effectiveness).toBeLessThanOrEqual(1.35)
    for (const { acidifying } of shippedProducts.filter(isAcidifier)) expect(acidifying.strength).toBeLessThanOrEqual(1)
    const strength = (id: string) => (productNamed(shippedProducts, `${id}@1`) as Acidifier).acidifying.strength
    // A 30 % product weighs 3.33 × pure, and 3 × a 90 % one (arithmetic).
    expect(1 / strength('soil-acidifier')).toBeCloseTo(3.333, 3)
    expect(strength('sulfur-prills') / strength('soil-acidifier')).toBeCloseTo(3, 9)
  })
})

test('every published source names its author; every figure quoted from memory says so', () => {
  for (const source of Object.values(sources)) {
    if (source.status === 'published') {
      expect(source.author).not.toBe('')
      expect(source.recalled).toBe(true)
    }
    if (source.status === 'exact') expect(source.recalled).toBe(false)
  }
})
