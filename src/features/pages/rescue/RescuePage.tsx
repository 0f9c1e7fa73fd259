'use client'

import { useState } from 'react'
import { Button } from '@/ui/Button'
import { everythingStored, type Stored } from './everything'

/** Rests on nothing but the browser: no engine, no guides, no library that opens the database. */
export function RescuePage() {
  const [found, setFound] = useState<Stored | 'reading' | 'failed' | null>(null)
  const read = () => {
    setFound('reading')
    everythingStored().then(setFound, () => setFound('failed'))
  }
  return (
    <main className="mx-auto max-w-xl px-6 py-16">
      <h1 className="font-serif text-2xl font-semibold">Get everything out</h1>
      <p className="mt-3">
        Saves all that this browser holds of Agrologos as one file, just as it lies there, whether it can be read or
        not: cases, their histories, the office, guides, pictures. Nothing is changed. A backup is better wherever one
        can be made; this is for when it cannot.
      </p>
      <Button kind="act" className="mt-5" onClick={read} disabled={found === 'reading'}>
        {found === 'reading' ? 'Reading…' : 'Save everything as it is'}
      </Button>
      <div aria-live="polite" className="mt-4">
        {found === 'failed' && (
          <p className="text-clay font-semibold">
            The browser does not open its database just now. Close all other tabs of Agrologos and try again; if it goes
            on, restart the browser.
          </p>
        )}
        {found !== null && typeof found === 'object' && (
          <ul>
            {found.counts.map(([table, rows]) => (
              <li key={table}>
                {table}: {rows.toLocaleString('en')}
              </li>
            ))}
          </ul>
        )}
      </div>
    </main>
  )
}
