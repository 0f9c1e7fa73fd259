import { useEffect, useRef, useState } from 'react'
import { flushSync } from 'react-dom'

/** Whether something has come near the window yet: of many areas only those are drawn. */
export function useSeen<E extends HTMLElement = HTMLElement>() {
  const ref = useRef<E>(null)
  const [seen, setSeen] = useState(false)
  useEffect(() => {
    const watching = new IntersectionObserver(
      ([entry]) => {
        if (entry?.isIntersecting) setSeen(true)
      },
      { rootMargin: '400px' },
    )
    if (ref.current) watching.observe(ref.current)
    // On paper everything is in sight.
    const print = () => flushSync(() => setSeen(true))
    window.addEventListener('beforeprint', print)
    return () => {
      watching.disconnect()
      window.removeEventListener('beforeprint', print)
    }
  }, [])
  return [ref, seen] as const
}
