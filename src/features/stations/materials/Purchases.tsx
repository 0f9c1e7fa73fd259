'use client'

import { money, productWords, weight } from '@/wording/format'
import { useOpenCase } from '../../case/context'
import { usePlan } from '../../shared/plan/usePlan'
import { en } from './messages'

/** Everything that is still to be bought for all areas, once: whole bags, what they cost, what will be left. */
export function Purchases() {
  const { kase } = useOpenCase()
  const { purchases } = usePlan()
  if (purchases.length === 0) return null
  const nameOf = (id: string) => kase.areas.find((area) => area.id === id)!.name
  const lb = (v: number) => weight(v, kase.measures)
  const priced = purchases.flatMap(({ cost }) => cost ?? [])
  return (
    <section aria-label={en.toBuy} className="mt-5">
      <h2 className="border-ink mb-2 border-b-[1.5px] pb-1 font-serif text-lg font-semibold">{en.toBuy}</h2>
      <div className="overflow-x-auto" tabIndex={0} role="group" aria-label={en.toBuy}>
        <table className="text-[15px]">
          <thead className="text-ink-2 text-left text-[13.5px]">
            <tr>
              {en.toBuyHeads.map((head) => (
                <th key={head} className="pr-6 font-normal">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {purchases.map(({ product, areaIds, all, bags, fromShed, leftOver, cost }, i) => (
              <tr key={`${product.id} ${i}`} className="border-rule border-t align-top">
                <th scope="row" className="py-1 pr-6 text-left font-semibold">
                  {productWords(product)}
                </th>
                <td className="py-1 pr-6">{areaIds.map(nameOf).join(', ')}</td>
                <td className="py-1 pr-6">{lb(all.value.v)}</td>
                <td className="py-1 pr-6">
                  {[
                    ...bags.map((bag) => en.bags(bag.count.value.v, lb(bag.lb))),
                    ...(fromShed > 0 ? [en.onHand(lb(fromShed))] : []),
                  ].join(', ')}
                </td>
                <td className="py-1 pr-6">{cost === null ? '–' : money(cost)}</td>
                <td className="py-1">{leftOver.value.v > 0.05 ? lb(leftOver.value.v) : '–'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {priced.length > 1 && priced.length === purchases.length && (
        <p className="mt-1 text-[15px] font-semibold">
          {en.together(money(priced.reduce((sum, one) => sum + one, 0)))}
        </p>
      )}
    </section>
  )
}
