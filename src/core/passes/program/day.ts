/** A day of the calendar, `YYYY-MM-DD`: no instant, and the same in every time zone. */
export type Day = string

const msPerDay = 86_400_000

/** Days since the first of January 1970; undefined for what is no day, such as `2026-02-31`. */
export function dayNumber(day: Day): number | undefined {
  const found = /^(\d{4})-(\d\d)-(\d\d)$/.exec(day)
  if (!found) return undefined
  const at = Date.UTC(Number(found[1]), Number(found[2]) - 1, Number(found[3])) / msPerDay
  return dayAt(at) === day ? at : undefined
}

/** The day of a number. */
export const dayAt = (number: number): Day => new Date(number * msPerDay).toISOString().slice(0, 10)

/** @example monthOf(dayNumber('2026-05-12')!) // 5 */
export const monthOf = (number: number): number => new Date(number * msPerDay).getUTCMonth() + 1
export const yearOf = (number: number): number => new Date(number * msPerDay).getUTCFullYear()

/** A day of one year, `MM-DD`; the 29th of February is the 28th where there is none. */
export const inYear = (yearDay: string, year: number): number =>
  dayNumber(`${year}-${yearDay}`) ?? dayNumber(`${year}-02-28`)!

/** So many months on, and no further than the end of that month. */
export function monthsOn(number: number, months: number): number {
  const from = new Date(number * msPerDay)
  const whole = Math.floor(months)
  const first = Date.UTC(from.getUTCFullYear(), from.getUTCMonth() + whole, 1)
  const last = new Date(Date.UTC(from.getUTCFullYear(), from.getUTCMonth() + whole + 1, 0)).getUTCDate()
  return first / msPerDay + Math.min(from.getUTCDate(), last) - 1 + Math.round((months - whole) * 30)
}
