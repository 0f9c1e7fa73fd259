'use client'

import { useMemo } from 'react'
import type { Case } from '@/core/case/case'
import type { Change } from '@/core/compare/missing'
import { Formula } from '@/ui/Formula'
import { weight } from '@/wording/format'
import { render } from '@/wording/render'
import { useLocal, useGuides, useProducts } from '../../case/useCase'
import { en } from './messages'
import { missingChanged } from '@/store/missing'

interface Props {
  areaId: string
  whole: Case
  /** The size of the area is known. */
  sized: boolean
  /** It stands under a heading of its own. */
  titled?: boolean
}

/** What the report does not say, and whether that could change the answer: each is tried at both ends. */
export function Missing({ areaId, whole, sized, titled = true }: Props) {
  const guides = useGuides()
  const products = useProducts()
  const local = useLocal()
  const missing = useMemo(
    () =>
      missingChanged(
        whole,
        whole.areas.find(({ id }) => id === areaId)!,
        guides,
        products,
        local,
      ),
    [whole, areaId, guides, products, local],
  )
  const { measures } = whole
  const words = ({ what, low, high }: Change) =>
    sized
      ? `${en.what[what]} ${low === 0 ? en.none : weight(low, measures)} ${en.to} ${weight(high, measures)}`
      : en.what[what]
  return (
    <section aria-label={en.missing}>
      {titled && <h2 className="font-serif text-lg font-semibold">{en.missing}</h2>}
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
