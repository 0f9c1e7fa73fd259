import type { Typed, UnitWords } from '../units/typed'

/**
 * What a stored value may be, declared once: its type in the code follows from it, and so do a blank one, what files,
 * backups and the API are checked by, how it is read again, what an edit may put there, what the history calls it and
 * what becomes of a case from before there was such a field.
 */
export type Shape<Of = unknown> = Kind & Declared & { readonly holds?: Of }

/** The value of a shape. */
export type Holds<Of extends Shape> = Exclude<Of['holds'], undefined>

/** What is said of a field beside its kind. */
interface Declared {
  /** Stands where nothing was typed or chosen; absent: what is usual for its kind. */
  readonly blank?: unknown
  /** What the history calls it. */
  readonly label?: string
  /** The schema since which cases have it; absent: always, or a step of its own brought it. */
  readonly since?: number
}

type Kind =
  /** Text of `least` to `most` characters, in a form of its own where it has one. */
  | { readonly is: 'text'; readonly most: number; readonly least: number; readonly form?: RegExp }
  /** A moment, ISO 8601. */
  | { readonly is: 'instant' }
  | { readonly is: 'number'; readonly low?: number; readonly high?: number; readonly whole?: boolean }
  | { readonly is: 'flag' }
  | { readonly is: 'one-of'; readonly values: readonly Choice[] }
  /** What somebody typed, with its unit and the number read from it. */
  | { readonly is: 'typed'; readonly unit: string; readonly units: readonly UnitWords[]; readonly as: Read }
  | { readonly is: 'fields'; readonly of: Readonly<Record<string, Shape>> }
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
  /** By these keys, of which any may be missing; a later version of the app may know more of them, all `else`. */
  | { readonly is: 'some'; readonly of: Readonly<Record<string, Shape>>; readonly else: Shape }
  /** One of several kinds of fields, told by its `kind`. */
  | { readonly is: 'kinds'; readonly of: Readonly<Record<string, Readonly<Record<string, Shape>>>> }
  /** The same, or nothing. */
  | { readonly is: 'optional'; readonly of: Shape }

type Unique = 'entry' | 'id' | 'field'
type Choice = string | number | boolean | null
/** How a typed text becomes a number: a plain one, one of a test (a limit, a range), or an area of ground. */
type Read = 'number' | 'measured' | 'size'
type Each<Of extends Readonly<Record<string, Shape>>> = { readonly [Name in keyof Of]: Holds<Of[Name]> }

export const text = <Of extends string = string>(most: number, least = 0): Shape<Of> => ({ is: 'text', most, least })
export const form = <Of extends string = string>(pattern: RegExp, most = 200): Shape<Of> => ({
  is: 'text',
  most,
  least: 1,
  form: pattern,
})
export const instant: Shape<string> = { is: 'instant' }
export const number = (low?: number, high?: number): Shape<number> => ({ is: 'number', low, high })
export const whole = (low: number, high?: number): Shape<number> => ({ is: 'number', low, high, whole: true })
export const flag: Shape<boolean> = { is: 'flag' }
/** Null stands where nobody chose, where that is one of them; `usually` says what else may. */
export const oneOf = <const Value extends Choice>(...values: readonly Value[]): Shape<Value> => ({
  is: 'one-of',
  values,
})
/** @param unit in which it is typed where no other is named */
export const typed = (
  { units }: { readonly units: readonly UnitWords[] },
  unit: string,
  as: Read = 'number',
): Shape<Typed> => ({ is: 'typed', units, unit, as })
export const fields = <const Of extends Readonly<Record<string, Shape>>>(of: Of): Shape<Each<Of>> => ({
  is: 'fields',
  of,
})
export const list = <Of>(of: Shape<Of>, most: number, unique?: Unique, least = 0): Shape<readonly Of[]> => ({
  is: 'list',
  of,
  most,
  least,
  unique,
})
export const tuple = <const Of extends readonly Shape[]>(
  ...of: Of
): Shape<{ readonly [At in keyof Of]: Holds<Of[At]> }> => ({ is: 'tuple', of })
export const record = <Of>(
  key: RegExp | number,
  of: Shape<Of>,
  most?: number,
): Shape<Readonly<Record<string, Of>>> => ({
  is: 'record',
  key,
  of,
  most,
})
export const some = <const Of extends Readonly<Record<string, Shape>>>(
  of: Of,
  later: Shape,
): Shape<Partial<Each<Of>>> => ({ is: 'some', of, else: later })
export const kinds = <Of>(of: Readonly<Record<string, Readonly<Record<string, Shape>>>>): Shape<Of> => ({
  is: 'kinds',
  of,
})
export const orNone = <Of>(of: Shape<Of>): Shape<Of | null> => ({ is: 'optional', of })

