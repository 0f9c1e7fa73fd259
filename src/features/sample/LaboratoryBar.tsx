'use client'

import { castDraft } from 'immer'
import { formatISO } from 'date-fns'
import { useState } from 'react'
import { v4 as newId } from 'uuid'
import { blankReport } from '@/core/blank'
import type { Report } from '@/core/case'
import { elementFields, fields } from '@/core/fields'
import { guideRef } from '@/core/guides/guide'
import { guidesFor } from '@/core/guides/choose'
import { sampleState } from '@/core/sampling/state'
import type { Element } from '@/core/units/quantity'
import { readTyped, type UnitWords } from '@/core/units/typed'
import type { LaboratoryReport } from '@/demo/laboratory'
import { Button } from '@/ui/Button'
import { useOpenCase } from '../case/context'
import { useGuides } from '../case/useCase'
import { laboratory } from './laboratory'
import { en } from './messages'
import type { SampleSheet } from './useSamples'

/** Samples that a single submission holds. */
const most = 40

/** Sends what was taken to the laboratory, and takes its reports in when they are there. */
export function LaboratoryBar({ sheets }: { sheets: readonly SampleSheet[] }) {
  const { edit } = useOpenCase()
  const guides = useGuides()
  const [told, tell] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const ready = sheets
    .filter(({ sample, ground }) => sampleState(sample) === 'taken' && ground.length > 0)
    .slice(0, most)
  const waiting = sheets.filter(({ sample }) => sample.ticket !== '' && sampleState(sample) === 'sent')
  if (ready.length === 0 && waiting.length === 0 && told === null) return null
  const today = () => formatISO(new Date(), { representation: 'date' })

  const working = async (work: () => Promise<void>) => {
    setBusy(true)
    await work().catch(() => tell(en.laboratoryFault))
    setBusy(false)
  }
  const send = () =>
    working(async () => {
      const { ticket } = await laboratory.submit({
        samples: ready.map(({ sample, asked, ground, depth }) => ({
          code: sample.code,
          tests: [...(sample.tests ?? asked.map(({ test }) => test))],
          texture: ground[0]!.area.texture,
          depth: depth.to,
        })),
      })
      const ids = new Set(ready.map(({ sample }) => sample.id))
      edit((draft) => {
        for (const sample of draft.samples)
          if (ids.has(sample.id)) Object.assign(sample, { ticket, sent: today(), due: '' })
      })
      tell(null)
    })
  const collect = () =>
    working(async () => {
      const found: LaboratoryReport[] = []
      for (const ticket of new Set(waiting.map(({ sample }) => sample.ticket)))
        found.push(...((await laboratory.collect(ticket)) ?? []))
      if (found.length === 0) return tell(en.stillWorking)
      edit((draft) => {
        for (const came of found) {
          const sample = draft.samples.find((one) => one.code === came.code && one.ticket !== '' && !one.reportId)
          if (!sample) continue
          const depth = sheets.find((sheet) => sheet.sample.id === sample.id)?.depth.to
          const report = reportOf(came, depth)
          draft.reports.push(castDraft(report))
          Object.assign(sample, { reportId: report.id, back: came.date, due: '' })
          for (const area of draft.areas)
            if (sample.areas.includes(area.id) && !sample.corner) {
              area.reportId = report.id
              const guide = guidesFor(guides, came.extractant, area.crop)[0]
              if (guide) area.guide = guideRef(guide)
            }
        }
      })
      tell(en.collected(found.length))
    })
  return (
    <section className="border-rule mt-5 border-t pt-3" aria-label={en.laboratory}>
      <h2 className="font-semibold">{en.laboratory}</h2>
      <p className="text-ink-2 text-[14.5px]">{en.simulated}</p>
      <div className="mt-2 flex flex-wrap gap-3">
        {ready.length > 0 && (
          <Button disabled={busy} onClick={() => void send()}>
            {busy ? en.sending : en.send(ready.length)}
          </Button>
        )}
        {waiting.length > 0 && (
          <Button disabled={busy} onClick={() => void collect()}>
            {en.collect}
          </Button>
        )}
      </div>
      {told && (
        <p role="status" className="mt-1">
          {told}
        </p>
      )}
    </section>
  )
}

/** What a laboratory sends, as a report of the case. */
function reportOf(
  { code, laboratory: name, date, extractant, buffer, values }: LaboratoryReport,
  depth?: number,
): Report {
  const blank = blankReport(newId())
  const typed = Object.entries(values).flatMap(([field, text]) => {
    const before = blank[field as 'pH']
    const units: readonly UnitWords[] =
      field in elementFields ? elementFields[field as Element].units : (fields[field as 'pH']?.units ?? [])
    return before && typeof before === 'object' && 'text' in before
      ? [[field, readTyped(text, before.unit, units)]]
      : []
  })
  return {
    ...blank,
    code,
    laboratory: name,
    date,
    extractant,
    buffer,
    saltsBy: extractant === 'saturated-media' ? 'saturated-media' : values.salts ? 'saturated-paste' : null,
    leadBy: values.lead ? 'total' : null,
    ...(depth !== undefined && { sampleDepth: readTyped(String(depth), 'in', fields.depth.units) }),
    ...Object.fromEntries(typed),
  }
}
