'use client'

import { useSearchParams } from 'next/navigation'
import { Suspense, useState, type ReactNode } from 'react'
import { reportOfArea } from '@/core/case/in-force'
import { CircleAlert } from 'lucide-react'
import { reasonFor } from '@/core/told/cautions'
import { majorsOf } from '@/core/needs/need'
import type { Answer, AreaRecommendation } from '@/core/recommend'
import { Button } from '@/ui/Button'
import { Fold } from '@/ui/Fold'
import { Formula } from '@/ui/Formula'
import { render } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { NutrientRow } from './NutrientRow'
import { ReactionRow } from './ReactionRow'
import { SecondReadingButton } from '../../shared/doubt/SecondReadingButton'
import { useOffice } from '../../shared/office/useOffice'
import { late } from '../../shared/late/late'
import { en as doubtWords } from '../../shared/doubt/messages'
import { en } from './messages'
import { asPlanned, StandingsContext, type Standings } from './still'
import { SureProvider, SureSwitch } from './Sure'

const Fertilizers = late(() => import('./Fertilizers').then((found) => found.Fertilizers))
const OtherRows = late(() => import('./OtherRows').then((found) => found.OtherRows))
const SchoolsTaken = late(() => import('./SchoolsTaken').then((found) => found.SchoolsTaken))
const RestsOn = late(() => import('./RestsOn').then((found) => found.RestsOn))
const Missing = late(() => import('../reading/Missing').then((found) => found.Missing))
const MoreReading = late(() => import('./MoreReading').then((found) => found.MoreReading))
const StandingsTold = late(() => import('./StandingsTold').then((found) => found.StandingsTold))
const PutOn = late(() => import('./PutOn').then((found) => found.PutOn))
const SideBySide = late(() => import('./SideBySide').then((found) => found.SideBySide))
const SinceLetter = late(() => import('./SinceLetter').then((found) => found.SinceLetter))

/** What one area needs: the answer to take home, the largest thing first. */
export function AmountsSheet({ found }: { found: AreaRecommendation }) {
  const { kase } = useOpenCase()
  if (!found.answer)
    return (
      <div className="mt-5">
        <p className="font-serif text-xl">{en.missing}</p>
        <Lacking found={found} />
        <Problems found={found} />
      </div>
    )
  const { answer } = found
  const report = reportOfArea(kase, found.areaId)
  // Typed at the counter it has neither code, laboratory nor date: nothing tells it from another.
  const restsOn = report && (report.code || report.laboratory || report.date) ? report : null
  return (
    <SureProvider found={found}>
      <div className="@container">
        <p className="mt-2 mb-1 max-w-[64ch] font-serif text-[17px] leading-snug">
          <Formula>{answer.headline.map((sentence) => render(sentence, kase.measures)).join(' ')}</Formula>
        </p>
        <Untested found={found} />
        {restsOn && (
          <Suspense>
            <RestsOn report={restsOn} />
          </Suspense>
        )}
        {kase.applications.some((one) => one.areaId === found.areaId) && (
          <Suspense>
            <PutOn areaId={found.areaId} />
          </Suspense>
        )}
        {kase.letters.length > 0 && (
          <Suspense>
            <SinceLetter areaId={found.areaId} />
          </Suspense>
        )}
        <Problems found={found} />
        <Suspense>
          <SideBySide found={found} />
        </Suspense>
        <Standing areaId={found.areaId}>
          <ReactionRow found={found} answer={answer} />
          {majorsOf(answer).map((need) => (
            <NutrientRow key={need.of} need={need} found={found} />
          ))}
          <Suspense>
            <OtherRows answer={answer} />
          </Suspense>
          <Suspense>
            <Fertilizers answer={answer} found={found} />
          </Suspense>
        </Standing>
        <Suspense>
          <MoreReading answer={answer} all={found.use === 'container'} />
        </Suspense>
        <Notes answer={answer} />
        <Suspense>
          <SchoolsTaken found={found} />
        </Suspense>
        <SureSwitch />
        <Somebodys areaId={found.areaId} />
      </div>
    </SureProvider>
  )
}

