import type { PDFDocumentProxy, PDFWorker } from 'pdfjs-dist'
import { wordsOf, type PageWords, type TextItem } from '@/schemas/results-page/words'
import { pdfWorker } from '@/workers/pdf'

/** Pages beyond these are neither drawn nor read: a report has a few. */
export const mostPages = 20

/** Why a paper that was kept cannot be shown. */
export type ViewFault = 'broken' | 'locked' | 'gone'

interface Reader extends Pick<typeof import('pdfjs-dist'), 'getDocument'> {
  readonly worker: PDFWorker
}
let loaded: Promise<Reader> | undefined

/**
 * The reader of PDFs, loaded when the first one is opened. All of them share one worker, which is ours: a document that is
 * put away takes a worker that the library made along with it, and with it whatever is just being opened.
 */
const pdfJs = (): Promise<Reader> =>
  (loaded ??= import('pdfjs-dist').then(({ getDocument, PDFWorker: Worker }) => ({
    getDocument,
    worker: Worker.create({ port: pdfWorker() }),
  }))).catch((error: unknown) => {
    loaded = undefined
    throw error
  })

/** Opens a PDF. Rejects where it is damaged or asks for a password. */
export async function openPdf(bytes: ArrayBuffer): Promise<PDFDocumentProxy> {
  const { getDocument, worker } = await pdfJs()
  // The reader takes the bytes over, so it is given its own.
  return getDocument({ data: new Uint8Array(bytes.slice(0)), worker, wasmUrl: '/pdf/', isEvalSupported: false }).promise
}

/** What keeps a PDF from being read. */
export const pdfFault = (bytes: ArrayBuffer): Promise<'broken' | 'locked' | undefined> =>
  openPdf(bytes).then(
    (pdf) => void pdf.loadingTask.destroy(),
    (error: unknown) => {
      // That its reader did not come says nothing of the paper.
      if ((error as Error).name === 'ChunkLoadError') throw error
      return (error as Error).name === 'PasswordException' ? 'locked' : 'broken'
    },
  )

/** The words of a PDF and where they stand, and how many of its pages were not looked at. Rejects as `openPdf` does. */
export async function wordsOfPdf(bytes: ArrayBuffer): Promise<{ pages: readonly PageWords[]; unread: number }> {
  const pdf = await openPdf(bytes)
  try {
    const pages: PageWords[] = []
    for (let n = 1; n <= Math.min(pdf.numPages, mostPages); n += 1) {
      const page = await pdf.getPage(n)
      const { items } = await page.getTextContent()
      const text = items.filter((item): item is typeof item & TextItem => 'str' in item)
      pages.push(wordsOf(text, page.getViewport({ scale: 1 })))
    }
    return { pages, unread: Math.max(0, pdf.numPages - mostPages) }
  } finally {
    void pdf.loadingTask.destroy()
  }
}
