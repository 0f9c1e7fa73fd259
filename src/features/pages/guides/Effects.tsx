'use client'

import { useState } from 'react'
import type { Effect } from '@/core/compare/effects'
import type { Guide } from '@/core/guides/guide'
import { soundCases } from '@/store/desk'
import { db } from '@/store/db'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { Progress } from '@/ui/Progress'
import { weight } from '@/wording/format'
import { stuff } from '@/wording/phrase'
import { textOf } from '@/wording/render'
import { effectsInWorker } from '@/workers/effects'
import { useGuides, useProducts } from '../../case/useCase'
import { en } from './messages'

/** Amounts listed; the rest is counted. */
const mostShown = 60

/** What an edited guide would change in the cases that its former self rates, before it is kept. */
export function Effects({ from, draft }: { from: Guide; draft: Guide }) {
  const guides = useGuides()
  const products = useProducts()
  const [work, setWork] = useState<{ share: number; stop: AbortController } | null>(null)
  const [found, setFound] = useState<{ of: Guide; effects: readonly Effect[]; cases: number } | null>(null)
  const [failed, setFailed] = useState(false)
  const look = async () => {
    const stop = new AbortController()
    setFailed(false)
    setWork({ share: 0, stop })
    try {
      const listed = await db.summaries.filter(({ trashedAt }) => trashedAt === undefined).primaryKeys()
      const cases = (await db.transaction('r', db.cases, () => soundCases(listed))).flatMap((one) => one ?? [])
      const told = (share: number) => setWork((now) => (now?.stop === stop ? { share, stop } : now))
      const effects = await effectsInWorker(cases, from.id, draft, guides, products, told, stop.signal)
      setFound({ of: draft, effects, cases: cases.length })
    } catch {
      if (!stop.signal.aborted) setFailed(true)
    }
    setWork(null)
  }
  const fresh = found?.of === draft ? found : null
  const crops =
    fresh &&
    [...new Set(fresh.effects.map(({ cropId }) => cropId))].flatMap((id) =>
      id ? (draft.crops[id] ?? from.crops[id] ?? []) : [],
    )
  return (
    <div className="mt-3">
      {work ? (
        <Progress
          label={en.effectsWork}
          share={work.share}
          cancel={en.effectsStop}
          onCancel={() => work.stop.abort()}
        />
      ) : (
        <Button onClick={() => void look()}>{fresh ? en.effectsAgain : en.effects}</Button>
      )}
      {failed && (
        <p role="alert" className="text-clay font-semibold">
          {en.effectsFailed}
        </p>
      )}
      {fresh && (
        <section aria-label={en.effects} className="mt-2">
          <p role="status" className="font-semibold">
            {en.effectsFound(
              fresh.effects.length,
              new Set(fresh.effects.map(({ caseId }) => caseId)).size,
              fresh.cases,
            )}
          </p>
          {crops && crops.length > 0 && (
            <p className="text-ink-2">{en.effectsCrops(crops.map(({ label }) => textOf(label)).join(', '))}</p>
          )}
          {fresh.effects.length > 0 && (
            <table className="mt-1 w-full border-collapse text-[15px]">
              <thead>
                <tr className="text-ink-2 border-ink border-b text-left text-[13.5px]">
                  {[en.effectsWhere, en.effectsOf, en.effectsNow, en.effectsThen].map((head) => (
                    <th key={head} scope="col" className="py-0.5 pr-3 font-normal">
                      {head}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {fresh.effects.slice(0, mostShown).map((one) => (
                  <tr key={`${one.caseId}${one.area}${one.what}`} className="border-rule border-b">
                    <th scope="row" className="py-1 pr-3 text-left font-normal">
                      <strong>{one.client || en.effectsUnnamed}</strong>, {one.area}
                    </th>
                    <td className="pr-3">
                      <Formula>{stuff[one.what] ?? one.what}</Formula>
                    </td>
                    <td className="pr-3">{amountWords(one.before)}</td>
                    <td className="font-semibold">{amountWords(one.after)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          {fresh.effects.length > mostShown && <p>{en.effectsMore(fresh.effects.length - mostShown)}</p>}
        </section>
      )}
    </div>
  )
}

const amountWords = (lb: number | undefined): string =>
  lb === undefined ? en.effectsUnknown : lb === 0 ? en.effectsNone : weight(lb, 'feet')
