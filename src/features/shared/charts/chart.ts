import { Chart, type ChartOptions, type Plugin } from 'chart.js'

type LinearAxis = NonNullable<NonNullable<ChartOptions<'line'>['scales']>['x']>

export const ink = '#20281f'

/** Sets the letters of every chart; whoever draws one registers its parts. */
export function setChartType(...parts: Parameters<typeof Chart.register>): void {
  Chart.register(...parts)
  Chart.defaults.font.family = "'Source Sans 3 Variable', sans-serif"
  Chart.defaults.font.size = 14
}

/** What is wanted, as a band behind the lines; an end that is open runs to the edge. */
export const wantedBand = (span: readonly [number | null, number | null] | undefined): Plugin<'line'> => ({
  id: 'wanted',
  beforeDatasetsDraw({ ctx, chartArea, scales }) {
    if (!span) return
    const y = (v: number | null, open: number) => (v === null ? open : scales.y!.getPixelForValue(v))
    const [top, bottom] = [y(span[1], chartArea.top), y(span[0], chartArea.bottom)]
    ctx.fillStyle = 'rgb(185 200 190 / 0.5)'
    ctx.fillRect(chartArea.left, top, chartArea.right - chartArea.left, bottom - top)
  },
})

/** The turns of the years around some days, ms. */
export function yearsOf(dates: readonly string[]): number[] {
  const all = dates.map((date) => Number(date.slice(0, 4)))
  const [first, last] = [Math.min(...all), Math.max(...all) + 1]
  return Array.from({ length: last - first + 1 }, (_, i) => Date.UTC(first + i, 0, 1))
}

/** An axis that names the turns of some years. */
export const yearAxis = (years: readonly number[]): LinearAxis => ({
  type: 'linear',
  min: years[0],
  max: years.at(-1),
  grid: { display: false },
  afterBuildTicks: (axis) => void (axis.ticks = years.map((value) => ({ value }))),
  ticks: { color: ink, callback: (at) => new Date(Number(at)).getUTCFullYear() },
})
