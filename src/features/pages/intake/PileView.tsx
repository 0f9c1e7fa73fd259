'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import Link from 'next/link'
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react'
import type { Case } from '@/core/case/case'
import { inSeason } from '@/core/case/in-season'
import { isHeld } from '@/core/needs/need'
import type { AreaRecommendation } from '@/core/recommend'
import { act, editCase } from '@/store/cases'
import { db, type Pile } from '@/store/db'
import { seeInPile } from '@/store/intake'
import { Button, buttonClass } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { render } from '@/wording/render'
import { CaseProvider, type OpenCase } from '../../case/context'
import { Refused, Untaken } from '../../case/Keeping'
import { useCase, useKeeping, useRecommendation } from '../../case/useCase'
import { CropField, SizeField } from '../../stations/ground/AreaFields'
import { describe } from '../../stations/ground/describe'
import { amounts } from '../../stations/amounts/station'
import { en } from './messages'
import { PileEnd } from './PileEnd'

/** A pile, one case at a time; what came of it stands at its end. */
export function PileView({ id }: { id: string }) {
  const pile = useLiveQuery(
    () =>
      db.piles.get(id).then(
        (found) => found ?? null,
        () => 'unread' as const,
      ),
    [id],
  )
  const [at, turnTo] = useState<number | null>(null)
  if (pile === undefined) return null
  if (pile === 'unread')
    return (
      <p role="alert" className="text-clay font-semibold">
        {en.unread}
      </p>
    )
  if (pile === null) return <p className="font-serif text-lg">{en.gone}</p>
  // Whoever comes back goes on where nobody has looked yet.
  const first = pile.caseIds.findIndex((one) => !pile.seen.includes(one))
  const here = at ?? (first < 0 ? pile.caseIds.length : first)
  const caseId = pile.caseIds[here]
  return (
    <>
      <p className="text-ink-2" role="status">
        {en.pile(pile.name, pile.seen.length, pile.caseIds.length)}
        {en.pileTold(pile.known ?? 0, pile.gone ?? 0)}
      </p>
      {caseId === undefined ? (
        <PileEnd pile={pile} onBack={() => turnTo(Math.max(0, pile.caseIds.length - 1))} />
      ) : (
        <Turn
          key={caseId}
          pile={pile}
          caseId={caseId}
          at={here}
          onNext={() => {
            void seeInPile(pile.id, caseId)
            turnTo(here + 1)
          }}
          onBack={() => turnTo(Math.max(0, here - 1))}
        />
      )}
    </>
  )
}

interface TurnProps {
  pile: Pile
  caseId: string
  at: number
  onNext: () => void
  onBack: () => void
}

function Turn({ caseId, ...rest }: TurnProps) {
  const kase = useCase(caseId)
  const keeping = useKeeping(caseId)
  if (kase) return <Look kase={kase} {...rest} />
  const told = kase === null ? en.noCase : keeping === 'damaged' ? en.caseDamaged : null
  return told ? (
    <>
      <p className="my-4 font-serif text-lg">{told}</p>
      <Button kind="act" onClick={rest.onNext}>
        {en.next}
      </Button>
    </>
  ) : (
    <p>{en.loading}</p>
  )
}

/** What of an area is to be looked at. */
const needsOf = (kase: Case, found: AreaRecommendation) => {
  const area = inSeason(
    kase.areas.find(({ id }) => id === found.areaId)!,
    kase.season,
  )
  return { size: !found.size.ok, crop: area.crop === null }
}

