import { stations, type Station } from '../core/case/stations'
import { dayNumber } from '../core/calendar/day'
import { dueKinds, type Due } from '../core/plan/due-kinds'
import { isRecord } from '../core/shape/shape'
import type { Summary } from './db'

const textIn = (value: unknown): string => (typeof value === 'string' ? value : '')
const textsIn = (value: unknown): readonly string[] =>
  Array.isArray(value) ? value.filter((one): one is string => typeof one === 'string') : []

/** A row of the Desk, as far as it can be shown. */
export interface SoundSummary extends Summary {
  /** Something in it is not what it should be; it is made anew where its case can be read (`upkeep.ts`). */
  readonly damaged?: true
}

const isDue = (due: unknown): due is Due =>
  isRecord(due) &&
  dayNumber(textIn(due.day)) !== undefined &&
  dueKinds.some((kind) => kind === due.what) &&
  typeof due.of === 'string'

/** A row of the Desk as it was read, put right where it can be; nothing in it is trusted. */
export function soundSummary(row: unknown): SoundSummary {
  const read = isRecord(row) ? row : {}
  const { id, client, place, areas, codes, waitsFor, updatedAt, sample, trashedAt, dues, by, crops } = read
  const sound: Summary = {
    id: textIn(id),
    client: textIn(client),
    place: textIn(place),
    areas: textsIn(areas),
    codes: textsIn(codes),
    waitsFor: stations.includes(waitsFor as Station) ? (waitsFor as Station) : 'ground',
    updatedAt: Number.isNaN(Date.parse(textIn(updatedAt))) ? new Date(0).toISOString() : textIn(updatedAt),
    sample: sample === true,
    ...(Array.isArray(dues) && dues.every(isDue) && { dues }),
    ...(typeof by === 'string' && { by }),
    ...(Array.isArray(crops) && { crops: textsIn(crops) }),
    ...(typeof trashedAt === 'string' && { trashedAt }),
  }
  const same =
    Object.entries(sound).every(([key, value]) => JSON.stringify(read[key]) === JSON.stringify(value)) &&
    (trashedAt === undefined || 'trashedAt' in sound) &&
    (dues === undefined || 'dues' in sound) &&
    (by === undefined || 'by' in sound) &&
    (crops === undefined || 'crops' in sound)
  return same ? sound : { ...sound, damaged: true }
}
