'use client'

import { useCallback, useMemo, useSyncExternalStore } from 'react'
import { guides } from '@/core/guides/guides'
import { recommend } from '@/core/recommend'
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
export const useRecommendation = (kase: Case) => useMemo(() => recommend(kase, guides), [kase])
