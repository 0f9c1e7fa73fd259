'use client'

import { useMemo } from 'react'
import { job, type Job } from '@/core/passes/job'
import { useOpenCase } from './context'
import { useProducts } from './useCase'

/** What is put on the ground of the open case: the plan, and what of it is left. */
export function useJob(): Job {
  const { kase, recommendation } = useOpenCase()
  const products = useProducts()
  return useMemo(() => job(kase, recommendation, products), [kase, recommendation, products])
}
