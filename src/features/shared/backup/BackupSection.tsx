'use client'

import { intlFormatDistance } from 'date-fns'
import { useLiveQuery } from 'dexie-react-hooks'
import { Suspense, useEffect, useState } from 'react'
import { backupState, usualReminder } from '@/store/backup'
import { keepSetting, setting, type Settings } from '@/store/db'
import { Button } from '@/ui/Button'
import { FilePicker } from '@/ui/FilePicker'
import { Progress } from '@/ui/Progress'
import { TextField } from '@/ui/TextField'
import { allowBackupFile, canWriteByItself, chooseBackupFile, forgetBackupFile, saveBackup, type Saved } from './make'
import { autoFault, en } from './messages'
import { useWork } from './useWork'
import { late } from '../late/late'

const RestoreSheet = late(() => import('./RestoreSheet').then((found) => found.RestoreSheet))

/** Backup, restoring, reminders, and how much room is left. */
export function BackupSection() {
  const [file, setFile] = useState<File | null>(null)
  return (
    <section className="mt-9">
      <h2 className="border-ink border-b-[1.5px] pb-2 font-serif text-[22px] leading-tight font-semibold">
        {en.title}
      </h2>
      <p className="mt-2">{en.lead}</p>
      <Making onRestore={setFile} />
      <div className="mt-5 grid gap-x-8 gap-y-6 sm:grid-cols-2">
        <Automatic />
        <div className="grid content-start gap-6">
          <Reminding />
          <Room />
        </div>
      </div>
      <Suspense>{file && <RestoreSheet file={file} onClose={() => setFile(null)} />}</Suspense>
    </section>
  )
}

function Making({ onRestore }: { onRestore: (file: File) => void }) {
  const state = useLiveQuery(() => backupState().catch(() => undefined))
  const { work, start, cancel } = useWork<Saved>()
  return (
    <>
      <p className="text-ink-2 mt-1">
        {state?.at
          ? en.last(intlFormatDistance(new Date(state.at), new Date()), state.edits)
          : state && state.edits > 0 && en.never}
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button kind="act" disabled={work.state === 'working'} onClick={() => start(saveBackup)}>
          {en.save}
        </Button>
        <FilePicker label={en.restore} accept=".zip,application/zip" onFile={onRestore} />
      </div>
      <div aria-live="polite" className="mt-2">
        {work.state === 'working' && (
          <Progress label={en.packing} share={work.share} cancel={en.cancel} onCancel={cancel} />
        )}
        {work.state === 'done' && <p>{en.saved(work.result.name)}</p>}
        {work.state === 'done' && work.result.unchecked.length > 0 && (
          <div role="alert" className="text-clay mt-1 font-semibold">
            <p>{en.unchecked}</p>
            <ul className="font-normal">
              {work.result.unchecked.map(({ client, at }, i) => (
                <li key={i}>
                  {client || en.nameless}: {at}
                </li>
              ))}
            </ul>
          </div>
        )}
        {work.state === 'failed' && <p className="text-clay font-semibold">{en.failed}</p>}
      </div>
    </>
  )
}

function Automatic() {
  const found = useLiveQuery(
    async () => ({ file: await setting('backupFile'), fault: await setting('backupFault') }),
    [],
    undefined,
  )
  const name = found?.file?.name ?? ''
  return (
    <div>
      <h3 className="font-semibold">{en.automatic}</h3>
      {!found ? null : !canWriteByItself() && !found.file ? (
        <p className="text-ink-2 mt-1">{en.unable}</p>
      ) : (
        <>
          <p className="mt-1">{name ? en.writesTo(name) : en.automaticWhy}</p>
          {found.fault && (
            <p role="alert" className="text-clay mt-1 font-semibold">
              {autoFault(found.fault, name)}
            </p>
          )}
          <div className="mt-2 flex flex-wrap gap-3">
            {found.fault === 'permission' && <Button onClick={() => void allowBackupFile()}>{en.allow}</Button>}
            <Button onClick={() => void chooseBackupFile()}>{name ? en.chooseOther : en.choose}</Button>
            {name && <Button onClick={() => void forgetBackupFile()}>{en.stop}</Button>}
          </div>
        </>
      )}
    </div>
  )
}

function Reminding() {
  const stored = useLiveQuery(async () => (await setting('reminder')) ?? usualReminder)
  return stored ? <ReminderFields stored={stored} /> : null
}

function ReminderFields({ stored }: { stored: Settings['reminder'] }) {
  const [typed, setTyped] = useState({ days: String(stored.days), edits: String(stored.edits) })
  const edit = (change: Partial<typeof typed>) => {
    const next = { ...typed, ...change }
    setTyped(next)
    const [days, edits] = [whole(next.days), whole(next.edits)]
    if (days && edits) void keepSetting('reminder', { days, edits })
  }
  const fault = (text: string) => (whole(text) ? undefined : en.wholeNumber)
  return (
    <div>
      <h3 className="font-semibold">{en.remind}</h3>
      <div className="mt-1 grid grid-cols-2 gap-4">
        <TextField
          label={en.remindDays}
          numeric
          value={typed.days}
          error={fault(typed.days)}
          onChange={(days) => edit({ days })}
        />
        <TextField
          label={en.remindEdits}
          numeric
          value={typed.edits}
          error={fault(typed.edits)}
          onChange={(edits) => edit({ edits })}
        />
      </div>
    </div>
  )
}

const whole = (text: string): number | undefined => (/^\s*[1-9]\d{0,4}\s*$/.test(text) ? Number(text) : undefined)

/** How much is used, and whether the browser promises to keep it. */
function Room() {
  const [found, setFound] = useState<{ used: number; of: number; persisted: boolean } | null>(null)
  const [refused, setRefused] = useState(false)
  useEffect(() => {
    void room().then(setFound)
  }, [])
  if (!found) return null
  const ask = async () => {
    setRefused(!(await navigator.storage.persist()))
    setFound(await room())
  }
  return (
    <div>
      <h3 className="font-semibold">{en.storage}</h3>
      <p className="mt-1">
        {en.used(bytes(found.used), bytes(found.of))} {found.persisted ? en.persisted : en.notPersisted}
      </p>
      {!found.persisted && (
        <Button className="mt-2" onClick={() => void ask()}>
          {en.persist}
        </Button>
      )}
      {refused && <p className="text-ink-2 mt-1 text-sm">{en.refusedPersist}</p>}
    </div>
  )
}

async function room() {
  if (!('storage' in navigator)) return null
  const { usage = 0, quota = 0 } = await navigator.storage.estimate()
  return { used: usage, of: quota, persisted: await navigator.storage.persisted() }
}

/** `1.2 MB`, `3 GB`. */
const bytes = (n: number): string => {
  const step =
    n >= 1e9 ? ([1e9, 'gigabyte'] as const) : n >= 1e6 ? ([1e6, 'megabyte'] as const) : ([1e3, 'kilobyte'] as const)
  return new Intl.NumberFormat('en', { style: 'unit', unit: step[1], maximumSignificantDigits: 3 }).format(n / step[0])
}
