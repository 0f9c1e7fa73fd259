'use client'

import { useDeferredValue, useMemo, type ReactNode } from 'react'
import { otherSeasons } from '@/core/compare/by-season'
import type { Use } from '@/core/guides/crop'
import { majorsOf } from '@/core/needs/need'
import { doseOf } from '@/core/needs/reaction'
import type { Answer, AreaRecommendation } from '@/core/recommend'
import { majorNutrients } from '@/core/units/quantity'
import { Formula } from '@/ui/Formula'
import { dateWords, pHFigure, rate, weight, type Measures } from '@/wording/format'
import { render, textOf } from '@/wording/render'
import { inThisSeason, useOpenCase } from '../../case/context'
import { useLocal, useGuides, useProducts } from '../../case/useCase'
import { en } from './messages'

/** Several crops of one area, each by itself, of which the advisor says which one leads; and its other seasons. */
export function SideBySide({ found }: { found: AreaRecommendation }) {
  const { kase, edit } = useOpenCase()
  const { crop, cropId, answer, others, quarrels, areaId } = found
  const seasons = useOtherSeasons(areaId)
  if (!crop || !cropId || !answer || others.length + seasons.length === 0) return null
  const lead = (id: string) =>
    edit(
      inThisSeason(areaId, (draft) => {
        draft.otherCrops = draft.otherCrops.map((other) => (other === id ? draft.crop! : other))
        draft.crop = id
      }),
    )
  const title = others.length === 0 ? en.seasons : seasons.length === 0 ? en.several : en.severalAndSeasons
  return (
    <section aria-label={title} className="border-rule border-b py-3">
      <h2 className="font-semibold">{title}</h2>
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
                {others.length > 0 ? en.leads : en.seasonCrop}
              </th>
              <th scope="col" className="px-2 text-right font-normal">
                pH
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
              <Compared key={one.cropId} answer={one.answer} use={crop.use}>
                {others.length === 0 ? (
                  en.inSeason(kase.season, textOf(one.crop.label))
                ) : (
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
                )}
              </Compared>
            ))}
            {seasons.map(({ year, found: then, tested }) => (
              <Compared key={year} answer={then.answer!} use={crop.use}>
                {en.inSeason(year, textOf(then.crop!.label))}
                {tested && <span className="text-ink-2 block text-[13px]">{en.tested(dateWords(tested))}</span>}
              </Compared>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}

/** Worked out once the page rests: another season is not what one is typing. */
function useOtherSeasons(areaId: string) {
  const { kase } = useOpenCase()
  const [guides, products, local] = [useGuides(), useProducts(), useLocal()]
  const rested = useDeferredValue(kase)
  return useMemo(() => otherSeasons(rested, areaId, guides, products, local), [rested, areaId, guides, products, local])
}

/** What one crop needs, in one row. */
function Compared({ answer, use, children }: { answer: Answer; use: Use; children: ReactNode }) {
  const { measures } = useOpenCase().kase
  return (
    <tr className="border-rule border-t">
      <th scope="row" className="py-1 pr-3 text-left font-normal">
        {children}
      </th>
      <td className="px-2 text-right">{answer.pH === null ? en.unknown : pHFigure(answer.pH)}</td>
      <td className="px-2">{reactionWords(answer, measures)}</td>
      {majorsOf(answer).map((need) => (
        <td key={need.of} className="px-2 text-right">
          {need.outcome === 'unknown'
            ? en.unknown
            : need.outcome === 'check'
              ? en.checkFirst
              : need.rate && need.rate.value.v > 0
                ? rate(need.rate.value.v, use, measures).amount
                : en.none}
        </td>
      ))}
    </tr>
  )
}

function reactionWords({ reaction }: Answer, measures: Measures): string {
  const dose = doseOf(reaction)
  if (!dose) return en.outcome[reaction.outcome as 'leave']
  return `${dose.of === 'lime' ? en.lime : en.sulfur}, ${weight(dose.amount.value.v, measures)}`
}
