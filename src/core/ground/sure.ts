import type { HowSized } from './sized'

/** Error of one length, as a share of it. Source: common practice; of a traced one, with middling confidence. */
const lengthError: Readonly<Record<HowSized, number | null>> = {
  taped: 0.01,
  drawn: 0.01,
  paced: 0.05,
  traced: 0.02,
  told: null,
  counted: null,
}

/**
 * How sure an area is, as a share of it: two lengths that err apart from each other. Null where nobody knows.
 * Source: propagation of independent errors; those of the lengths, common practice.
 *
 * @example areaError('paced') // 0.0707
 */
export function areaError(how: HowSized): number | null {
  const each = lengthError[how]
  return each === null ? null : each * Math.SQRT2
}
