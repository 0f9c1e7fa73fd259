'use client'

import { useSyncExternalStore } from 'react'

/** What is laid over whichever page is open: the command box, or the keys of the place. */
export type Opened = 'box' | 'keys' | null

let opened: Opened = null
const listeners = new Set<() => void>()

export function openCommand(next: Opened): void {
  opened = next
  listeners.forEach((tell) => tell())
}

const follow = (tell: () => void) => {
  listeners.add(tell)
  return () => void listeners.delete(tell)
}

export const useOpened = (): Opened =>
  useSyncExternalStore(
    follow,
    () => opened,
    () => null,
  )
