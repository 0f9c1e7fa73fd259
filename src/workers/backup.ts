import { proxy, transfer } from 'comlink'
import type { Backup, OnProgress, OpenedBackup, PackedBackup } from '../store/backup-file'
import type { BackupWork } from './backup.worker'
import { inWorker } from './in-worker'
import { watchedWorker } from './watched-worker'

const start = () => watchedWorker(new Worker(new URL('./backup.worker.ts', import.meta.url), { type: 'module' }))

export const packInWorker = (backup: Backup, onProgress: OnProgress, signal?: AbortSignal): Promise<PackedBackup> =>
  inWorker<BackupWork, PackedBackup>(
    start(),
    async (work) => (await work.pack(backup, proxy(onProgress))) as PackedBackup,
    signal,
  )

export const openInWorker = (file: ArrayBuffer, onProgress: OnProgress, signal?: AbortSignal): Promise<OpenedBackup> =>
  inWorker<BackupWork, OpenedBackup>(
    start(),
    async (work) => await work.open(transfer(file, [file]), proxy(onProgress)),
    signal,
  )
