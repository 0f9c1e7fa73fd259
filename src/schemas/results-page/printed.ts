import { recommendedIn } from '../../core/report/lines'
import {
  aboutSample,
  lineNamed,
  named,
  unitNamed,
  unitWordsIn,
  type AboutSample,
  type Named,
} from '../../core/report/names'
import { dayText, isNone, rowsOfPage, tidied, type Cell } from './cells'
import { around, type Box, type PageWords, type Word } from './words'

/** A number on a page with the name that it stands by. */
export interface Printed {
  /** As it is printed. */
  readonly name: string
  readonly said: Named
  readonly text: string
  /** The unit printed with it, in the words of the paper; blank where there is none. */
  readonly unit: string
  /** It stands among what the laboratory recommends. */
  readonly recommended: boolean
  readonly crop: string
  readonly sample: string
  /** Where it stands, in points of the turned page. */
  readonly box: Box
  readonly page: number
  /** How its name was found: beside it, in a sentence, above it. */
  readonly by: 'row' | 'sentence' | 'column'
  /** Another number of its row may be meant as well. */
  readonly unsure: boolean
}

/** What a page says of a sample beside its numbers. */
export interface PrintedAbout {
  readonly what: AboutSample
  readonly name: string
  readonly text: string
  readonly box: Box
  readonly page: number
}

export interface PageFound {
  readonly rows: readonly (readonly Cell[])[]
  readonly printed: readonly Printed[]
  readonly about: readonly PrintedAbout[]
  /** Lines that say how the tests were made, or in which unit. */
  readonly remarks: readonly string[]
}

type Rows = PageFound['rows']

/** Columns beside the result: what would be right, what it was before. */
const besideResult =
  /\b(?:optim|desir|wanted|target|ideal|suffic|range|normal|goal|guide|critical|previous|last|before|low|medium|high|saturation|error|limit)/i
const recommends =
  /\brecommend|\bsuggest(?:ed|ions?)\b|\b(?:lime|fertilizer)s?\s+(?:and|&)\s+(?:lime|fertilizer)|\bto apply\b|\bapply\b/i
const results = /\bresults?\b|\banalysis\b|\bmeasured\b|\bfound\b/i
const methods =
  /mehlich|bray|olsen|morgan|\bm-?[13]\b|saturated media|\bsme\b|dtpa|hot[\s-]*water|smp|sikora|adams|evans|extract|buffer/i
const unitRemark = /\b(?:results?|values?|nutrients?|elements?|figures|amounts|all)\b.{0,60}\b(?:in|as|are)\b/i

/** What stands on one page. */
export function foundOn(page: PageWords, at: number): PageFound {
  const rows = rowsOfPage(page)
  const about = [
    ...rows.flatMap((_, i) => aboutIn(rows, i, at)),
    ...aboutInProse(rows, at),
    ...cropsInHeadings(rows, at),
  ]
  const zone = zones(rows)
  const inRows = rows.flatMap((row, i) => byRow(rows, i, zone))
  const taken = new Set(inRows.map(({ cell }) => cell))
  const inColumns = rows.flatMap((row, i) => byColumn(rows, i, zone, taken))
  const sentences = inSentences(rows)
  const [codes, crops] = (['code', 'crop'] as const).map((meaning) => about.filter(({ what }) => what === meaning))
  const printed = [...inRows, ...inColumns, ...sentences].map(({ cell, crop, sample, ...one }): Printed => {
    const box = { x: cell.x, y: cell.y, width: cell.width, height: cell.height }
    return {
      ...one,
      crop: one.recommended ? crop || lastAbove(crops!, box) : '',
      sample: sample || lastAbove(codes!, box),
      box,
      page: at,
    }
  })
  const remarks = rows.flatMap((row) => {
    const line = row.map(({ text }) => text).join(' ')
    return [...row.map(({ text }) => text), line].filter((text) => methods.test(text) || unitRemark.test(text))
  })
  return { rows, printed, about, remarks }
}

interface Pair extends Omit<Printed, 'box' | 'page'> {
  readonly cell: Cell
}

/** Which heading a cell stands beneath, of those that begin no further right; its words, for their unit. */
type Zone = (cell: Cell, row: number) => { readonly recommended: boolean; readonly unit: string }

