'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import Link from 'next/link'
import { useRouter, useSearchParams } from 'next/navigation'
import { Suspense, useEffect, useState } from 'react'
import type { Pile } from '@/store/db'
import { readPiles, removePile } from '@/store/intake'
import { Button, buttonClass } from '@/ui/Button'
import { RemoveButton } from '@/ui/RemoveButton'
import { late } from '../../shared/late/late'
import { usePutBack } from '../../shared/usePutBack'
import { FileIntake } from './FileIntake'
import { en } from './messages'

const PileView = late(() => import('./PileView').then((found) => found.PileView))

/** A laboratory's file of many samples, and the piles that came of such. */
export function IntakePage() {
  const pile = useSearchParams().get('pile')
  return (
    <main className="mx-auto max-w-5xl px-5 pb-16 sm:px-8">
      <header className="border-ink mb-4 flex items-end gap-4 border-b-[1.5px] pt-6 pb-3">
        <h1 className="flex-1 font-serif text-[27px] leading-none font-semibold">{en.title}</h1>
        {pile && (
          <Link href="/intake" className={buttonClass('quiet')}>
            {en.toPiles}
          </Link>
        )}
        <Link href="/" className={buttonClass('quiet')}>
          {en.desk}
        </Link>
      </header>
      {pile ? (
        <Suspense>
          <PileView key={pile} id={pile} />
        </Suspense>
      ) : (
        <>
          <p className="mb-3 max-w-[70ch]">{en.lead}</p>
          <FileIntake />
          <Piles />
        </>
      )}
    </main>
  )
}

/** ms after which a database that says nothing is spoken of. */
const patience = 2_500

/** What lies here; a database that does not open, or never answers, is spoken of. */
function usePiles(): readonly Pile[] | 'unread' | undefined {
  const [silent, setSilent] = useState(false)
  const piles = useLiveQuery(() => readPiles().catch(() => 'unread' as const), [])
  useEffect(() => {
    const wait = setTimeout(() => setSilent(true), patience)
    return () => clearTimeout(wait)
  }, [])
  return piles ?? (silent ? 'unread' : undefined)
}

function Piles() {
  const router = useRouter()
  const piles = usePiles()
  const [putBack, gone] = usePutBack()
  if (piles === 'unread')
    return (
      <p role="alert" className="text-clay mt-6 font-semibold">
        {en.unread}
      </p>
    )
  return (
    <section aria-label={en.piles} className="mt-8">
      <h2 className="border-ink border-b font-serif text-lg font-semibold">{en.piles}</h2>
      {putBack}
      {piles?.length === 0 && <p className="text-ink-2 py-2">{en.noPiles}</p>}
      <ul>
        {piles?.map(({ id, name, seen, caseIds }) => (
          <li key={id} className="border-rule flex items-center gap-3 border-b py-2">
            <span className="flex-1">{en.pile(name, seen.length, caseIds.length)}</span>
            <Button
              aria-label={`${en.open}: ${name}`}
              onClick={() => router.push(`/intake?pile=${encodeURIComponent(id)}`)}
            >
              {en.open}
            </Button>
            <RemoveButton
              label={`${en.remove}: ${name}. ${en.removeTold}`}
              onClick={() => void removePile(id).then((back) => gone(en.pileGone(name), back))}
            />
          </li>
        ))}
      </ul>
    </section>
  )
}
