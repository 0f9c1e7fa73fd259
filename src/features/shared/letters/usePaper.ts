'use client'

import { useMemo } from 'react'
import type { Plan } from '@/core/plan/plan'
import type { Language } from '@/core/sentence/text'
import type { Paper } from '@/paper/paper'
import type { ClientWords } from '@/wording/languages'
import { useOpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'
import { useOffice } from '../office/useOffice'
import { paperFor, type Around } from './paper-for'
import type { Kept } from './useKept'

/** The letter of a plan of the open case, beside the last one that was handed out before. */
export function usePaper(
  plan: Plan | null,
  words: ClientWords | null,
  language: Language,
  kept: readonly Kept[],
): Paper | null {
  const { kase } = useOpenCase()
  const around = useAround()
  return useMemo(() => {
    const before = kept.filter(({ given, paper }) => given.handed && paper?.language === language).at(-1)
    return plan && words && paperFor(kase, plan, around, words, language, before?.paper)
  }, [kase, plan, around, words, language, kept])
}

function useAround(): Around {
  const [guides, products, office] = [useGuides(), useProducts(), useOffice()]
  return useMemo(() => ({ guides, products, office }), [guides, products, office])
}
