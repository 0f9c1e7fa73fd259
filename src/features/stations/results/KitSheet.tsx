'use client'

import { addReport, fillLine } from '@/core/case/acts/reports'
import { isMember, membersOf } from '@/core/case/members'
import { useState } from 'react'
import { v4 as newId } from 'uuid'
import { blankReport } from '@/core/case/blank'
import type { AreaInSeason } from '@/core/case/in-season'
import { betweenPatches, type Patch } from '@/core/report/kit'
import { colourKits, inLight, kitTests, lights, vialColour, type KitTest, type Light } from '@/demo/kit'
import { formatISO } from 'date-fns'
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

/** A colour chart on the screen: one marks the patches that the vial lies between, and the range goes on a report. */
export function KitSheet({ area, onCame, onClose }: Props) {
  const { kase, act } = useOpenCase()
  const guides = useGuides()
  const [test, setTest] = useState<KitTest>('pH')
  const [light, setLight] = useState<Light>('lamp')
  const [vial, setVial] = useState(() => Math.random())
  const [marked, setMarked] = useState<readonly number[]>([])
  const kit = colourKits[test]
  const unit = test === 'pH' ? '' : 'ppm'
  const text = betweenPatches(
    kit.patches.map(({ stands }) => stands),
    marked,
  )
  const mark = (i: number) =>
    setMarked(marked.includes(i) ? marked.filter((one) => one !== i) : [...marked.slice(-1), i])
  const take = () => {
    const date = formatISO(new Date(), { representation: 'date' })
    const today = kase.reports.find(
      (one) => one.kind === 'kit' && one.date === date && isMember(one.areas, area.id) && one[test].text === '',
    )
    const id = today?.id ?? newId()
    const blank = {
      ...blankReport(id),
      kind: 'kit' as const,
      date,
      laboratory: en.kitName,
      areas: membersOf([area.id]),
    }
    const fill = fillLine(id, test, text!)
    act(today ? fill : (kase) => fill(addReport(blank, guides)(kase)))
    onCame(id)
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
            setMarked([])
            setVial(Math.random())
          }}
        />
        <ChoiceField
          label={en.light}
          value={light}
          options={(Object.keys(lights) as Light[]).map((value) => ({ value, label: en.lights[value] }))}
          onChange={setLight}
        />
      </div>
      <div className="mt-4 flex items-end gap-5" role="group" aria-label={en.kitTest}>
        <figure className="text-center">
          <svg width="56" height="150" viewBox="0 0 56 150" role="img" aria-label={en.vial}>
            <path d="M14 4h28v124a14 14 0 0 1-28 0z" fill={inLight([252, 252, 250], light)} />
            <path d="M15 38h26v90a13 13 0 0 1-26 0z" fill={inLight(vialColour(kit, vial), light)} />
            <path d="M10 4h36M14 4v124a14 14 0 0 0 28 0V4" fill="none" className="stroke-ink-2" strokeWidth="2" />
          </svg>
        </figure>
        <div className="flex flex-1 flex-wrap gap-1.5">
          {kit.patches.map(({ stands, colour }, i) => (
            <button
              key={String(stands)}
              type="button"
              aria-label={en.patch(patchWords(stands))}
              aria-pressed={marked.includes(i)}
              onClick={() => mark(i)}
              className={`min-w-16 flex-1 cursor-pointer rounded-[3px] border-2 p-1 ${marked.includes(i) ? 'border-ink' : 'border-rule'}`}
            >
              <svg width="100%" height="96" preserveAspectRatio="none" viewBox="0 0 10 10" aria-hidden>
                <rect width="10" height="10" fill={inLight(colour, light)} />
              </svg>
              <span className={`block text-center ${marked.includes(i) ? 'font-bold underline' : ''}`}>
                {patchWords(stands)}
              </span>
            </button>
          ))}
        </div>
      </div>
      <p className="text-ink-2 mt-2 text-[14px]">
        {en.kitSimulated} {light !== 'day' && <strong className="text-clay">{en.lightNote}</strong>}
      </p>
      <p className="mt-2 min-h-6" role="status">
        {text ? en.lies(`${text} ${unit}`.trim()) : marked.length === 2 ? en.kitTooFar : ''}
      </p>
      <div className="mt-2 flex flex-wrap gap-3">
        <Button kind="act" disabled={!text} onClick={take}>
          {en.kitTake(text ? `${text} ${unit}`.trim() : '…')}
        </Button>
        <Button onClick={() => setVial(Math.random())}>{en.newVial}</Button>
      </div>
    </Overlay>
  )
}
