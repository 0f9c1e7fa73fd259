'use client'

import type { ReactNode } from 'react'
import type { Passes } from '@/core/needs/split'
import type { Answer, AreaRecommendation } from '@/core/recommend'
import type { Product } from '@/core/shelf/product'
import type { Derived } from '@/core/units/workings'
import { measure, productWords, weight } from '@/wording/format'
import { passesWords } from '@/wording/passes'
import { useOpenCase } from '../../case/context'
import { weighed } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'
import { NothingLeft, Planned } from './Planned'
import { Portions } from './Portions'
import { Rate, Row } from './Row'
import { en } from './messages'
import { useBagLb, useTreatmentStill } from './still'

interface Props {
  /** The need that it answers; its own reference where it is one of a mix. */
  need: string
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
export function ProductRow({ need, material, bagLb, amount, rate, passes, note, found, children }: Props) {
  const { kase } = useOpenCase()
  const still = useTreatmentStill(need)
  const bag = useBagLb(need, bagLb)
  const scoop = still
    ? still.treatment && { amount: still.treatment.all, passes: still.treatment.passes ?? passes }
    : { amount, passes }
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
      {scoop ? (
        <Scoop {...scoop} answer={found.answer!} hand={(lb) => measure(lb, material.lbPerCup, bag, kase.measures)} />
      ) : (
        <NothingLeft />
      )}
      <Planned still={still} />
      {children}
    </Row>
  )
}

interface ScoopProps extends Pick<Props, 'amount' | 'passes'> {
  answer: Answer
  /** So many lb in cups, or in bags. */
  hand: (lb: number) => string
}

function Scoop({ amount, passes, answer, hand }: ScoopProps) {
  const { measures } = useOpenCase().kase
  const several = passes.count > 1
  const shown = several ? passes.each : amount
  const pounds = (of: Derived) => weight(of.value.v, measures)
  return (
    <>
      <p className="flex flex-wrap items-baseline gap-x-3">
        <Figure size="scoop" of={weighed(shown, measures)} />
        {several && (
          <span className="text-[16px]">
            {passes.firsts ? en.firstThen(pounds(passes.firsts.each), pounds(passes.each)) : en.each(passes.count)},{' '}
            <Figure of={weighed(amount, measures)}>{en.inAll(pounds(amount))}</Figure>
          </span>
        )}
      </p>
      <p className="mt-1 text-[15.5px]">
        {[hand(shown.value.v), passesWords(passes, 'each')].filter(Boolean).join(', ')}
      </p>
      <Portions amount={shown} answer={answer} />
    </>
  )
}
