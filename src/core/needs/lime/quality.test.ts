import type { LimeScaleId, SieveMesh } from '../../report/lime-scales'
import { answer, choosing, printed, typed } from '../../testing/one-area'
import { asPrinted, bySieves } from './quality'

const passing = { 4: 100, 8: 95, 20: 80, 40: 65, 60: 50 }

/** By hand: each scale's factors on what lies between its sieves, times CCE 90 %. */
describe('lime by CaCO₃ equivalent and sieves', () => {
  test.each<[string, LimeScaleId, number, number, number]>([
    ['Ohio ENP (published, recalled): 0.2 × 0.15 + 0.6 × 0.30 + 0.50 = 0.71', 'sieves-ohio', 90, 0, 0.639],
    ['the same, 10 % moist', 'sieves-ohio', 90, 10, 0.5751],
    ['Iowa ECCE (published, recalled): 0.1 × 1.00 + 0.3 × 0.95 + 0.6 × 0.50 = 0.685', 'sieves-iowa', 90, 0, 0.6165],
    ['half for 8 to 60 mesh (common practice): 0.5 × 0.45 + 0.50 = 0.725', 'sieves-half', 90, 0, 0.6525],
    ['ENM (common practice): 0.25 × 0.30 + 0.60 × 0.15 + 0.50 = 0.665', 'sieves-enm', 90, 0, 0.5985],
    ['all fine: its CaCO₃ equivalent', 'sieves-ohio', 108.6, 0, 1.086],
  ])('%s', (name, scale, cce, moisture, expected) => {
    const sieves = name.startsWith('all') ? { 8: 100, 20: 100, 60: 100 } : passing
    expect(bySieves(scale, cce, sieves, moisture)!.value.v).toBeCloseTo(expected, 9)
  })
  test('a sieve that is missing, and a scale without sieves, give nothing', () => {
    expect(bySieves('sieves-ohio', 90, { 8: 95, 20: 80 } as Record<SieveMesh, number>, 0)).toBeUndefined()
    expect(bySieves('enp', 90, passing, 0)).toBeUndefined()
    expect(asPrinted('sieves-ohio', 90)).toBeUndefined()
  })
  test('one stone is worth the same by its ENP and by its sieves: 2,000 × 0.639 = 1,278 lb/ton', () =>
    expect(asPrinted('enp', 1278)!.value.v).toBeCloseTo(bySieves('sieves-ohio', 90, passing, 0)!.value.v, 9))
  test('pure fine CaCO₃ is 800 lb ENM/ton, 2,000 lb ENP/ton and ECCE 100 % (definitions)', () =>
    expect(
      [asPrinted('enm', 800)!, asPrinted('enp', 2000)!, asPrinted('ecce', 100)!].map(({ value }) => value.v),
    ).toEqual([1, 1, 1]))
})

describe('what the bag and the laboratory say of lime', () => {
  const lime = (materials: Parameters<typeof choosing>[0], report = {}) =>
    answer({ crop: 'tall-fescue', texture: 'loam', ...choosing(materials) }, { pH: typed(5), ...report }).reaction.need!
      .amount!.value.v
  test('half the strength is twice the weight, on whatever scale it is printed', () => {
    const pure = lime({ limeEffective: typed('100', '%') })
    expect(lime({ limeScale: 'enp', limeEffective: typed('1000', 'lb/ton') }) / pure).toBeCloseTo(2, 9)
    expect(lime({ limeScale: 'enm', limeEffective: typed('400', 'lb/ton') }) / pure).toBeCloseTo(2, 9)
    const limeSieves = { cce: typed('50', '%'), moisture: typed(''), ...sieves('100') }
    expect(lime({ limeScale: 'sieves-iowa', limeSieves }) / pure).toBeCloseTo(2, 9)
  })
  test('a laboratory’s 400 lb ENM/acre is 1,000 lb of pure CaCO₃ (400 lb ENM and 1,000 lb CaCO₃ per meq, common practice)', () => {
    const dose = lime({ limeEffective: typed('100', '%') }, printed({ lime: typed('400 lb/ac'), limeMeans: 'ENM' }))
    expect(dose * 43.56).toBeCloseTo(1000, 6)
  })
})

const sieves = (text: string) =>
  Object.fromEntries(([4, 8, 20, 40, 60] as const).map((mesh) => [mesh, typed(text, '%')])) as Record<
    SieveMesh,
    ReturnType<typeof typed>
  >
