'use client'

import type { Answer } from '@/core/recommend'
import type { OtherNeed } from '@/core/needs/nutrients/others'
import { measure, weight } from '@/wording/format'
import { nutrient as names } from '@/wording/phrase'
import { render, textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { Figure } from '../../shared/workings/Figure'
import { Portions } from './Portions'
import { Row, Under } from './Row'
import { en } from './messages'

/** Magnesium, calcium, sulfur and micronutrients, where they are called for. */
export function OtherRows({ answer }: { answer: Answer }) {
  return answer.others.map((need) => <OtherRow key={need.nutrient} need={need} answer={answer} />)
}

function OtherRow({ need, answer }: { need: OtherNeed; answer: Answer }) {
  const { kase } = useOpenCase()
  const { nutrient, amount, product, outcome, ledBy } = need
  const name = names[nutrient]!
  return (
    <Row
      stuff="other"
      name={name.charAt(0).toUpperCase() + name.slice(1)}
      detail={nutrient}
      aside={ledBy?.id === 'laboratory' && <p>{en.led(textOf(ledBy.label))}</p>}
    >
      {amount ? (
        <p className="flex flex-wrap items-baseline gap-x-3">
          <Figure size="need" opens={product ? `carrier:${nutrient}` : `other:${nutrient}`}>
            {weight((product?.amount ?? amount).value.v, kase.measures)}
          </Figure>
          {product && (
            <span className="text-[15.5px]">
              {en.of(textOf(product.material.label))},{' '}
              {measure(product.amount.value.v, product.material.lbPerCup, product.material.bagLb, kase.measures)};{' '}
              <Figure opens={`other:${nutrient}`}>{en.holds(weight(amount.value.v, kase.measures), nutrient)}</Figure>
            </span>
          )}
        </p>
      ) : (
        <p className="font-serif text-[22px] leading-tight font-semibold">
          {outcome === 'none' ? en.none : outcome === 'by-label' ? en.byLabel : en.unknown}
        </p>
      )}
      <Under>{render(need.why)}</Under>
      {product && <Portions of="carrier" nutrient={nutrient} amount={product.amount} answer={answer} />}
    </Row>
  )
}
