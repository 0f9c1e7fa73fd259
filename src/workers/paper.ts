import type { Paper } from '../paper/paper'
import { inWorker } from './in-worker'
import type { PaperWork } from './paper.worker'
import { watchedWorker } from './watched-worker'

export interface MadePdf {
  readonly bytes: Uint8Array
  /** Letters that stand there as boxes, since no font has them. */
  readonly missing: readonly string[]
}

/** Papers as one PDF, made beside the page. Rejects where a font or the logo cannot be read. */
export const pdfInWorker = (papers: readonly Paper[], logo: Blob | null, signal?: AbortSignal): Promise<MadePdf> =>
  inWorker<PaperWork, MadePdf>(
    watchedWorker(new Worker(new URL('./paper.worker.ts', import.meta.url), { type: 'module' })),
    async (work) => (await work.pdf(papers, logo)) as MadePdf,
    signal,
  )
