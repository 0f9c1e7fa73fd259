import { accept, refuse, type Outcome } from '../../sentence/sentence'
import { civil, dayAt, dayNumber, monthNamed, monthsOn, twoDigits, type Day } from '../../calendar/day'

/** A day, or only its month or year, as somebody said it: `2026-05-12`, `2026-05`, `2024`. */
export interface When {
  readonly date: string
  /** What was said of it, to be taken out of the line. */
  readonly said: string
}

const monthNames =
  'jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?'
const weekdays = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday']
const dayNames = 'sun(?:day)?|mon(?:day)?|tue(?:s(?:day)?)?|wed(?:nesday)?|thu(?:rs(?:day)?)?|fri(?:day)?|sat(?:urday)?'
const counts: Readonly<Record<string, number>> = { a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6 }
const seasons = 'spring|summer|fall|autumn|winter'

interface Way {
  readonly pattern: RegExp
  readonly read: (found: RegExpExecArray, today: number) => string | undefined
}

const fullYear = (text: string) => (text.length === 2 ? 2_000 + Number(text) : Number(text))

/** A day without its year is the last one there was. */
function dated(year: string | undefined, month: number, day: number, today: number): string | undefined {
  if (year) {
    const one = `${fullYear(year)}-${twoDigits(month)}-${twoDigits(day)}`
    return dayNumber(one) === undefined ? undefined : one
  }
  const here = civil(today).year
  const [thisYear, before] = [here, here - 1].map((one) => `${one}-${twoDigits(month)}-${twoDigits(day)}`)
  const at = dayNumber(thisYear!)
  if (at !== undefined && at <= today) return thisYear
  return dayNumber(before!) === undefined ? undefined : before
}

const ago = (days: number) => (_found: RegExpExecArray, today: number) => dayAt(today - days)

/** Thursday was the first of January 1970. */
const weekdayOf = (day: number) => (((day + 4) % 7) + 7) % 7

/** From what tells most to what tells least: the first that is found stands. */
const ways: readonly Way[] = [
  {
    pattern: /\b(\d{4})-(\d\d)-(\d\d)\b/,
    read: ([, year, month, day], today) => dated(year, Number(month), Number(day), today),
  },
  {
    pattern: /\b(\d{1,2})\/(\d{1,2})\/(\d{4}|\d{2})\b/,
    read: ([, month, day, year], today) => dated(year, Number(month), Number(day), today),
  },
  {
    pattern: new RegExp(
      String.raw`\b(?:on )?(?:the )?(\d{1,2})(?:st|nd|rd|th)?(?: of)? (${monthNames})\b\.?,?(?: (\d{4}))?`,
    ),
    read: ([, day, name, year], today) => dated(year, monthNamed(name!), Number(day), today),
  },
  {
    pattern: new RegExp(
      String.raw`\b(?:on )?(${monthNames})\b\.? (\d{1,2})(?:st|nd|rd|th)?\b(?!\s*(?:lb|bag|cup|oz|kg|yard|gal|quart|pint|%|-\d))(?:,? (\d{4}))?`,
    ),
    read: ([, name, day, year], today) => dated(year, monthNamed(name!), Number(day), today),
  },
  { pattern: /\bday before yesterday\b/, read: ago(2) },
  { pattern: /\byesterday\b/, read: ago(1) },
  { pattern: /\b(?:today|this (?:morning|afternoon|evening)|just now)\b/, read: ago(0) },
  {
    pattern: new RegExp(String.raw`\b(?:(?:on|last|this) )?(${dayNames})\b(?! ?\d)`),
    read: ([, name], today) => {
      const wanted = weekdays.findIndex((one) => one.startsWith(name!.slice(0, 3)))
      const back = (weekdayOf(today) - wanted + 7) % 7
      return dayAt(today - (back === 0 ? 7 : back))
    },
  },
  {
    pattern: /\b(\d+|a|an|one|two|three|four|five|six) (day|week|month|year)s? ago\b/,
    read: ([, many, unit], today) => {
      const count = counts[many!] ?? Number(many)
      if (unit === 'day' || unit === 'week') return dayAt(today - count * (unit === 'week' ? 7 : 1))
      const then = civil(monthsOn(today, unit === 'month' ? -count : -12 * count))
      return unit === 'month' ? `${then.year}-${twoDigits(then.month)}` : String(then.year)
    },
  },
  { pattern: /\blast week\b/, read: (_found, today) => dayAt(today - 7) },
  {
    pattern: /\blast month\b/,
    read: (_found, today) => {
      const { year, month } = civil(monthsOn(today, -1))
      return `${year}-${twoDigits(month)}`
    },
  },
  { pattern: /\blast year\b/, read: (_found, today) => String(civil(today).year - 1) },
  {
    pattern: /\b(?:in )?(?:the )?(?:early |late |mid-?)?(?:spring|summer|fall|autumn|winter)(?: of)? (\d{4})\b/,
    read: ([, year]) => year,
  },
  {
    pattern: new RegExp(String.raw`\b(?:in |last |this )?(?:the )?(?:early |late |mid-?)?(?:${seasons})\b`),
    read: ([said], today) => {
      const { year, month } = civil(today)
      const ends = { spring: 5, summer: 8, fall: 11, autumn: 11, winter: 2 }
      const season = Object.keys(ends).find((one) => said!.includes(one)) as keyof typeof ends
      return String(month < ends[season] - 2 ? year - 1 : year)
    },
  },
  {
    pattern: new RegExp(String.raw`\b(?:(?:in|last|early|late|mid) )*(${monthNames})(?: of)? (\d{4})\b`),
    read: ([, name, year]) => `${year}-${twoDigits(monthNamed(name!))}`,
  },
  {
    pattern: new RegExp(String.raw`\b(?:in|last|early|late|mid)[ -](?:early |late |mid-?)?(${monthNames})\b`),
    read: ([, name], today) => {
      const { year, month } = civil(today)
      const wanted = monthNamed(name!)
      return `${wanted <= month ? year : year - 1}-${twoDigits(wanted)}`
    },
  },
  {
    // What a measure follows is a fraction.
    pattern:
      /(?<![\d/] ?)\b(\d{1,2})\/(\d{1,2})\b(?!\/|\d| ?(?:an? |of )?(?:lb|pound|oz|ounce|bag|cup|kg|kilo|yard|cubic|gal|quart|pint|bucket|ton|t|\d))/,
    read: ([, month, day], today) => dated(undefined, Number(month), Number(day), today),
  },
  { pattern: /\b(?:in )?((?:19|20)\d\d)\b/, read: ([, year]) => year },
]

/**
 * When something was done, as people say it. Refuses what is no day of the calendar, what is yet to come, and a line that
 * does not say.
 */
export function readWhen(text: string, today: Day): Outcome<When> {
  const now = dayNumber(today)!
  for (const { pattern, read } of ways) {
    const found = pattern.exec(text)
    if (!found) continue
    const date = read(found, now)
    if (date === undefined) return refuse('log.no-day', { text: found[0].trim() })
    if (date > today && !today.startsWith(date)) return refuse('log.future', { text: found[0].trim() })
    return accept({ date, said: found[0] })
  }
  return refuse('log.when')
}
