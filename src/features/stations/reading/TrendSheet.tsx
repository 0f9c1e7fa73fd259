'use client'

import { LinearScale, LineController, LineElement, PointElement, Tooltip, type ChartDataset } from 'chart.js'
import { Line } from 'react-chartjs-2'
import type { Crop } from '@/core/guides/crop'
import type { ReadingLine } from '@/core/reading/lines'
import { wantedIn, type TrendSeries } from '@/core/reading/trend'
import { Sheet } from '@/ui/Sheet'
import { dateWords, figure } from '@/wording/format'
import { textOf } from '@/wording/render'
import { ink, setChartType, wantedBand, yearAxis, yearsOf } from '../../shared/charts/chart'
import { en } from './messages'

setChartType(LineController, LineElement, PointElement, LinearScale, Tooltip)

interface Props {
  name: string
  series: readonly TrendSeries[]
  crop: Crop
  line: ReadingLine
  onClose: () => void
}

const inks = [ink, '#33526b', '#93401f', '#2f5a3d']
const marks = ['circle', 'rect', 'triangle', 'rectRot'] as const

/** One value over the years, with what is wanted behind it, a line for each method. */
export function TrendSheet({ name, series, crop, line, onClose }: Props) {
  const unit = series[0]!.unit
  const span = wantedIn(line, unit)
  const datasets: ChartDataset<'line', { x: number; y: number }[]>[] = series.map(({ by, points }, i) => ({
    label: textOf(by),
    data: points.map(({ date, v }) => ({ x: Date.parse(date), y: v })),
    borderColor: inks[i % inks.length],
    backgroundColor: inks[i % inks.length],
    borderDash: i > 0 ? [5, 4] : undefined,
    pointStyle: marks[i % marks.length],
    pointRadius: 6,
    borderWidth: 2,
  }))
  const values = series.flatMap(({ points }) => points.map(({ v }) => v))
  const ends = [...values, ...(span ?? []).flatMap((end) => end ?? [])]
  const room = (Math.max(...ends) - Math.min(...ends)) * 0.15 || Math.max(...ends) * 0.1
  const years = yearsOf(series.flatMap(({ points }) => points.map(({ date }) => date)))
  const band = wantedBand(span)
  return (
    <Sheet title={en.trend(name)} onClose={onClose}>
      <p className="text-ink-2 mt-1">
        {span && en.wantedBand(textOf(crop.label))} {series.length > 1 && en.trendNote}
      </p>
      <div className="mt-3 h-72">
        <Line
          aria-label={en.trend(name)}
          role="img"
          data={{ datasets }}
          plugins={[band]}
          options={{
            animation: false,
            maintainAspectRatio: false,
            scales: {
              x: yearAxis(years),
              y: {
                suggestedMin: Math.max(0, Math.min(...ends) - room),
                suggestedMax: Math.max(...ends) + room,
                title: { display: unit !== '', text: unit, color: ink },
                ticks: { color: ink },
              },
            },
            plugins: {
              tooltip: {
                callbacks: {
                  title: ([item]) => dateWords(new Date(item!.parsed.x!).toISOString()),
                  label: ({ parsed, dataset }) =>
                    [`${figure(parsed.y!)} ${unit}`, dataset.label].filter(Boolean).join(', '),
                },
              },
            },
          }}
        />
      </div>
      <table className="mt-3 w-full border-collapse text-[15px] tabular-nums">
        <thead>
          <tr className="text-ink-2 border-ink border-b text-left text-[13px]">
            <th scope="col" className="py-1 font-normal">
              {en.trendDate}
            </th>
            <th scope="col" className="text-right font-normal">
              {en.trendValue}
            </th>
            <th scope="col" className="pl-6 font-normal">
              {en.trendBy}
            </th>
          </tr>
        </thead>
        <tbody>
          {series.flatMap(({ by, unit: own, points }) =>
            points.map(({ date, v, reportId }) => (
              <tr key={`${by.en}${reportId}`} className="border-rule border-b">
                <td className="py-1">{dateWords(date)}</td>
                <td className="text-right font-semibold">{`${figure(v)} ${own}`}</td>
                <td className="pl-6">{textOf(by)}</td>
              </tr>
            )),
          )}
        </tbody>
      </table>
    </Sheet>
  )
}
