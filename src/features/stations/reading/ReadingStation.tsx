'use client'

import { reportInForce } from '@/core/case/in-force'
import { CircleAlert } from 'lucide-react'
import { useMemo, useState } from 'react'
import type { Report } from '@/core/report/report'
import type { AreaInSeason } from '@/core/case/in-season'
import { guideNamed } from '@/core/guides/guide'
import { recommend, type AreaRecommendation } from '@/core/recommend'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { dateWords } from '@/wording/format'
import { render, textOf } from '@/wording/render'
import { answerOf, useOpenCase } from '../../case/context'
import { useLocal, useGuides, useProducts } from '../../case/useCase'
import { en as resultWords } from '../results/messages'
import { NothingYet } from '../../shared/NothingYet'
import { Against } from './Against'
import { Bases } from './Bases'
import { Missing } from './Missing'
import { ReadingRow } from './ReadingRow'
import { SwitchGuide } from './SwitchGuide'
import { en } from './messages'
import { inOrder, ofAnySize, saidFirst } from './sheet'
import { measuredIn } from '@/core/report/tests'

/** What the report of one area means for what grows there, in the order in which an advisor looks. */
export function ReadingStation() {
  const { kase, area, go } = useOpenCase()
  const report = reportInForce(kase, area)
  if (!area || !report)
    return (
      <NothingYet says={area ? en.noReport : en.noArea}>
        {area && (
          <Button kind="act" onClick={() => go('results')}>
            {en.toResults}
          </Button>
        )}
      </NothingYet>
    )
  return <Sheet key={area.id} area={area} report={report} />
}

/** The reading needs no size: where none is known yet, it is that of any ground. */
function useRead(area: AreaInSeason) {
  const { kase, recommendation } = useOpenCase()
  const guides = useGuides()
  const products = useProducts()
  const local = useLocal()
  const found = answerOf(recommendation, area.id)
  const sized = found.size.ok
  return useMemo(() => {
    if (sized) return { sized, whole: kase, found }
    const whole = ofAnySize(kase, area.id)
    return { sized, whole, found: recommend(whole, guides, products, local).areas[0]! }
  }, [sized, kase, area, found, guides, products, local])
}

function Sheet({ area, report }: { area: AreaInSeason; report: Report }) {
  const { go } = useOpenCase()
  const guides = useGuides()
  const { found, whole, sized } = useRead(area)
  const [bases, showBases] = useState(false)
  const guide = guideNamed(guides, found.guide)
  const { answer, crop } = found
  if (!answer || !crop || !guide)
    return (
      <div className="mt-5">
        <ul className="mb-3 grid gap-1 font-serif text-lg">
          {found.missing.map(({ sentence }) => (
            <li key={sentence.key}>{render(sentence)}</li>
          ))}
        </ul>
        <Button kind="act" onClick={() => go('ground')}>
          {en.toGround}
        </Button>
      </div>
    )
  const all = [{ crop, answer }, ...found.others]
  const ids = inOrder(all.map((one) => one.answer.reading))
  const depth = measuredIn(report, 'sampleDepth')
  return (
    <div className="@container">
      <p className="text-ink-2 mt-1.5 text-[14.5px]">
        {en.ofReport([
          report.date ? dateWords(report.date) : '',
          report.laboratory || resultWords.kinds[report.kind],
          report.code,
          textOf(guide.title),
          depth.text && en.depth(`${depth.text} ${depth.unit}`),
        ])}
      </p>
      <Matters found={found} />
      {!sized && <p className="text-ink-2 text-[14.5px]">{en.unsized}</p>}
      <First found={found} />
      <Against area={area} whole={whole} sized={sized} />
      <section aria-label={en.lines} className="mt-2">
        <h2 className="sr-only">{en.lines}</h2>
        <div className="text-ink-2 border-ink grid-cols-[10rem_8rem_16rem_1fr] gap-x-4 border-b-[1.5px] pb-1 text-[13px] @3xl:grid">
          <span>{en.lines}</span>
          <span className="hidden text-right @3xl:inline">{en.reported}</span>
          <span className="hidden @3xl:inline">{en.wanted}</span>
          <span className="hidden @3xl:inline">{en.meaning}</span>
        </div>
        {ids.map((id) => (
          <ReadingRow
            key={id}
            id={id}
            area={area}
            report={report}
            guide={guide}
            crops={all.map((one) => ({ crop: one.crop, line: one.answer.reading.find((line) => line.id === id) }))}
          />
        ))}
      </section>
      <div className="mt-5 grid gap-x-10 gap-y-5 @3xl:grid-cols-2">
        <Missing areaId={area.id} whole={whole} sized={sized} />
        <SwitchGuide area={area} found={found} whole={whole} />
      </div>
      {answer.bases.length > 0 && (
        <details className="mt-4" open={bases} onToggle={(event) => showBases(event.currentTarget.open)}>
          <summary className="text-moss cursor-pointer py-1 font-semibold">{en.bases}</summary>
          {bases && <Bases answer={answer} />}
        </details>
      )}
      <Button kind="act" className="mt-6" onClick={() => go('amounts')}>
        {en.toAmounts}
      </Button>
    </div>
  )
}

/** What comes of it all, in one sentence, and why. */
function Matters({ found: { answer, quarrels } }: { found: AreaRecommendation }) {
  const { kase } = useOpenCase()
  return (
    <section aria-label={en.matters} className="border-ink my-3 border-l-4 pl-4">
      <p className="max-w-[56ch] font-serif text-[22px] leading-snug font-semibold">
        <Formula>{answer!.headline.map((sentence) => render(sentence, kase.measures)).join(' ')}</Formula>
      </p>
      <p className="text-ink-2 mt-1 max-w-[72ch] text-[15px]">
        <Formula>{render(answer!.reaction.why, kase.measures)}</Formula>
      </p>
      {quarrels.map((sentence, i) => (
        <p key={i} className="mt-1 max-w-[72ch] text-[15px]">
          {render(sentence, kase.measures)}
        </p>
      ))}
    </section>
  )
}

function First({ found }: { found: AreaRecommendation }) {
  const sentences = saidFirst(found)
  if (sentences.length === 0) return null
  return (
    <section aria-label={en.cautionsFirst} className="border-clay my-3 border-2 px-4 py-2">
      <h2 className="text-clay flex items-center gap-1.5 font-semibold">
        <CircleAlert size={18} aria-hidden /> {en.cautionsFirst}
      </h2>
      <ul className="mt-1 grid gap-1">
        {sentences.map((sentence) => (
          <li key={sentence.key}>
            <Formula>{render(sentence)}</Formula>
          </li>
        ))}
      </ul>
    </section>
  )
}
