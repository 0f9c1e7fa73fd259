'use client'

import type { PDFDocumentProxy } from 'pdfjs-dist'
import { useEffect, useRef, useState } from 'react'
import type { ViewFault } from './pdf'
import { en } from './messages'
import { openPdf } from './pdf'

interface Props {
  bytes: ArrayBuffer
  zoom: number
  turn: number
  onFault: (fault: ViewFault) => void
}

/** Pages beyond these are not drawn: a report has a few. */
const mostPages = 20

/** The pages of a PDF, one above the other. */
export function PdfPages({ bytes, zoom, turn, onFault }: Props) {
  const [pdf, setPdf] = useState<PDFDocumentProxy | null>(null)
  useEffect(() => {
    let gone = false
    let opened: PDFDocumentProxy | undefined
    openPdf(bytes).then(
      (found) => {
        opened = found
        if (gone) void found.loadingTask.destroy()
        else setPdf(found)
      },
      (error: unknown) => !gone && onFault((error as Error).name === 'PasswordException' ? 'locked' : 'broken'),
    )
    return () => {
      gone = true
      void opened?.loadingTask.destroy()
    }
    // eslint-disable-next-line react-hooks/exhaustive-deps -- opened once for its bytes
  }, [bytes])
  if (!pdf) return <p className="p-3">{en.opening}</p>
  return Array.from({ length: Math.min(pdf.numPages, mostPages) }, (_, i) => (
    <Page key={i} pdf={pdf} page={i + 1} zoom={zoom} turn={turn} onBroken={() => onFault('broken')} />
  ))
}

interface PageProps extends Omit<Props, 'bytes' | 'onFault'> {
  pdf: PDFDocumentProxy
  page: number
  onBroken: () => void
}

function Page({ pdf, page, zoom, turn, onBroken }: PageProps) {
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    let stop: (() => void) | undefined
    let gone = false
    const draw = async () => {
      const found = await pdf.getPage(page)
      const target = canvas.current
      if (gone || !target?.parentElement) return
      const flat = found.getViewport({ scale: 1, rotation: (found.rotate + turn) % 360 })
      const width = target.parentElement.clientWidth * zoom
      const dense = Math.min(window.devicePixelRatio || 1, 2)
      const viewport = found.getViewport({ scale: (width / flat.width) * dense, rotation: (found.rotate + turn) % 360 })
      target.width = viewport.width
      target.height = viewport.height
      target.style.width = `${width}px`
      const drawing = found.render({ canvas: target, viewport })
      stop = () => drawing.cancel()
      await drawing.promise
    }
    draw().catch((error: unknown) => {
      if (!gone && (error as Error).name !== 'RenderingCancelledException') onBroken()
    })
    return () => {
      gone = true
      stop?.()
    }
    // eslint-disable-next-line react-hooks/exhaustive-deps -- drawn anew for another page, size or turn alone
  }, [pdf, page, zoom, turn])
  return <canvas ref={canvas} role="img" aria-label={en.page(page, pdf.numPages)} className="max-w-none" />
}
