import 'fake-indexeddb/auto'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { zipSync, strToU8, unzipSync } from 'fflate'
import * as fc from 'fast-check'
import { produce } from 'immer'
import { blankArea, blankReport } from '../core/case/blank'
import { sampleCases, sampleOffice } from '../demo/sample-cases'
import { attachmentOf, pictureFault } from './attachments'
import { backupState, collectBackup, markBackedUp, planRestore, restore } from './backup'
import { openBackup, packBackup as pack, type Backup } from './backup-file'
import { createCase, editCase, undo } from './cases'
import { db } from './db'
import { addSamples, setTrashed } from './desk'
import { editOffice, setLogo } from './office'
import { keepLayout, keepMapping } from './papers'
import { layoutOf } from '../core/report/layout'
import { proposed, signatureOf } from '../schemas/results-file/mapping'
import { rowsOf } from '../schemas/results-file/rows'

const packBackup = (backup: Backup): Uint8Array<ArrayBuffer> => pack(backup).file
const empty = () => Promise.all(db.tables.map((table) => table.clear()))
beforeEach(empty)

const png = Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 1, 2, 3])
const opened = (file: Uint8Array): Backup => {
  const found = openBackup(file)
  if (!found.ok) throw new Error(`${found.why} ${found.at}`)
  return found.backup
}
const collected = async () => (await collectBackup()).backup
/** What two backups must agree in: everything but when they were made. Sequence numbers belong to one browser. */
const essence = ({ madeAt, cases, parts, ...rest }: Backup) => ({
  ...rest,
  cases: [...cases]
    .sort((a, b) => a.kase.id.localeCompare(b.kase.id))
    .map(({ kase, log }) => ({
      kase,
      log: log.map(({ id, by, at, kind, patches }) => ({ id, by, at, kind, patches })),
    })),
  parts: { ...parts, conflicts: [...parts.conflicts].sort((a, b) => a.caseId.localeCompare(b.caseId)) },
})
const own = async (client: string) => {
  const { id, written } = createCase({ client, areas: [blankArea('a', 'Bed')] })
  await written
  return id
}

async function fillOffice(): Promise<string> {
  await addSamples(sampleCases)
  await db.office.put(sampleOffice)
  await setLogo(attachmentOf('office', 'logo.png', png))
  const id = await own('Own')
  await editCase(id, (draft) => void (draft.place = 'somewhere'))
  await undo(id)
  await db.conflicts.add({ caseId: id, path: ['place'], other: 'elsewhere', by: 'TB', at: new Date().toISOString() })
  await setTrashed('sample-village-hall', true)
  await keepLayout(layoutOf(blankReport('r'), 'own', 'Garden test'))
  const table = rowsOf('Sample,pH,P ppm\n1,6,20\n')
  await keepMapping(signatureOf(table, proposed(table)), proposed(table))
  await db.attachments.add(attachmentOf(id, 'report.pdf', new TextEncoder().encode('%PDF-1.7')))
  return id
}

test('a backup restored in an empty browser is the whole office again, pictures by their hash', async () => {
  await fillOffice()
  const before = await collected()
  const file = packBackup(before)
  await empty()
  expect(await planRestore(opened(file))).toMatchObject({
    standings: { new: expect.arrayContaining(['Own', 'Henrike Aldous']) as unknown, same: [] },
    onlyHere: [],
    office: 'blank-here',
  })
  await restore(opened(file), { how: 'merge', office: true })
  const after = await collected()
  expect(essence(after)).toEqual(essence(before))
  expect(after.attachments[0]!.sha256).toBe(
    attachmentOf('office', '', new Uint8Array(after.attachments[0]!.bytes)).sha256,
  )
  expect(after.parts.trashed).toHaveProperty('sample-village-hall')
})

