'use client'

import { useCallback, useDeferredValue, useMemo, useSyncExternalStore } from 'react'
import type { Guide } from '@/core/guides/guide'
import type { Recommendation } from '@/core/recommend'
import { guides as shippedGuides } from '@/core/guides/guides'
import { guideRegistry } from '@/store/guides'
import { allLocal, localRegistry } from '@/store/office'
import { anywhere, type Local } from '@/core/calendar/local'
import type { Product } from '@/core/shelf/product'
import { shippedProducts } from '@/core/shelf/products'
import { productRegistry } from '@/store/products'
import type { Registry } from '@/store/registry'
import { recommendChanged } from '@/store/remembered'
import { follow, front, type Front } from '@/store/cases'
import type { Case } from '@/core/case/case'

/** A case as it is now, on this page or in another tab. Whoever shows it is told of a key once. */
export const useCase = (id: string): Front['kase'] => useFront(id, (one) => one.kase, undefined)

/** Whether the browser has it safe; told apart, since it changes twice with every key. */
export const useKeeping = (id: string): Front['keeping'] => useFront(id, (one) => one.keeping, 'kept')

/** Why the last edit was not taken, where it was not. */
export const useUntaken = (id: string): Front['untaken'] => useFront(id, (one) => one.untaken, undefined)

const useFront = <Part>(id: string, part: (one: Front) => Part, loading: Part): Part =>
  useSyncExternalStore(
    useCallback((listener) => follow(id, listener), [id]),
    () => part(front(id)),
    () => loading,
  )

/**
 * What the case needs, computed anew whenever it changes: the area that is looked at with every key, the others, where
 * they share its report, once the page rests.
 */
export function useRecommendation(kase: Case, areaId: string | null): Recommendation {
  const guides = useGuides()
  const products = useProducts()
  const local = useLocal()
  const rested = useDeferredValue(kase)
  const others = useMemo(() => recommendChanged(rested, guides, products, local), [rested, guides, products, local])
  return useMemo(() => {
    const before = new Map(others.areas.map((one) => [one.areaId, one]))
    const now = kase.areas.filter(({ id }) => id === areaId || !before.has(id))
    for (const one of recommendChanged({ ...kase, areas: now }, guides, products, local).areas)
      before.set(one.areaId, one)
    return { ...others, areas: kase.areas.map(({ id }) => before.get(id)!) }
  }, [kase, others, areaId, guides, products, local])
}

const useRegistry = <Of>({ all, follow: followAll }: Registry<Of>, shipped: readonly Of[]): readonly Of[] =>
  useSyncExternalStore(followAll, all, () => shipped)

/** The guides that rate here, as they are now. */
export const useGuides = (): readonly Guide[] => useRegistry(guideRegistry, shippedGuides)

/** What the office has settled for all of its cases. */
export const useLocal = (): Local => useSyncExternalStore(localRegistry.follow, allLocal, () => anywhere)

/** The products that can be named here. */
export const useProducts = (): readonly Product[] => useRegistry(productRegistry, shippedProducts)
