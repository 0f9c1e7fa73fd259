'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { db, keepSetting, setting } from '@/store/db'
import { initialsOf } from '@/store/office'
import { en } from './messages'
import { useOffice } from './useOffice'

/** Who works here now, from the office's list; signs every change. */
export function Signer() {
  const office = useOffice()
  const signer = useLiveQuery(() => setting('signer').catch(() => undefined)) ?? ''
  const people = office ? initialsOf(office) : []
  if (people.length === 0) return null
  const all = signer && !people.includes(signer) ? [signer, ...people] : people
  return (
    <label className="text-ink-2 hidden items-center gap-1.5 text-sm sm:flex">
      <span className="hidden lg:inline">{en.signer}</span>
      <select
        value={signer}
        aria-label={en.signer}
        title={en.signerWhy}
        onChange={(event) => {
          const by = event.target.value
          void (by ? keepSetting('signer', by) : db.settings.delete('signer')).catch(() => undefined)
        }}
        className="border-edge bg-sheet text-ink min-h-8 rounded-[3px] border px-1"
      >
        <option value="">–</option>
        {all.map((one) => (
          <option key={one}>{one}</option>
        ))}
      </select>
    </label>
  )
}
