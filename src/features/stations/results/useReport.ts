'use client'

import { current, isDraft, produce, type Draft } from 'immer'
import { useLiveQuery } from 'dexie-react-hooks'
import { blankReport } from '@/core/case/blank'
import type { Case } from '@/core/case/case'
import type { Original, Report } from '@/core/report/report'
import type { LineField } from '@/core/report/line-fields'
import type { AreaInSeason } from '@/core/case/in-season'
import { withEntry, type Act } from '@/core/acts/act'
import { addReport, leadWhereNewer, newestFirst, pinGuides } from '@/core/acts/reports'
import type { ExtractantId } from '@/core/guides/guide'
import { guidesFor } from '@/core/guides/choose'
import { isElement, lineUnit, readLine, recommendedIn } from '@/core/report/lines'
import { layoutFor, onPaper, type ReportLayout } from '@/core/report/layout'
import { elements, isMicronutrient, type TestUnit } from '@/core/units/quantity'
import type { Typed } from '@/core/units/typed'
import type { Attachment } from '@/store/db'
import { readLayouts } from '@/store/papers'
import { attach as attachTo } from '@/store/cases'
import { useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'
import { type MeasuredField } from '@/core/report/tests'

/**
 * A report of an area, blank until something is typed, and how to change it.
 *
 * @param id the report's, also while there is none yet
 */
export function useReport(area: AreaInSeason, id: string, paper: ReportLayout = layoutFor('laboratory')) {
  const { kase, act } = useOpenCase()
  const guides = useGuides()
  const stored = kase.reports.find((one) => one.id === id)
  const shown = stored ?? { ...onPaper(blankReport(id), paper), areas: { [area.id]: true as const } }
  const started: Act = (kase) => (kase.reports.some((one) => one.id === id) ? kase : addReport(shown, guides)(kase))
  const changing =
    (recipe: (report: Draft<Report>) => void): Act =>
    (kase) => {
      const there = started(kase)
      const changed = { ...there, reports: withEntry(there.reports, id, (report) => produce(report, recipe)) }
      const dayOf = (one: typeof kase) => one.reports.find((report) => report.id === id)?.date
      return dayOf(changed) === dayOf(there) ? changed : leadWhereNewer(id, guides)(changed)
    }
  const change = (recipe: (report: Draft<Report>) => void) => act(changing(recipe))
  const setLine = (field: LineField, typed: Typed) =>
    change((report) => {
      const recommended = recommendedIn(field)
      if (recommended) report.recommends[recommended] = typed
      else report.measured[field as MeasuredField] = typed
    })
  /** Changes the report as a whole, of which only what differs is written. */
  const turnInto = (next: (report: Report) => Report) =>
    change((draft) => {
      assign(draft, next((isDraft(draft) ? current(draft) : draft) as Report))
    })
  /** Names the extractant, and pins the areas of this report to the guide that speaks for it. */
  const setExtractant = (extractant: ExtractantId | null) => {
    const guide = extractant ? guidesFor(guides, extractant, area.crop)[0] : undefined
    const named = changing((report) => {
      report.extractant = extractant
      if (guide && report.lines.length === 0) setUnit(report, guide.unit)
    })
    act((kase) => pinGuides(id, guides)(named(kase)))
  }
  /** Names the paper itself; false where the browser has no room for it. */
  const attach = (original: Original, attachment: Attachment) =>
    attachTo(
      kase.id,
      changing((report) => void report.originals.push(original)),
      attachment,
    )
  return {
    report: shown,
    attach,
    stored: stored !== undefined,
    change,
    setLine,
    turnInto,
    setExtractant,
  }
}

/** Puts what differs in place, field by field, so that the log tells of no more than that. */
function assign(draft: Draft<Report>, next: Report) {
  const put = (holder: Record<string, unknown>, values: object) => {
    for (const [key, value] of Object.entries(values))
      if (key === 'recommends' || key === 'measured')
        put(draft[key] as unknown as Record<string, unknown>, value as object)
      else if (JSON.stringify(holder[key]) !== JSON.stringify(value)) holder[key] = value
  }
  put(draft as unknown as Record<string, unknown>, next)
}

/** The unit stands for P, K and the bases at once; one that was typed with its own unit keeps it. */
export function setUnit(report: Draft<Report>, unit: TestUnit) {
  report.unit = unit
  for (const line of report.lines) if (isElement(line.field) && !isMicronutrient(line.field)) line.unit = unit
  for (const element of elements) {
    const typed = report.measured[element]
    if (typed) report.measured[element] = readLine(element, typed.text, lineUnit(report as unknown as Report, element))
  }
}

/**
 * The office's own papers, and the one that a client's first report begins with: that of the laboratory which the case
 * speaks of already, else the routine one. Another client's paper is never taken silently.
 */
export function useLayouts(kase?: Case) {
  const own = useLiveQuery(() => readLayouts().catch(() => []), []) ?? []
  const known = newestFirst(kase?.reports ?? []).find(({ laboratory }) => laboratory !== '')?.laboratory
  return { own, next: own.find(({ laboratory }) => laboratory === known) ?? layoutFor('laboratory') }
}
