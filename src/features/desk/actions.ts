'use client'

import { addCases, createCase, once } from '@/store/cases'
import { addSampleOffice, readOffice } from '@/store/office'
import { en } from './messages'

export { emptyOldTrash, removeSamples, setTrashed } from '@/store/cases'

/** Starts an empty case, as the office begins them, and returns its id. */
export async function startCase(): Promise<string> {
  const { measures, climate } = await readOffice()
  return createCase({ measures, climate }).id
}

export type OpenedFile =
  | { readonly ok: true; readonly id: string }
  | { readonly ok: false; readonly sentence: string; readonly details: readonly string[] }

/** Takes a case file in; a taken id is changed, never overwritten. */
export async function openFile(file: File): Promise<OpenedFile> {
  const { openCaseFile } = await import('@/schemas/case')
  const opened = openCaseFile(await file.text())
  if (!opened.ok) return { ok: false, sentence: en.fileProblems[opened.why], details: opened.details.slice(0, 8) }
  try {
    const [id] = await addCases([opened.kase])
    return { ok: true, id: id! }
  } catch {
    return { ok: false, sentence: en.notKept, details: [] }
  }
}

const samples = () => import('@/demo/sample-cases')

async function put({ sampleCases, sampleOffice }: Awaited<ReturnType<typeof samples>>): Promise<void> {
  await addCases(sampleCases)
  await addSampleOffice(sampleOffice)
}

export const loadSamples = (): Promise<void> => samples().then(put)

/** In the demo a browser finds the sample cases on its Desk once, and never again. */
export async function seedOnce(): Promise<void> {
  const response = await fetch('/api/runtime').catch(() => null)
  const runtime = response?.ok ? ((await response.json()) as { demo: boolean }) : { demo: false }
  if (!runtime.demo) return
  // Loaded first: a transaction does not wait for anything but the database.
  const found = await samples()
  await once('seeded', () => put(found)).catch(() => undefined)
}
