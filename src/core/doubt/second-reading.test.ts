import { guides } from '../guides/guides'
import { shippedProducts } from '../shelf/products'
import { blankSeason } from '../case/blank'
import { oneArea, typed } from '../testing/one-area'
import type { Case } from '../case/case'
import type { Doubtable } from './doubtable'
import { readFigure } from './figure'
import { comparePrograms } from './programs'
import { secondReading, type SecondReading } from './second-reading'
import { slips } from './slips'
import { truthOf, type Truth } from './truth'

const figure = (text: string) => {
  const read = readFigure(text, shippedProducts)
  if (!read.ok) throw new Error(read.refusal.key)
  return read.value
}
const truth = (kase: Case, of: Doubtable) => truthOf(kase, 'a', of, guides, shippedProducts)!
const second = (text: string, of: Truth): SecondReading => secondReading(figure(text), of)!

describe('a figure as it is said', () => {
  /** lb of what, and on what; cups, bags and molar masses as the shelf and the units have them (common practice, exact). */
  test.each<[string, Doubtable, number, object]>([
    ['4.6 lb per 100 ft2 sulfur', 'sulfur', 4.6, { kind: 'area', sqFt: 100 }],
    ['4.6 lb sulfur per 100 sq ft', 'sulfur', 4.6, { kind: 'area', sqFt: 100 }],
    ['2 tons/acre lime', 'lime', 4000, { kind: 'area', sqFt: 43_560 }],
    ['lime, 50 lb per 1,000 square feet', 'lime', 50, { kind: 'area', sqFt: 1000 }],
    ['50 lb/1000 lime', 'lime', 50, { kind: 'area', sqFt: 1000 }],
    ['1 cup 10-10-10 per 15 ft every 3 weeks', 'N', 0.052, { kind: 'row', ft: 15 }],
    ['two bags of lime on the lawn', 'lime', 80, { kind: 'whole' }],
    ['0.5 oz sulfur per bush', 'sulfur', 0.5 / 16, { kind: 'plant' }],
    ['3 lb nitrogen per 1000 ft2', 'N', 3, { kind: 'area', sqFt: 1000 }],
    ['100-160-100 lb/acre', 'P₂O₅', 160, { kind: 'area', sqFt: 43_560 }],
    ['1 lb of actual nitrogen per 1,000 sq ft', 'N', 1, { kind: 'area', sqFt: 1000 }],
    ['20 lb urea for the lawn', 'N', 9.2, { kind: 'whole' }],
    ['2 kg sulfur on the bed', 'sulfur', 4.409_245_2, { kind: 'whole' }],
    ['4.6 libras de azufre por 100 pies cuadrados', 'sulfur', 4.6, { kind: 'area', sqFt: 100 }],
    ['dos bolsas de cal en el césped', 'lime', 80, { kind: 'whole' }],
    ['5 libras por 100 pies', 'N', 5, { kind: 'row', ft: 100 }],
    ['media taza de 10-10-10 por planta cada 3 semanas', 'N', 0.026, { kind: 'plant' }],
  ])('%s', (text, of, lb, per) => {
    const read = figure(text)
    expect(read.lb[of]).toBeCloseTo(lb, 3)
    expect(read.per).toEqual(per)
  })

  test.each([
    ['', 'doubt.empty'],
    ['lots of lime', 'doubt.how-much'],
    ['-3 lb lime', 'doubt.negative'],
    ['1 cup per 15 ft every 3 weeks', 'doubt.of-what'],
    ['5 litros por cien pies', 'doubt.how-much'],
    ['4 lb lime per fortnight of moons', 'doubt.unread'],
    ['99999999 lb lime', 'doubt.how-much'],
    ['🌱', 'doubt.how-much'],
  ])('%s is asked about', (text, key) => {
    const read = readFigure(text, shippedProducts)
    expect(read.ok ? read.value : read.refusal.key).toBe(key)
  })

  test('a dressing that comes again says how often', () => {
    expect(figure('1 cup 10-10-10 per 15 ft every 3 weeks').everyWeeks).toBe(3)
    // A cup of nobody says what is one of what is usual here; what is named is what was named.
    const usual = shippedProducts.find(({ id }) => id.startsWith('10-10-10'))!
    const assumed = (text: string) => {
      const read = readFigure(text, shippedProducts, usual)
      return read.ok ? [read.value.lb.N, read.value.isAssumed] : read.refusal.key
    }
    expect(assumed('1 cup per 15 ft')).toEqual([figure('1 cup 10-10-10 per 15 ft').lb.N, true])
    expect(assumed('1 cup 10-10-10 per 15 ft')).toEqual([figure('1 cup 10-10-10 per 15 ft').lb.N, false])
    expect(assumed('2 lb lime')).toEqual([undefined, false])
    expect(figure('1 lb urea on the lawn every week').everyWeeks).toBe(1)
    expect(figure('4.6 lb per 100 ft2 sulfur').everyWeeks).toBeNull()
  })
})

