import { productSchema } from '../../schemas/product'
import { shippedProducts } from './products'
import { readBag, readBags } from './bag'
import { productOfLabel, readLabel } from './label'
import { labelWords } from '../../schemas/shelf-csv'

// Labels state N, P₂O₅ and K₂O by weight; the element is 0.4364 of P₂O₅ and 0.8301 of K₂O (atomic masses).
test.each([
  [
    '16-4-8 30 % slow 40 lb $22.50',
    { N: 16, 'P₂O₅': 4, 'K₂O': 8 },
    { slow: 0.3, bag: { lb: 40, price: 22.5 }, rest: 72 },
  ],
  ['13-13-13', { N: 13, 'P₂O₅': 13, 'K₂O': 13 }, { slow: null, bag: null, rest: 61 }],
  ['21-0-0-24S ammonium', { N: 21, 'P₂O₅': 0, 'K₂O': 0 }, { also: { S: 24 }, ammonium: true }],
  ['0-0-22-11Mg-22S', { N: 0, 'P₂O₅': 0, 'K₂O': 22 }, { also: { Mg: 11, S: 22 }, rest: 45 }],
  [
    '5 % N 3 % P2O5 1 % K2O organic 25 lb',
    { N: 5, 'P₂O₅': 3, 'K₂O': 1 },
    { organic: true, bag: { lb: 25, price: null } },
  ],
  ['24-0-11, 2 % Fe, $38 for 48 lb', { N: 24, 'P₂O₅': 0, 'K₂O': 11 }, { also: { Fe: 2 }, bag: { lb: 48, price: 38 } }],
  ['10 % N 4.364 % P', { N: 10, 'P₂O₅': 10, 'K₂O': 0 }, { remarks: [{ key: 'label.element' }] }],
])('%s', (text, grade, more) => {
  const label = readLabel(text)
  if (!label.ok || label.value.kind !== 'fertilizer') throw new Error('no fertilizer')
  expect(label.value).toMatchObject(more)
  for (const [nutrient, percent] of Object.entries(grade))
    expect(label.value.grade[nutrient as 'N']).toBeCloseTo(percent, 6)
  expect(productSchema.validate(productOfLabel('own-a', 'Ours', label.value)).error).toBeUndefined()
})

test.each([
  ['', 'label.empty'],
  ['0-0-0', 'label.empty'],
  ['60-30-30', 'label.over-hundred'],
  ['46-0-0 60 % S', 'label.over-hundred'],
  ['16-4-8 $22', 'label.price-without-size'],
  ['16-4-8 of the green one', 'label.unread'],
  ['=HYPERLINK("x")', 'label.unread'],
  ['16-4-8 130 % slow', 'label.slow-range'],
  ['16-4-8 0 lb', 'label.bag-range'],
])('%s is refused with a sentence', (text, key) =>
  expect(readLabel(text)).toMatchObject({ ok: false, refusal: { key } }),
)

test('bags with prices, as people say them', () => {
  expect(readBags('25 lb $14.50; $24 for 50 lb; 10 kg')).toMatchObject({
    ok: true,
    value: [{ lb: 25, price: 14.5 }, { lb: 50, price: 24 }, { price: null }],
  })
  expect(readBag('10 kg')).toMatchObject({ ok: true, value: { lb: expect.closeTo(22.046, 3) as number } })
  expect(readBag('$24')).toMatchObject({ refusal: { key: 'label.price-without-size' } })
  expect(readBags('')).toEqual({ ok: true, value: [] })
})

test('every shipped grade reads as itself', () => {
  for (const { feeding } of shippedProducts) {
    if (!feeding || Object.values(feeding.grade).every((percent) => percent === 0)) continue
    const { N, 'P₂O₅': P, 'K₂O': K } = feeding.grade
    expect(readLabel(`${N}-${P}-${K}`)).toMatchObject({ ok: true, value: { grade: feeding.grade } })
  }
})

// ENP in lb a ton by the ton of 2,000 lb (Ohio); ENM of a full ton 800 (common practice).
test.each([
  [
    'lime 92 % CCE dolomitic 40 lb $5.20',
    { kind: 'lime', stone: 'dolomitic', effectiveness: 0.92, bag: { lb: 40, price: 5.2 } },
  ],
  [
    'pulverized limestone, 1650 lb/ton ENP',
    { kind: 'lime', effectiveness: expect.closeTo(0.825, 9) as number, beginsInMonths: 1, bag: null },
  ],
  ['ag lime 640 ENM', { kind: 'lime', effectiveness: 0.8, beginsInMonths: 6 }],
  ['lime 88 % effective 50 lb', { kind: 'lime', effectiveness: 0.88, remarks: [], bag: { lb: 50, price: null } }],
  ['sulfur 90 % 50 lb $31', { kind: 'sulfur', strength: 0.9, bag: { lb: 50, price: 31 } }],
  ['soil acidifier 30 %', { kind: 'sulfur', strength: 0.3, bag: null }],
])('%s', (text, wanted) => {
  const label = readLabel(text)
  expect(label).toMatchObject({ ok: true, value: wanted })
  if (!label.ok) return
  const product = productOfLabel('own-a', 'Ours', label.value)
  expect(productSchema.validate(product).error).toBeUndefined()
  // As a table gives it back.
  const again = readLabel(labelWords(product))
  expect(again.ok && productOfLabel('own-a', 'Ours', again.value)).toEqual({
    ...product,
    bagLb: expect.any(Number) as number,
  })
})

test.each([
  ['lime 40 lb $5', 'label.lime-worth'],
  ['lime 300 % CCE', 'label.lime-range'],
  ['lime 92 % CCE of the green one', 'label.unread'],
  ['lime 92 % CCE $5', 'label.price-without-size'],
  ['sulfur 50 lb', 'label.sulfur-strength'],
  ['sulfur 120 %', 'label.sulfur-range'],
])('%s is refused with a sentence', (text, key) =>
  expect(readLabel(text)).toMatchObject({ ok: false, refusal: { key } }),
)
