'use client'

import { Suspense, useEffect, useState } from 'react'
import { Button } from '@/ui/Button'
import { late, usePartLost } from '@/ui/late'
import { en } from './messages'
import { News } from './News'
import { reloadWhenWritten } from './reload'

const Offline = late(() => import('./Offline').then((found) => found.Offline))
const Database = late(() => import('./Database').then((found) => found.Database))

/**
 * What runs beside every page, and comes after it: the copy for work without network, the backup that writes itself, and
 * a word where the database does not open.
 */
export function Background() {
  const [ready, setReady] = useState(false)
  useEffect(() => {
    let stop: (() => void) | undefined
    const timer = setTimeout(() => {
      setReady(true)
      import('../backup/automatic').then(
        ({ keepBackedUp }) => (stop = keepBackedUp()),
        () => undefined,
      )
    }, 1_000)
    return () => {
      clearTimeout(timer)
      stop?.()
    }
  }, [])
  return (
    <>
      <Suspense>{ready && <Database />}</Suspense>
      <Suspense>{ready && <Offline />}</Suspense>
      <LostPart />
    </>
  )
}

/** A part of this page did not come: of a version that is no longer served, or the network is away. */
function LostPart() {
  const lost = usePartLost()
  const [reached, setReached] = useState<boolean | null>(null)
  useEffect(() => {
    if (!lost) return
    const look = () =>
      fetch('/manifest.webmanifest', { cache: 'no-store', method: 'HEAD' }).then(
        ({ ok }) => setReached(ok),
        () => setReached(false),
      )
    void look()
    window.addEventListener('online', look)
    return () => window.removeEventListener('online', look)
  }, [lost])
  if (!lost || reached === null) return null
  return (
    <News sentence={reached ? en.lost : en.lostOffline}>
      <Button className="text-ink" onClick={() => void reloadWhenWritten()}>
        {en.reload}
      </Button>
    </News>
  )
}