function zones(rows: Rows): Zone {
  const headings = rows.flatMap((row, i) =>
    row
      .filter(({ text, value, named: said }) => !value && text.length <= 80 && lineNamed(said) === null)
      .flatMap((cell) => {
        const recommended = recommends.test(cell.text)
        return recommended || results.test(cell.text) ? [{ cell, row: i, recommended }] : []
      }),
  )
  return (cell, row) => {
    const over = headings
      .filter((one) => one.row < row && one.cell.x <= cell.x + 12)
      .reduce<(typeof headings)[number] | undefined>(
        (best, one) => (!best || one.row > best.row || (one.row === best.row && one.cell.x > best.cell.x) ? one : best),
        undefined,
      )
    if (!over) return { recommended: false, unit: '' }
    return { recommended: over.recommended, unit: over.recommended ? rateBetween(rows, over.row, row) : '' }
  }
}

const rate =
  /(?:lbs?\.?|pounds|tons?|kg|g)\s*(?:\/|per)\s*(?:1,?000\s*(?:sq ft|ft2|ft²)|100\s*(?:sq ft|ft2|ft²)|1,?000|acre|ac|a|m2|m²|ha)\b/i

/** A rate that no soil test is printed in, as lb/acre may be. */
const isRate = (text: string): boolean => rate.test(text) && unitNamed('Ca', rate.exec(text)![0]) === null

/** The rate that a heading names, or a line beneath it that is no row of figures. */
function rateBetween(rows: Rows, from: number, to: number): string {
  const said = rows
    .slice(from, to)
    .filter((row) => !row.some(({ value }) => value))
    .flatMap((row) => row.flatMap(({ text }) => rate.exec(tidied(text))?.[0] ?? []))
  return new Set(said).size === 1 ? said[0]! : ''
}

/** What a cell says as a name; among what is recommended P is no result. */
function nameIn(text: string, recommended: boolean): Named {
  const plain = named(tidied(text))
  if (!recommended) return plain
  const asked = named(`${tidied(text)} recommended`)
  if (isName(asked)) return { ...plain, ...asked }
  const line = lineNamed(plain)
  return line && !recommendedIn(line) ? { ...plain, meaning: undefined } : plain
}

const isName = (said: Named): boolean => lineNamed(said) !== null

/** Units of a soil test leave no doubt that a line is a result. */
const soilUnit = /^(?:ppm|mg\/kg|meq.*|cmol.*|%|.s\/.?m|mmhos.*)$/i

/** Names at the left of their values. */
function byRow(rows: Rows, at: number, zone: Zone): readonly Pair[] {
  const row = rows[at]!
  return row.flatMap((cell, i): readonly Pair[] => {
    if (cell.value) return []
    const rest = row.slice(i + 1)
    const next = rest.findIndex((one) => !one.value && (isName(one.named) || isName(nameIn(one.text, true))))
    const right = next < 0 ? rest : rest.slice(0, next)
    const here = zone(cell, at)
    const measured = right.some((one) => soilUnit.test(one.value?.rest ?? '') || soilUnit.test(one.text))
    const rated = right.some((one) => [one.value?.rest ?? '', tidied(one.text)].some(isRate))
    const recommended = rated || (here.recommended && !measured)
    const said = nameIn(cell.text, recommended)
    if (!isName(said) && !couldBeName(cell, right, recommended)) return []
    const unitBeside = right.find((one) => !one.value && isUnit(one))
    const chosen = chosenOf(rows, at, right)
    return chosen.cells.map(({ cell: value, over }, _, all) => ({
      name: tidied(cell.text),
      said,
      text: value.value?.text ?? '0',
      unit:
        ownUnit(value) ?? (unitBeside ? tidied(unitBeside.text) : undefined) ?? unitWordsIn(tidied(over)) ?? here.unit,
      recommended,
      crop: chosen.by === 'column' && recommended ? over : '',
      sample: chosen.by === 'column' && !recommended ? over : '',
      cell: value,
      by: 'row',
      unsure: chosen.by === null && all.length > 1,
    }))
  })
}

/** The unit behind a number; a class word or mark there is none. */
const ownUnit = ({ value }: Cell): string | undefined =>
  value && unitWordsIn(value.rest) !== undefined ? value.rest : undefined

