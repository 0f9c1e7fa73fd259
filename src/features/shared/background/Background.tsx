'use client'

import { lazy, Suspense, useEffect, useState } from 'react'

const Offline = lazy(() => import('./Offline').then((found) => ({ default: found.Offline })))

/** What runs beside every page, and comes after it: the copy for work without network, and the backup that writes itself. */
export function Background() {
  const [ready, setReady] = useState(false)
  useEffect(() => {
    let stop: (() => void) | undefined
    const timer = setTimeout(() => {
      setReady(true)
      void import('../backup/automatic').then(({ keepBackedUp }) => (stop = keepBackedUp()))
    }, 1_000)
    return () => {
      clearTimeout(timer)
      stop?.()
    }
  }, [])
  return <Suspense>{ready && <Offline />}</Suspense>
}
