'use client'

import { usePathname } from 'next/navigation'
import { useEffect, useState } from 'react'
import { db, forgetFailure, isOutdated } from '@/store/db'
import { en } from './messages'

/** A database that has not opened after so long is spoken of, ms from when this runs. */
const patience = 1_500
/** One that did not open is tried again after so long, ms. */
const again = 5_000

type State = keyof typeof en.database

/** Pages that speak of it themselves, or do not need it. The counter speaks of a database that refuses. */
const others: ReadonlySet<string> = new Set(['/case', '/rescue'])

/** Says on every page that lives from the database that it does not open, and why; tries again until it does. */
export function Database() {
  const path = usePathname()
  const [state, setState] = useState<State | null>(() => (typeof indexedDB === 'undefined' ? 'missing' : null))
  useEffect(() => {
    if (typeof indexedDB === 'undefined') return
    let timer = setTimeout(() => setState('slow'), patience)
    let over = false
    const blocked = () => setState('blocked')
    db.on('blocked', blocked)
    const open = () =>
      db.open().then(
        () => {
          clearTimeout(timer)
          if (!over) setState(isOutdated() ? 'outdated' : null)
        },
        () => {
          clearTimeout(timer)
          if (over) return
          setState(isOutdated() ? 'outdated' : 'failed')
          timer = setTimeout(() => {
            forgetFailure()
            void open()
          }, again)
        },
      )
    void open()
    return () => {
      over = true
      db.on('blocked').unsubscribe(blocked)
      clearTimeout(timer)
    }
  }, [])
  if (!state || others.has(path) || (path === '/counter' && state !== 'slow' && state !== 'blocked')) return null
  return (
    <div role="alert" className="border-clay bg-sheet text-clay border-b-2 px-5 py-2 font-semibold print:hidden">
      {en.database[state]}{' '}
      <a href="/rescue" className="underline">
        {en.rescue}
      </a>
    </div>
  )
}
