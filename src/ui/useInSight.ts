import { useWindowVirtualizer, type Virtualizer } from '@tanstack/react-virtual'
import { useCallback, useState } from 'react'

/** Of a long list only what is in sight of the window: its items, and the room above and below them, px. */
export function useInSight(count: number, height: number, keyOf: (i: number) => string | number) {
  const [top, setTop] = useState(0)
  const list = useCallback((element: HTMLElement | null) => setTop(element?.offsetTop ?? 0), [])
  const rows: Virtualizer<Window, Element> = useWindowVirtualizer({
    count,
    estimateSize: () => height,
    overscan: 8,
    getItemKey: keyOf,
    scrollMargin: top,
  })
  const items = rows.getVirtualItems()
  return {
    list,
    items,
    measure: rows.measureElement,
    above: (items[0]?.start ?? top) - top,
    below: rows.getTotalSize() - ((items.at(-1)?.end ?? top) - top),
  }
}