/** A backup of each schema there ever was, as it was made then. */
test.each([1, 2])('a backup of schema %i is read', (version) => {
  const { cases, office, attachments, parts, papers } = opened(
    readFileSync(join(__dirname, `../schemas/samples/backup-${version}.zip`)),
  )
  expect(cases.map(({ kase }) => kase.client)).toEqual([`Kept sample, schema ${version === 1 ? 2 : 5}`])
  expect(papers.layouts.map(({ name }) => name)).toEqual(version === 1 ? [] : ['Garden test'])
  expect(office).toMatchObject({ name: 'Ossian Vale Extension', logo: attachments[0]!.id })
  expect(parts.conflicts).toMatchObject([{ path: ['place'], other: 'Weir Lane' }])
})

test('any cases, backed up and restored, are equal', () =>
  fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.string({ maxLength: 8 }), fc.string({ maxLength: 8 })), { maxLength: 5 }),
      async (all) => {
        await empty()
        for (const [client, place] of all) await editCase(await own(client), (draft) => void (draft.place = place))
        const before = await collected()
        const file = packBackup(before)
        await empty()
        await restore(opened(file), { how: 'merge', office: true })
        expect(essence(await collected())).toEqual(essence(before))
      },
    ),
    { numRuns: 40 },
  ))

/** Written past every guard, as an older version, or a fault of ours, might have left it. */
describe('what could not be read back', () => {
  const damage: readonly [string, (kase: Record<string, unknown>) => object][] = [
    ['a client of 201 characters', (kase) => ({ ...kase, client: 'x'.repeat(201) })],
    ['a date of the year 20266', (kase) => ({ ...kase, letter: { date: '20266-01-01', note: '', printedAt: null } })],
    ['no areas at all', ({ areas: _, ...kase }) => kase],
    ['an area that is nothing', (kase) => ({ ...kase, areas: [null, ...(kase.areas as object[])] })],
  ]
  test.each(damage)('%s: goes in raw, is named, and its readable part can be taken', async (_, damaged) => {
    const [good, id] = [await own('Good'), await own('Damaged')]
    await editCase(id, (draft) => void (draft.place = 'here'))
    await db.cases.put(damaged({ ...(await db.cases.get(id))! }) as never)
    const { file, unchecked } = pack(await collected())
    expect(unchecked).toHaveLength(1)
    expect(unchecked[0]!.at).toMatch(/^(client|letter, date|areas)/)
    const found = openBackup(file)
    if (!found.ok) throw new Error(found.why)
    expect(found.backup.cases.map(({ kase }) => kase.id)).toEqual([good])
    const [refused] = found.refused
    expect(refused).toMatchObject({ why: 'unchecked', part: { id, place: 'here' } })
    expect(new TextDecoder().decode(refused!.raw)).toContain('"here"')
    const taken = { ...found.backup, cases: [...found.backup.cases, { kase: refused!.part!, log: [] }] }
    await empty()
    await restore(taken, { how: 'merge', office: false })
    expect(await db.cases.count()).toBe(2)
    expect(pack(await collected()).unchecked).toEqual([])
  })
  test('an office that breaks the form does not take the cases with it', async () => {
    await own('Good')
    await db.office.put({ ...sampleOffice, disclaimer: 'x'.repeat(2_001) })
    const found = openBackup(pack(await collected()).file)
    expect(found.ok && [found.backup.cases.length, found.backup.office, found.refused.length]).toEqual([1, null, 1])
  })
})