/** A unit and nothing else. */
const isUnit = ({ text }: Cell): boolean => unitWordsIn(tidied(text)) === tidied(text).toLowerCase()

/** A line that is not known but stands like one: a name of its own, then a number in a unit of soil tests or a rate. */
const couldBeName = (cell: Cell, right: readonly Cell[], recommended: boolean): boolean =>
  cell.named.meaning === undefined &&
  cell.text.length <= 40 &&
  /\p{L}/u.test(cell.text) &&
  !isUnit(cell) &&
  right.some(({ value }) => value) &&
  (recommended
    ? right.some(({ value, text: said }) => rate.test(value?.rest ?? '') || rate.test(tidied(said)))
    : right.some(({ value, text: said }) => soilUnit.test(value?.rest ?? '') || soilUnit.test(said)))

/** Which numbers of a row are its results: the one headed so, the only one, or one to each column of samples or crops. */
function chosenOf(rows: Rows, at: number, right: readonly Cell[]) {
  const values = right
    .filter((one) => one.value || isNone(one.text))
    .map((cell) => ({ cell, over: headerOver(rows, at, cell).join(' ') }))
  const result = values.filter(
    ({ over }) => named(tidied(over)).meaning === 'result' || (results.test(over) && !besideResult.test(over)),
  )
  if (result.length === 1) return { cells: result, by: 'head' as const }
  const left = values.filter(({ over }) => !besideResult.test(over))
  const single = left.some(({ cell }) => !cell.value?.range) ? left.filter(({ cell }) => !cell.value?.range) : left
  if (single.length < 2) return { cells: single, by: 'only' as const }
  // 28 ppm 56 lb/A is one result in two units.
  const [first, other] = single
  if (
    single.length === 2 &&
    first!.cell.value?.rest &&
    other!.cell.value?.rest &&
    first!.cell.value.rest !== other!.cell.value.rest
  )
    return { cells: [first!], by: 'only' as const }
  const heads = new Set(single.map(({ over }) => over))
  const columns =
    heads.size === single.length &&
    !heads.has('') &&
    columnsOf(
      rows,
      at,
      single.map(({ cell }) => cell),
    )
  return { cells: single, by: columns ? ('column' as const) : null }
}

/** Whether the numbers of a row stand beneath codes or crops: the row above them says so at its left, or by its heading. */
function columnsOf(rows: Rows, at: number, cells: readonly Cell[]): boolean {
  for (let r = at - 1; r >= 0 && r > at - 40; r -= 1) {
    const row = rows[r]!
    if (row.some(({ value }) => value) || !cells.every((cell) => row.some((one) => overlaps(one, cell)))) continue
    const left = row.filter((one) => one.x + one.width < Math.min(...cells.map(({ x }) => x)))
    return left.some(({ named: { meaning } }) => meaning === 'code' || meaning === 'crop' || meaning === 'area')
  }
  return false
}

const overlaps = (one: Box, other: Box): boolean => {
  const shared = Math.min(one.x + one.width, other.x + other.width) - Math.max(one.x, other.x)
  const middle = other.x + other.width / 2
  return shared >= 0.3 * Math.min(one.width, other.width) || (middle >= one.x - 4 && middle <= one.x + one.width + 4)
}

/** The words above a cell that head its column, from the highest down, and what is printed over several columns. */
interface Heads {
  readonly heads: readonly Cell[]
  readonly spanning: readonly Cell[]
}

/** Looks upward as far as the table goes; rows of figures are passed over. */
function headsOver(rows: Rows, at: number, cell: Box): Heads {
  const heads: Cell[] = []
  const spanning: Cell[] = []
  let y = cell.y
  let begun = false
  for (let r = at - 1; r >= 0; r -= 1) {
    const row = rows[r]!
    const gap = y - Math.max(...row.map((one) => one.y + one.height))
    if (gap > (begun ? 1.2 : 4) * cell.height) break
    y = Math.min(...row.map((one) => one.y))
    if (row.some(({ value }) => value)) {
      if (begun) break
      continue
    }
    begun = true
    const above = row.find((one) => overlaps(one, cell))
    // A title over several columns heads none of them.
    if (above) (above.width < 6 * Math.max(cell.width, 24) ? heads : spanning).unshift(above)
    if (heads.length === 4) break
  }
  return { heads, spanning }
}

