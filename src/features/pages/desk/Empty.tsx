'use client'

import Link from 'next/link'
import type { ReactNode } from 'react'
import { Button, buttonClass } from '@/ui/Button'
import { en } from './messages'

interface Props {
  start: () => void
  loadSamples: () => void
  openFile: ReactNode
  refused: boolean
}

/** A Desk with nothing on it: what to do next. */
export function Empty({ start, loadSamples, openFile, refused }: Props) {
  return (
    <section className="py-8">
      <h2 className="font-serif text-2xl font-semibold">{en.empty}</h2>
      <p className="mt-1">{en.emptyLead}</p>
      <dl className="mt-6 grid max-w-2xl grid-cols-[auto_1fr] items-center gap-x-6 gap-y-4">
        <dt>
          <Link href="/counter" className={`${buttonClass('act')} block text-center`}>
            {en.counter}
          </Link>
        </dt>
        <dd>{en.counterWhy}</dd>
        <dt>
          <Button className="w-full" onClick={start}>
            {en.start}
          </Button>
        </dt>
        <dd>{en.startWhy}</dd>
        {!refused && (
          <>
            <dt>
              <Button className="w-full" onClick={loadSamples}>
                {en.samples}
              </Button>
            </dt>
            <dd>{en.samplesWhy}</dd>
            <dt>{openFile}</dt>
            <dd>{en.openWhy}</dd>
          </>
        )}
      </dl>
    </section>
  )
}
