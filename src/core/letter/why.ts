import type { Area } from '../case/area'
import type { Case } from '../case/case'
import { groundOf } from '../ground/plan/plan-size'
import { boxOf } from '../case/outline'
import type { Point } from '../geometry/polygon'
import type { Size } from '../ground/sized'
import { dayNumber, type Day } from '../calendar/day'
import type { Treatment } from '../passes/pass'
import { openPasses, type AreaPlan, type Plan } from '../plan/plan'
import type { ReadingLine } from '../reading/lines'
import type { MissingTest } from '../compare/missing'
import type { Text } from '../sentence/text'
import { measuredIn } from '../report/tests'
import { unitBeside } from '../units/typed'

/** The page of reasons behind a letter, before it is put into a language. */
export interface Why {
  readonly areas: readonly WhyArea[]
  readonly plan: PaperPlan
  readonly strip: PaperStrip | null
}

export interface WhyArea {
  readonly areaId: string
  readonly name: string
  readonly crop: Text | null
  readonly lines: readonly WhyLine[]
  /** What its report does not say. */
  readonly missing: readonly MissingTest[]
}

export interface WhyLine extends Pick<ReadingLine, 'id' | 'value' | 'className' | 'wanted' | 'between'> {
  /** As the report has it, with its unit. */
  readonly reported: string
}

/** The areas as they are drawn; where none is, each by its size, side by side. Lengths are ft, north is up. */
export interface PaperPlan {
  readonly asDrawn: boolean
  readonly north: number
  readonly pieces: readonly { readonly name: string; readonly rings: readonly (readonly Point[])[] }[]
}

/** What goes on when, a row for each thing on each area. */
export interface PaperStrip {
  readonly from: Day
  readonly to: Day
  readonly rows: readonly { readonly areaId: string; readonly treatment: Treatment; readonly days: readonly Day[] }[]
  readonly retests: readonly { readonly areaId: string; readonly day: Day }[]
  /** Something falls behind its end. */
  readonly goesOn: boolean
}

/** Corners of a circle that stands for itself beside the others. */
const corners = 32

/** @param missingOf the tests that an area's report lacks */
export function whyOf(kase: Case, plan: Plan, missingOf: (area: Area) => readonly MissingTest[]): Why {
  return {
    areas: plan.areas.flatMap(({ areaId, name, found: { answer, crop } }) => {
      if (!answer) return []
      const area = kase.areas.find(({ id }) => id === areaId)!
      return [
        {
          areaId,
          name,
          crop: crop && crop.label,
          lines: answer.reading.map((line) => asReported(kase, area.reportId, line)),
          missing: missingOf(area),
        },
      ]
    }),
    plan: drawingOf(kase, plan.areas),
    strip: stripOf(plan),
  }
}

function asReported(kase: Case, reportId: string | null, line: ReadingLine): WhyLine {
  const { id, value, className, wanted, between, field } = line
  const report = kase.reports.find((one) => one.id === reportId)
  const typed = field && report && measuredIn(report, field)
  const text = typed?.text.trim() ?? ''
  return {
    id,
    value,
    className,
    wanted,
    between,
    reported: [text, typed && unitBeside(typed)].filter(Boolean).join(' '),
  }
}

function drawingOf(kase: Case, areas: readonly AreaPlan[]): PaperPlan {
  const drawn = kase.areas.flatMap(({ name, shapes }) => {
    const rings = groundOf(shapes).flat()
    return rings.length > 0 ? [{ name, rings }] : []
  })
  if (drawn.length > 0) return { asDrawn: true, north: kase.plan.north, pieces: drawn }
  let east = 0
  const pieces = areas.flatMap(({ name, found: { size } }) => {
    if (!size.ok) return []
    const ring = ringOf(size.value)
    const [, , width] = boxOf(ring)
    const placed = ring.map(([x, y]): Point => [x + east, y])
    east += width * 1.15
    return [{ name, rings: [placed] }]
  })
  return { asDrawn: false, north: 0, pieces }
}

/** An area of which only the size is known, lying by itself with its long side from west to east; several in one. */
function ringOf({ shape, area, count }: Size): readonly Point[] {
  if (shape.kind === 'circle') {
    const r = (shape.diameter / 2) * Math.sqrt(count)
    return Array.from({ length: corners }, (_, i): Point => {
      const turn = (2 * Math.PI * i) / corners
      return [r + r * Math.cos(turn), r + r * Math.sin(turn)]
    })
  }
  const [width, length] =
    shape.kind === 'rectangle' && count === 1
      ? [Math.max(shape.width, shape.length), Math.min(shape.width, shape.length)]
      : [Math.sqrt(area.value.v), Math.sqrt(area.value.v)]
  return [
    [0, 0],
    [width, 0],
    [width, length],
    [0, length],
  ]
}

/** Years that a strip shows at the most. */
const mostYears = 3

function stripOf({ today, areas }: Plan): PaperStrip | null {
  const year = Number(today.slice(0, 4))
  const rows = areas.flatMap((area) => {
    const byTreatment = new Map<string, { treatment: Treatment; days: Day[] }>()
    for (const { treatment, day } of openPasses(area)) {
      const known = byTreatment.get(treatment.key) ?? { treatment, days: [] }
      byTreatment.set(treatment.key, { ...known, days: [...known.days, day] })
    }
    return [...byTreatment.values()].map((row) => ({ areaId: area.areaId, ...row }))
  })
  if (rows.length === 0) return null
  const retests = areas.flatMap(({ areaId, tests }) => tests.map(({ day }) => ({ areaId, day })))
  const days = [...rows.flatMap((row) => row.days), ...retests.map(({ day }) => day)].sort()
  const last = Math.min(Number(days.at(-1)!.slice(0, 4)), year + mostYears - 1)
  const to: Day = `${last}-12-31`
  const within = (day: Day) => dayNumber(day)! <= dayNumber(to)!
  return {
    from: `${year}-01-01`,
    to,
    rows: rows.map((row) => ({ ...row, days: row.days.filter(within) })),
    retests: retests.filter(({ day }) => within(day)),
    goesOn: days.some((day) => !within(day)),
  }
}
