'use client'

import { useMemo, useRef, useState } from 'react'
import type { MixProblem } from '@/core/mix/problem'
import type { Solution } from '@/core/mix/solve'
import type { Aim } from '@/core/case/applications'
import { solveInWorker } from '@/workers/mix'

/** Mixes as they are found, and what they were found for. */
export interface Finding {
  readonly state: 'idle' | 'working' | 'done' | 'cancelled' | 'failed'
  readonly problem: string
  readonly asked: readonly Aim[]
  readonly found: readonly { readonly aim: Aim; readonly solution: Solution | null }[]
}

const idle: Finding = { state: 'idle', problem: '', asked: [], found: [] }

/** Solves off the page; a second start ends the first. */
export function useMix() {
  const [finding, setFinding] = useState<Finding>(idle)
  const control = useRef<AbortController | null>(null)
  return useMemo(() => {
    const start = (problem: MixProblem, asked: readonly Aim[]) => {
      control.current?.abort()
      const own = new AbortController()
      control.current = own
      const tell = (change: (before: Finding) => Partial<Finding>) =>
        control.current === own && setFinding((before) => ({ ...before, ...change(before) }))
      tell(() => ({ state: 'working', problem: JSON.stringify(problem), asked, found: [] }))
      solveInWorker(
        problem,
        asked,
        (aim, solution) => tell(({ found }) => ({ found: [...found, { aim, solution }] })),
        own.signal,
      ).then(
        () => tell(() => ({ state: 'done' })),
        () => tell(() => ({ state: own.signal.aborted ? 'cancelled' : 'failed' })),
      )
    }
    return { finding, start, cancel: () => control.current?.abort(), forget: () => setFinding(idle) }
  }, [finding])
}
