'use client'

import { castDraft, current, isDraft, type Draft } from 'immer'
import { useLiveQuery } from 'dexie-react-hooks'
import { blankReport } from '@/core/blank'
import type { Area, Case, LineField, Report } from '@/core/case'
import { guideRef, type ExtractantId, type Guide } from '@/core/guides/guide'
import { guidesFor } from '@/core/guides/choose'
import { isElement, lineUnit, readLine, recommendedIn } from '@/core/reports/lines'
import { layoutFor, onPaper, shippedLayouts, type ReportLayout } from '@/core/reports/layout'
import { elements, isMicronutrient, type TestUnit } from '@/core/units/quantity'
import type { Typed } from '@/core/units/typed'
import { keepSetting, setting } from '@/store/db'
import { readLayouts } from '@/store/papers'
import type { Recipe } from '@/store/put'
import { useOpenCase } from '../case/context'
import { useGuides } from '../case/useCase'

/**
 * A report of an area, blank until something is typed, and how to change it.
 *
 * @param id the report's, also while there is none yet
 */
export function useReport(area: Area, id: string, paper: ReportLayout = layoutFor('laboratory')) {
  const { kase, edit } = useOpenCase()
  const guides = useGuides()
  const stored = kase.reports.find((one) => one.id === id)
  const change = (recipe: (report: Draft<Report>) => void) =>
    edit((draft) => {
      if (!draft.reports.some((one) => one.id === id))
        addReport(draft, { ...onPaper(blankReport(id), paper), areas: [area.id] }, guides)
      recipe(draft.reports.find((one) => one.id === id)!)
    })
  const setLine = (field: LineField, typed: Typed) =>
    change((report) => {
      const recommended = recommendedIn(field)
      if (recommended) report.recommends[recommended] = typed
      else report[field as 'pH'] = typed
    })
  /** Changes the report as a whole, of which only what differs is written. */
  const turnInto = (next: (report: Report) => Report) =>
    change((draft) => {
      assign(draft, next((isDraft(draft) ? current(draft) : draft) as Report))
    })
  /** Names the extractant, and pins the areas of this report to the guide that speaks for it. */
  const setExtractant = (extractant: ExtractantId | null) => {
    const guide = extractant ? guidesFor(guides, extractant, area.crop)[0] : undefined
    change((report) => {
      report.extractant = extractant
      if (guide && report.lines.length === 0) setUnit(report, guide.unit)
    })
    edit((draft) => pinGuides(draft, id, guides))
  }
  return {
    report: stored ?? onPaper(blankReport(id), paper),
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
      if (key === 'recommends') put(draft.recommends as unknown as Record<string, unknown>, value as object)
      else if (JSON.stringify(holder[key]) !== JSON.stringify(value)) holder[key] = value
  }
  put(draft as unknown as Record<string, unknown>, next)
}

/** Adds a report to the case, in force in its areas: in all of them, in those that have none, or nowhere yet. */
export function addReport(
  draft: Draft<Case>,
  report: Report,
  guides: readonly Guide[],
  inForce: 'always' | 'where-none' | 'never' = 'where-none',
) {
  draft.reports.push(castDraft(report))
  for (const area of draft.areas)
    if (
      report.areas.includes(area.id) &&
      (inForce === 'always' || (inForce === 'where-none' && area.reportId === null))
    )
      area.reportId = report.id
  pinGuides(draft, report.id, guides)
}

/** Rates the areas in which this report is in force by a guide that speaks for its extractant, where theirs does not. */
function pinGuides(draft: Draft<Case>, reportId: string, guides: readonly Guide[]) {
  const extractant = draft.reports.find(({ id }) => id === reportId)?.extractant
  if (!extractant) return
  for (const area of draft.areas) {
    if (area.reportId !== reportId) continue
    const now = guides.find((guide) => guideRef(guide) === area.guide)
    const guide = guidesFor(guides, extractant, area.crop)[0]
    if (guide && now?.extractant !== extractant) area.guide = guideRef(guide)
  }
}

export const putInForce =
  (areaId: string, reportId: string, guides: readonly Guide[]): Recipe =>
  (draft) => {
    const area = draft.areas.find((one) => one.id === areaId)
    if (!area) return
    area.reportId = reportId
    pinGuides(draft, reportId, guides)
  }

/** Lets a report speak of an area, in force there; or no longer, where the newest of the others takes its place. */
export const setCovers =
  (areaId: string, reportId: string, covers: boolean, guides: readonly Guide[]): Recipe =>
  (draft) => {
    const [area, report] = [
      draft.areas.find((one) => one.id === areaId),
      draft.reports.find((one) => one.id === reportId),
    ]
    if (!area || !report) return
    report.areas = report.areas.filter((id) => id !== areaId)
    if (covers) {
      report.areas.push(areaId)
      putInForce(areaId, reportId, guides)(draft)
    } else if (area.reportId === reportId) fallBack(draft, areaId, guides)
  }

/** Takes a report out; in its areas the newest of the others is in force then. */
export const removeReport =
  (reportId: string, guides: readonly Guide[]): Recipe =>
  (draft) => {
    draft.reports = draft.reports.filter(({ id }) => id !== reportId)
    for (const area of draft.areas) if (area.reportId === reportId) fallBack(draft, area.id, guides)
    for (const sample of draft.samples) if (sample.reportId === reportId) sample.reportId = null
  }

function fallBack(draft: Draft<Case>, areaId: string, guides: readonly Guide[]) {
  const area = draft.areas.find((one) => one.id === areaId)!
  const next = newestFirst(draft.reports.filter(({ areas }) => areas.includes(areaId)))[0]
  area.reportId = next?.id ?? null
  if (next) pinGuides(draft, next.id, guides)
}

export const newestFirst = <One extends Pick<Report, 'date'>>(reports: readonly One[]): One[] =>
  [...reports].sort((a, b) => (b.date || '9999').localeCompare(a.date || '9999'))

/** The unit stands for P, K and the bases at once; one that was typed with its own unit keeps it. */
export function setUnit(report: Draft<Report>, unit: TestUnit) {
  report.unit = unit
  for (const line of report.lines) if (isElement(line.field) && !isMicronutrient(line.field)) line.unit = unit
  for (const element of elements)
    report[element] = readLine(element, report[element].text, lineUnit(report as unknown as Report, element))
}

/** The office's own papers, and the one that the next report is typed by. */
export function useLayouts() {
  const own = useLiveQuery(() => readLayouts().catch(() => []), []) ?? []
  const last = useLiveQuery(() => setting('layout').catch(() => undefined), [])
  const all: readonly ReportLayout[] = [...own, ...shippedLayouts]
  return {
    own,
    next: all.find(({ id }) => id === last) ?? layoutFor('laboratory'),
    use: (layout: ReportLayout) => void keepSetting('layout', layout.id).catch(() => undefined),
  }
}
