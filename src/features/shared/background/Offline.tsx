'use client'

import { useEffect, useState } from 'react'
import { Workbox } from 'workbox-window'
import { Button } from '@/ui/Button'
import { en } from './messages'
import { News } from './News'
import { reloadWhenWritten } from './reload'

/** Looks for a new version so often while a page stays open, ms. */
const hour = 3_600_000
type Found =
  | { readonly kind: 'waiting'; readonly worker: Workbox }
  | { readonly kind: 'replaced' }
  | { readonly kind: 'none'; readonly why: 'insecure' | 'unable' | 'refused' }

/** Why there can be no copy for work without network in this browser, before it is asked. */
function withoutOffline(): 'insecure' | 'unable' | undefined {
  if (!window.isSecureContext) return 'insecure'
  return 'serviceWorker' in navigator ? undefined : 'unable'
}

/**
 * Keeps the whole app for work without network, or says that this browser will not. A new version waits until it is asked
 * for, or until no page is open; no page is ever reloaded but by a click in it.
 */
export function Offline() {
  const [found, setFound] = useState<Found | null>(null)
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production') return
    const none = (why: 'insecure' | 'unable' | 'refused') => setFound({ kind: 'none', why })
    const why = withoutOffline()
    if (why) return none(why)
    const worker = new Workbox('/sw.js')
    worker.addEventListener('waiting', () => setFound({ kind: 'waiting', worker }))
    worker.addEventListener('controlling', ({ isUpdate }) => isUpdate && setFound({ kind: 'replaced' }))
    // A version that began to install before this page asked is announced to nobody.
    const announce = (registration: ServiceWorkerRegistration | undefined) => {
      const arriving = navigator.serviceWorker.controller && registration?.installing
      arriving?.addEventListener(
        'statechange',
        () => arriving.state === 'installed' && setFound({ kind: 'waiting', worker }),
      )
    }
    // Without network a copy that is there already stays in use.
    worker.register().then(announce, () => navigator.serviceWorker.controller ?? none('refused'))
    const timer = setInterval(() => void worker.update().catch(() => undefined), hour)
    return () => clearInterval(timer)
  }, [])
  if (!found) return null
  if (found.kind === 'none')
    return (
      <footer className="text-ink-2 mx-auto max-w-5xl px-5 py-3 text-sm print:hidden">
        {en.withoutOffline[found.why]}
      </footer>
    )
  if (found.kind === 'replaced')
    return (
      <News sentence={en.replaced}>
        <Button className="text-ink" onClick={() => void reloadWhenWritten()}>
          {en.reload}
        </Button>
      </News>
    )
  const use = () => {
    found.worker.addEventListener('controlling', () => void reloadWhenWritten())
    found.worker.messageSkipWaiting()
  }
  return (
    <News sentence={en.waiting}>
      <Button className="text-ink" onClick={use}>
        {en.use}
      </Button>
      <Button className="text-ink" onClick={() => setFound(null)}>
        {en.later}
      </Button>
    </News>
  )
}
