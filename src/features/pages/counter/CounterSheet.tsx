'use client'

import Link from 'next/link'
import { useRouter, useSearchParams } from 'next/navigation'
import { Suspense, useEffect, useMemo, useState } from 'react'
import { blankArea, blankReport } from '@/core/case/blank'
import type { Case } from '@/core/case/case'
import { inSeason, withParts, type AreaInSeason } from '@/core/case/in-season'
import type { AreaRecommendation } from '@/core/recommend'
import { act, createCase, editCase } from '@/store/cases'
import { beginsWith } from '@/store/office'
import { counterId } from '@/store/put'
import { Button } from '@/ui/Button'
import { Fold } from '@/ui/Fold'
import { render } from '@/wording/render'
import { AmountsSheet } from '../../stations/amounts/AmountsSheet'
import { amounts } from '../../stations/amounts/station'
import { answerOf, CaseProvider, useOpenCase, type OpenCase } from '../../case/context'
import { Damaged, Refused, Untaken } from '../../case/Keeping'
import { useCase, useKeeping, useRecommendation } from '../../case/useCase'
import { CropField, GroundField, SizeField, TextureField } from '../../stations/ground/AreaFields'
import { describe } from '../../stations/ground/describe'
import {
  BufferFields,
  ExtractantFields,
  NutrientFields,
  PHField,
  RecommendsFields,
  TestField,
} from '../../stations/results/ReportFields'
import { en as benchWords } from '../../shared/doubt/messages'
import { idle } from '../../shared/late/idle'
import { late } from '../../shared/late/late'
import { today } from '../../shared/today'
import { LazyWorkings } from '../../shared/workings/LazyWorkings'
import { en } from './messages'
import { v4 as newId } from 'uuid'
import { measuredIn } from '@/core/report/tests'

const FertilizerShelf = late(() =>
  idle().then(() => import('../../stations/materials/FertilizerShelf').then((found) => found.FertilizerShelf)),
)
const SecondReadingView = late(() =>
  import('../../shared/doubt/SecondReadingView').then((found) => found.SecondReadingView),
)

/** A case of one area and one report, as the counter needs it. */
async function blankCounter(): Promise<Partial<Case>> {
  const begins = await beginsWith()
  const season = today().slice(0, 4)
  return {
    ...begins.kase,
    season,
    areas: [withParts(blankArea('area', en.areaName), season, { ...begins.area, reportId: 'report' })],
    reports: [{ ...blankReport('report'), areas: { area: true } }],
  }
}

interface Props {
  /** Beside the ground stands somebody's figure, to be read a second time, in the place of the answer. */
  bench: boolean
}

/** The way in for a client who stands there: one sheet, and the answer beside it. */
export function CounterSheet({ bench }: Props) {
  const kase = useCase(counterId)
  const keeping = useKeeping(counterId)
  useEffect(() => {
    // Where the browser's database cannot be read the sheet works all the same, and says that nothing is kept.
    if (kase === null || (kase === undefined && keeping === 'unreadable'))
      void blankCounter().then((blank) => createCase(blank, counterId))
  }, [kase, keeping])
  if (keeping === 'damaged') return <Damaged id={counterId} />
  if (!kase) return <p className="p-8">{en.loading}</p>
  return <Opened kase={kase} bench={bench} />
}

/** The sheet as the open case, and what becomes of it. */
function useCounter(kase: Case) {
  const router = useRouter()
  const [explained, explain] = useState<OpenCase['explained']>(null)
  const [ground] = kase.areas
  const area = useMemo(() => inSeason(ground!, kase.season), [ground, kase.season])
  const recommendation = useRecommendation(kase, area.id)
  const edit: OpenCase['edit'] = (recipe) => void editCase(counterId, recipe)
  const doing: OpenCase['act'] = (one) => void act(counterId, one)
  const clear = async () => {
    const blank = await blankCounter()
    edit((draft) => void Object.assign(draft, blank))
  }
  const keep = async (station: string) => {
    const { id, written } = createCase(
      { ...kase, createdAt: new Date().toISOString(), areas: [{ ...ground!, name: en.keptName }] },
      newId(),
    )
    await written
    await clear()
    router.push(`/case?id=${encodeURIComponent(id)}&station=${station}`)
  }
  const open = useMemo<OpenCase>(
    () => ({
      kase,
      recommendation,
      area,
      view: amounts,
      explained,
      explain,
      edit,
      act: doing,
      selectArea: () => undefined,
      go: (station) => document.getElementById(`counter-${station}`)?.scrollIntoView(),
    }),
    [kase, recommendation, area, explained],
  )
  return { open, area, clear, keep }
}

