'use client'

import { readOffice } from '@/store/office'
import { useState } from 'react'
import type { Report } from '@/core/report/report'
import { attachmentOf, largestOriginal, originalFault, type OriginalFault } from '@/store/attachments'
import type { Attachment } from '@/store/db'
import { readPapers } from '@/store/papers'
import { useOpenCase } from '../../case/context'
import type { ViewFault } from './pdf'
import type { PaperToTake } from './ReadSheet'

/** What came of a file: read, or why it was not. */
export type ReaderState =
  | { readonly kind: 'reading' }
  | { readonly kind: 'fault'; readonly fault: OriginalFault | ViewFault }
  /** It can be kept, and typed by. */
  | { readonly kind: 'nothing'; readonly why: 'no-text' | 'no-values' | 'photo'; readonly file: Attachment }

/** Reads the values of a paper off its pages. */
export function useReader(onRead: (paper: PaperToTake) => void) {
  const { kase } = useOpenCase()
  const [state, setState] = useState<ReaderState | null>(null)

  const readKept = async (file: Attachment, into: Report | null) => {
    setState({ kind: 'reading' })
    if (file.type !== 'application/pdf') return setState({ kind: 'nothing', why: 'photo', file })
    try {
      const [{ wordsOfPdf }, { readPaper }] = await Promise.all([
        import('./pdf'),
        import('@/schemas/results-page/read'),
      ])
      const { pages, unread } = await wordsOfPdf(file.bytes)
      if (pages.every(({ words }) => words.length === 0)) return setState({ kind: 'nothing', why: 'no-text', file })
      const known = new Map((await readPapers().catch(() => [])).map((one) => [one.signature, one]))
      const read = readPaper(pages, (signature) => known.get(signature), await readOffice())
      if (read.values.length === 0) return setState({ kind: 'nothing', why: 'no-values', file })
      setState(null)
      onRead({ file, read, before: known.get(read.signature), unread, into })
    } catch (error) {
      const locked = (error as Error).name === 'PasswordException'
      setState({ kind: 'fault', fault: locked ? 'locked' : 'broken' })
    }
  }
  const read = async (file: File) => {
    const bytes = file.size > largestOriginal ? undefined : new Uint8Array(await file.arrayBuffer())
    const fault = bytes ? originalFault(bytes) : 'too-large'
    if (fault || !bytes) return setState({ kind: 'fault', fault: fault ?? 'broken' })
    await readKept(attachmentOf(kase.id, file.name, bytes), null)
  }
  return { state, read, readKept, clear: () => setState(null) }
}
