'use client'

import type { Still } from '@/core/plan/still'
import { dateWords, weight } from '@/wording/format'
import { useOpenCase } from '../../case/context'
import { weighed } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'
import { en } from './messages'

/** What was planned and what of it was applied, beside what is still to do; nothing where all of it is. */
export function Planned({ still }: { still: Still | undefined }) {
  const { kase } = useOpenCase()
  if (!still) return null
  const { planned, put, days } = still
  return (
    <p className="mt-1 text-[15.5px]">
      <Figure of={weighed(planned, kase.measures)}>{en.planned(weight(planned.value.v, kase.measures))}</Figure>
      {put > 0 && `, ${en.applied(weight(put, kase.measures), days.map(dateWords))}`}.
    </p>
  )
}

/** In the place of an amount of which nothing is left to do. */
export const NothingLeft = () => <p className="font-serif text-[25px] leading-tight font-semibold">{en.nothingLeft}</p>
