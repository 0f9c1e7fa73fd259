import type { Act } from './act'

/** Notes what a calendar was told of, so that the next one can call off what is no more. */
export const noteCalendar =
  (ids: readonly string[]): Act =>
  (kase) => ({ ...kase, calendarSent: [...ids] })
