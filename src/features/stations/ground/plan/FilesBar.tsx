'use client'

import { withParts } from '@/core/case/in-season'
import { useEffect, useRef, useState } from 'react'
import { flushSync } from 'react-dom'
import { v4 as newId } from 'uuid'
import { blankArea } from '@/core/case/blank'
import { addAreas } from '@/core/acts/areas'
import type { Mend, PlanFault } from '@/schemas/geojson'
import { caseFileName } from '@/store/case-file'
import { blankOffice } from '@/core/office'
import { Button } from '@/ui/Button'
import { FilePicker } from '@/ui/FilePicker'
import { useOpenCase } from '../../../case/context'
import { useOffice } from '../../../shared/office/useOffice'
import { saveFile } from '@/ui/save-file'
import { en as groundWords } from '../messages'
import { en } from './messages'
import { PlanDrawing } from './PlanDrawing'
import { pngOf } from './png'

type Told =
  { readonly fault: PlanFault; readonly mend?: Mend; readonly text: string } | { readonly added: number } | null

/** The plan as a file, a picture or a sheet of paper, and plans from elsewhere. */
export function FilesBar() {
  const { kase, act } = useOpenCase()
  const office = useOffice() ?? blankOffice
  const drawing = useRef<HTMLDivElement>(null)
  const [told, tell] = useState<Told>(null)
  // Drawn only for paper and pictures: of hundreds of areas it would be redrawn at every stroke.
  const [drawn, setDrawn] = useState(false)
  useEffect(() => {
    const draw = () => flushSync(() => setDrawn(true))
    const leave = () => setDrawn(false)
    window.addEventListener('beforeprint', draw)
    window.addEventListener('afterprint', leave)
    return () => {
      window.removeEventListener('beforeprint', draw)
      window.removeEventListener('afterprint', leave)
    }
  }, [])
  const name = (ending: string) => caseFileName(kase).replace(/\.json$/, `-plan.${ending}`)

  const take = async (text: string, mend?: Mend) => {
    const { openPlan } = await import('@/schemas/geojson')
    const opened = openPlan(text, mend)
    if (!opened.ok) return tell({ fault: opened.why, mend: opened.mend, text })
    const areas = opened.areas.map(({ name: called, shapes }, i) =>
      withParts(blankArea(newId(), called || groundWords.newArea(kase.areas.length + i + 1)), kase.season, {
        guide: office.guide,
        feeding: office.feeding,
        shapes: shapes.map((shape) => ({ ...shape, id: newId() })),
      }),
    )
    act(addAreas(areas))
    tell({ added: opened.areas.length })
  }
  const load = async (file: File) =>
    file.size > 8_000_000 ? tell({ fault: 'too-large', text: '' }) : take(await file.text())
  const saveGeoJson = async () => {
    const { planGeoJson } = await import('@/schemas/geojson')
    saveFile(name('geojson'), new Blob([JSON.stringify(planGeoJson(kase), null, 2)], { type: 'application/geo+json' }))
  }
  const savePng = async () => {
    flushSync(() => setDrawn(true))
    const svg = drawing.current?.querySelector('svg')
    if (svg) saveFile(name('png'), await pngOf(svg))
    setDrawn(false)
  }
  return (
    <section className="mt-5 print:mt-0" aria-label={en.files}>
      <h2 className="font-semibold print:hidden">{en.files}</h2>
      <div className="mt-1 flex flex-wrap gap-2 print:hidden">
        <Button onClick={() => void saveGeoJson()}>{en.geojsonOut}</Button>
        <Button onClick={() => void savePng()}>{en.png}</Button>
        <Button onClick={() => window.print()}>{en.print}</Button>
        <FilePicker
          label={en.geojsonIn}
          accept=".geojson,.json,application/geo+json"
          onFile={(file) => void load(file)}
        />
      </div>
      {told && 'added' in told && <p role="status">{en.loaded(told.added)}</p>}
      {told && 'fault' in told && (
        <p role="alert" className="text-clay mt-1 text-[14.5px] font-semibold">
          {en.geojsonFaults[told.fault]}{' '}
          {told.mend && (
            <Button kind="text" onClick={() => void take(told.text, told.mend)}>
              {en.mend[told.fault]}
            </Button>
          )}
        </p>
      )}
      <div ref={drawing} className="sr-only print:not-sr-only" data-drawing>
        {drawn && (
          <PlanDrawing
            areas={kase.areas}
            north={kase.plan.north}
            measures={kase.measures}
            width={7}
            height={8.6}
            label={en.title}
          />
        )}
      </div>
    </section>
  )
}
