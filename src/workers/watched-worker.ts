/** Told to the page where a worker, or a part of it, did not come. */
export const workerLost = 'agrologos-worker-lost'

/** A worker whose script, or a part of it, may not come either; of the first there is no message at all. */
export function watchedWorker(worker: Worker): Worker {
  worker.addEventListener('error', ({ message }: Partial<ErrorEvent>) => {
    if (!message || /importScripts|ChunkLoadError|load chunk/.test(message)) window.dispatchEvent(new Event(workerLost))
  })
  return worker
}
