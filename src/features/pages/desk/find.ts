import type { Summary } from '@/store/db'

/** In lower case, without accents; most names have none. */
function plain(text: string): string {
  const lower = text.toLowerCase()
  return /^[ -~]*$/.test(lower) ? lower : lower.normalize('NFD').replace(/\p{Mark}/gu, '')
}

/**
 * Finds cases by words of their client, place, areas and crops: every word must begin somewhere in them, whatever its case and
 * accents. The cases are prepared once; without words all are found.
 */
export function finder<One extends Pick<Summary, 'client' | 'place' | 'areas' | 'crops'>>(
  summaries: readonly One[],
): (words: string) => readonly One[] {
  let prepared: string[] | undefined
  return (words) => {
    const wanted = plain(words).split(/\s+/).filter(Boolean)
    if (wanted.length === 0) return summaries
    prepared ??= summaries.map(({ client, place, areas, crops = [] }) =>
      plain(` ${[client, place, ...areas, ...crops.map((crop) => crop.replaceAll('-', ' '))].join(' ')}`),
    )
    return summaries.filter((_, i) => wanted.every((word) => prepared![i]!.includes(` ${word}`)))
  }
}