function Opened({ kase, bench }: Props & { kase: Case }) {
  const { open, area, clear, keep } = useCounter(kase)
  const found = answerOf(open.recommendation, area.id)
  return (
    <CaseProvider value={open}>
      <header className="border-rule flex min-h-13 items-center gap-4 border-b px-5 py-2">
        <Link href="/" className="font-serif text-[19px] font-semibold">
          Agrologos
        </Link>
        <p className="flex-1">
          <span className="hidden sm:inline">{bench ? benchWords.bench : en.title}</span>
        </p>
        <Button kind="text" onClick={() => void clear()}>
          {en.clear}
        </Button>
        <Button kind="act" onClick={() => void keep('ground')}>
          {en.keep}
        </Button>
      </header>
      <Refused kase={kase} />
      <Untaken id={kase.id} />
      <div className="flex min-h-[calc(100dvh-53px)] flex-col lg:flex-row">
        <Asked kase={kase} area={area} found={found} bench={bench} />
        <Answered area={area} found={found} bench={bench} />
        <LazyWorkings />
      </div>
    </CaseProvider>
  )
}

interface PartProps extends Props {
  area: AreaInSeason
  found: AreaRecommendation
}

/** What is asked of the client. */
function Asked({ kase, area, found, bench }: PartProps & { kase: Case }) {
  const reaction = found.answer?.reaction
  const [report] = kase.reports
  return (
    <section
      className="border-rule shrink-0 border-b px-5 py-4 lg:w-[380px] lg:border-r lg:border-b-0"
      data-entry
      aria-label={en.title}
      id="counter-ground"
    >
      <h1 className="font-serif text-[22px] leading-tight font-semibold">{bench ? benchWords.benchTitle : en.title}</h1>
      <p className="text-ink-2 mt-1 mb-3 text-[14.5px] leading-snug">{bench ? benchWords.benchLead : en.lead}</p>
      <div className="grid gap-2.5" id="counter-results">
        <div className="grid grid-cols-2 gap-2.5">
          <PHField area={area} autoFocus={area.size.text === ''} />
          <SizeField area={area} />
        </div>
        <CropField area={area} />
        <TextureField
          area={area}
          missing={reaction?.need?.lacks === 'ground' && !area.texture ? render(reaction.why) : undefined}
        />
        <Fold
          title={en.more}
          className="grid gap-2.5"
          called={(['P', 'bufferPH'] as const).some((test) => measuredIn(report!, test).text !== '')}
        >
          <BufferFields area={area} />
          <div className="grid grid-cols-2 gap-2.5">
            <TestField area={area} name="organicMatter" />
            <TestField area={area} name="cec" />
          </div>
          <ExtractantFields area={area} />
          <NutrientFields area={area} />
          <GroundField area={area} />
        </Fold>
        <Fold
          title={en.recommends}
          className="grid gap-2.5"
          called={Object.values(report!.recommends).some((line) => typeof line === 'object' && line.text !== '')}
        >
          <RecommendsFields area={area} />
        </Fold>
      </div>
    </section>
  )
}

/** The amounts, or on the bench somebody's figure read a second time. */
function Answered({ area, found, bench }: PartProps) {
  const { kase } = useOpenCase()
  const said = useSearchParams().get('said') ?? undefined
  return (
    <main className="bg-sheet min-w-0 flex-1 px-5 py-4 sm:px-8" id="counter-amounts">
      <div className="border-ink border-b-[1.5px] pb-2">
        <h2 className="font-serif text-[25px] leading-tight font-semibold">
          {found.answer ? describe(found, kase.measures) : en.waiting}
        </h2>
      </div>
      {bench ? (
        <Suspense>
          <div className="mt-2">
            <SecondReadingView key={said} area={area} text={said} />
          </div>
        </Suspense>
      ) : (
        <>
          <AmountsSheet found={found} />
          <div id="counter-materials" className="mt-4">
            <Suspense>{found.answer && <FertilizerShelf area={area} found={found} />}</Suspense>
          </div>
        </>
      )}
    </main>
  )
}
