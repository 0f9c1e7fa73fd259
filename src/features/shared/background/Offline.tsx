'use client'

import { useEffect, useState } from 'react'
import { Workbox } from 'workbox-window'
import { Button } from '@/ui/Button'
import { en } from './messages'

/** Looks for a new version so often while a page stays open, ms. */
const hour = 3_600_000

/** Reloads once everything typed on this page is written. */
const reload = () => import('@/store/cases').then(({ allWritten }) => allWritten()).finally(() => location.reload())

type News = { kind: 'waiting'; worker: Workbox } | { kind: 'replaced' } | null

/**
 * Keeps the whole app for work without network. A new version waits until it is asked for, or until no page is open;
 * no page is ever reloaded but by a click in it.
 */
export function Offline() {
  const [news, setNews] = useState<News>(null)
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return
    const worker = new Workbox('/sw.js')
    worker.addEventListener('waiting', () => setNews({ kind: 'waiting', worker }))
    worker.addEventListener('controlling', ({ isUpdate }) => isUpdate && setNews({ kind: 'replaced' }))
    // Where the browser refuses, the app goes on with network.
    void worker.register().catch(() => undefined)
    const timer = setInterval(() => void worker.update().catch(() => undefined), hour)
    return () => clearInterval(timer)
  }, [])
  if (!news) return null
  const use = () => {
    if (news.kind === 'replaced') return void reload()
    news.worker.addEventListener('controlling', () => void reload())
    news.worker.messageSkipWaiting()
  }
  return (
    <aside
      role="status"
      className="bg-ink text-paper fixed inset-x-4 bottom-4 z-30 mx-auto flex max-w-xl flex-wrap items-center gap-4 px-4 py-3 shadow-lg print:hidden"
    >
      <p className="min-w-0 flex-1">{news.kind === 'waiting' ? en.waiting : en.replaced}</p>
      <Button className="text-ink" onClick={use}>
        {news.kind === 'waiting' ? en.use : en.reload}
      </Button>
      {news.kind === 'waiting' && (
        <Button className="text-ink" onClick={() => setNews(null)}>
          {en.later}
        </Button>
      )}
    </aside>
  )
}