describe('restored where there is work already', () => {
  const both = async (how: 'merge' | 'replace') => {
    const id = await own('Shared')
    const file = packBackup(await collected())
    const backup = produce(opened(file), (draft) => {
      const [one] = draft.cases
      one!.log.push({
        id: 'there',
        by: 'TB',
        at: new Date().toISOString(),
        kind: 'edit',
        patches: [{ op: 'replace', path: ['client'], value: 'There' }],
        inverse: [{ op: 'replace', path: ['client'], value: 'Shared' }],
      })
      one!.kase.client = 'There'
    })
    await editCase(id, (draft) => void (draft.client = 'Here'))
    const other = await own('Only here')
    expect(await planRestore(backup)).toMatchObject({ standings: { parted: ['There'] }, onlyHere: ['Only here'] })
    await restore(backup, { how, office: false })
    return { id, other }
  }
  test('merged: what is here stands, the backup’s value is kept to choose', async () => {
    const { id, other } = await both('merge')
    expect(await db.cases.get(id)).toMatchObject({ client: 'Here' })
    expect(await db.conflicts.toArray()).toMatchObject([{ caseId: id, path: ['client'], other: 'There', by: 'TB' }])
    expect(await db.summaries.get(other)).not.toHaveProperty('trashedAt')
  })
  test('replaced: as the backup says; the rest goes to the trash, and the change can be undone', async () => {
    const { id, other } = await both('replace')
    expect(await db.cases.get(id)).toMatchObject({ client: 'There' })
    expect(await db.summaries.get(other)).toHaveProperty('trashedAt')
    await undo(id)
    expect(await db.cases.get(id)).toMatchObject({ client: 'Here' })
  })
})

test.each(['cancelled', 'refused'])('a restore that is %s leaves everything as it was', async (what) => {
  await fillOffice()
  const file = packBackup(await collected())
  await empty()
  await own('Mine')
  const before = await collected()
  const cancel = new AbortController()
  if (what === 'refused')
    jest.spyOn(db.attachments, 'bulkPut').mockRejectedValueOnce(new DOMException('', 'QuotaExceededError'))
  const progress = (share: number) => void (what === 'cancelled' && share > 0.5 && cancel.abort())
  const done = restore(opened(file), { how: 'replace', office: true }, progress, cancel.signal)
  await expect(
    done.then(
      () => 'restored',
      () => 'given up',
    ),
  ).resolves.toBe('given up')
  jest.restoreAllMocks()
  expect(essence(await collected())).toEqual(essence(before))
})