/** Blueberries on loam at 7.0, wanted at 5.2: 18 tenths. */
const blueberries = (pH = '7.0', aim = 5.2, more: Partial<Case> = {}) => {
  const is = { text: String(aim), unit: '', value: aim }
  const word = { of: 'aim' as const, is, replaced: is, reason: 'grower', by: '', at: '' }
  const kase = oneArea({ crop: 'highbush-blueberry', texture: 'loam' }, { pH: typed(pH) }, more)
  return { ...kase, decisions: { ...kase.decisions, overrulings: { 'a/pH/aim': word } } }
}

describe('a second reading', () => {
  const right = truth(blueberries(), 'sulfur')

  test('the published miscount: 26 tenths from 5.2 to 7.0, where there are 18', () => {
    expect(right.tenths).toMatchObject({ count: 18 })
    const wrong = second(`${((right.rate / 10) * (26 / 18)).toFixed(2)} lb sulfur per 100 ft2`, right)
    expect(wrong.verdict).toBe('slip')
    expect(wrong.explanations.slice(0, 2).map(({ tells }) => tells[0])).toContainEqual({
      key: 'slip.tenths',
      args: { counted: 26, from: 7, to: 5.2, count: 18 },
    })
    expect(wrong.hurts).toBe(true)
  })

  test('right is right, however it is said', () => {
    for (const text of [
      `${(right.rate / 10).toFixed(2)} lb sulfur per 100 ft2`,
      `${right.rate.toFixed(1)} lb sulfur per 1000 ft2`,
      `${((right.rate * right.areaSqFt) / 1000).toFixed(1)} lb sulfur`,
      `${(right.rate * 43.56).toFixed(0)} lb/acre sulfur`,
    ])
      expect(second(text, right).verdict).toBe('right')
  })

  test('right by another assumption says which; acting on too much of it is warned of', () => {
    const { rate, assumes } = right.otherwise().find(({ rate: other }) => Math.abs(other / right.rate - 1) > 0.3)!
    const read = second(`${(rate / 10).toFixed(3)} lb sulfur per 100 ft2`, right)
    expect(['otherwise', 'slip']).toContain(read.verdict)
    expect(read.explanations.flatMap(({ tells }) => tells)).toContainEqual(assumes)
    expect(read.hurts).toBe(rate > right.rate * 1.25)
  })

  test('what nothing explains is not explained', () => {
    const none = second('0.0123 lb sulfur per 1000 ft2', { ...right, otherwise: () => [] })
    expect(none.verdict).toBe('unexplained')
    expect(none.harm.key).toBe('harm.too-little')
  })

  test('where nothing is needed, putting any on is warned of', () => {
    const none = truth(oneArea({ crop: 'tomato', texture: 'loam' }, { pH: typed('6.5') }), 'lime')
    expect(none.rate).toBe(0)
    expect(second('50 lb lime per 1000 ft2', none)).toMatchObject({ verdict: 'unexplained', hurts: true })
  })
})

/**
 * Confusions as they are met (agronomy reference, common practice), each with the factor that it makes: oxides by molar
 * mass 2.29 and 1.20; 43.56 thousands of ft² in an acre, 16 oz and 0.4536 kg in a pound, 10.764 ft² in a m² (exact).
 */
