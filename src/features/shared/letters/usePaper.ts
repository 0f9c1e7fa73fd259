'use client'

import { useMemo } from 'react'
import type { Language } from '@/core/told/text'
import type { Paper } from '@/paper/paper'
import type { ClientWords } from '@/wording/languages'
import { useOpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'
import { useOffice } from '../office/useOffice'
import { useProgram } from '../years/useProgram'
import { paperFor, programFor, type Around } from './paper-for'
import type { Kept } from './useKept'

/** The letter as the open case gives it now. */
export function usePaper(words: ClientWords | null, language: Language, kept: readonly Kept[]): Paper | null {
  const { kase, recommendation } = useOpenCase()
  const { program } = useProgram()
  const around = useAround()
  return useMemo(() => {
    const before = kept.filter(({ given, paper }) => given.handed && paper?.language === language).at(-1)
    return words && paperFor(kase, recommendation, program, around, words, language, before?.paper)
  }, [kase, recommendation, program, around, words, language, kept])
}

/** The letter as the case would have given it on an earlier day: only what became of the case makes it another. */
export function usePaperOf(words: ClientWords | null, language: Language, from: string): Paper | null {
  const { kase, recommendation } = useOpenCase()
  const around = useAround()
  return useMemo(
    () =>
      words && paperFor(kase, recommendation, programFor(kase, recommendation, around, from), around, words, language),
    [kase, recommendation, around, words, language, from],
  )
}

function useAround(): Around {
  const [guides, products, office] = [useGuides(), useProducts(), useOffice()]
  return useMemo(() => ({ guides, products, office }), [guides, products, office])
}