/** One case of the pile: what is not known to be typed, what is doubtful or to be checked to be read, and on. */
function Look({ kase, pile, at, onNext, onBack }: Omit<TurnProps, 'caseId'> & { kase: Case }) {
  const recommendation = useRecommendation(kase, null)
  // What was asked for when the case was turned up stays where it is while it is typed.
  const [asked] = useState(() => new Map(recommendation.areas.map((one) => [one.areaId, needsOf(kase, one)])))
  const sheet = useRef<HTMLElement>(null)
  const next = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    const field = sheet.current?.querySelector<HTMLElement>('input')
    ;(field ?? next.current)?.focus()
  }, [])
  /** Enter in the last field goes on to the button, once the field has taken what was typed. */
  const goOn = (event: KeyboardEvent<HTMLElement>) => {
    const field = event.target as HTMLElement
    if (event.key !== 'Enter' || field.tagName !== 'INPUT') return
    setTimeout(() => document.activeElement === field && next.current?.focus())
  }
  return (
    <section ref={sheet} aria-label={kase.client || en.unnamed} className="mt-2" data-entry onKeyDownCapture={goOn}>
      <div className="border-ink flex flex-wrap items-baseline gap-x-4 border-b-[1.5px] pb-1">
        <h2 className="flex-1 font-serif text-[25px] leading-tight font-semibold">
          {[kase.client || en.unnamed, kase.place].filter(Boolean).join(', ')}
        </h2>
        <span className="text-ink-2">{en.nth(at + 1, pile.caseIds.length)}</span>
      </div>
      <Refused kase={kase} />
      <Untaken id={kase.id} />
      {recommendation.areas.map((found) => (
        <AreaLook
          key={found.areaId}
          kase={kase}
          found={found}
          recommendation={recommendation}
          asked={asked.get(found.areaId)}
        />
      ))}
      <div className="mt-5 flex items-center gap-3">
        <Button ref={next} kind="act" onClick={onNext}>
          {en.next}
        </Button>
        <Button onClick={onBack} disabled={at === 0}>
          {en.back}
        </Button>
        <Link
          href={`/case?id=${encodeURIComponent(kase.id)}&station=amounts`}
          prefetch={false}
          className={buttonClass('quiet')}
        >
          {en.openCase}
        </Link>
        <span className="text-ink-2 text-sm">{en.keys}</span>
      </div>
    </section>
  )
}

interface AreaLookProps {
  kase: Case
  found: AreaRecommendation
  recommendation: OpenCase['recommendation']
  asked: { readonly size: boolean; readonly crop: boolean } | undefined
}

function AreaLook({ kase, found, recommendation, asked }: AreaLookProps) {
  const { areaId, answer, doubts } = found
  const ground = kase.areas.find(({ id }) => id === areaId)!
  const area = useMemo(() => inSeason(ground, kase.season), [ground, kase.season])
  const open = useMemo<OpenCase>(
    () => ({
      kase,
      recommendation,
      area,
      view: amounts,
      explained: null,
      explain: () => undefined,
      edit: (recipe) => void editCase(kase.id, recipe),
      act: (doing) => void act(kase.id, doing),
      selectArea: () => undefined,
      go: () => undefined,
    }),
    [kase, recommendation, area],
  )
  const held = answer?.needs.filter(isHeld) ?? []
  const clear = doubts.length + held.length === 0 && !asked?.size && !asked?.crop
  return (
    <CaseProvider value={open}>
      <section aria-label={ground.name} className="border-rule border-b py-3">
        <h3 className="font-semibold">
          {ground.name} <span className="text-ink-2 font-normal">{describe(found, kase.measures)}</span>
        </h3>
        {answer && (
          <p className="font-serif text-[17px]">
            <Formula>{answer.headline.map((one) => render(one, kase.measures)).join(' ')}</Formula>
          </p>
        )}
        {(asked?.size || asked?.crop) && (
          <div className="mt-1 grid max-w-xl gap-x-5 gap-y-1 sm:grid-cols-2">
            {asked.size && (
              <div>
                <p className="text-clay text-sm font-semibold">{en.noSize}</p>
                <SizeField area={area} />
              </div>
            )}
            {asked.crop && (
              <div>
                <p className="text-clay text-sm font-semibold">{en.noCrop}</p>
                <CropField area={area} />
              </div>
            )}
          </div>
        )}
        {[
          ...held.map(({ why }) => [en.hold, why] as const),
          ...doubts.map(({ sentence }) => [en.doubt, sentence] as const),
        ].map(([kind, sentence], i) => (
          <p key={i} className="border-clay mt-1 border-l-4 pl-3">
            <strong>{kind}:</strong> <Formula>{render(sentence, kase.measures)}</Formula>
          </p>
        ))}
        {clear && <p className="text-ink-2 text-sm">{en.nothing}</p>}
      </section>
    </CaseProvider>
  )
}
