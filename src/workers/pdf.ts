/** A worker that reads PDFs. */
export const pdfWorker = (): Worker => new Worker(new URL('./pdf.worker.ts', import.meta.url), { type: 'module' })
