'use client'

import { Suspense } from 'react'
import { useOpenCase } from '../../case/context'
import { late } from '../late/late'

const WorkingsPanel = late(() => import('./WorkingsPanel').then((found) => found.WorkingsPanel))

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
