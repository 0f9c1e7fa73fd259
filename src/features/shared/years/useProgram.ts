'use client'

import { useMemo } from 'react'
import type { Case } from '@/core/case/case'
import type { Region } from '@/core/guides/regions'
import { regionOf } from '@/core/passes/program/own-region'
import { noRules } from '@/core/passes/program/rule'
import { programOf } from '@/core/passes/program/of-case'
import type { Program } from '@/core/passes/program/program'
import { useOpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'
import { useJob } from '../../case/useJob'
import { useOffice } from '../office/useOffice'
import { today } from '../today'

export interface Dating {
  readonly program: Program
  readonly region: Region
  /** The program as it would be with other decisions. */
  readonly tried: (decisions: Case['decisions']) => Program
}

/** The days of the open case's job. */
export function useProgram(): Dating {
  const { kase, recommendation } = useOpenCase()
  const [guides, products, office] = [useGuides(), useProducts(), useOffice()]
  const rules = office ?? noRules
  const done = useJob()
  const from = today()
  return useMemo(() => {
    const tried = (decisions: Case['decisions']) =>
      programOf({ ...kase, decisions }, recommendation, { guides, products, rules }, from, done)
    return { program: tried(kase.decisions), region: regionOf(kase), tried }
  }, [kase, recommendation, done, products, guides, rules, from])
}
