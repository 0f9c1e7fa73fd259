'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { useState } from 'react'
import type { Case } from '@/core/case/case'
import { settle } from '@/store/cases'
import { db } from '@/store/db'
import { valueAt } from '@/core/case/changes'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { nameField, shown } from '../history/describe'
import { momentWords } from '../today'
import { en } from './messages'

/** Fields that two people changed differently: both values, until one is chosen. */
export function Conflicts({ kase }: { kase: Case }) {
  const conflicts = useLiveQuery(
    () =>
      db.conflicts
        .where('caseId')
        .equals(kase.id)
        .toArray()
        .catch(() => []),
    [kase.id],
  )
  const [refused, setRefused] = useState(false)
  const choose = (id: number, choice: 'other' | 'standing') =>
    void settle(id, choice).then(
      () => setRefused(false),
      () => setRefused(true),
    )
  // Of an area that is gone there is nothing to decide, until it is put back.
  const open = conflicts?.filter(({ path }) => path.length < 3 || valueAt(kase, path.slice(0, 2)) !== undefined)
  if (!open?.length) return null
  const fields = [...new Map(open.map((one) => [one.path.join('/'), one.path]))]
  return (
    <section
      aria-label={en.conflicts(fields.length)}
      className="border-clay bg-sheet border-b-2 px-5 py-2.5 print:hidden"
    >
      <h2 className="text-clay font-semibold">{en.conflicts(fields.length)}</h2>
      <ul className="max-h-[40vh] max-w-[900px] overflow-y-auto">
        {fields.map(([key, path]) => {
          const others = open.filter((one) => one.path.join('/') === key)
          return (
            <li
              key={key}
              className="border-rule grid grid-cols-[1fr_1fr] items-center gap-x-5 gap-y-1 border-t py-2 first:border-t-0 sm:grid-cols-[13rem_1fr_1fr]"
            >
              <p className="col-span-full font-semibold sm:col-span-1">
                <Formula>{nameField(path, kase)}</Formula>
              </p>
              <Value
                kase={kase}
                value={valueAt(kase, path)}
                note={en.standsNow}
                act={en.keep}
                onChoose={() => choose(others[0]!.id, 'standing')}
              />
              <div className="grid gap-1">
                {others.map((one) => (
                  <Value
                    key={one.id}
                    kase={kase}
                    value={one.other}
                    note={en.from(one.by, momentWords(one.at))}
                    act={en.take}
                    onChoose={() => choose(one.id, 'other')}
                  />
                ))}
              </div>
            </li>
          )
        })}
      </ul>
      {refused && <p role="alert">{en.choiceRefused}</p>}
    </section>
  )
}

interface ValueProps {
  kase: Case
  value: unknown
  note: string
  act: string
  onChoose: () => void
}

function Value({ kase, value, note, act, onChoose }: ValueProps) {
  const text = value === undefined ? en.gone : shown(value, kase)
  return (
    <div className="flex min-w-0 items-center gap-2">
      <Button aria-label={`${act}: ${text}`} onClick={onChoose}>
        {act}
      </Button>
      <p className="min-w-0 flex-1 leading-snug wrap-anywhere">
        <Formula>{text}</Formula>
        <span className="text-ink-2 block text-[13px]">{note}</span>
      </p>
    </div>
  )
}