/** A field with the name that the history calls it by. */
export const named = <Of>(label: string, of: Shape<Of>): Shape<Of> => ({ ...of, label })
/** A field that is this where nobody typed or chose. */
export const usually = <Of>(blank: Of, of: Shape<Of>): Shape<Of> => ({ ...of, blank })
/** A field that came with this schema: cases of before get it blank. */
export const since = <Of>(schema: number, of: Shape<Of>): Shape<Of> => ({ ...of, since: schema })

/** A field for each of these names. */
export const each = <const Name extends string | number, Of>(
  names: readonly Name[],
  of: (name: Name) => Of,
): Readonly<Record<Name, Of>> => Object.fromEntries(names.map((name) => [name, of(name)])) as Record<Name, Of>

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
      return isRecord(value) ? misfitOfKeys(shape, Object.keys({ ...shape.of, ...value }), value, path) : other
    case 'kinds': {
      const of = isRecord(value) ? shape.of[String(value.kind)] : undefined
      return of ? misfitIn(fields({ kind: text(40), ...of }), value, path) : other
    }
    case 'tuple':
      return Array.isArray(value) && value.length === shape.of.length
        ? firstOf(value, (one, i) => misfitIn(shape.of[i]!, one, [...path, String(i)]))
        : other
    case 'list':
      return Array.isArray(value) ? misfitOfList(shape, value, path) : other
    case 'record':
      return isRecord(value) ? misfitOfRecord(shape, value, path) : other
    case 'some':
      return isRecord(value) ? misfitOfKeys(shape, Object.keys(value), value, path) : other
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

/** Keys that a later version may bring. */
export const laterKey = /^[A-Za-z][\w-]{0,39}$/

const misfitOfKeys = (
  shape: Shape,
  keys: readonly string[],
  value: Readonly<Record<string, unknown>>,
  path: readonly string[],
): Misfit | undefined =>
  firstOf(keys, (key) => {
    const of = shapeUnder(shape, key)
    return of ? misfitIn(of, value[key], [...path, key]) : { path: [...path, key], why: 'other' }
  })

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
  const { most = Infinity } = shape
  const keys = Object.keys(value)
  if (keys.length > most) return { path, why: 'many', most, is: keys.length }
  return misfitOfKeys(shape, keys, value, path)
}

/** The shape of what stands at a path that goes by ids and keys; undefined where nothing can stand. */
export const shapeAt = (shape: Shape, path: readonly string[]): Shape | undefined =>
  path.reduce<Shape | undefined>((now, key) => now && shapeUnder(now, key), shape)

/** The shape of what stands by one key or id; undefined where nothing can. */
export function shapeUnder(shape: Shape, key: string): Shape | undefined {
  switch (shape.is) {
    case 'optional':
      return shapeUnder(shape.of, key)
    case 'fields':
      return Object.hasOwn(shape.of, key) ? shape.of[key] : undefined
    case 'some':
      if (Object.hasOwn(shape.of, key)) return shape.of[key]
      return laterKey.test(key) && !reservedKeys.has(key) ? shape.else : undefined
    case 'list':
      return shape.of
    case 'record':
      return keyFits(shape, key) ? shape.of : undefined
    default:
      return undefined
  }
}
