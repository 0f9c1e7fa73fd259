'use client'

import { useState } from 'react'
import { v4 as newId } from 'uuid'
import { blankReport } from '@/core/case/blank'
import { type Case, type Report, type Sample } from '@/core/case/case'
import { measuredFields, type MeasuredField } from '@/core/report/tests'
import { collect as collectReports } from '@/core/case/acts/reports'
import { membersOf } from '@/core/case/members'
import type { Guide } from '@/core/guides/guide'
import { layoutFor } from '@/core/report/layout'
import { lineUnit, readLine } from '@/core/report/lines'
import { sampleState } from '@/core/ground/sampling/state'
import type { LaboratoryReport } from '@/demo/laboratory'
import { useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'
import { laboratory } from './laboratory'
import { en } from './messages'
import { depthOf } from '@/core/ground/sampling/sheet'

/** The reports of samples that were sent: how many are still to come, and fetching those that are ready. */
export function useCollect() {
  const { kase, act } = useOpenCase()
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
        const reports = found.flatMap((came) => {
          const sample = waiting.find(({ code }) => code === came.code)
          return sample ? [{ ...reportOf(came, sample, kase, guides), areas: membersOf(sample.areas) }] : []
        })
        act(collectReports(reports, guides))
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
