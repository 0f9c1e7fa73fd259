import type { Paper } from '../paper/paper'
import { inWorker } from './in-worker'
import type { PaperWork } from './paper.worker'
import { watchedWorker } from './watched-worker'

/** Papers as one PDF, made beside the page. Rejects where a font or the logo cannot be read. */
export const pdfInWorker = (papers: readonly Paper[], logo: Blob | null, signal?: AbortSignal): Promise<Uint8Array> =>
  inWorker<PaperWork, Uint8Array>(
    watchedWorker(new Worker(new URL('./paper.worker.ts', import.meta.url), { type: 'module' })),
    async (work) => (await work.pdf(papers, logo)) as Uint8Array,
    signal,
  )
