import type { PDFDocumentProxy } from 'pdfjs-dist'
import { pdfWorker } from '@/workers/pdf'

/** Why a paper that was kept cannot be shown. */
export type ViewFault = 'broken' | 'locked' | 'gone'

type PdfJs = typeof import('pdfjs-dist')
let loaded: Promise<PdfJs> | undefined

/** The reader of PDFs, loaded when the first one is opened; it works in a worker of its own. */
const pdfJs = (): Promise<PdfJs> =>
  (loaded ??= import('pdfjs-dist').then((pdf) => {
    pdf.GlobalWorkerOptions.workerPort = pdfWorker()
    return pdf
  })).catch((error: unknown) => {
    loaded = undefined
    throw error
  })

/** Opens a PDF. Rejects where it is damaged or asks for a password. */
export async function openPdf(bytes: ArrayBuffer): Promise<PDFDocumentProxy> {
  const { getDocument } = await pdfJs()
  // The reader takes the bytes over, so it is given its own.
  return getDocument({ data: new Uint8Array(bytes.slice(0)), wasmUrl: '/pdf/', isEvalSupported: false }).promise
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
