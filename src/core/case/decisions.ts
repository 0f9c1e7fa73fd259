import type { Language } from '../told/text'
import type { Typed } from '../units/typed'

/** Who decided, when, and why. */
export interface Signed {
  readonly reason: string
  readonly by: string
  readonly at: string
}

export const overrulable = ['aim', 'method', 'amount', 'depth', 'level', 'cap'] as const
export type Overrulable = (typeof overrulable)[number]

/** What the advisor put in the place of a figure. */
export interface Overruling extends Signed {
  readonly of: Overrulable
  /** A pH, a method or a feeding level by its id, a rate, or a depth. */
  readonly is: Typed
  /** The figure as it stood: where that is another by now, the overruling is named again. */
  readonly replaced: Typed
}

/** A figure that was held back and is let go, as it stood then. */
export interface Confirmation extends Signed {
  readonly figure: Typed
}

/** What an overruling of a need is kept by; an aim and a depth are those of lime and sulfur alike. */
export const overrulingKey = (areaId: string, need: string, of: Overrulable): string => `${areaId}/${need}/${of}`
/** The need that an aim and a depth speak of. */
export const reactionOf = 'pH'

/** What a decision on a need of an area is kept by. */
export const confirmationKey = (areaId: string, of: string): string => `${areaId}/${of}`
/** What the word that a laboratory knew of the credits is kept as; its figure names the report. */
export const creditsKnown = 'credits'

/** Decided by people; everything is kept by the key of what it speaks of, so that two devices' decisions meet. */
export interface Decisions {
  /** By `area/need/what`. */
  readonly overrulings: Readonly<Record<string, Overruling>>
  /** Of held figures, by `area/need`; that a laboratory knew of what the ground has already, by `area/credits`. */
  readonly confirmations: Readonly<Record<string, Confirmation>>
  /** The day to which a pass was moved, by `area/need/n`, and the one that it was planned for. */
  readonly moves: Readonly<
    Record<string, { readonly to: string; readonly planned: string; readonly by: string; readonly at: string }>
  >
  /** Stations that somebody declared done, and from what their figures came. */
  readonly settled: Readonly<Record<string, { readonly by: string; readonly at: string; readonly inputs: string }>>
}

/** A letter as it left the office, whole. */
export interface GivenLetter {
  readonly id: string
  readonly at: string
  readonly by: string
  readonly checkedBy: string
  readonly language: Language
  /** SHA-256 of what it was made from, and the version of the core that did. */
  readonly inputs: string
  readonly core: string
  /** When it was handed out; null where it was only checked. */
  readonly handed: string | null
  /** The document as text, in full. */
  readonly document: string
}

/** What an advisor decides of the letter that is being written. */
export interface LetterSettings {
  readonly date: string
  readonly note: string
  readonly printedAt: string | null
  readonly language: Language
  /** Whether the page of reasons, the workings, and the other measure in brackets go with it. */
  readonly why: boolean
  readonly workings: boolean
  readonly bothMeasures: boolean
  /** Sentences in an advisor's own words, by the language and what they stand for. */
  readonly edits: Readonly<Record<string, LetterEdit>>
  /** The checked letter that stands, by its id; null while the letter follows the case. */
  readonly frozen: string | null
}

export interface LetterEdit {
  readonly words: string
  /** Our words in whose place it was put: where they are others now, it may be false. */
  readonly was: string
  readonly by: string
  readonly at: string
}
