'use client'

import { useState, type ReactNode } from 'react'
import { Button } from '@/ui/Button'

const en = {
  putBack: 'Put it back',
  refused: 'The browser did not put it back. Try again.',
}

interface Gone {
  readonly said: string
  readonly back: () => unknown
}

/**
 * What was taken away is told, and can be put back with one click until something else goes or the page is left: nothing
 * has to be asked before.
 *
 * @returns what to show, and what to call once something is gone
 * @example const [putBack, gone] = usePutBack()
 *          gone('Thrown away: Henrike Aldous', () => setTrashed(id, false))
 */
export function usePutBack(): readonly [ReactNode, (said: string, back: () => unknown) => void] {
  const [last, setLast] = useState<Gone | null>(null)
  const [refused, refuse] = useState(false)
  const undo = async ({ back }: Gone) => {
    try {
      await back()
      setLast(null)
      refuse(false)
    } catch {
      refuse(true)
    }
  }
  const shown = last && (
    <p role="status" className="border-moss my-3 flex flex-wrap items-center gap-x-4 gap-y-1 border-l-4 py-1 pl-3">
      <span>{last.said}</span>
      <Button onClick={() => void undo(last)}>{en.putBack}</Button>
      {refused && <strong className="text-clay">{en.refused}</strong>}
    </p>
  )
  const gone = (said: string, back: () => unknown) => {
    refuse(false)
    setLast({ said, back })
  }
  return [shown, gone]
}
