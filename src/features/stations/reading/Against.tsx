'use client'

import { useMemo } from 'react'
import { putInForce } from '@/core/acts/reports'
import type { Case } from '@/core/case/case'
import type { Report } from '@/core/report/report'
import type { AreaInSeason } from '@/core/case/in-season'
import { pHAgainst, type PHReading } from '@/core/doubt/readings'
import { Button } from '@/ui/Button'
import { dateWords, places, weight } from '@/wording/format'
import { useOpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'
import { today } from '../../shared/today'
import { en as resultWords } from '../results/messages'
import { en } from './messages'
import { measuredIn } from '@/core/report/tests'

interface Props {
  area: AreaInSeason
  /** The case, of a size that can be reckoned with. */
  whole: Case
  sized: boolean
}

/** Readings of one pH against each other: a kit, another, a laboratory. */
export function Against({ area, whole, sized }: Props) {
  const { kase, act } = useOpenCase()
  const guides = useGuides()
  const products = useProducts()
  const found = useMemo(() => pHAgainst(whole, area.id, guides, products, today()), [whole, area.id, guides, products])
  if (!found) return null
  const { readings, believe, matters } = found
  const unlike = readings.filter(({ agrees }) => !agrees)
  const does = ({ means: { outcome, lb } }: PHReading) =>
    lb === null || !sized ? en.does[outcome] : `${en.does[outcome]}, ${weight(lb, kase.measures)}`
  return (
    <section aria-label={en.against} className="border-brim mt-3 border-l-4 pl-3">
      <h2 className="font-serif text-lg font-semibold">
        {unlike.length > 0 ? en.unlike(unlike.map(({ report }) => nameOf(report)).join(', ')) : en.agree}
      </h2>
      <p>
        {en.believe(places(believe.v, 1), places(believe.sd, 1), nameOf(readings[0]!.report))}{' '}
        {matters ? en.itMatters : en.mattersNot}
      </p>
      <table className="mt-1 w-full max-w-[46rem] border-collapse text-[15px]">
        <thead>
          <tr className="text-ink-2 border-rule border-b text-left text-[13.5px]">
            {[en.reading, 'pH', en.mayErr, en.agrees, en.alone, en.leads].map((head, i) => (
              <th key={i} scope="col" className="py-0.5 pr-4 font-normal">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {readings.map((one) => (
            <tr key={one.report.id} className="border-rule border-b">
              <th scope="row" className="py-1 pr-4 text-left font-semibold">
                {nameOf(one.report)}
              </th>
              <td className="pr-4 font-semibold">{measuredIn(one.report, 'pH').text}</td>
              <td className="pr-4">± {places(one.sd, 2)}</td>
              <td className={`pr-4 ${one.agrees ? '' : 'text-clay font-semibold'}`}>{one.agrees ? en.yes : en.no}</td>
              <td className="pr-4">{does(one)}</td>
              <td className="text-right">
                {one.report.id === area.reportId ? (
                  <span className="text-moss font-semibold">{resultWords.inForce}</span>
                ) : (
                  <Button
                    kind="text"
                    aria-label={en.goByOf(nameOf(one.report))}
                    onClick={() => act(putInForce(area.id, one.report.id, guides))}
                  >
                    {en.goBy}
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

const nameOf = ({ laboratory, kind, date }: Report): string =>
  [laboratory || resultWords.kinds[kind], date && dateWords(date)].filter(Boolean).join(', ')
