'use client'

import { createCase } from '@/store/cases'
import { addSamples, seedOnce as seededOnce } from '@/store/desk'
import { judge } from '@/store/put'
import { beginsWith } from '@/store/office'
import type { Opened } from '@/schemas/case-file'
import type { Version } from '@/store/ancestry'
import { arrival, takeIn, type KnownArrival } from '@/store/exchange'
import type { Summary } from '@/store/db'
import { sweepAttachments } from '@/store/upkeep'
import { saveFile } from '@/ui/save-file'
import { en } from './messages'

export { removeSamples, setAllTrashed, setTrashed } from '@/store/desk'
export { emptyOldTrash, findDamaged, judgeUnjudged } from '@/store/upkeep'

/**
 * Starts an empty case, as the office begins them, and returns its id once the browser has it or refuses it: without
 * network going to the case loads the page anew, which would break off a write under way.
 */
export async function startCase(): Promise<string> {
  // Most browsers decide without asking; none of the cases is worth less for a no.
  void navigator.storage?.persist?.().catch(() => undefined)
  const { id, written } = createCase((await beginsWith()).kase)
  await written
  return id
}

export interface Problem {
  readonly sentence: string
  readonly details: readonly string[]
}

/** What became of a file: a case taken in, one that is here already and waits for a word, or a problem. */
export type OpenedFile =
  | { readonly kind: 'taken'; readonly id: string }
  | { readonly kind: 'known'; readonly there: Version; readonly arrival: KnownArrival }
  | { readonly kind: 'backup'; readonly file: File }
  | { readonly kind: 'problem'; readonly problem: Problem }

/** Opens a case file. A case that is not here is taken in; about one that is, nothing is done yet. */
export async function openFile(file: File): Promise<OpenedFile> {
  if (await isZip(file)) return { kind: 'backup', file }
  const { caseFileLimits, openCaseFile } = await import('@/schemas/case-file')
  const opened: Opened =
    file.size > caseFileLimits.largest * 3
      ? { ok: false, why: 'too-large', details: [] }
      : openCaseFile(await file.text())
  if (!opened.ok)
    return {
      kind: 'problem',
      problem: { sentence: en.fileProblems[opened.why], details: opened.details.slice(0, 8).map((one) => one.message) },
    }
  try {
    const found = await arrival(opened)
    if (found.standing !== 'new') return { kind: 'known', there: opened, arrival: found }
    return { kind: 'taken', id: await takeIn(opened, 'merge') }
  } catch {
    return { kind: 'problem', problem: { sentence: en.notKept, details: [] } }
  }
}

async function isZip(file: File): Promise<boolean> {
  const [p, k] = new Uint8Array(await file.slice(0, 2).arrayBuffer())
  return p === 0x50 && k === 0x4b
}

let sweeping: Promise<unknown> | undefined

/** Sweeps up files that nothing names, once while this page is loaded: it reads every case that has any. */
export const sweepOnce = (): Promise<unknown> => (sweeping ??= sweepAttachments().catch(() => undefined))

/** Saves the cases shown as a table that a spreadsheet opens; what looks like a formula stays text. */
export async function saveList(shown: readonly Summary[]): Promise<void> {
  const { listCsv } = await import('./list-csv')
  saveFile(en.listName, new Blob([listCsv(shown)], { type: 'text/csv' }))
}

const samples = () => import('@/demo/sample-cases')

const put = ({ sampleCases, sampleOffice }: Awaited<ReturnType<typeof samples>>): Promise<void> =>
  addSamples(sampleCases, sampleOffice)

/** Says of each what it waits for and what falls due, once they are there. */
async function judgeAll({ sampleCases }: Awaited<ReturnType<typeof samples>>): Promise<void> {
  for (const kase of sampleCases) await judge(kase)
}

export const loadSamples = async (): Promise<void> => {
  const found = await samples()
  await put(found)
  await judgeAll(found)
}

/** In the demo a browser finds the sample cases on its Desk once, and never again. */
export async function seedOnce(): Promise<void> {
  const response = await fetch('/api/runtime').catch(() => null)
  const runtime = response?.ok ? ((await response.json()) as { demo: boolean }) : { demo: false }
  if (!runtime.demo) return
  // Loaded first: a transaction does not wait for anything but the database.
  const found = await samples()
  let fresh = false
  await seededOnce(async () => {
    fresh = true
    await put(found)
  })
    .then(() => (fresh ? judgeAll(found) : undefined))
    .catch(() => undefined)
}
