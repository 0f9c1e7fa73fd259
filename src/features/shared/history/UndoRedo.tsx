'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { Redo2, Undo2 } from 'lucide-react'
import { useEffect } from 'react'
import { nextStepsOf, redo, undo } from '@/store/cases'
import { en } from './messages'

/** Undo and redo, across reloads; also with Ctrl+Z and Ctrl+Shift+Z, in fields and out of them. */
export function UndoRedo({ caseId }: { caseId: string }) {
  const next = useLiveQuery(() => nextStepsOf(caseId).catch(() => undefined), [caseId])
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey || event.key.toLowerCase() !== 'z') return
      event.preventDefault()
      void (event.shiftKey ? redo : undo)(caseId)
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [caseId])
  const button = 'text-ink-2 enabled:hover:text-ink enabled:cursor-pointer disabled:opacity-35 p-1.5'
  return (
    <span className="flex">
      <button
        type="button"
        aria-label={en.undo}
        title={`${en.undo} (Ctrl+Z)`}
        disabled={!next?.undo}
        onClick={() => void undo(caseId)}
        className={button}
      >
        <Undo2 size={18} aria-hidden />
      </button>
      <button
        type="button"
        aria-label={en.redo}
        title={`${en.redo} (Ctrl+Shift+Z)`}
        disabled={!next?.redo}
        onClick={() => void redo(caseId)}
        className={button}
      >
        <Redo2 size={18} aria-hidden />
      </button>
    </span>
  )
}
