'use client'

import { useEffect, useMemo, useState } from 'react'
import type { Plan } from '@/core/plan/plan'
import type { Language } from '@/core/sentence/text'
import type { Paper } from '@/paper/paper'
import type { ClientWords } from '@/wording/languages'
import { useOpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'
import { useOffice } from '../office/useOffice'
import { partLost } from '../late/lost-parts'
import { paperFor, type Around, type WhyFor } from './paper-for'
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
  const whyFor = useWhyFor(kase.letter.why)
  return useMemo(() => {
    const before = kept.filter(({ given, paper }) => given.handed && paper?.language === language).at(-1)
    // Without the page that it was asked for it is no letter yet.
    if (!plan || !words || (kase.letter.why && !whyFor)) return null
    return paperFor(kase, plan, around, words, language, before?.paper, whyFor)
  }, [kase, plan, around, words, language, kept, whyFor])
}

/** What makes the page of reasons, once it was asked for and has come. */
function useWhyFor(asked: boolean): WhyFor | null {
  const [whyFor, setWhyFor] = useState<WhyFor | null>(null)
  useEffect(() => {
    if (asked && !whyFor) import('./why-for').then((found) => setWhyFor(() => found.whyFor), partLost)
  }, [asked, whyFor])
  return whyFor
}

function useAround(): Around {
  const [guides, products, office] = [useGuides(), useProducts(), useOffice()]
  return useMemo(() => ({ guides, products, office }), [guides, products, office])
}
