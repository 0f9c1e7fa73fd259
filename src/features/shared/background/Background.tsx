'use client'

import { Suspense, useEffect, useState } from 'react'
import { Button } from '@/ui/Button'
import { late, usePartLost } from '../late/late'
import { en } from './messages'
import { News } from './News'
import { reloadWhenWritten } from './reload'

const Offline = late(() => import('./Offline').then((found) => found.Offline))
const Database = late(() => import('./Database').then((found) => found.Database))

/** Whether the page has had its time to come. */
function useRested(): boolean {
  const [rested, setRested] = useState(false)
  useEffect(() => {
    const timer = setTimeout(() => setRested(true), 1_000)
    return () => clearTimeout(timer)
  }, [])
  return rested
}

/** Above every page: a word where the database does not open. */
export function Above() {
  const rested = useRested()
  return <Suspense>{rested && <Database />}</Suspense>
}

/** What runs beside every page, and comes after it: the copy for work without network, and the backup that writes itself. */
export function Background() {
  const ready = useRested()
  useEffect(() => {
    let stop: (() => void) | undefined
    import('../contrast').then(
      ({ followContrast }) => (stop = followContrast()),
      () => undefined,
    )
    return () => stop?.()
  }, [])
  useEffect(() => {
    if (!ready) return
    let stop: (() => void) | undefined
    import('../backup/automatic').then(
      ({ keepBackedUp }) => (stop = keepBackedUp()),
      () => undefined,
    )
    return () => stop?.()
  }, [ready])
  return (
    <>
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
