'use client'

import { Filler, LinearScale, LineController, LineElement, PointElement, Tooltip, type ChartDataset } from 'chart.js'
import { Line } from 'react-chartjs-2'
import type { Course } from '@/core/plan/course'
import { dayAt } from '@/core/calendar/day'
import { dateWords, pHFigure, productWords, weight } from '@/wording/format'
import { useOpenCase } from '../../case/context'
import { ink, setChartType, wantedBand, yearAxis, yearsOf } from '../../shared/charts/chart'
import { en } from './messages'

setChartType(LineController, LineElement, PointElement, LinearScale, Tooltip, Filler)

interface Point {
  readonly x: number
  readonly y: number
  readonly words?: string
}
type Set = ChartDataset<'line', Point[]>

const moss = '#2f5a3d'
const clay = '#93401f'
const at = (day: string) => Date.parse(day)

/** Measured points, the expected course as a band, what was put on and is to be put on as marks below. */
export function CourseChart({ course, name, wanted }: { course: Course; name: string; wanted?: [number, number] }) {
  const { kase } = useOpenCase()
  const { measured, done, planned, spans } = course
  const all = [
    ...measured.map(({ pH }) => pH),
    ...spans.flatMap((span) => span.flatMap(({ low, high }) => [low, high])),
    ...(wanted ?? []),
  ]
  const [low, high] = [Math.floor(Math.min(...all) * 2) / 2 - 0.5, Math.ceil(Math.max(...all) * 2) / 2]
  const marks = (additions: Course['done'], isDone: boolean): Set => ({
    data: additions.map((one) => ({
      x: at(dayAt(one.day)),
      y: low + 0.18,
      words: `${isDone ? en.marks.done : en.marks.planned}: ${weight(one.lb, kase.measures)} ${productWords(one.product)}`,
    })),
    showLine: false,
    pointStyle: additions.map(({ of }) => (of === 'lime' ? 'triangle' : 'rectRot')),
    pointRadius: 7,
    pointHitRadius: 12,
    borderColor: additions.map(({ of }) => (of === 'lime' ? moss : clay)),
    backgroundColor: additions.map(({ of }) => (isDone ? (of === 'lime' ? moss : clay) : '#fffefa')),
    borderWidth: 2,
  })
  const ends = { pointRadius: 0, borderWidth: 0, pointHitRadius: 0 } as const
  const datasets: Set[] = [
    ...spans.flatMap((span): Set[] => [
      { ...ends, data: span.map(({ day, low: v }) => ({ x: at(day), y: v })) },
      {
        ...ends,
        data: span.map(({ day, high: v }) => ({ x: at(day), y: v })),
        fill: '-1',
        backgroundColor: 'rgb(51 82 107 / 0.24)',
      },
      {
        data: span.map(({ day, usual }) => ({ x: at(day), y: usual })),
        pointRadius: 0,
        borderColor: '#33526b',
        borderWidth: 1.5,
        borderDash: [5, 4],
      },
    ]),
    marks(done, true),
    marks(planned, false),
    {
      data: measured.map(({ day, pH }) => ({ x: at(day), y: pH, words: en.marks.measured })),
      showLine: false,
      pointRadius: 6,
      pointHitRadius: 12,
      borderColor: ink,
      backgroundColor: ink,
    },
  ]
  const days = [
    ...measured.map(({ day }) => day),
    ...[...done, ...planned].map(({ day }) => dayAt(day)),
    ...spans.flatMap((span) => span.slice(-1).map(({ day }) => day)),
  ]
  const years = yearsOf(days)
  return (
    <div className="h-64 max-w-4xl">
      <Line
        role="img"
        aria-label={en.chartWords(name, measured.map(({ day, pH }) => `${dateWords(day)} ${pHFigure(pH)}`).join(', '))}
        data={{ datasets }}
        plugins={[wantedBand(wanted)]}
        options={{
          animation: false,
          maintainAspectRatio: false,
          scales: {
            x: yearAxis(years),
            y: {
              min: low,
              max: high,
              title: { display: true, text: 'pH', color: ink },
              ticks: { color: ink, stepSize: 0.5 },
            },
          },
          plugins: {
            tooltip: {
              filter: ({ raw }) => (raw as Point).words !== undefined,
              callbacks: {
                title: ([item]) => (item ? dateWords(new Date(item.parsed.x!).toISOString().slice(0, 10)) : ''),
                label: ({ raw }) => {
                  const { words, y } = raw as Point
                  return words === en.marks.measured ? `${words} ${pHFigure(y)}` : (words ?? '')
                },
              },
            },
          },
        }}
      />
    </div>
  )
}
