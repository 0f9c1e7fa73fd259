'use client'

import type { Answer } from '@/core/recommend'
import { minorsOf, type Need } from '@/core/needs/need'
import type { OtherNutrient } from '@/core/units/quantity'
import { measure, weight } from '@/wording/format'
import { nutrient as names } from '@/wording/phrase'
import { render, textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { weighed } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'
import { Portions } from './Portions'
import { NothingLeft, Planned } from './Planned'
import { useBagLb, useTreatmentStill } from './still'
import { Row, Under } from './Row'
import { en } from './messages'

/** Magnesium, calcium, sulfur and micronutrients, where they are called for. */
export function OtherRows({ answer }: { answer: Answer }) {
  return minorsOf(answer).map((need) => <OtherRow key={need.of} need={need} answer={answer} />)
}

function OtherRow({ need, answer }: { need: Need<OtherNutrient>; answer: Answer }) {
  const { kase } = useOpenCase()
  const { of: nutrient, amount, product, outcome, lead } = need
  const name = names[nutrient]!
  const still = useTreatmentStill(nutrient)
  const bagLb = useBagLb(nutrient, product?.bagLb ?? 0)
  return (
    <Row
      stuff="other"
      name={name.charAt(0).toUpperCase() + name.slice(1)}
      detail={nutrient}
      aside={lead?.by === 'laboratory' && <p>{en.led(textOf(lead.label))}</p>}
    >
      {still && !still.left ? (
        <NothingLeft />
      ) : amount ? (
        <p className="flex flex-wrap items-baseline gap-x-3">
          <Figure size="need" of={weighed(still?.left ?? product?.amount ?? amount, kase.measures)} />
          {product && (
            <span className="text-[15.5px]">
              {en.of(textOf(product.material.label))},{' '}
              {measure((still?.left ?? product.amount).value.v, product.material.lbPerCup, bagLb, kase.measures)};{' '}
              <Figure of={weighed(amount, kase.measures)}>
                {en.holds(weight(amount.value.v, kase.measures), nutrient)}
              </Figure>
            </span>
          )}
        </p>
      ) : (
        <p className="font-serif text-[22px] leading-tight font-semibold">
          {outcome === 'none' ? en.none : outcome === 'by-label' ? en.byLabel : en.unknown}
        </p>
      )}
      <Planned still={still} />
      <Under>{[need.why, ...need.remarks].map((one) => render(one, kase.measures)).join(' ')}</Under>
      {product && <Portions amount={still?.left ?? product.amount} answer={answer} />}
    </Row>
  )
}
