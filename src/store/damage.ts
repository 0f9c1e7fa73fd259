import { dayNumber } from '../core/passes/program/day'
import { dueKinds, type Due } from '../core/passes/program/due'
import { stations, type Station } from '../core/case/progress'
import { caseShape } from '../core/shape/case-shape'
import { knownOnly } from '../core/shape/readable'
import { isRecord, misfitIn } from '../core/shape/shape'
import { caseSchemaNumber, migratedCase } from '../schemas/migrations'
import type { Case } from '../core/case/case'
import { defaultGuide } from '../core/guides/guides'
import type { Guide } from '../core/guides/guide'
import type { Product } from '../core/shelf/product'
import type { Summary } from './db'

const textIn = (value: unknown): string => (typeof value === 'string' ? value : '')
const textsIn = (value: unknown): readonly string[] =>
  Array.isArray(value) ? value.filter((one): one is string => typeof one === 'string') : []

/** A row of the Desk, as far as it can be shown. */
export interface SoundSummary extends Summary {
  /** Something in it is not what it should be; opening the case makes it anew. */
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

/** Whether a stored case cannot be shown: something in it is not there, or is no such thing. Too long a text is no harm. */
export const isDamaged = (kase: unknown): boolean => misfitIn(caseShape, kase)?.why === 'other'

/** A stored case in today's schema, or in the newer one that it has. Throws where it is too far from any. */
export const inTodaysSchema = (stored: Case): Case =>
  (stored.schema as number) < caseSchemaNumber ? (migratedCase(stored) as Case) : stored

/**
 * A stored case in today's schema, without stray fields that an older version left; undefined where it cannot be shown.
 * One of a newer schema stays as it is.
 */
export function soundCase(stored: Case): Case | undefined {
  try {
    const today = inTodaysSchema(stored)
    if (today.schema > caseSchemaNumber) return today
    const known = knownOnly(caseShape, today)
    return isDamaged(known) ? undefined : known
  } catch {
    return undefined
  }
}

/** Whether a stored guide has everything that a guide has; one that lacks something rates nothing. */
export const isSoundGuide = (guide: unknown): guide is Guide =>
  isRecord(guide) &&
  Object.entries(defaultGuide).every(
    ([key, value]) =>
      typeof value !== 'object' || value === null || (guide[key] !== null && typeof guide[key] === 'object'),
  ) &&
  typeof guide.id === 'string' &&
  typeof guide.version === 'number'

export const isSoundProduct = (product: unknown): product is Product =>
  isRecord(product) &&
  typeof product.id === 'string' &&
  typeof product.version === 'number' &&
  isRecord(product.label) &&
  typeof product.label.en === 'string' &&
  typeof product.bagLb === 'number' &&
  typeof product.lbPerCup === 'number'
