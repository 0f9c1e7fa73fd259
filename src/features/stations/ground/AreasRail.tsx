'use client'

import { Plus } from 'lucide-react'
import type { Measures } from '@/wording/format'
import { memo, useMemo } from 'react'
import type { Area } from '@/core/case/area'
import { groundOf } from '@/core/ground/plan/plan-size'
import type { Size } from '@/core/ground/sized'
import type { AreaRecommendation, Recommendation } from '@/core/recommend'
import { answerOf, useOpenCase } from '../../case/context'
import { describe } from './describe'
import { Miniature, reach } from './Miniature'
import { en } from './messages'
import { useAddArea } from './useAddArea'

/** The areas of the case, in their true shapes and to one scale. */
export function AreasRail() {
  const { kase, recommendation, area: current, selectArea } = useOpenCase()
  const shown = useMemo(
    () => new Map(kase.areas.map((area) => [area.id, shapeOf(area, recommendation)])),
    [kase.areas, recommendation],
  )
  const feet = Math.max(1, ...[...shown.values()].map((size) => (size ? reach(size) : 0)))
  const add = useAddArea()
  return (
    <nav
      aria-label={en.areas}
      data-rail
      className="border-rule shrink-0 border-b print:hidden md:w-[224px] md:border-r md:border-b-0"
    >
      <h2 className="text-ink-2 hidden px-4 pt-4 pb-2 text-[13.5px] font-semibold md:block">{en.areas}</h2>
      <ul className="flex overflow-x-auto md:block">
        {kase.areas.map((area) => (
          <Entry
            key={area.id}
            id={area.id}
            name={area.name}
            here={area.id === current?.id}
            size={shown.get(area.id) ?? null}
            feet={feet}
            found={recommendation.areas.find((one) => one.areaId === area.id)!}
            measures={kase.measures}
            select={selectArea}
          />
        ))}
        <li className="shrink-0">
          <button
            type="button"
            onClick={add}
            className="text-moss hover:text-ink flex cursor-pointer items-center gap-2 px-5 py-3 font-semibold"
          >
            <Plus size={17} aria-hidden /> {en.add}
          </button>
        </li>
      </ul>
    </nav>
  )
}

interface EntryProps {
  id: string
  name: string
  here: boolean
  size: Size | null
  /** What the widest of them measures, ft. */
  feet: number
  found: AreaRecommendation
  measures: Measures
  select: (id: string) => void
}

/** Drawn anew only where it changed: of dozens of areas one moves at a time. */
const Entry = memo(function Entry({ id, name, here, size, feet, found, measures, select }: EntryProps) {
  return (
    <li className="shrink-0">
      <button
        type="button"
        aria-current={here ? 'true' : undefined}
        onClick={() => select(id)}
        className={`flex w-full cursor-pointer items-center gap-3 border-b-4 px-4 py-2 text-left md:border-b-0 md:border-l-4 md:pl-3 ${here ? 'bg-sheet border-moss' : 'hover:bg-wash border-transparent'}`}
      >
        <Miniature size={size} feet={feet} />
        <span className="min-w-0">
          <span className="block leading-tight font-semibold">{name || en.unnamed}</span>
          <span className="text-ink-2 block text-[13.5px] leading-tight">{describe(found, measures)}</span>
        </span>
      </button>
    </li>
  )
})

/** What is drawn is its true shape, whichever size leads. */
export function shapeOf(area: Area, recommendation: Recommendation): Size | null {
  const { size } = answerOf(recommendation, area.id)
  if (!size.ok) return null
  if (!area.shapes.some(({ hole }) => !hole)) return size.value
  const known = drawn.get(area)
  if (known?.of === size.value) return known.shape
  const shape: Size = {
    ...size.value,
    count: 1,
    shape: { kind: 'outline', ground: groundOf(area.shapes), area: size.value.area.value.v },
  }
  drawn.set(area, { of: size.value, shape })
  return shape
}

/** The same shape as long as the area is the same, so that it is not drawn anew. */
const drawn = new WeakMap<Area, { readonly of: Size; readonly shape: Size }>()
