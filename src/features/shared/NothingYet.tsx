'use client'

import type { ReactNode } from 'react'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { answerOf, useOpenCase } from '../case/context'

const en = {
  example: 'An example of what will stand here',
  go: { ground: 'Go to Ground', results: 'Go to Results', amounts: 'Go to Amounts' },
}

/** What will stand at a station, once there is something to say. Made up. */
const examples = {
  ground: [
    ['Front bed', '12 ft × 18 ft, tomato, loam'],
    ['Back lawn', '0.1 acre, tall fescue, clay'],
  ],
  sample: [
    ['GRD-1', 'Front bed: 10 cores, 0 to 6 in, 2 cups of the mix'],
    ['GRD-2', 'Back lawn: 10 cores, 0 to 4 in'],
  ],
  results: [
    ['pH in water', '5.6'],
    ['Phosphorus, P', '18 ppm'],
  ],
  reading: [
    ['pH 5.6', 'too acid: tomato does well from 6.0 to 6.8'],
    ['18 ppm P', 'low: wanted 50 to 100 ppm'],
  ],
  amounts: [
    ['Lime', '15 lb, worked in: 70 lb per 1,000 ft²'],
    ['Nitrogen', '7 oz, half of it at planting'],
  ],
  materials: [
    ['Lime', 'one 40 lb bag, pelletized: 15 lb of it'],
    ['Nitrogen', '21-0-0, 2 lb: about 4 cups'],
  ],
  calendar: [
    ['1 Nov', 'Front bed: 15 lb lime'],
    ['10 May', 'Front bed: 1 lb of 21-0-0'],
  ],
  letter: [
    ['About 1 November', 'Front bed: pelletized lime, 15 lb, worked in'],
    ['About 10 May', 'Front bed: 21-0-0, 1 lb, at planting'],
  ],
  log: [
    ['1 Nov 2026', '15 lb pelletized lime, as planned'],
    ['10 May 2027', '1 lb 21-0-0, other than planned'],
  ],
  history: [['14:05', 'Front bed, Size: 12x18']],
} as const

interface Props {
  station: keyof typeof examples
  says: string
  /** The one thing to do next, where it is no other station. */
  children?: ReactNode
}

/** A station of which nothing can be said yet: the one next thing, and an example of what will stand there. */
export function NothingYet({ station, says, children }: Props) {
  const { area, recommendation, go } = useOpenCase()
  const next = area ? (answerOf(recommendation, area.id).missing[0]?.station ?? 'amounts') : 'ground'
  return (
    <section className="mt-5">
      <p className="mb-3 max-w-[60ch] font-serif text-lg">{says}</p>
      {children ??
        (next !== station && (
          <Button kind="act" onClick={() => go(next)}>
            {en.go[next]}
          </Button>
        ))}
      <figure className="border-edge mt-6 max-w-[34rem] border border-dashed px-4 py-2 print:hidden">
        <figcaption className="text-ink-2 text-[13.5px]">{en.example}</figcaption>
        <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1 text-[14.5px]">
          {examples[station].map(([what, how]) => (
            <div key={what} className="contents">
              <dt className="font-semibold">
                <Formula>{what}</Formula>
              </dt>
              <dd className="text-ink-2">
                <Formula>{how}</Formula>
              </dd>
            </div>
          ))}
        </dl>
      </figure>
    </section>
  )
}
