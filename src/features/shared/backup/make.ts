'use client'

import { backupFileName, collectBackup, markBackedUp } from '@/store/backup'
import type { Office } from '@/core/office'
import type { OnProgress, PackedBackup } from '@/store/backup-file'
import { db, keepSetting, setting } from '@/store/db'
import { packInWorker } from '@/workers/backup'
import { saveFile } from '@/ui/save-file'
import { en } from './messages'

async function made(onProgress: OnProgress, signal?: AbortSignal, office?: Office) {
  const { backup, seq } = await collectBackup()
  const { file, unchecked } = await packInWorker({ ...backup, office: office ?? backup.office }, onProgress, signal)
  return { blob: new Blob([file], { type: 'application/zip' }), madeAt: backup.madeAt, seq, unchecked }
}

/** A backup that was saved, and what in it could not be read back. */
export interface Saved extends Pick<PackedBackup, 'unchecked'> {
  readonly name: string
}

/** Hands a backup to the browser as a file to save. */
export async function saveBackup(onProgress: OnProgress, signal: AbortSignal): Promise<Saved> {
  const { blob, madeAt, seq, unchecked } = await made(onProgress, signal)
  const name = backupFileName(madeAt)
  saveFile(name, blob)
  await markBackedUp(madeAt, seq)
  return { name, unchecked }
}

/** A backup with the office as it is typed, where the browser refuses to keep it. */
export async function saveWithOffice(office: Office): Promise<void> {
  const { blob, madeAt } = await made(() => undefined, undefined, office)
  saveFile(backupFileName(madeAt), blob)
}

/** What a browser that writes files by itself adds to the standard types. */
interface Writable extends FileSystemFileHandle {
  queryPermission?(how: { mode: 'readwrite' }): Promise<PermissionState>
  requestPermission?(how: { mode: 'readwrite' }): Promise<PermissionState>
}
interface Picker {
  showSaveFilePicker?(options: object): Promise<FileSystemFileHandle>
}

export const canWriteByItself = (): boolean => 'showSaveFilePicker' in window

/** Lets the person choose the file that backups are written to by themselves. False where she chose none. */
export async function chooseBackupFile(): Promise<boolean> {
  try {
    const handle = await (window as Picker).showSaveFilePicker!({
      suggestedName: en.fileName,
      types: [{ description: en.fileKind, accept: { 'application/zip': ['.zip'] } }],
    })
    await keepSetting('backupFile', handle)
    await writeBackup()
    return true
  } catch {
    return false
  }
}

export const forgetBackupFile = (): Promise<void> => db.settings.bulkDelete(['backupFile', 'backupFault'])

/** Asks for the permission to write again; browsers want to see a click for it. */
export async function allowBackupFile(): Promise<void> {
  const handle: Writable | undefined = await setting('backupFile')
  if ((await handle?.requestPermission?.({ mode: 'readwrite' })) === 'granted') await writeBackup()
}

/**
 * Writes the whole backup to the chosen file, in one tab at a time. The old one stays until the new one is whole. What
 * went wrong is kept, to be shown on Desk and Office.
 */
export async function writeBackup(): Promise<void> {
  const handle: Writable | undefined = await setting('backupFile')
  if (!handle) return
  await inOneTab(async () => {
    try {
      if ((await handle.queryPermission?.({ mode: 'readwrite' })) === 'prompt')
        return void (await keepSetting('backupFault', 'permission'))
      const { blob, madeAt, seq, unchecked } = await made(() => undefined)
      const stream = await handle.createWritable()
      await stream.write(blob)
      await stream.close()
      await markBackedUp(madeAt, seq)
      await (unchecked.length > 0 ? keepSetting('backupFault', 'unchecked') : db.settings.delete('backupFault'))
    } catch {
      await keepSetting('backupFault', 'failed').catch(() => undefined)
    }
  })
}

const inOneTab = (run: () => Promise<void>): Promise<void> =>
  'locks' in navigator
    ? navigator.locks.request('agrologos-backup', { ifAvailable: true }, (lock) => (lock ? run() : undefined))
    : run()
