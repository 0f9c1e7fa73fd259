'use client'

import { useEffect, useSyncExternalStore } from 'react'

/** Papers that were dropped on an open case, until its results take them. */
let waiting: readonly File[] = []
const listeners = new Set<() => void>()

const set = (files: readonly File[]) => {
  waiting = files
  listeners.forEach((tell) => tell())
}

export const dropPapers = (files: readonly File[]): void => set([...waiting, ...files])

const subscribe = (tell: () => void) => {
  listeners.add(tell)
  return () => void listeners.delete(tell)
}

/** How many wait, and each handed out once. */
export function useDroppedPapers(take: ((file: File) => void) | null): number {
  const files = useSyncExternalStore(
    subscribe,
    () => waiting,
    () => waiting,
  )
  useEffect(() => {
    const [first, ...rest] = files
    if (!first || !take) return
    set(rest)
    take(first)
  }, [files, take])
  return files.length
}
