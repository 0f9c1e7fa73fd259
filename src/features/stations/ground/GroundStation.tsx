'use client'

import { texts } from '@/core/shape/limits'
import { measureIn, setPace } from '@/core/acts/measuring'
import { openSeason, removeArea } from '@/core/acts/areas'
import { Suspense, useState } from 'react'
import { ChoiceField } from '@/ui/ChoiceField'
import { reportOfArea } from '@/core/case/in-force'
import type { AreaInSeason } from '@/core/case/in-season'
import { fields } from '@/core/report/fields'
import { Button } from '@/ui/Button'
import { Fold } from '@/ui/Fold'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { inArea, useOpenCase } from '../../case/context'
import { useProducts } from '../../case/useCase'
import { fieldError, retyped, understood } from '../../shared/formatting'
import { NothingYet } from '../../shared/NothingYet'
import { CropField, GroundField, MoreFields, OtherCropsField, SizeField, TextureField, useCrops } from './AreaFields'
import { NewLawnField, PastFields, PlantingFields, plantingOf, YieldField } from './PlantingFields'
import { told } from './told'
import { en } from './messages'
import { ClimateField, MeasuresField, TapeField } from './SettingFields'
import { LieFields, PutOnFields } from './LieFields'
import { en as planWords } from './plan/messages'
import { PlanGlance } from './PlanGlance'
import { useAddArea } from './useAddArea'
import { late } from '../../shared/late/late'

const PlanView = late(() => import('./plan/PlanView').then((found) => found.PlanView))

/** What is where, and how big it is. */
export function GroundStation() {
  const [view, setView] = useState<'list' | 'plan'>('list')
  return (
    <>
      <div className="mb-3 grid grid-cols-[minmax(0,380px)_130px] items-end gap-x-5 print:hidden">
        <ChoiceField
          label={planWords.views}
          value={view}
          options={[
            { value: 'list', label: planWords.byList },
            { value: 'plan', label: planWords.onPlan },
          ]}
          onChange={setView}
        />
        <SeasonField />
      </div>
      {view === 'list' ? (
        <div className="@container">
          <div className="flex gap-8">
            <div className="max-w-[836px] min-w-0 flex-1">
              <ByList />
            </div>
            <PlanGlance onDraw={() => setView('plan')} />
          </div>
        </div>
      ) : (
        <Suspense>
          <PlanView />
        </Suspense>
      )}
    </>
  )
}

/** Asked only where somebody paced. */
function PaceField() {
  const { kase, act } = useOpenCase()
  const { pace } = kase.plan
  if (pace.text === '' && !kase.areas.some(({ size }) => /\bpaces?\b/i.test(size.text))) return null
  return (
    <TextField
      label={planWords.pace}
      value={pace.text}
      unit={pace.unit}
      numeric
      placeholder={fields.pace.example}
      echo={understood(pace, 'ft') ?? planWords.paceEcho}
      error={fieldError(fields.pace, pace)}
      onChange={(text) => act(setPace(retyped(text, 'ft', fields.pace)))}
    />
  )
}

/** The year that is worked on. Another one keeps this one as it is. */
function SeasonField() {
  const { kase, act } = useOpenCase()
  const known = new Set([kase.season, ...kase.areas.flatMap((area) => Object.keys(area.seasons))])
  const next = String(Math.max(...[...known].map(Number)) + 1)
  const options = [...known].sort().map((year) => ({ value: year, label: year }))
  return (
    <SelectField
      label={en.season}
      value={kase.season}
      options={[...options, { value: next, label: en.nextSeason(next) }]}
      onChange={(year) => year && act(openSeason(year))}
    />
  )
}

/** All that can be skipped, in groups of which each says what it holds. */
function Groups({ area }: { area: AreaInSeason }) {
  const { kase } = useOpenCase()
  const products = useProducts()
  const { crop, crops, guides } = useCrops(area)
  const planting = plantingOf(crop)
  const asksLead = reportOfArea(kase, area.id)?.measured.lead?.value != null && !area.concerns.includes('lead')
  return (
    <div className="mt-4">
      {planting !== 'none' && (
        <Fold title={en.groups.plants} told={told.plants(area)} called={planting === 'decides'}>
          <PlantingFields area={area} />
        </Fold>
      )}
      <Fold title={en.groups.feeding} told={told.feeding(area, crops)}>
        <MoreFields area={area} />
        <OtherCropsField area={area} />
      </Fold>
      <Fold title={en.groups.past} told={told.past(area, kase, guides, products)}>
        <PastFields area={area} />
        <div className="col-span-full">
          <PutOnFields area={area} />
        </div>
      </Fold>
      <Fold title={en.groups.lie} told={told.lie(area)} called={asksLead}>
        <LieFields area={area} />
      </Fold>
    </div>
  )
}

function ByList() {
  const { kase, area, edit, act, go } = useOpenCase()
  const add = useAddArea()
  const remove = (id: string) => act(removeArea(id))
  return (
    <>
      <section className="grid gap-x-5 gap-y-3 sm:grid-cols-2" aria-label={en.aboutCase} data-entry>
        <TextField
          label={en.client}
          most={texts.client}
          value={kase.client}
          onChange={(client) => edit((draft) => void (draft.client = client))}
          autoFocus={kase.client === '' && kase.areas.length === 0}
        />
        <TextField
          label={en.place}
          most={texts.place}
          value={kase.place}
          onChange={(place) => edit((draft) => void (draft.place = place))}
        />
      </section>
      <div className="mt-3" data-entry>
        <Fold title={en.groups.case} told={told.case(kase)}>
          <MeasuresField value={kase.measures} onChange={(measures) => act(measureIn(measures))} />
          <TapeField shown={kase.measures} />
          <ClimateField value={kase.climate} onChange={(climate) => edit((draft) => void (draft.climate = climate))} />
        </Fold>
      </div>
      {area ? (
        <section
          className="border-ink mt-5 border-t-[1.5px] pt-4"
          aria-label={area.name || en.unnamed}
          data-entry
          key={area.id}
        >
          <div className="grid gap-x-5 gap-y-3 sm:grid-cols-2">
            <TextField
              label={en.name}
              most={texts.name}
              value={area.name}
              onChange={(name) => edit(inArea(area.id, (draft) => void (draft.name = name)))}
            />
            <SizeField area={area} autoFocus={area.size.text === '' && area.crop === null} />
            <CropField area={area} />
            <TextureField area={area} />
            <GroundField area={area} />
            <PaceField />
            <YieldField area={area} />
            <NewLawnField area={area} />
          </div>
          <Groups area={area} />
          <div className="mt-5 flex flex-wrap items-center gap-3">
            <Button kind="act" onClick={() => go('results')}>
              {en.next}
            </Button>
            <Button onClick={add}>{en.add}</Button>
            <Button kind="text" className="ml-auto" onClick={() => remove(area.id)}>
              {en.remove}
            </Button>
          </div>
        </section>
      ) : (
        <div className="border-ink mt-5 border-t-[1.5px]">
          <NothingYet says={`${en.noAreas} ${en.lead}`}>
            <Button kind="act" onClick={add}>
              {en.add}
            </Button>
          </NothingYet>
        </div>
      )}
    </>
  )
}
