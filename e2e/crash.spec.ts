import { blankArea, blankCase } from '../src/core/case/blank'
import { expect, test, type Page } from '@playwright/test'
import { relaunch, withProfile } from './own-browser'

/**
 * Types and edits while the browser is killed at random moments. On opening again, every edit that was shown as kept is
 * there, and the case opens. The browser is this test's own process, in a profile of its own.
 */
const kills = Number(process.env.KILLS ?? 24)
/** Of restore, import and migration each. */
const killsWithin = Math.ceil(kills / 8)

const note = (page: Page) => page.getByLabel('Property or project')

/** The case is there; where it is not, the test tells what is. */
async function opened(page: Page, client: string) {
  const field = page.getByLabel('Client', { exact: true })
  await expect(field.or(page.getByRole('alert').first()))
    .toBeVisible()
    .catch(() => undefined)
  await expect(field, await page.locator('body').innerText()).toHaveValue(client, { timeout: 120_000 })
}

test(`nothing shown as kept is lost over ${kills} kills`, async ({ baseURL }) => {
  test.setTimeout(180_000 + kills * 25_000)
  let [typed, confirmed, cut] = [0, 0, 0]
  let address = ''
  await withProfile(async (profile) => {
    for (let round = 0; round <= kills; round += 1) {
      const { page, kill } = await relaunch(profile)
      if (round === 0) {
        await page.goto(`${baseURL}/`)
        await page.getByRole('button', { name: 'Start a case' }).click()
        await page.getByLabel('Client', { exact: true }).fill('Crash')
        await expect(page.getByText('Kept on this machine')).toBeVisible()
        address = page.url()
      } else {
        await page.goto(address)
        await opened(page, 'Crash')
        const found = Number(await note(page).inputValue())
        expect(found, `after kill ${round}`).toBeGreaterThanOrEqual(confirmed)
        expect(found).toBeLessThanOrEqual(typed)
        if (found < typed) cut += 1
      }
      for (let i = 0; i < 3; i += 1) {
        await note(page).fill(String((typed += 1)))
        await expect(page.getByText('Kept on this machine')).toBeVisible()
        confirmed = typed
      }
      // One more stroke that nobody waits for, and the plug is pulled somewhere in its writing.
      const last = note(page)
        .fill(String((typed += 1)))
        .catch(() => undefined)
      await new Promise((resolve) => setTimeout(resolve, Math.random() * 150))
      await kill()
      await last
    }
  })
  console.log(`${kills} kills, ${cut} of them before the last stroke was written`)
})

/** Every row of the database, read past the app, and the version it is of. */
const rows = (page: Page): Promise<{ version: number; tables: Record<string, Record<string, unknown>[]> }> =>
  page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const opening = indexedDB.open('agrologos')
        opening.onerror = () => reject(new Error('the database does not open'))
        opening.onsuccess = async () => {
          const database = opening.result
          const names = [...database.objectStoreNames]
          const reading = database.transaction(names)
          const tables: Record<string, Record<string, unknown>[]> = {}
          await Promise.all(
            names.map(
              (name) =>
                new Promise<void>((read) => {
                  const all = reading.objectStore(name).getAll()
                  all.onsuccess = () => {
                    tables[name] = all.result
                    read()
                  }
                }),
            ),
          )
          database.close()
          resolve({ version: database.version, tables })
        }
      }),
  )

const at = '2026-11-01T10:00:00.000Z'
const typed = (text: string, unit: string) => ({ text, unit, value: null })
const area = (id: string, name: string) => ({
  id,
  name,
  size: typed('12x18', 'ft²'),
  crop: 'tomato',
  texture: 'loam',
  ground: null,
  depth: typed('', 'in'),
  feeding: 'usual',
  phosphorusBanned: false,
  guide: 'mehlich-3-humid-east@1',
  reportId: null,
  materials: {
    lime: null,
    limeEffective: typed('', '%'),
    limeBag: typed('', 'lb'),
    sulfur: null,
    sulfurBag: typed('', 'lb'),
    fertilizer: null,
    meets: null,
    fertilizerBag: typed('', 'lb'),
  },
})
const caseOf = (id: string, client: string, areas: number, schema: number) => ({
  id,
  schema,
  rev: 1,
  client,
  place: '',
  draftedBy: '',
  checkedBy: '',
  createdAt: at,
  updatedAt: at,
  sample: false,
  measures: 'feet',
  climate: 'cool',
  areas: Array.from({ length: areas }, (_, i) => area(`a${i}`, client)),
  reports: [],
  letter: { date: '2026-11-01', note: '', printedAt: null },
})
const fileOf = (kase: object) =>
  Buffer.from(JSON.stringify({ format: 'agrologos-case', schema: 2, case: kase, log: [] }))
