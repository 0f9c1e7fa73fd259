import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex } from '@noble/hashes/utils.js'
import { strFromU8, strToU8, unzipSync, Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { guideRef, type Guide } from '../core/guides/guide'
import type { Product } from '../core/shelf/product'
import { guides, shipped } from '../core/guides/guides'
import {
  attachmentsSchema,
  deskSchema,
  manifestSchema,
  type AboutAttachment,
  type BackupParts,
  type Manifest,
} from '../schemas/backup'
import { guideSchema } from '../schemas/guide'
import { openCaseFile } from '../schemas/case-file'
import { readJson } from '../schemas/json'
import { papersSchema, type OfficePapers } from '../schemas/layout'
import { migratedOffice } from '../schemas/migrations'
import { officeSchema, type Office } from '../schemas/office'
import { productsSchema } from '../schemas/product'
import type { Version } from './ancestry'
import { kindOf } from './attachments'
import { toCaseFile } from './case-file'
import type { Attachment } from './db'

/** The whole office, as a backup holds it. */
export interface Backup {
  readonly madeAt: string
  readonly office: Office | null
  readonly cases: readonly Version[]
  /** What is kept beside the cases: which of them are in the trash, and what is still to be decided. */
  readonly parts: BackupParts
  readonly attachments: readonly Attachment[]
  /** The office's own guides. */
  readonly guides: readonly Guide[]
  /** Its own products. */
  readonly products: readonly Product[]
  /** The papers and files that it knows. */
  readonly papers: OfficePapers
}

export type BackupFault =
  'not-a-backup' | 'newer' | 'damaged' | 'too-large' | 'strange-entry' | 'bad-case' | 'bad-office' | 'bad-attachment'

export type OpenedBackup =
  | {
      readonly ok: true
      readonly backup: Backup
      /** Guides of the backup that this version lacks, or has otherwise. */
      readonly guides: { readonly missing: readonly string[]; readonly differing: readonly string[] }
    }
  | { readonly ok: false; readonly why: BackupFault; readonly at: string }

/** Told how much is done, from 0 to 1. */
export type OnProgress = (share: number) => void

/** Bytes: of the file, of one entry opened, and of all of them. A backup that opens to more is not read to its end. */
export const backupLimits = { file: 1_000_000_000, entry: 26_000_000, whole: 3_000_000_000, entries: 60_000 } as const

const noPapers: OfficePapers = { layouts: [], mappings: [] }

const hashOf = (bytes: Uint8Array): string => bytesToHex(sha256(bytes))
const json = (value: unknown): Uint8Array => strToU8(JSON.stringify(value, null, 1))

/** A backup as one zip file: every case a case file, every guide that one is rated with, and the attachments. */
export function packBackup(backup: Backup, onProgress: OnProgress = () => undefined): Uint8Array<ArrayBuffer> {
  const used = new Set(backup.cases.flatMap(({ kase }) => kase.areas.map((area) => area.guide)))
  const usedGuides = [...guides.filter((guide) => used.has(guideRef(guide))), ...backup.guides]
  const parts: [name: string, content: () => Uint8Array][] = [
    ...(backup.office ? [['office.json', () => json(backup.office)] satisfies [string, () => Uint8Array]] : []),
    ['desk.json', () => json(backup.parts)],
    ['papers.json', () => json(backup.papers)],
    ['products.json', () => json(backup.products)],
    ['attachments.json', () => json(backup.attachments.map(({ bytes, ...about }) => about))],
    ...usedGuides.map((one): [string, () => Uint8Array] => [`guides/${guideRef(one)}.json`, () => json(one)]),
    ...backup.cases.map((one, i): [string, () => Uint8Array] => [
      `cases/${i + 1}.json`,
      () => strToU8(toCaseFile(one, backup.guides, backup.products)),
    ]),
    ...backup.attachments.map((one, i): [string, () => Uint8Array] => [
      `attachments/${i + 1}`,
      () => new Uint8Array(one.bytes),
    ]),
  ]
  const chunks: Uint8Array<ArrayBuffer>[] = []
  const zip = new Zip((error, chunk) => {
    if (error) throw error
    chunks.push(chunk as Uint8Array<ArrayBuffer>)
  })
  const entries: Record<string, string> = {}
  const add = (name: string, content: Uint8Array) => {
    const entry = name.startsWith('attachments/') ? new ZipPassThrough(name) : new ZipDeflate(name, { level: 6 })
    zip.add(entry)
    entry.push(content, true)
  }
  parts.forEach(([name, content], i) => {
    const bytes = content()
    entries[name] = hashOf(bytes)
    add(name, bytes)
    onProgress((i + 1) / (parts.length + 1))
  })
  const { madeAt, cases, attachments } = backup
  const counts = { cases: cases.length, attachments: attachments.length }
  add('manifest.json', json({ format: 'agrologos-backup', schema: 3, madeAt, counts, entries } satisfies Manifest))
  zip.end()
  onProgress(1)
  return joined(chunks)
}

function joined(chunks: readonly Uint8Array[]): Uint8Array<ArrayBuffer> {
  const whole = new Uint8Array(chunks.reduce((sum, chunk) => sum + chunk.length, 0))
  let at = 0
  for (const chunk of chunks) {
    whole.set(chunk, at)
    at += chunk.length
  }
  return whole
}

class Refusal extends Error {
  constructor(
    readonly why: BackupFault,
    readonly at = '',
  ) {
    super(why)
  }
}

/** What a backup may hold, by name; nothing else is opened. */
const entryName =
  /^(?:manifest\.json|office\.json|desk\.json|papers\.json|products\.json|attachments\.json|guides\/[a-z0-9-]+@\d+\.json|cases\/\d+\.json|attachments\/\d+)$/

/**
 * Opens a zip file by its directory. What an entry says it opens to is what it is given room for, so that one that says
 * too little is cut and found damaged, and one that says too much is not opened.
 */
function unzipped(file: Uint8Array, onProgress: OnProgress): Map<string, Uint8Array> {
  const seen = new Set<string>()
  let [packed, whole] = [0, 0]
  const found = unzipSync(file, {
    filter: ({ name, size, originalSize }) => {
      if (!entryName.test(name) || seen.has(name)) throw new Refusal('strange-entry', name.slice(0, 80))
      seen.add(name)
      packed += size
      whole += originalSize
      if (seen.size > backupLimits.entries || originalSize > backupLimits.entry || whole > backupLimits.whole)
        throw new Refusal('too-large', name)
      onProgress(Math.min(1, packed / file.length) / 2)
      return true
    },
  })
  return new Map(Object.entries(found))
}

/** Reads a backup. Nothing is taken from one in which anything is missing, changed or unknown. */
export function openBackup(file: Uint8Array, onProgress: OnProgress = () => undefined): OpenedBackup {
  try {
    if (file.length > backupLimits.file) throw new Refusal('too-large')
    if (file[0] !== 0x50 || file[1] !== 0x4b) throw new Refusal('not-a-backup')
    return { ok: true, ...read(unzipped(file, onProgress), onProgress) }
  } catch (error) {
    if (error instanceof Refusal) return { ok: false, why: error.why, at: error.at }
    // The zip itself cannot be read.
    return { ok: false, why: 'damaged', at: '' }
  }
}

function read(entries: Map<string, Uint8Array>, onProgress: OnProgress) {
  const manifest = readManifest(entries)
  const parts = parsed(entries, 'desk.json', deskSchema, 'damaged')
  const office = entries.has('office.json') ? parsed(entries, 'office.json', officeSchema, 'bad-office') : null
  const papers = entries.has('papers.json') ? parsed(entries, 'papers.json', papersSchema, 'damaged') : noPapers
  const products = entries.has('products.json') ? parsed(entries, 'products.json', productsSchema, 'damaged') : []
  const about = parsed<readonly AboutAttachment[]>(entries, 'attachments.json', attachmentsSchema, 'bad-attachment')
  const attachments = about.map((one, i): Attachment => {
    const bytes = entries.get(`attachments/${i + 1}`)
    if (!bytes || hashOf(bytes) !== one.sha256 || kindOf(bytes) !== one.type)
      throw new Refusal('bad-attachment', one.name)
    return { ...one, bytes: new Uint8Array(bytes).buffer }
  })
  const cases: Version[] = []
  const own = ownGuidesIn(entries)
  for (let i = 1; i <= manifest.counts.cases; i += 1) {
    const name = `cases/${i}.json`
    const opened = openCaseFile(strFromU8(entries.get(name)!))
    if (!opened.ok)
      throw new Refusal(opened.why === 'newer' ? 'newer' : 'bad-case', `${name} ${opened.details[0]?.message ?? ''}`)
    cases.push({ kase: opened.kase, log: opened.log, guides: opened.guides, products: opened.products })
    onProgress(0.5 + i / manifest.counts.cases / 2)
  }
  if (new Set(cases.map(({ kase }) => kase.id)).size < cases.length) throw new Refusal('damaged', 'cases')
  return {
    backup: { madeAt: manifest.madeAt, office, cases, parts, attachments, guides: own, products, papers },
    guides: guidesOf(entries, cases),
  }
}

/** Everything the manifest names is there as it was written, and nothing else. */
function readManifest(entries: Map<string, Uint8Array>): Manifest {
  const bytes = entries.get('manifest.json')
  if (!bytes) throw new Refusal('not-a-backup')
  const read = readJson(strFromU8(bytes), { largest: backupLimits.entry, deepest: 4 })
  if (!read.ok) throw new Refusal('damaged', 'manifest.json')
  const schema = (read.value as { schema?: unknown } | null)?.schema
  if (typeof schema === 'number' && schema > 3) throw new Refusal('newer')
  const { error, value: manifest } = manifestSchema.validate(read.value, { convert: false })
  if (error) throw new Refusal('not-a-backup', error.message)
  const names = Object.keys(manifest.entries)
  const expected = [
    ...Array.from({ length: manifest.counts.cases }, (_, i) => `cases/${i + 1}.json`),
    ...Array.from({ length: manifest.counts.attachments }, (_, i) => `attachments/${i + 1}`),
  ]
  if (names.length !== entries.size - 1) throw new Refusal('damaged')
  for (const name of [...names, ...expected]) {
    const content = entries.get(name)
    if (!content || hashOf(content) !== manifest.entries[name]) throw new Refusal('damaged', name)
  }
  return manifest
}

function parsed<Of>(
  entries: Map<string, Uint8Array>,
  name: string,
  schema: { validate: (value: unknown, options: object) => { error?: Error; value: Of } },
  why: BackupFault,
): Of {
  const read = readJson(strFromU8(entries.get(name) ?? new Uint8Array()), { largest: backupLimits.entry, deepest: 20 })
  if (!read.ok) throw new Refusal(why, name)
  const today = name === 'office.json' ? migratedOffice(read.value) : read.value
  const { error, value } = schema.validate(today, { convert: false })
  if (error) throw new Refusal(why, error.message)
  return value
}

const guideEntry = /^guides\/(.+)\.json$/

/** The office's own guides in a backup: every one that did not ship. One that breaks the form is left out. */
function ownGuidesIn(entries: Map<string, Uint8Array>): Guide[] {
  const found: Guide[] = []
  for (const [name, bytes] of entries) {
    const ref = guideEntry.exec(name)?.[1]
    if (ref === undefined || shipped(ref)) continue
    const read = readJson(strFromU8(bytes), { largest: backupLimits.entry, deepest: 20 })
    const checked = read.ok ? guideSchema.validate(read.value, { convert: false }) : undefined
    if (checked && !checked.error && guideRef(checked.value) === ref) found.push(checked.value)
  }
  return found
}

/** How the guides that the cases need stand to those that can be had. */
function guidesOf(entries: Map<string, Uint8Array>, cases: readonly Version[]) {
  const known = new Set([
    ...[...guides, ...ownGuidesIn(entries)].map(guideRef),
    ...cases.flatMap((one) => (one.guides ?? []).map(guideRef)),
  ])
  const needed = new Set(cases.flatMap(({ kase }) => kase.areas.map(({ guide }) => guide)))
  const missing = [...needed].filter((ref) => !known.has(ref))
  const differing: string[] = []
  for (const [name, bytes] of entries) {
    const here = shipped(guideEntry.exec(name)?.[1] ?? '')
    if (here && strFromU8(json(here)) !== strFromU8(bytes)) differing.push(guideRef(here))
  }
  return { missing, differing }
}
