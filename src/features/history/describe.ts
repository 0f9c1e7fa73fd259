import type { Case } from '@/core/case'
import { crops } from '@/core/guides/crops'
import { extractants } from '@/core/guides/guide'
import { fertilizers, limeMaterials, sulfurMaterials } from '@/core/guides/materials'
import { houseSchools, olsenSchools } from '@/core/guides/schools'
import { textures } from '@/core/guides/soils'
import type { Patch } from '@/schemas/case-file'
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

const ofReports: ReadonlySet<string> = new Set(['areas', 'lines', 'originals'])

function line(patch: Patch, inverse: readonly Patch[], kase: Case): string | null {
  const { path } = patch
  const [head, index] = path
  if (head === 'areas' || head === 'reports') {
    const what = head === 'areas' ? en.area : en.report
    if (path.length === 1) return null
    if (index === 'length') return en.removed(what)
    if (path.length === 2) return patch.op === 'add' ? en.added(what) : nameOf(head, index!, kase)
  }
  // Of what a report lists, only that it changed is told.
  if (head === 'reports' && ofReports.has(String(path[2]))) return en.changed(nameField(path.slice(0, 3), kase))
  const field = path.at(-1)!
  if (field === 'value' || field === 'text') return null
  const before = inverse.find((one) => one.path.join() === path.join())
  return `${nameField(path, kase)}: ${shown(before?.value)}, now ${shown(patch.value)}`
}

/** A field as one would ask for it: `Long bed, Size`. Its path names areas and reports by position or by id. */
export function nameField(path: readonly (string | number)[], kase: Case): string {
  const [head, key] = path
  const listed = head === 'areas' || head === 'reports'
  const owner = listed ? nameOf(head, key!, kase) : head === 'letter' ? en.letter : ''
  if (listed && path.length === 2) return owner
  if (head === 'schools') return `${en.school}, ${schools.get(String(key)) ?? String(key)}`
  const field = path.at(-1)!
  const printed = path.includes('recommends') ? en.laboratorySays : ''
  return [owner, printed, en.fields[field] ?? String(field)].filter(Boolean).join(', ')
}

function nameOf(head: 'areas' | 'reports', key: string | number, kase: Case): string {
  const at = <One extends { readonly id: string }>(list: readonly One[]): One | undefined =>
    typeof key === 'number' ? list[key] : list.find((one) => one.id === key)
  return head === 'areas' ? at(kase.areas)?.name || en.area : at(kase.reports)?.code || en.report
}

/** The questions on which practitioners disagree, by their ids. */
const schools = new Map([...houseSchools, ...olsenSchools].map(({ id, label }) => [id, textOf(label)] as const))

/** What the guides call the things that are chosen from a list. */
const labels = new Map<string, string>(
  [crops, textures, extractants, fertilizers, limeMaterials, sulfurMaterials].flatMap((table) =>
    Object.entries(table).map(([id, { label }]) => [id, textOf(label)] as const),
  ),
)

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
