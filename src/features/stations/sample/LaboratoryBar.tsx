'use client'

import { sendSamples } from '@/core/acts/samples'
import { today } from '../../shared/today'
import { useState } from 'react'
import { sampleState } from '@/core/sampling/state'
import { Button } from '@/ui/Button'
import { useOpenCase } from '../../case/context'
import { useCollect } from './collect'
import { laboratory } from './laboratory'
import { en } from './messages'
import type { SampleSheet } from '@/core/sampling/sheet'

/** Samples that a single submission holds. */
const most = 40

/** Sends what was taken to the laboratory, and takes its reports in when they are there. */
export function LaboratoryBar({ sheets }: { sheets: readonly SampleSheet[] }) {
  const { act } = useOpenCase()
  const collect = useCollect()
  const [told, tell] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const ready = sheets
    .filter(({ sample, ground }) => sampleState(sample) === 'taken' && ground.length > 0)
    .slice(0, most)
  if (ready.length === 0 && collect.waiting === 0 && told === null && collect.told === null) return null

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
      const ids = ready.map(({ sample }) => sample.id)
      act(sendSamples(ids, ticket, today()))
      tell(null)
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
        {collect.waiting > 0 && (
          <Button disabled={collect.busy} onClick={() => void collect.collect()}>
            {en.collect}
          </Button>
        )}
      </div>
      {(told ?? collect.told) && (
        <p role="status" className="mt-1">
          {told ?? collect.told}
        </p>
      )}
    </section>
  )
}
