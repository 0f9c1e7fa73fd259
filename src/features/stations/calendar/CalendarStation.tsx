'use client'

import { useState } from 'react'
import { movePass, unmovePass } from '@/core/acts/decisions'
import { noteCalendar } from '@/core/acts/calendar'
import { regionFor, regions } from '@/core/guides/regions'
import { readOwnRegion } from '@/core/calendar/own-region'
import { dayNumber } from '@/core/calendar/day'
import type { AreaPlan, Plan } from '@/core/plan/plan'
import type { Sentence } from '@/core/sentence/sentence'
import { Button } from '@/ui/Button'
import { saveFile } from '@/ui/save-file'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { dateWords } from '@/wording/format'
import { render, textOf } from '@/wording/render'
import { inThisSeason, useOpenCase } from '../../case/context'
import { signed } from '../../shared/office/signed'
import { useOffice } from '../../shared/office/useOffice'
import { NothingYet } from '../../shared/NothingYet'
import { Days } from './Days'
import type { Proposal } from '../../shared/years/names'
import { Strip } from './Strip'
import { en } from './messages'
import { useProducts } from '../../case/useCase'
import { usePlan, useTrying } from '../../shared/plan/usePlan'

/** Every pass on its day: a strip of the seasons for each area, and the days one by one. */
export function CalendarStation() {
  const { kase, act } = useOpenCase()
  const plan = usePlan()
  const tried = useTrying()
  const [proposal, propose] = useState<Proposal | null>(null)
  const dated = plan.areas.flatMap(({ passes }) => passes)
  const consider = (key: string, to: string): Proposal => {
    const before = dated.find(({ pass }) => pass.key === key)!
    const move = { to, planned: before.planned ?? '', by: '', at: '' }
    const after = tried({ ...kase.decisions, moves: { ...kase.decisions.moves, [key]: move } })
    return { key, to, breaks: newProblems(plan, after, key) }
  }
  const put = async ({ key, to }: Proposal) => {
    const { planned } = dated.find(({ pass }) => pass.key === key)!
    propose(null)
    if (to === planned) return act(unmovePass(key))
    const { by, at } = await signed(kase, '')
    act(movePass(key, { to, planned: planned ?? '', by, at }))
  }
  /** Moves at once what breaks nothing, and asks about the rest. */
  const move = (key: string, to: string) => {
    if (dayNumber(to) === undefined) return
    const one = consider(key, to)
    if (one.breaks.length === 0) void put(one)
    else propose(one)
  }
  return (
    <>
      <Settings plan={plan} />
      {dated.length === 0 && <NothingYet says={en.empty} />}
      <p id="calendar-move" className="text-ink-2 text-[13.5px] print:hidden">
        {dated.length > 0 && en.move}
      </p>
      {plan.areas.map(
        ({ areaId, name, stopped, strips, limited }) =>
          (stopped !== null || strips.length + limited.length > 0) && (
            <p key={areaId} role="status" className="border-clay mt-3 border-l-4 pl-3">
              <strong>{name}:</strong>{' '}
              {[...(stopped ? [stopped] : []), ...strips, ...limited]
                .map((one) => render(one, kase.measures))
                .join(' ')}
            </p>
          ),
      )}
      {plan.areas.map((area) => (
        <Strip
          key={area.areaId}
          area={area}
          today={plan.today}
          proposal={proposal}
          onTry={(key, to) => propose(consider(key, to))}
          onMove={move}
          onLeave={() => propose(null)}
        />
      ))}
      {plan.areas.some(({ passes, tests }) => passes.length + tests.length > 0) && (
        <Days
          plan={plan}
          proposal={proposal}
          onMove={move}
          onPut={(one) => void put(one)}
          onLeave={() => propose(null)}
        />
      )}
    </>
  )
}

