import { useEffect, useState, type RefObject } from 'react'

/** Where on the screen one reads, as a share of its height. */
const eye = 0.4

/**
 * Lets a paper follow the lines beside it while the page is scrolled: to the place of the line that one reads, where the
 * places are known, else by as large a share.
 *
 * @param lines what holds the lines, each marked by `data-line`
 * @param paper what the paper scrolls in
 * @returns the line that one reads, null while the caret is in one that is in sight
 */
export function useScrollTogether(
  lines: RefObject<HTMLElement | null>,
  paper: RefObject<HTMLElement | null>,
  places: boolean,
): string | null {
  const [passed, pass] = useState<string | null>(null)
  useEffect(() => {
    let asked = 0
    const follow = () => {
      asked = 0
      const [beside, scroller] = [lines.current, paper.current]
      if (!beside || !scroller) return
      const held = document.activeElement?.closest('[data-line]')
      if (held && beside.contains(held) && inSight(held)) return pass(null)
      if (places) return pass(lineAt(beside, window.innerHeight * eye))
      const { top, height } = beside.getBoundingClientRect()
      const way = height - window.innerHeight
      if (way > 0)
        scroller.scrollTop = Math.min(Math.max(-top / way, 0), 1) * (scroller.scrollHeight - scroller.clientHeight)
    }
    const ask = () => (asked ||= requestAnimationFrame(follow))
    window.addEventListener('scroll', ask, { passive: true })
    return () => {
      window.removeEventListener('scroll', ask)
      cancelAnimationFrame(asked)
    }
  }, [lines, paper, places])
  return passed
}

function inSight(element: Element): boolean {
  const { top, bottom } = element.getBoundingClientRect()
  return bottom > 0 && top < window.innerHeight
}

/** The line nearest to a height of the screen. */
function lineAt(beside: Element, height: number): string | null {
  const away = (line: Element) => Math.abs(line.getBoundingClientRect().top - height)
  const all = [...beside.querySelectorAll<HTMLElement>('[data-line]')]
  return (
    all.reduce<HTMLElement | null>((best, line) => (best && away(best) <= away(line) ? best : line), null)?.dataset
      .line ?? null
  )
}