describe('known confusions', () => {
  const lawn = oneArea(
    { crop: 'zoysia', texture: 'loam', materials: { ...blankSeason.materials, fertilizer: 'urea@1' } },
    { pH: typed('4.7'), extractant: 'mehlich-3', P: typed('8', 'ppm'), K: typed('30', 'ppm') },
  )
  const bushes = oneArea(
    {
      crop: 'highbush-blueberry',
      texture: 'loam',
      plants: { count: typed('6'), age: typed('4'), shoots: typed(''), dwarf: false },
    },
    { pH: typed('6.4') },
  )
  const of = {
    lime: truth(lawn, 'lime'),
    sulfur: truth(bushes, 'sulfur'),
    N: truth(lawn, 'N'),
    'P₂O₅': truth(lawn, 'P₂O₅'),
    'K₂O': truth(lawn, 'K₂O'),
  }
  const grade = of.N.share!

  test.each<[string, Doubtable, number, string]>([
    ['per 100 ft² said of 1,000', 'lime', 0.1, 'slip.ground'],
    ['per 1,000 ft² said of 100', 'lime', 10, 'slip.ground'],
    ['per acre said of 1,000 ft²', 'N', 43.56, 'slip.ground'],
    ['per 1,000 ft² said of an acre', 'N', 1 / 43.56, 'slip.ground'],
    ['per acre said of 100 ft²', 'K₂O', 435.6, 'slip.ground'],
    ['P for P₂O₅', 'P₂O₅', 1 / 2.29, 'slip.element'],
    ['P₂O₅ for P', 'P₂O₅', 2.29, 'slip.oxide'],
    ['K for K₂O', 'K₂O', 1 / 1.2046, 'slip.element'],
    ['K₂O for K', 'K₂O', 1.2046, 'slip.oxide'],
    ['the bag for its nitrogen', 'N', 1 / grade, 'slip.product-for-nutrient'],
    ['nitrogen for the bag', 'N', grade, 'slip.nutrient-for-product'],
    ['90 % sulfur by the figure for 30 %', 'sulfur', 3, 'slip.other-sulfur'],
    ['30 % sulfur by the figure for 90 %', 'sulfur', 1 / 3, 'slip.other-sulfur'],
    ['the strength of the prills ignored', 'sulfur', 0.9, 'slip.pure-for-product'],
    ['eight tenths too many', 'sulfur', (of.sulfur.tenths!.count + 8) / of.sulfur.tenths!.count, 'slip.tenths'],
    ['one tenth too few', 'lime', (of.lime.tenths!.count - 1) / of.lime.tenths!.count, 'slip.tenths'],
    ['one pass for the season', 'lime', 1 / of.lime.passes, 'slip.pass-for-season'],
    ['the season for one pass', 'lime', of.lime.passes, 'slip.season-for-pass'],
    ['all six bushes for one', 'sulfur', 6, 'slip.all-for-one'],
    ['one bush for all six', 'sulfur', 1 / 6, 'slip.one-for-all'],
    ['ounces for pounds', 'N', 1 / 16, 'slip.measure'],
    ['pounds for ounces', 'N', 16, 'slip.measure'],
    ['kilograms for pounds', 'N', 2.2046, 'slip.measure'],
    ['metres for feet', 'N', 10.764, 'slip.measure'],
    ['a side doubled', 'P₂O₅', 2, 'slip.side'],
  ])('%s', (_, what, factor, key) => {
    const rate = of[what].rate * factor
    const said = { ...figure('1 lb lime per 1000 ft2'), lb: { [what]: Number(rate.toPrecision(3)) }, rounding: 0.005 }
    const { verdict, explanations } = secondReading(said, of[what])!
    expect(verdict).not.toBe('right')
    expect(explanations.slice(0, 2).flatMap(({ tells }) => tells.map((one) => one.key))).toContain(key)
  })

  test('a report in ppm that was read as lb/acre', () => {
    const misread = of['K₂O'].otherwise().find(({ slip }) => slip)
    expect(misread!.assumes).toEqual({ key: 'slip.soil-unit', args: { read: 'lb/acre', is: 'ppm' } })
    // Read as lb/acre, 30 are 15 ppm: less is there, and more is wanted.
    expect(misread!.rate).toBeGreaterThanOrEqual(of['K₂O'].rate)
  })

  test('two at once, where neither alone explains it', () => {
    const rate = (of['P₂O₅'].rate / 2.29) * 43.56
    const said = { ...figure('1 lb lime per 1000 ft2'), lb: { 'P₂O₅': Number(rate.toPrecision(3)) }, rounding: 0.005 }
    const keys = secondReading(said, of['P₂O₅'])!.explanations.map(({ tells }) => tells.map((one) => one.key).sort())
    expect(keys).toContainEqual(['slip.element', 'slip.ground'])
  })
})

/** A pseudo-random number from 0 to 1 by its place: the same every time. */
const drawn = (n: number) => ((n * 2_654_435_761) % 4_294_967_296) / 4_294_967_296

const anyTruth = (n: number, of: Doubtable): Truth | undefined => {
  const acid = (4.6 + drawn(n) * 1.5).toFixed(1)
  const alkaline = (6.3 + drawn(n) * 1.2).toFixed(1)
  const soil = {
    P: typed(Math.round(4 + drawn(n + 7) * 22), 'ppm'),
    K: typed(Math.round(20 + drawn(n + 11) * 90), 'ppm'),
  }
  const kase =
    of === 'sulfur'
      ? oneArea({ crop: 'highbush-blueberry', texture: 'loam' }, { pH: typed(alkaline) })
      : oneArea(
          {
            crop: ['tomato', 'sweet-corn', 'zoysia'][n % 3]!,
            texture: (['loam', 'sandy-loam', 'clay-loam'] as const)[(n >> 2) % 3]!,
          },
          { pH: typed(acid), extractant: 'mehlich-3', ...soil },
        )
  const found = truthOf(kase, 'a', of, guides, shippedProducts)
  return found && found.rate > 0 ? { ...found, plants: n % 4 === 0 ? 2 + (n % 11) : null } : undefined
}

