/**
 * What a stored value may be, declared once: files, backups and the API are checked by it, and every edit before it is
 * taken, so that nothing is kept that could not be read back.
 */
export type Shape =
  /** Text of `least` to `most` characters, in a form of its own where it has one. */
  | { readonly is: 'text'; readonly most: number; readonly least: number; readonly form?: RegExp }
  /** A moment, ISO 8601. */
  | { readonly is: 'instant' }
  | { readonly is: 'number'; readonly low?: number; readonly high?: number; readonly whole?: boolean }
  | { readonly is: 'flag' }
  | { readonly is: 'one-of'; readonly values: readonly (string | number | boolean | null)[] }
  /** What somebody typed, with its unit and the number read from it. */
  | { readonly is: 'typed' }
  /** `blank`: what stands for those of an entry that cannot be read. */
  | { readonly is: 'fields'; readonly of: Readonly<Record<string, Shape>>; readonly blank?: object }
  /** `unique`: no entry twice, or no two of one `id` or `field`. */
  | {
      readonly is: 'list'
      readonly of: Shape
      readonly most: number
      readonly least: number
      readonly unique?: Unique
    }
  /** Exactly these, in this order. */
  | { readonly is: 'tuple'; readonly of: readonly Shape[] }
  /** Values by keys that are not known beforehand. */
  | { readonly is: 'record'; readonly key: RegExp | number; readonly of: Shape; readonly most?: number }
  /** One of several kinds of fields, told by its `kind`. */
  | { readonly is: 'kinds'; readonly of: Readonly<Record<string, Readonly<Record<string, Shape>>>> }
  /** The same, or nothing. */
  | { readonly is: 'optional'; readonly of: Shape }

type Unique = 'entry' | 'id' | 'field'

export const text = (most: number, least = 0): Shape => ({ is: 'text', most, least })
export const form = (pattern: RegExp, most = 200): Shape => ({ is: 'text', most, least: 1, form: pattern })
export const instant: Shape = { is: 'instant' }
export const number = (low?: number, high?: number): Shape => ({ is: 'number', low, high })
export const whole = (low: number, high?: number): Shape => ({ is: 'number', low, high, whole: true })
export const flag: Shape = { is: 'flag' }
export const oneOf = (...values: readonly (string | number | boolean | null)[]): Shape => ({ is: 'one-of', values })
export const typed: Shape = { is: 'typed' }
export const fields = (of: Readonly<Record<string, Shape>>, blank?: object): Shape => ({ is: 'fields', of, blank })
export const list = (of: Shape, most: number, unique?: Unique, least = 0): Shape => ({
  is: 'list',
  of,
  most,
  least,
  unique,
})
export const tuple = (...of: readonly Shape[]): Shape => ({ is: 'tuple', of })
export const record = (key: RegExp | number, of: Shape, most?: number): Shape => ({ is: 'record', key, of, most })
export const kinds = (of: Readonly<Record<string, Readonly<Record<string, Shape>>>>): Shape => ({ is: 'kinds', of })
export const orNone = (of: Shape): Shape => ({ is: 'optional', of })

/** Characters of what is typed into one field, and of its unit. */
export const typedLimits = { text: 120, unit: 24 } as const
/** Whether a record may have such a key, by its form or its length. */
export const keyFits = ({ key: form }: Pick<Extract<Shape, { is: 'record' }>, 'key'>, key: string): boolean =>
  !reservedKeys.has(key) && (typeof form === 'number' ? key !== '' && key.length <= form : form.test(key))

/** Keys that mean something to JavaScript itself; nothing of ours has a field of that name. */
export const reservedKeys: ReadonlySet<string> = new Set(['__proto__', 'constructor', 'prototype'])

/** Where a value breaks its shape. */
export interface Misfit {
  readonly path: readonly string[]
  /** `long`: characters over the most; `many`: entries over the most; `other`: it is not such a thing at all. */
  readonly why: 'long' | 'many' | 'other'
  /** How much there may be, and how much there is. */
  readonly most?: number
  readonly is?: number
}

const isoInstant = /^\d{4}-\d\d-\d\d(?:T\d\d:\d\d(?::\d\d(?:\.\d+)?)?(?:Z|[+-]\d\d:\d\d)?)?$/

