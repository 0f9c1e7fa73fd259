import type { HowSized } from '@/core/ground/sized'
import { areaError } from '@/core/ground/sure'

const en = {
  sure: {
    taped: 'by tape',
    paced: 'by paces',
    told: 'as told; how it was measured is not known',
    drawn: 'drawn to typed lengths',
    traced: 'traced over a picture',
    counted: 'from rows or plants',
  } satisfies Record<HowSized, string>,
  within: (percent: number) => `about ± ${percent} %`,
} as const

/** How a size was found, and how sure it is: `by tape, about ± 1.4 %`. */
export function sureWords(how: HowSized): string {
  const error = areaError(how)
  return error === null ? en.sure[how] : `${en.sure[how]}, ${en.within(Math.round(error * 1_000) / 10)}`
}
