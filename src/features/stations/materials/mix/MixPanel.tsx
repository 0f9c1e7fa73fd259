'use client'

import { useState } from 'react'
import { takeMix } from '@/core/acts/mix'
import type { AreaInSeason } from '@/core/case/in-season'
import { needsNow } from '@/core/mix/standing'
import { mixProblem, type MixProblem } from '@/core/mix/problem'
import type { Solution } from '@/core/mix/solve'
import { aims, type Aim } from '@/core/case/applications'
import { majorsOf } from '@/core/needs/need'
import { coreVersion } from '@/core/recommend'
import { hasPrices, type Shelf } from '@/core/shelf/shelf'
import { Button } from '@/ui/Button'
import { ChoiceField } from '@/ui/ChoiceField'
import { Progress } from '@/ui/Progress'
import { TickField } from '@/ui/TickField'
import { useOpenCase } from '../../../case/context'
import { useLocal, useGuides, useProducts } from '../../../case/useCase'
import { useOffice } from '../../../shared/office/useOffice'
import { en as materials } from '../messages'
import { MixCard } from './MixCard'
import { productNames } from './names'
import { en } from './messages'
import { useMix, type Finding } from './useMix'

/** Several products for one area or all of them: the ways there are, side by side; one is taken. */
export function MixPanel({ area }: { area: AreaInSeason }) {
  const office = useOffice()
  return office ? <Asked area={area} shelf={office.shelf} /> : null
}

function Asked({ area, shelf }: { area: AreaInSeason; shelf: Shelf }) {
  const { kase, recommendation, act } = useOpenCase()
  const [guides, products, local] = [useGuides(), useProducts(), useLocal()]
  const fed = recommendation.areas
    .filter(({ answer }) => answer && majorsOf(answer).some(({ outcome }) => outcome === 'apply'))
    .map(({ areaId }) => areaId)
  const [scope, setScope] = useState<'all' | 'one'>('all')
  const offered = aims.filter(
    (aim) => (aim !== 'shed' || kase.shed.length > 0) && (aim !== 'cheapest' || hasPrices(shelf)),
  )
  const [chosen, setChosen] = useState<readonly Aim[]>(['cheapest', 'fewest', 'single', 'shed'])
  const asked = offered.filter((aim) => chosen.includes(aim))
  const { finding, start, cancel, forget } = useMix()
  const shared = new Set(scope === 'all' ? fed : [area.id])
  const replaced = kase.areas
    .filter(({ id }) => !shared.has(id) && kase.mix?.takes.some(({ areaId }) => areaId === id))
    .map(({ name }) => name)
  const problem = () => mixProblem(kase, recommendation, shared, guides, products, shelf, local)
  const take = ({ takes, bags, fromShed, aim }: Solution) => {
    const taken = {
      takes,
      bags: bags.map(({ product, bagLb, count }) => ({ product, lb: bagLb, count })),
      needs: needsNow(takes, recommendation),
      fromShed,
    }
    act(takeMix({ ...taken, aim, core: coreVersion, at: new Date().toISOString() }))
    forget()
  }
  return (
    <section aria-label={en.title} className="mt-3">
      <p className="text-ink-2 my-1.5 text-[14.5px]">{en.lead}</p>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2.5">
        {fed.length > 1 && (
          <ChoiceField
            label={en.scope}
            value={scope}
            options={[
              { value: 'all', label: en.allAreas(fed.length) },
              { value: 'one', label: en.oneArea },
            ]}
            onChange={setScope}
          />
        )}
        <fieldset className="min-w-0">
          <legend className="text-ink-2 text-[13.5px]">{en.aims}</legend>
          <div className="flex flex-wrap gap-x-4">
            {offered.map((aim) => (
              <TickField
                key={aim}
                label={en.aim[aim]}
                checked={chosen.includes(aim)}
                onChange={(on) => setChosen(on ? [...chosen, aim] : chosen.filter((one) => one !== aim))}
              />
            ))}
          </div>
        </fieldset>
        <Button kind="act" disabled={asked.length === 0 || shared.size === 0} onClick={() => start(problem(), asked)}>
          {finding.state === 'done' ? en.again : en.start}
        </Button>
      </div>
      {replaced.length > 0 && <p className="text-ink-2 mt-1 text-[14px]">{en.replaces(replaced.join(', '))}</p>}
      {!hasPrices(shelf) && <p className="text-ink-2 mt-1 text-[14px]">{en.needsPrices}</p>}
      <Found finding={finding} now={finding.state === 'idle' ? null : problem()} onCancel={cancel} onTake={take} />
    </section>
  )
}

/** Aims that come to the same bags are one answer. */
function alike(found: Finding['found']) {
  const groups = new Map<string, { aims: Aim[]; solution: Solution | null }>()
  for (const { aim, solution } of found) {
    const key = solution ? JSON.stringify([solution.bags, solution.fromShed, solution.missed]) : aim
    const group = groups.get(key)
    if (group) group.aims.push(aim)
    else groups.set(key, { aims: [aim], solution })
  }
  return [...groups.values()]
}

interface FoundProps {
  finding: Finding
  /** The problem as it is now. */
  now: MixProblem | null
  onCancel: () => void
  onTake: (solution: Solution) => void
}

function Found({ finding, now, onCancel, onTake }: FoundProps) {
  const { kase } = useOpenCase()
  const products = useProducts()
  const { state, asked, found } = finding
  if (!now) return null
  const next = asked[found.length]
  const isOld = JSON.stringify(now) !== finding.problem
  const named = productNames(products)
  const areaName = (id: string) => kase.areas.find((one) => one.id === id)?.name ?? ''
  return (
    <div className="mt-3" aria-live="polite">
      {state === 'working' && next && (
        <Progress
          label={en.working(en.aim[next])}
          share={found.length / asked.length}
          cancel={en.cancel}
          onCancel={onCancel}
        />
      )}
      {state === 'cancelled' && <p>{en.cancelled}</p>}
      {state === 'failed' && <p role="alert">{en.failed}</p>}
      {isOld && <p className="text-clay font-semibold">{en.changed}</p>}
      {!isOld && found.length > 0 && (
        <>
          <div className="mt-2 grid gap-x-7 gap-y-5 sm:grid-cols-2 xl:grid-cols-3">
            {alike(found).map(({ aims: asked, solution }) =>
              solution ? (
                <MixCard
                  key={asked[0]}
                  asked={asked}
                  problem={now}
                  solution={solution}
                  named={named}
                  areaName={areaName}
                  nutrient={materials.nutrientName}
                  measures={kase.measures}
                  onTake={() => onTake(solution)}
                />
              ) : (
                <p key={asked[0]} className="border-rule border-t-2 pt-2">
                  {en.nothing(en.aim[asked[0]!])}
                </p>
              ),
            )}
          </div>
          <p className="text-ink-2 mt-3 max-w-[75ch] text-[13.5px]">{en.weighed(now.unpriced)}</p>
        </>
      )}
    </div>
  )
}
