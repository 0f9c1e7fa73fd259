import { workerLost } from '@/workers/watched-worker'

/**
 * Parts of the app that come after the page they belong to. On a page that stayed open while a new version took its place
 * they may be gone from the server; then the page says so, and nothing else of it breaks.
 */
let lost = false
const listeners = new Set<() => void>()

/** A part did not come. */
export function partLost(): void {
  lost = true
  listeners.forEach((listener) => listener())
}

export const isPartLost = (): boolean => lost

export function onPartLost(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

if (typeof window !== 'undefined') window.addEventListener(workerLost, partLost)

// A script or style sheet that does not come is told to nobody but who catches it on the way down.
if (typeof window !== 'undefined')
  window.addEventListener(
    'error',
    ({ target }) => {
      if (target instanceof HTMLScriptElement || target instanceof HTMLLinkElement) partLost()
    },
    true,
  )
