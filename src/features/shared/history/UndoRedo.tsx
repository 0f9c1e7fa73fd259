'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { Redo2, Undo2 } from 'lucide-react'
import { useCallback, useEffect, useState } from 'react'
import type { Case } from '@/core/case/case'
import { latestOf, nextStepsOf, redo, undo } from '@/store/cases'
import { useStepsAsked, type Step } from './asked'
import { inShort } from './in-short'
import { en } from './messages'

/**
 * Undo and redo, across reloads; also with Ctrl+Z and Ctrl+Shift+Z, in fields and out of them. What was taken back or put
 * back, and where, is said until the next change.
 */
export function UndoRedo({ kase }: { kase: Case }) {
  const caseId = kase.id
  const [told, setTold] = useState<number | null>(null)
  const next = useLiveQuery(() => nextStepsOf(caseId).catch(() => undefined), [caseId])
  const back = next?.undo
  const forth = next?.redo
  // Asked for only while something is said.
  const latest = useLiveQuery(
    () => (told === null ? undefined : latestOf(caseId).catch(() => undefined)),
    [caseId, told],
  )
  const step = useCallback(
    (which: Step) => {
      void (which === 'undo' ? undo : redo)(caseId)
        .then((went) => (went ? latestOf(caseId) : undefined))
        .then(
          (edit) => setTold(edit?.seq ?? null),
          () => setTold(null),
        )
    },
    [caseId],
  )
  useStepsAsked(step)
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey || event.key.toLowerCase() !== 'z') return
      event.preventDefault()
      step(event.shiftKey ? 'redo' : 'undo')
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [step])
  const button = 'text-ink-2 enabled:hover:text-ink enabled:cursor-pointer disabled:opacity-35 p-1.5'
  return (
    <span className="flex">
      <button
        type="button"
        aria-label={en.undo}
        title={`${en.undo} (Ctrl+Z)${back ? `: ${inShort(back, kase)}` : ''}`}
        disabled={!next?.undo}
        onClick={() => step('undo')}
        className={button}
      >
        <Undo2 size={18} aria-hidden />
      </button>
      <button
        type="button"
        aria-label={en.redo}
        title={`${en.redo} (Ctrl+Shift+Z)${forth ? `: ${inShort(forth, kase)}` : ''}`}
        disabled={!next?.redo}
        onClick={() => step('redo')}
        className={button}
      >
        <Redo2 size={18} aria-hidden />
      </button>
      {told !== null && latest?.seq === told && (
        <span
          role="status"
          className="border-brim bg-sheet fixed bottom-4 left-4 z-20 max-w-80 border-l-4 px-3 py-2 text-sm leading-snug wrap-anywhere shadow-[0_6px_18px_rgba(32,40,31,0.16)]"
        >
          {inShort(latest, kase)}
        </span>
      )}
    </span>
  )
}
