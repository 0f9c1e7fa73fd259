import { quarters } from '../quarters'
import type { MeasureWords } from '../en/measures'

const plural = (count: number, one: string, many: string) => (count > 1 ? many : one)

/** Weights, kitchen measures, sizes and times, in Spanish. */
export const measures: MeasureWords = {
  teaspoons: (count) => `${quarters(count)} ${plural(count, 'cucharadita', 'cucharaditas')}`,
  tablespoons: (count) => `${quarters(count)} ${plural(count, 'cucharada', 'cucharadas')}`,
  quarts: (count) => `${quarters(count)} ${plural(count, 'cuarto', 'cuartos')}`,
  cups: (count) => `${quarters(count)} ${plural(count, 'taza', 'tazas')}`,
  buckets: (count) =>
    count === 1
      ? 'una cubeta llena de cinco galones'
      : count < 1
        ? `${quarters(count)} de una cubeta de cinco galones`
        : `${quarters(count)} cubetas de cinco galones`,
  underQuarterTeaspoon: 'menos de ¼ de cucharadita',
  veryLittle: 'muy poco',
  about: (what) => `cerca de ${what}`,
  bags: (count, bag, several) => `${count} ${several ? 'bolsas' : 'bolsa'} de ${bag}`,
  partOfBag: (bag) => `parte de una bolsa de ${bag}`,
  ofBag: (part, bag) => `${part} de una bolsa de ${bag}`,
  off: (percent, over) => ` (${percent} % de ${over ? 'más' : 'menos'})`,
  bagsAnd: (bags, rest) => `${bags} y ${rest}`,
  tons: (v) => `${v} toneladas cortas`,
  squareFeet: (v) => `${v} pies²`,
  acres: (v) => `${v} acres`,
  inches: (v) => `${v} pulgadas`,
  feet: (v) => `${v} pies`,
  circle: (wide) => `círculo de ${wide}`,
  plants: (count, wide) => `${count} ${plural(count, 'planta', 'plantas')}${wide && ` de ${wide} de ancho`}`,
  several: (count, sides) => `${count} de ${sides}`,
  then: ', luego ',
  again: (when, times) => (times === 1 ? when : times === 2 ? `dos veces ${when}` : `${times} veces ${when}`),
  timesOn: (count, dates) => `${count} veces: ${dates}`,
  partsOn: (count, dates) => `en ${count} partes iguales: ${dates}`,
  passes: (count) => `${count} aplicaciones`,
  inPasses: (count) => `en ${count} aplicaciones iguales`,
  together: ' en una sola preparación del suelo, la mitad antes de voltearlo y la mitad después',
  twoTogether: ', dos en cada preparación del suelo',
  monthsApart: (months) => `, con al menos ${months} meses entre una y otra`,
  daysApart: (days) => `, con unos ${days} días entre una y otra`,
  perYear: (times) => `, a lo más ${times} por año`,
  locale: 'es-US',
}