export const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** The first place in which a value breaks its shape; undefined where it fits. */
export function misfitIn(shape: Shape, value: unknown, path: readonly string[] = []): Misfit | undefined {
  const other: Misfit = { path, why: 'other' }
  switch (shape.is) {
    case 'optional':
      return value === null ? undefined : misfitIn(shape.of, value, path)
    case 'text':
      if (typeof value !== 'string' || value.length < shape.least) return other
      if (value.length > shape.most) return { path, why: 'long', most: shape.most, is: value.length }
      return shape.form && !shape.form.test(value) ? other : undefined
    case 'instant':
      return typeof value === 'string' && isoInstant.test(value) && !Number.isNaN(Date.parse(value)) ? undefined : other
    case 'number': {
      const { low = -Infinity, high = Infinity } = shape
      const fits = typeof value === 'number' && Number.isFinite(value) && value >= low && value <= high
      return fits && (!shape.whole || Number.isInteger(value)) ? undefined : other
    }
    case 'flag':
      return typeof value === 'boolean' ? undefined : other
    case 'one-of':
      return (shape.values as readonly unknown[]).includes(value) ? undefined : other
    case 'typed':
      return isRecord(value) ? misfitOfTyped(value, path) : other
    case 'fields':
      return isRecord(value) ? misfitOfFields(shape.of, value, path) : other
    case 'kinds': {
      const of = isRecord(value) ? shape.of[String(value.kind)] : undefined
      return of ? misfitOfFields({ kind: text(40), ...of }, value as Readonly<Record<string, unknown>>, path) : other
    }
    case 'tuple':
      return Array.isArray(value) && value.length === shape.of.length
        ? firstOf(value, (one, i) => misfitIn(shape.of[i]!, one, [...path, String(i)]))
        : other
    case 'list':
      return Array.isArray(value) ? misfitOfList(shape, value, path) : other
    case 'record':
      return isRecord(value) ? misfitOfRecord(shape, value, path) : other
  }
}

function firstOf<One>(all: readonly One[], misfit: (one: One, i: number) => Misfit | undefined): Misfit | undefined {
  for (const [i, one] of all.entries()) {
    const found = misfit(one, i)
    if (found) return found
  }
  return undefined
}

const misfitOfTyped = (value: Readonly<Record<string, unknown>>, path: readonly string[]): Misfit | undefined =>
  misfitIn(text(typedLimits.text), value.text, path) ??
  misfitIn(text(typedLimits.unit), value.unit, path) ??
  ((value.value === null || Number.isFinite(value.value)) && Object.keys(value).length === 3
    ? undefined
    : { path, why: 'other' })

const misfitOfFields = (
  of: Readonly<Record<string, Shape>>,
  value: Readonly<Record<string, unknown>>,
  path: readonly string[],
): Misfit | undefined =>
  firstOf(Object.keys({ ...of, ...value }), (key) =>
    Object.hasOwn(of, key) ? misfitIn(of[key]!, value[key], [...path, key]) : { path: [...path, key], why: 'other' },
  )

function misfitOfList(
  { of, most, least, unique }: Extract<Shape, { is: 'list' }>,
  value: readonly unknown[],
  path: readonly string[],
): Misfit | undefined {
  if (value.length > most) return { path, why: 'many', most, is: value.length }
  const keys = unique && unique !== 'entry' ? value.map((one) => (isRecord(one) ? one[unique] : one)) : value
  if (value.length < least || (unique && new Set(keys).size < value.length)) return { path, why: 'other' }
  return firstOf(value, (one, i) =>
    misfitIn(of, one, [...path, isRecord(one) && 'id' in one ? String(one.id) : String(i)]),
  )
}

function misfitOfRecord(
  shape: Extract<Shape, { is: 'record' }>,
  value: Readonly<Record<string, unknown>>,
  path: readonly string[],
): Misfit | undefined {
  const { of, most = Infinity } = shape
  const entries = Object.entries(value)
  if (entries.length > most) return { path, why: 'many', most, is: entries.length }
  return firstOf(entries, ([key, one]) =>
    keyFits(shape, key) ? misfitIn(of, one, [...path, key]) : { path: [...path, key], why: 'other' },
  )
}

/** The shape of what stands at a path that goes by ids and keys; undefined where nothing can stand. */
export const shapeAt = (shape: Shape, path: readonly string[]): Shape | undefined =>
  path.reduce<Shape | undefined>((now, key) => now && inner(now, key), shape)

function inner(shape: Shape, key: string): Shape | undefined {
  switch (shape.is) {
    case 'optional':
      return inner(shape.of, key)
    case 'fields':
      return shape.of[key]
    case 'list':
      return shape.of
    case 'record':
      return keyFits(shape, key) ? shape.of : undefined
    default:
      return undefined
  }
}
