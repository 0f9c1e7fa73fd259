'use client'

import type { PDFDocumentProxy } from 'pdfjs-dist'
import { useEffect, useRef, useState, type ReactNode } from 'react'
import type { ViewFault } from './pdf'
import { Marks, type Mark } from './Marks'
import { en } from './messages'
import { mostPages, openPdf } from './pdf'

interface Props {
  bytes: ArrayBuffer
  zoom: number
  turn: number
  onFault: (fault: ViewFault) => void
  /** What was read on them, and the one that is spoken of. */
  marks?: readonly Mark[]
  shown?: string | null
  onShow?: (key: string) => void
}

/** The pages of a PDF, one above the other, with marks where values were read. */
export function PdfPages({ bytes, zoom, turn, onFault, marks = [], shown = null, onShow }: Props) {
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
    <Page key={i} pdf={pdf} page={i + 1} zoom={zoom} turn={turn} onBroken={() => onFault('broken')}>
      <Marks marks={marks} page={i + 1} turn={turn} shown={shown} onShow={onShow} />
    </Page>
  ))
}

interface PageProps extends Pick<Props, 'zoom' | 'turn'> {
  pdf: PDFDocumentProxy
  page: number
  onBroken: () => void
  children: ReactNode
}

function Page({ pdf, page, zoom, turn, onBroken, children }: PageProps) {
  const room = useRef<HTMLDivElement>(null)
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    let stop: (() => void) | undefined
    let gone = false
    const draw = async () => {
      const found = await pdf.getPage(page)
      const target = canvas.current
      if (gone || !target || !room.current) return
      const flat = found.getViewport({ scale: 1, rotation: (found.rotate + turn) % 360 })
      const width = room.current.clientWidth * zoom
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
  return (
    <div ref={room}>
      <div className="relative w-fit">
        <canvas ref={canvas} role="img" aria-label={en.page(page, pdf.numPages)} className="block max-w-none" />
        {children}
      </div>
    </div>
  )
}
