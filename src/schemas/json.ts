import { reservedKeys } from '../core/shape/shape'

export interface JsonLimits {
  /** Characters of text. */
  readonly largest: number
  /** Objects and lists inside one another. */
  readonly deepest: number
}

export type ReadJson =
  | { readonly ok: true; readonly value: unknown }
  | { readonly ok: false; readonly why: 'not-json' | 'too-large' | 'too-deep' | 'reserved-key'; readonly at: string }

/** Reads JSON from outside, refusing what could exhaust or trick whoever uses it. */
export function readJson(text: string, { largest, deepest }: JsonLimits): ReadJson {
  if (text.length > largest) return { ok: false, why: 'too-large', at: '' }
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    return { ok: false, why: 'not-json', at: '' }
  }
  const open: { found: unknown; depth: number }[] = [{ found: value, depth: 0 }]
  for (let next = open.pop(); next; next = open.pop()) {
    const { found, depth } = next
    if (typeof found !== 'object' || found === null) continue
    if (depth >= deepest) return { ok: false, why: 'too-deep', at: String(deepest) }
    for (const key of Object.keys(found)) {
      if (reservedKeys.has(key)) return { ok: false, why: 'reserved-key', at: key }
      open.push({ found: (found as Record<string, unknown>)[key], depth: depth + 1 })
    }
  }
  return { ok: true, value }
}
