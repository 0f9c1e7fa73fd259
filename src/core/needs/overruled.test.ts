import { plan } from '../testing/planned'
import { blankApplication } from '../case/blank'
import { overrule, takeBack } from '../acts/decisions'
import type { Overrulable } from '../case/decisions'
import { guides } from '../guides/guides'
import { letterOf } from '../letter/letter'
import { recommend, type Answer } from '../recommend'
import { fields } from '../report/fields'
import { choosing, oneArea, printed, typed } from '../testing/one-area'
import { readTyped, type Field } from '../units/typed'
import type { Case } from '../case/case'

const words: Readonly<Record<Overrulable, Field | null>> = {
  amount: fields.overruled,
  aim: fields.aim,
  cap: fields.cap,
  depth: fields.depth,
  level: null,
  method: null,
}

const put = (
  need: string,
  of: Overrulable,
  figure: string,
  unit = '',
  replaced: number | null = null,
  reason = 'seen before',
) =>
  overrule('a', need, {
    of,
    is: words[of] ? readTyped(figure, unit, words[of].units) : typed(figure),
    replaced: { text: '', unit: 'lb', value: replaced },
    reason,
    by: 'MV',
    at: '2026-11-26T09:00:00.000Z',
  })

const answer = (kase: Case): Answer => recommend(kase, guides).areas[0]!.answer!
const of = (found: Answer, need: string) => found.needs.find((one) => one.of === need)!
const says = (kase: Case) => letterOf(kase, plan(kase)).areas[0]!.says

const tomato = oneArea(
  { crop: 'tomato', texture: 'loam' },
  { pH: typed('5.5'), P: typed('20', 'ppm'), K: typed('60', 'ppm'), extractant: 'mehlich-3' },
)

test('an amount goes before ours, which stands beside it; taken back, the case is the former one', () => {
  const before = of(answer(tomato), 'N').amount!.value.v
  const ruled = put('N', 'amount', '2 lb/1000', '', before)(tomato)
  const need = of(answer(ruled), 'N')
  expect([need.amount!.value.v, need.lead!.by, need.overruled!.moved]).toEqual([2, 'overruled', false])
  expect(need.checks[0]!.amount!.value.v).toBe(before)
  expect(need.checks[0]!.difference).toBeCloseTo(before / 2 - 1, 9)
  expect(says(ruled).map(({ key }) => key)).toContain('overruled.told')
  expect(takeBack('a', 'N', 'amount')(ruled)).toEqual(tomato)
})

test.each([
  ['2', 'lb/1000 ft²', 2],
  ['0.3 lb/100', '', 3],
  ['87.12 lb/acre', '', 2],
  ['1.5 lb', '', 1.5],
  ['24 oz', '', 1.5],
])('%s %s on 1,000 ft² is %s lb', (figure, unit, lb) =>
  expect(of(answer(put('N', 'amount', figure, unit)(tomato)), 'N').amount!.value.v).toBeCloseTo(lb, 6),
)

test('it is named again when what it stands in place of is another', () => {
  const before = of(answer(tomato), 'N').amount!.value.v
  const ruled = put('N', 'amount', '2 lb/1000', '', before)(tomato)
  const larger = { ...ruled, areas: [{ ...ruled.areas[0]!, size: { text: '20x100', unit: 'ft²', value: 2_000 } }] }
  expect(of(answer(larger), 'N').overruled).toMatchObject({ instead: before * 2, moved: true })
  expect(says(larger).find(({ key }) => key === 'overruled.told')!.args.moved).toBe(true)
})

test('of nothing there is none, without a reason or a figure it overrules nothing, and no ban is lifted', () => {
  expect(of(answer(put('N', 'amount', '0 lb')(tomato)), 'N').outcome).toBe('none')
  const plain = of(answer(tomato), 'N').amount!.value.v
  for (const idle of [
    put('N', 'amount', 'much'),
    put('N', 'amount', '2 lb', '', null, ' '),
    put('N', 'amount', '-3 lb'),
  ])
    expect(of(answer(idle(tomato)), 'N').amount!.value.v).toBe(plain)
  const banned = { ...tomato, areas: [{ ...tomato.areas[0]!, phosphorusBanned: true }] }
  expect(of(answer(put('P₂O₅', 'amount', '2 lb')(banned)), 'P₂O₅')).toMatchObject({ outcome: 'none', barred: 'ban' })
})

test('a figure beyond what any ground is given says so, to the letter', () => {
  const ruled = put('N', 'amount', '40 lb/1000')(tomato)
  expect(of(answer(ruled), 'N').remarks.map(({ key }) => key)).toEqual(['overruled.beyond'])
  expect(says(ruled).map(({ key }) => key)).toContain('overruled.beyond')
})

