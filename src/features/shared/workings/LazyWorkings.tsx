'use client'

import { lazy, Suspense } from 'react'
import { useOpenCase } from '../../case/context'

const WorkingsPanel = lazy(() => import('./WorkingsPanel').then((found) => ({ default: found.WorkingsPanel })))

/** The workings panel, loaded with the first number that is opened. */
export function LazyWorkings() {
  const { explained } = useOpenCase()
  if (explained === null) return null
  return (
    <Suspense>
      <WorkingsPanel />
    </Suspense>
  )
}
