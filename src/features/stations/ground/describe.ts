import type { AreaRecommendation } from '@/core/recommend'
import { sizeWords, type Measures } from '@/wording/format'
import { textOf } from '@/wording/render'
import { en } from './messages'

/** `10 ft × 24 ft, mixed vegetables`. An area of unknown outline is told by its size, unless that stands beside it already. */
export function describe({ size, crop }: AreaRecommendation, measures: Measures, withArea = true): string {
  const plain = size.ok && (size.value.shape.kind === 'plain' || size.value.shape.kind === 'outline')
  return [
    plain && !withArea ? '' : size.ok ? sizeWords(size.value, measures) : en.noSize,
    crop ? textOf(crop.label) : '',
  ]
    .filter(Boolean)
    .join(', ')
}
