'use client'

import { followSchool } from '@/core/acts/choices'
import type { AreaRecommendation } from '@/core/recommend'
import { useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'
import { guideNamed } from '@/core/guides/guide'
import { SchoolFields } from '../../pages/office/SchoolFields'
import { en } from './messages'

/** Where practitioners disagree on this crop: which school the case follows. */
export function SchoolsTaken({ found }: { found: AreaRecommendation }) {
  const { kase, act } = useOpenCase()
  const guide = guideNamed(useGuides(), found.guide)
  if (!guide || !found.crop || !found.cropId || !found.answer?.schools.length) return null
  return (
    <details className="mt-4">
      <summary className="text-ink-2 cursor-pointer py-1.5 text-[14.5px]">{en.schools}</summary>
      <div className="mt-1 grid gap-x-5 gap-y-2.5 sm:grid-cols-2">
        <SchoolFields
          sampling={false}
          guides={[guide]}
          chosen={kase.schools}
          crop={{ id: found.cropId, use: found.crop.use }}
          onChoose={(school, option) => act(followSchool(school, option))}
        />
      </div>
    </details>
  )
}
