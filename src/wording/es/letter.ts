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
  title: 'Su análisis de suelo: qué hacer',
  for: 'Para',
  steps: 'Qué hacer',
  undated: 'Cuando convenga',
  now: 'Ahora',
  week: (day) => `Semana del ${day}`,
  draft: (areas) => `Borrador. Falta decidir algo de ${areas || 'un área'}: no lo use todavía.`,
  changed: (date) => `Lo nuevo desde nuestra carta del ${date}`,
  changedTo: (what, before, after) =>
    before === ''
      ? `${what}: nuevo, ${after}.`
      : after === ''
        ? `${what}: ya no.`
        : `${what}: ahora ${after}; antes ${before}.`,
  because: (area, now) => `${area ? `${area}, porque` : 'Porque'} ahora: ${now}`,
  moreReasons: (count) => `Y ${count} más, dichas arriba.`,
  day: 'Cuándo',
  what: 'Qué',
  amount: 'Cuánto',
  when: 'Cómo',
  cautions: 'Tenga cuidado',
  nothing: 'No hay nada que aplicar.',
  open: (areas) => `Aún sin consejo para: ${areas || 'otra parte'}. Falta el tamaño, el cultivo o el análisis.`,
  retest: (years) =>
    `Vuelva a analizar en ${years === null ? 'dos o tres años' : years === 1 ? 'un año' : `${years} años`}, en la misma época; antes donde se dice arriba.`,
  schools: (taken) => `Donde las guías no coinciden, seguimos: ${taken}.`,
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
  follows: 'Lo que recomienda el laboratorio se calculó para su área. Lo demás sigue nuestra guía.',
  draftedBy: 'Preparado por',
  checkedBy: 'Revisado por',
  how: {
    'working-in': (deep) => (deep ? `mezcle con la tierra, a ${deep} de hondo` : 'mezcle con la tierra de arriba'),
    surface: () => 'esparza en la superficie y riegue',
    'under-mulch': () => 'quite el mantillo, esparza hasta donde llegan las ramas, riegue y vuelva a poner el mantillo',
    'beside-rows': () => 'al lado de las plantas, sin tocar las hojas; mezcle apenas y riegue',
    spreading: () => 'esparza parejo',
  },
  offLeaves: 'sin tocar las hojas; mezcle apenas y riegue',
  again: 'el mismo día, después de cavar una vez: esparza y mezcle de nuevo',
  choice: 'en un fertilizante que lo tenga',
  onlyIf: 'solo si el análisis de antes todavía lo pide',
  more: (count, until) => `luego ${count} veces más igual${until && `, hasta el ${until}`}`,
  applications: (count) => `${count} aplicaciones`,
  test: 'Analice el suelo otra vez',
  sameWay: 'de la misma manera',
  gate: (amount, what, turn, on, way) =>
    `solo si todavía lo pide: ${amount} de ${what} (${turn})${on && ` ${on}`}; ${way}`,
  leached: 'después del lavado y antes de cualquier fertilizante',
  effect: (what, months) => `${months} meses después de la última aplicación de ${what}`,
  buy: (bags, several, bag) => `compre ${bags} ${several ? 'bolsas' : 'bolsa'} de ${bag}`,
  toBuy: 'Lista de compras',
  inAllBuy: (name, all, shed, bags, rest) =>
    `${name}: ${all} en total${shed && `, y ya hay ${shed}`}${bags && `; ${bags}`}${rest && ` (${rest})`}`,
  left: (lb) => `sobran ${lb}`,
  afterLime: (days) => `${days / 7 >= 4 ? 'un mes' : 'dos semanas'} después de la cal, o más tarde`,
  sinceLast: (interval) =>
    'months' in interval
      ? `${interval.months} meses o más después de la anterior`
      : `unos ${interval.days} días después de la anterior`,
  turn: (n, of) => `${n} de ${of}`,
  withSand: 'revuelto con un litro de arena seca, para que quede parejo',
  onDays: (days) => `hacia el ${days}`,
  halves: (half) => `${half} de norte a sur, ${half} de este a oeste`,
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
  lime: 'cal',
  sulfur: 'azufre',
  limeDepth: 'hondura de la cal',
}
