import type { Card } from '../core/letter/cards'
import type { Language, Text } from '../core/sentence/text'
import { measure, productWords, sizeWords, weight, type Measures } from './format'
import type { ClientWords } from './languages'
import { dueWords, howWords, moreWords } from './letter'
import { longDate } from './long-date'

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

export function wordCard(card: Card, words: ClientWords, language: Language, measures: Measures): WordedCard {
  const { area, size, pass, treatment, of, day, withSand, half, gated, shares, cautions } = card
  const { letter, measures: own } = words
  const textOf = (text: Text) => text[language] ?? text.en
  const { key, product, amount, n } = pass
  const lb = amount.value.v
  return {
    key,
    area,
    about: size ? sizeWords(size, measures, own) : '',
    what: productWords(product!, textOf),
    amount: weight(lb, measures, own),
    measure: [
      treatment.bagLb !== null && measure(lb, product!.lbPerCup, treatment.bagLb, measures, own),
      withSand && letter.withSand,
      ...shares.map((share) => letter.shares[share.of](weight(share.each.value.v, measures, own))),
    ]
      .filter(Boolean)
      .join('; '),
    where: [howWords(pass, words, measures), half && letter.halves(weight(half.value.v, measures, own))]
      .filter(Boolean)
      .join('; '),
    when: [
      day && letter.onDays(longDate(day, own.locale)),
      ...dueWords(card, words, textOf),
      gated && letter.onlyIf,
      moreWords(card, words),
    ]
      .filter(Boolean)
      .join('; '),
    turn: of > 1 ? letter.turn(n, of) : '',
    cautions: cautions.map((one) => words.cautions[one.key.replace('caution.', '') as 'label']),
  }
}
