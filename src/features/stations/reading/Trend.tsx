'use client'

import { Suspense, useMemo, useState } from 'react'
import type { MeasuredField } from '@/core/report/tests'
import type { AreaInSeason } from '@/core/case/in-season'
import type { Crop } from '@/core/guides/crop'
import type { ReadingLine } from '@/core/reading/lines'
import { trendOf, type TrendSeries } from '@/core/reading/trend'
import { useOpenCase } from '../../case/context'
import { en } from './messages'
import { late } from '../../shared/late/late'

const TrendSheet = late(() => import('./TrendSheet').then((found) => found.TrendSheet))

interface Props {
  field: MeasuredField | undefined
  area: AreaInSeason
  crop: Crop
  line: ReadingLine
  name: string
}

const width = 96
const height = 26
const inset = 4

/** Earlier reports of this line, small; larger on request. Values that cannot be compared are not joined. */
export function Trend({ field, area, crop, line, name }: Props) {
  const { kase } = useOpenCase()
  const [larger, show] = useState(false)
  const series = useMemo(() => (field ? trendOf(field, area, kase.reports) : []), [field, area, kase.reports])
  const points = series.flatMap((one) => one.points)
  if (points.length < 2 || new Set(points.map(({ date }) => date)).size < 2) return null
  return (
    <>
      <button
        type="button"
        aria-label={en.trendLarger(name)}
        title={en.trendLarger(name)}
        onClick={() => show(true)}
        className="border-rule hover:border-ink mt-1 cursor-pointer rounded-[3px] border"
      >
        <Spark series={series} />
      </button>
      {larger && (
        <Suspense>
          <TrendSheet name={name} series={series} crop={crop} line={line} onClose={() => show(false)} />
        </Suspense>
      )}
    </>
  )
}

function Spark({ series }: { series: readonly TrendSeries[] }) {
  const days = series.flatMap(({ points }) => points.map(({ date }) => Date.parse(date)))
  const [first, last] = [Math.min(...days), Math.max(...days)]
  const x = (date: string) => inset + ((Date.parse(date) - first) / (last - first || 1)) * (width - 2 * inset)
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
      {series.map(({ points, by, unit }, i) => {
        // Series of different methods have scales of their own: one is never seen as higher than the other.
        const values = points.map(({ v }) => v)
        const [low, high] = [Math.min(...values), Math.max(...values)]
        const y = (v: number) =>
          high === low ? height / 2 : height - inset - ((v - low) / (high - low)) * (height - 2 * inset)
        return (
          <g
            key={`${by.en}${unit}`}
            className="stroke-ink-2"
            strokeWidth="1.3"
            fill="none"
            strokeDasharray={i > 0 ? '3 2' : undefined}
          >
            {points.length > 1 && <polyline points={points.map(({ date, v }) => `${x(date)},${y(v)}`).join(' ')} />}
            {points.map(({ date, v, reportId }) =>
              i === 0 ? (
                <circle key={reportId} cx={x(date)} cy={y(v)} r="2.2" className="fill-ink stroke-none" />
              ) : (
                <rect
                  key={reportId}
                  x={x(date) - 2.4}
                  y={y(v) - 2.4}
                  width="4.8"
                  height="4.8"
                  className="fill-sheet stroke-ink"
                  strokeDasharray="none"
                />
              ),
            )}
          </g>
        )
      })}
    </svg>
  )
}
