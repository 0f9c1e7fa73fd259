import type { Report } from '../report/report'
import { measuredFields, measuredIn, tests, type MeasuredField } from '../report/tests'
import type { TestDefinition } from '../report/tests/definition'
import type { Crop } from '../guides/crop'
import type { ClassName, Guide } from '../guides/guide'
import { textures } from '../guides/soils'
import { triStateSpan } from '../guides/tri-state-span'
import type { SourceRef } from '../units/sources'
import { say, type Outcome, type Sentence, type Bare } from '../sentence/sentence'
import { quantity, type Element } from '../units/quantity'
import { given, type Working } from '../units/workings'
import { extractLines } from './extract'
import { leadClass } from './lead'
import { rate, reactionClass, sufficiency } from './classify'
import { nitrateInLayer } from './nitrate'
import { saltBand, saltMeaning, sodium } from './salts'
import type { ReadReport } from './soil'

/** One value of a report, as this crop sees it. */
export interface ReadingLine {
  readonly id: string
  /** Where it stands in the report. */
  readonly field?: MeasuredField
  /** As reported or in the guide's unit; absent where the report gives only a word. */
  readonly value?: Working
  /** The class as a key of the wording. */
  readonly className?: string
  /** The span the crop wants; null where it has no such end. */
  readonly wanted?: readonly [low: number | null, high: number | null]
  /** How far outside the span the value lies, below (negative) or above; 0 inside. */
  readonly distance?: number
  /** The lowest and the highest class it may be in, where a bound parts what the report leaves open. */
  readonly between?: readonly [string, string]
  /** The laboratory's own word, where it prints one beside the number and the guide says otherwise. */
  readonly printedWord?: ClassName
  readonly meaning: Sentence
  readonly source: SourceRef
}

/** Organic matter, %: below is low, above is high. Source: common practice. */
const matterSpan = [2, 5] as const
/** CEC, meq/100 g: below it is sandy in its ways; up to the second is typical. Source: common practice. */
const cecSpan = [10, 20] as const

const plain = (v: number, unit: string, key: Bare): Working => given(quantity(v, unit), say(key), 'reported')

const outside = (v: number, [low, high]: NonNullable<ReadingLine['wanted']>): number =>
  low !== null && v < low ? v - low : high !== null && v > high ? v - high : 0

/** Every value of the report in the order in which an advisor looks, each with its meaning for this crop. */
export function readingLines(read: ReadReport, report: Report, guide: Guide, crop: Crop): readonly ReadingLine[] {
  if (guide.medium === 'soilless') return soilless(read, guide, crop)
  const seen: Seen = { read, report, guide, crop }
  const lines: ReadingLine[] = []
  for (const reader of inOrder) lines.push(...reader(seen))
  return lines
}

/** A report, and whose eyes it is seen with. */
interface Seen {
  readonly read: ReadReport
  readonly report: Report
  readonly guide: Guide
  readonly crop: Crop
}
type Reader = (seen: Seen) => ReadingLine[]

const major =
  (element: 'P' | 'K'): Reader =>
  ({ read, report, guide, crop }) =>
    majorLine(element, read, report, guide, crop)
const minor =
  (element: Element): Reader =>
  ({ read, report, guide, crop }) =>
    minimumLine(element, read, report, guide, crop)

/** How a test is read by which something is rated; null: it is read with another. One without is told as reported. */
const readers: Readonly<Partial<Record<MeasuredField, Reader | null>>> = {
  pH: ({ read, crop }) => pHLine(read, crop),
  bufferPH: ({ read }) => bufferLine(read),
  acidity: ({ read }) => acidityLine(read),
  freeLime: ({ read }) => freeLimeLine(read),
  organicMatter: ({ read }) => matterLine(read),
  cec: ({ read }) => cecLine(read),
  nitrate: ({ read, guide }) => nitrateLine(read, guide),
  P: major('P'),
  K: major('K'),
  Ca: minor('Ca'),
  Mg: minor('Mg'),
  S: minor('S'),
  Zn: minor('Zn'),
  Mn: minor('Mn'),
  Fe: minor('Fe'),
  Cu: minor('Cu'),
  B: minor('B'),
  salts: ({ read, report, crop }) => saltLines(read, report, crop),
  // Sodium is read from either, with the salts.
  Na: null,
  sar: null,
  lead: ({ read, report, guide, crop }) => leadLine(read, report, guide, crop),
  // It tells what the others mean.
  sampleDepth: null,
}
/** Lines that are not called as the test that they rest on. Of mix the salts (EC) decide what else counts. */
const linesOfTest: Readonly<Partial<Record<MeasuredField, readonly string[]>>> = {
  pH: ['pH', 'EC'],
  bufferPH: ['buffer'],
  salts: ['salts', 'sodium'],
  Na: [],
  sar: [],
}

