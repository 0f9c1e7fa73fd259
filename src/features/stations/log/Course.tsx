'use client'

import { Suspense, useMemo } from 'react'
import { courseOf, retestWords, type Course } from '@/core/plan/course'
import { isNews } from '@/core/needs/learned'
import { ownBuffering } from '@/core/course/retests'
import type { AreaPlan } from '@/core/plan/plan'
import type { AreaRecommendation } from '@/core/recommend'
import { TickField } from '@/ui/TickField'
import { Formula } from '@/ui/Formula'
import { dateWords, figure, places } from '@/wording/format'
import { render } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'
import { late } from '../../shared/late/late'
import { en } from './messages'

const CourseChart = late(() => import('./CourseChart').then((found) => found.CourseChart))

interface Props {
  found: AreaRecommendation
  plan: AreaPlan
}

/** pH over the years, what was put on, what is expected of it, and what tests taught of the ground. */
export function CourseOfArea({ found, plan }: Props) {
  const { kase, edit } = useOpenCase()
  const [guides, products] = [useGuides(), useProducts()]
  const course = useMemo(() => courseOf(kase, found, guides, products, plan), [kase, found, guides, products, plan])
  const name = kase.areas.find(({ id }) => id === found.areaId)!.name
  if (!course) return null
  const taught = Object.entries(course.learned)
  return (
    <section aria-label={en.courseOf(name)} className="mt-4 print:break-inside-avoid">
      <h3 className="font-semibold">{name}</h3>
      <Suspense fallback={<div className="h-64" />}>
        <CourseChart
          course={course}
          name={name}
          wanted={found.crop ? [found.crop.pH.low, found.crop.pH.high] : undefined}
        />
      </Suspense>
      <p className="text-ink-2 text-[13.5px]">
        {course.spans.some((span) => span.length > 0) ? en.courseKey : en.noCourse}
      </p>
      <Retests course={course} />
      {taught.length > 0 && (
        <div className="mt-1">
          <TickField
            label={en.useTaught(
              taught.map(([of, one]) => en.taught[of as 'lime'](isNews(one) ? places(one.times, 2) : null)).join('; '),
            )}
            checked={kase.schools[ownBuffering.question] !== ownBuffering.aside}
            onChange={(on) =>
              edit((draft) => {
                const { question, aside } = ownBuffering
                draft.schools = { ...draft.schools, [question]: on ? 'used' : aside }
              })
            }
          />
        </div>
      )}
    </section>
  )
}

/** Test by test: what was expected, and what was found. */
function Retests({ course: { retests } }: { course: Course }) {
  if (retests.length === 0) return null
  return (
    <ul className="mt-1 grid gap-1 text-[15px]">
      {retests.map((one) => {
        const words = retestWords(one)
        return (
          <li key={one.to.id}>
            <strong>{dateWords(one.to.date)}</strong>{' '}
            <Formula>
              {en.moved(signed(one.observed), one.untaught === 'no-buffering' ? null : signed(one.predicted))}
            </Formula>
            {words && <span className="text-ink-2"> {render(words)}</span>}
          </li>
        )
      })}
    </ul>
  )
}

const signed = (v: number) => `${v < 0 ? '−' : '+'}${figure(Math.abs(Math.round(v * 100) / 100))}`