const handOver = (page: Page, name: string, buffer: Buffer) =>
  page.locator('input[type=file]').first().setInputFiles({ name, mimeType: 'application/octet-stream', buffer })
const soon = (most: number) => new Promise((resolve) => setTimeout(resolve, Math.random() * most))

test(`a file taken in is in whole or not at all, over ${killsWithin} kills`, async ({ baseURL }) => {
  test.setTimeout(180_000 + killsWithin * 60_000)
  let [before, after] = [0, 0]
  for (let round = 0; round < killsWithin; round += 1)
    await withProfile(async (profile) => {
      const first = await relaunch(profile)
      await first.page.goto(`${baseURL}/`)
      await handOver(first.page, 'case.json', fileOf(caseOf('handed', 'Old', 400, 2)))
      await first.page.waitForURL(/\/case/)
      await first.page.goto(`${baseURL}/`)
      await handOver(first.page, 'case.json', fileOf(caseOf('handed', 'New', 400, 2)))
      await first.page.getByRole('button', { name: 'Replace' }).click()
      await soon(round % 2 ? 400 : 80)
      await first.kill()
      const second = await relaunch(profile)
      await second.page.goto(`${baseURL}/icon.svg`)
      const { tables } = await rows(second.page)
      const [kase] = tables.cases as { client: string; areas: { name: string }[] }[]
      const is = kase!.client
      expect(['Old', 'New']).toContain(is)
      expect(kase!.areas.every(({ name }) => name === is)).toBe(true)
      expect(tables.summaries!.map((one) => one.client)).toEqual([is])
      expect(tables.edits).toHaveLength(is === 'New' ? 1 : 0)
      if (is === 'New') after += 1
      else before += 1
      await second.page.goto(`${baseURL}/case?id=handed&station=ground`)
      await opened(second.page, is)
      await second.kill()
    })
  console.log(`killed while taking a file in: ${before} before, ${after} after`)
})

test(`a backup is restored in whole or not at all, over ${killsWithin} kills`, async ({ baseURL }) => {
  test.setTimeout(180_000 + killsWithin * 60_000)
  let backup: Buffer | undefined
  const cases = 300
  let [before, after] = [0, 0]
  for (let round = 0; round < killsWithin; round += 1)
    await withProfile(async (profile) => {
      const first = await relaunch(profile)
      await first.page.goto(`${baseURL}/office`)
      await first.page.getByLabel('Name', { exact: true }).fill('Own')
      await expect(first.page.getByText('Kept on this machine')).toBeVisible()
      backup ??= await bigBackup(first.page, cases)
      await first.page.locator('input[type=file][accept*=zip]').setInputFiles({
        name: 'backup.zip',
        mimeType: 'application/zip',
        buffer: backup,
      })
      await first.page.getByRole('radio', { name: 'Make it as the backup says' }).click()
      await first.page.getByRole('checkbox', { name: /Take name/ }).check()
      await first.page.getByRole('button', { name: 'Restore', exact: true }).click()
      await soon(round % 2 ? 3_000 : 800)
      await first.kill()
      const second = await relaunch(profile)
      await second.page.goto(`${baseURL}/icon.svg`)
      const { tables } = await rows(second.page)
      const restored = tables.office![0]!.name === 'Restored'
      if (restored) after += 1
      else before += 1
      for (const table of ['cases', 'summaries']) expect(tables[table]).toHaveLength(restored ? cases : 0)
      await second.page.goto(`${baseURL}/`)
      if (restored) await expect(second.page.getByText(`${cases} cases`)).toBeVisible()
      await second.kill()
    })
  console.log(`killed while restoring: ${before} before, ${after} after`)
})

