import type { Key } from './keys'

/**
 * What the core has to say, without saying it in a language: a key and its arguments.
 * `wording/` turns it into words.
 */
export interface Sentence {
  readonly key: Key
  readonly args: Readonly<Record<string, SentenceArg>>
}

export type SentenceArg = string | number | boolean | Text | null

/** The languages in which a client is spoken to. */
export const languages = ['en', 'es'] as const
export type Language = (typeof languages)[number]

/** Words that come with data (a crop's name, a source's title) rather than with the program. */
export interface Text {
  readonly en: string
  readonly es?: string
}

/** @example say('missing.crop') */
export const say = (key: Key, args: Sentence['args'] = {}): Sentence => ({ key, args })

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
export const refuse = (key: Key, args: Sentence['args'] = {}, lacks?: Lack): Refusal => ({
  ok: false,
  refusal: say(key, args),
  ...(lacks && { lacks }),
})
