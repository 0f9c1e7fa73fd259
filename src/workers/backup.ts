import { proxy, transfer, wrap } from 'comlink'
import type { Backup, OnProgress, OpenedBackup } from '../store/backup-file'
import type { BackupWork } from './backup.worker'

/** Runs one piece of work in a worker of its own; cancelling ends the worker. */
async function inWorker<Result>(
  run: (work: ReturnType<typeof wrap<BackupWork>>) => Promise<Result>,
  signal?: AbortSignal,
) {
  const worker = new Worker(new URL('./backup.worker.ts', import.meta.url), { type: 'module' })
  try {
    return await Promise.race([
      run(wrap<BackupWork>(worker)),
      new Promise<never>((_, reject) => {
        const stop = () => reject(new DOMException('cancelled', 'AbortError'))
        if (signal?.aborted) stop()
        signal?.addEventListener('abort', stop)
        worker.addEventListener('error', (event) => reject(new Error(event.message)))
      }),
    ])
  } finally {
    worker.terminate()
  }
}

export const packInWorker = (
  backup: Backup,
  onProgress: OnProgress,
  signal?: AbortSignal,
): Promise<Uint8Array<ArrayBuffer>> =>
  inWorker(async (work) => (await work.pack(backup, proxy(onProgress))) as Uint8Array<ArrayBuffer>, signal)

export const openInWorker = (file: ArrayBuffer, onProgress: OnProgress, signal?: AbortSignal): Promise<OpenedBackup> =>
  inWorker<OpenedBackup>(async (work) => await work.open(transfer(file, [file]), proxy(onProgress)), signal)
