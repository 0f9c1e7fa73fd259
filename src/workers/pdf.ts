import { watchedWorker } from './watched-worker'

/** A worker that reads PDFs. */
export const pdfWorker = (): Worker =>
  watchedWorker(new Worker(new URL('./pdf.worker.ts', import.meta.url), { type: 'module' }))
