import { caseShape, type Case } from '@/core/case/case'
import { creditsKnown } from '@/core/case/decisions'
import { crops } from '@/core/guides/crops'
import { extractants } from '@/core/guides/guide'
import { productRef } from '@/core/shelf/product'
import { shippedProducts } from '@/core/shelf/products'
import { houseSchools, olsenSchools } from '@/core/guides/schools'
import { textures } from '@/core/guides/soils'
import type { Patch, Path } from '@/core/case/changes'
import { shapeAt } from '@/core/shape/shape'
import type { Edit } from '@/store/history'
import { dateWords } from '@/wording/format'
import { textOf } from '@/wording/render'
import { momentWords } from '../today'
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
  letters: [en.givenLetter, () => undefined],
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
  const named = path.findLastIndex((_, i) => i >= (list ? 2 : 0) && labelAt(path.slice(0, i + 1)) !== undefined)
  // One of a list or a set, which has no name of its own.
  if (head !== 'schools' && named < path.length - 1)
    return en.changed(nameField(path.slice(0, Math.max(named + 1, list ? 2 : 1)), kase))
  const before = inverse.find((one) => one.path.join() === path.join())
  return `${nameField(path, kase)}: ${shown(before?.value, kase)}, now ${shown(patch.value, kase)}`
}

/** A field as one would ask for it: `Long bed, Size`. */
export function nameField(path: Path, kase: Case): string {
  const [head, key] = path
  const list = listOf(head)
  const owner = list ? list[1](kase, key!) || list[0] : head === 'letter' ? en.letter : ''
  if (list && path.length === 2) return owner
  if (head === 'schools') return `${en.school}, ${schools.get(String(key)) ?? String(key)}`
  if (head === 'decisions' && path.length > 2)
    return [decided(path[2]!, kase), labelAt(path.slice(0, 2)) ?? key].join(', ')
  const field = path.at(-1)!
  const printed = path.includes('recommends') ? en.laboratorySays : ''
  const year = path[2] === 'seasons' ? (path[3] ?? '') : ''
  return [owner, year, printed, labelAt(path) ?? field].filter(Boolean).join(', ')
}

/** What a decision is on, by its key: `Long bed, Lime`. */
function decided(key: string, kase: Case): string {
  const [areaId, need] = key.split('/')
  const area = kase.areas.find(({ id }) => id === areaId)?.name || en.area
  return [area, need && needName(need)].filter(Boolean).join(', ')
}

/** What a decision is about: a test, or what a laboratory too would recommend. */
const needName = (need: string): string =>
  need === creditsKnown
    ? en.credits
    : (labelAt(['reports', '', 'recommends', need]) ?? labelAt(['reports', '', 'measured', need]) ?? need)

/** What the history calls a field. */
const labelAt = (path: Path): string | undefined => shapeAt(caseShape, path)?.label

/** The questions on which practitioners disagree, by their ids. */
const schools = new Map([...houseSchools, ...olsenSchools].map(({ id, label }) => [id, textOf(label)] as const))

/** What the guides call the things that are chosen from a list. */
const labels = new Map<string, string>([
  ...[crops, textures, extractants].flatMap((table) =>
    Object.entries(table).map(([id, { label }]) => [id, textOf(label)] as const),
  ),
  ...shippedProducts.map((product) => [productRef(product), textOf(product.label)] as const),
])

/** What an id names in this case; undefined for what is no id, or of something that is gone. */
function named(id: string, kase: Case): string | undefined {
  const area = kase.areas.find((one) => one.id === id)
  if (area) return area.name || en.area
  const report = kase.reports.find((one) => one.id === id)
  if (report) return [report.code || en.report, report.date && dateWords(report.date)].filter(Boolean).join(', ')
  const sample = kase.samples.find((one) => one.id === id)
  return sample && (sample.code || en.sample)
}

const instant = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}/
const anyId = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/

/** A word, a day or the name of something, never its id. */
function inWords(text: string, kase: Case): string {
  if (instant.test(text)) return momentWords(text)
  return labels.get(text) ?? named(text, kase) ?? (anyId.test(text) ? en.gone : text)
}

/** A value as it was typed or chosen. */
export function shown(value: unknown, kase: Case): string {
  if (value === null || value === undefined || value === '') return en.empty
  if (Array.isArray(value)) return value.length > 0 ? value.map((one) => shown(one, kase)).join(', ') : en.empty
  if (typeof value !== 'object') return inWords(String(value), kase)
  const { text, unit, name, code } = value as { text?: string; unit?: string; name?: string; code?: string }
  return text === undefined
    ? name || code || en.there
    : text === ''
      ? en.empty
      : [text, ['ft²', 'ft', 'm'].includes(unit ?? '') ? '' : unit].filter(Boolean).join(' ')
}
