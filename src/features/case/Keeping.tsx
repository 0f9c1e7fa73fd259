'use client'

import Link from 'next/link'
import { useCallback, useState } from 'react'
import { rawCase } from '@/store/raw-case'
import { Button, buttonClass } from '@/ui/Button'
import { saveFile } from '@/ui/save-file'
import { useAskOnLeaving } from '@/ui/useAskOnLeaving'
import type { Case } from '@/core/case/case'
import { isUnwritten, retry } from '@/store/cases'
import { useKeeping, useUntaken } from './useCase'
import { saveCaseFile } from './save-file'
import { en } from './messages'

/** Says that the browser refuses to keep the case, and offers it as a file. */
export function Refused({ kase }: { kase: Case }) {
  const keeping = useKeeping(kase.id)
  const unwritten = useCallback(() => isUnwritten(kase.id), [kase.id])
  useAskOnLeaving(keeping === 'saving' || keeping === 'refused' || keeping === 'outdated', unwritten)
  if (keeping !== 'refused' && keeping !== 'outdated') return null
  return (
    <div
      role="alert"
      className="border-clay bg-sheet flex flex-wrap items-center gap-3 border-b-2 px-5 py-2 print:hidden"
    >
      <p className="text-clay min-w-0 flex-1 font-semibold">{en[keeping]}</p>
      <Button kind="act" onClick={() => void saveCaseFile(kase)}>
        {en.saveFile}
      </Button>
      {keeping === 'refused' ? (
        <Button onClick={() => void retry(kase.id)}>{en.tryAgain}</Button>
      ) : (
        <Button onClick={() => window.location.reload()}>{en.again}</Button>
      )}
    </div>
  )
}

/** Says that an edit was not taken, since no file could hold it, and how far it may go. */
export function Untaken({ id }: { id: string }) {
  const untaken = useUntaken(id)
  if (!untaken) return null
  return (
    <p role="alert" className="border-clay bg-sheet text-clay border-b-2 px-5 py-2 font-semibold print:hidden">
      {en.untaken(untaken)}
    </p>
  )
}

/** A stored case that cannot be shown: it is had raw, and what can be read of it takes its place where that is wished. */
export function Damaged({ id }: { id: string }) {
  const [lost, setLost] = useState(false)
  const saveRaw = async () => saveFile(`damaged-case-${id.slice(0, 40)}.json`, new Blob([await rawCase(id)]))
  const repair = async () => {
    await saveRaw()
    const { repairCase } = await import('@/store/repair')
    setLost(!(await repairCase(id)))
  }
  return (
    <main className="mx-auto max-w-xl px-6 py-24" role="alert">
      <p className="font-serif text-lg">{en.damaged}</p>
      <div className="mt-5 flex flex-wrap items-center gap-3">
        <Button kind="act" onClick={() => void repair()}>
          {en.repair}
        </Button>
        <Button onClick={() => void saveRaw()}>{en.saveRaw}</Button>
        <Link href="/" className={buttonClass('text')}>
          {en.toDesk}
        </Link>
      </div>
      {lost && <p className="text-clay mt-3 font-semibold">{en.beyondRepair}</p>}
    </main>
  )
}

/** A database that cannot be opened says nothing of what is in it. */
export const Unreadable = () => (
  <main className="mx-auto max-w-xl px-6 py-24" role="alert">
    <p className="font-serif text-lg">{en.unreadable}</p>
    <div className="mt-5 flex flex-wrap items-center gap-3">
      <Button kind="act" onClick={() => window.location.reload()}>
        {en.again}
      </Button>
      <a href="/rescue" className={buttonClass('text')}>
        {en.rescue}
      </a>
    </div>
  </main>
)
