import type { Text } from './text'

/** A number that an advisor put in the place of ours, and why. */
interface Leaded {
  readonly ppm: number
  /** ppm from which it is a worry. */
  readonly precaution: number
}
interface Banned {
  readonly nutrient: string
  /** Of the rule that bans it; blank where the area says so itself. */
  readonly name: string
}
interface OwnNumber {
  readonly is: number
  readonly ours: number
  readonly moved: boolean
  readonly reason: string
  readonly by: string
}

/** The ground's pH, and the span, aim and trigger of what grows there. */
export interface Standing {
  pH: number
  low: number
  high: number
  aim: number
  trigger: number
  crop: Text
}

/** What was put on over some years against what was needed, lb. */
interface Habit {
  from: string
  to: string
  put: number
  needed: number
  material: Text | null
}

/** What a crop takes of nitrogen. */
interface Span {
  crop: Text
  low: number
  high: number
  unit: string
}

interface Credited extends Span {
  credits: string
  matter: number | null
}

/** A test against its class in the guide. */
interface Rated {
  nutrient: string
  crop: Text
  guide: Text
  value: number | null
  unit: string | null
  className: string
  above: number | null
  upTo: number | null
}

/**
 * What each sentence is told of, by its key: an argument that is missing, mistyped or of another kind does not compile,
 * neither where it is said nor in any language. A key that is not here takes nothing.
 */
