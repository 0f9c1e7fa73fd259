import { blankReport } from '../case/blank'
import type { Report } from '../report/report'
import { guides } from '../guides/guides'
import { shippedProducts } from '../shelf/products'
import { oneArea, typed } from '../testing/one-area'
import { pHAgainst } from './readings'

const report = (id: string, kind: Report['kind'], pH: string, date: string): Report => ({
  ...blankReport(id),
  kind,
  date,
  measured: { pH: typed(pH) },
  areas: { a: true },
})
const against = (...reports: readonly Report[]) => {
  const kase = { ...oneArea({ crop: 'tomato', texture: 'loam', reportId: reports[0]!.id }, null), reports }
  return pHAgainst(kase, 'a', guides, shippedProducts, '2026-11-26')
}

test('two kits and a laboratory: the laboratory is surest, one kit agrees, the other is beyond both errors', () => {
  const found = against(
    report('lab', 'laboratory', '5.4', '2026-11-01'),
    report('kit', 'kit', '5.5 - 6.0', '2026-11-10'),
    report('old-kit', 'kit', '7.0', '2026-11-12'),
  )!
  expect(found.readings.map(({ report: { id }, agrees }) => [id, agrees])).toEqual([
    ['lab', true],
    ['kit', true],
    ['old-kit', false],
  ])
  // Laboratory: hypot(0.1, 0.25/√10) = 0.127 (common practice); a flat range of 0.5 has 0.5/√12 = 0.144.
  const [lab, kit] = [Math.hypot(0.1, 0.25 / Math.sqrt(10)), 0.5 / Math.sqrt(12)]
  expect(found.readings[0]!.sd).toBeCloseTo(lab, 10)
  expect(found.readings[1]!.sd).toBeCloseTo(kit, 10)
  const [w, x] = [1 / lab ** 2, 1 / kit ** 2]
  expect(found.believe.v).toBeCloseTo((5.4 * w + 5.75 * x) / (w + x), 10)
  expect(found.believe.sd).toBeCloseTo(1 / Math.sqrt(w + x), 10)
  expect(found.matters).toBe(true)
  expect(found.readings.map(({ means }) => means.outcome)).toEqual(['lime', 'lime', 'none'])
})

test('what was read long apart is not held against each other, nor one reading against itself', () => {
  expect(against(report('lab', 'laboratory', '5.4', '2026-11-01'))).toBeNull()
  expect(
    against(report('lab', 'laboratory', '5.4', '2026-11-01'), report('before', 'kit', '6.5', '2025-11-01')),
  ).toBeNull()
})

test('readings that would have the same done do not matter', () => {
  const found = against(report('lab', 'laboratory', '6.5', '2026-11-01'), report('kit', 'kit', '6.6', '2026-11-02'))!
  expect(found).toMatchObject({ matters: false })
})
