import type { ReportKind } from '../../core/report/kinds'
import { namesOfTests } from '../../core/report/tests'
import type { LetterWords } from '../languages'

const kinds: Readonly<Record<ReportKind, string>> = {
  laboratory: 'análisis de suelo',
  index: 'análisis de suelo',
  words: 'análisis de suelo',
  mix: 'análisis del sustrato',
  kit: 'prueba casera',
  meter: 'medidor de pH',
}

/** The words around a letter's sentences, in Spanish. */
export const letter: LetterWords = {
  title: 'Lo que pide su suelo',
  for: 'Para',
  steps: 'Qué hacer, por orden',
  undated: 'Sin día fijo',
  draft: (areas) => `Borrador. Falta confirmar una cifra de ${areas || 'un área'}: no la use todavía.`,
  thenOn: (days) => `otra vez hacia el ${days}`,
  changed: (date) => `Lo nuevo desde nuestra carta del ${date}`,
  changedTo: (what, before, after) =>
    before === ''
      ? `${what}: nuevo, ${after}.`
      : after === ''
        ? `${what}: ya no.`
        : `${what}: ahora ${after}; antes ${before}.`,
  because: (area, now) => `${area ? `${area}, porque` : 'Porque'} ahora: ${now}`,
  moreReasons: (count) => `Y ${count} más, dichas arriba.`,
  what: 'Qué',
  amount: 'Cuánto cada vez',
  when: 'Cuándo y dónde',
  cautions: 'Antes de aplicar algo',
  nothing: 'No hay nada que aplicar.',
  open: (areas) =>
    `Todavía no se puede decir nada de: ${areas || 'otra parte'}. Falta el tamaño, la planta o el análisis.`,
  retest: (years) =>
    `Vuelva a analizar en ${years === null ? 'dos o tres años' : years === 1 ? 'un año' : `${years} años`}, en la misma época; antes donde se dice arriba.`,
  schools: (taken) => `Donde los expertos no coinciden, seguimos: ${taken}.`,
  basis: (reports) => `Según: ${reports}.`,
  report: (kind, code, laboratory, date) =>
    [
      kinds[kind],
      code,
      laboratory && (kind === 'kit' || kind === 'meter' ? `(${laboratory})` : `de ${laboratory}`),
      date && `del ${date}`,
    ]
      .filter(Boolean)
      .join(' '),
  byReport: (code) => `análisis ${code}`,
  follows:
    'Lo que pide el laboratorio se pasó a su terreno. Lo demás sigue nuestra guía; las fuentes quedan en el expediente.',
  draftedBy: 'Preparado por',
  checkedBy: 'Revisado por',
  once: {
    'worked-in': 'una vez, mezclado con la tierra',
    'on-surface': 'una vez, en la superficie, y se riega',
    'then-retest': 'una vez, y luego otro análisis',
    spread: 'una vez, parejo',
    'this-year': 'este año, en el producto que usted elija',
  },
  firstThen: (first, each) => `${first} antes de plantar, luego ${each}`,
  inAll: (all) => `${all} en total`,
  buy: (bags, several, bag) => `compre ${bags} ${several ? 'bolsas' : 'bolsa'} de ${bag}`,
  toBuy: 'Para comprar, para todas las áreas',
  inAllBuy: (name, all, shed, bags) => `${name}: ${all} en total${shed && `, y ya hay ${shed}`}${bags && `; ${bags}`}`,
  afterLime: (days) => `${days / 7 >= 4 ? 'un mes' : 'dos semanas'} después de la cal, o más tarde`,
  sinceLast: (interval) =>
    'months' in interval
      ? `${interval.months} meses o más después de la anterior`
      : `unos ${interval.days} días después de la anterior`,
  turn: (n, of) => `${n} de ${of}`,
  withSand: 'revuelto con un litro de arena seca, para que quede parejo',
  workedIn: (deep) => `mezclado a ${deep} de hondo`,
  onSurface: 'en la superficie, y se riega',
  underPlants:
    'se quita el mantillo, se esparce hasta donde llegan las ramas, se riega y se vuelve a poner el mantillo',
  onDays: (days) => `hacia el ${days}`,
  halves: (half) => `${half} de norte a sur, ${half} de este a oeste`,
  bothWays: 'la mitad de norte a sur, la mitad de este a oeste',
  atMost: (rate, asSulfur) => `a lo más ${rate}${asSulfur ? ' de azufre' : ''} cada vez`,
  shares: {
    plant: (each) => `${each} por planta`,
    bed: (each) => `${each} en cada una`,
    row: (each) => `${each} por 20 pies de hilera`,
  },
  nutrients: {
    ...namesOfTests('es'),
    N: 'nitrógeno',
    'P₂O₅': 'fosfato',
    'K₂O': 'potasa',
  },
  tests: namesOfTests('es'),
  figureFor: (what) => `la cifra de ${what}`,
  lime: 'cal',
  sulfur: 'azufre',
  limeDepth: 'hondura de la cal',
}
