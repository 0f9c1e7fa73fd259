import { wrap, type Remote } from 'comlink'

/** Runs one piece of work in a worker of its own, which ends with it; cancelling ends it at once. */
export async function inWorker<Work, Result>(
  worker: Worker,
  run: (work: Remote<Work>) => Promise<Result>,
  signal?: AbortSignal,
): Promise<Result> {
  try {
    return await Promise.race([
      run(wrap<Work>(worker)),
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

/** At most so often is progress told across, ms. */
const beat = 50

export function seldom(onProgress: (share: number) => void): (share: number) => void {
  let last = 0
  return (share) => {
    const now = Date.now()
    if (share < 1 && now - last < beat) return
    last = now
    onProgress(share)
  }
}
