'use client'

import { begunKitReport, readKit } from '@/core/acts/reports'
import { useState } from 'react'
import { v4 as newId } from 'uuid'
import type { AreaInSeason } from '@/core/case/in-season'
import { betweenPatches, type Patch } from '@/core/report/kit'
import { colourKits, inLight, kitTests, lights, vialColour, type KitTest, type Light } from '@/demo/kit'
import { today } from '../../shared/today'
import { Button } from '@/ui/Button'
import { ChoiceField } from '@/ui/ChoiceField'
import { Sheet as Overlay } from '@/ui/Sheet'
import { classWords } from '@/wording/phrase'
import { useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'
import { en } from './messages'

interface Props {
  area: AreaInSeason
  onCame: (id: string) => void
  onClose: () => void
}

const patchWords = (stands: Patch): string => (typeof stands === 'number' ? String(stands) : classWords[stands]!)

/** The patches that are marked, by area. */
type Marked = Readonly<Record<string, readonly number[]>>

/**
 * A colour chart on the screen, with a vial of each area: one marks the patches that a vial lies between, and the ranges
 * go on the reports of their areas at once.
 */
export function KitSheet({ area, onCame, onClose }: Props) {
  const { kase, act } = useOpenCase()
  const guides = useGuides()
  const [test, setTest] = useState<KitTest>('pH')
  const [light, setLight] = useState<Light>('lamp')
  const [whose, setWhose] = useState<'shown' | 'own'>('shown')
  const [vials, setVials] = useState(() => newVials(kase.areas))
  const [marked, setMarked] = useState<Marked>({})
  const { areas } = kase
  const readings = areas.flatMap(({ id }) => {
    const text = markedText(test, marked[id] ?? [])
    return text ? [{ areaId: id, text }] : []
  })
  const again = () => {
    setMarked({})
    setVials(newVials(kase.areas))
  }
  const mark = (id: string, patch: number) => {
    const now = marked[id] ?? []
    const next = now.includes(patch) ? now.filter((one) => one !== patch) : [...now.slice(-1), patch]
    setMarked({ ...marked, [id]: next })
  }
  const take = () => {
    const date = today()
    const taken = readings.map((one) => ({ ...one, fresh: newId() }))
    const shown = taken.find(({ areaId }) => areaId === area.id) ?? taken[0]!
    const begun = begunKitReport(kase, shown.areaId, test, date)
    act(
      readKit(
        taken,
        test,
        { date, laboratory: en.kitName(whose === 'shown', light === 'day' ? null : en.lights[light]) },
        guides,
      ),
    )
    onCame(begun?.id ?? shown.fresh)
  }
  return (
    <Overlay title={en.kitTitle} onClose={onClose}>
      <p className="text-ink-2 mt-1">{en.kitLead}</p>
      <div className="mt-3 grid gap-4 sm:grid-cols-2">
        <ChoiceField
          label={en.kitTest}
          value={test}
          options={kitTests.map((value) => ({ value, label: en.kitTests[value] }))}
          onChange={(next) => {
            setTest(next)
            again()
          }}
        />
        <ChoiceField
          label={en.light}
          value={light}
          options={(Object.keys(lights) as Light[]).map((value) => ({ value, label: en.lights[value] }))}
          onChange={setLight}
        />
        <ChoiceField
          label={en.whoseVial}
          value={whose}
          options={(['shown', 'own'] as const).map((value) => ({ value, label: en.whose[value] }))}
          onChange={setWhose}
        />
      </div>
      {areas.map(({ id, name }) => (
        <Chart
          key={id}
          name={areas.length > 1 ? name : null}
          test={test}
          light={light}
          vial={whose === 'shown' ? (vials[id] ?? 0.5) : null}
          marked={marked[id] ?? []}
          onMark={(patch) => mark(id, patch)}
        />
      ))}
      <p className="text-ink-2 mt-2 text-[14px]">
        {whose === 'shown' ? en.kitSimulated : en.ownVial}{' '}
        {light !== 'day' && <strong className="text-clay">{en.lightNote}</strong>}
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button kind="act" disabled={readings.length === 0} onClick={take}>
          {readings.length > 1 ? en.kitTakeAll(readings.length) : en.kitTake(withUnit(test, readings[0]?.text ?? '…'))}
        </Button>
        {whose === 'shown' && <Button onClick={again}>{areas.length > 1 ? en.newVials : en.newVial}</Button>}
      </div>
    </Overlay>
  )
}

/** What lies between the patches that are marked, as it goes on the report. */
const markedText = (test: KitTest, marked: readonly number[]): string | undefined =>
  betweenPatches(
    colourKits[test].patches.map(({ stands }) => stands),
    marked,
  )

const withUnit = (test: KitTest, text: string) => (test === 'pH' ? text : `${text} ppm`)

interface ChartProps {
  /** Of the area; null where there is but one. */
  name: string | null
  test: KitTest
  light: Light
  /** Where the simulated vial stands on the chart; null where one's own is held to it. */
  vial: number | null
  marked: readonly number[]
  onMark: (patch: number) => void
}

/** The patches of the chart, and a vial beside them. */
function Chart({ name, test, light, vial, marked, onMark }: ChartProps) {
  const text = markedText(test, marked)
  return (
    <section className="mt-4" aria-label={name ?? en.kitTest}>
      <h3 className="flex flex-wrap items-baseline gap-x-3 text-[16px] font-semibold">
        {name}
        <span className="text-ink-2 min-h-6 text-[15px] font-normal" role="status">
          {text ? en.lies(withUnit(test, text)) : marked.length === 2 ? en.kitTooFar : ''}
        </span>
      </h3>
      <div className="mt-1 flex items-end gap-4">
        {vial !== null && <Vial test={test} at={vial} light={light} />}
        <div className="flex flex-1 flex-wrap gap-1.5">
          {colourKits[test].patches.map(({ stands, colour }, i) => (
            <button
              key={String(stands)}
              type="button"
              aria-label={en.patch(patchWords(stands))}
              aria-pressed={marked.includes(i)}
              onClick={() => onMark(i)}
              className={`min-w-16 flex-1 cursor-pointer rounded-[3px] border-2 p-1 ${marked.includes(i) ? 'border-ink' : 'border-rule'}`}
            >
              <svg
                width="100%"
                height={name === null ? 96 : 56}
                preserveAspectRatio="none"
                viewBox="0 0 10 10"
                aria-hidden
              >
                <rect width="10" height="10" fill={inLight(colour, light)} />
              </svg>
              <span className={`block text-center ${marked.includes(i) ? 'font-bold underline' : ''}`}>
                {patchWords(stands)}
              </span>
            </button>
          ))}
        </div>
      </div>
    </section>
  )
}

const newVials = (areas: readonly { readonly id: string }[]): Readonly<Record<string, number>> =>
  Object.fromEntries(areas.map(({ id }) => [id, Math.random()]))

/** A vial as it looks in the light that one has. */
function Vial({ test, at, light }: { test: KitTest; at: number; light: Light }) {
  return (
    <svg width="40" height="107" viewBox="0 0 56 150" role="img" aria-label={en.vial} className="shrink-0">
      <path d="M14 4h28v124a14 14 0 0 1-28 0z" fill={inLight([252, 252, 250], light)} />
      <path d="M15 38h26v90a13 13 0 0 1-26 0z" fill={inLight(vialColour(colourKits[test], at), light)} />
      <path d="M10 4h36M14 4v124a14 14 0 0 0 28 0V4" fill="none" className="stroke-ink-2" strokeWidth="2" />
    </svg>
  )
}
