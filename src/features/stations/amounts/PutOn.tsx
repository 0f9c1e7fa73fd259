'use client'

import { useMemo } from 'react'
import { ledger } from '@/core/passes/ledger'
import { render } from '@/wording/render'
import { Button } from '@/ui/Button'
import { useOpenCase } from '../../case/context'
import { useProducts } from '../../case/useCase'
import { useHabits } from '../../shared/years/useHabits'
import { en } from './messages'

/** What is done on an area each year and does not fit, and the way to what was applied. */
export function PutOn({ areaId }: { areaId: string }) {
  const { kase, go } = useOpenCase()
  const products = useProducts()
  const kept = useMemo(() => ledger(kase, products).find((one) => one.areaId === areaId)!, [kase, products, areaId])
  const { habits } = useHabits(kept)
  return (
    <ul className="border-moss my-2 border-l-4 pl-3 text-[15px]">
      {habits.map((one) => (
        <li key={one.key}>{render(one, kase.measures)}</li>
      ))}
      <li>
        <Button kind="text" onClick={() => go('log')}>
          {en.toLog}
        </Button>
      </li>
    </ul>
  )
}
