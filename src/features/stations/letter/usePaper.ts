'use client'

import { useMemo } from 'react'
import type { Case } from '@/core/case/case'
import { letterOf } from '@/core/letter/letter'
import { whyOf } from '@/core/letter/why'
import { openDays, program, rulesTold, type Program } from '@/core/passes/program/program'
import { regionOf } from '@/core/passes/program/own-region'
import { noRules } from '@/core/passes/program/rule'
import type { Language } from '@/core/told/text'
import { paperOf } from '@/paper/build'
import type { Paper, PaperHead } from '@/paper/paper'
import { readPaper } from '@/paper/read'
import type { Office } from '@/schemas/office'
import type { ClientWords } from '@/wording/languages'
import { useOpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'
import { useJob } from '../../case/useJob'
import { useOffice } from '../../shared/office/useOffice'
import { useProgram } from '../../shared/years/useProgram'

/** A letter that was kept, read back. */
export interface Kept {
  readonly given: Case['letters'][number]
  /** Null where it cannot be read. */
  readonly paper: Paper | null
}

/** The letters of the open case as they were kept, oldest first. */
export function useKept(): readonly Kept[] {
  const { letters } = useOpenCase().kase
  return useMemo(() => letters.map((given) => ({ given, paper: readPaper(given.document) })), [letters])
}

/** The invented office of the samples heads none but their letters. */
export const headOf = (office: Office | null | undefined, sample: boolean): PaperHead | null =>
  office && (!office.sample || sample) && (office.name || office.disclaimer)
    ? {
        name: [office.name, office.region].filter(Boolean).join(', '),
        address: office.address,
        disclaimer: office.disclaimer,
      }
    : null

/** The letter as the open case gives it now. */
export function usePaper(words: ClientWords | null, language: Language, kept: readonly Kept[]): Paper | null {
  const { kase, recommendation } = useOpenCase()
  const { program: dated } = useProgram()
  const [guides, products, office] = [useGuides(), useProducts(), useOffice()]
  return useMemo(() => {
    if (!words) return null
    const letter = letterOf(kase, recommendation, products, openDays(dated), rulesTold(dated))
    if (letter.areas.length === 0) return null
    return paperOf(kase, {
      letter,
      why: kase.letter.why ? whyOf(kase, recommendation, dated, guides, products) : null,
      head: headOf(office, kase.sample),
      words,
      language,
      before: kept.filter(({ given, paper }) => given.handed && paper?.language === language).at(-1)?.paper ?? null,
    })
  }, [kase, recommendation, dated, guides, products, office, words, language, kept])
}

/** The letter as the case would have given it on an earlier day: only what became of the case makes it another. */
export function usePaperOf(words: ClientWords | null, language: Language, from: string): Paper | null {
  const { kase, recommendation } = useOpenCase()
  const [guides, products, office, job] = [useGuides(), useProducts(), useOffice(), useJob()]
  return useMemo(() => {
    if (!words) return null
    const dated: Program = program(kase, recommendation, job, guides, regionOf(kase), office ?? noRules, from, products)
    const letter = letterOf(kase, recommendation, products, openDays(dated), rulesTold(dated))
    return paperOf(kase, { letter, why: null, head: null, words, language, before: null })
  }, [kase, recommendation, guides, products, office, job, words, language, from])
}
