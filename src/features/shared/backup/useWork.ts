'use client'

import { useRef, useState } from 'react'
import type { OnProgress } from '@/store/backup-file'

export type Work<Result> =
  | { readonly state: 'idle' | 'cancelled' }
  | { readonly state: 'working'; readonly share: number }
  | { readonly state: 'done'; readonly result: Result }
  | { readonly state: 'failed' }

/** A piece of work that takes a while: how far it is, and how to cancel it. */
export function useWork<Result>() {
  const [work, setWork] = useState<Work<Result>>({ state: 'idle' })
  const control = useRef<AbortController | null>(null)
  const start = (run: (onProgress: OnProgress, signal: AbortSignal) => Promise<Result>) => {
    const own = new AbortController()
    control.current = own
    setWork({ state: 'working', share: 0 })
    void run((share) => !own.signal.aborted && setWork({ state: 'working', share }), own.signal).then(
      (result) => setWork({ state: 'done', result }),
      () => setWork({ state: own.signal.aborted ? 'cancelled' : 'failed' }),
    )
  }
  return { work, start, cancel: () => control.current?.abort() }
}
