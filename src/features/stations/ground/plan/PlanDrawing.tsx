import type { Area } from '@/core/case/area'
import { ringsOf } from '@/core/case/outline'
import { groundOf } from '@/core/ground/plan/plan-size'
import type { Point } from '@/core/geometry/polygon'
import { coreSpots } from '@/core/sampling/spots'
import { length, type Measures } from '@/wording/format'
import { pathOf } from '../path'
import { extentOf } from './drawing'
import { look } from './look'
import { barOf } from './Marks'
import { en } from './messages'

/** Scales that a sheet of paper is drawn to: ft to the inch, or 1 to so many. */
const feetToInch = [1, 2, 3, 4, 5, 8, 10, 15, 20, 30, 40, 50, 60, 80, 100, 150, 200, 300, 400, 500, 1_000, 2_000, 5_000]
const ratios = [
  10, 20, 25, 50, 75, 100, 150, 200, 250, 300, 400, 500, 750, 1_000, 1_500, 2_000, 2_500, 5_000, 10_000, 25_000,
]
const dotsPerInch = 96
const inchesPerFoot = 12

export interface Numbered {
  readonly at: Point
  readonly n: number
}

interface Props {
  areas: readonly Pick<Area, 'id' | 'name' | 'shapes'>[]
  north: number
  measures: Measures
  /** The room there is for it, in. */
  width: number
  height: number
  /** Cores in walking order. */
  spots?: readonly Numbered[]
  label: string
}

/** The scale at which ground of this extent fits, ft to the inch. */
export function scaleFor(
  wide: number,
  high: number,
  { width, height, measures }: Pick<Props, 'width' | 'height' | 'measures'>,
) {
  const fits = (feet: number) => wide / feet <= width && high / feet <= height
  if (measures === 'feet') {
    const feet = feetToInch.find(fits) ?? Math.ceil(Math.max(wide / width, high / height))
    return { feet, words: en.stated(feet) }
  }
  const ratio =
    ratios.find((one) => fits(one / inchesPerFoot)) ?? Math.ceil(Math.max(wide / width, high / height) * inchesPerFoot)
  return { feet: ratio / inchesPerFoot, words: en.statedMetric(ratio) }
}

/** The plan to a stated scale, for paper and pictures: it carries its colours itself. */
export function PlanDrawing({ areas, north, measures, width, height, spots = [], label }: Props) {
  const [west, south, east, north_] = extentOf(areas.flatMap(({ shapes }) => shapes.map(({ outline }) => outline)))
  const scale = scaleFor(east - west, north_ - south, { width: width - 0.3, height: height - 0.75, measures })
  const dots = dotsPerInch / scale.feet
  const [w, h] = [width * dotsPerInch, height * dotsPerInch]
  const [cx, cy] = [(west + east) / 2, (south + north_) / 2]
  const place = ([x, y]: Point): Point => [w / 2 + (x - cx) * dots, (h - 44) / 2 - (y - cy) * dots]
  const bar = barOf(dots, measures, 150)
  const grounds = areas.map((area) => ({ area, ground: groundOf(area.shapes) }))
  const walk = spots.map(({ at }) => place(at).join(' ')).join('L')
  return (
    <svg
      xmlns="http://www.w3.org/2000/svg"
      width={`${width}in`}
      height={`${height}in`}
      viewBox={`0 0 ${w} ${h}`}
      role="img"
      aria-label={label}
      fontFamily="'Source Sans 3 Variable', 'Segoe UI', sans-serif"
      className="max-w-full"
    >
      <rect width={w} height={h} fill="#fff" />
      {grounds.map(({ area: { id, shapes }, ground }) => (
        <g key={id} stroke={look.ink} strokeWidth="1.2">
          <path d={pathOf(ground, place)} fillRule="evenodd" fill={look.wash} />
          {shapes
            .filter(({ hole }) => hole)
            .map(({ id: shapeId, outline }) => (
              <path key={shapeId} d={pathOf([ringsOf(outline)], place)} fill="none" strokeDasharray="5 3" />
            ))}
        </g>
      ))}
      {spots.length > 1 && (
        <path d={`M${walk}`} fill="none" stroke={look.slate} strokeWidth="1.2" strokeDasharray="3 4" />
      )}
      {spots.length === 0 &&
        grounds.map(({ area: { id, name }, ground }) => {
          const [spot] = coreSpots(ground, 1, 1)
          if (!spot) return null
          const [x, y] = place(spot)
          return (
            <text key={id} x={x} y={y + 5} textAnchor="middle" fontSize="14" fill={look.ink}>
              {name}
            </text>
          )
        })}
      {spots.map(({ at, n }) => {
        const [x, y] = place(at)
        return (
          <g key={n}>
            <circle cx={x} cy={y} r="9.5" fill="#fff" stroke={look.ink} strokeWidth="1.5" />
            <text x={x} y={y + 4.5} textAnchor="middle" fontSize="12.5" fontWeight="600" fill={look.ink}>
              {n}
            </text>
          </g>
        )
      })}
      <g transform={`translate(${w - 34} 4) rotate(${north} 17 20)`}>
        <path d="M17 4l7 26l-7-6l-7 6z" fill="#fff" stroke={look.ink} strokeWidth="1.4" />
        <path d="M17 4l-7 26l7-6z" fill={look.ink} />
      </g>
      <path d={`M4 ${h - 16}v8h${bar.pixels}v-8`} fill="none" stroke={look.ink} strokeWidth="2" />
      <text x="4" y={h - 22} fontSize="13" fontWeight="600" fill={look.ink}>
        {en.scaleBar(bar.length, measures)}
      </text>
      <text x={bar.pixels + 22} y={h - 8} fontSize="13" fill={look.ink2}>
        {scale.words}; {length(east - west, measures)} × {length(north_ - south, measures)}
      </text>
    </svg>
  )
}