/** What a move would break that is not broken now: of the pass itself all, of the others what is new. */
function newProblems(before: Plan, after: Plan, key: string): readonly Sentence[] {
  const said = new Set(
    before.areas.flatMap(({ passes }) =>
      passes.flatMap(({ pass, problems }) => problems.map((one) => `${pass.key} ${one.key}`)),
    ),
  )
  return after.areas
    .flatMap(({ passes }) => passes)
    .flatMap(({ pass, problems }) => problems.filter((one) => pass.key === key || !said.has(`${pass.key} ${one.key}`)))
    .filter(({ key: what }) => what !== 'program.plan-changed')
}

function Settings({ plan }: { plan: Plan }) {
  const { region } = plan
  const { kase, edit, act } = useOpenCase()
  const [saved, setSaved] = useState<string | null>(null)
  const office = useOffice()
  const products = useProducts()
  const taken = kase.ownRegion
  const sound = (office?.regions ?? []).filter((one) => readOwnRegion(one).region)
  // The one that was taken is offered as it was, also where this office has it no more, or otherwise.
  const own = taken ? [taken, ...sound.filter(({ id }) => id !== taken.id)] : sound
  const shipped = regions.map(({ id, label }) => ({ value: id, label: textOf(label) }))
  const now = taken && sound.find(({ id }) => id === taken.id)
  const changed = now !== undefined && now !== null && JSON.stringify(now) !== JSON.stringify(taken)
  const save = async () => {
    const { calendarFile } = await import('./calendar-file')
    const { text, ids, off } = calendarFile(kase, plan, products, new Date().toISOString())
    saveFile(`${kase.client || 'case'} calendar.ics`, new Blob([text], { type: 'text/calendar' }))
    act(noteCalendar(ids))
    setSaved(en.saved(ids.length, off))
  }
  return (
    <div
      className="mt-3 mb-4 grid items-end gap-x-5 gap-y-2.5 sm:grid-cols-[minmax(0,19rem)_auto_auto_1fr] print:hidden"
      data-entry
    >
      <SelectField
        label={en.region}
        value={kase.ownRegion?.id ?? kase.region}
        options={[...own.map(({ id, name }) => ({ value: id, label: name })), ...shipped]}
        none={en.usualRegion(textOf(regionFor(null, kase.climate).label))}
        onChange={(id) =>
          edit((draft) => {
            draft.ownRegion = own.find((one) => one.id === id) ?? null
            draft.region = regions.some((one) => one.id === id) ? id : null
          })
        }
      />
      <Button onClick={() => void save()}>{en.save}</Button>
      <Button onClick={() => window.print()}>{en.print}</Button>
      <p role="status" className="text-ink-2 text-[14px]">
        {saved}
      </p>
      {changed && (
        <p className="col-span-full text-[14.5px]">
          {en.regionChanged}{' '}
          <Button kind="text" onClick={() => edit((draft) => void (draft.ownRegion = now))}>
            {en.takeRegion}
          </Button>
        </p>
      )}
      {kase.region && !kase.ownRegion && !regions.some(({ id }) => id === kase.region) && (
        <p className="text-clay col-span-full font-semibold">{en.regionUnknown(textOf(region.label))}</p>
      )}
      <p className="text-ink-2 col-span-full text-[13.5px]">
        {region.lastFrost && region.firstFrost
          ? en.frosts(yearDayWords(region.lastFrost), yearDayWords(region.firstFrost))
          : en.noFrosts}
        . {en.localRules}
      </p>
      {plan.areas.map((area) => area.planting && <Sown key={area.areaId} area={area} />)}
    </div>
  )
}

/** `10 May`. */
const yearDayWords = (yearDay: string) => dateWords(`2024-${yearDay}`).replace(/ \d{4}$/, '')

function Sown({ area: { areaId, planting } }: { area: AreaPlan }) {
  const { kase, edit } = useOpenCase()
  const area = kase.areas.find(({ id }) => id === areaId)!
  const typed = area.seasons[kase.season]?.sown ?? ''
  return (
    <TextField
      label={en.sown(area.name)}
      type="date"
      value={typed}
      echo={planting?.assumed ? en.assumed(dateWords(planting.day)) : undefined}
      onChange={(sown) => edit(inThisSeason(areaId, (draft) => void (draft.sown = sown)))}
    />
  )
}
