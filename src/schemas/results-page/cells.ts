import { isLine, named, unitWordsIn, type Named } from '../../core/report/names'
import { around, type Box, type PageWords, type Word } from './words'

/** Words that stand together: a name, a value, a line of a paragraph. */
export interface Cell extends Box {
  readonly text: string
  readonly words: readonly Word[]
  /** What it says as a name. */
  readonly named: Named
  /** The number in it, where it is one. */
  readonly value: PrintedNumber | null
}

export interface PrintedNumber {
  /** As it is printed, without its unit. */
  readonly text: string
  /** What stands after it. */
  readonly rest: string
  readonly range: boolean
}

/** The rows of a page from top to bottom, the cells of each from left to right. */
export function rowsOfPage({ words }: PageWords): readonly (readonly Cell[])[] {
  const broad = letterWidth(words)
  return rowsOfWords(words).map((row) => cellsOf(row, broad))
}

/** Words that share most of their height stand in one row, which small letters below or above the line do too. */
function rowsOfWords(words: readonly Word[]): readonly (readonly Word[])[] {
  const rows: { top: number; bottom: number; words: Word[] }[] = []
  for (const word of [...words].sort((a, b) => a.y - b.y)) {
    const [top, bottom] = [word.y, word.y + word.height]
    const row = rows
      .slice(-6)
      .find(
        (one) =>
          Math.min(bottom, one.bottom) - Math.max(top, one.top) >= 0.5 * Math.min(word.height, one.bottom - one.top),
      )
    if (!row) rows.push({ top, bottom, words: [word] })
    else {
      row.words.push(word)
      // A raised or lowered figure does not stretch its row; larger letters do.
      if (word.height >= row.bottom - row.top) [row.top, row.bottom] = [top, bottom]
    }
  }
  return rows.sort((a, b) => a.top - b.top).map((row) => row.words.sort((a, b) => a.x - b.x))
}

/** How broad a letter usually is, by the height of its word. */
function letterWidth(words: readonly Word[]): number {
  const shares = words.map(({ text, width, height }) => width / text.length / height).sort((a, b) => a - b)
  return shares[Math.floor(shares.length / 2)] ?? 0.5
}

function cellsOf(row: readonly Word[], broad: number): readonly Cell[] {
  const parts: Word[][] = []
  for (const word of row) {
    const last = parts.at(-1)?.at(-1)
    const gap = last ? word.x - last.x - last.width : Infinity
    // A space is at most as broad as a letter; what is further off belongs to the next column.
    if (last && gap < 1.6 * broad * Math.max(word.height, last.height)) parts.at(-1)!.push(word)
    else parts.push([word])
  }
  return parts
    .flatMap((words, i) => (i > 0 && isAboutName(parts[i - 1]!, broad) ? [words] : parted(words, broad)))
    .map((words) => cell(words, broad))
}

/** What stands behind `Sample` is its code, also where it looks like something else. */
function isAboutName(words: readonly Word[], broad: number): boolean {
  const { meaning } = named(tidied(textIn(words, broad)))
  return meaning !== undefined && !isLine(meaning)
}

/** `Phosphorus (P): 28 ppm` is a name and a value. */
function parted(words: readonly Word[], broad: number): readonly (readonly Word[])[] {
  const whole = textIn(words, broad)
  if (words.length < 2 || named(tidied(whole)).meaning !== undefined || numberIn(whole)) return [words]
  for (let n = 1; n < words.length; n += 1) {
    const [name, value] = [words.slice(0, n), words.slice(n)]
    const text = tidied(textIn(name, broad))
    if ((named(text).meaning ?? named(`${text} recommended`).meaning) === undefined) continue
    const said = textIn(value, broad)
    if (numberIn(said) || isNone(said) || day.test(said) || /:$/.test(textIn(name, broad))) return [name, value]
  }
  return [words]
}

const cell = (words: readonly Word[], broad: number): Cell => {
  const text = textIn(words, broad)
  return { ...around(words), text, words, named: named(tidied(text)), value: numberIn(text) }
}

/** Parts of one word, as small figures are, stand close. */
function textIn(words: readonly Word[], broad: number): string {
  return words.reduce((text, word, i) => {
    const last = words[i - 1]
    const close = last && word.x - last.x - last.width < 0.25 * broad * Math.min(word.height, last.height)
    return text + (text === '' || close ? '' : ' ') + word.text
  }, '')
}

/** Units as the names know them. */
export const tidied = (text: string): string =>
  text
    .replace(/\bsq(?:uare)?\.?\s*f(?:ee|oo)?t\b\.?/gi, 'sq ft')
    .replace(/\b(lbs?)\.(?=[\s/])/gi, '$1')
    .replace(/\s*:\s*$/, '')

const number = /^(?:[<>≤≥]\s*)?(?:\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+(?:[.,]\d+)?|[.,]\d+)/
const second = /^\s*(?:-|–|—|to)\s*(?:\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+(?:[.,]\d+)?|[.,]\d+)/

/** The number that a text is, undefined for dates, codes, grades and sentences. */
export function numberIn(text: string): PrintedNumber | null {
  const first = number.exec(text)?.[0]
  if (first === undefined) return null
  const after = text.slice(first.length)
  const to = second.exec(after)?.[0] ?? ''
  const rest = after.slice(to.length)
  // A telephone number runs backward.
  if (to && Number(to.replace(/[^\d.]/g, '')) < Number(first.replace(/[^\d.]/g, ''))) return null
  // 3/4/2026, 10-10-10, 2:1, A17, 5th.
  if (/^[\d/:–-]|^\s*[-–]|^[a-z]{2,}/i.test(rest) && unitWordsIn(rest) === undefined) return null
  if (rest.length > 40 || (/\d/.test(rest) && !/\/|per/i.test(rest))) return null
  return { text: (first + to).trim(), rest: tidied(rest).trim(), range: to !== '' }
}

/** A day, however it is written. */
export const dayText = String.raw`(?:\d{1,4}[./-]\d{1,2}[./-]\d{1,4}|[a-z]{3,9}\.? \d{1,2},? \d{4}|\d{1,2}\.? [a-z]{3,9}\.?,? \d{4})`
const day = new RegExp(`^${dayText}$`, 'i')

/** A paper that wants nothing of a thing says so in words. */
export const isNone = (text: string): boolean => /^(?:none|nil|no lime|not needed|none needed|0)$/i.test(text.trim())
