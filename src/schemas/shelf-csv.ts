import Papa from 'papaparse'
import { readBags } from '../core/shelf/bag'
import { productOfLabel, readLabel } from '../core/shelf/label'
import { productRef, type Product, type ProductRef } from '../core/shelf/product'
import { productNamed } from '../core/shelf/product-named'
import { isShipped } from '../core/shelf/products'
import type { Shelf, Sold } from '../core/shelf/shelf'
import type { Sentence } from '../core/sentence/sentence'

/** Columns of the shelf as a table, in this order; the first row of a file names them. */
export const shelfColumns = ['id', 'product', 'label', 'bags', 'seen', 'sold here'] as const
type Column = (typeof shelfColumns)[number]

/** What is on a label, in the words that it is read from. */
export function labelWords({ feeding, liming, acidifying }: Product): string {
  if (liming && !feeding) {
    const { effectiveness, stone, beginsInMonths } = liming
    const made = beginsInMonths <= 1 ? 'pulverized' : beginsInMonths <= 3 ? 'pelletized' : 'ground'
    return effectiveness === 'reference' ? '' : `lime ${percent(effectiveness)} effective ${stone} ${made}`
  }
  if (acidifying && !feeding) return `sulfur ${percent(acidifying.strength)}`
  if (!feeding) return ''
  const { grade, also = {}, slowNitrogen, organic, chloride, nitrate, ammonium, blend } = feeding
  return [
    [grade.N, grade['P₂O₅'], grade['K₂O']].join('-'),
    ...Object.entries(also).map(([element, percent]) => `${percent} % ${element}`),
    slowNitrogen > 0 && !organic ? `${percent(slowNitrogen)} slow` : '',
    organic ? 'organic' : '',
    chloride ? 'chloride' : '',
    nitrate ? 'nitrate' : '',
    ammonium && !blend ? 'ammonium' : '',
  ]
    .filter(Boolean)
    .join(' ')
}

const percent = (share: number) => `${Number((share * 100).toPrecision(4))} %`

/** `25 lb $14.50; 50 lb $24`. */
export const bagWords = (bags: Sold['bags']): string =>
  bags
    .map(
      ({ lb, price }) =>
        `${Number(lb.toPrecision(6))} lb${price === null ? '' : ` $${Number.isInteger(price) ? price : price.toFixed(2)}`}`,
    )
    .join('; ')

/** The shelf as CSV, with a mark that tells spreadsheets it is UTF-8. A cell that begins like a formula is quoted as text. */
export const shelfCsv = (products: readonly Product[], shelf: Shelf): string =>
  `\uFEFF${Papa.unparse(
    {
      fields: [...shelfColumns],
      data: products.map((product) => {
        const ref = productRef(product)
        const sold = shelf[ref]
        const own = isShipped(ref) ? '' : labelWords(product)
        return [
          ref,
          product.label.en,
          own,
          bagWords(sold?.bags ?? []),
          sold?.bags[0]?.on ?? '',
          sold?.away ? 'no' : 'yes',
        ]
      }),
    },
    { escapeFormulae: true },
  )}\r\n`

export interface ShelfRead {
  readonly shelf: Shelf
  /** Products that are not here yet. */
  readonly products: readonly Product[]
  readonly read: number
  /** Lines that could not be used: as a spreadsheet counts them, and why; null: no column says what it is of. */
  readonly refused: readonly { readonly line: number; readonly why: Sentence | null }[]
}

/** More lines than this are no shelf. */
export const mostLines = 5_000

/**
 * A shelf from a table, put over the one there is: a line that cannot be used changes nothing. `too-many` lines, or no line
 * that names its columns, and nothing is read at all.
 *
 * @param newId makes the id of a product that has none
 */
export function readShelfCsv(
  text: string,
  products: readonly Product[],
  shelf: Shelf,
  today: string,
  newId: () => string,
): ShelfRead | 'too-many' | 'no-columns' {
  // Lines are counted before anything is parsed.
  if (text.split('\n', mostLines + 3).length > mostLines + 2) return 'too-many'
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  const [head = [], ...lines] = data
  const at = new Map(head.map((name, i) => [name.trim().toLowerCase(), i]))
  if (!at.has('bags') || !(at.has('id') || at.has('product'))) return 'no-columns'
  const found = { shelf: { ...shelf }, products: [] as Product[], refused: [] as ShelfRead['refused'][number][] }
  let read = 0
  lines.forEach((cells, i) => {
    // A quote before a formula is there for spreadsheets only.
    const cell = (column: Column) => (cells[at.get(column) ?? -1] ?? '').trim().replace(/^'(?=[=+\-@])/, '')
    const refuse = (why: Sentence | null) => found.refused.push({ line: i + 2, why })
    const bags = readBags(cell('bags'))
    if (!bags.ok) {
      refuse(bags.refusal)
      return
    }
    const known = productOf(cell('id'), cell('product'), [...products, ...found.products])
    let ref: ProductRef
    if (known) ref = productRef(known)
    else {
      const label = readLabel(cell('label'))
      if (!label.ok) {
        refuse(cell('label') === '' && cell('product') !== '' ? null : label.refusal)
        return
      }
      const own = productOfLabel(newId(), cell('product').slice(0, 120) || cell('label'), label.value)
      found.products.push(own)
      ref = productRef(own)
    }
    const on = /^\d{4}-\d\d-\d\d$/.test(cell('seen')) ? cell('seen') : today
    const says = cell('sold here')
    const away = says === '' ? (shelf[ref]?.away ?? false) : /^(?:no|n|0|false)$/i.test(says)
    found.shelf[ref] = { bags: bags.value.slice(0, 10).map((bag) => ({ ...bag, on })), away }
    read += 1
  })
  return { ...found, read }
}

/** The product of a line: by its id, else by its name where only one is called so. */
function productOf(id: string, name: string, products: readonly Product[]): Product | undefined {
  const named = productNamed(products, id as ProductRef)
  if (named) return named
  const called = products.filter(({ label }) => label.en.toLowerCase() === name.toLowerCase())
  return called.length === 1 && name !== '' ? called[0] : undefined
}
