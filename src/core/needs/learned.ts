import type { Day } from '../calendar/day'
import { bufferingError, learnedSpan } from '../guides/course'

/** lb CaCO₃ per 1,000 ft² that move the layer which is treated here by one unit of pH, up and down. */
export interface Buffering {
  readonly lime?: number
  readonly sulfur?: number
}

/** What happened between two tests of one ground. */
export interface Step {
  /** pH that what was put on should have moved it by. */
  readonly predicted: number
  /** pH that it moved by. */
  readonly observed: number
  /** One standard deviation of what was observed, pH. */
  readonly error: number
}

/** What tests taught of a ground's buffering. */
export interface Learned {
  /** How much it takes here of what is usual: above 1 more. */
  readonly times: number
  /** Share of the predicted shift that really comes, and its standard deviation. */
  readonly share: number
  readonly error: number
}

/** What the tests of an area taught of its buffering, apart for lime and sulfur, whose figures are of different sources. */
export type SiteLearned = Readonly<Partial<Record<'lime' | 'sulfur', Learned & { readonly tests: number }>>>

/** What was put on so shortly before a test that the test does not see all of it. */
export interface Working {
  /** lb CaCO₃ per 1,000 ft² that is still to come of it on the day of the test; of sulfur what it uses up. */
  readonly lbCaCO3: number
  /** The last day on which some was put on. */
  readonly on: Day
  /** From when a test sees it. */
  readonly until: Day
}

export type StillWorking = Readonly<Partial<Record<'lime' | 'sulfur', Working>>>

/** A share of the usual that is no news. */
const alike = 0.03

/** Whether tests found a ground to be other than usual. */
export const isNews = ({ times }: Learned): boolean => Math.abs(times - 1) >= alike

/**
 * A ground's own buffering from what tests found: the share of each predicted shift that was observed, weighed by its error
 * and drawn to 1 by what is known beforehand of the methods. Closed form of a normal prior and normal errors.
 * Source: arithmetic; the prior is common practice.
 *
 * @example learn([]).times // 1
 */
export function learn(steps: readonly Step[]): Learned {
  const before = 1 / bufferingError ** 2
  const [weight, sum] = steps.reduce(
    ([all, moved], { predicted, observed, error }) => [
      all + (predicted / error) ** 2,
      moved + (predicted * observed) / error ** 2,
    ],
    [before, before],
  )
  const [least, most] = learnedSpan
  const share = Math.min(Math.max(sum / weight, 1 / most), 1 / least)
  return { times: 1 / share, share, error: 1 / Math.sqrt(weight) }
}
