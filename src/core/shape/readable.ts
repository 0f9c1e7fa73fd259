import { blankOf } from './blank'
import { isRecord, misfitIn, shapeUnder, text, typedLimits, type Shape } from './shape'

/** A value as far as it could be read, and how many places of it could not. */
export interface Readable<Of> {
  readonly value: Of
  readonly left: number
}

/** Stands for what cannot be read, nor anything be put in its place. */
const nothing = Symbol('nothing')

/**
 * What can be read of a value that breaks its shape: text is cut to its length, entries of lists and records that cannot
 * be read are left out, and the rest stands as it does in `blank`. Undefined where nothing can be had of it.
 *
 * @param blank a value of that shape, for what is missing
 */
export function readable<Of>(shape: Shape, value: unknown, blank: Of): Readable<Of> | undefined {
  let left = 0
  const leave = (instead: unknown): unknown => {
    left += 1
    return instead
  }

  function read(of: Shape, one: unknown, otherwise: unknown): unknown {
    switch (of.is) {
      case 'optional':
        return one === null ? null : noneFor(read(of.of, one, otherwise === null ? nothing : otherwise))
      case 'text':
        return readText(of, one, otherwise)
      case 'typed':
        return readTyped(one, otherwise)
      case 'fields':
        return readFields(of.of, one, otherwise)
      case 'kinds': {
        const kind = isRecord(one) ? of.of[String(one.kind)] : undefined
        return kind ? readFields({ kind: text(40), ...kind }, one, nothing) : leave(nothing)
      }
      case 'tuple': {
        const all =
          Array.isArray(one) && one.length === of.of.length
            ? one.map((each, i) => read(of.of[i]!, each, nothing))
            : [nothing]
        return all.includes(nothing) ? leave(otherwise) : all
      }
      case 'list':
        return readList(of, one, otherwise)
      case 'record':
        return readKeys(of, one, otherwise, of.most)
      case 'some':
        return readKeys(of, one, otherwise)
      default:
        return misfitIn(of, one) ? leave(otherwise) : one
    }
  }

  /** Entries of lists and records know their own blanks. */
  const readEntry = (of: Shape, one: unknown) =>
    of.is !== 'fields' ? read(of, one, nothing) : isRecord(one) ? read(of, one, blankOf(of)) : leave(nothing)

  const noneFor = (one: unknown) => (one === nothing ? null : one)

  function readText({ most, least, form }: Extract<Shape, { is: 'text' }>, one: unknown, otherwise: unknown): unknown {
    if (typeof one !== 'string' || one.length < least || (form && !form.test(one))) return leave(otherwise)
    return one.length > most ? (form ? leave(otherwise) : leave(one.slice(0, most))) : one
  }

  function readTyped(one: unknown, otherwise: unknown): unknown {
    if (!isRecord(one) || typeof one.text !== 'string' || typeof one.unit !== 'string') return leave(otherwise)
    const fits = one.text.length <= typedLimits.text && one.unit.length <= typedLimits.unit
    const value = Number.isFinite(one.value) ? one.value : null
    if (fits) return { text: one.text, unit: one.unit, value }
    return leave({ text: one.text.slice(0, typedLimits.text), unit: one.unit.slice(0, typedLimits.unit), value: null })
  }

  function readFields(of: Readonly<Record<string, Shape>>, one: unknown, otherwise: unknown): unknown {
    if (!isRecord(one)) return leave(otherwise)
    const instead = isRecord(otherwise) ? otherwise : {}
    const found = Object.entries(of).map(([key, shape]) => {
      const other = Object.hasOwn(instead, key) ? instead[key] : nothing
      return [key, read(shape, one[key], other)] as const
    })
    left += Object.keys(one).filter((key) => !Object.hasOwn(of, key)).length
    return found.some(([, each]) => each === nothing) ? nothing : Object.fromEntries(found)
  }

  function readList({ of, most, least, unique }: Extract<Shape, { is: 'list' }>, one: unknown, otherwise: unknown) {
    if (!Array.isArray(one)) return leave(otherwise)
    const known = new Set<unknown>()
    const found = one
      .map((each) => readEntry(of, each))
      .filter((each) => {
        if (each === nothing) return false
        const key = unique && unique !== 'entry' && isRecord(each) ? each[unique] : unique ? each : {}
        if (known.has(key)) return leave(false) as boolean
        known.add(key)
        return true
      })
    left += Math.max(0, found.length - most)
    return found.length < least ? nothing : found.slice(0, most)
  }

  function readKeys(shape: Shape, one: unknown, otherwise: unknown, most = Infinity) {
    if (!isRecord(one)) return leave(otherwise)
    const found = Object.entries(one).flatMap(([name, each]) => {
      const of = shapeUnder(shape, name)
      const value = of ? readEntry(of, each) : leave(nothing)
      return value === nothing ? [] : [[name, value] as const]
    })
    left += Math.max(0, found.length - most)
    return Object.fromEntries(found.slice(0, most))
  }

  const found = read(shape, value, blank)
  return found === nothing ? undefined : { value: found as Of, left }
}

/** A value without the fields that its shape does not have; the very same where it has none. */
export function knownOnly<Of>(shape: Shape, value: Of): Of {
  const each = (of: (key: string) => Shape | undefined): Of => {
    const entries = Object.entries(value as object)
    const kept = entries.flatMap(([key, one]) => {
      const inner = of(key)
      return inner ? [[key, knownOnly(inner, one)] as const] : []
    })
    const same = kept.length === entries.length && kept.every(([, one], i) => one === entries[i]![1])
    return same ? value : (Object.fromEntries(kept) as Of)
  }
  switch (shape.is) {
    case 'optional':
      return value === null ? value : knownOnly(shape.of, value)
    case 'some':
    case 'fields':
      return isRecord(value) ? each((key) => shapeUnder(shape, key)) : value
    case 'record':
      return isRecord(value) ? each(() => shape.of) : value
    case 'list': {
      if (!Array.isArray(value)) return value
      const all = value.map((one: unknown) => knownOnly(shape.of, one))
      return all.every((one, i) => one === value[i]) ? value : (all as Of)
    }
    default:
      return value
  }
}
