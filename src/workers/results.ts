import { proxy } from 'comlink'
import type { Conventions } from '../core/office'
import type { Mapping } from '../schemas/results-file/mapping'
import type { ListedResults, OpenedResults } from '../schemas/results-file/open'
import type { ImportedSample, OnProgress } from '../schemas/results-file/take'
import { inWorker } from './in-worker'
import type { ResultsWork } from './results.worker'
import { watchedWorker } from './watched-worker'

const start = () => watchedWorker(new Worker(new URL('./results.worker.ts', import.meta.url), { type: 'module' }))

/** What a file of results holds, and how it is most likely to be read in this office. */
export const openInWorker = (file: ArrayBuffer, { dates, decimal }: Conventions): Promise<OpenedResults> =>
  inWorker<ResultsWork, OpenedResults>(start(), async (work) => await work.open(file, { dates, decimal }))

export const listInWorker = (
  file: ArrayBuffer,
  mapping: Mapping,
  onProgress: OnProgress,
  signal?: AbortSignal,
): Promise<ListedResults> =>
  inWorker<ResultsWork, ListedResults>(
    start(),
    async (work) => await work.list(file, mapping, proxy(onProgress)),
    signal,
  )

export const takeInWorker = (
  file: ArrayBuffer,
  mapping: Mapping,
  places: readonly number[],
): Promise<readonly ImportedSample[]> =>
  inWorker<ResultsWork, readonly ImportedSample[]>(start(), async (work) => await work.take(file, mapping, places))
