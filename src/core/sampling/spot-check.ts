import type { SpotCheck } from '../case/sample'

/** What the readings of one area come to. */
export interface SpotSummary {
  readonly count: number
  readonly mean: number
  /** Sample standard deviation; undefined for a single reading. */
  readonly sd?: number
  readonly low: number
  readonly high: number
  /** Whether the ground is even enough to be treated as one; undefined below two readings. */
  readonly even?: boolean
  /** Position of the reading furthest from the others, where it alone makes the ground uneven. */
  readonly oddOne?: number
}

/** The initials of whoever read them, each once. */
export const readersOf = (checks: readonly Pick<SpotCheck, 'by'>[]): readonly string[] => [
  ...new Set(checks.map(({ by }) => by).filter((by) => by !== '')),
]

/**
 * Readings taken on the spot: mean, spread, and whether the ground is even.
 * pH is averaged as it stands, as is usual for advice. Source: common practice.
 *
 * @param readings pH
 * @param evenWithin pH between the lowest and the highest of even ground
 * @example spotSummary([6.1, 6.2, 6.2, 7.4], 0.5)?.oddOne // 3
 */
export function spotSummary(readings: readonly number[], evenWithin: number): SpotSummary | undefined {
  if (readings.length === 0) return undefined
  const [low, high] = [Math.min(...readings), Math.max(...readings)]
  const mean = meanOf(readings)
  const base = { count: readings.length, mean, low, high }
  if (readings.length === 1) return base
  const sd = Math.sqrt(readings.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (readings.length - 1))
  const even = high - low <= evenWithin + 1e-9
  return { ...base, sd, even, oddOne: even ? undefined : oddOneOf(readings, evenWithin) }
}

/** The one without which the rest would be even; of two such, the further from the rest. */
function oddOneOf(readings: readonly number[], evenWithin: number): number | undefined {
  if (readings.length < 3) return undefined
  const found = readings
    .map((v, i) => ({ i, v, rest: readings.filter((_, j) => j !== i) }))
    .filter(({ rest }) => Math.max(...rest) - Math.min(...rest) <= evenWithin + 1e-9)
    .sort((a, b) => Math.abs(b.v - meanOf(b.rest)) - Math.abs(a.v - meanOf(a.rest)))
  return found[0]?.i
}

const meanOf = (those: readonly number[]) => those.reduce((sum, v) => sum + v, 0) / those.length
