import { blankOffice, type Conventions } from '../../core/office'
import type { LineField } from '../../core/report/line-fields'
import { lineField, readLine, recommendedIn } from '../../core/report/lines'
import { lineNamed, named, unitNamed, unitWordsIn } from '../../core/report/names'
import { monthNamed } from '../../core/calendar/day'
import { check } from '../../core/units/typed'
import { texts } from '../../core/shape/limits'
import { decimalOf, mannerIn, onlyUnit, type Column, type FileManner, type Mapping } from '../results-file/mapping'
import { inPoints, isoDate } from '../results-file/take'
import type { KeptMapping } from '../layout'
import { foundOn, type PageFound, type Printed, type PrintedAbout } from './printed'
import { turnedBox, type Box, type PageWords, type Turn } from './words'

/** Where a value stands on its paper: page from 1 on, the box in shares of the page as the file shows it. */
export interface Place {
  readonly page: number
  readonly box: Box
}

/** Why a value is not taken before somebody has looked: what it is, its unit, which of several, or its size. */
export type Open = 'name' | 'unit' | 'several' | 'range'

/** A value as the paper has it, and what it is taken for. */
export interface FoundValue {
  /** Its own among those of the paper. */
  readonly id: number
  /** What it is called on the paper, by which corrections are remembered. */
  readonly name: string
  readonly meaning: LineField | null
  readonly text: string
  readonly unit: string | null
  readonly sample: string
  readonly crop: string
  readonly place: Place
  readonly open: Open | null
}

/** What was found on the pages of a paper. */
export interface PaperRead {
  readonly laboratory: string
  /** ISO, or blank. */
  readonly date: string
  /** What the day of it was read by. */
  readonly dates: Conventions['dates']
  readonly values: readonly FoundValue[]
  readonly manner: FileManner
  /** By which the next paper of its laboratory is known. */
  readonly signature: string
  /** Clockwise degrees by which each page has to be turned to be read. */
  readonly turns: readonly number[]
}

/**
 * What a paper with text in it says. Nothing is guessed: a value without a unit, one of two different ones for a test, or
 * one beyond what is believed is left open.
 *
 * @param kept how papers with this signature were put right
 * @param usual what the office takes for granted where a paper leaves it open
 */
export function readPaper(
  pages: readonly PageWords[],
  kept: (signature: string) => KeptMapping | undefined = () => undefined,
  usual: Conventions = blankOffice,
): PaperRead {
  const found = carriedOver(pages.map((page, i) => foundOn(page, i)))
  const printed = found.flatMap((one) => one.printed)
  const about = found.flatMap((one) => one.about)
  const heading = laboratoryOn(found[0], pages[0], about)
  const signature = signatureOf(heading, printed)
  const known = kept(signature)
  const decimal =
    known?.decimal ??
    decimalOf(
      printed.map(({ text }) => [text]),
      '',
      usual.decimal,
    ) ??
    'point'
  const dates = known?.dates ?? usual.dates
  const remarks = found.flatMap((one) => one.remarks)
  const values = merged(printed.map((one, id) => taken(one, id, { known, decimal, remarks, pages })))
  return {
    laboratory: heading.slice(0, texts.laboratory),
    date: dateOf(about, dates),
    dates,
    values,
    manner: mannerBy(mannerOf(printed, values, remarks), known?.manner),
    signature,
    turns: pages.map(({ turn }) => turn),
  }
}

/** A page that names no sample or crop goes on with those of the page before. */
function carriedOver(found: readonly PageFound[]): readonly PageFound[] {
  let [sample, crop] = ['', '']
  return found.map((page) => {
    const printed = page.printed.map((one) => ({
      ...one,
      sample: one.sample || sample,
      crop: one.recommended ? one.crop || crop : '',
    }))
    const last = (what: PrintedAbout['what']) => page.about.filter((one) => one.what === what).at(-1)?.text
    sample = last('code') ?? sample
    crop = last('crop') ?? crop
    return { ...page, printed }
  })
}

interface Known {
  readonly known: KeptMapping | undefined
  readonly decimal: Mapping['decimal']
  readonly remarks: readonly string[]
  readonly pages: readonly PageWords[]
}

function taken(
  one: Printed,
  id: number,
  { known, decimal, remarks, pages }: Known,
): FoundValue & { by: Printed['by'] } {
  const name = one.recommended ? `${one.name}, recommended` : one.name
  const corrected = known?.columns.find((column) => column.name === name)
  const line = corrected
    ? lineNamed({ meaning: corrected.meaning ?? undefined })
    : shareOf(lineNamed(one.said), one.unit)
  const text = inPoints(one.text, decimal)
  const unit = line === null ? null : (unitOf(line, one, remarks) ?? corrected?.unit ?? nothing(line, text))
  const page = pages[one.page]!
  const box = {
    x: one.box.x / page.width,
    y: one.box.y / page.height,
    width: one.box.width / page.width,
    height: one.box.height / page.height,
  }
  return {
    id,
    name,
    meaning: line,
    text,
    unit,
    sample: one.sample.slice(0, texts.code),
    crop: one.crop.slice(0, texts.name),
    place: { page: one.page + 1, box: turnedBox(box, ((360 - page.turn) % 360) as Turn) },
    open: corrected?.meaning === null ? null : one.unsure ? 'several' : openIn(line, text, unit),
    by: one.by,
  }
}

/** `Ca, 62 %` is its share of the exchange, not calcium. */
const shareOf = (line: LineField | null, unit: string): LineField | null =>
  line !== null && /%|meq|mol/.test(unit) && unitNamed(line, unit) === null ? null : line

