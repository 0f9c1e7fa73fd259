'use client'

import { useState } from 'react'
import { collect as collectReports } from '@/core/acts/reports'
import { membersOf } from '@/core/case/members'
import { sampleState } from '@/core/sampling/state'
import type { LaboratoryReport } from '@/demo/laboratory'
import { useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'
import { laboratory } from './laboratory'
import { en } from './messages'

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
        const { reportOf } = await import('./report-of')
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
