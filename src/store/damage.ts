import { caseShape, type Case } from '../core/case/case'
import { knownOnly } from '../core/shape/readable'
import { isRecord, misfitIn } from '../core/shape/shape'
import { caseSchemaNumber } from '../core/case/schema'
import { migratedCase } from '../schemas/migrations'
import { defaultGuide } from '../core/guides/guides'
import type { Guide } from '../core/guides/guide'
import type { Product } from '../core/shelf/product'

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
