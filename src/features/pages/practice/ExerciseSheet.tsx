'use client'

import Link from 'next/link'
import { useMemo, useState } from 'react'
import { inSeason } from '@/core/case/in-season'
import { lineUnit, typedIn } from '@/core/report/lines'
import { linesOf } from '@/core/report/layout'
import { markOf, type Exercise, type Mark } from '@/core/practice/exercise'
import { recommend } from '@/core/recommend'
import { textures } from '@/core/guides/soils'
import type { Sentence } from '@/core/sentence/sentence'
import { setting } from '@/store/db'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { TextField } from '@/ui/TextField'
import { onThousand, productWords, weight } from '@/wording/format'
import { stuff } from '@/wording/phrase'
import { render, textOf } from '@/wording/render'
import { CaseProvider, type OpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'
import { lineLabel } from '../../stations/results/messages'
import { Steps } from '../../shared/workings/Steps'
import { amounts } from '../../stations/amounts/station'
import { en } from './messages'
import { keepAttempt } from './progress'

/** The app’s own tools while one answers: none, our tables, all of them. */
export const tools = ['hidden', 'tables', 'all'] as const
export type Tools = (typeof tools)[number]

interface Props {
  n: number
  exercise: Exercise
  /** What may be looked at and used beside it. */
  tools: Tools
}

type Marked = { readonly kind: 'mark'; readonly mark: Mark } | { readonly kind: 'asked'; readonly why: Sentence }

/** A client's case, what is asked, and how the answer was. */
export function ExerciseSheet({ n, exercise, tools }: Props) {
  const { kase, of, product, truth, right, topic, level, seed } = exercise
  const guides = useGuides()
  const products = useProducts()
  const [said, say] = useState('')
  const [marked, setMarked] = useState<Marked | null>(null)
  const [refused, setRefused] = useState(false)
  const area = useMemo(() => inSeason(kase.areas[0]!, kase.season), [kase])
  const found = useMemo(() => recommend(kase, guides, products), [kase, guides, products])
  const open = useMemo<OpenCase>(
    () => ({
      ...{ kase, area, recommendation: found, view: amounts, explained: null },
      ...{ explain: () => undefined, edit: () => undefined, act: () => undefined },
      ...{ selectArea: () => undefined, go: () => undefined },
    }),
    [kase, area, found],
  )
  const crop = textOf(found.areas[0]!.crop!.label)
  const report = kase.reports[0]!
  const mark = () => {
    const read = markOf(said, exercise, products)
    if (!read.ok) return setMarked({ kind: 'asked', why: read.refusal })
    setMarked({ kind: 'mark', mark: read.value })
    const slip = read.value.right ? '' : slipWords(read.value)
    void setting('signer')
      .then((who = '') =>
        keepAttempt({
          who,
          at: new Date().toISOString(),
          topic,
          level,
          seed,
          said,
          right: read.value.right,
          lb: right,
          slip,
        }),
      )
      .then(
        () => setRefused(false),
        () => setRefused(true),
      )
  }
  const asked = marked?.kind === 'asked' ? render(marked.why) : undefined
  return (
    <CaseProvider value={open}>
      <article aria-label={en.exercise(n)} className="border-ink mt-6 border-t-[1.5px] pt-2 print:break-inside-avoid">
        <h2 className="font-serif text-[21px] font-semibold">{en.exercise(n)}</h2>
        <p className="max-w-[64ch] font-serif text-[18px]">
          {en.says(sizeWords(area.size.text), crop, area.texture ? textOf(textures[area.texture].label) : '')}
        </p>
        <div className="mt-2 grid gap-x-8 gap-y-3 sm:grid-cols-[18rem_1fr]">
          <table className="bg-sheet border-edge self-start border text-[15px]" aria-label={en.paper}>
            <caption className="text-ink-2 px-3 py-1 text-left text-[13px]">
              {en.made}. {en.extractant}.
            </caption>
            <tbody>
              {linesOf(report)
                .filter(({ field }) => typedIn(report, field).text !== '')
                .map(({ field }) => (
                  <tr key={field} className="border-rule border-t">
                    <th scope="row" className="px-3 py-0.5 text-left font-normal">
                      <Formula>{lineLabel(field, null, report.pHIn)}</Formula>
                    </th>
                    <td className="text-right font-semibold">{typedIn(report, field).text}</td>
                    <td className="text-ink-2 px-3">{lineUnit(report, field)}</td>
                  </tr>
                ))}
            </tbody>
          </table>
          <div>
            <p className="font-semibold">{product ? en.asksBag(productWords(product)) : en.asks(stuff[of]!)}</p>
            <form
              className="mt-1 flex max-w-96 items-end gap-3"
              onSubmit={(event) => {
                event.preventDefault()
                mark()
              }}
            >
              <div className="flex-1">
                <TextField label={en.answer} value={said} placeholder={en.example} error={asked} onChange={say} />
              </div>
              <Button kind="act" type="submit" className="print:hidden" disabled={said.trim() === ''}>
                {en.mark}
              </Button>
            </form>
            {tools !== 'hidden' && area.crop && (
              <Link
                href={`/guides?${new URLSearchParams({ guide: area.guide, crop: area.crop })}`}
                prefetch={false}
                target="_blank"
                className="text-moss mt-1 inline-block underline print:hidden"
              >
                {en.table(crop)}
              </Link>
            )}
            {tools === 'all' && (
              <Link
                href="/counter"
                prefetch={false}
                target="_blank"
                className="text-moss mt-1 ml-4 inline-block underline print:hidden"
              >
                {en.counter}
              </Link>
            )}
            {marked?.kind === 'mark' && (
              <div className="mt-2 print:hidden">
                <p
                  role="status"
                  className={`font-serif text-[25px] leading-tight font-semibold ${marked.mark.right ? 'text-moss' : 'text-clay'}`}
                >
                  {marked.mark.right ? en.right : en.wrong}
                </p>
                <p>{en.rightIs(weight(right, 'feet'), onThousand(truth.rate, 'feet'))}</p>
                {!marked.mark.right && slipWords(marked.mark) && (
                  <p className="mt-1">
                    <span className="text-ink-2">{en.slip}: </span>
                    <Formula>{slipWords(marked.mark)}</Formula>
                  </p>
                )}
                {truth.working && (
                  <details className="mt-1">
                    <summary className="text-moss cursor-pointer font-semibold">{en.workings}</summary>
                    <Steps working={truth.working} />
                  </details>
                )}
                {refused && <p className="text-clay">{en.refused}</p>}
              </div>
            )}
          </div>
        </div>
      </article>
    </CaseProvider>
  )
}

/** `12x18` as a client would say it. */
const sizeWords = (text: string): string => text.replace(/^(\d+)x(\d+)$/, '$1 ft × $2 ft')

const slipWords = ({ reading }: Mark): string =>
  (reading.explanations[0]?.tells ?? []).map((tell) => render(tell)).join(' ')