export interface Args {
  readonly 'cap.above-guide': { own: number; most: number }
  readonly 'cap.lime-own': { material: Text }
  readonly 'cap.on-sand': { nutrient: string }
  readonly 'cap.row-nitrogen': { row: number; spacing: number }
  readonly 'cap.turf': { nutrient: string }
  readonly 'credit.ash': { material: Text }
  readonly 'course.by-own-buffering': { times: number; tests: number }
  readonly 'course.own-buffering': { tests: number }
  readonly 'course.early': { of: string; months: number }
  readonly 'depth.typed': { depth: number }
  readonly 'depth.own': { depth: number }
  readonly 'depth.usual-dug': { depth: number }
  readonly 'depth.usual-sulfur': { depth: number }
  readonly 'depth.usual-surface': { depth: number }
  readonly 'field.negative': { example: string; text: string }
  readonly 'field.not-detected': { example: string; text: string }
  readonly 'field.oxide': { element: string; share: number | null }
  readonly 'field.range': { example: string; high: number; low: number; meant: number | null; text: string }
  readonly 'field.unit': { example: string; text: string; unit: string }
  readonly 'field.unit-unsaid': { example: string; text: string }
  readonly 'field.unreadable': { at: number; example: string; text: string }
  readonly 'guide.aim': { crop: Text; school: Text | null; usual: number }
  readonly 'guide.aim-here': { crop: Text; school: Text | null; usual: number }
  readonly 'guide.aim-lead': { crop: Text; school: Text | null; usual: number }
  readonly 'guide.aim-school': { crop: Text; school: Text | null; usual: number }
  readonly 'guide.aim-own': { crop: Text; school: Text | null; usual: number }
  readonly 'spreader.far': { wanted: number; low: number; high: number }
  readonly 'overruled.figure': { by: string }
  readonly 'overruled.told': {
    of: string
    amount: number
    instead: number | null
    moved: boolean
    reason: string
    by: string
  }
  readonly 'overruled.method': {
    of: string
    method: Text
    instead: number | null
    moved: boolean
    reason: string
    by: string
  }
  readonly 'overruled.aim': OwnNumber
  readonly 'overruled.depth': OwnNumber
  readonly 'overruled.cap': OwnNumber & { need: string }
  readonly 'overruled.level': { is: string; ours: string; moved: boolean; reason: string; by: string }
  readonly 'overruled.beyond': { of: string; rate: number; most: number }
  readonly 'held.beyond': { of: string; rate: number; most: number }
  readonly 'held.confirmed': { of: string; reason: string; by: string }
  readonly 'held.lime-acid-lover': Standing
  readonly 'held.lime-high': Standing
  readonly 'held.lime-sodic': Standing
  readonly 'held.sulfur-low': Standing
  readonly 'held.sulfur-lead': Standing
  readonly 'held.sulfur-lime': Standing
  readonly 'held.sulfur-crop': Standing
  readonly 'reaction.sulfur-lead': Standing
  readonly 'headline.lead-precaution': Leaded
  readonly 'headline.lead-screening': Leaded
  readonly 'headline.lead-no-food': Leaded
  readonly 'headline.lead-removal': Leaded
  readonly 'missing.answer': { fault: string }
  readonly 'headline.banned': Banned
  readonly 'nutrient.banned': Banned
  readonly 'mix.banned': Banned
  readonly 'headline.check': { passes?: number }
  readonly 'headline.do-not': { passes?: number }
  readonly 'headline.leave': { passes?: number }
  readonly 'headline.overruled': { of: string }
  readonly 'headline.lime': { passes?: number }
  readonly 'headline.lime-asked': { passes?: number }
  readonly 'headline.sulfur-asked': { passes?: number }
  readonly 'headline.not-here': { passes?: number }
  readonly 'headline.sulfur': { passes?: number }
  readonly 'headline.stop-sulfur': { pH: number; low: number; high: number; crop: Text }
  readonly 'headline.straddles': { low: number; high: number; atLow: string; atHigh: string }
  readonly 'headline.unknown': { passes?: number }
  readonly 'kit.bags': { bags: number }
  readonly 'laboratory.converted': { unit: string }
  readonly 'laboratory.printed': { substance: string }
  readonly 'laboratory.reproduced': {
    base: number
    depth: number
    effectiveness: number
    here: number
    method: Text
    printed: number
  }
  readonly 'lead.below-precaution': { crop: Text; leafyOrRoot: boolean }
  readonly 'lead.removal': { crop: Text; leafyOrRoot: boolean }
  readonly 'lead.no-food': { crop: Text; leafyOrRoot: boolean }
  readonly 'lead.precaution': { crop: Text; leafyOrRoot: boolean }
  readonly 'lead.screening': { crop: Text; leafyOrRoot: boolean }
  readonly 'lime.acidity-whole': { aim: number }
  readonly 'lime.acts': { mesh: number; next: number | null }
  readonly 'lime.aim-low': { low: number; method: Text }
  readonly 'lime.aim-range': { high: number; method: Text }
  readonly 'lime.borrowed-row': { row: Text; texture: Text }
  readonly 'lime.buffer-range': { buffer: number; high: number; low: number; method: Text }
  readonly 'lime.by-sieves': { scale: Text }
  readonly 'lime.from-label': { scale: Text }
  readonly 'lime.first-instalment': { low: number }
  readonly 'lime.is-reference': { method: Text }
  readonly 'lime.ordinary': { method: Text }
  readonly 'lime.not-on-muck': { method: Text }
  readonly 'lime.organic-aim': { from: number; method: Text; to: number }
  readonly 'lime.pH-high': { high: number; method: Text }
  readonly 'lime.pH-low': { low: number; method: Text }
  readonly 'lime.passing': { mesh: number }
  readonly 'lime.reads-like': { kind: string; like: string }
  readonly 'lime.scale-each': { scale: Text }
  readonly 'lime.smp-between': { aim: number; high: number; low: number }
  readonly 'lime.smp-cell': { buffer: number; to: number }
  readonly 'lime.smp-row': { to: number }
  readonly 'lime.smp-share': { aim: number }
  readonly 'lime.texture-cell': { climate: string; from: number; texture: Text; to: number }
  readonly 'lime.texture-rate': { climate: string; texture: Text }
  readonly 'lime.to-depth': { base: number; depth: number }
  readonly 'lime.to-table-end': { aim: number; to: number }
  readonly 'lime.tri-state-rate': { to: number }
  readonly 'lime.tri-state-slope': { to: number }
  readonly 'lime.tri-state-start': { to: number }
  readonly 'lime.unlabelled': { material: Text; percent: number }
  readonly 'lime.labelled': { material: Text; percent: number }
  readonly 'material.grade': { nutrient: string }
  readonly 'material.holds': { material: Text }
  readonly 'meaning.K-excess': { crop: Text }
  readonly 'meaning.K-low': { crop: Text }
  readonly 'meaning.K-medium': { crop: Text }
  readonly 'meaning.K-optimum': { crop: Text }
  readonly 'meaning.K-very-low': { crop: Text }
  readonly 'meaning.P-excess': { crop: Text }
  readonly 'meaning.P-low': { crop: Text }
  readonly 'meaning.P-medium': { crop: Text }
  readonly 'meaning.P-optimum': { crop: Text }
  readonly 'meaning.P-very-low': { crop: Text }
  readonly 'meaning.boron-harms': { crop: Text; element: string }
  readonly 'meaning.reported': { says: Text }
  readonly 'meaning.cec-heavy': { texture: Text | null }
  readonly 'meaning.cec-sandy': { texture: Text | null }
  readonly 'meaning.cec-typical': { texture: Text | null }
  readonly 'meaning.element-enough': { crop: Text; element: string }
  readonly 'meaning.element-low': { crop: Text; element: string }
  readonly 'meaning.extract-nutrient-above': { id: string; own: boolean }
  readonly 'meaning.extract-nutrient-below': { id: string; own: boolean }
  readonly 'meaning.extract-nutrient-within': { id: string; own: boolean }
  readonly 'meaning.extract-pH-above': { id: string }
  readonly 'meaning.extract-pH-below': { id: string }
  readonly 'meaning.extract-pH-within': { id: string }
  readonly 'meaning.extract-salts-above': { id: string }
  readonly 'meaning.extract-salts-below': { id: string }
  readonly 'meaning.extract-salts-within': { id: string }
  readonly 'meaning.not-sodic': { tons: number | null }
  readonly 'meaning.pH-fits': { acid: boolean; crop: Text }
  readonly 'meaning.pH-high': { acid: boolean; crop: Text }
  readonly 'meaning.pH-low': { acid: boolean; crop: Text }
  readonly 'meaning.sodic': { tons: number | null }
  readonly 'meaning.tri-state-build-up': { crop: Text; element: string }
  readonly 'meaning.tri-state-draw-down': { crop: Text; element: string }
  readonly 'meaning.tri-state-maintain': { crop: Text; element: string }
  readonly 'minimum.enough': { crop: Text; minimum: number; nutrient: string; value: number }
  readonly 'minimum.needed': { crop: Text; minimum: number; nutrient: string; value: number }
  readonly 'assumed.aim': { aim: number }
  readonly 'assumed.depth': { depth: number }
  readonly 'assumed.level': { level: string }
  readonly 'assumed.method': { method: Text }
  readonly 'assumed.pH': { pH: number }
  readonly 'assumed.school': { school: Text; option: Text }
  readonly 'assumed.texture': { texture: Text }
  readonly 'doubt.how-much': { text: string }
  readonly 'doubt.negative': { text: string }
  readonly 'doubt.of-what': { text: string }
  readonly 'doubt.unread': { text: string }
  readonly 'harm.beyond': { of: string; most: number }
  readonly 'harm.in-passes': { of: string; cap: number }
  readonly 'harm.not-needed': { of: string }
  readonly 'harm.too-little': { of: string; share: number }
  readonly 'harm.too-much': { of: string; times: number }
  readonly 'slip.all-for-one': { count: number }
  readonly 'slip.element': { of: string }
  readonly 'slip.ground': { meant: number; said: number }
  readonly 'slip.measure': { said: string; meant: string }
  readonly 'slip.nutrient-for-product': { of: string; percent: number }
  readonly 'slip.one-for-all': { count: number }
  readonly 'slip.other-sulfur': { is: number; taken: number }
  readonly 'slip.oxide': { of: string }
  readonly 'slip.pass-for-season': { count: number }
  readonly 'slip.product-for-nutrient': { of: string; percent: number }
  readonly 'slip.pure-for-product': { of: string; percent: number }
  readonly 'slip.season-for-pass': { count: number }
  readonly 'slip.side': { times: string }
  readonly 'slip.soil-unit': { read: string; is: string }
  readonly 'slip.strength-twice': { of: string; percent: number }
  readonly 'slip.tenths': { counted: number; from: number; to: number; count: number }
  readonly 'log.bag-size': { lb: number }
  readonly 'log.by-volume': { lb: number; material: Text }
  readonly 'log.future': { text: string }
  readonly 'log.no-day': { text: string }
  readonly 'log.no-product': { text: string }
  readonly 'log.no-such-area': { text: string }
  readonly 'log.one-thing': { text: string }
  readonly 'log.taken-as': { material: Text }
  readonly 'log.unread': { text: string }
  readonly 'log.which-area': { names: string }
  readonly 'log.which-product': { names: string }
  readonly 'program.cold-sulfur': { least: number }
  readonly 'program.early': { from: string }
  readonly 'program.late': { until: string }
  readonly 'program.lime-first': { days: number }
  readonly 'program.lime-late': { months: number }
  readonly 'short.still-working': { of: string; on: string; until: string }
  readonly 'short.lime-late': { months: number }
  readonly 'short.sulfur-late': { months: number }
  readonly 'several.lime-beyond': { one: Text; other: Text; aim: number; high: number }
  readonly 'finding.bare': { nutrients: string }
  readonly 'finding.strength': { area: string }
  readonly 'finding.moved': { of: string }
  readonly 'program.plan-changed': { was: string; is: string }
  readonly 'program.retest-after': { need: string; months: number }
  readonly 'program.retest-before': { n: number; of: number; need: string }
  readonly 'program.rule': { name: string }
  readonly 'program.sulfur-late': { months: number }
  readonly 'program.untested': { from: string }
  readonly 'program.planting-assumed': { on: string }
  readonly 'program.season-over': { season: string; next: string }
  readonly 'program.too-soon': { months: number; days: number }
  readonly 'program.year-full': { most: number }
  readonly 'label.bag-range': { text: string }
  readonly 'label.bag-unread': { text: string }
  readonly 'label.element': { element: string; percent: number; oxide: string; as: number }
  readonly 'label.lime-range': { text: string }
  readonly 'label.sulfur-range': { percent: number }
  readonly 'label.over-hundred': { sum: number }
  readonly 'label.price-without-size': { text: string }
  readonly 'label.slow-range': { percent: number }
  readonly 'label.unread': { text: string }
  readonly 'mix.too-sour': { pH: number; crop: Text }
  readonly 'mix.too-much': { nutrient: string; rate: number; most: number }
  readonly 'mix.cut': { material: Text }
  readonly 'mix.left-short': { nutrient: string }
  readonly 'mix.amount': { nutrient: string }
  readonly 'mix.no-chloride': { crop: Text }
  readonly 'mix.no-nitrate': { crop: Text }
  readonly 'mix.nothing-needed': { material: Text }
  readonly 'mix.supplied': { nutrient: string }
  readonly 'nitrogen.all-credited': Credited
  readonly 'nitrogen.at-planting': { age: number; crop: Text }
  readonly 'nitrogen.by-plant': { age: number; crop: Text }
  readonly 'nitrogen.by-tree': { crop: Text; shoots: number | null }
  readonly 'nitrogen.credit-legume': { legume: Text }
  readonly 'nitrogen.credit-manure': { material: Text }
  readonly 'nitrogen.credited': Credited
  readonly 'nitrogen.fixed': Span
  readonly 'nitrogen.high': { crop: Text }
  readonly 'nitrogen.low': { crop: Text }
  readonly 'nitrogen.needs-trees': { crop: Text }
  readonly 'nitrogen.none': Span
  readonly 'nitrogen.rich-soil': { matter: number }
  readonly 'nitrogen.shoots-long': { crop: Text; shoots: number | null }
  readonly 'nitrogen.tree-look': { crop: Text; shoots: number | null }
  readonly 'nitrogen.usual': Span
  readonly 'nitrogen.usual-rate': { crop: Text }
  readonly 'not-measured.nutrients': { nutrients: string }
  readonly 'nutrient.class': Rated
  readonly 'nutrient.enough': Rated
  readonly 'nutrient.needed': Rated
  readonly 'nutrient.not-tested': { element: string }
  readonly 'nutrient.table-cell': { className: string; nutrient: string }
  readonly 'other.brought': { material: Text; nutrient: string }
  readonly 'other.B-harms': { crop: Text }
  readonly 'other.B-low': { perYear: number }
  readonly 'other.B-over': { perYear: number }
  readonly 'other.Fe-low': { chelate: string | null }
  readonly 'other.usual': { nutrient: string }
  readonly 'passes.count': { cap: number; unit: string }
  readonly 'habit.P': Habit
  readonly 'habit.K': Habit
  readonly 'passes.each': { count: number }
  readonly 'short.put': { lb: number; material: Text | null; nutrient: string | null; more: boolean }
  readonly 'program.after-ammonium': { days: number }
  readonly 'program.strip': { name: string; what: string; width: number; away: number }
  readonly 'program.year-limit': { name: string; most: number; what: string; held: number }
  readonly 'program.retest-usual': { years: number }
  readonly 'program.covered': { lb: number }
  readonly 'plan.echo': { area: number; holes: number; shapes: number }
  readonly 'short.by-label': { nutrients: string }
  readonly 'short.no-nitrogen': { because: string; crop: Text }
  readonly 'short.credited': { nutrient: string; credits: string }
  readonly 'short.brought': { nutrient: string }
  readonly 'short.between': { nutrient: string; from: string; to: string }
  readonly 'short.range': { of: string; low: number; high: number; start: number }
  readonly 'short.not-given': { nutrient: string }
  readonly 'short.not-known': { nutrients: string }
  readonly 'nutrient.laboratory-less': { credits: string }
  readonly 'nutrient.less-brought': { credits: string }
  readonly 'plausible.bases': { bases: number; cec: number; which: string }
  readonly 'plausible.bases-few': { bases: number; cec: number; which: string }
  readonly 'plausible.bases-halved': { bases: number; cec: number; which: string }
  readonly 'plausible.buffer-unnamed': { v: number }
  readonly 'plausible.buffer-kind': { buffer: string; high: number; low: number; other: string; v: number }
  readonly 'plausible.dose-apart': { difference: number; method: Text }
  readonly 'plausible.organic-matter': { matter: number }
  readonly 'plausible.rate': { of: string; rate: number; most: number; unit: string | null; instead: number | null }
  readonly 'plausible.under-read-P': { extractant: Text; from: number; pH: number }
  readonly 'product.unknown': { ref: string }
  readonly 'reaction.free-lime': Standing & { freeLime: number }
  readonly 'reaction.laboratory-lime': { agrees: boolean; leads: boolean; pH?: number; trigger?: number }
  readonly 'reaction.laboratory-none': { direction: string }
  readonly 'reaction.laboratory-sulfur': { agrees: boolean; leads: boolean; pH?: number; high?: number }
  readonly 'reaction.leave': Standing
  readonly 'reaction.leave-acid-lover': Standing
  readonly 'reaction.leave-high': Standing
  readonly 'reaction.leave-scab': Standing & { scab: number }
  readonly 'short.pH-in-salt': { salt: number; pH: number }
  readonly 'reaction.leave-organic': Standing
  readonly 'reaction.lime-lead': Standing
  readonly 'reaction.lime': Standing
  readonly 'reaction.lime-needs-input': { crop: Text; pH: number }
  readonly 'reaction.mix-fits': { crop: Text; high: number; low: number; pH: number }
  readonly 'reaction.mix-high': { crop: Text; high: number; low: number; pH: number }
  readonly 'reaction.mix-low': { crop: Text; high: number; low: number; pH: number }
  readonly 'reaction.none-by-method': { crop: Text; method: Text; pH: number }
  readonly 'reaction.not-here': Standing & { limit: number }
  readonly 'reaction.sodic': Standing & { gypsum: number | null }
  readonly 'reaction.spread': { high: Text; low: Text; times: number | null }
  readonly 'reaction.sulfur': Standing
  readonly 'reaction.sulfur-needs-input': { crop: Text; pH: number }
  readonly 'reading.calcareous': { extractant: Text; upTo: number }
  readonly 'reading.free-lime': { extractant: Text; freeLime: number }
  readonly 'reading.index-no-minimum': { element: string }
  readonly 'reading.needs-cec': { guide: Text }
  readonly 'reading.no-guide': { extractant: Text }
  readonly 'reading.no-micro-method': { by: string; element: string }
  readonly 'reading.no-minimum': { element: string; guide: Text }
  readonly 'reading.other-micro-method': { by: string; element: string }
  readonly 'report.buffer': { kind: string }
  readonly 'report.index': { element: string }
  readonly 'report.to-unit': { unit: string }
  readonly 'report.value': { element: string }
  readonly 'salts.above-crop': { crop: Text; upTo: number }
  readonly 'salts.not-paste': { method: string }
  readonly 'salts.within-crop': { crop: Text; upTo: number }
  readonly 'sample.apart-aim': { one: Text; other: Text }
  readonly 'sample.apart-crop': { one: Text; other: Text }
  readonly 'sample.apart-use': { one: Text; other: Text }
  readonly 'several.nutrient': { high: number; low: number; nutrient: string; use: string }
  readonly 'several.pH-both': { one: Text; other: Text }
  readonly 'size.bracket': { at: number }
  readonly 'size.echo': {
    across: number | null
    area: number
    count: number
    length: number | null
    measures: string
    shape: string
    sum: string | null
    width: number | null
  }
  readonly 'size.echo-named': {
    area: number
    lengths: string
    measures: string
    shape: string
    simpson: boolean | null
  }
  readonly 'size.plants-echo': { area: number; count: number; each: number; assumed: boolean }
  readonly 'size.plant-width': { count: number }
  readonly 'size.rows-echo': { area: number; length: number; spacing: number }
  readonly 'size.long': { most: number }
  readonly 'size.shape-needs': { example: string }
  readonly 'size.unexpected': { at: number; what: string }
  readonly 'soilless.liquid': { ppm: number; ounces: number; gallons: number }
  readonly 'soilless.short': { depth: number }
  readonly 'soilless.enough': { nutrient: string }
  readonly 'untested.ratio': { ratio: string }
  readonly 'untested.share': { nutrient: string }
  readonly 'soilless.not-tested': { nutrient: string }
  readonly 'step.cores': { cores: number; from: number; to: number }
  readonly 'step.fill': { cups: number }
  readonly 'step.wait': { weeks: number }
  readonly 'stone.ample': { lowBelow: number | null; share: number; unit: string; value: number | null }
  readonly 'stone.between': { lowBelow: number | null; unit: string; value: number | null }
  readonly 'stone.low': { lowBelow: number | null; unit: string; value: number | null }
  readonly 'stone.low-share': { least: number; share: number }
  readonly 'sulfur.acts-like': { material: Text }
  readonly 'sulfur.aim-low': { low: number }
  readonly 'sulfur.borrowed-row': { row: Text; texture: Text }
  readonly 'sulfur.cell': { at: number; texture: Text }
  readonly 'sulfur.no-row': { texture: Text }
  readonly 'sulfur.not-on-food': { material: Text }
  readonly 'sulfur.pH-high': { high: number }
  readonly 'sulfur.row': { pH: number; texture: Text }
  readonly 'sulfur.salt-over': { material: Text; most: number }
  readonly 'sulfur.strength': { material: Text }
  readonly 'sulfur.tenths-not-here': { texture: Text }
  readonly 'sulfur.to-depth': { base: number; depth: number }
  readonly 'texture.by-cec': { cec: number; texture: Text }
  readonly 'tri-state.carried-off': { crop_yield: number; unit: Text }
  readonly 'tri-state.enough': { nutrient: string; value: number }
  readonly 'tri-state.by-class': { nutrient: string; className: string }
  readonly 'tri-state.needed': { nutrient: string; value: number }
  readonly 'unit.as-oxide': { nutrient: string }
  readonly 'unit.factor': { unit: string }
}
