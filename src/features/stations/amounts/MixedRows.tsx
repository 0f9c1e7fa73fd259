'use client'

import { isStale } from '@/core/mix/standing'
import type { Mixed, TakenMix } from '@/core/mix/taken'
import type { AreaRecommendation } from '@/core/recommend'
import { productRef } from '@/core/shelf/product'
import { Button } from '@/ui/Button'
import { gradeWords, measure, weight } from '@/wording/format'
import { passesWords } from '@/wording/passes'
import { render, textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { useProducts } from '../../case/useCase'
import { weighed } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'
import { Portions } from './Portions'
import { Rate, Row, Under } from './Row'
import { en } from './messages'

/** The products of the mix as they are scooped; of one that no longer stands, only that it does not. */
export function MixedRows({ mixed, found }: { mixed: TakenMix; found: AreaRecommendation }) {
  const { kase, recommendation, go } = useOpenCase()
  const stale = isStale(kase, recommendation, useProducts())
  if (stale || mixed.barred.length > 0)
    return (
      <Row stuff="product" name={en.fertilizer} detail={en.mix}>
        <p className="text-clay font-semibold">
          {stale ? en.mixStale : mixed.barred.map((one) => render(one)).join(' ')}
        </p>
        <Button kind="act" className="mt-1" onClick={() => go('materials')}>
          {en.mixAgain}
        </Button>
      </Row>
    )
  return mixed.products.map((one) => <MixedRow key={productRef(one.material)} one={one} found={found} />)
}

function MixedRow({ one: { material, amount, rate, passes }, found }: { one: Mixed; found: AreaRecommendation }) {
  const { kase } = useOpenCase()
  const several = passes.count > 1
  const shown = several ? passes.each : amount
  return (
    <Row
      stuff="product"
      name={en.fertilizer}
      detail={[gradeWords(material), textOf(material.label)].filter(Boolean).join(' ')}
      aside={
        <p>
          <Rate working={rate} use={found.use} />
          <br />
          {en.inMix}
        </p>
      }
    >
      <p className="flex flex-wrap items-baseline gap-x-3">
        <Figure size="scoop" of={weighed(shown, kase.measures)} />
        {several && (
          <span className="text-[16px]">
            {passes.firsts
              ? en.firstThen(
                  weight(passes.firsts.each.value.v, kase.measures),
                  weight(passes.each.value.v, kase.measures),
                )
              : en.each(passes.count)}
            , <Figure of={weighed(amount, kase.measures)}>{en.inAll(weight(amount.value.v, kase.measures))}</Figure>
          </span>
        )}
      </p>
      <Under>
        {[measure(shown.value.v, material.lbPerCup, material.bagLb, kase.measures), passesWords(passes, 'each')]
          .filter(Boolean)
          .join(', ')}
      </Under>
      <Portions amount={shown} answer={found.answer!} />
    </Row>
  )
}
