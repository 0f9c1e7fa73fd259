import type { Args } from './args'
import type { Key } from './keys'
import type { Text } from './text'

/**
 * What the core has to say, without saying it in a language: a key and its arguments.
 * `wording/` turns it into words.
 */
export interface Sentence {
  readonly key: Key
  readonly args: Readonly<Record<string, SentenceArg>>
}

export type SentenceArg = string | number | boolean | Text | null

type Both<U> = (U extends unknown ? (one: U) => void : never) extends (both: infer I) => void ? I : never
type Nothing = Readonly<Record<never, never>>

/** What a sentence is told of; of several that might be said, what all of them need. */
export type ArgsOf<K extends Key> = Both<K extends keyof Args ? Args[K] : Nothing>

/** A key that takes nothing. */
export type Bare = Exclude<Key, keyof Args>

/** What is handed over with a key, if anything. */
export type Said<K extends Key> = Nothing extends ArgsOf<K> ? [args?: ArgsOf<K>] : [args: ArgsOf<K>]

/** @example say('cap.turf', { nutrient: 'N' }) */
export const say = <K extends Key>(key: K, ...[args]: Said<K>): Sentence => ({
  key,
  args: (args ?? {}) as Sentence['args'],
})

/** What becomes of a fact before a letter leaves: it is decided, told to the client, or the advisor's own to know. */
export type Severity = 'decide' | 'client' | 'advisor'

/** What speaks against a day, or against what an area is given. */
export interface Objection extends Sentence {
  readonly severity: Severity
  /** The same in words for a client. */
  readonly told?: Sentence
}

export const objection = (severity: Severity, sentence: Sentence, told?: Sentence): Objection => ({
  ...sentence,
  severity,
  ...(told && { told }),
})

/** What is to be known of a figure beside it; some of it by the client too. */
export interface Remark extends Sentence {
  readonly forClient?: true
}

/** The same, told to the client too. */
export const toClient = (sentence: Sentence): Remark => ({ ...sentence, forClient: true })

/** Each sentence once, by its key: the last of its arguments, where the first stood. */
export const eachOnce = (sentences: readonly Sentence[]): Sentence[] => [
  ...new Map(sentences.map((one) => [one.key, one])).values(),
]

/** Why something that was asked for cannot be had; a value, never an exception. */
export interface Refusal {
  readonly ok: false
  readonly refusal: Sentence
  /** What is wanting, where something is that could be had. */
  readonly lacks?: Lack
}

/** What a figure may wait for: a guide that speaks for the extractant, its name, a test, CEC, or a word on the ground. */
export type Lack = 'guide' | 'extractant' | 'test' | 'cec' | 'ground'

export type Outcome<T> = { readonly ok: true; readonly value: T } | Refusal

export const accept = <T>(value: T): Outcome<T> => ({ ok: true, value })
export const refuse = <K extends Key>(key: K, ...args: Said<K>): Refusal => ({ ok: false, refusal: say(key, ...args) })

/** The same, with what is wanting. */
export const lacking = <K extends Key>(lacks: Lack, key: K, ...args: Said<K>): Refusal => ({
  ok: false,
  refusal: say(key, ...args),
  lacks,
})
