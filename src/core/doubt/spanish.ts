/** What a figure is said in where it is said in Spanish, word for word; longer words stand before what they begin with. */
const words: readonly (readonly [string, string])[] = [
  ['pies? cuadrados?|pies?2|pies?²', 'ft2'],
  ['pies?', 'ft'],
  ['libras?', 'lb'],
  ['onzas?', 'oz'],
  ['tazas?', 'cups'],
  ['cucharaditas?', 'tsp'],
  ['cucharadas?', 'tbsp'],
  ['toneladas?', 'tons'],
  ['kilos?', 'kg'],
  ['bolsas?|sacos?', 'bags'],
  ['galones|gal[oó]n', 'gallons'],
  ['media', 'half'],
  ['una?', 'a'],
  ['dos', 'two'],
  ['tres', 'three'],
  ['cuatro', 'four'],
  ['cinco', 'five'],
  ['seis', 'six'],
  ['azufre', 'sulfur'],
  ['cal agr[ií]cola|cal', 'lime'],
  ['nitr[oó]geno', 'nitrogen'],
  ['f[oó]sforo', 'phosphorus'],
  ['fosfato', 'phosphate'],
  ['potasio', 'potassium'],
  ['potasa', 'potash'],
  ['plantas?|matas?|arbustos?', 'plant'],
  ['[aá]rbol(?:es)?', 'tree'],
  ['hileras?|surcos?', 'row'],
  ['semanas?', 'weeks'],
  ['mes(?:es)?', 'months'],
  ['d[ií]as?', 'days'],
  ['c[eé]sped|pasto', 'lawn'],
  ['camas?|canteros?', 'bed'],
  ['huerto|huerta|jard[ií]n', 'garden'],
  ['cada', 'each'],
  ['por', 'per'],
  ['en|sobre', 'on'],
  ['para', 'for'],
  ['y', 'and'],
  ['o', 'or'],
  ['de(?:l)?', 'of'],
  ['el|la|los|las', 'the'],
]

const patterns = words.map(([es, en]) => [new RegExp(`(?<![\\p{L}\\d])(?:${es})(?![\\p{L}\\d])`, 'gu'), en] as const)

/** Enough of these and it is Spanish: none of them is a word of an English figure. */
const told =
  /(?<!\p{L})(?:libras?|onzas?|tazas?|pies?|cucharad(?:it)?as?|toneladas?|kilos?|bolsas?|sacos?|azufre|cal|por|cada)(?!\p{L})/u

/**
 * A figure said in Spanish, in the words in which one is read; any other as it is.
 *
 * @param line in lower case
 * @example fromSpanish('4.6 libras de azufre por 100 pies cuadrados') // '4.6 lb of sulfur per 100 ft2'
 */
export const fromSpanish = (line: string): string =>
  told.test(line) ? patterns.reduce((all, [es, en]) => all.replace(es, en), line) : line
