'use client'

import { majorsOf } from '@/core/needs/need'
import { doseOf } from '@/core/needs/reaction'
import type { Answer, AreaRecommendation } from '@/core/recommend'
import { majorNutrients } from '@/core/units/quantity'
import { Formula } from '@/ui/Formula'
import { rate, weight, type Measures } from '@/wording/format'
import { render, textOf } from '@/wording/render'
import { inThisSeason, useOpenCase } from '../../case/context'
import { en } from './messages'

/** Several crops in one area, each by itself; the advisor says which one leads. */
export function SeveralCrops({ found }: { found: AreaRecommendation }) {
  const { kase, edit } = useOpenCase()
  const { crop, cropId, answer, others, quarrels, areaId } = found
  if (!crop || !cropId || !answer || others.length === 0) return null
  const lead = (id: string) =>
    edit(
      inThisSeason(areaId, (draft) => {
        draft.otherCrops = draft.otherCrops.map((other) => (other === id ? draft.crop! : other))
        draft.crop = id
      }),
    )
  return (
    <section aria-label={en.several} className="border-rule border-b py-3">
      <h2 className="font-semibold">{en.several}</h2>
      {quarrels.map((sentence, i) => (
        <p key={i} className="text-[15px]">
          {render(sentence, kase.measures)}
        </p>
      ))}
      <div className="overflow-x-auto">
        <table className="mt-1 w-full border-collapse text-[14.5px] tabular-nums">
          <thead>
            <tr className="text-ink-2 text-left text-[13.5px]">
              <th scope="col" className="py-1 pr-3 font-normal">
                {en.leads}
              </th>
              <th scope="col" className="px-2 font-normal">
                {en.reaction}
              </th>
              {majorNutrients.map((nutrient) => (
                <th key={nutrient} scope="col" className="px-2 text-right font-normal">
                  <Formula>{`${nutrient}, ${rate(1, crop.use, kase.measures).per}`}</Formula>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {[{ cropId, crop, answer }, ...others].map((one) => (
              <tr key={one.cropId} className="border-rule border-t">
                <th scope="row" className="py-1 pr-3 text-left font-normal">
                  <label className="flex min-h-6 cursor-pointer items-center gap-2">
                    <input
                      type="radio"
                      name={`lead-${areaId}`}
                      className="accent-moss"
                      checked={one.cropId === cropId}
                      onChange={() => lead(one.cropId)}
                    />
                    {textOf(one.crop.label)}
                  </label>
                </th>
                <td className="px-2">{reactionWords(one.answer, kase.measures)}</td>
                {majorsOf(one.answer).map((need) => (
                  <td key={need.of} className="px-2 text-right">
                    {need.outcome === 'unknown'
                      ? en.unknown
                      : need.outcome === 'check'
                        ? en.checkFirst
                        : need.rate && need.rate.value.v > 0
                          ? rate(need.rate.value.v, crop.use, kase.measures).amount
                          : en.none}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}

function reactionWords({ reaction }: Answer, measures: Measures): string {
  const dose = doseOf(reaction)
  if (!dose) return en.outcome[reaction.outcome as 'leave']
  return `${dose.of === 'lime' ? en.lime : en.sulfur}, ${weight(dose.amount.value.v, measures)}`
}
