'use client'

import type { Draft } from 'immer'
import { useRef } from 'react'
import { blankReport } from '@/core/blank'
import type { Area, Report } from '@/core/case'
import { elementFields } from '@/core/fields'
import { guideRef, type ExtractantId } from '@/core/guides/guide'
import { guidesFor } from '@/core/guides/choose'
import { elements, type Element, type TestUnit } from '@/core/units/quantity'
import { useOpenCase } from '../case/context'
import { useGuides } from '../case/useCase'
import { retyped } from '../formatting'
import { v4 as newId } from 'uuid'

/** The report in force for an area, blank until something is typed, and how to change it. */
export function useReport(area: Area) {
  const { kase, edit } = useOpenCase()
  const guides = useGuides()
  const fresh = useRef<{ area: string; id: string }>(undefined)
  const stored = kase.reports.find((one) => one.id === area.reportId)
  const change = (recipe: (report: Draft<Report>) => void) => {
    if (fresh.current?.area !== area.id) fresh.current = { area: area.id, id: newId() }
    const { id } = fresh.current
    edit((draft) => {
      const owner = draft.areas.find((one) => one.id === area.id)
      if (!owner) return
      let report = draft.reports.find((one) => one.id === owner.reportId)
      if (!report) {
        draft.reports.push(blankReport(id))
        report = draft.reports[draft.reports.length - 1]!
        owner.reportId = id
      }
      recipe(report)
    })
  }
  /** Names the extractant, and pins the areas of this report to the guide that speaks for it. */
  const setExtractant = (extractant: ExtractantId | null) => {
    const guide = extractant ? guidesFor(guides, extractant, area.crop)[0] : undefined
    change((report) => {
      report.extractant = extractant
      if (guide) setUnit(report, guide.unit)
    })
    if (guide)
      edit((draft) => {
        const reportId = draft.areas.find((one) => one.id === area.id)?.reportId
        for (const one of draft.areas)
          if (one.reportId === reportId) one.guide = guideRef(guidesFor(guides, extractant!, one.crop)[0]!)
      })
  }
  return { report: stored ?? blankReport(''), change, setExtractant }
}

/** Elements that laboratories print in ppm though they print the others in lb/acre or as an index. */
export const inPpm: ReadonlySet<Element> = new Set(['Zn', 'Mn', 'Fe', 'Cu', 'B'])
export const ownUnit = (element: Element, unit: TestUnit): TestUnit => (inPpm.has(element) ? 'ppm' : unit)

/** The unit stands for P, K and the bases at once; one that was typed with its own unit keeps it. */
export function setUnit(report: Draft<Report>, unit: TestUnit) {
  report.unit = unit
  for (const element of elements)
    report[element] = retyped(report[element].text, ownUnit(element, unit), elementFields[element])
}