const headerOver = (rows: Rows, at: number, cell: Box): readonly string[] =>
  headsOver(rows, at, cell).heads.map(({ text }) => text)

/** Names above their values. */
function byColumn(rows: Rows, at: number, zone: Zone, taken: ReadonlySet<Cell>): readonly Pair[] {
  const row = rows[at]!
  const free = row.filter((cell) => (cell.value || isNone(cell.text)) && !taken.has(cell))
  return free.flatMap((cell): Pair[] => {
    const { heads, spanning } = headsOver(rows, at, cell)
    if (heads.length === 0) return []
    const here = zone(cell, at)
    const stack = heads.map(({ text }) => text)
    const found = longestName(stack, here.recommended) ?? (here.recommended ? longestName(stack, false) : undefined)
    if (!found) return []
    const over = [...heads, ...spanning].flatMap(({ text }) => unitWordsIn(tidied(text)) ?? [])[0]
    return [
      {
        name: tidied(found.text),
        said: found.said,
        text: cell.value?.text ?? '0',
        unit: ownUnit(cell) ?? unitWordsIn(tidied(found.text)) ?? over ?? here.unit,
        recommended: recommendedIn(lineNamed(found.said)!) !== undefined,
        ...sideOf(rows, at, row),
        cell,
        by: 'column',
        unsure: false,
      },
    ]
  })
}

/** The longest run of stacked words that is a name: `Organic` over `Matter`, `Phosphorus` over `ppm`. */
function longestName(stack: readonly string[], recommended: boolean): { text: string; said: Named } | undefined {
  for (let length = stack.length; length > 0; length -= 1)
    for (let from = stack.length - length; from >= 0; from -= 1) {
      const text = stack.slice(from, from + length).join(' ')
      const said = nameIn(text, recommended)
      if (isName(said)) return { text, said }
    }
  return undefined
}

/** What else a row of a table says: the code of its sample, its crop. */
function sideOf(rows: Rows, at: number, row: readonly Cell[]): { crop: string; sample: string } {
  const headed = (meaning: AboutSample) =>
    row.find((cell) => headsOver(rows, at, cell).heads.some(({ named: said }) => said.meaning === meaning))?.text ?? ''
  const first = row[0]!
  const [crop, sample] = [headed('crop'), headed('code')]
  return {
    crop: crop || (sample || first.value ? '' : first.text),
    sample: sample || (crop || first.value ? '' : first.text),
  }
}

/** `Apply 50 lb of ground limestone per 1,000 sq ft`. */
const sentence =
  /\b(?:apply|add|spread|use|broadcast|incorporate)\s+(?:up to\s+|about\s+)?(\d[\d.,]*(?:\s+\d\/\d)?)\s*(lbs?\.?|pounds|tons?)\s+(?:of\s+)?(?:actual\s+)?((?:[a-z]+\s+){0,3}?(?:lime(?:stone)?|elemental sulfur|nitrogen|phosphate|potash))\b[^.;]{0,40}?\b(?:per|\/)\s*(1,?000\s*sq ft|100\s*sq ft|acre)/gi

/** `per 1,000 sq ft: lime 110 lb, nitrogen 2 lb, potash none`. */
const listed =
  /\b(lime(?:stone)?|elemental sulfur|nitrogen|phosphate|potash|p2o5|k2o)\b[\s:,-]*(?:(none|no need)|(\d[\d.,]*)\s*(lbs?\.?|pounds|tons?))/gi
const overGround = /\b(?:per|for every)\s*(1,?000\s*sq ft|100\s*sq ft|acre)\b/i

/** What a paragraph recommends, over the end of its line: each by itself, or a list over one ground. */
function inSentences(rows: Rows): readonly Pair[] {
  return rows.flatMap((row, i) =>
    row.flatMap((cell): readonly Pair[] => {
      if (cell.words.length < 4) return []
      const below = rows[i + 1]?.find((one) => Math.abs(one.x - cell.x) < 4 && one.y - cell.y < 2.5 * cell.height)
      const text = tidied(below ? `${cell.text} ${below.text}` : cell.text)
      const words = [...cell.words, ...(below?.words ?? [])]
      const own = tidied(cell.text)
      const over = overGround.exec(own)?.[1]
      const list = over ? [...text.matchAll(listed)] : []
      if (over && list.length > 1)
        return list.map(([, what, none, amount, weight]) =>
          told(cell, words, { what: what!, amount: amount ?? none!, weight: weight ?? '', over }),
        )
      return [...text.matchAll(sentence)]
        .filter(({ index }) => index < own.length)
        .map(([, amount, weight, what, ground]) =>
          told(cell, words, { what: what!, amount: amount!, weight: weight!, over: ground! }),
        )
    }),
  )
}

