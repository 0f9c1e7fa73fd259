import type { Patch } from 'immer'
import type { Case } from '@/core/case'
import { crops } from '@/core/guides/crops'
import { extractants } from '@/core/guides/guides'
import { fertilizers, limeMaterials, sulfurMaterials } from '@/core/guides/materials'
import { textures } from '@/core/guides/soils'
import type { Edit } from '@/store/history'
import { textOf } from '@/wording/render'
import { en } from './messages'

/**
 * What an edit changed, a line for each field: `Long bed, Size: 9x31, now 10x31`.
 * Areas and reports are named as they are called now, since a change is looked for by today's name.
 */
export function describe({ kind, patches, inverse }: Edit, kase: Case): string[] {
  const lines = patches.map((patch) => line(patch, inverse, kase)).filter((one) => one !== null)
  return [...new Set(lines)].map((one) => en.kind[kind] + one)
}

function line(patch: Patch, inverse: readonly Patch[], kase: Case): string | null {
  const [head, index] = patch.path
  if (head === 'areas' || head === 'reports') {
    const what = head === 'areas' ? en.area : en.report
    if (patch.path.length === 1) return null
    if (index === 'length') return en.removed(what)
    if (patch.path.length === 2) return patch.op === 'add' ? en.added(what) : nameOf(head, Number(index), kase)
  }
  const field = patch.path.at(-1)!
  if (field === 'value' || field === 'text') return null
  const owner =
    typeof index === 'number' ? nameOf(head as 'areas' | 'reports', index, kase) : head === 'letter' ? en.letter : ''
  const printed = patch.path.includes('recommends') ? en.laboratorySays : ''
  const before = inverse.find((one) => one.path.join() === patch.path.join())
  const label = [owner, printed, en.fields[field] ?? String(field)].filter(Boolean).join(', ')
  return `${label}: ${shown(before?.value)}, now ${shown(patch.value)}`
}

const nameOf = (head: 'areas' | 'reports', index: number, kase: Case): string =>
  (head === 'areas' ? kase.areas[index]?.name : kase.reports[index]?.code) || (head === 'areas' ? en.area : en.report)

/** What the guides call the things that are chosen from a list. */
const labels = new Map<string, string>(
  [crops, textures, extractants, fertilizers, limeMaterials, sulfurMaterials].flatMap((table) =>
    Object.entries(table).map(([id, { label }]) => [id, textOf(label)] as const),
  ),
)

/** A value as it was typed or chosen. */
function shown(value: unknown): string {
  if (value === null || value === undefined || value === '') return en.empty
  if (typeof value !== 'object') return labels.get(String(value)) ?? String(value)
  const { text, unit } = value as { text?: string; unit?: string }
  return text === undefined
    ? '…'
    : text === ''
      ? en.empty
      : [text, unit === 'ft²' ? '' : unit].filter(Boolean).join(' ')
}
