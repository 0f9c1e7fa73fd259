import { blankArea, blankCase, blankReport, blankSeason } from '../case/blank'
import type { Case } from '../case/case'
import type { Report } from '../report/report'
import { type Choices } from '../case/season'
import { withParts, type AreaInSeason } from '../case/in-season'
import { fields } from '../report/fields'
import { testOf } from '../report/tests'
import { guideRef } from '../guides/guide'
import { guideFor, guides } from '../guides/guides'
import { majorsOf } from '../needs/need'
import { recommend, type Answer, type AreaRecommendation } from '../recommend'
import { readMeasured } from '../report/measured'
import type { Typed, UnitWords } from '../units/typed'
import { reportWith, type ReportParts } from '../report/report-with'

/** For tests: a case of one area of exactly 1,000 ft², so that amounts are lb per 1,000 ft². */
const words: readonly UnitWords[] = [...testOf('P').field.units, ...fields.lime.units, ...fields.rowSpacing.units]
export const typed = (text: string | number, unit = ''): Typed => readMeasured(String(text), unit, words)

export function oneArea(area: Partial<AreaInSeason>, report: ReportParts | null = {}, more: Partial<Case> = {}): Case {
  const guide = guideFor(report?.extractant ?? 'mehlich-3') ?? guides[0]!
  const base = { ...blankArea('a', 'A'), size: { text: '20x50', unit: 'ft²', value: 1000 }, guide: guideRef(guide) }
  const kase = blankCase('c', '2026-01-01T00:00:00.000Z')
  return {
    ...kase,
    areas: [withParts({ ...base, reportId: report && 'r' }, kase.season, area)],
    reports: report ? [reportWith(blankReport('r'), report)] : [],
    ...more,
  }
}

export const found = (...of: Parameters<typeof oneArea>): AreaRecommendation =>
  recommend(oneArea(...of), guides).areas[0]!
export const answer = (...of: Parameters<typeof oneArea>): Answer => found(...of).answer!

/** The laboratory's own lines. */
export const printed = (recommends: Partial<Report['recommends']>): Partial<Report> => ({
  recommends: { ...blankReport('').recommends, ...recommends },
})
export const choosing = (materials: Partial<Choices>): Partial<AreaInSeason> => ({
  materials: { ...blankSeason.materials, ...materials },
})

/** lb of N, P₂O₅ and K₂O; 0 where none, the reason's key where it is not known. */
export const amounts = (found: Answer): Record<string, number | string> =>
  Object.fromEntries(
    majorsOf(found).map(({ of, amount, outcome, why }) => [of, amount?.value.v ?? (outcome === 'none' ? 0 : why.key)]),
  )