/** The ids of all lines that a reading may have, in the order in which an advisor looks. */
export const readingOrder: readonly string[] = measuredFields.flatMap((test) => linesOfTest[test] ?? [test])

const inOrder = tests.flatMap((test: TestDefinition): readonly Reader[] => {
  const reader = readers[test.id as MeasuredField]
  return reader === null ? [] : [reader ?? (({ read }) => reportedLine(test, read))]
})

/** A test by which nothing is rated. */
function reportedLine({ id, says }: TestDefinition, { others }: ReadReport): ReadingLine[] {
  const value = others[id as MeasuredField]
  return value && says
    ? [
        {
          id,
          field: id as MeasuredField,
          value: given(value, say('report.value', { element: id }), 'reported'),
          meaning: say('meaning.reported', { says }),
          source: 'practice',
        },
      ]
    : []
}

function pHLine(read: ReadReport, crop: Crop): ReadingLine[] {
  if (!read.pH) return []
  const { low, high } = crop.pH
  const distance = outside(read.pH.value.v, [low, high])
  const key = distance < 0 ? 'meaning.pH-low' : distance === 0 ? 'meaning.pH-fits' : 'meaning.pH-high'
  return [
    {
      id: 'pH',
      field: 'pH',
      value: read.pH,
      className: reactionClass(read.pH.value).en,
      between: betweenReactions(read),
      wanted: [low, high],
      distance,
      meaning: say(key, { crop: crop.label, acid: crop.acidRequiring }),
      source: crop.source,
    },
  ]
}

/** The reaction classes at the ends of a range, where they differ. Both are in water, as the value is. */
function betweenReactions({ pH, ranges }: ReadReport): ReadingLine['between'] {
  const { low = null, high = null } = ranges.pH ?? {}
  if (!pH || low === null || high === null) return undefined
  const shift = pH.value.v - (low + high) / 2
  const [from, to] = [low, high].map((end) => reactionClass(quantity(end + shift, 'pH in water')).en)
  return from === to ? undefined : [from!, to!]
}

function bufferLine({ buffer, unnamed }: ReadReport): ReadingLine[] {
  if (unnamed.buffer !== undefined) {
    const value = plain(unnamed.buffer, 'pH', 'report.buffer-unnamed')
    return [{ id: 'buffer', field: 'bufferPH', value, meaning: say('meaning.buffer-unnamed'), source: 'reported' }]
  }
  if (!buffer) return []
  const value = given(buffer, say('report.buffer', { kind: buffer.of.replace(' buffer pH', '') }), 'reported')
  return [{ id: 'buffer', field: 'bufferPH', value, meaning: say('meaning.buffer'), source: 'reported' }]
}

function acidityLine({ acidity }: ReadReport): ReadingLine[] {
  if (!acidity) return []
  const value = given(acidity, say('report.acidity'), 'reported')
  return [{ id: 'acidity', field: 'acidity', value, meaning: say('meaning.acidity'), source: 'reported' }]
}

function freeLimeLine({ freeLime }: ReadReport): ReadingLine[] {
  if (freeLime === undefined) return []
  const value = plain(freeLime, '% CaCO₃', 'report.free-lime')
  const meaning = say(freeLime > 0 ? 'meaning.free-lime' : 'meaning.no-free-lime')
  return [{ id: 'freeLime', field: 'freeLime', value, meaning, source: 'practice' }]
}

