'use client'

import { useMemo } from 'react'
import { ledger } from '@/core/passes/ledger'
import { weight } from '@/wording/format'
import { nutrient as nutrients } from '@/wording/phrase'
import { render, textOf } from '@/wording/render'
import { Button } from '@/ui/Button'
import { useOpenCase } from '../../case/context'
import { useProducts } from '../../case/useCase'
import { planFor } from '@/core/plan/plan'
import { usePlan } from '../../shared/plan/usePlan'
import { useHabits } from '../../shared/years/useHabits'
import { en } from './messages'

/** What was put on already towards the amounts of an area, what of them is still to do, and what is done there each year. */
export function PutOn({ areaId }: { areaId: string }) {
  const { kase, go } = useOpenCase()
  const products = useProducts()
  const kept = useMemo(() => ledger(kase, products).find((one) => one.areaId === areaId)!, [kase, products, areaId])
  const { habits } = useHabits(kept)
  const { treatments, standings } = planFor(usePlan(), areaId)
  const put = treatments.flatMap(({ key, product, nutrient }) => {
    const { put: lb, left } = standings.get(key)!
    if (lb === 0) return []
    const what = product ? textOf(product.label) : nutrients[nutrient!]!
    return [{ key, words: en.putOn(weight(lb, kase.measures), what, left && weight(left.all.value.v, kase.measures)) }]
  })
  const told = [...put, ...habits.map((one) => ({ key: one.key, words: render(one, kase.measures) }))]
  if (told.length === 0) return null
  return (
    <ul className="border-moss my-2 border-l-4 pl-3 text-[15px]">
      {told.map(({ key, words }) => (
        <li key={key}>{words}</li>
      ))}
      <li>
        <Button kind="text" onClick={() => go('log')}>
          {en.toLog}
        </Button>
      </li>
    </ul>
  )
}
