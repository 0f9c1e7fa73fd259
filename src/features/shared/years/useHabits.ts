'use client'

import { useMemo } from 'react'
import { habitsOf, needsIn, type YearNeeds } from '@/core/passes/habit'
import type { AreaLedger } from '@/core/passes/ledger'
import type { Sentence } from '@/core/sentence/sentence'
import { answerOf, useOpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'

/** What an area needed in each year of its ledger, and what is done there year after year that does not fit. */
export function useHabits({ areaId, years }: AreaLedger): {
  readonly needs: ReadonlyMap<string, YearNeeds>
  readonly habits: readonly Sentence[]
} {
  const { kase, recommendation } = useOpenCase()
  const [guides, products] = [useGuides(), useProducts()]
  const { size } = answerOf(recommendation, areaId)
  const ft2 = size.ok ? size.value.area.value.v : undefined
  return useMemo(() => {
    const needs = new Map(years.map(({ year }) => [year, needsIn(kase, areaId, year, guides, products)]))
    const habits = ft2 === undefined ? [] : habitsOf({ areaId, years }, needs, kase.applications, products, ft2)
    return { needs, habits }
  }, [kase, areaId, years, guides, products, ft2])
}