function matterLine({ soil: { organicMatter } }: ReadReport): ReadingLine[] {
  if (!organicMatter) return []
  const { v } = organicMatter
  const className = v < matterSpan[0] ? 'low' : v > matterSpan[1] ? 'high' : 'typical'
  const value = given(organicMatter, say('report.organic-matter'), 'reported')
  const meaning = say(`meaning.matter-${className}`)
  return [{ id: 'organicMatter', field: 'organicMatter', value, className, meaning, source: 'practice' }]
}

function cecLine({ soil: { cec, texture, textureByCec } }: ReadReport): ReadingLine[] {
  if (!cec) return []
  const className = cec.v < cecSpan[0] ? 'sandy' : cec.v > cecSpan[1] ? 'heavy' : 'typical'
  const value = given(cec, say('report.cec'), 'reported')
  const meaning = say(`meaning.cec-${className}`, {
    texture: textureByCec && texture ? textures[texture].label : null,
  })
  return [{ id: 'cec', field: 'cec', value, className, meaning, source: 'practice' }]
}

function nitrateLine(read: ReadReport, { limits }: Guide): ReadingLine[] {
  const layer = nitrateInLayer(read)
  if (!layer || !read.nitrate) return []
  const much = layer.value.v > limits.nitrate.tooMuchAbove
  const little = read.nitrate.of === 'ppm NO₃-N' && read.nitrate.v <= limits.nitrate.goodUpTo
  const className = much ? 'too-much' : little ? 'well-used' : 'left-over'
  return [
    {
      id: 'nitrate',
      field: 'nitrate',
      value: layer,
      className,
      meaning: say(`meaning.nitrate-${className}`),
      source: 'practice',
    },
  ]
}

/** Phosphorus and potassium, by whichever way this crop is fed with them. */
function majorLine(element: 'P' | 'K', read: ReadReport, report: Report, guide: Guide, crop: Crop): ReadingLine[] {
  const by = crop.phosphorusPotassium
  if (by.method === 'minimum-levels') return minimumLine(element, read, report, guide, crop)
  const line = classLine(element, read, report, guide, crop)
  const wanted = by.method === 'tri-state' && triStateSpan(element, by, read.soil.cec, report.extractant)
  return wanted ? line.map((one) => inTriState(one, wanted, element, crop)) : line
}

/** A rated line against the critical level of a field crop instead of the classes. */
function inTriState(line: ReadingLine, wanted: readonly [number, number], element: 'P' | 'K', crop: Crop): ReadingLine {
  if (!line.value || !line.className || line.value.value.of.startsWith('index')) return line
  const distance = outside(line.value.value.v, wanted)
  const className = distance < 0 ? 'build-up' : distance > 0 ? 'draw-down' : 'maintain'
  const meaning = say(`meaning.tri-state-${className}`, { element, crop: crop.label })
  return { ...line, wanted, distance, className, between: undefined, meaning, source: 'tri-state' }
}

function classLine(element: 'P' | 'K', read: ReadReport, report: Report, guide: Guide, crop: Crop): ReadingLine[] {
  const rating = rate(element, read, report, guide)
  if (!rating.ok) return refused(element, read, rating)
  const { className, value, bounds, between, source } = rating.value
  const wanted = bounds && ([bounds[2], bounds[3]] as const)
  const word = read.printedWords[element]
  return [
    {
      id: element,
      field: element,
      value,
      className,
      between,
      printedWord: word === className ? undefined : word,
      wanted,
      distance: value && wanted && outside(value.value.v, wanted),
      meaning: say(`meaning.${element}-${className}`, { crop: crop.label }),
      source,
    },
  ]
}

function minimumLine(element: Element, read: ReadReport, report: Report, guide: Guide, crop: Crop): ReadingLine[] {
  const found = sufficiency(element, read, report, guide)
  if (!found.ok) return refused(element, read, found)
  const { low, lowBelow, value, unsure, source } = found.value
  const wanted = lowBelow === undefined ? undefined : ([lowBelow, null] as const)
  const harmed = element === 'B' && crop.boron === 'harms'
  return [
    {
      id: element,
      field: element,
      value,
      className: low ? 'low' : 'enough',
      between: unsure ? ['low', 'enough'] : undefined,
      wanted,
      distance: value && wanted && outside(value.value.v, wanted),
      meaning: say(harmed ? 'meaning.boron-harms' : low ? 'meaning.element-low' : 'meaning.element-enough', {
        element,
        crop: crop.label,
      }),
      source,
    },
  ]
}

