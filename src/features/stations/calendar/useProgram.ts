'use client'

import { useMemo } from 'react'
import type { Case } from '@/core/case/case'
import { regionFor, type Region } from '@/core/guides/regions'
import { job } from '@/core/passes/job'
import { program, type Program } from '@/core/passes/program/program'
import { useOpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'
import { useOffice } from '../../shared/office/useOffice'
import { today } from '../../shared/today'

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
  const closed = office?.closedTimes
  const from = today()
  return useMemo(() => {
    const region = regionFor(kase.region, kase.climate)
    const done = job(kase, recommendation, products)
    const tried = (decisions: Case['decisions']) =>
      program({ ...kase, decisions }, recommendation, done, guides, region, closed ?? [], from)
    return { program: tried(kase.decisions), region, tried }
  }, [kase, recommendation, products, guides, closed, from])
}
