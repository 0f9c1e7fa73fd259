'use client'

import { intlFormatDistance } from 'date-fns'
import { trashDays, type Summary } from '@/store/db'
import { Button } from '@/ui/Button'
import { en } from './messages'

/** What was thrown away, and the way back. */
export function Trash({ trashed, onPutBack }: { trashed: readonly Summary[]; onPutBack: (id: string) => void }) {
  return (
    <details className="border-rule mt-4 border-t pt-3">
      <summary className="cursor-pointer font-semibold">{en.trash(trashed.length)}</summary>
      <p className="text-ink-2 mt-1 text-sm">{en.trashWhy(trashDays)}</p>
      <ul>
        {trashed.map((one) => (
          <li key={one.id} className="flex flex-wrap items-baseline gap-3 py-1.5">
            <span className="font-serif text-lg">{one.client || en.unnamed}</span>
            <span className="text-ink-2 flex-1 text-sm">
              {one.place} · {en.thrownAway} {intlFormatDistance(new Date(one.trashedAt!), new Date())}
            </span>
            <Button onClick={() => onPutBack(one.id)}>{en.putBack}</Button>
          </li>
        ))}
      </ul>
    </details>
  )
}
