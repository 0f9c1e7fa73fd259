'use client'

import { useState } from 'react'
import { Button } from '@/ui/Button'
import { useOpenCase } from '../case/context'
import { Bags } from './Bags'
import { FieldSheet } from './FieldSheet'
import { Garden } from './Garden'
import { LaboratoryBar } from './LaboratoryBar'
import { en } from './messages'
import { SampleDetails } from './SampleDetails'
import { SpotChecks } from './SpotChecks'
import { useSampleEdits, useSamples } from './useSamples'

/** What soil to send off: which areas share a bag, where the cores are taken, and how far each bag has come. */
export function SampleStation() {
  const { kase, go } = useOpenCase()
  const { sheets, free, proposal } = useSamples()
  const { make, setNeeded } = useSampleEdits()
  const [selected, select] = useState<string | null>(null)
  const [garden, setGarden] = useState(false)
  const here = sheets.find(({ sample }) => sample.id === selected) ?? sheets[0]
  if (kase.areas.length === 0)
    return (
      <div className="mt-5">
        <p className="mb-3 font-serif text-lg">{en.noAreas}</p>
        <Button kind="act" onClick={() => go('ground')}>
          {en.toGround}
        </Button>
      </div>
    )
  if (sheets.length === 0 && !kase.sampling)
    return (
      <div className="mt-5">
        <p className="mb-3 font-serif text-lg">{en.notNeeded}</p>
        <Button onClick={() => setNeeded(true)}>{en.needed}</Button>
      </div>
    )
  if (garden && here) return <Garden sheets={sheets} start={here.sample.id} onLeave={() => setGarden(false)} />
  return (
    <>
      <div className="print:hidden">
        {sheets.length === 0 && (
          <section className="mt-3" aria-label={en.proposed(proposal.length)}>
            <h2 className="font-serif text-lg font-semibold">{en.proposed(proposal.length)}</h2>
            <p className="text-ink-2">{en.proposedWhy}</p>
            <ol className="mt-2 grid gap-1">
              {proposal.map((bag, i) => (
                <li key={bag[0]!.area.id}>
                  <strong>{en.bag(i + 1)}:</strong> {bag.map(({ area }) => area.name).join(', ')}
                </li>
              ))}
            </ol>
            <div className="mt-3 flex flex-wrap gap-3">
              <Button
                kind="act"
                onClick={() => void make(proposal.map((bag) => ({ areas: bag.map(({ area }) => area) })))}
              >
                {en.make(proposal.length)}
              </Button>
              <Button onClick={() => setNeeded(false)}>{en.notNeededHere}</Button>
            </div>
          </section>
        )}
        {sheets.length > 0 && here && (
          <>
            <Bags sheets={sheets} free={free} selected={here.sample.id} onSelect={select} />
            <div className="mt-3 flex flex-wrap gap-3">
              {free.length > 0 && (
                <Button onClick={() => void make(proposal.map((bag) => ({ areas: bag.map(({ area }) => area) })))}>
                  {en.make(proposal.length)}: {free.map(({ area }) => area.name).join(', ')}
                </Button>
              )}
              <Button kind="act" onClick={() => setGarden(true)}>
                {en.garden}
              </Button>
              <Button onClick={() => window.print()}>{en.sheet}</Button>
            </div>
            <SampleDetails key={here.sample.id} sheet={here} />
            <LaboratoryBar sheets={sheets} />
          </>
        )}
        <SpotChecks />
      </div>
      <FieldSheet sheets={sheets} />
    </>
  )
}