/** Amounts as they stand once something was applied here, within an office's limits, in the bags that are sold there. */
function Standing({ areaId, children }: { areaId: string; children: ReactNode }) {
  const { kase } = useOpenCase()
  const office = useOffice()
  const [told, tell] = useState<Standings | null>(null)
  const local = (office?.yearLimits.length ?? 0) + Object.keys(office?.shelf ?? {}).length > 0
  const asked = local || kase.applications.some((one) => one.areaId === areaId)
  return (
    <StandingsContext value={told ?? asPlanned}>
      {asked && (
        <Suspense>
          <StandingsTold areaId={areaId} tell={tell} />
        </Suspense>
      )}
      {children}
    </StandingsContext>
  )
}

/** What an answer waits for, each with the way to where it is typed. */
function Lacking({ found }: { found: AreaRecommendation }) {
  const { go } = useOpenCase()
  return (
    <ul className="mt-2 grid gap-2">
      {found.missing.map(({ station, sentence }) => (
        <li key={sentence.key}>
          <Button kind="text" className="text-left" onClick={() => go(station)}>
            {render(sentence)}
          </Button>
          <span className="hidden print:inline">{render(sentence)}</span>
        </li>
      ))}
    </ul>
  )
}

/** Ground that was never tested has an answer all the same; a report would give a better one, and what it could change. */
function Untested({ found }: { found: AreaRecommendation }) {
  const { kase } = useOpenCase()
  if (found.missing.length === 0) return null
  return (
    <div className="border-brim my-2 border-l-4 pl-3">
      <Lacking found={found} />
      <Fold title={en.testChanges} className="pb-2">
        <Suspense>
          <Missing areaId={found.areaId} whole={kase} sized titled={false} />
        </Suspense>
      </Fold>
    </div>
  )
}

/** A neighbour, a bag or a website says otherwise. */
function Somebodys({ areaId }: { areaId: string }) {
  const { area } = useOpenCase()
  // Asked for elsewhere: it is read at once, and the address forgets it.
  const asked = useSearchParams().get('said')
  if (area?.id !== areaId) return null
  return (
    <p className="mt-4 print:hidden">
      <SecondReadingButton
        key={asked}
        area={area}
        label={doubtWords.somebodys}
        {...(asked !== null && { text: asked, opened: true, onClose: forgetSaid })}
      />
    </p>
  )
}

const forgetSaid = () => {
  const left = new URLSearchParams(window.location.search)
  left.delete('said')
  window.history.replaceState(null, '', `${window.location.pathname}?${left}`)
}

function Problems({ found }: { found: AreaRecommendation }) {
  if (found.problems.length === 0) return null
  return (
    <div role="status" className="border-clay my-2 border-l-4 py-1 pl-3 text-[14.5px]">
      <strong>{en.problems}</strong>
      <ul>
        {found.problems.map((problem) => (
          <li key={problem.field}>
            <Formula>{render(problem.sentence)}</Formula>
          </li>
        ))}
      </ul>
    </div>
  )
}

function Notes({ answer }: { answer: Answer }) {
  return (
    <div className="mt-4 grid gap-x-8 gap-y-4 text-[14.5px] leading-snug @2xl:grid-cols-2">
      {answer.notMeasured.length > 0 && (
        <section className="@2xl:order-2">
          <h2 className="font-semibold">{en.notMeasured}</h2>
          <ul className="mt-1 grid gap-1">
            {answer.notMeasured.map((sentence) => (
              <li key={sentence.key}>{render(sentence)}</li>
            ))}
          </ul>
        </section>
      )}
      {answer.cautions.length > 0 && (
        <section>
          <h2 className="text-clay flex items-center gap-1.5 font-semibold">
            <CircleAlert size={17} aria-hidden /> {en.cautions}
          </h2>
          <ul className="mt-1 grid gap-1">
            {answer.cautions.map((sentence) => (
              <li key={sentence.key}>
                <details>
                  <summary className="min-h-6 cursor-pointer list-none py-0.5">
                    {render(sentence)}{' '}
                    <span className="text-slate text-[13px] underline decoration-dotted">{en.why}</span>
                  </summary>
                  <p className="text-ink-2 pl-3">{render(reasonFor(sentence))}</p>
                </details>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}