describe('lime', () => {
  test('in the advisor’s amount, parted under the same caps', () => {
    const found = answer(put('lime', 'amount', '210 lb')(tomato))
    expect(found.reaction).toMatchObject({ outcome: 'lime', because: 'overruled' })
    expect(of(found, 'lime')).toMatchObject({
      amount: { value: { v: 210 } },
      passes: { count: 3 },
      lead: { by: 'overruled' },
    })
    expect(of(found, 'lime').checks[0]!.amount).toBeDefined()
  })
  test('where ours would leave it, with ours beside it', () => {
    const fits = oneArea({ crop: 'tomato', texture: 'loam' }, { pH: typed('6.4') })
    const found = answer(put('lime', 'amount', '10 lb')(fits))
    expect(found.reaction.outcome).toBe('lime')
    expect(of(found, 'lime').overruled).toMatchObject({ instead: 0 })
    expect(answer(put('lime', 'amount', '0 lb')(tomato)).reaction).toMatchObject({
      outcome: 'leave',
      because: 'overruled',
    })
  })
  // Texture table, USDA Soil Survey Manual 1951 (recalled): loam 1.7 tons from 5.5 to 6.5, linear within the step.
  test('to another aim takes more, by the table', () => {
    const plain = of(answer(tomato), 'lime').amount!.value.v
    const higher = of(answer(put('pH', 'aim', '6.5')(tomato)), 'lime').amount!.value.v
    expect(higher / plain).toBeCloseTo(1 / 0.9, 6)
    expect(says(put('pH', 'aim', '6.5')(tomato)).map(({ key }) => key)).toContain('overruled.aim')
  })
  test('by another figure, to another aim: what it stands in place of is reckoned to that aim too', () => {
    const asked = oneArea(
      { crop: 'tomato', texture: 'loam' },
      { pH: typed('5.5'), bufferPH: typed('6.5'), buffer: 'SMP' },
    )
    const aimed = put('pH', 'aim', '7')(asked)
    const before = of(answer(aimed), 'lime').amount!.value.v
    expect(before).not.toBe(of(answer(asked), 'lime').amount!.value.v)
    const ruled = of(answer(put('lime', 'method', 'texture', '', before)(aimed)), 'lime')
    expect(ruled).toMatchObject({ lead: { id: 'texture' }, overruled: { instead: before, moved: false } })
  })
  test('by another figure than the laboratory’s, which stands beside it', () => {
    const asked = oneArea(
      { crop: 'tomato', texture: 'loam' },
      { ...printed({ lime: typed('120', 'lb/1000 ft²') }), pH: typed('5.5') },
    )
    const found = answer(put('lime', 'method', 'texture')(asked))
    expect(of(found, 'lime')).toMatchObject({ lead: { by: 'overruled', id: 'texture' }, overruled: { instead: 120 } })
    expect(of(found, 'lime').checks[0]).toMatchObject({ id: 'laboratory', amount: { value: { v: 120 } } })
    expect(says(put('lime', 'method', 'texture')(asked)).map(({ key }) => key)).toContain('overruled.method')
  })
})

// 90 % prills: what is typed is sulfur, and what is weighed out the product.
test('sulfur is typed as such and weighed as the product', () => {
  const berries = oneArea({ crop: 'highbush-blueberry', texture: 'loam' }, { pH: typed('6.0') })
  expect(of(answer(put('sulfur', 'amount', '9 lb')(berries)), 'sulfur').amount!.value.v).toBeCloseTo(10, 9)
})

/** Common practice: 120 lb on turf in goes of at most 35 are four of 30. */
describe('the most in one pass', () => {
  const lawn = { texture: 'loam', crop: 'tall-fescue' } as const
  const asks = (lb: string) => ({ ...printed({ lime: typed(lb, 'lb/1000 ft²') }), pH: typed('5.5') })
  const kase = oneArea(lawn, asks('120'))
  const capped = (most: string, need = 'lime') => put(need, 'cap', most, 'lb/1000 ft²', 50)
  test.each([
    ['35', 4, []],
    ['60', 2, ['cap.above-guide']],
    ['many', 3, []],
    ['0', 3, []],
  ])('%s lb/1,000 ft²: %i passes', (most, count, remarks) => {
    const { passes, remarks: said } = of(answer(capped(most)(kase)), 'lime')
    expect([passes!.count, passes!.each.value.v]).toEqual([count, 120 / count])
    expect(said.map(({ key }) => key).filter((key) => key.startsWith('cap.'))).toEqual(remarks)
  })
  test('is named in the letter with its reason', () => {
    const one = capped('35')(kase)
    expect(letterOf(one, plan(one)).areas[0]!.passes[0]!.treatment.cap!.value).toEqual({
      v: 35,
      of: 'lb product/1000 ft²',
    })
    expect(says(one).find(({ key }) => key === 'overruled.cap')!.args).toMatchObject({ is: 35, ours: 50, moved: false })
  })
  test('of sulfur it weighs the sulfur, and a lime keeps its own', () => {
    const berries = oneArea(
      { texture: 'loam', crop: 'highbush-blueberry', ground: 'planted' },
      { ...printed({ sulfur: typed('20', 'lb/1000 ft²') }), pH: typed('6.0') },
    )
    expect(of(answer(capped('5', 'sulfur')(berries)), 'sulfur').passes!.count).toBe(4)
    const hydrated = oneArea({ ...lawn, ...choosing({ lime: 'hydrated-lime@1' }) }, asks('40'))
    expect(of(answer(capped('35')(hydrated)), 'lime').passes!.cap.perPass).toBe(10)
  })
})

