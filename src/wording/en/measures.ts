import { quarters } from '../quarters'
import type { Worded } from '../worded'

const plural = (count: number, one: string, many: string) => (count > 1 ? many : one)

/** Weights, kitchen measures, sizes and times, in English. */
export const measures = {
  teaspoons: (count: number) => `${quarters(count)} ${plural(count, 'teaspoon', 'teaspoons')}`,
  tablespoons: (count: number) => `${quarters(count)} ${plural(count, 'tablespoon', 'tablespoons')}`,
  cups: (count: number) => `${quarters(count)} ${plural(count, 'cup', 'cups')}`,
  quarts: (count: number) => `${quarters(count)} ${plural(count, 'quart', 'quarts')}`,
  buckets: (count: number) =>
    count === 1
      ? 'a five-gallon bucket full'
      : count < 1
        ? `${quarters(count)} of a five-gallon bucket`
        : `${quarters(count)} five-gallon buckets`,
  underQuarterTeaspoon: 'less than ¼ teaspoon',
  veryLittle: 'a very little',
  about: (what: string) => `about ${what}`,
  bags: (count: string, bag: string, several: boolean) => `${count} × ${bag} ${several ? 'bags' : 'bag'}`,
  partOfBag: (bag: string) => `part of one ${bag} bag`,
  ofBag: (part: string, bag: string) => `${part} of one ${bag} bag`,
  off: (percent: number, over: boolean) => ` (${percent} % too ${over ? 'much' : 'little'})`,
  bagsAnd: (bags: string, rest: string) => `${bags} and ${rest}`,
  tons: (v: string) => `${v} tons`,
  squareFeet: (v: string) => `${v} ft²`,
  acres: (v: string) => `${v} acre`,
  inches: (v: string) => `${v} in`,
  feet: (v: string) => `${v} ft`,
  circle: (wide: string) => `circle ${wide}`,
  plants: (count: number, wide: string) => `${count} ${plural(count, 'plant', 'plants')}${wide && ` ${wide} wide`}`,
  several: (count: number, sides: string) => `${count} of ${sides}`,
  then: ', then ',
  again: (when: string, times: number) =>
    times === 1 ? when : times === 2 ? `twice ${when}` : `${times} times ${when}`,
  timesOn: (count: number, dates: string) => `${count} times: ${dates}`,
  partsOn: (count: number, dates: string) => `in ${count} equal parts: ${dates}`,
  passes: (count: number) => `${count} passes`,
  inPasses: (count: number) => `in ${count} equal passes`,
  together: ' in one preparation of the soil, half before it is turned and half after',
  twoTogether: ', two in each preparation of the soil',
  monthsApart: (months: number) => `, at least ${months} months apart`,
  daysApart: (days: number) => `, about ${days} days apart`,
  perYear: (times: number) => `, at most ${times} a year`,
  locale: 'en-US',
} as const

export type MeasureWords = Worded<typeof measures>
