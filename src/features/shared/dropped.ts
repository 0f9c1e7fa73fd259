'use client'

import { useEffect, useSyncExternalStore } from 'react'

/** Files that were dropped, until what they were dropped on takes them: a case by its id, or the intake. */
let waiting: ReadonlyMap<string, readonly File[]> = new Map()
const listeners = new Set<() => void>()
const none: readonly File[] = []

export const intake = 'intake'

const set = (on: string, files: readonly File[]) => {
  waiting = new Map(waiting).set(on, files)
  listeners.forEach((tell) => tell())
}

export const dropOn = (on: string, files: readonly File[]): void => set(on, [...(waiting.get(on) ?? none), ...files])

const subscribe = (tell: () => void) => {
  listeners.add(tell)
  return () => void listeners.delete(tell)
}

/** How many wait there; each is handed out once, while somebody can take one. */
export function useDropped(on: string, take: ((file: File) => void) | null): number {
  const now = () => waiting.get(on) ?? none
  const files = useSyncExternalStore(subscribe, now, now)
  useEffect(() => {
    const [first, ...rest] = files
    if (!first || !take) return
    set(on, rest)
    take(first)
  }, [files, take, on])
  return files.length
}
