import { useEffect } from 'react'

/**
 * Lets the browser ask before the page is left, while something on it would be lost.
 *
 * @param active whether that may be so
 * @param unwritten whether it is, at that moment; the same function as long as it speaks of the same
 */
export function useAskOnLeaving(active: boolean, unwritten: () => boolean = always): void {
  useEffect(() => {
    if (!active) return
    const ask = (event: BeforeUnloadEvent) => unwritten() && event.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [active, unwritten])
}

const always = () => true
