import { guideRef } from '../core/guides/guide'
import { defaultGuide } from '../core/guides/guides'
import type { Office } from '../schemas/office'
import { db, setting, type Attachment } from './db'

export const blankOffice: Office = {
  id: 'office',
  name: '',
  address: '',
  disclaimer: '',
  region: '',
  logo: null,
  people: '',
  measures: 'feet',
  climate: 'cool',
  guide: guideRef(defaultGuide),
  feeding: 'usual',
  schools: {},
  sample: false,
}

/** The office of this browser, blank until something is typed, or where the browser keeps nothing. */
export const readOffice = (): Promise<Office> =>
  db.office.get('office').then(
    (office) => office ?? blankOffice,
    () => blankOffice,
  )

let waiting: Partial<Office> = {}
let writing: Promise<void> | undefined

/**
 * Changes the office. What is typed while a write is under way waits and goes into the next one together. Rejects where
 * the browser refuses; the change then waits for the next edit. Once edited the office is one's own, and no sample.
 */
export function editOffice(change: Partial<Office>): Promise<void> {
  waiting = { ...waiting, ...change }
  writing ??= writeWaiting().finally(() => (writing = undefined))
  return writing
}

async function writeWaiting(): Promise<void> {
  while (Object.keys(waiting).length > 0) {
    const taken = waiting
    waiting = {}
    try {
      await db.transaction('rw', db.office, async () => {
        const stored = (await db.office.get('office')) ?? blankOffice
        await db.office.put({ ...stored, sample: false, ...taken })
      })
    } catch (error) {
      waiting = { ...taken, ...waiting }
      throw error
    }
  }
}

/** What the office begins cases and areas with, and who drafts them. */
export const beginsWith = async () => {
  const { measures, climate, guide, feeding, schools } = await readOffice()
  const draftedBy = (await setting('signer').catch(() => undefined)) ?? ''
  return { kase: { measures, climate, schools, draftedBy }, area: { guide, feeding } }
}

/** Puts the samples' office in, unless there is one already. */
export const addSampleOffice = (sample: Office): Promise<void> =>
  db.transaction('rw', db.office, async () => {
    if (!(await db.office.get('office'))) await db.office.put(sample)
  })

/** `MV, TB; os` as a list. */
export const initialsOf = ({ people }: Pick<Office, 'people'>): string[] => [
  ...new Set(people.split(/[\s,;]+/).filter(Boolean)),
]

/** Puts a picture at the head of the office's letters in place of the one before; null takes it away. */
export const setLogo = (logo: Attachment | null): Promise<void> =>
  db.transaction('rw', db.attachments, db.office, async () => {
    await db.attachments.where('owner').equals('office').delete()
    if (logo) await db.attachments.put(logo)
    const stored = (await db.office.get('office')) ?? blankOffice
    await db.office.put({ ...stored, sample: false, logo: logo?.id ?? null })
  })
