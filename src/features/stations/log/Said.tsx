'use client'

import type { Paper } from '@/paper/paper'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { useOpenCase } from '../../case/context'
import { useKept } from '../../shared/letters/useKept'
import { en } from './messages'

/** What the letters that were handed out asked for, the latest first, each as it was. */
export function Said() {
  const { go } = useOpenCase()
  const given = useKept().flatMap(({ given: { id, handed }, paper }) => (handed && paper ? [{ id, paper }] : []))
  const [latest, ...earlier] = given.reverse()
  if (!latest) return null
  return (
    <section aria-label={en.said} className="mt-6 print:break-inside-avoid">
      <h2 className="border-ink border-b font-serif text-lg font-semibold">{en.said}</h2>
      <Asked paper={latest.paper} />
      {earlier.length > 0 && (
        <details className="mt-1 print:hidden">
          <summary className="text-moss cursor-pointer font-semibold">{en.earlier(earlier.length)}</summary>
          {earlier.map(({ id, paper }) => (
            <Asked key={id} paper={paper} />
          ))}
        </details>
      )}
      <Button kind="text" className="mt-1 print:hidden" onClick={() => go('letter')}>
        {en.toLetters}
      </Button>
    </section>
  )
}

function Asked({ paper: { letter, language } }: { paper: Paper }) {
  const rows = letter.steps.flatMap(({ rows: ofDay }) => ofDay)
  return (
    <div className="border-rule border-b py-1.5" lang={language}>
      <strong>{letter.date}</strong>
      <ul>
        {rows.length === 0 && <li>{letter.areas[0]?.instead}</li>}
        {rows.map(({ area, what, amount, when }, i) => (
          <li key={i}>
            <Formula>{`${[area, what].filter(Boolean).join(', ')}: ${amount}; ${when}`}</Formula>
          </li>
        ))}
      </ul>
    </div>
  )
}