interface Told {
  readonly what: string
  /** A number, or that there is none. */
  readonly amount: string
  readonly weight: string
  readonly over: string
}

function told(cell: Cell, words: readonly Word[], { what, amount, weight, over }: Told): Pair {
  const name = /lime/i.test(what)
    ? 'lime'
    : /sulfur/i.test(what)
      ? 'elemental sulfur'
      : what.trim().toLowerCase().split(' ').at(-1)!
  const word = words.find(({ text }) => text.startsWith(amount.split(' ')[0]!)) ?? cell.words[0]!
  return {
    name: `${name}, in a sentence`,
    said: named(`${name} recommended`),
    text: /^\d/.test(amount) ? amount.replace(/[.,]$/, '') : '0',
    unit: `${/ton/i.test(weight) ? 'tons' : 'lb'}/${over}`,
    recommended: true,
    crop: '',
    sample: '',
    cell: { ...cell, ...around([word]) },
    by: 'sentence',
    unsure: false,
  }
}

const inProse: readonly (readonly [AboutSample, RegExp])[] = [
  ['date', new RegExp(String.raw`\b(reported|report date|sampled|received)(?: on)? (${dayText})`, 'i')],
  ['code', /\b([Ss]ample)(?: (?:ID|No\.?|number|code))? ((?=[A-Z0-9-]*[\d-])[A-Z0-9][A-Z0-9-]{1,20})\b/],
]

/** `Sample LOH-S, south lawn. Reported 20 October 2026.` */
const aboutInProse = (rows: Rows, page: number): readonly PrintedAbout[] =>
  rows.flatMap((row) =>
    row.flatMap((cell) =>
      cell.words.length < 4
        ? []
        : inProse.flatMap(([what, pattern]) => {
            const [, name, text] = pattern.exec(cell.text) ?? []
            return name && text ? [{ what, name, text, box: cell, page }] : []
          }),
    ),
  )

/** Whose a sample is and when, by the words beside or beneath the name. */
function aboutIn(rows: Rows, at: number, page: number): readonly PrintedAbout[] {
  const row = rows[at]!
  return row.flatMap((cell, i): PrintedAbout[] => {
    const what = cell.named.meaning as AboutSample
    if (!aboutSample.includes(what)) return []
    const beside = row[i + 1]
    const below = rows[at + 1]?.find((one) => Math.abs(one.x - cell.x) < 6 && one.y - cell.y < 2.5 * cell.height)
    const free = (one: Cell | undefined) =>
      one && one.named.meaning === undefined && unitWordsIn(one.text) === undefined
    const said = free(beside)
      ? beside
      : row.length > 1 && row.every((one) => !one.value) && free(below)
        ? below
        : undefined
    return said ? [{ what, name: cell.text, text: said.text, box: said, page }] : []
  })
}

/** `Recommendations for tomatoes`. */
const cropsInHeadings = (rows: Rows, page: number): readonly PrintedAbout[] =>
  rows.flatMap((row) =>
    row.flatMap((cell) => {
      const crop = /\brecommend\w*\s+for\s+(?:growing\s+)?([^:(]{2,40})/i.exec(cell.text)?.[1]?.trim()
      return crop ? [{ what: 'crop' as const, name: '', text: crop, box: cell, page }] : []
    }),
  )

/** The nearest that stands above; of two in one row that which begins no further right. */
function lastAbove(about: readonly PrintedAbout[], box: Box): string {
  const over = about.filter((one) => one.box.y <= box.y + 2)
  const lowest = Math.max(...over.map((one) => one.box.y))
  const row = over.filter((one) => one.box.y > lowest - 4)
  return (row.filter((one) => one.box.x <= box.x + 12).at(-1) ?? row[0])?.text ?? ''
}
