import type { Case } from '@/core/case/case'
import { crops } from '@/core/guides/crops'
import { extractants } from '@/core/guides/guide'
import { productRef } from '@/core/shelf/product'
import { shippedProducts } from '@/core/shelf/products'
import { houseSchools, olsenSchools } from '@/core/guides/schools'
import { textures } from '@/core/guides/soils'
import type { Patch, Path } from '@/core/case/changes'
import type { Edit } from '@/store/history'
import { textOf } from '@/wording/render'
import { en } from './messages'

/**
 * What an edit changed, a line for each field: `Long bed, Size: 9x31, now 10x31`.
 * Areas and reports are named as they are called now, since a change is looked for by today's name.
 */
export function describe({ kind, patches, inverse }: Edit, kase: Case): string[] {
  const lines = patches.map((patch) => line(patch, inverse, kase)).filter((one) => one !== null)
  const said = [...new Set(lines)].map((one) => en.kind[kind] + one)
  return said.length > 0 ? said : [en.nothing[kind]]
}

/** The lists of a case, what one of each is called, and what tells it from the others. */
const lists = {
  areas: [en.area, (kase, id) => kase.areas.find((one) => one.id === id)?.name],
  reports: [en.report, (kase, id) => kase.reports.find((one) => one.id === id)?.code],
  samples: [en.sample, (kase, id) => kase.samples.find((one) => one.id === id)?.code],
  spotChecks: [en.spotCheck, () => undefined],
  applications: [en.application, (kase, id) => kase.applications.find((one) => one.id === id)?.date],
} as const satisfies Partial<Record<keyof Case, readonly [string, (kase: Case, id: string) => string | undefined]>>

const listOf = (head: string | undefined) => lists[head as keyof typeof lists] as (typeof lists)['areas'] | undefined

const ofReports: ReadonlySet<string> = new Set(['areas', 'lines', 'originals'])

function line(patch: Patch, inverse: readonly Patch[], kase: Case): string | null {
  const { op, path } = patch
  const [head] = path
  const list = listOf(head)
  if (list && path.length === 1) return null
  if (list && path.length === 2)
    return op === 'add' ? en.added(list[0]) : op === 'remove' ? en.removed(list[0]) : nameField(path, kase)
  // Of what a report lists, only that it changed is told.
  if (head === 'reports' && ofReports.has(String(path[2]))) return en.changed(nameField(path.slice(0, 3), kase))
  const named = path.findLastIndex((key, i) => i >= (list ? 2 : 0) && en.fields[key] !== undefined)
  // One of a list or a set, which has no name of its own.
  if (head !== 'schools' && named < path.length - 1)
    return en.changed(nameField(path.slice(0, Math.max(named + 1, list ? 2 : 1)), kase))
  const before = inverse.find((one) => one.path.join() === path.join())
  return `${nameField(path, kase)}: ${shown(before?.value)}, now ${shown(patch.value)}`
}

/** A field as one would ask for it: `Long bed, Size`. */
export function nameField(path: Path, kase: Case): string {
  const [head, key] = path
  const list = listOf(head)
  const owner = list ? list[1](kase, key!) || list[0] : head === 'letter' ? en.letter : ''
  if (list && path.length === 2) return owner
  if (head === 'schools') return `${en.school}, ${schools.get(String(key)) ?? String(key)}`
  const field = path.at(-1)!
  const printed = path.includes('recommends') ? en.laboratorySays : ''
  const year = path[2] === 'seasons' ? (path[3] ?? '') : ''
  return [owner, year, printed, en.fields[field] ?? field].filter(Boolean).join(', ')
}

/** The questions on which practitioners disagree, by their ids. */
const schools = new Map([...houseSchools, ...olsenSchools].map(({ id, label }) => [id, textOf(label)] as const))

/** What the guides call the things that are chosen from a list. */
const labels = new Map<string, string>([
  ...[crops, textures, extractants].flatMap((table) =>
    Object.entries(table).map(([id, { label }]) => [id, textOf(label)] as const),
  ),
  ...shippedProducts.map((product) => [productRef(product), textOf(product.label)] as const),
])

/** A value as it was typed or chosen. */
export function shown(value: unknown): string {
  if (value === null || value === undefined || value === '') return en.empty
  if (Array.isArray(value)) return value.length > 0 ? value.map(shown).join(', ') : en.empty
  if (typeof value !== 'object') return labels.get(String(value)) ?? String(value)
  const { text, unit, name, code } = value as { text?: string; unit?: string; name?: string; code?: string }
  return text === undefined
    ? name || code || en.there
    : text === ''
      ? en.empty
      : [text, unit === 'ft²' ? '' : unit].filter(Boolean).join(' ')
}
