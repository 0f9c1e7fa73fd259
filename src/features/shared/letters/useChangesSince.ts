'use client'

import { useMemo } from 'react'
import { coreVersion } from '@/core/recommend'
import { changesBetween, type LetterChanges } from '@/wording/changes'
import { useOpenCase } from '../../case/context'
import { useWords } from '../language/useWords'
import { hashOf } from './handing'
import type { Kept } from './useKept'
import { usePlanOf } from '../plan/usePlan'
import { usePaper } from './usePaper'

const noneKept: readonly Kept[] = []
const none: LetterChanges = { amounts: [], reasons: [] }

/**
 * What the open case would say otherwise than a letter that was kept; null while that is not known, or where either of
 * them cannot be read. From the same inputs it says the same, and nothing is worked out anew.
 */
export function useChangesSince({ given, paper }: Kept): LetterChanges | null {
  const { kase } = useOpenCase()
  const { core, inputs, language, at } = given
  const same = useMemo(() => core === coreVersion && inputs === hashOf(kase), [core, inputs, kase])
  const words = useWords(language)
  // The days as they were counted then: that time went by changes nothing.
  const now = usePaper(usePlanOf(same ? null : at.slice(0, 10)), words, language, noneKept)
  return useMemo(
    () => (same ? none : now && paper ? changesBetween(paper.letter, now.letter) : null),
    [same, now, paper],
  )
}
