import { cropsOf } from '@/core/guides/choose'
import type { Guide, GuideRef } from '@/core/guides/guide'
import { findOptions } from '@/ui/find-option'
import { textOf } from '@/wording/render'

/** Finds crops by what a file calls them: by their own names and other names only, never by a guess. */
export function cropFinder(guides: readonly Guide[], guide: GuideRef): (words: string) => string | null {
  const options = [...cropsOf(guides, guide)].map(([value, { label, use, aka }]) => ({
    value,
    label: textOf(label),
    group: use,
    aka,
  }))
  const known = new Map<string, string | null>()
  return (words) => {
    const key = words.trim().toLowerCase()
    if (key === '') return null
    if (!known.has(key)) {
      const named = options.filter(({ label, aka = [] }) => [...namesIn(label), ...aka].some((one) => isSame(one, key)))
      known.set(key, named.length === 1 ? named[0]!.value : null)
    }
    return known.get(key)!
  }
}

/** A label and what it names: `tomato, pepper, squash or melon` each of them, `apple tree` the apple. */
const namesIn = (label: string): readonly string[] => [
  label,
  ...(/ or /.test(label) ? label.split(/, | or /) : []),
  label.replace(/ (?:tree|lawn)$/, ''),
]

/** Each finds the other: the same words, of one or of several. */
const isSame = (a: string, b: string) => finds(a, b) && finds(b, a)
const finds = (name: string, words: string) => findOptions([{ label: name, group: '' }], words).length > 0
