'use client'

import { useState } from 'react'
import type { Pile } from '@/store/db'
import { Button } from '@/ui/Button'
import { Progress } from '@/ui/Progress'
import { saveFile } from '@/ui/save-file'
import { useGuides, useProducts } from '../../case/useCase'
import { useOffice } from '../../shared/office/useOffice'
import { en } from './messages'

/** What leaves the office of a whole pile: its letters as one PDF, and what they recommend as a table. */
export function PileEnd({ pile, onBack }: { pile: Pile; onBack: () => void }) {
  const [guides, products, office] = [useGuides(), useProducts(), useOffice()]
  const [told, tell] = useState<string | null>(null)
  const [work, setWork] = useState<{ share: number; stop: AbortController } | null>(null)
  const left = pile.caseIds.length - pile.seen.length
  const around = { guides, products, office }
  const pdf = async () => {
    const stop = new AbortController()
    setWork({ share: 0, stop })
    tell(null)
    try {
      const { lettersOf } = await import('./letters')
      const found = await lettersOf(pile.caseIds, around, (share) => setWork({ share, stop }), stop.signal)
      if (found === null) tell(en.noLetters)
      else {
        saveFile(en.pdfName(pile.name), found.file)
        tell(en.made(found.letters, found.drafts, found.without, found.missing))
      }
    } catch {
      if (!stop.signal.aborted) tell(en.pdfFailed)
    }
    setWork(null)
  }
  const csv = async () => {
    const { recommendedCsv } = await import('./letters')
    saveFile(en.csvName(pile.name), new Blob([await recommendedCsv(pile.caseIds, around)], { type: 'text/csv' }))
  }
  return (
    <section className="mt-4">
      <h2 className="font-serif text-[25px] font-semibold">{left > 0 ? en.notAll(left) : en.done}</h2>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <Button kind="act" disabled={work !== null} onClick={() => void pdf()}>
          {en.pdf}
        </Button>
        <Button onClick={() => void csv()}>{en.csv}</Button>
        <Button onClick={onBack}>{en.back}</Button>
      </div>
      {work && (
        <div className="mt-3 max-w-xl">
          <Progress label={en.making} share={work.share} cancel={en.stop} onCancel={() => work.stop.abort()} />
        </div>
      )}
      <p role="status" className="mt-3">
        {told}
      </p>
    </section>
  )
}
