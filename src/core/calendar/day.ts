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

interface Civil {
  readonly year: number
  readonly month: number
  readonly day: number
}

/**
 * The date of a day's number by whole numbers alone, which calendars of many areas ask for a million times. After Hinnant,
 * chrono-compatible low-level date algorithms (recalled): years begin with March, so that the leap day comes last.
 */
export function civil(number: number): Civil {
  const shifted = number + 719_468
  const era = Math.floor(shifted / 146_097)
  const ofEra = shifted - era * 146_097
  const years = Math.floor(
    (ofEra - Math.floor(ofEra / 1_460) + Math.floor(ofEra / 36_524) - Math.floor(ofEra / 146_096)) / 365,
  )
  const ofYear = ofEra - (365 * years + Math.floor(years / 4) - Math.floor(years / 100))
  const fromMarch = Math.floor((5 * ofYear + 2) / 153)
  const month = fromMarch < 10 ? fromMarch + 3 : fromMarch - 9
  return {
    year: years + era * 400 + (month <= 2 ? 1 : 0),
    month,
    day: ofYear - Math.floor((153 * fromMarch + 2) / 5) + 1,
  }
}

/** @example twoDigits(5) // '05' */
export const twoDigits = (number: number): string => String(number).padStart(2, '0')

const monthNames = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']

/** @example monthNamed('sept') // 9, and 0 where it is none */
export const monthNamed = (name: string): number => monthNames.indexOf(name.slice(0, 3)) + 1

/** The day of a number. */
export function dayAt(number: number): Day {
  const { year, month, day } = civil(number)
  return `${String(year).padStart(4, '0')}-${twoDigits(month)}-${twoDigits(day)}`
}

/** @example monthOf(20_585) // 5 */
export const monthOf = (number: number): number => civil(number).month
export const yearOf = (number: number): number => civil(number).year

/** A day of one year, `MM-DD`; the 29th of February is the 28th where there is none. */
export const inYear = (yearDay: string, year: number): number =>
  dayNumber(`${year}-${yearDay}`) ?? dayNumber(`${year}-02-28`)!

/** So many months on, and no further than the end of that month. */
export function monthsOn(number: number, months: number): number {
  const from = civil(number)
  const whole = Math.floor(months)
  const first = Date.UTC(from.year, from.month - 1 + whole, 1) / msPerDay
  const next = Date.UTC(from.year, from.month + whole, 1) / msPerDay
  return first + Math.min(from.day, next - first) - 1 + Math.round((months - whole) * 30)
}
