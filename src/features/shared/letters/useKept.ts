'use client'

import { useMemo } from 'react'
import type { Case } from '@/core/case/case'
import type { Paper } from '@/paper/paper'
import { readPaper } from '@/paper/read'
import { useOpenCase } from '../../case/context'

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
