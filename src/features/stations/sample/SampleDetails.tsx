'use client'

import { texts } from '@/core/shape/limits'
import { idsOf } from '@/core/case/members'
import { addDays, addYears, formatISO, parseISO } from 'date-fns'
import { today } from '../../shared/today'
import { useState } from 'react'
import type { Sample } from '@/core/case/sample'
import { fields } from '@/core/report/fields'
import { soilTests, testIds, type TestId } from '@/core/guides/sampling'
import { sampleSince, sampleState } from '@/core/sampling/state'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { render, textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { fieldError, retyped } from '../../shared/formatting'
import { en } from './messages'
import { SpotMap } from './SpotMap'
import { newSeed, useDuplicate, useSampleEdits } from './useSamples'
import type { SampleSheet } from '@/core/sampling/sheet'

/** One bag: its code, its cores, what to ask for, and how far it has come. */
export function SampleDetails({ sheet }: { sheet: SampleSheet }) {
  const { sample, ground, outlines, spots, coresProposed, depth } = sheet
  const { change, recode, remove } = useSampleEdits()
  const duplicate = useDuplicate(sample.code)
  const areas = ground.map(({ area }) => area)
  return (
    <section className="border-ink mt-5 border-t-[1.5px] pt-3" aria-label={sample.code} data-entry>
      <div className="grid gap-x-6 gap-y-3 md:grid-cols-[1fr_400px]">
        <div className="grid content-start gap-3 sm:grid-cols-2">
          <div className="col-span-full">
            <TextField
              label={en.code}
              most={texts.code}
              value={sample.code}
              error={duplicate ? en.duplicate : undefined}
              onChange={(code) => change(sample.id, (draft) => void (draft.code = code))}
            />
            {duplicate && (
              <Button kind="text" onClick={() => void recode(sample, areas)}>
                {en.newCode}
              </Button>
            )}
          </div>
          <TextField
            label={en.cores}
            value={sample.cores.text}
            numeric
            placeholder={String(coresProposed)}
            echo={en.coresEcho(coresProposed)}
            error={fieldError(fields.cores, sample.cores)}
            onChange={(text) => change(sample.id, (draft) => void (draft.cores = retyped(text, '', fields.cores)))}
          />
          <TextField
            label={en.depth}
            value={sample.depth.text}
            unit={sample.depth.unit}
            numeric
            placeholder={String(depth.to)}
            echo={sample.depth.text === '' ? en.depthEcho(depth.from, depth.to) : undefined}
            error={fieldError(fields.depth, sample.depth)}
            onChange={(text) => change(sample.id, (draft) => void (draft.depth = retyped(text, 'in', fields.depth)))}
          />
          <Steps sample={sample} retestYears={sheet.sampling.retestYears} />
        </div>
        <div>
          <p className="text-ink-2 text-[13.5px]">{en.spots}</p>
          {spots.length > 0 ? (
            <SpotMap
              outlines={outlines}
              spots={spots}
              done={sample.ticked}
              width={400}
              height={320}
              label={en.spotsLabel(sample.code)}
            />
          ) : (
            <p className="mt-1">{en.noSpots}</p>
          )}
          {outlines.some(({ true: known }) => !known) && spots.length > 0 && (
            <p className="text-ink-2 text-[13.5px]">{en.schematic}</p>
          )}
          {idsOf(sample.ticked).length === 0 && spots.length > 0 && (
            <Button kind="text" onClick={() => change(sample.id, (draft) => void (draft.seed = newSeed()))}>
              {en.otherSpots}
            </Button>
          )}
          <Tests sheet={sheet} />
        </div>
      </div>
      <Corner sheet={sheet} />
      <Button kind="text" className="mt-3" onClick={() => remove(sample.id)}>
        {en.remove}
      </Button>
    </section>
  )
}

function Tests({ sheet: { sample, asked } }: { sheet: SampleSheet }) {
  const { change } = useSampleEdits()
  const proposed = asked.map(({ test }) => test)
  const chosen = sample.tests ?? proposed
  const set = (test: TestId, on: boolean) =>
    change(sample.id, (draft) => {
      const next = testIds.filter((one) => (one === test ? on : chosen.includes(one)))
      draft.tests = next.length === proposed.length && next.every((one) => proposed.includes(one)) ? null : next
    })
  return (
    <fieldset className="mt-3">
      <legend className="text-ink-2 text-[13.5px]">{en.tests}</legend>
      {testIds.map((test) => {
        const why = asked.find((one) => one.test === test)?.why
        return (
          <label key={test} className="flex min-h-8 items-start gap-2">
            <input
              type="checkbox"
              className="accent-moss mt-0.5 size-4.5 shrink-0"
              checked={chosen.includes(test)}
              onChange={(event) => set(test, event.target.checked)}
            />
            <span>
              {textOf(soilTests[test].label)}
              {why && <span className="text-ink-2 text-[13.5px]">: {render(why)}</span>}
            </span>
          </label>
        )
      })}
    </fieldset>
  )
}

/** Days that a step usually takes. Source: common practice. */
const usualDays = { planned: 14, taken: 3, sent: 14 } as const

/** When the next step is due, where nobody said. */
function usualDue(sample: Sample, retestYears: number): string {
  const state = sampleState(sample)
  const since = sampleSince(sample)
  if (!since || !/^\d{4}-\d{2}-\d{2}$/.test(since)) return ''
  const from = parseISO(since)
  return formatISO(state === 'back' ? addYears(from, retestYears) : addDays(from, usualDays[state]), {
    representation: 'date',
  })
}

function Steps({ sample, retestYears }: { sample: Sample; retestYears: number }) {
  const { change } = useSampleEdits()
  const state = sampleState(sample)
  const { taken } = sample
  const due = sample.due || usualDue(sample, retestYears)
  const late = due !== '' && due < today()
  return (
    <>
      <TextField
        label={en.took}
        type="date"
        value={taken.date}
        onChange={(date) => change(sample.id, (draft) => void (draft.taken.date = date))}
      />
      <TextField
        label={en.by}
        most={texts.initials}
        value={taken.by}
        onChange={(by) => change(sample.id, (draft) => void (draft.taken.by = by))}
      />
      <TextField
        label={en.weather}
        most={texts.weather}
        value={taken.weather}
        placeholder={en.weatherExample}
        onChange={(weather) => change(sample.id, (draft) => void (draft.taken.weather = weather))}
      />
      <TextField
        label={en.reallyTaken}
        value={taken.cores.text}
        numeric
        placeholder={String(idsOf(sample.ticked).length || '')}
        error={fieldError(fields.cores, taken.cores)}
        onChange={(text) => change(sample.id, (draft) => void (draft.taken.cores = retyped(text, '', fields.cores)))}
      />
      <TextField
        label={en.sentOn}
        type="date"
        value={sample.sent}
        onChange={(date) => change(sample.id, (draft) => void (draft.sent = date))}
      />
      <TextField
        label={en.backOn}
        type="date"
        value={sample.back}
        onChange={(date) => change(sample.id, (draft) => void (draft.back = date))}
      />
      <TextField
        label={en.due[state]}
        type="date"
        value={due}
        error={late ? en.overdue : undefined}
        onChange={(date) => change(sample.id, (draft) => void (draft.due = date))}
      />
    </>
  )
}

/** A bad corner of one of its areas gets a bag of its own, with its cores around the spot that lies in it. */
function Corner({ sheet: { ground, sample, spots } }: { sheet: SampleSheet }) {
  const { kase } = useOpenCase()
  const { make } = useSampleEdits()
  const [name, setName] = useState('')
  const [at, setAt] = useState('0')
  if (ground.length === 0 || sample.corner || spots.length === 0) return null
  const spot = spots[Number(at)] ?? spots[0]!
  const area = kase.areas.find(({ id }) => id === spot.areaId)!
  return (
    <details className="mt-3">
      <summary className="text-ink-2 cursor-pointer py-1.5 text-[14.5px]">{en.corner}</summary>
      <div className="mt-1 flex flex-wrap items-end gap-3">
        <div className="w-64">
          <TextField
            label={en.cornerName}
            most={texts.corner}
            value={name}
            placeholder={en.cornerExample}
            onChange={setName}
          />
        </div>
        <div className="w-40">
          <SelectField
            label={en.cornerNear}
            value={at}
            options={spots.map((_, i) => ({ value: String(i), label: en.coreNumber(i + 1) }))}
            onChange={(next) => setAt(next ?? '0')}
          />
        </div>
        <Button
          disabled={name.trim() === ''}
          onClick={() => {
            void make([{ areas: [area], corner: name.trim(), cornerAt: ground.length === 1 ? spot.at : null }])
            setName('')
          }}
        >
          {en.addCorner}
        </Button>
      </div>
    </details>
  )
}
