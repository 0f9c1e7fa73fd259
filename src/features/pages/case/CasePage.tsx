'use client'

import { Download, History } from 'lucide-react'
import Link from 'next/link'
import { useSearchParams } from 'next/navigation'
import { Suspense, useCallback, useEffect, useMemo, useState, type ReactNode } from 'react'
import type { Case } from '@/core/case/case'
import { inSeason } from '@/core/case/in-season'
import { act, editCase } from '@/store/cases'
import { buttonClass } from '@/ui/Button'
import { useFileDrop } from '@/ui/useFileDrop'
import { AreasRail } from '../../stations/ground/AreasRail'
import { describe } from '../../stations/ground/describe'
import { CommandButton } from '../../shared/command/CommandButton'
import { UndoRedo } from '../../shared/history/UndoRedo'
import { Signer } from '../../shared/office/Signer'
import { sized } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'
import { LazyWorkings } from '../../shared/workings/LazyWorkings'
import { answerOf, CaseProvider, useOpenCase, type OpenCase } from '../../case/context'
import { Damaged, Refused, Unreadable, Untaken } from '../../case/Keeping'
import { addressOf } from '../../case/address'
import { en } from '../../case/messages'
import type { StationDefinition } from '../../case/station'
import { dropOn } from '../../shared/dropped'
import { saveCaseFile } from '../../case/save-file'
import { Guarded } from './Guarded'
import { StationNav } from './StationNav'
import { useCase, useKeeping, useRecommendation } from '../../case/useCase'
import { late } from '../../shared/late/late'
import { viewAsked, views } from './stations'

// The sheet that is asked for comes while the database is being read.
if (typeof window !== 'undefined')
  viewAsked(new URLSearchParams(window.location.search).get('station'))
    .load()
    .catch(() => undefined)

/** The sheets of the views, each from when it is first shown. */
const sheets = new Map(
  Object.values(views).map(({ id, load }) => {
    const StationSheet = late(load)
    return [id, <StationSheet key={id} />]
  }),
)
const conflicts = () => import('../../shared/exchange/Conflicts').then((found) => found.Conflicts)
const plan = () => import('../../stations/ground/plan/PlanView')
const Way = late(() => import('./Way').then((found) => found.Way))
const Conflicts = late(conflicts)

/**
 * Once the page rests the other stations come too, where this browser keeps no copy of the app: so a tablet goes on without
 * network all the same.
 */
function useStationsAtHand() {
  useEffect(() => {
    const rest = setTimeout(async () => {
      if (await navigator.serviceWorker?.getRegistration().catch(() => undefined)) return
      const loads = [...Object.values(views).map((one) => one.load), plan, conflicts]
      await Promise.allSettled(loads.map((load) => load()))
      performance.mark('stations at hand')
    }, 1_000)
    return () => clearTimeout(rest)
  }, [])
}

/** One case, whichever of its stations is open; the address says which, and changes without a page load. */
export function CasePage() {
  const params = useSearchParams()
  const id = params.get('id') ?? ''
  const kase = useCase(id)
  if (kase === undefined) return <Waiting id={id} />
  if (kase === null)
    return (
      <main className="mx-auto max-w-xl px-6 py-24">
        <h1 className="font-serif text-2xl font-semibold">{en.gone}</h1>
        <Link href="/" className={`${buttonClass('act')} mt-5 inline-block`}>
          {en.toDesk}
        </Link>
      </main>
    )
  return <Opened key={id} kase={kase} view={viewAsked(params.get('station'))} areaId={params.get('area')} />
}

/** Until the database answers, or says that it cannot. */
function Waiting({ id }: { id: string }) {
  const keeping = useKeeping(id)
  if (keeping === 'damaged') return <Damaged id={id} />
  return keeping === 'unreadable' ? <Unreadable /> : <p className="p-8">{en.loading}</p>
}

/** What the address asks for: the page may still show what was asked before. */
const asked = (name: 'station' | 'area'): string | null => new URLSearchParams(window.location.search).get(name)

interface Props {
  kase: Case
  view: StationDefinition
  areaId: string | null
}

