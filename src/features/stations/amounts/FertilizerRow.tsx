'use client'

import type { Answer, AreaRecommendation } from '@/core/recommend'
import { majorsOf } from '@/core/needs/need'
import { Button } from '@/ui/Button'
import { gradeWords, measure, weight } from '@/wording/format'
import { passesWords } from '@/wording/passes'
import { render, textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { weighed } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'
import { Portions } from './Portions'
import { Rate, Row, Under } from './Row'
import { en } from './messages'

/** The chosen fertilizer as it is scooped, or the way to choose one. */
export function FertilizerRow({ answer, found }: { answer: Answer; found: AreaRecommendation }) {
  const { kase, go } = useOpenCase()
  const { fertilizer } = answer
  if (!fertilizer) {
    if (!majorsOf(answer).some((need) => need.outcome === 'apply')) return null
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
  const { amount, passes, meets, cut, barred } = mix.value
  const shown = passes.count > 1 ? passes.each : amount
  return (
    <Row
      stuff="product"
      name={en.fertilizer}
      detail={name}
      aside={
        <p>
          <Rate working={mix.value.rate} use={found.use} />
          <br />
          {en.toMeet(en.nutrient[meets].toLowerCase())}
        </p>
      }
    >
      <p className="flex flex-wrap items-baseline gap-x-3">
        <Figure size="scoop" of={weighed(shown, kase.measures)} />
        {passes.count > 1 && (
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
      <p className="mt-1 text-[15.5px]">
        {[measure(shown.value.v, material.lbPerCup, bagLb, kase.measures), passesWords(passes, 'each')]
          .filter(Boolean)
          .join(', ')}
      </p>
      <Portions amount={shown} answer={answer} />
      {cut && <Under>{render(cut)}</Under>}
      {barred.map((sentence) => (
        <p key={sentence.key} className="text-clay mt-1 font-semibold">
          {render(sentence)}
        </p>
      ))}
    </Row>
  )
}
