import { reportWith, type ReportParts } from '../report/report-with'
import * as fc from 'fast-check'
import { guides } from '../guides/guides'
import { blankReport } from '../case/blank'
import { recommend } from '../recommend'
import { anyCase, build } from '../testing/any-case'
import { answer, printed, typed } from '../testing/one-area'
import type { Case } from '../case/case'
import type { AreaInSeason } from '../case/in-season'
import { cornersOf } from './between'
import { isApplied, lbNeeded, type What } from './need'

const bed: Partial<AreaInSeason> = { crop: 'mixed-vegetables', texture: 'loam' }
const needOf = (of: What, report: ReportParts, area = bed) => answer(area, report).needs.find((one) => one.of === of)
const lbOf = (of: What, report: ReportParts, area = bed): number => lbNeeded(needOf(of, report, area)!)!
const rangeIn = (of: What, report: ReportParts, area = bed) =>
  needOf(of, report, area)?.remarks.find(({ key }) => key === 'short.range')?.args as Record<string, number> | undefined

/** What leads over a range. Source: common practice (more can follow, and nothing can be taken back). */
describe('a range stays a range', () => {
  test.each<[string, What, ReportParts, ReportParts, ReportParts, string]>([
    ['lime', 'lime', { pH: typed('5.0–5.5') }, { pH: typed('5.5') }, { pH: typed('5.0') }, 'mixed-vegetables'],
    [
      'lime by a kit’s bare number',
      'lime',
      { pH: typed('5'), kind: 'kit' },
      { pH: typed('5.5') },
      { pH: typed('4.5') },
      'mixed-vegetables',
    ],
    ['sulfur', 'sulfur', { pH: typed('6–6.5') }, { pH: typed('6') }, { pH: typed('6.5') }, 'highbush-blueberry'],
    [
      'potash by words',
      'K₂O',
      { pH: typed('6.5'), K: typed('low to medium') },
      { pH: typed('6.5'), K: typed('medium') },
      { pH: typed('6.5'), K: typed('low') },
      'mixed-vegetables',
    ],
    [
      'phosphate by numbers',
      'P₂O₅',
      { pH: typed('6.5'), extractant: 'mehlich-3', P: typed('10–30', 'ppm') },
      { pH: typed('6.5'), extractant: 'mehlich-3', P: typed('30', 'ppm') },
      { pH: typed('6.5'), extractant: 'mehlich-3', P: typed('10', 'ppm') },
      'mixed-vegetables',
    ],
  ])('%s: the least leads, and the most is told', (_, of, range, least, most, crop) => {
    const area = { ...bed, crop }
    const [low, high] = [lbOf(of, least, area), lbOf(of, most, area)]
    expect(low).toBeLessThan(high)
    expect(lbOf(of, range, area)).toBe(low)
    expect(rangeIn(of, range, area)).toEqual({ of, low, high, start: low })
  })

  test('where the ends part on whether to lime, the middle decides', () => {
    expect(rangeIn('lime', { pH: typed('5.4–6.4') })).toMatchObject({
      low: 0,
      high: lbOf('lime', { pH: typed('5.4') }),
      start: lbOf('lime', { pH: typed('5.9') }),
    })
  })

  test.each<[string, ReportParts]>([
    ['a plain number', { pH: typed('5.2') }],
    ['the mean of a meter’s spots', { pH: typed('5.2 ± 0.3'), kind: 'meter' }],
    ['a limit, which is open to one side', { pH: typed('<5') }],
    ['a laboratory’s own line', { pH: typed('5–5.5'), ...printed({ lime: typed('40', 'lb/1000 ft²') }) }],
  ])('%s leaves nothing open', (_, report) => expect(rangeIn('lime', report)).toBeUndefined())

  test('ranges of four tests are tried each by itself', () => {
    const open = { pH: typed('5–6'), cec: typed('8–12', 'meq/100 g'), P: typed('low to medium') }
    const corners = cornersOf(reportWith(blankReport('r'), open))
    expect(
      new Set(corners.map(({ measured: { pH, cec, P } }) => [pH, cec, P].map((one) => one?.text).join())).size,
    ).toBe(8)
  })

  test('no case with a range on it is given more than either end asks for', () => {
    const withPH = (kase: Case, text: string) =>
      recommend({ ...kase, reports: kase.reports.map((one) => reportWith(one, { pH: typed(text) })) }, guides).areas[0]!
    fc.assert(
      fc.property(anyCase, fc.integer({ min: 0, max: 10 }), (any, width) => {
        const kase = build(any)
        const [low, high] = [any.pH, Math.min(any.pH + width / 10, 9)].map((one) => one.toFixed(2))
        const [range, ...ends] = [`${low}–${high}`, low!, high!].map((text) => withPH(kase, text).answer?.reaction)
        const asked = ends.map((one) => (one?.need && isApplied(one.need) ? one.need.amount.value.v : 0))
        const given = range?.need && isApplied(range.need) ? range.need.amount.value.v : 0
        if (ends[0]?.outcome === ends[1]?.outcome) expect(given).toBeLessThanOrEqual(Math.min(...asked) * 1.02 + 1e-9)
      }),
      { numRuns: 300 },
    )
  })
})
