'use client'

import clsx from 'clsx'
import { groundOf } from '@/core/ground/plan/plan-size'
import type { Point } from '@/core/geometry/polygon'
import { boxOf } from '@/core/case/outline'
import { Button } from '@/ui/Button'
import { useOpenCase } from '../../case/context'
import { pathOf } from './path'
import { en } from './plan/messages'
import { NorthArrow, ScaleBar } from './plan/Marks'

/** Room for it, in pixels. */
const [wide, high, margin] = [340, 380, 14]

/** The ground as it is drawn, beside what is known of it. Nothing where nothing is drawn. */
export function PlanGlance({ onDraw }: { onDraw: () => void }) {
  const { kase, area: here, selectArea } = useOpenCase()
  const drawn = kase.areas.map((area) => ({ area, ground: groundOf(area.shapes) }))
  const points = drawn.flatMap(({ ground }) => ground.flat(2))
  if (points.length === 0) return null
  const [west, south, east, north] = boxOf(points)
  const pixelsPerFoot = Math.min((wide - 2 * margin) / (east - west || 1), (high - 90) / (north - south || 1))
  const tall = (north - south) * pixelsPerFoot
  const place = ([x, y]: Point): Point => [
    wide / 2 + (x - (west + east) / 2) * pixelsPerFoot,
    50 + tall / 2 - (y - (south + north) / 2) * pixelsPerFoot,
  ]
  return (
    <figure className="relative hidden w-[340px] @4xl:block" aria-label={en.glance}>
      <div className="border-edge bg-sheet sticky top-3 border">
        <svg width={wide} height={tall + 100} role="img" aria-label={en.glance}>
          {drawn.map(({ area, ground }) => (
            <path
              key={area.id}
              d={pathOf(ground, place)}
              fillRule="evenodd"
              onClick={() => selectArea(area.id)}
              className={clsx(
                'stroke-ink cursor-pointer',
                area.id === here?.id ? 'fill-chalk' : 'fill-wash hover:fill-margin',
              )}
              strokeWidth={area.id === here?.id ? 2.5 : 1.2}
            >
              <title>{area.name}</title>
            </path>
          ))}
        </svg>
        <NorthArrow north={kase.plan.north} className="absolute top-2 right-2" />
        <ScaleBar pixelsPerFoot={pixelsPerFoot} measures={kase.measures} className="absolute bottom-2 left-3" />
        <Button kind="text" className="absolute right-3 bottom-1.5" onClick={onDraw}>
          {en.draw}
        </Button>
      </div>
    </figure>
  )
}
