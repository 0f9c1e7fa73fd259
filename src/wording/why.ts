import type { PaperPlan, Why, WhyLine } from '../core/letter/why'
import type { Language, Text } from '../core/sentence/text'
import { dayNumber } from '../core/calendar/day'
import { figure, pHFigure, productWords, type Measures } from './format'
import type { ClientWords } from './languages'
import { capital, worded } from './phrase'

/** The page of reasons in words; whoever shows it only lays it out and draws. */
export interface WordedWhy {
  readonly title: string
  readonly about: string
  readonly columns: readonly [name: string, reported: string, wanted: string, rated: string]
  readonly areas: readonly {
    readonly name: string
    readonly about: string
    readonly lines: readonly WordedReading[]
    readonly missing: readonly string[]
  }[]
  readonly missingTitle: string
  readonly plan: PaperPlan & { readonly title: string; readonly about: string; readonly northMark: string }
  readonly strip: WordedStrip | null
}

export interface WordedReading {
  readonly name: string
  readonly reported: string
  readonly wanted: string
  readonly rated: string
  /** Where it lies on a scale from 0 to 1, as what is wanted does; null where nothing is drawn. */
  readonly scale: { readonly low: number; readonly high: number; readonly at: number } | null
}

export interface WordedStrip {
  readonly title: string
  readonly about: string
  /** From 0 to 1 along the strip. */
  readonly months: readonly { readonly label: string; readonly at: number }[]
  readonly rows: readonly { readonly label: string; readonly marks: readonly number[]; readonly test: boolean }[]
}

export function wordWhy(
  { areas, plan, strip }: Why,
  client: string,
  words: ClientWords,
  language: Language,
  measures: Measures,
): WordedWhy {
  const own = words.why
  const textOf = (text: Text) => text[language] ?? text.en
  const nameOf = new Map(areas.map(({ areaId, name }) => [areaId, name]))
  return {
    title: own.title,
    about: own.of(client),
    columns: ['', own.reported, own.wanted, own.rated],
    missingTitle: own.missing,
    areas: areas.map(({ name, crop, lines, missing }) => ({
      name,
      about: crop ? textOf(crop) : '',
      lines: lines.map((line) => wordReading(line, own)),
      missing: missing.map(({ adds, changes, decides }) =>
        [worded(own.missingTests, adds, measures), (changes.length > 0 || decides) && own.mayChange]
          .filter(Boolean)
          .join(' '),
      ),
    })),
    plan: { ...plan, title: own.plan, about: plan.asDrawn ? own.asDrawn : own.sideBySide, northMark: own.north },
    strip: strip && wordStrip(strip, nameOf, words, textOf),
  }
}

function wordReading({ id, value, className, wanted, between, reported }: WhyLine, own: ClientWords['why']) {
  const number = (v: number) => (id === 'pH' || id === 'buffer' ? pHFigure(Number(v.toFixed(2))) : figure(v, 3))
  const [low, high] = wanted ?? [null, null]
  return {
    name: id === 'pH' ? own.name(id) : capital(own.name(id)),
    reported: reported || (value ? number(value.value.v) : ''),
    wanted:
      low === null
        ? high === null
          ? ''
          : own.upTo(number(high))
        : high === null
          ? own.from(number(low))
          : own.between(number(low), number(high)),
    rated: between
      ? own.either(own.className(between[0]), own.className(between[1])).toLowerCase()
      : className
        ? own.className(className).toLowerCase()
        : '',
    scale: value && wanted ? scaleOf(id, value.value.v, wanted) : null,
  }
}

/** pH has a scale of its own; others begin at nothing, and end a little beyond what is wanted or measured. */
function scaleOf(id: string, v: number, [low, high]: NonNullable<WhyLine['wanted']>): WordedReading['scale'] {
  const ends = [low, high].filter((end) => end !== null)
  if (ends.length === 0) return null
  const most = Math.max(...ends)
  const [from, to] = id === 'pH' ? [4, 8.5] : [0, Math.max(most * 1.6, Math.min(v * 1.1, most * 3))]
  const at = (x: number) => Math.min(Math.max((x - from) / (to - from), 0), 1)
  return { low: low === null ? 0 : at(low), high: high === null ? 1 : at(high), at: at(v) }
}

function wordStrip(
  strip: NonNullable<Why['strip']>,
  nameOf: ReadonlyMap<string, string>,
  words: ClientWords,
  textOf: (text: Text) => string,
): WordedStrip {
  const [from, to] = [dayNumber(strip.from)!, dayNumber(strip.to)! + 1]
  const at = (day: string) => (dayNumber(day)! - from) / (to - from)
  const [first, last] = [Number(strip.from.slice(0, 4)), Number(strip.to.slice(0, 4))]
  const monthOf = new Intl.DateTimeFormat(words.measures.locale, { month: 'short', timeZone: 'UTC' })
  const quarters = Array.from({ length: (last - first + 1) * 4 }, (_, i) => {
    const year = first + Math.floor(i / 4)
    const day = `${year}-${String(1 + (i % 4) * 3).padStart(2, '0')}-01`
    return { label: i % 4 === 0 ? String(year) : monthOf.format(new Date(`${day}T12:00:00Z`)), at: at(day) }
  })
  const several = nameOf.size > 1
  const label = (areaId: string, what: string) => [several && nameOf.get(areaId), what].filter(Boolean).join(': ')
  return {
    title: words.why.strip,
    about: strip.goesOn ? words.why.stripTo(strip.to.slice(0, 4)) : '',
    months: quarters,
    rows: [
      ...strip.rows.map(({ areaId, treatment: { product, nutrient }, days }) => ({
        label: label(areaId, product ? productWords(product, textOf) : words.letter.nutrients[nutrient!]!),
        marks: days.map(at),
        test: false,
      })),
      ...[...new Set(strip.retests.map(({ areaId }) => areaId))].map((areaId) => ({
        label: label(areaId, words.why.test),
        marks: strip.retests.filter((one) => one.areaId === areaId).map(({ day }) => at(day)),
        test: true,
      })),
    ],
  }
}
