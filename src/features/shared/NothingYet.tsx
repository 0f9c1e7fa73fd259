'use client'

import type { ReactNode } from 'react'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { answerOf, useOpenCase } from '../case/context'

const en = {
  example: 'An example of what will stand here',
  go: { ground: 'Go to Ground', results: 'Go to Results', amounts: 'Go to Amounts' },
}

interface Props {
  says: string
  /** The one thing to do next, where it is no other station. */
  children?: ReactNode
}

/** A station of which nothing can be said yet: the one next thing, and an example of what will stand there. */
export function NothingYet({ says, children }: Props) {
  const { area, recommendation, go, view } = useOpenCase()
  const next = area ? (answerOf(recommendation, area.id).missing[0]?.station ?? 'amounts') : 'ground'
  return (
    <section className="mt-5">
      <p className="mb-3 max-w-[60ch] font-serif text-lg">{says}</p>
      {children ??
        (next !== view.id && (
          <Button kind="act" onClick={() => go(next)}>
            {en.go[next]}
          </Button>
        ))}
      <figure className="border-edge mt-6 max-w-[34rem] border border-dashed px-4 py-2 print:hidden">
        <figcaption className="text-ink-2 text-[13.5px]">{en.example}</figcaption>
        <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1 text-[14.5px]">
          {view.example.map(([what, how]) => (
            <div key={what} className="contents">
              <dt className="font-semibold">
                <Formula>{what}</Formula>
              </dt>
              <dd className="text-ink-2">
                <Formula>{how}</Formula>
              </dd>
            </div>
          ))}
        </dl>
      </figure>
    </section>
  )
}
