'use client'

import { useEffect } from 'react'

export type Step = 'undo' | 'redo'

const steps = new EventTarget()

/** Takes back or puts back from elsewhere, and says so where that is always said. */
export const askStep = (step: Step): void => void steps.dispatchEvent(new CustomEvent<Step>('step', { detail: step }))

export function useStepsAsked(take: (step: Step) => void): void {
  useEffect(() => {
    const onStep = (event: Event) => take((event as CustomEvent<Step>).detail)
    steps.addEventListener('step', onStep)
    return () => steps.removeEventListener('step', onStep)
  }, [take])
}
