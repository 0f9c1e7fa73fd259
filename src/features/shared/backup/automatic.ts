'use client'

import { liveQuery } from 'dexie'
import { backupState } from '@/store/backup'
import { setting } from '@/store/db'
import { writeBackup } from './make'

/** Without a change for so long, the backup is written, ms. */
const quiet = 5_000

/** Writes a backup to the chosen file whenever work has paused. Returns how to stop. */
export function keepBackedUp(): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined
  const subscription = liveQuery(async () =>
    (await setting('backupFile')) ? (await backupState()).edits : 0,
  ).subscribe({
    next: (edits) => {
      clearTimeout(timer)
      if (edits > 0) timer = setTimeout(() => void writeBackup(), quiet)
    },
    error: () => undefined,
  })
  return () => {
    clearTimeout(timer)
    subscription.unsubscribe()
  }
}
