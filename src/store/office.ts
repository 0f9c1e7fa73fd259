import { blankOffice, officeShape, type Office } from '../core/office'
import { readable } from '../core/shape/readable'
import { misfitIn } from '../core/shape/shape'
import { migratedOffice } from '../schemas/migrations'
import { anywhere, localOf, type Local } from '../core/calendar/local'
import { db, setting, type Attachment } from './db'
import { registry } from './registry'

/** The office as far as it can be read. */
export interface SoundOffice extends Office {
  /** Something in what is kept is not what it should be; the next edit writes it anew. */
  readonly damaged?: true
  /** The browser did not give it: what is kept may be another. */
  readonly unread?: true
}

/** An office as it was read; nothing in it is trusted. Too long a text is no harm. */
function soundOffice(kept: unknown): SoundOffice {
  const row = migratedOffice(kept)
  const misfit = row === undefined ? undefined : misfitIn(officeShape, row)
  if (!misfit || misfit.why !== 'other') return (row as Office | undefined) ?? blankOffice
  return { ...(readable(officeShape, row, blankOffice)?.value ?? blankOffice), damaged: true }
}

/** The office of this browser, blank until something is typed; and, said so, where the browser does not give it. */
export const readOffice = (): Promise<SoundOffice> =>
  db.office.get('office').then(soundOffice, () => ({ ...blankOffice, unread: true }))

/** What the office has settled for all of its cases, known before any case is. */
export const localRegistry = registry<Local>([], async ({ office }) => [
  localOf(soundOffice(await office.get('office'))),
])

export const allLocal = (): Local => localRegistry.all()[0] ?? anywhere

/** Inside a transaction: the office with something changed. Once edited it is one's own, and no sample. */
async function putOffice(changes: readonly Change[]): Promise<void> {
  const { damaged: _mended, ...stored } = soundOffice(await db.office.get('office'))
  const changed = changes.reduce<Office>((office, change) => ({ ...office, ...change(office) }), stored)
  await db.office.put({ ...changed, sample: false })
}

/** What is to be other, of the office as it is when it is written. */
type Change = (office: Office) => Partial<Office>

let waiting: readonly Change[] = []
let writing: Promise<void> | undefined

/**
 * Changes the office. What is typed while a write is under way waits and goes into the next one together. Rejects where
 * the browser refuses; the change then waits for the next edit.
 *
 * @param change a function where it goes by what is there already, such as one more entry of a list
 */
export function editOffice(change: Partial<Office> | Change): Promise<void> {
  waiting = [...waiting, typeof change === 'function' ? change : () => change]
  writing ??= writeWaiting().finally(() => (writing = undefined))
  return writing
}

async function writeWaiting(): Promise<void> {
  while (waiting.length > 0) {
    const taken = waiting
    waiting = []
    try {
      await db.transaction('rw', db.office, () => putOffice(taken))
    } catch (error) {
      waiting = [...taken, ...waiting]
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
    await putOffice([() => ({ logo: logo?.id ?? null })])
  })
