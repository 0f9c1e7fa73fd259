import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex } from '@noble/hashes/utils.js'
import { strFromU8, strToU8, unzipSync, Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { caseShape, type Case } from '../core/case/case'
import { guideRef, type Guide } from '../core/guides/guide'
import type { Product } from '../core/shelf/product'
import { guides, shipped } from '../core/guides/guides'
import { isRecord, misfitIn } from '../core/shape/shape'
import {
  attachmentsSchema,
  deskSchema,
  manifestSchema,
  type AboutAttachment,
  type BackupParts,
  type OpenConflict,
  type Manifest,
} from '../schemas/backup'
import { guideSchema } from '../schemas/guide'
import { openCaseFile, readablePart } from '../schemas/case-file'
import { readJson } from '../schemas/json'
import { papersSchema, type OfficePapers } from '../schemas/layout'
import { conflictSince10, migratedOffice } from '../schemas/migrations'
import { rereadAt } from '../schemas/case'
import type { Office } from '../core/office'
import { officeSchema, rereadOffice } from '../schemas/office'
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

/** Why nothing can be taken from a file. */
export type BackupFault = 'not-a-backup' | 'newer' | 'damaged' | 'too-large' | 'strange-entry'

/** Something in a backup that cannot be taken as it is, while the rest can. */
export interface Refused {
  /** The entry of the file, and whose it is, where that can be read. */
  readonly name: string
  readonly client: string
  readonly why: 'bad-case' | 'newer' | 'bad-office' | 'bad-attachment' | 'damaged' | 'unchecked'
  /** The first thing that is wrong with it. */
  readonly at: string
  /** As it lies in the file, to be saved. */
  readonly raw: Uint8Array
  /** The case as far as it can be read. */
  readonly part?: Case
}

/** A backup as a file, and what went in only as it lies in the database, since it could not be read back. */
export interface PackedBackup {
  readonly file: Uint8Array<ArrayBuffer>
  readonly unchecked: readonly { readonly client: string; readonly at: string }[]
}

export type OpenedBackup =
  | {
      readonly ok: true
      readonly backup: Backup
      readonly refused: readonly Refused[]
      /** Guides of the backup that this version lacks, or has otherwise. */
      readonly guides: { readonly missing: readonly string[]; readonly differing: readonly string[] }
    }
  | { readonly ok: false; readonly why: BackupFault; readonly at: string }

/** Told how much is done, from 0 to 1. */
export type OnProgress = (share: number) => void

/** Bytes: of the file, of one entry opened, and of all of them. A backup that opens to more is not read to its end. */
export const backupLimits = { file: 1_000_000_000, entry: 26_000_000, whole: 3_000_000_000, entries: 60_000 } as const
/** It opens to at most so many times its own size, and some bytes: what is packed more tightly was made to do harm. */
const tightest = { times: 100, bytes: 20_000_000 } as const

const noPapers: OfficePapers = { layouts: [], mappings: [] }

const hashOf = (bytes: Uint8Array): string => bytesToHex(sha256(bytes))
const json = (value: unknown): Uint8Array => strToU8(JSON.stringify(value, null, 1))

type Part = readonly [name: string, content: () => Uint8Array]

/** What a part of the office has to be, so that it can be read back. */
const checks = {
  'office.json': officeSchema,
  'desk.json': deskSchema,
  'papers.json': papersSchema,
  'products.json': productsSchema,
} as const

/**
 * A backup as one zip file: every case a case file, every guide that one is rated with, and the attachments. Each is read
 * back as it is made; what cannot be goes in raw, and is told of.
 */
export function packBackup(backup: Backup, onProgress: OnProgress = () => undefined): PackedBackup {
  const used = new Set(backup.cases.flatMap(({ kase }) => tryOr(() => kase.areas.map((area) => area.guide), [])))
  const usedGuides = [...guides.filter((guide) => used.has(guideRef(guide))), ...backup.guides]
  const unchecked: { client: string; at: string }[] = []
  const raw: Part[] = []
  const setAside = (name: string, value: unknown, client: string, at: string) => {
    unchecked.push({ client, at })
    raw.push([`raw/${name}`, () => json(value)])
  }
  const part = <Of>(name: keyof typeof checks, value: Of, otherwise: Of): Of => {
    const { error } = checks[name].validate(value, { convert: false })
    if (error) setAside(name, value, name.replace('.json', ''), error.message)
    return error ? otherwise : value
  }
  const office = backup.office && part('office.json', backup.office, null)
  const desk = part('desk.json', backup.parts, { trashed: {}, conflicts: [] })
  const papers = part('papers.json', backup.papers, noPapers)
  const products = part('products.json', backup.products, [])
  const files: string[] = []
  backup.cases.forEach((one, i) => {
    const written = caseFileOf(one, backup)
    if (written.ok) files.push(written.text)
    else setAside(`${i + 1}.json`, one, clientOf(one.kase), written.at)
    onProgress(((i + 1) / (backup.cases.length + 1)) * checkingShare)
  })
  const parts: Part[] = [
    ...(office ? [['office.json', () => json(office)] satisfies Part] : []),
    ['desk.json', () => json(desk)],
    ['papers.json', () => json(papers)],
    ['products.json', () => json(products)],
    ['attachments.json', () => json(backup.attachments.map(({ bytes, ...about }) => about))],
    ...usedGuides.map((one): Part => [`guides/${guideRef(one)}.json`, () => json(one)]),
    ...files.map((text, i): Part => [`cases/${i + 1}.json`, () => strToU8(text)]),
    ...backup.attachments.map((one, i): Part => [`attachments/${i + 1}`, () => new Uint8Array(one.bytes)]),
    ...raw,
  ]
  const counts = { cases: files.length, attachments: backup.attachments.length }
  const file = zipped(parts, { madeAt: backup.madeAt, counts }, (share) =>
    onProgress(checkingShare + share * (1 - checkingShare)),
  )
  onProgress(1)
  return { file, unchecked }
}

/** The parts one after another, and last the manifest with the SHA-256 of each. */
function zipped(
  parts: readonly Part[],
  about: Pick<Manifest, 'madeAt' | 'counts'>,
  onProgress: OnProgress,
): Uint8Array<ArrayBuffer> {
  const chunks: Uint8Array<ArrayBuffer>[] = []
  const zip = new Zip((error, chunk) => {
    if (error) throw error
    chunks.push(chunk as Uint8Array<ArrayBuffer>)
  })
  const entries: Record<string, string> = {}
  const add = (name: string, content: Uint8Array) => {
    const entry = name.startsWith('attachments/') ? new ZipPassThrough(name) : new ZipDeflate(name, { level: 3 })
    zip.add(entry)
    entry.push(content, true)
  }
  parts.forEach(([name, content], i) => {
    const bytes = content()
    entries[name] = hashOf(bytes)
    add(name, bytes)
    onProgress((i + 1) / (parts.length + 1))
  })
  add('manifest.json', json({ format: 'agrologos-backup', schema: 3, ...about, entries } satisfies Manifest))
  zip.end()
  return joined(chunks)
}

/** Of the work of packing, about so much is reading back. */
const checkingShare = 0.6

/** A case as its file, where that can be read back; or where it is damaged. */
function caseFileOf(one: Version, backup: Backup): { ok: true; text: string } | { ok: false; at: string } {
  const text = tryOr(() => toCaseFile(one, backup.guides, backup.products, false), undefined)
  const opened = text === undefined ? undefined : openCaseFile(text)
  if (text !== undefined && opened?.ok) return { ok: true, text }
  const place = misfitIn(caseShape, one.kase)?.path.join(', ')
  return { ok: false, at: place || (opened?.ok === false && opened.details[0]?.field) || 'log' }
}

/** Whose a case is, or else where, as far as it says. */
const clientOf = (kase: unknown): string => {
  const { client, place } = isRecord(kase) ? kase : {}
  const said = [client, place].find((one): one is string => typeof one === 'string' && one !== '')
  return said?.slice(0, 80) ?? ''
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
  /^(?:manifest\.json|office\.json|desk\.json|papers\.json|products\.json|attachments\.json|guides\/[a-z0-9-]+@\d+\.json|cases\/\d+\.json|attachments\/\d+|raw\/[a-z0-9]+\.json)$/

/**
 * Opens a zip file by its directory. What an entry says it opens to is what it is given room for, so that one that says
 * too little is cut and found damaged, and one that says too much is not opened. One that cannot be unpacked is left
 * out, and the others are there.
 */
function unzipped(file: Uint8Array, onProgress: OnProgress): Map<string, Uint8Array> {
  const most = Math.min(backupLimits.whole, tightest.times * file.length + tightest.bytes)
  const names = new Set<string>()
  let whole = 0
  unzipSync(file, {
    filter: ({ name, originalSize }) => {
      if (!entryName.test(name) || names.has(name)) throw new Refusal('strange-entry', name.slice(0, 80))
      names.add(name)
      whole += originalSize
      if (names.size > backupLimits.entries || originalSize > backupLimits.entry || whole > most)
        throw new Refusal('too-large', name)
      return false
    },
  })
  let packed = 0
  const unpack = (wanted: (name: string) => boolean) =>
    unzipSync(file, {
      filter: ({ name, size }) => {
        if (!wanted(name)) return false
        packed += size
        onProgress(Math.min(1, packed / file.length) / 2)
        return true
      },
    })
  try {
    return new Map(Object.entries(unpack(() => true)))
  } catch {
    return new Map([...names].flatMap((name) => tryOr(() => Object.entries(unpack((one) => one === name)), [])))
  }
}

function tryOr<Of>(read: () => Of, otherwise: Of): Of {
  try {
    return read()
  } catch {
    return otherwise
  }
}

/** Reads a backup: what is good in it comes in, the rest is told of one by one. Nothing is taken from what is none. */
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
  const refused: Refused[] = []
  const refuse = (name: string, why: Refused['why'], at: string, more: Partial<Refused> = {}) =>
    refused.push({ name, why, at, client: '', raw: entries.get(name) ?? new Uint8Array(), ...more })
  const asWritten = (name: string): Uint8Array | undefined => {
    const bytes = entries.get(name)
    return bytes && hashOf(bytes) === manifest.entries[name] ? bytes : undefined
  }
  const part = <Of>(name: string, schema: Checks<Of>, otherwise: Of, why: Refused['why'] = 'damaged'): Of => {
    if (!(name in manifest.entries)) return otherwise
    const found = parsed(asWritten(name), name, schema)
    if (!found.ok) refuse(name, why, found.at)
    return found.ok ? found.value : otherwise
  }
  const desk = part<BackupParts>('desk.json', deskSchema, { trashed: {}, conflicts: [] })
  const office = part<Office | null>('office.json', officeSchema, null, 'bad-office')
  const papers = part('papers.json', papersSchema, noPapers)
  const products = part<readonly Product[]>('products.json', productsSchema, [])
  const about = part<readonly AboutAttachment[]>('attachments.json', attachmentsSchema, [], 'bad-attachment')
  const attachments = about.flatMap((one, i): Attachment[] => {
    const name = `attachments/${i + 1}`
    const bytes = asWritten(name)
    if (bytes && manifest.entries[name] === one.sha256 && kindOf(bytes) === one.type)
      return [{ ...one, bytes: new Uint8Array(bytes).buffer }]
    refuse(name, 'bad-attachment', one.name)
    return []
  })
  const cases: Version[] = []
  const ids = new Set<string>()
  for (let i = 1; i <= manifest.counts.cases; i += 1) {
    const name = `cases/${i}.json`
    const found = readCase(asWritten(name), entries.get(name))
    if (found.ok && !ids.has(found.version.kase.id)) {
      ids.add(found.version.kase.id)
      cases.push(found.version)
    } else if (found.ok) refuse(name, 'damaged', 'twice', { client: clientOf(found.version.kase) })
    else refuse(name, found.why, found.at, { client: clientOf(found.part), part: found.part })
    onProgress(0.5 + i / manifest.counts.cases / 2)
  }
  for (const [name, bytes] of entries) {
    const set = /^raw\/\d+\.json$/.test(name) ? tryOr(() => readRaw(bytes), undefined) : undefined
    if (name.startsWith('raw/')) refuse(name, 'unchecked', '', { client: clientOf(set), part: set })
    else if (name !== 'manifest.json' && !(name in manifest.entries)) refuse(name, 'damaged', 'not in the manifest')
  }
  const byId = new Map(cases.map(({ kase }) => [kase.id, kase]))
  return {
    backup: {
      madeAt: manifest.madeAt,
      office: office && rereadOffice(office),
      cases,
      parts: { ...desk, conflicts: desk.conflicts.map((one) => rereadConflict(one, byId)) },
      attachments,
      guides: ownGuidesIn(entries),
      products,
      papers,
    },
    refused,
    guides: guidesOf(entries, cases),
  }
}

/** A field on which two people have not agreed, as a case has it today. */
function rereadConflict(conflict: OpenConflict, cases: ReadonlyMap<string, Case>): OpenConflict {
  const today = conflictSince10(conflict) as OpenConflict
  const kase = cases.get(today.caseId)
  return kase ? { ...today, other: rereadAt(kase, today.path, today.other) } : today
}

type ReadCase =
  | { readonly ok: true; readonly version: Version }
  | { readonly ok: false; readonly why: 'bad-case' | 'newer' | 'damaged'; readonly at: string; readonly part?: Case }

function readCase(whole: Uint8Array | undefined, there: Uint8Array | undefined): ReadCase {
  if (!there) return { ok: false, why: 'damaged', at: 'missing' }
  const opened = openCaseFile(strFromU8(there))
  if (opened.ok && whole)
    return {
      ok: true,
      version: { kase: opened.kase, log: opened.log, guides: opened.guides, products: opened.products },
    }
  if (opened.ok) return { ok: false, why: 'damaged', at: '', part: opened.kase }
  const [fault] = opened.details
  const at = fault?.message ?? opened.why
  return { ok: false, why: opened.why === 'newer' ? 'newer' : 'bad-case', at, part: opened.part?.kase }
}

/** A case that went in as it lay in the database, as far as it can be read. */
const readRaw = (bytes: Uint8Array): Case | undefined => {
  const read = readJson(strFromU8(bytes), { largest: backupLimits.entry, deepest: 30 })
  return read.ok ? readablePart((read.value as { kase?: unknown } | null)?.kase)?.kase : undefined
}

/** The list of what there is; without it nothing can be told to be whole. */
function readManifest(entries: Map<string, Uint8Array>): Manifest {
  const bytes = entries.get('manifest.json')
  if (!bytes) throw new Refusal('not-a-backup')
  const read = readJson(strFromU8(bytes), { largest: backupLimits.entry, deepest: 4 })
  if (!read.ok) throw new Refusal('damaged', 'manifest.json')
  const schema = (read.value as { schema?: unknown } | null)?.schema
  if (typeof schema === 'number' && schema > 3) throw new Refusal('newer')
  const { error, value: manifest } = manifestSchema.validate(read.value, { convert: false })
  if (error) throw new Refusal('not-a-backup', error.message)
  return manifest
}

interface Checks<Of> {
  readonly validate: (value: unknown, options: object) => { error?: Error; value: Of }
}

function parsed<Of>(
  bytes: Uint8Array | undefined,
  name: string,
  schema: Checks<Of>,
): { readonly ok: true; readonly value: Of } | { readonly ok: false; readonly at: string } {
  const read = readJson(strFromU8(bytes ?? new Uint8Array()), { largest: backupLimits.entry, deepest: 20 })
  if (!read.ok) return { ok: false, at: read.why }
  const today = name === 'office.json' ? migratedOffice(read.value) : read.value
  const { error, value } = schema.validate(today, { convert: false })
  return error ? { ok: false, at: error.message } : { ok: true, value }
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