/** A backup made by the app itself, in another origin-less page's place: the office as it would be, then cleared again. */
async function bigBackup(page: Page, cases: number): Promise<Buffer> {
  const all = Array.from({ length: cases }, (_, i) => ({
    ...blankCase(`c${i}`, at),
    rev: 1,
    client: `Client ${i}`,
    areas: [blankArea('a0', ''), blankArea('a1', '')],
  }))
  const fill = (content: object[]) =>
    page.evaluate(
      (put) =>
        new Promise<void>((resolve) => {
          const opening = indexedDB.open('agrologos')
          opening.onsuccess = () => {
            const writing = opening.result.transaction(['cases', 'office'], 'readwrite')
            const office = writing.objectStore('office')
            office.get('office').onsuccess = (event) => {
              const found = (event.target as IDBRequest).result as object
              office.put({ ...found, name: put.length > 0 ? 'Restored' : 'Own' })
            }
            writing.objectStore('cases').clear()
            for (const one of put) writing.objectStore('cases').put(one)
            writing.oncomplete = () => {
              opening.result.close()
              resolve()
            }
          }
        }),
      content,
    )
  await fill(all)
  const url = new Promise<string>((resolve) => void page.exposeFunction('tellBackup', resolve))
  await page.evaluate(() => {
    const create = URL.createObjectURL.bind(URL)
    URL.createObjectURL = (blob: Blob) => {
      void blob.arrayBuffer().then((bytes) => {
        let text = ''
        for (const byte of new Uint8Array(bytes)) text += String.fromCharCode(byte)
        ;(window as unknown as { tellBackup: (text: string) => void }).tellBackup(btoa(text))
      })
      return create(blob)
    }
  })
  await page.getByRole('button', { name: 'Save a backup' }).click()
  const file = Buffer.from(await url, 'base64')
  await fill([])
  await page.reload()
  return file
}

test(`older data is brought up to date in whole or not at all, over ${killsWithin} kills`, async ({ baseURL }) => {
  test.setTimeout(180_000 + killsWithin * 60_000)
  const [cases, edits] = [600, 2_000]
  let [before, after] = [0, 0]
  for (let round = 0; round < killsWithin; round += 1)
    await withProfile(async (profile) => {
      const first = await relaunch(profile)
      await first.page.goto(`${baseURL}/icon.svg`)
      await first.page.evaluate(
        ([old, log]) =>
          new Promise<void>((resolve) => {
            // The third version of the database, as it was released; Dexie counts in tens.
            const opening = indexedDB.open('agrologos', 30)
            opening.onupgradeneeded = () => {
              const database = opening.result
              database.createObjectStore('cases', { keyPath: 'id' })
              database.createObjectStore('summaries', { keyPath: 'id' }).createIndex('updatedAt', 'updatedAt')
              database.createObjectStore('settings', { keyPath: 'key' })
              database
                .createObjectStore('edits', { keyPath: 'seq', autoIncrement: true })
                .createIndex('caseId', 'caseId')
              database.createObjectStore('office', { keyPath: 'id' })
            }
            opening.onsuccess = () => {
              const writing = opening.result.transaction(['cases', 'edits'], 'readwrite')
              for (const one of old) writing.objectStore('cases').put(one)
              for (const one of log) writing.objectStore('edits').put(one)
              writing.oncomplete = () => {
                opening.result.close()
                resolve()
              }
            }
          }),
        [
          Array.from({ length: cases }, (_, i) => caseOf(`c${i}`, `Client ${i}`, 2, 1)),
          Array.from({ length: edits }, (_, i) => ({
            caseId: `c${i % cases}`,
            by: '',
            at,
            kind: 'edit',
            patches: [{ op: 'replace', path: ['place'], value: '' }],
            inverse: [{ op: 'replace', path: ['place'], value: '' }],
          })),
        ] as const,
      )
      const opening = first.page.goto(`${baseURL}/`).catch(() => undefined)
      await soon(round % 2 ? 2_000 : 900)
      await first.kill()
      await opening
      const second = await relaunch(profile)
      await second.page.goto(`${baseURL}/icon.svg`)
      const { version, tables } = await rows(second.page)
      const upToDate = version >= 80
      if (upToDate) after += 1
      else before += 1
      expect(tables.cases).toHaveLength(cases)
      expect(tables.edits).toHaveLength(edits)
      expect(tables.cases!.every((one) => one.schema === (upToDate ? 7 : 1))).toBe(true)
      expect(tables.edits!.every((one) => 'id' in one === upToDate)).toBe(true)
      await second.page.goto(`${baseURL}/case?id=c7&station=ground`)
      await opened(second.page, 'Client 7')
      await second.kill()
    })
  console.log(`killed while bringing older data up to date: ${before} before, ${after} after`)
})
