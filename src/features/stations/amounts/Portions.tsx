'use client'

import { needsSand, perPortion } from '@/core/needs/portions'
import type { Answer } from '@/core/recommend'
import type { Derived } from '@/core/units/workings'
import { useOpenCase } from '../../case/context'
import { weighed } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'
import { en } from './messages'

interface Props {
  /** lb for the whole area, or of one pass. */
  amount: Derived<'lb product'> | Derived
  answer: Answer
  /** The amount is that of one of several passes, which the sheet does not show by itself. */
  each?: boolean
  /** It is weighed as a product, and no bare nutrient. */
  product?: boolean
}

/** The same amount as a hand doses it: a plant, a bed of several, 20 ft of row. */
export function Portions({ amount, answer, each, product = true }: Props) {
  const { kase } = useOpenCase()
  if (needsSand(amount as Derived, answer.portions))
    return product ? <p className="text-ink-2 mt-0.5 text-[14.5px]">{en.withSand}</p> : null
  if (answer.portions.length === 0) return null
  return (
    <p className="text-ink-2 mt-0.5 text-[14.5px]">
      {answer.portions.map((portion, i) => (
        <span key={portion.of}>
          {i > 0 && ' · '}
          <Figure of={weighed(perPortion(amount as Derived<'lb product'>, portion), kase.measures)} />{' '}
          {en.portion[portion.of]}
          {each && en.eachTime}
        </span>
      ))}
    </p>
  )
}
