import { boronMethods, leadMethods, micronutrientMethods, type ExtractantId } from '../guides/guide'
import type { Text } from '../sentence/text'
import { saltMethods } from '../units/quantity'
import { bufferKinds } from './buffers'

/** How some tests were made, where papers differ: what their number means depends on it. */
interface MannerDefinition {
  readonly label: Text
  readonly values: Readonly<Record<string, Text>>
  /** Stands where nobody said; absent: nothing is known then. */
  readonly usual?: string
  /** What is asked for while it is not known. */
  readonly unsaid: Text
  /** While nobody said, it is what the extractant of the report is. */
  readonly elseExtractant?: true
  /** What an extractant settles. */
  readonly byExtractant?: Readonly<Partial<Record<ExtractantId, string>>>
}

const named = <const Value extends string>(values: readonly Value[], words: Readonly<Record<string, string>> = {}) =>
  Object.fromEntries(values.map((value) => [value, { en: words[value] ?? value }])) as Record<Value, { en: string }>

const methodWords = { 'mehlich-3': 'Mehlich-3', 'mehlich-1': 'Mehlich-1', 'hot-water': 'hot water' } as const
const asExtractant = { en: 'as the extractant' }

export const manners = {
  /** Measured in water, or in 0.01 M CaCl₂. */
  pHIn: {
    label: { en: 'pH was measured in' },
    values: named(['water', 'salt'], { water: 'in water', salt: 'in salt' }),
    usual: 'water',
    unsaid: { en: 'in water' },
  },
  buffer: { label: { en: 'Buffer' }, values: named(bufferKinds), unsaid: { en: 'which buffer?' } },
  micronutrients: {
    label: { en: 'Zn, Mn, Fe and Cu by' },
    values: named(micronutrientMethods, methodWords),
    unsaid: asExtractant,
    elseExtractant: true,
  },
  boron: {
    label: { en: 'Boron by' },
    values: named(boronMethods, methodWords),
    unsaid: asExtractant,
    elseExtractant: true,
  },
  saltsBy: {
    label: { en: 'Salts measured in' },
    values: named(saltMethods, {
      'saturated-paste': 'saturated paste',
      '1:1': '1:1 soil and water',
      '1:2': '1:2 soil and water',
      'saturated-media': 'saturated media extract',
    }),
    unsaid: { en: 'Choose the extract: each reads otherwise.' },
    byExtractant: { 'saturated-media': 'saturated-media' },
  },
  leadBy: {
    label: { en: 'Lead is' },
    values: named(leadMethods, { total: 'total (acid digestion or XRF)', extractable: 'extractable only' }),
    unsaid: { en: 'not stated' },
  },
} as const satisfies Record<string, MannerDefinition>

type Manners = typeof manners
export type MannerId = keyof Manners

/** What a report says of how it measured; null where it does not. */
export type Manner = {
  readonly [Id in MannerId]: keyof Manners[Id]['values'] | (Manners[Id] extends { usual: string } ? never : null)
}

export const mannerIds = Object.keys(manners) as MannerId[]
export const mannerOf = (id: MannerId): MannerDefinition => manners[id]

/** Nothing said of any. */
export const noManner = Object.fromEntries(mannerIds.map((id) => [id, mannerOf(id).usual ?? null])) as unknown as Manner

/** How a report measured, without the rest of it. */
export const mannerIn = (report: Manner): Manner =>
  Object.fromEntries(mannerIds.map((id) => [id, report[id]])) as unknown as Manner

/** What a report says of one of them, in words; null where it says nothing. */
export function mannerWord(report: Manner, id: MannerId): Text | null {
  const said: string | null = report[id]
  return said === null ? null : mannerOf(id).values[said]!
}
