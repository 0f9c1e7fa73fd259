'use client'

import { useState } from 'react'
import { v4 as newId } from 'uuid'
import { blankReport } from '@/core/blank'
import { measuredFields, type Case, type MeasuredField, type Report, type Sample } from '@/core/case'
import type { Guide } from '@/core/guides/guide'
import { layoutFor } from '@/core/reports/layout'
import { lineUnit, readLine } from '@/core/reports/lines'
import { sampleState } from '@/core/sampling/state'
import type { LaboratoryReport } from '@/demo/laboratory'
import { useOpenCase } from '../case/context'
import { useGuides } from '../case/useCase'
import { addReport } from '../results/useReport'
import { laboratory } from './laboratory'
import { en } from './messages'
import { depthOf } from './useSamples'

/** The reports of samples that were sent: how many are still to come, and fetching those that are ready. */
export function useCollect() {
  const { kase, edit } = useOpenCase()
  const guides = useGuides()
  const [told, tell] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const waiting = kase.samples.filter((sample) => sample.ticket !== '' && sampleState(sample) === 'sent')
  const collect = async () => {
    setBusy(true)
    try {
      const found: LaboratoryReport[] = []
      for (const ticket of new Set(waiting.map((sample) => sample.ticket)))
        found.push(...((await laboratory.collect(ticket)) ?? []))
      if (found.length === 0) tell(en.stillWorking)
      else {
        edit((draft) => {
          for (const came of found) {
            const sample = draft.samples.find((one) => one.code === came.code && one.ticket !== '' && !one.reportId)
            if (!sample) continue
            const report = reportOf(came, sample, kase, guides)
            // A bad corner speaks for itself, not for its area.
            addReport(draft, { ...report, areas: [...sample.areas] }, guides, sample.corner ? 'never' : 'always')
            Object.assign(sample, { reportId: report.id, back: came.date, due: '' })
          }
        })
        tell(en.collected(found.length))
      }
    } catch {
      tell(en.laboratoryFault)
    }
    setBusy(false)
  }
  return { waiting: waiting.length, busy, told, collect }
}

/** What a laboratory sends, as a report of the case. */
function reportOf(
  { code, laboratory: name, date, extractant, buffer, values }: LaboratoryReport,
  sample: Sample,
  kase: Case,
  guides: readonly Guide[],
): Report {
  const kind = extractant === 'saturated-media' ? 'mix' : 'laboratory'
  const blank = blankReport(newId())
  const read = (field: MeasuredField, text: string) => readLine(field, text, lineUnit(blank, field))
  const fields = measuredFields.filter((field) => values[field] !== undefined)
  return {
    ...blank,
    kind,
    code,
    laboratory: name,
    date,
    extractant,
    buffer,
    lines: fields.map((field) => ({ field, unit: lineUnit(layoutFor(kind), field) })),
    saltsBy: kind === 'mix' ? 'saturated-media' : values.salts ? 'saturated-paste' : null,
    leadBy: values.lead ? 'total' : null,
    sampleDepth: read('sampleDepth', String(depthOf(sample, kase, guides).to)),
    ...Object.fromEntries(fields.map((field) => [field, read(field, values[field]!)])),
  }
}