/** Nothing at all is nothing in every unit. */
const nothing = (line: LineField, text: string): string | null =>
  recommendedIn(line) && Number(text) === 0 ? 'lb/1000 ft²' : null

/** What is still to be said of a value before it counts. */
export function openIn(line: LineField | null, text: string, unit: string | null): Open | null {
  if (line === null) return 'name'
  if (unit === null) return 'unit'
  return check(lineField(line), readLine(line, text, unit)).ok ? null : 'range'
}

/** The unit beside the number, in its name, or said of all results; null where there is none, or one that it cannot have. */
function unitOf(line: LineField, { unit, name, said }: Printed, remarks: readonly string[]): string | null {
  const only = onlyUnit(line)
  if (unit !== '') return unitNamed(line, unit) ?? (only === '' ? '' : null)
  if (said.unit !== undefined) return said.unit
  if (only !== null) return only
  if (recommendedIn(line)) return null
  const all = new Set(
    remarks.flatMap((text) => (unitWordsIn(text) && name !== text ? (unitNamed(line, unitWordsIn(text)!) ?? []) : [])),
  )
  return all.size === 1 ? [...all][0]! : null
}

/** One value of each test of a sample or crop. What stands there twice alike is one; of what differs none is taken. */
function merged(values: readonly (FoundValue & { by: Printed['by'] })[]): readonly FoundValue[] {
  const groups = new Map<string, (FoundValue & { by: Printed['by'] })[]>()
  for (const one of values) {
    const key = one.meaning === null ? `#${one.id}` : [one.meaning, one.sample, one.crop].join('|')
    groups.set(key, [...(groups.get(key) ?? []), one])
  }
  return [...groups.values()]
    .flatMap((group) => {
      const beside = group.filter(({ by }) => by === 'row')
      const unlike = distinct(beside.length > 0 ? beside : group)
      return unlike.length === 1 ? unlike : unlike.map((one): typeof one => ({ ...one, open: 'several' }))
    })
    .sort((a, b) => a.id - b.id)
    .map(({ by: _by, ...one }) => one)
}

const distinct = <One extends FoundValue>(group: readonly One[]): readonly One[] =>
  group.filter((one, i) => group.findIndex((other) => other.text === one.text && other.unit === one.unit) === i)

function mannerOf(printed: readonly Printed[], values: readonly FoundValue[], remarks: readonly string[]): FileManner {
  const columns: Column[] = values.map(({ name, meaning, unit }) => ({ name, meaning, unit }))
  const names = printed.map(({ said }) => said)
  const said = remarks.map((text) => named(text))
  const spoken = new Set([...names, ...said].flatMap(({ extractant }) => extractant ?? []))
  const manner = mannerIn([...names, ...said], columns)
  // Two extractants on one paper: somebody has to say whose the numbers are.
  return { ...manner, extractant: spoken.size === 1 ? [...spoken][0]! : null }
}

/** What the paper says of its methods, and where it says nothing what was said of the one before. */
const mannerBy = (said: FileManner, known: FileManner | undefined): FileManner =>
  known
    ? (Object.fromEntries(
        Object.entries(said).map(([key, value]) => [key, value ?? known[key as keyof FileManner]]),
      ) as unknown as FileManner)
    : said

const laboratory =
  /\b(?:lab|laboratory|laboratories|soil (?:testing|room|service|clinic)|testing (?:service|cent(?:er|re)))\b/i

/** The laboratory where the paper names it, else the first line that sounds like one. */
function laboratoryOn(
  first: PageFound | undefined,
  page: PageWords | undefined,
  about: readonly PrintedAbout[],
): string {
  const said = about.find(({ what }) => what === 'laboratory')
  if (said) return said.text
  if (!first || !page) return ''
  return (
    first.rows
      .filter((row) => row[0]!.y < page.height * 0.4)
      .flatMap((row) => row.filter(({ text, named: { meaning } }) => meaning === undefined && laboratory.test(text)))
      .filter(({ text }) => text.length <= 80 && !/\b(?:no|number|id)\b/i.test(text))
      .sort((a, b) => b.height - a.height)[0]?.text ?? ''
  )
}

const signatureOf = (heading: string, printed: readonly Printed[]): string => {
  const names = [...new Set(printed.map(({ name }) => name.toLowerCase()))].sort().join('|')
  return `paper|${heading ? heading.toLowerCase().replace(/\s+/g, ' ').trim() : names}`.slice(0, 4_000)
}

/** The day it was reported, or the only one there is. */
function dateOf(about: readonly PrintedAbout[], dates: Mapping['dates']): string {
  const days = about.filter(({ what }) => what === 'date').map((one) => ({ ...one, day: dayIn(one.text, dates) }))
  const told = days.filter(({ day }) => day !== '')
  return (
    (told.find(({ name }) => /report/i.test(name)) ?? told.find(({ name }) => !/receiv|sampl/i.test(name)) ?? told[0])
      ?.day ?? ''
  )
}

/** A date as ISO, its month in figures or in words; blank where it is none. */
function dayIn(text: string, dates: Mapping['dates']): string {
  const [, name, day, year] = /^([a-z]{3})[a-z]*\.? (\d{1,2}),? (\d{4})$/i.exec(text) ?? []
  const [, dayFirst, nameSecond, yearThird] = /^(\d{1,2})\.? ([a-z]{3})[a-z]*\.?,? (\d{4})$/i.exec(text) ?? []
  const month = monthNamed((name ?? nameSecond ?? '').toLowerCase())
  return isoDate(month > 0 ? `${year ?? yearThird}-${month}-${day ?? dayFirst}` : text, dates)
}
