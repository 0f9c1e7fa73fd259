'use client'

import { dropMix } from '@/core/acts/mix'
import { byNutrient } from '@/core/mix/problem'
import { changedSince, goneFromShed } from '@/core/mix/standing'
import { productRef } from '@/core/shelf/product'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { productWords, weight, type Measures } from '@/wording/format'
import { passesWords } from '@/wording/passes'
import { render } from '@/wording/render'
import { useOpenCase } from '../../../case/context'
import { useProducts } from '../../../case/useCase'
import { weighed } from '../../../case/explained'
import { usePlan } from '../../../shared/plan/usePlan'
import { Figure } from '../../../shared/workings/Figure'
import { NeedsPicture, type Given } from './NeedsPicture'
import { productNames } from './names'
import { en } from './messages'

/** The mix that the case has taken: what goes on each area, what it brings, what to buy; and whether it still stands. */
export function TakenMix() {
  const { kase, recommendation, act } = useOpenCase()
  const products = useProducts()
  const plan = usePlan()
  if (!kase.mix) return null
  const changed = changedSince(kase.mix, recommendation)
  const gone = goneFromShed(kase.mix, kase.shed, products)
  const stale = changed.length > 0 || gone.length > 0
  const areas = recommendation.areas.filter(({ answer }) => answer?.mixed)
  const name = (id: string) => kase.areas.find((one) => one.id === id)?.name ?? ''
  const purchases = stale ? [] : plan.purchases.filter(({ chosen }) => chosen)
  return (
    <section aria-label={en.taken} className="bg-wash mt-3 rounded-[3px] px-4 py-3">
      <h3 className="font-serif text-lg font-semibold">{en.taken}</h3>
      {stale ? (
        <div role="status">
          <p className="text-clay font-semibold">{en.stale}</p>
          <ul className="text-[14.5px]">
            {gone.map(({ product, lb }) => (
              <li key={product}>{en.gone(weight(lb, kase.measures), productNames(products)(product))}</li>
            ))}
            {changed.map(({ areaId, of, before, now }) => (
              <li key={`${areaId} ${of}`}>
                <Formula>{en.changedFrom(name(areaId), of, lb(before, kase.measures), lb(now, kase.measures))}</Formula>
              </li>
            ))}
          </ul>
        </div>
      ) : (
        <p className="text-ink-2 text-[14.5px]">{en.takenLead}</p>
      )}
      <div className="overflow-x-auto">
        <table className="mt-2 w-full min-w-[560px] border-collapse text-[14.5px]">
          <thead>
            <tr className="text-ink-2 text-left text-[13.5px]">
              {[en.area, en.product, en.amount, en.atATime, en.when].map((column) => (
                <th key={column} scope="col" className="pr-3 font-normal">
                  {column}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {areas.flatMap(({ areaId, answer }) =>
              answer!.mixed!.products.map(({ material, amount, passes }, i) => (
                <tr key={`${areaId} ${productRef(material)}`} className="border-rule border-t align-top">
                  <th scope="row" className="py-1 pr-3 text-left font-normal">
                    {i === 0 ? name(areaId) : <span className="sr-only">{name(areaId)}</span>}
                  </th>
                  <td className="py-1 pr-3">{productWords(material)}</td>
                  <td className="py-1 pr-3">
                    <Figure of={weighed(amount, kase.measures)} />
                  </td>
                  <td className="py-1 pr-3">{passes.count > 1 ? weight(passes.each.value.v, kase.measures) : '–'}</td>
                  <td className="py-1">{passesWords(passes, 'each') || en.once}</td>
                </tr>
              )),
            )}
          </tbody>
        </table>
      </div>
      {areas.flatMap(({ areaId, answer }) =>
        answer!.mixed!.barred.map((sentence) => (
          <p key={`${areaId} ${sentence.key}`} className="text-clay mt-1 font-semibold">
            {name(areaId)}: {render(sentence)}
          </p>
        )),
      )}
      <div className="mt-3 grid gap-x-8 gap-y-3 sm:grid-cols-2">
        <NeedsPicture areas={areas.map(givenOn(name))} measures={kase.measures} />
        {purchases.length > 0 && (
          <ul className="text-[15px]">
            {purchases.map(({ product, bags, fromShed, leftOver }) => (
              <li key={productRef(product)}>
                {bags.map(({ lb, count }) => (
                  <strong key={lb} className="block">
                    {en.bags(count.value.v, weight(lb, kase.measures), productWords(product))}
                  </strong>
                ))}
                {fromShed > 0 && en.fromShed(weight(fromShed, kase.measures), productWords(product))}
                {leftOver.value.v > 0.05 && (
                  <span className="text-ink-2 block text-[13.5px]">
                    {en.leftOver(weight(leftOver.value.v, kase.measures))}
                  </span>
                )}
              </li>
            ))}
          </ul>
        )}
      </div>
      <Button className="mt-3" onClick={() => act(dropMix)}>
        {en.drop}
      </Button>
    </section>
  )
}

const lb = (v: number | null, measures: Measures) =>
  v === null ? en.unknown : v > 0 ? weight(v, measures) : en.noneNeeded

type Found = ReturnType<typeof useOpenCase>['recommendation']['areas'][number]

const givenOn =
  (name: (id: string) => string) =>
  ({ areaId, answer }: Found): Given => ({
    areaId,
    name: name(areaId),
    of: byNutrient((nutrient) => {
      const { wanted, supplied } = answer!.mixed!.supplies.find((one) => one.nutrient === nutrient)!
      const need = wanted === 'unknown' ? null : wanted === 'none' ? 0 : wanted.value.v
      return { need, given: supplied.value.v }
    }),
  })