function Opened({ kase, view, areaId }: Props) {
  useStationsAtHand()
  useEffect(() => {
    // What is printed or saved from here is called by it.
    document.title = `${kase.client || en.unnamed} · Agrologos`
  }, [kase.client])
  const [explained, explain] = useState<OpenCase['explained']>(null)
  const found = kase.areas.find((one) => one.id === areaId) ?? kase.areas[0]
  const area = useMemo(() => (found ? inSeason(found, kase.season) : null), [found, kase.season])
  const recommendation = useRecommendation(kase, area?.id ?? null)
  const selectArea = useCallback(
    (to: string) => window.history.pushState(null, '', addressOf(kase.id, asked('station') ?? 'ground', to)),
    [kase.id],
  )
  const open = useMemo<OpenCase>(() => {
    return {
      kase,
      recommendation,
      area,
      view,
      explained,
      explain,
      edit: (recipe) => void editCase(kase.id, recipe),
      act: (doing) => void act(kase.id, doing),
      selectArea,
      go: (to, areaTo) => {
        explain(null)
        window.history.pushState(null, '', addressOf(kase.id, to, areaTo ?? asked('area') ?? area?.id))
        window.scrollTo(0, 0)
      },
    }
  }, [kase, recommendation, area, view, explained, selectArea])
  useFileDrop((files) => {
    dropOn(kase.id, files)
    open.go('results')
  })
  return (
    <CaseProvider value={open}>
      <div className="flex min-h-dvh flex-col">
        <Header />
        <Refused kase={kase} />
        <Untaken id={kase.id} />
        <Suspense>
          <Conflicts kase={kase} />
        </Suspense>
        <StationNav />
        <div className="flex flex-1 flex-col md:flex-row">
          <Guarded name={en.areasRail} by={[kase.areas]}>
            <AreasRail />
          </Guarded>
          <main className="bg-sheet min-w-0 flex-1 px-5 py-4 sm:px-8 print:bg-white print:p-0">
            <div className={`${view.wide ? 'max-w-[1160px]' : 'max-w-[900px]'} print:max-w-none`}>
              <OnPaper />
              <Heading />
              <Guarded name={view.label} by={[view.id, area?.id, kase]}>
                <Suspense>{sheets.get(view.id)}</Suspense>
              </Guarded>
            </div>
          </main>
          <Guarded name={en.workingsPanel} by={[explained]}>
            <LazyWorkings />
          </Guarded>
        </div>
        <Suspense>
          <Way />
        </Suspense>
      </div>
    </CaseProvider>
  )
}

function Header() {
  const { kase, go } = useOpenCase()
  const keeping = useKeeping(kase.id)
  return (
    <header className="border-rule flex min-h-13 items-center gap-2 border-b px-5 py-2 sm:gap-4 print:hidden">
      <Link href="/" className="font-serif text-[19px] font-semibold">
        Agrologos
      </Link>
      <p className="min-w-0 flex-1 truncate">
        <strong>{kase.client || en.unnamed}</strong>
        {kase.place && <span className="text-ink-2">, {kase.place}</span>}
      </p>
      <CommandButton />
      <Signer />
      <UndoRedo kase={kase} />
      <HeaderButton
        label={views.history.label}
        icon={<History size={18} aria-hidden />}
        onClick={() => go('history')}
      />
      <HeaderButton
        label={en.saveFile}
        icon={<Download size={18} aria-hidden />}
        onClick={() => void saveCaseFile(kase)}
      />
      <p role="status" className="text-ink-2 hidden text-sm sm:block">
        {en.keeping[keeping]}
      </p>
    </header>
  )
}

/** An icon where there is little room, its words where there is more. */
function HeaderButton({ label, icon, onClick }: { label: string; icon: ReactNode; onClick: () => void }) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      onClick={onClick}
      className="text-ink-2 hover:text-ink flex cursor-pointer items-center gap-1.5 p-1 text-sm"
    >
      {icon}
      <span className="hidden lg:inline">{label}</span>
    </button>
  )
}

/** Whose sheet it is, where one is printed; a letter and a field sheet say that themselves. */
function OnPaper() {
  const { kase, view } = useOpenCase()
  const { client, place, season } = kase
  if (view.saysWhose) return null
  return (
    <p className="mb-3 hidden font-serif print:block">
      <strong>{view.label}</strong> · {[client || en.unnamed, place, season].filter(Boolean).join(', ')}
    </p>
  )
}

function Heading() {
  const { kase, area, recommendation, view } = useOpenCase()
  if (view.heading === 'none') return <h1 className="sr-only">{view.label}</h1>
  if (view.heading === 'station' || !area)
    return (
      <h1 className="border-ink mb-3 border-b-[1.5px] pb-2 font-serif text-[25px] leading-tight font-semibold print:hidden">
        {view.label}
      </h1>
    )
  const found = answerOf(recommendation, area.id)
  return (
    <div className="border-ink flex flex-wrap items-baseline gap-x-3 border-b-[1.5px] pb-2">
      <h1 className="font-serif text-[25px] leading-tight font-semibold">
        <span className="sr-only">{view.label}: </span>
        {area.name}
      </h1>
      <p className="text-ink-2">
        {found.size.ok && <Figure of={sized(found.size.value.area, kase.measures)} />}
        {found.size.ok && ' · '}
        {describe(found, kase.measures, false)}
      </p>
    </div>
  )
}
