import type { Crop, ExtractId } from '../guides/crop'
import { extractIds } from '../guides/crop'
import { extractClasses, type ExtractClass, type Guide } from '../guides/guide'
import type { ReadReport } from './soil'
import { unitOf } from './tests'

/** One line of a soilless-mix report. */
export interface ExtractLine {
  readonly id: ExtractId
  readonly v: number
  readonly unit: string
  /** By the guide's table; pH has none. A crop may want a span of its own. */
  readonly className?: ExtractClass
  /** What is wanted here; absent above, where calcium and magnesium have no ceiling. */
  readonly wanted: readonly [low: number, high: number | null]
}

/**
 * A saturated media extract read in its guide's classes and against the crop's spans. Field-soil tables never speak of
 * it. Values that were measured in another extract are left out.
 * Source: Warncke & Krauskopf, E-1736, recalled; spans for vegetables, common practice.
 */
export function extractLines(read: ReadReport, { extract }: Guide, crop: Crop): readonly ExtractLine[] {
  if (!extract) return []
  return extractIds.flatMap((id): ExtractLine[] => {
    const v = valueOf(id, read)
    if (v === undefined) return []
    if (id === 'pH') return [{ id, v, unit: '', wanted: crop.extract?.pH ?? extract.pH }]
    const { from, unit } = extract.rows[id]
    const className = extractClasses[from.filter((least) => v >= least).length]!
    const open = from.length < extractClasses.length - 1
    const own = crop.extract?.[id]
    return own
      ? [{ id, v, unit, className, wanted: own }]
      : [{ id, v, unit, className, wanted: [from[1]!, open ? null : from[2]!] }]
  })
}

function valueOf(id: ExtractId, read: ReadReport): number | undefined {
  if (id === 'pH') return read.soil.pH?.v
  if (id === 'EC') return read.salts?.of === 'dS/m, saturated-media' ? read.salts.v : undefined
  if (id === 'nitrate') return read.nitrate?.of === 'ppm NO₃-N' ? read.nitrate.v : undefined
  const test = read.tests[id]
  return test && unitOf(test) === 'ppm' ? test.v : undefined
}
