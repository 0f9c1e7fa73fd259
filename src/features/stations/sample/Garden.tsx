'use client'

import { idsOf, isMember } from '@/core/case/members'
import { today } from '../../shared/today'
import { Check } from 'lucide-react'
import { useState } from 'react'
import { Button } from '@/ui/Button'
import { useOpenCase } from '../../case/context'
import { en } from './messages'
import { SpotMap } from './SpotMap'
import { useSampleEdits } from './useSamples'
import type { SampleSheet } from '@/core/sampling/sheet'

/** Large and plain, for a tablet in the sun: one core after the other is ticked off. */
export function Garden({
  sheets,
  start,
  onLeave,
}: {
  sheets: readonly SampleSheet[]
  start: string
  onLeave: () => void
}) {
  const { kase } = useOpenCase()
  const { change, tick } = useSampleEdits()
  const [at, setAt] = useState(start)
  const index = Math.max(
    0,
    sheets.findIndex(({ sample }) => sample.id === at),
  )
  const sheet = sheets[index]!
  const { sample, outlines, spots, depth, ground, cores } = sheet
  const open = Array.from({ length: cores }, (_, i) => i).filter((i) => !isMember(sample.ticked, i))
  const next = open[0]
  const where = next === undefined ? undefined : kase.areas.find(({ id }) => id === spots[next]?.areaId)
  const last = idsOf(sample.ticked).map(Number).at(-1)
  const ticked = idsOf(sample.ticked).length
  const finish = () =>
    change(sample.id, (draft) => {
      draft.taken.date ||= today()
      draft.taken.by ||= kase.draftedBy
      if (draft.taken.cores.text === '') draft.taken.cores = { text: String(ticked), unit: '', value: ticked }
    })
  return (
    <div className="mt-2" data-garden>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <p className="font-serif text-[40px] leading-none font-bold">{sample.code}</p>
        <p className="text-[19px]">
          {ground.map(({ area }) => area.name).join(', ')}, <strong>{en.deep(depth.from, depth.to)}</strong>
        </p>
        <Button className="ml-auto min-h-14 px-6 text-[19px]" onClick={onLeave}>
          {en.leaveGarden}
        </Button>
      </div>
      <div className="mt-3 grid gap-4 lg:grid-cols-[1fr_300px]">
        <SpotMap
          outlines={outlines}
          spots={spots}
          done={sample.ticked}
          here={next}
          width={560}
          height={430}
          label={en.spotsLabel(sample.code)}
        />
        <div className="flex flex-col gap-3">
          {next !== undefined ? (
            <>
              <p className="text-[24px] leading-tight font-semibold">
                {en.core(next + 1, cores)}
                {where && ground.length > 1 && <span className="block text-[19px] font-normal">{where.name}</span>}
              </p>
              <button
                type="button"
                onClick={() => tick(sample.id, next, true)}
                className="bg-moss hover:bg-ink flex min-h-32 cursor-pointer items-center justify-center gap-3 rounded-[6px] text-[32px] font-bold text-white"
              >
                <Check size={40} aria-hidden /> {en.taken}
              </button>
            </>
          ) : (
            <>
              <p className="text-[24px] font-semibold">{en.allTaken}</p>
              {sample.taken.date === '' && (
                <Button kind="act" className="min-h-20 text-[21px]" onClick={finish}>
                  {en.markTaken}
                </Button>
              )}
            </>
          )}
          {last !== undefined && (
            <Button className="min-h-14 text-[17px]" onClick={() => tick(sample.id, last, false)}>
              {en.untaken(last + 1)}
            </Button>
          )}
          {sheets.length > 1 && (
            <Button
              className="min-h-14 text-[17px]"
              onClick={() => setAt(sheets[(index + 1) % sheets.length]!.sample.id)}
            >
              {en.nextSample}: {sheets[(index + 1) % sheets.length]!.sample.code}
            </Button>
          )}
        </div>
      </div>
    </div>
  )
}
