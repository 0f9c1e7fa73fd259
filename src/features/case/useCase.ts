'use client'

import { useCallback, useMemo, useSyncExternalStore } from 'react'
import type { Guide } from '@/core/guides/guide'
import { guides as shippedGuides } from '@/core/guides/guides'
import { allGuides, followGuides } from '@/store/guides'
import { recommendChanged } from '@/store/remembered'
import { follow, front, type Front } from '@/store/cases'
import type { Case } from '@/core/case'

const loading: Front = { kase: undefined, keeping: 'kept' }

/** A case as it is now, on this page or in another tab. */
export function useCase(id: string): Front {
  return useSyncExternalStore(
    useCallback((listener) => follow(id, listener), [id]),
    () => front(id),
    () => loading,
  )
}

/** What the case needs, computed anew whenever it changes. */
export function useRecommendation(kase: Case) {
  const guides = useGuides()
  return useMemo(() => recommendChanged(kase, guides), [kase, guides])
}

/** The guides that rate here, as they are now. */
export const useGuides = (): readonly Guide[] => useSyncExternalStore(followGuides, allGuides, shippedOnly)
const shippedOnly = () => shippedGuides
