'use client'

import type { Answer, AreaRecommendation } from '@/core/recommend'
import { Button } from '@/ui/Button'
import { measure, rate, weight } from '@/wording/format'
import { passesWords } from '@/wording/passes'
import { render, textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { gradeWords } from '../materials/grade'
import { Figure } from '../../shared/workings/Figure'
import { Portions } from './Portions'
import { Rate, Row, Under } from './Row'
import { en } from './messages'

/** The chosen fertilizer as it is scooped, or the way to choose one. */
export function FertilizerRow({ answer, found }: { answer: Answer; found: AreaRecommendation }) {
  const { kase, go } = useOpenCase()
  const { fertilizer, needs } = answer
  if (!fertilizer) {
    if (!needs.some((need) => need.outcome === 'apply')) return null
    return (
      <Row stuff="product" name={en.fertilizer} detail="">
        <Button kind="act" onClick={() => go('materials')}>
          {en.choose}
        </Button>
        <Under>{en.chooseWhy}</Under>
      </Row>
    )
  }
  const { material, mix, bagLb } = fertilizer
  const name = `${gradeWords(material)} ${textOf(material.label)}`
  if (!mix.ok)
    return (
      <Row stuff="product" name={en.fertilizer} detail={name}>
        <Under>{render(mix.refusal)}</Under>
        <Button className="mt-1" onClick={() => go('materials')}>
          {en.choose}
        </Button>
      </Row>
    )
  const { amount, passes, meets, barred } = mix.value
  const shown = passes.count > 1 ? passes.each : amount
  const perUnit = rate(mix.value.rate.value.v, found.use, kase.measures)
  return (
    <Row
      stuff="product"
      name={en.fertilizer}
      detail={name}
      aside={
        <p>
          <Rate opens="feed-rate" {...perUnit} />
          <br />
          {en.toMeet(en.nutrient[meets].toLowerCase())}
        </p>
      }
    >
      <p className="flex flex-wrap items-baseline gap-x-3">
        <Figure size="scoop" opens={passes.count > 1 ? 'feed-pass' : 'fertilizer'}>
          {weight(shown.value.v, kase.measures)}
        </Figure>
        {passes.count > 1 && (
          <span className="text-[16px]">
            {en.each(passes.count)},{' '}
            <Figure opens="fertilizer">{en.inAll(weight(amount.value.v, kase.measures))}</Figure>
          </span>
        )}
      </p>
      <p className="mt-1 text-[15.5px]">
        {[measure(shown.value.v, material.lbPerCup, bagLb, kase.measures), passesWords(passes, 'each')]
          .filter(Boolean)
          .join(', ')}
      </p>
      <Portions of="fertilizer" amount={shown} answer={answer} />
      {barred.map((sentence) => (
        <p key={sentence.key} className="text-clay mt-1 font-semibold">
          {render(sentence)}
        </p>
      ))}
    </Row>
  )
}
