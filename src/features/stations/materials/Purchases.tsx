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
      <ul className="grid gap-1.5 text-[15px]">
        {purchases.map(({ product, areaIds, all, bags, fromShed, leftOver, cost }, i) => (
          <li key={`${product.id} ${i}`}>
            <strong>{productWords(product)}</strong> {en.forAreas(areaIds.map(nameOf).join(', '), lb(all.value.v))}{' '}
            {[
              bags.map((bag) => en.bags(bag.count.value.v, lb(bag.lb))).join(', '),
              fromShed > 0 && en.onHand(lb(fromShed)),
              cost !== null && money(cost),
              leftOver.value.v > 0.05 && en.willBeLeft(lb(leftOver.value.v)),
            ]
              .filter(Boolean)
              .join('; ')}
          </li>
        ))}
      </ul>
      {priced.length > 1 && priced.length === purchases.length && (
        <p className="mt-1 text-[15px] font-semibold">
          {en.together(money(priced.reduce((sum, one) => sum + one, 0)))}
        </p>
      )}
    </section>
  )
}
