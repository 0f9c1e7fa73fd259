'use client'

import Link from 'next/link'
import { useSearchParams } from 'next/navigation'
import { useEffect, useRef } from 'react'
import { Button, buttonClass } from '@/ui/Button'
import { stations } from './stations'
import { en } from '../../shared/way/messages'

/** A client’s case from the paper to the letter, a stop at each station that decides. */
const steps = stations.filter(({ tour }) => tour !== null)

const to = (n: number | null) => {
  const asked = new URLSearchParams(window.location.search)
  if (n === null) asked.delete('way')
  else {
    asked.set('way', String(n))
    asked.set('station', steps[n - 1]!.id)
  }
  window.history.pushState(null, '', `/case?${asked}`)
  window.scrollTo(0, 0)
}

/** One step of the way: what this station is for, and the next. Going anywhere else leaves it. */
export function Way() {
  const n = Number(useSearchParams().get('way'))
  const note = useRef<HTMLElement>(null)
  const step = Number.isInteger(n) ? steps[n - 1] : undefined
  useEffect(() => note.current?.focus(), [n])
  if (!step) return null
  const next = steps[n]
  return (
    <aside
      ref={note}
      tabIndex={-1}
      aria-label={en.title(n, steps.length)}
      className="border-moss bg-sheet sticky bottom-0 z-10 border-t-4 px-5 py-3 shadow-[0_-6px_18px_rgba(32,40,31,0.16)] sm:px-8 print:hidden"
    >
      <div className="flex max-w-[1100px] flex-wrap items-center gap-x-6 gap-y-2">
        <div className="min-w-64 flex-1">
          <p className="text-ink-2 text-[13.5px]">{en.title(n, steps.length)}</p>
          <p className="font-serif text-[17px] leading-snug">
            <strong>{step.label}.</strong> {step.tour}
          </p>
        </div>
        <div className="flex flex-wrap items-center gap-3">
          {n > 1 && <Button onClick={() => to(n - 1)}>{en.back}</Button>}
          {next ? (
            <Button kind="act" onClick={() => to(n + 1)}>
              {en.next(next.label)}
            </Button>
          ) : (
            <Link href="/" className={buttonClass('act')}>
              {en.end}
            </Link>
          )}
          {next && (
            <Button kind="text" onClick={() => to(null)}>
              {en.leave}
            </Button>
          )}
        </div>
      </div>
    </aside>
  )
}
