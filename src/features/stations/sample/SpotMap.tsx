'use client'

import { isMember, type Members } from '@/core/case/members'
import { boxOf } from '@/core/case/outline'
import type { Outlined } from '@/core/ground/area-ground'
import type { Point } from '@/core/geometry/polygon'
import { pathOf } from '../ground/path'

interface Props {
  outlines: readonly Outlined[]
  spots: readonly { readonly at: Point }[]
  /** Positions of spots that are done. */
  done?: Members
  /** The one that is next. */
  here?: number
  width: number
  /** At most so high; wide ground takes less. */
  height: number
  label: string
}

/** The ground with its numbered spots and the way between them. Areas whose place nobody drew stand side by side. */
export function SpotMap({ outlines, spots, done = {}, here, width, height: most, label }: Props) {
  const points = outlines.flatMap(({ ground }) => ground.flat(2))
  if (points.length === 0) return null
  const [west, south, east, north] = boxOf(points)
  const margin = 14
  const wide = (width - 2 * margin) / Math.max(east - west, 1)
  const height = Math.min(most, Math.max(90, (north - south) * wide + 2 * margin))
  const scale = Math.min(
    (width - 2 * margin) / Math.max(east - west, 1),
    (height - 2 * margin) / Math.max(north - south, 1),
  )
  const place = ([x, y]: Point): Point => [
    width / 2 + (x - (west + east) / 2) * scale,
    height / 2 - (y - (south + north) / 2) * scale,
  ]
  const size = Math.max(5, Math.min(10, nearestOf(spots.map(({ at }) => place(at))) * 0.46))
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={label}
      className="max-w-full"
    >
      {outlines.map(({ areaId, ground, true: known }) => (
        <path
          key={areaId}
          d={pathOf(ground, place)}
          fillRule="evenodd"
          className="fill-wash stroke-ink"
          strokeWidth="1.3"
          strokeDasharray={known ? undefined : '5 4'}
        />
      ))}
      {spots.length > 1 && (
        <path
          d={`M${spots.map(({ at }) => place(at).join(' ')).join('L')}`}
          fill="none"
          className="stroke-slate"
          strokeWidth="1.2"
          strokeDasharray="2 4"
        />
      )}
      {spots.map(({ at }, i) => {
        const [x, y] = place(at)
        const ticked = isMember(done, i)
        return (
          <g key={i}>
            <circle
              cx={x}
              cy={y}
              r={i === here ? size + 4 : size}
              className={
                ticked ? 'fill-moss stroke-moss' : i === here ? 'fill-brim stroke-ink' : 'fill-sheet stroke-ink'
              }
              strokeWidth={i === here ? 2.5 : 1.4}
            />
            {ticked ? (
              <path d={`M${x - 4} ${y}l3 3l5 -6`} fill="none" stroke="#fff" strokeWidth="2" />
            ) : (
              <text x={x} y={y + size * 0.4} textAnchor="middle" className="fill-ink font-semibold" fontSize={size + 2}>
                {i + 1}
              </text>
            )}
          </g>
        )
      })}
    </svg>
  )
}

/** The least distance between two of them. */
const nearestOf = (points: readonly Point[]): number =>
  Math.min(
    ...points.flatMap(([x, y], i) => points.slice(i + 1).map(([px, py]) => Math.hypot(x - px, y - py))),
    Infinity,
  )
