import { fields as read } from '../report/fields'
import { fields, flag, instant, named, oneOf, orNone, text, typed, usually, type Holds } from '../shape/shape'
import { byKey, date, hash, id, initials, reference, signed } from '../shape/parts'
import { texts } from '../shape/limits'
import { languages } from '../sentence/text'

/** Who decided, when, and why. */
export interface Signed {
  readonly reason: string
  readonly by: string
  readonly at: string
}

export const overrulable = ['aim', 'method', 'amount', 'depth', 'level', 'cap'] as const
export type Overrulable = (typeof overrulable)[number]

/** A rate, a weight or a depth: whatever may be put in the place of another figure. */
const figure = typed({ units: [...read.overruled.units, ...read.depth.units] }, '')

/** What the advisor put in the place of a figure. */
const overruling = fields({
  ...signed,
  of: oneOf(...overrulable),
  /** A pH, a method or a feeding level by its id, a rate, or a depth. */
  is: figure,
  /** The figure as it stood: where that is another by now, the overruling is named again. */
  replaced: figure,
})

/** A figure that was held back and is let go, as it stood then. */
const confirmation = fields({ ...signed, figure })

/** Decided by people; everything is kept by the key of what it speaks of, so that two devices' decisions meet. */
export const decisions = fields({
  /** By `area/need/what`. */
  overrulings: named('Overruled', byKey(overruling)),
  /** Of held figures, by `area/need`; that a laboratory knew of what the ground has already, by `area/credits`. */
  confirmations: named('Confirmed', byKey(confirmation)),
  /** The day to which a pass was moved, by `area/need/n`, and the one that it was planned for. */
  moves: named('Moved passes', byKey(fields({ to: date, planned: date, by: initials, at: instant }))),
  /** Stations that somebody declared done, and from what their figures came. */
  settled: named('Settled', byKey(fields({ by: initials, at: instant, inputs: hash }))),
})

/** A letter as it left the office, whole. */
export const givenLetter = fields({
  id,
  at: instant,
  by: initials,
  checkedBy: initials,
  language: oneOf(...languages),
  /** SHA-256 of what it was made from, and the version of the core that did. */
  inputs: hash,
  core: text(20),
  /** When it was handed out; null where it was only checked. */
  handed: named('Handed out', orNone(instant)),
  /** The document as text, in full. */
  document: text(2_000_000),
})

const letterEdit = fields({
  words: text(texts.sentence),
  /** Our words in whose place it was put: where they are others now, it may be false. */
  was: text(texts.sentence),
  by: initials,
  at: instant,
})

/** What an advisor decides of the letter that is being written. */
export const letterSettings = fields({
  date: named('Date', date),
  note: named('Note', text(texts.note)),
  printedAt: named('Printed', orNone(instant)),
  language: named('Language', usually('en', oneOf(...languages))),
  /** Whether the page of reasons, the workings, and the other measure in brackets go with it. */
  why: named('Page of reasons', flag),
  workings: named('Workings', flag),
  bothMeasures: named('Both measures', flag),
  /** Sentences in an advisor's own words, by the language and what they stand for. */
  edits: named('Sentences in own words', byKey(letterEdit)),
  /** The checked letter that stands, by its id; null while the letter follows the case. */
  frozen: named('Checked letter that stands', orNone(reference)),
})

export interface Overruling extends Holds<typeof overruling> {}
export interface Confirmation extends Holds<typeof confirmation> {}
export interface Decisions extends Holds<typeof decisions> {}
export interface GivenLetter extends Holds<typeof givenLetter> {}
export interface LetterSettings extends Holds<typeof letterSettings> {}
export interface LetterEdit extends Holds<typeof letterEdit> {}

/** What an overruling of a need is kept by; an aim and a depth are those of lime and sulfur alike. */
export const overrulingKey = (areaId: string, need: string, of: Overrulable): string => `${areaId}/${need}/${of}`
/** The need that an aim and a depth speak of. */
export const reactionOf = 'pH'

/** What a decision on a need of an area is kept by. */
export const confirmationKey = (areaId: string, of: string): string => `${areaId}/${of}`
/** What the word that a laboratory knew of the credits is kept as; its figure names the report. */
export const creditsKnown = 'credits'
/** What the word is kept as for which of several crops a report's figures were printed; its figure names report and crop. */
export const figuresFor = 'figures-for'
