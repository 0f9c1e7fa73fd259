import { useCallback, useEffect, useState, type RefObject } from 'react'
import type { Point } from '@/core/geometry/polygon'

/** Which part of the ground is in sight: the middle, ft, and the scale. */
export interface PlanView {
  readonly x: number
  readonly y: number
  readonly pixelsPerFoot: number
}

const [least, most] = [0.02, 200] as const
const within = (scale: number) => Math.min(most, Math.max(least, scale))

type Extent = readonly [west: number, south: number, east: number, north: number]

const fitted = ([west, south, east, north]: Extent, width: number, height: number): PlanView => ({
  x: (west + east) / 2,
  y: (south + north) / 2,
  pixelsPerFoot: within(0.86 * Math.min(width / Math.max(east - west, 1), height / Math.max(north - south, 1))),
})

/** Pan, zoom and fit. */
export function usePlanView(holder: RefObject<HTMLElement | null>, extent: () => Extent, height: number) {
  const width = useWidth(holder)
  const [view, setView] = useState<PlanView | null>(null)
  const shown = view ?? fitted(extent(), width || 800, height)
  return {
    width,
    view: shown,
    pan: (dx: number, dy: number) =>
      setView({ ...shown, x: shown.x - dx / shown.pixelsPerFoot, y: shown.y + dy / shown.pixelsPerFoot }),
    /** Keeps the ground under the pointer where it is. */
    zoom: (factor: number, at: Point = [width / 2, height / 2]) => {
      const [x, y] = toGround(at, shown, width, height)
      const pixelsPerFoot = within(shown.pixelsPerFoot * factor)
      setView({
        pixelsPerFoot,
        x: x - (at[0] - width / 2) / pixelsPerFoot,
        y: y + (at[1] - height / 2) / pixelsPerFoot,
      })
    },
    fit: useCallback(() => setView(null), []),
    /** Stays as it is, whatever is drawn from now on. */
    hold: () => setView(shown),
    ground: (at: Point) => toGround(at, shown, width, height),
  }
}

const toGround = (at: Point, view: PlanView, width: number, height: number): Point => [
  view.x + (at[0] - width / 2) / view.pixelsPerFoot,
  view.y - (at[1] - height / 2) / view.pixelsPerFoot,
]

function useWidth(of: RefObject<HTMLElement | null>): number {
  const [width, setWidth] = useState(0)
  useEffect(() => {
    if (!of.current) return
    const observer = new ResizeObserver(([entry]) => setWidth(Math.floor(entry!.contentRect.width)))
    observer.observe(of.current)
    return () => observer.disconnect()
  }, [of])
  return width
}
