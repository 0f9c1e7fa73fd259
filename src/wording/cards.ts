import type { Card } from '../core/letter/cards'
import type { Language, Text } from '../core/told/text'
import { inchWords, measure, productWords, sizeWords, weight, type Measures } from './format'
import type { ClientWords } from './languages'
import { lieWords } from './letter'
import { longDate } from './report-words'

/** A card in words; whoever shows it only lays it out. */
export interface WordedCard {
  readonly key: string
  readonly area: string
  readonly about: string
  readonly what: string
  readonly amount: string
  readonly measure: string
  readonly where: string
  readonly when: string
  readonly turn: string
  readonly cautions: readonly string[]
}

export function wordCard(
  { key, area, size, pass, of, day, once, bagLb, withSand, underPlants, half, shares, cautions }: Card,
  { letter, measures: own, cautions: words }: ClientWords,
  language: Language,
  measures: Measures,
): WordedCard {
  const textOf = (text: Text) => text[language] ?? text.en
  const { product, amount, window, interval, dugTo, after, n } = pass
  const lb = amount.value.v
  const dug = lieWords(dugTo, underPlants, letter, inchWords(dugTo ?? 0, measures, own))
  return {
    key,
    area,
    about: size ? sizeWords(size, measures, own) : '',
    what: productWords(product!, textOf),
    amount: weight(lb, measures, own),
    measure: [
      bagLb !== null && measure(lb, product!.lbPerCup, bagLb, measures, own),
      withSand && letter.withSand,
      ...shares.map((share) => letter.shares[share.of](weight(share.each.value.v, measures, own))),
    ]
      .filter(Boolean)
      .join('; '),
    where: [dug || letter.once[once], half && letter.halves(weight(half.value.v, measures, own))]
      .filter(Boolean)
      .join('; '),
    when: [
      day && letter.onDays(longDate(day, own.locale)),
      window ? textOf(window.label) : interval && letter.sinceLast(interval),
      ...after.map(({ days }) => letter.afterLime(days)),
    ]
      .filter(Boolean)
      .join('; '),
    turn: of > 1 ? letter.turn(n, of) : '',
    cautions: cautions.map((one) => words[one.key.replace('caution.', '') as 'label']),
  }
}
