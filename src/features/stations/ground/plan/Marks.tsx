import { feetPerMetre } from '@/core/units/factors'
import type { Measures } from '@/wording/format'
import { en } from './messages'

/** Where north is. */
export function NorthArrow({ north, className }: { north: number; className?: string }) {
  return (
    <svg width="34" height="40" viewBox="0 0 34 40" role="img" aria-label={en.north} className={className}>
      <g transform={`rotate(${north} 17 20)`}>
        <path d="M17 4l7 26l-7-6l-7 6z" className="fill-sheet stroke-ink" strokeWidth="1.4" />
        <path d="M17 4l-7 26l7-6z" className="fill-ink" />
      </g>
    </svg>
  )
}

const round = [0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1_000, 2_000, 5_000, 10_000] as const

/** A round length of about so many pixels, in the unit that is spoken. */
export function barOf(pixelsPerFoot: number, measures: Measures, wish: number): { length: number; pixels: number } {
  const pixelsPerUnit = measures === 'feet' ? pixelsPerFoot : pixelsPerFoot * feetPerMetre
  const length = [...round].reverse().find((one) => one * pixelsPerUnit <= wish) ?? round[0]
  return { length, pixels: length * pixelsPerUnit }
}

export function ScaleBar({
  pixelsPerFoot,
  measures,
  className,
}: {
  pixelsPerFoot: number
  measures: Measures
  className?: string
}) {
  const { length, pixels } = barOf(pixelsPerFoot, measures, 140)
  return (
    <svg width={pixels + 4} height="28" className={className} role="img" aria-label={en.scaleBar(length, measures)}>
      <text x={2} y="12" className="fill-ink text-[12.5px] font-semibold">
        {en.scaleBar(length, measures)}
      </text>
      <path d={`M2 17v7h${pixels}v-7`} fill="none" className="stroke-ink" strokeWidth="2" />
    </svg>
  )
}
