import type { LetterWords } from '../languages'

/** The words around a letter's sentences, in Spanish. */
export const letter: LetterWords = {
  title: 'Lo que pide su suelo',
  for: 'Para',
  what: 'Qué',
  amount: 'Cuánto cada vez',
  when: 'Cuándo',
  cautions: 'Antes de aplicar algo',
  nothing: 'No hay nada que aplicar.',
  retest: 'Vuelva a analizar en dos o tres años, en la misma época; antes si aplicó mucha cal o mucho azufre.',
  schools: (taken) => `Donde los expertos no coinciden, seguimos: ${taken}.`,
  basis: (reports) => `Según: ${reports}.`,
  report: (code, laboratory, date) =>
    ['análisis de suelo', code, laboratory && `de ${laboratory}`, date && `del ${date}`].filter(Boolean).join(' '),
  follows:
    'Las cantidades del laboratorio se pasaron a su terreno; las demás siguen nuestra guía, y las fuentes quedan en el expediente.',
  draftedBy: 'Preparado por',
  checkedBy: 'Revisado por',
  once: {
    'worked-in': 'una vez, mezclado con la tierra',
    'on-surface': 'una vez, en la superficie, y se riega',
    'then-retest': 'una vez, y luego otro análisis',
    spread: 'una vez, parejo',
    'this-year': 'este año, en el producto que usted elija',
  },
  inAll: (all) => `${all} en total`,
  buy: (bags, several, bag) => `compre ${bags} ${several ? 'bolsas' : 'bolsa'} de ${bag}`,
  inFeed: (names, how) => `${names}: ${how}`,
  nutrients: {
    N: 'nitrógeno',
    'P₂O₅': 'fosfato',
    'K₂O': 'potasa',
    P: 'fósforo',
    K: 'potasio',
    Mg: 'magnesio',
    Ca: 'calcio',
    S: 'azufre',
    Na: 'sodio',
    B: 'boro',
    Zn: 'zinc',
    Mn: 'manganeso',
    Fe: 'hierro',
    Cu: 'cobre',
  },
}