describe('depth and feeding level', () => {
  const setting = (kase: Case, kind: Overrulable) => answer(kase).settings.find((one) => one.of === kind)
  // Depth scales lime linearly from the method's own (common practice): 3 in takes half of 6.
  test('half the depth takes half the lime, and the letter says so', () => {
    expect(setting(tomato, 'depth')).toMatchObject({ ours: 6, own: null })
    const shallow = put('pH', 'depth', '3', 'in', 6)(tomato)
    expect(of(answer(shallow), 'lime').amount!.value.v).toBeCloseTo(of(answer(tomato), 'lime').amount!.value.v / 2, 9)
    expect(setting(shallow, 'depth')).toMatchObject({ ours: 6, own: { is: 3, moved: false, counts: true } })
    expect(says(shallow).find(({ key }) => key === 'overruled.depth')!.args).toMatchObject({ is: 3, ours: 6 })
    const dug = { ...shallow, areas: [{ ...shallow.areas[0]!, depth: typed('8', 'in') }] }
    expect(setting(dug, 'depth')).toMatchObject({ ours: 8, own: { is: 3, moved: true } })
    expect(takeBack('a', 'pH', 'depth')(shallow)).toEqual(tomato)
  })
  test('in centimetres it is the same depth', () =>
    expect(of(answer(put('pH', 'depth', '7.62 cm', 'in')(tomato)), 'lime').amount!.value.v).toBeCloseTo(
      of(answer(tomato), 'lime').amount!.value.v / 2,
      9,
    ))
  // Common practice, guide data: tomato 2 to 3 lb N, usually 2.5.
  test.each([
    ['lean', 2, true],
    ['generous', 3, true],
    ['much', 2.5, false],
  ])('fed %s: %s lb N', (level, lb, told) => {
    const fed = put('N', 'level', level)(tomato)
    expect(of(answer(fed), 'N').amount!.value.v).toBeCloseTo(lb, 9)
    expect(says(fed).some(({ key }) => key === 'overruled.level')).toBe(told)
  })
  test('where the laboratory’s figure leads, neither counts, and the letter is silent', () => {
    const asked = oneArea(
      { crop: 'tomato', texture: 'loam' },
      { ...printed({ lime: typed('50', 'lb/1000 ft²'), N: typed('2', 'lb/1000 ft²') }), pH: typed('5.5') },
    )
    const ruled = put('N', 'level', 'lean')(put('pH', 'depth', '3', 'in')(asked))
    expect(says(ruled).filter(({ key }) => key === 'overruled.depth' || key === 'overruled.level')).toEqual([])
    expect(setting(ruled, 'depth')!.own).toMatchObject({ counts: false })
  })
})

// pH within 0.3 of the low end of an acid lover after sulfur stops it, whatever was planned before: common practice.
test.each([
  ['before the test that stops it, gives none any more', '2026-11-20', 'overruled.stopped'],
  ['in sight of that test, stands', '2026-11-26', undefined],
])('an amount of sulfur that was set %s', (_, at, why) => {
  const kase = oneArea(
    { crop: 'highbush-blueberry', texture: 'loam' },
    { pH: typed('4.4'), date: '2026-11-25' },
    { applications: [{ ...blankApplication('s', 'a', '2026-04-01'), what: 'sulfur' }] },
  )
  const ruled = put('sulfur', 'amount', '4 lb/1000')(kase)
  const word = ruled.decisions.overrulings['a/sulfur/amount']!
  const found = answer({
    ...ruled,
    decisions: { ...ruled.decisions, overrulings: { 'a/sulfur/amount': { ...word, at: `${at}T09:00:00.000Z` } } },
  })
  const need = of(found, 'sulfur')
  expect(need.why.key === 'overruled.stopped' ? need.why.key : undefined).toBe(why)
  expect(need.overruled).toBeDefined()
  expect(found.reaction.outcome).toBe(why ? 'do-not' : 'sulfur')
})
