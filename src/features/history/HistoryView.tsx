'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { format } from 'date-fns'
import { goBackTo, logOf } from '@/store/cases'
import type { Edit } from '@/store/history'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { useOpenCase } from '../case/context'
import { describe } from './describe'
import { en } from './messages'

/** Who changed what and when, and the way back to any point. */
export function HistoryView() {
  const { kase } = useOpenCase()
  const log = useLiveQuery(() => logOf(kase.id), [kase.id])
  if (!log) return null
  if (log.length === 0) return <p className="font-serif text-lg">{en.none}</p>
  const newest = [...log].reverse()
  return (
    <>
      <p className="text-ink-2 mb-3">{en.lead}</p>
      <ol>
        {newest.map((edit, i) => (
          <Line key={edit.seq} edit={edit} current={i === 0} />
        ))}
        <li className="border-rule flex items-baseline gap-4 border-t py-2.5">
          <span className="flex-1">{en.start}</span>
          <Button onClick={() => void goBackTo(kase.id, 0)}>{en.backHere}</Button>
        </li>
      </ol>
    </>
  )
}

function Line({ edit, current }: { edit: Edit; current: boolean }) {
  const { kase } = useOpenCase()
  return (
    <li className="border-rule grid grid-cols-[auto_1fr_auto] items-baseline gap-4 border-t py-2.5">
      <span className="text-ink-2 text-sm">
        {format(new Date(edit.at), 'd MMM yyyy, HH:mm')}
        <br />
        {edit.by || en.unsigned}
      </span>
      <ul className="min-w-0">
        {describe(edit, kase).map((one) => (
          <li key={one} className="wrap-anywhere">
            <Formula>{one}</Formula>
          </li>
        ))}
      </ul>
      {current ? (
        <span className="text-ink-2 text-sm">{en.now}</span>
      ) : (
        <Button onClick={() => void goBackTo(kase.id, edit.seq)}>{en.backHere}</Button>
      )}
    </li>
  )
}