/** A value that was reported and cannot be rated is shown with the reason. */
function refused(element: Element, read: ReadReport, outcome: Outcome<unknown>): ReadingLine[] {
  const test = read.tests[element]
  if (outcome.ok || !test) return []
  return [
    {
      id: element,
      field: element,
      value: given(test, say('report.value', { element }), 'reported'),
      meaning: outcome.refusal,
      source: 'reported',
    },
  ]
}

function saltLines(read: ReadReport, report: Report, crop: Crop): ReadingLine[] {
  const lines: ReadingLine[] = []
  if (read.unnamed.salts !== undefined)
    lines.push({
      id: 'salts',
      field: 'salts',
      value: plain(read.unnamed.salts, measuredIn(report, 'salts').unit, 'report.salts'),
      meaning: say('meaning.salts-unnamed'),
      source: 'reported',
    })
  if (read.salts) {
    const band = saltBand(read.salts)
    lines.push({
      id: 'salts',
      field: 'salts',
      value: plain(read.salts.v, 'dS/m', 'report.salts'),
      className: band.ok ? band.value : undefined,
      wanted: band.ok && crop.salts ? [null, crop.salts.upTo] : undefined,
      distance: band.ok && crop.salts ? outside(read.salts.v, [null, crop.salts.upTo]) : undefined,
      meaning: band.ok ? saltMeaning(read.salts, band.value, crop) : band.refusal,
      source: crop.salts && band.ok ? crop.salts.source : 'handbook-60',
    })
  }
  const { esp, sar, sodic, gypsum } = sodium(read)
  if (esp || sar !== undefined)
    lines.push({
      id: 'sodium',
      field: esp ? 'Na' : 'sar',
      value: esp ?? plain(sar!, 'SAR', 'report.sar'),
      className: sodic ? 'sodic' : 'not-sodic',
      meaning: say(sodic ? 'meaning.sodic' : 'meaning.not-sodic', { tons: gypsum?.value.v ?? null }),
      source: 'handbook-60',
    })
  return lines
}

/** Lead against the office's precaution level; only total lead has one. */
function leadLine(read: ReadReport, report: Report, { limits }: Guide, crop: Crop): ReadingLine[] {
  if (read.lead === undefined) return []
  const found = leadClass(read.lead, report.leadBy, limits)
  const wanted = found.ok ? ([null, limits.lead.precaution] as const) : undefined
  return [
    {
      id: 'lead',
      field: 'lead',
      value: plain(read.lead, 'ppm Pb', 'report.lead'),
      className: found.ok ? found.value : undefined,
      wanted,
      distance: wanted && outside(read.lead, wanted),
      meaning: found.ok
        ? say(`lead.${found.value}`, { crop: crop.label, leafyOrRoot: crop.leafyOrRoot ?? false })
        : found.refusal,
      source: 'lead-guidance',
    },
  ]
}

function soilless(read: ReadReport, guide: Guide, crop: Crop): readonly ReadingLine[] {
  return extractLines(read, guide, crop).map(({ id, v, unit, className, wanted }) => {
    const distance = outside(v, wanted)
    const where = distance < 0 ? 'below' : distance > 0 ? 'above' : 'within'
    return {
      id,
      field: id === 'EC' ? ('salts' as const) : id,
      value: plain(v, unit, 'report.extract'),
      className,
      wanted,
      distance,
      meaning: say(`meaning.extract-${id === 'EC' ? 'salts' : id === 'pH' ? 'pH' : 'nutrient'}-${where}`, {
        id,
        // The crop’s own span says more than the class of the extract, and must not seem to say otherwise.
        own: crop.extract?.[id] !== undefined && className !== undefined && className !== 'low',
      }),
      source: crop.extract ? 'practice' : guide.extract!.source,
    }
  })
}