describe('over generated figures', () => {
  const things: readonly Doubtable[] = ['lime', 'sulfur', 'N', 'P₂O₅', 'K₂O']
  const truths = Array.from({ length: 260 }, (_, n) => anyTruth(n, things[n % 5]!)).flatMap((one) => one ?? [])
  const say = (rate: number, { of }: Truth) => ({
    ...figure('1 lb lime per 1000 ft2'),
    lb: { [of]: Number(rate.toPrecision(3)) },
    rounding: 0.005,
  })

  test('of right figures none is called a slip', () => {
    let read = 0
    for (let n = 0; n < 1_000; n += 1) {
      const one = truths[n % truths.length]!
      const digits = 2 + (n % 3)
      const lb = Number(one.rate.toPrecision(digits))
      const { verdict } = secondReading(
        { ...say(1, one), lb: { [one.of]: lb }, rounding: 0.5 * 10 ** (1 - digits) },
        one,
      )!
      expect(verdict).toBe('right')
      read += 1
    }
    expect(read).toBe(1_000)
  })

  test.each(slips.map(({ id }) => id))(
    'what the slip “%s” makes is explained by it first or second, nine times in ten',
    (id) => {
      const slip = slips.find((one) => one.id === id)!
      const made = truths.flatMap((one) => slip.makes(one.rate, one).map((slipped) => ({ one, slipped })))
      // The same share of every way in which it happens.
      const some = made
        .filter((_, i) => drawn(i + 1) < 240 / made.length)
        .filter(({ one, slipped }) => Math.abs(slipped.rate / one.rate - 1) > 0.01)
      expect(some.length).toBeGreaterThanOrEqual(50)
      const explained = some.filter(({ one, slipped }) => {
        const read = secondReading(say(slipped.rate, one), one)!
        return read.explanations
          .slice(0, 2)
          .some(({ tells }) => JSON.stringify(tells) === JSON.stringify([slipped.tells]))
      })
      expect(explained.length / some.length).toBeGreaterThanOrEqual(0.9)
    },
  )
})

describe('two programs for one ground', () => {
  const lawn = oneArea(
    { crop: 'zoysia', texture: 'loam' },
    { pH: typed('6.4'), extractant: 'mehlich-3', P: typed('8', 'ppm'), K: typed('30', 'ppm') },
  )
  const truths = Object.fromEntries(
    (['lime', 'sulfur', 'N', 'P₂O₅', 'K₂O'] as const).flatMap((of) => {
      const one = truthOf(lawn, 'a', of, guides, shippedProducts)
      return one ? [[of, one]] : []
    }),
  )
  const compare = (one: string, other: string) =>
    comparePrograms(one.split('; ').map(figure), other.split('; ').map(figure), truths)

  // 10 lb of 10-10-10 hold 1 lb of each; 2.17 lb urea 1 lb N, 2.22 lb 0-45-0 1 lb P₂O₅, 1.67 lb 0-0-60 1 lb K₂O (labels).
  test.each<[string, string, boolean, readonly string[]]>([
    ['10 lb 10-10-10', '10 lb 10-10-10', true, []],
    ['10 lb 10-10-10', '2.17 lb urea; 2.22 lb 0-45-0; 1.67 lb 0-0-60', true, []],
    // Urea uses up 1.8 lb CaCO₃ for each lb N, ammonium sulfate 5.35 (pierre-1933).
    ['2.17 lb urea', '4.76 lb ammonium sulfate', false, ['acidity']],
    ['10 lb 10-10-10', '2.17 lb urea; 1.67 lb 0-0-60', false, ['P₂O₅']],
    ['20 lb 10-10-10', '10 lb 10-10-10', false, ['N', 'P₂O₅', 'K₂O']],
  ])('%s or %s', (one, other, equivalent, unlike) => {
    const found = compare(one, other)
    expect(found.things.filter(({ alike }) => !alike).map(({ of }) => of)).toEqual(unlike)
    if (equivalent) expect(found.equivalent).toBe(found.breaks.length === 0)
    else expect(found.equivalent).toBe(false)
    const nitrogen = found.things.find(({ of }) => of === 'N')
    expect(nitrogen!.one).toBeCloseTo(one.startsWith('20') ? 2 : 1, 2)
  })
})
