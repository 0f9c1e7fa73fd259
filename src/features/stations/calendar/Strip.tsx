'use client'

import { useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { closedSpans, sortOf } from '@/core/passes/program/closed'
import { dayAt, dayNumber, monthOf, monthsOn, yearOf, type Day } from '@/core/calendar/day'
import { isOpen, type Dated } from '@/core/passes/program/dated'
import { whyTested } from '@/core/passes/program/tests'
import type { AreaPlan } from '@/core/plan/plan'
import type { Treatment } from '@/core/passes/pass'
import { useSeen } from '@/ui/useSeen'
import { Swatch, type Stuff } from '@/ui/Swatch'
import { dateWords } from '@/wording/format'
import { render } from '@/wording/render'
import { whatOf, type Proposal } from '../../shared/years/names'
import { en } from './messages'

interface Props {
  area: AreaPlan
  today: Day
  proposal: Proposal | null
  onTry: (key: string, to: string) => void
  onMove: (key: string, to: string) => void
  onLeave: () => void
}

/** Years that are drawn at the most; what lies behind them stands in the list. */
const mostYears = 6

/** The seasons of one area: a row for each thing that is put on, its closed times, its passes where they fall. */
export function Strip({ area, today, ...moving }: Props) {
  const [sight, seen] = useSeen()
  const { name } = area
  const span = useMemo(() => spanOf(area, today), [area, today])
  const treatments = [...new Map(area.passes.map(({ treatment }) => [treatment.key, treatment])).values()]
  if (treatments.length === 0) return null
  const at = (day: number) => `${(100 * (day - span.from)) / (span.to - span.from)}%`
  const months = monthTicks(span)
  return (
    <section
      ref={sight}
      aria-label={en.strip(name)}
      className="border-rule mt-4 border-b pb-2 print:break-inside-avoid"
    >
      <h2 className="font-serif text-lg font-semibold">{name}</h2>
      {seen && (
        <div className="grid grid-cols-[9.5rem_1fr] gap-x-3 text-[13px]">
          <span />
          <div className="text-ink-2 relative h-5" aria-hidden>
            {months
              .filter(({ month }) => month === 1)
              .map(({ day }) => (
                <span key={day} className="absolute font-semibold" style={{ left: at(day) }}>
                  {yearOf(day)}
                </span>
              ))}
          </div>
          {treatments.map((treatment) => (
            <Row
              key={treatment.key}
              treatment={treatment}
              area={area}
              span={span}
              at={at}
              months={months}
              {...moving}
            />
          ))}
          <span className="text-ink-2 self-center">{en.test}</span>
          <div className="relative h-6">
            {area.tests
              .map((test) => ({ day: test.day, why: whyTested(test) }))
              .map(({ day, why }) => (
                <span
                  key={day}
                  role="img"
                  aria-label={`${en.test}, ${dateWords(day)}`}
                  title={`${dateWords(day)}. ${render(why)}`}
                  className="border-ink absolute top-1.5 size-3 -translate-x-1/2 rotate-45 border-[1.5px] bg-white"
                  style={{ left: at(dayNumber(day)!) }}
                />
              ))}
            {area.planting && dayNumber(area.planting.day)! >= span.from && (
              <span
                className="border-moss text-moss absolute top-0 h-full border-l-2 pl-1 text-[12px] font-semibold"
                style={{ left: at(dayNumber(area.planting.day)!) }}
              >
                {en.planting}
              </span>
            )}
          </div>
        </div>
      )}
    </section>
  )
}

interface DrawnSpan {
  readonly from: number
  readonly to: number
}

/** Whole years, from this one to that of the last pass. */
function spanOf(area: AreaPlan, today: Day): DrawnSpan {
  const year = Number(today.slice(0, 4))
  const all = [...area.passes.map(({ day }) => day), ...area.tests.map(({ day }) => day)]
  const last = Math.max(...all.map((day) => (day ? Number(day.slice(0, 4)) : year)), year + 1)
  return { from: dayNumber(`${year}-01-01`)!, to: dayNumber(`${Math.min(last, year + mostYears - 1)}-12-31`)! }
}

function monthTicks({ from, to }: DrawnSpan): readonly { readonly day: number; readonly month: number }[] {
  const ticks = []
  for (let day = from; day <= to; day = monthsOn(day, 1)) ticks.push({ day, month: monthOf(day) })
  return ticks
}

const stuffOf = (treatment: Treatment): Stuff => {
  const sort = sortOf(treatment)
  if (sort === 'lime' || sort === 'sulfur') return sort
  return treatment.product ? 'product' : treatment.nutrient === 'N' ? 'N' : 'other'
}

interface RowProps extends Omit<Props, 'today'> {
  treatment: Treatment
  span: DrawnSpan
  at: (day: number) => string
  months: ReturnType<typeof monthTicks>
}

function Row({ treatment, area, span, at, months, ...moving }: RowProps) {
  const closed = useMemo(() => closedSpans(treatment, area.ground, span.from, span.to), [treatment, area.ground, span])
  const ground = useRef<HTMLDivElement>(null)
  const passes = area.passes.filter((one) => one.treatment.key === treatment.key)
  const drawn = passes.filter(({ day }) => day !== null && dayNumber(day)! <= span.to && dayNumber(day)! >= span.from)
  return (
    <>
      <span className="flex items-center gap-2 leading-tight">
        <Swatch of={stuffOf(treatment)} width={18} />
        {whatOf(passes[0]!)}
      </span>
      <div ref={ground} className="border-rule relative h-9 touch-pan-y border-t bg-white">
        {closed.map(({ from, to, why }) => (
          <span
            key={from}
            title={en.closedFor(render(why))}
            className="absolute inset-y-0 bg-[repeating-linear-gradient(135deg,var(--color-margin)_0_4px,transparent_4px_8px)]"
            style={{ left: at(from), width: `calc(${at(to + 1)} - ${at(from)})` }}
          />
        ))}
        {months.map(({ day, month }) => (
          <span
            key={day}
            aria-hidden
            className={`absolute inset-y-0 border-l ${month === 1 ? 'border-ink-2' : 'border-rule/60'}`}
            style={{ left: at(day) }}
          />
        ))}
        {drawn.map((dated) => (
          <Mark key={dated.pass.key} dated={dated} span={span} at={at} ground={ground} {...moving} />
        ))}
      </div>
    </>
  )
}

interface MarkProps extends Omit<RowProps, 'treatment' | 'area' | 'months'> {
  dated: Dated
  ground: React.RefObject<HTMLDivElement | null>
}

/** A pass on its day; moved with the pointer, or with the arrow keys and Enter. */
function Mark({ dated, span, at, ground, proposal, onTry, onMove, onLeave }: MarkProps) {
  const { pass, state, day, problems, treatment } = dated
  const mine = proposal?.key === pass.key ? proposal : null
  const fixed = !isOpen(dated)
  const shown = mine?.to ?? day!
  const move = (to: number) => onTry(pass.key, dayAt(Math.min(Math.max(to, span.from), span.to)))
  const onKeyDown = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0
    if (by !== 0) {
      event.preventDefault()
      const now = dayNumber(shown)!
      move(event.shiftKey ? monthsOn(now, by) : now + by)
    } else if (event.key === 'Enter' && mine) {
      event.preventDefault()
      onMove(pass.key, mine.to)
    } else if (event.key === 'Escape' && mine) onLeave()
  }
  const dayUnder = (event: PointerEvent) => {
    const box = ground.current!.getBoundingClientRect()
    return Math.round(span.from + ((event.clientX - box.left) / box.width) * (span.to - span.from))
  }
  const count = treatment.passes?.count ?? 1
  const look = fixed
    ? 'bg-rule border-ink-2'
    : problems.length > 0 || (mine && mine.breaks.length > 0)
      ? 'bg-white border-clay border-[2.5px] text-clay'
      : state === 'moved' || mine
        ? 'bg-brim border-ink'
        : 'bg-moss border-moss text-white'
  return (
    <button
      type="button"
      disabled={fixed}
      aria-label={en.mark(whatOf(dated), en.turn(pass.n, count), dateWords(shown))}
      aria-describedby="calendar-move"
      title={`${dateWords(shown)}. ${[...problems, ...(mine?.breaks ?? [])].map((one) => render(one)).join(' ')}`}
      className={`absolute top-1 size-7 -translate-x-1/2 touch-none rounded-full border text-[12px] font-bold ${fixed ? '' : 'cursor-grab active:cursor-grabbing'} ${look}`}
      style={{ left: at(dayNumber(shown)!) }}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerMove={(event) => {
        if (event.currentTarget.hasPointerCapture(event.pointerId) && event.buttons === 1) move(dayUnder(event))
      }}
      onPointerUp={() => mine && mine.to !== day && onMove(pass.key, mine.to)}
      onPointerCancel={onLeave}
    >
      {pass.n}
    </button>
  )
}
