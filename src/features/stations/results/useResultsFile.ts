'use client'

import { useState } from 'react'
import { unitColumn, type Mapping } from '@/schemas/results-file/mapping'
import { largestResultsFile, type ListedResults, type OpenedResults } from '@/schemas/results-file/open'
import { keepMapping, remembered } from '@/store/papers'
import { readOffice } from '@/store/office'
import { listInWorker, openInWorker } from '@/workers/results'
import type { en } from './messages'

type Fault = keyof typeof en.fileFaults

/** What a file is by its first bytes, where it is no text. */
function faultOf(bytes: Uint8Array): Fault | undefined {
  if (bytes[0] === 0x50 && bytes[1] === 0x4b) return 'spreadsheet'
  if (bytes[0] === 0xd0 && bytes[1] === 0xcf) return 'spreadsheet'
  if (bytes[0] === 0x25 && bytes[1] === 0x50 && bytes[2] === 0x44) return 'pdf'
  const text = bytes[0] === 0xff || bytes[0] === 0xfe
  return !text && bytes.subarray(0, 1_000).includes(0) ? 'unreadable' : undefined
}

/** A file of results that is opened, mapped and read in a worker, and can be stopped. */
export function useResultsFile(onRead: (found: ListedResults) => void) {
  const [file, setFile] = useState<{ name: string; bytes: ArrayBuffer; opened: OpenedResults } | null>(null)
  const [mapping, setMapping] = useState<Mapping | null>(null)
  const [list, setList] = useState<ListedResults | null>(null)
  const [fault, setFault] = useState<Fault | null>(null)
  const [work, setWork] = useState<{ share: number; stop: AbortController } | null>(null)
  const [stopped, setStopped] = useState(false)

  const open = async (picked: File) => {
    setFault(null)
    setFile(null)
    setList(null)
    if (picked.size > largestResultsFile) return setFault('too-large')
    const bytes = await picked.arrayBuffer()
    const found = faultOf(new Uint8Array(bytes.slice(0, 1_000)))
    if (found) return setFault(found)
    try {
      const opened = await openInWorker(bytes, await readOffice())
      setMapping(await remembered(opened.signature, opened.mapping))
      setFile({ name: picked.name, bytes, opened })
    } catch {
      setFault('unreadable')
    }
  }
  const read = async () => {
    if (!file || !mapping) return
    const stop = new AbortController()
    setWork({ share: 0, stop })
    setStopped(false)
    try {
      // A word of progress may still be on its way when it is stopped.
      const told = (share: number) => setWork((now) => (now?.stop === stop ? { share, stop } : now))
      const found = await listInWorker(file.bytes, mapping, told, stop.signal)
      onRead(found)
      setList(found)
      void keepMapping(file.opened.signature, mapping).catch(() => undefined)
    } catch {
      if (stop.signal.aborted) setStopped(true)
      else setFault('unreadable')
    }
    setWork(null)
  }
  const change = (next: Mapping) => {
    setMapping(next)
    setList(null)
  }
  return { file, mapping, list, fault, work, stopped, open, read, change }
}

/** The first cells of a column, or of a row where the table lies down. */
export function cellsOf({ preview }: OpenedResults, mapping: Mapping, at: number): readonly string[] {
  if (mapping.shape === 'down') {
    const unitAt = unitColumn(preview)
    return (preview[at] ?? []).filter((_, i) => i > 0 && i !== unitAt)
  }
  if (mapping.shape === 'long') return []
  return preview.slice(1).map((row) => row[at] ?? '')
}
