'use client'

import { useMemo } from 'react'
import type { Area } from '@/core/case'
import { missingTests, type Change } from '@/core/missing'
import { Formula } from '@/ui/Formula'
import { weight } from '@/wording/format'
import { render } from '@/wording/render'
import { useOpenCase } from '../case/context'
import { useGuides } from '../case/useCase'
import { en } from './messages'

/** What the report does not say, and whether that could change the answer: each is tried at both ends. */
export function Missing({ area, unsized }: { area: Area; unsized: Area | null }) {
  const { kase } = useOpenCase()
  const guides = useGuides()
  const missing = useMemo(() => missingTests(kase, unsized ?? area, guides), [kase, area, unsized, guides])
  const words = ({ what, low, high }: Change) =>
    unsized
      ? en.what[what]
      : `${en.what[what]} ${low === 0 ? en.none : weight(low, kase.measures)} ${en.to} ${weight(high, kase.measures)}`
  return (
    <section aria-label={en.missing}>
      <h2 className="font-serif text-lg font-semibold">{en.missing}</h2>
      {missing.length === 0 && <p className="text-ink-2">{en.nothingMissing}</p>}
      <ul className="grid gap-1.5">
        {missing.map(({ id, adds, changes, decides }) => (
          <li key={id} className="text-[15px] leading-snug">
            {render(adds)}{' '}
            <span className={changes.length > 0 || decides ? 'font-semibold' : 'text-ink-2'}>
              {changes.length > 0 ? (
                <Formula>{`${en.couldChange} ${changes.map(words).join('; ')}.`}</Formula>
              ) : decides ? (
                en.couldDecide
              ) : (
                en.hardly
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
