'use client'

import type { MixProblem } from '@/core/mix/problem'
import { givenBy, type Missed, type Solution } from '@/core/mix/solve'
import type { Aim } from '@/core/case/applications'
import type { ProductRef } from '@/core/shelf/product'
import type { MajorNutrient } from '@/core/units/quantity'
import { Button } from '@/ui/Button'
import { money, weight, type Measures } from '@/wording/format'
import { NeedsPicture } from './NeedsPicture'
import { en } from './messages'

interface Props {
  problem: MixProblem
  solution: Solution
  /** What it was asked for; several aims may come to one mix. */
  asked: readonly Aim[]
  /** Of products, and of areas. */
  named: (ref: ProductRef) => string
  areaName: (id: string) => string
  nutrient: Readonly<Record<MajorNutrient, string>>
  measures: Measures
  onTake: () => void
}

/** One way to meet the needs: what to buy, what it costs, what it leaves. */
export function MixCard({ problem, solution, asked, named, areaName, nutrient, measures, onTake }: Props) {
  const { aim, bags, fromShed, left, missed, freedBy, gap } = solution
  const weighed = (lb: number) => weight(lb, measures)
  const title = en.both(asked.map((one) => en.aim[one]))
  const over = left.filter(({ lb }) => lb > 0.05)
  return (
    <section aria-label={title} className="border-rule flex min-w-0 flex-col gap-2 border-t-2 pt-2">
      <h3 className="font-serif text-lg leading-tight font-semibold first-letter:uppercase">{title}</h3>
      <ul className="text-[15px] leading-snug">
        {bags.map(({ product, bagLb, count }) => (
          <li key={`${product} ${bagLb}`}>
            <strong>{en.bags(count, weighed(bagLb), named(product))}</strong>
          </li>
        ))}
        {fromShed.map(({ product, lb }) => (
          <li key={product}>{en.fromShed(weighed(lb), named(product))}</li>
        ))}
        {bags.length === 0 && <li>{en.buyNothing}</li>}
      </ul>
      <p className="font-serif text-xl leading-tight font-semibold">{costWords(solution)}</p>
      {over.length > 0 && (
        <p className="text-ink-2 text-[14px]">
          {en.leftOver(over.map(({ product, lb }) => en.left(weighed(lb), named(product))).join(', '))}
        </p>
      )}
      <NeedsPicture
        areas={givenBy(problem, solution).map((one) => ({ ...one, name: areaName(one.areaId) }))}
        measures={measures}
      />
      <div className="text-[14px] leading-snug">
        {missed.length === 0 ? (
          <p className="text-ink-2">{en.met}</p>
        ) : (
          <ul className="text-clay font-semibold">
            {missed.map((one) => (
              <li key={`${one.areaId} ${one.nutrient}`}>{missedWords(one, areaName, nutrient, measures)}</li>
            ))}
          </ul>
        )}
        {missed.length > 0 && <p>{freedBy ? en.freed[freedBy] : widenWords(missed)}</p>}
        {aim === 'no-phosphorus' && phosphateWanted(problem) > 0 && (
          <p className="text-clay font-semibold">{en.noPhosphate(weighed(phosphateWanted(problem)))}</p>
        )}
        {gap > 0 && <p>{en.gap(en.percent(gap))}</p>}
      </div>
      <Button kind="act" className="mt-auto self-start" onClick={onTake}>
        {en.take}
      </Button>
    </section>
  )
}

function costWords({ bags }: Solution): string {
  const priced = bags.flatMap(({ cost }) => cost ?? [])
  const sum = money(priced.reduce((total, one) => total + one, 0))
  if (priced.length === bags.length) return en.cost(sum)
  return priced.length === 0 ? en.costUnknown : en.costPart(sum, bags.length - priced.length)
}

const phosphateWanted = ({ areas }: MixProblem) => areas.reduce((sum, { needs }) => sum + (needs['P₂O₅'] ?? 0), 0)

function missedWords(
  { areaId, nutrient: of, side, lb, share }: Missed,
  areaName: Props['areaName'],
  nutrient: Props['nutrient'],
  measures: Measures,
): string {
  const percent = share === null ? '' : en.percent(share)
  return en[side](nutrient[of], areaName(areaId), weight(lb, measures), percent)
}

/** By how much the tolerance would have to be wider, where every need has one. */
function widenWords(missed: readonly Missed[]): string {
  const shares = missed.map(({ share }) => share)
  return shares.includes(null) ? '' : en.widen(en.percent(Math.max(...shares.map((one) => one!))))
}
