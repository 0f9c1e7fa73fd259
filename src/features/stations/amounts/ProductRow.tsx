'use client'

import type { ReactNode } from 'react'
import type { Passes } from '@/core/passes/split'
import type { AreaRecommendation } from '@/core/recommend'
import type { Product } from '@/core/shelf/product'
import type { Derived } from '@/core/workings'
import { measure, productWords, weight } from '@/wording/format'
import { passesWords } from '@/wording/passes'
import { useOpenCase } from '../../case/context'
import { weighed } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'
import { Portions } from './Portions'
import { Rate, Row } from './Row'
import { en } from './messages'

interface Props {
  material: Product
  /** lb */
  bagLb: number
  amount: Derived
  rate: Derived
  passes: Passes
  /** What it is there for. */
  note: string
  found: AreaRecommendation
  children?: ReactNode
}

/** A fertilizer as it is scooped: what goes on at a time the largest, what it comes to in all beside it. */
export function ProductRow({ material, bagLb, amount, rate, passes, note, found, children }: Props) {
  const { kase } = useOpenCase()
  const several = passes.count > 1
  const shown = several ? passes.each : amount
  const pounds = (of: Derived) => weight(of.value.v, kase.measures)
  return (
    <Row
      stuff="product"
      name={en.fertilizer}
      detail={productWords(material)}
      aside={
        <p>
          <Rate working={rate} use={found.use} />
          <br />
          {note}
        </p>
      }
    >
      <p className="flex flex-wrap items-baseline gap-x-3">
        <Figure size="scoop" of={weighed(shown, kase.measures)} />
        {several && (
          <span className="text-[16px]">
            {passes.firsts ? en.firstThen(pounds(passes.firsts.each), pounds(passes.each)) : en.each(passes.count)},{' '}
            <Figure of={weighed(amount, kase.measures)}>{en.inAll(pounds(amount))}</Figure>
          </span>
        )}
      </p>
      <p className="mt-1 text-[15.5px]">
        {[measure(shown.value.v, material.lbPerCup, bagLb, kase.measures), passesWords(passes, 'each')]
          .filter(Boolean)
          .join(', ')}
      </p>
      <Portions amount={shown} answer={found.answer!} />
      {children}
    </Row>
  )
}
