'use client'

import { followSchool } from '@/core/acts/choices'
import { Suspense, useState } from 'react'
import { guideNamed } from '@/core/guides/guide'
import type { Sampled } from '@/core/sampling/advice'
import { apart } from '@/core/sampling/together'
import { Button } from '@/ui/Button'
import { render } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import type { Language } from '@/core/sentence/text'
import { ChoiceField } from '@/ui/ChoiceField'
import { useGuides } from '../../case/useCase'
import { late } from '../../shared/late/late'
import { languageOptions } from '../../shared/language/useWords'
import { SchoolFields } from '../../pages/office/SchoolFields'
import { NothingYet } from '../../shared/NothingYet'
import { FieldSheet } from './FieldSheet'
import { Garden } from './Garden'
import { LaboratoryBar } from './LaboratoryBar'
import { en } from './messages'
import { SampleDetails } from './SampleDetails'
import { SpotChecks } from './SpotChecks'
import { useSampleEdits, useSamples } from './useSamples'

const Bags = late(() => import('./Bags').then((found) => found.Bags))

/** What soil to send off: which areas share a bag, where the cores are taken, and how far each bag has come. */
export function SampleStation() {
  const { kase } = useOpenCase()
  const { sheets, free, proposal } = useSamples()
  const { make, setNeeded } = useSampleEdits()
  const [selected, select] = useState<string | null>(null)
  const [garden, setGarden] = useState(false)
  const [language, setLanguage] = useState<Language>('en')
  const here = sheets.find(({ sample }) => sample.id === selected) ?? sheets[0]
  if (kase.areas.length === 0) return <NothingYet says={en.noAreas} />
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
                  <Because bag={bag} before={proposal.slice(0, i)} />
                </li>
              ))}
            </ol>
            <HowSampled />
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
            <Suspense>
              <Bags sheets={sheets} free={free} selected={here.sample.id} onSelect={select} />
            </Suspense>
            <div className="mt-3 flex flex-wrap items-end gap-3">
              {free.length > 0 && (
                <Button onClick={() => void make(proposal.map((bag) => ({ areas: bag.map(({ area }) => area) })))}>
                  {en.make(proposal.length)}: {free.map(({ area }) => area.name).join(', ')}
                </Button>
              )}
              <Button kind="act" onClick={() => setGarden(true)}>
                {en.garden}
              </Button>
              <Button onClick={() => window.print()}>{en.sheet}</Button>
              <ChoiceField label={en.sheetIn} value={language} options={languageOptions} onChange={setLanguage} />
            </div>
            <HowSampled />
            <SampleDetails key={here.sample.id} sheet={here} />
            <LaboratoryBar sheets={sheets} />
          </>
        )}
        <SpotChecks />
      </div>
      <FieldSheet sheets={sheets} language={language} />
    </>
  )
}

/** Why a bag is not one with those before it. */
function Because({ bag, before }: { bag: readonly Sampled[]; before: readonly (readonly Sampled[])[] }) {
  const reasons = before.flatMap((other) => apart(other[0]!, bag[0]!))
  const words = [...new Map(reasons.map((sentence) => [sentence.key, render(sentence)])).values()].slice(0, 2)
  return words.length > 0 ? <span className="text-ink-2 block pl-4 text-[14px]">{words.join(' ')}</span> : null
}

/** Where practitioners disagree on taking samples. */
function HowSampled() {
  const { kase, area, act } = useOpenCase()
  const guides = useGuides()
  const guide = guideNamed(guides, area?.guide) ?? guides[0]!
  return (
    <details className="mt-2">
      <summary className="text-ink-2 cursor-pointer py-1.5 text-[14.5px]">{en.schools}</summary>
      <div className="mt-1 grid gap-x-5 gap-y-3 sm:grid-cols-2 lg:grid-cols-3">
        <SchoolFields
          guides={[guide]}
          chosen={kase.schools}
          sampling
          onChoose={(school, option) => act(followSchool(school, option))}
        />
      </div>
    </details>
  )
}
