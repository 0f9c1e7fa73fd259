'use client'

import { intlFormatDistance } from 'date-fns'
import { useLiveQuery } from 'dexie-react-hooks'
import Link from 'next/link'
import { backupState } from '@/store/backup'
import { setting } from '@/store/db'
import { Button, buttonClass } from '@/ui/Button'
import { Progress } from '@/ui/Progress'
import { allowBackupFile, saveBackup, type Saved } from './make'
import { autoFault, en } from './messages'
import { useWork } from './useWork'

/** Says on the Desk that a backup is due, or that the one that writes itself cannot. */
export function Reminder() {
  const found = useLiveQuery(() =>
    Promise.all([backupState(), setting('backupFile'), setting('backupFault')]).catch(() => undefined),
  )
  const { work, start, cancel } = useWork<Saved>()
  if (!found) return null
  const [state, file, fault] = found
  if (work.state === 'working')
    return (
      <div className="mt-3 max-w-xl">
        <Progress label={en.packing} share={work.share} cancel={en.cancel} onCancel={cancel} />
      </div>
    )
  if (!(file && fault) && !state.due) return null
  const when = state.at && intlFormatDistance(new Date(state.at), new Date())
  return (
    <aside className="border-edge bg-sheet mt-4 flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 py-2 pr-3 pl-3">
      <p className="min-w-60 flex-1">
        {file && fault ? autoFault(fault, file.name) : en.due(state.edits, when)}
        {work.state === 'done' && work.result.unchecked.length > 0 && (
          <span className="text-clay block font-semibold">{en.unchecked}</span>
        )}
        {work.state === 'failed' && <span className="text-clay block font-semibold">{en.failed}</span>}
      </p>
      {file && fault === 'permission' ? (
        <Button onClick={() => void allowBackupFile()}>{en.allow}</Button>
      ) : (
        <Button onClick={() => start(saveBackup)}>{en.save}</Button>
      )}
      <Link href="/office" className={buttonClass('text')}>
        {en.toOffice}
      </Link>
    </aside>
  )
}