describe('a file that is no backup, or no longer one, is refused', () => {
  let file: Uint8Array
  beforeEach(async () => {
    await fillOffice()
    file = packBackup(await collected())
  })
  /** The backup's entries, some of them otherwise. */
  const with_ = (changes: Record<string, Uint8Array | undefined>) => {
    const entries = { ...unzipSync(file), ...changes }
    return zipSync(
      Object.fromEntries(Object.entries(entries).filter(([, content]) => content)) as Record<string, Uint8Array>,
    )
  }
  const manifest = (change: object) =>
    strToU8(
      JSON.stringify({
        ...(JSON.parse(new TextDecoder().decode(unzipSync(file)['manifest.json'])) as object),
        ...change,
      }),
    )
  test.each<[string, () => Uint8Array, string]>([
    ['text', () => strToU8('hello, this is a letter'), 'not-a-backup'],
    ['another zip', () => zipSync({ 'a.txt': strToU8('a') }), 'strange-entry'],
    ['a zip without a manifest', () => with_({ 'manifest.json': undefined }), 'not-a-backup'],
    ['its first half', () => file.slice(0, file.length / 2), 'damaged'],
    ['a path out of the folder', () => with_({ '../cases/1.json': strToU8('{}') }), 'strange-entry'],
    ['a newer format', () => with_({ 'manifest.json': manifest({ schema: 4 }) }), 'newer'],
    ['a bomb: much out of little', () => zipSync({ 'cases/1.json': new Uint8Array(30_000_000) }), 'too-large'],
  ])('%s', (_, bytes, why) => expect(openBackup(bytes())).toMatchObject({ ok: false, why }))
  test('32 kB that would open to gigabytes are not opened', () => {
    const cases = Array.from({ length: 100 }, (_, i) => [`cases/${i + 1}.json`, new Uint8Array(20_000_000)] as const)
    const bomb = zipSync(Object.fromEntries(cases.slice(0, 2)), { level: 9 })
    expect(bomb.length).toBeLessThan(100_000)
    expect(openBackup(bomb)).toMatchObject({ ok: false, why: 'too-large' })
  })
  test.each<[string, () => Uint8Array, string, string]>([
    ['a case missing', () => with_({ 'cases/2.json': undefined }), 'cases/2.json', 'damaged'],
    ['a case changed', () => with_({ 'cases/2.json': strToU8('{}') }), 'cases/2.json', 'bad-case'],
    ['an entry too many', () => with_({ 'cases/99.json': strToU8('{}') }), 'cases/99.json', 'damaged'],
    ['the office changed', () => with_({ 'office.json': strToU8('{}') }), 'office.json', 'bad-office'],
    [
      'a picture changed',
      () => with_({ 'attachments/1': Uint8Array.from([...png, 4]) }),
      'attachments/1',
      'bad-attachment',
    ],
  ])('%s: the rest comes in', (_, bytes, name, why) => {
    const [whole, found] = [openBackup(file), openBackup(bytes())]
    if (!whole.ok || !found.ok) throw new Error('not opened')
    expect(found.refused).toMatchObject([{ name, why }])
    const lost = name.startsWith('cases/2') ? 1 : 0
    expect(found.backup.cases).toHaveLength(whole.backup.cases.length - lost)
  })
  test('a case of the file that does not unpack leaves the others', () => {
    const entries = unzipSync(file)
    const at = Buffer.from(file).indexOf('cases/3.json') + 'cases/3.json'.length + 20
    const bytes = file.slice()
    bytes.fill(0xff, at, at + 200)
    const found = openBackup(bytes)
    if (!found.ok) throw new Error(found.why)
    expect(found.refused.map(({ name }) => name)).toEqual(['cases/3.json'])
    expect(found.backup.cases).toHaveLength(Object.keys(entries).filter((one) => one.startsWith('cases/')).length - 1)
  })
  test('a bomb that says it is small is cut where it said it ends', () => {
    const bomb = zipSync({ 'manifest.json': new Uint8Array(5_000_000) })
    const view = new DataView(bomb.buffer)
    const directory = view.getUint32(bomb.length - 6, true)
    view.setUint32(directory + 24, 100, true)
    expect(openBackup(bomb)).toMatchObject({ ok: false })
  })
  test('every single byte changed is noticed, or changes nothing', () => {
    const before = essence(opened(file))
    fc.assert(
      fc.property(fc.nat({ max: file.length - 1 }), fc.integer({ min: 1, max: 255 }), (at, by) => {
        const bytes = file.slice()
        bytes[at]! ^= by
        const found = openBackup(bytes)
        if (found.ok && found.refused.length === 0) expect(essence(found.backup)).toEqual(before)
      }),
      { numRuns: 100 },
    )
  })
})

test.each([
  ['a PNG', png, undefined],
  ['an SVG with a script', strToU8('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'), 'svg'],
  ['an SVG behind an XML head', strToU8('<?xml version="1.0"?><!-- --><svg/>'), 'svg'],
  ['a page', strToU8('<html></html>'), 'not-a-picture'],
  ['three megabytes', new Uint8Array(3_000_000), 'too-large'],
])('%s as a logo', (_, bytes, fault) => expect(pictureFault(bytes)).toBe(fault))

test('a backup is due after so many days or changes, and no longer once it is made', async () => {
  expect(await backupState()).toMatchObject({ edits: 0, due: false })
  await editCase(await own('A'), (draft) => void (draft.place = 'x'))
  await editOffice({ name: 'O' })
  const inDays = (n: number) => new Date(Date.now() + n * 86_400_000)
  expect(await backupState()).toMatchObject({ edits: 1, due: false })
  expect(await backupState(inDays(8))).toMatchObject({ due: true })
  const { backup, seq } = await collectBackup()
  await markBackedUp(backup.madeAt, seq)
  expect(await backupState(inDays(8))).toMatchObject({ at: backup.madeAt, edits: 0, due: false })
})
