'use client'

import { texts } from '@/core/shape/case-shape'
import { addApplication, changeApplication, removeApplication } from '@/core/case/acts/areas'
import type { Application } from '@/core/case/applications'
import { blankApplication } from '@/core/case/blank'
import { v4 as newId } from 'uuid'
import { concerns } from '@/core/case/case'
import type { AreaInSeason } from '@/core/case/in-season'
import { fields } from '@/core/report/fields'
import { Button } from '@/ui/Button'
import { RemoveButton } from '@/ui/RemoveButton'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { TickField } from '@/ui/TickField'
import { inArea, useOpenCase } from '../../case/context'
import { fieldError, retyped, understood } from '../../shared/formatting'
import { en } from './messages'

const optionsOf = <Value extends string>(names: Readonly<Record<Value, string>>) =>
  (Object.keys(names) as Value[]).map((value) => ({ value, label: names[value] }))

/** How the ground lies, and what troubles it: this decides what may share a bag, and which tests to ask for. */
export function LieFields({ area }: { area: AreaInSeason }) {
  const { edit } = useOpenCase()
  const { lie } = area
  return (
    <>
      <TextField
        label={en.colour}
        most={texts.colour}
        value={lie.colour}
        placeholder={en.colourExample}
        onChange={(colour) => edit(inArea(area.id, (draft) => void (draft.lie.colour = colour)))}
      />
      <SelectField
        label={en.slope}
        value={lie.slope}
        options={optionsOf(en.slopes)}
        none={en.unknown}
        onChange={(slope) => edit(inArea(area.id, (draft) => void (draft.lie.slope = slope)))}
      />
      <SelectField
        label={en.shade}
        value={lie.shade}
        options={optionsOf(en.shades)}
        none={en.unknown}
        onChange={(shade) => edit(inArea(area.id, (draft) => void (draft.lie.shade = shade)))}
      />
      <TextField
        label={en.toWater}
        value={lie.toWater.text}
        unit={lie.toWater.unit}
        numeric
        placeholder={fields.toWater.example}
        echo={understood(lie.toWater, 'ft')}
        error={fieldError(fields.toWater, lie.toWater)}
        onChange={(text) =>
          edit(inArea(area.id, (draft) => void (draft.lie.toWater = retyped(text, 'ft', fields.toWater))))
        }
      />
      <TickField
        label={en.irrigated}
        checked={lie.irrigated}
        onChange={(on) => edit(inArea(area.id, (draft) => void (draft.lie.irrigated = on)))}
      />
      <fieldset className="col-span-full">
        <legend className="text-ink-2 text-[13.5px]">{en.concerns}</legend>
        <div className="flex flex-wrap gap-x-5">
          {concerns.map((one) => (
            <TickField
              key={one}
              label={en.concernNames[one]}
              checked={area.concerns.includes(one)}
              onChange={(on) =>
                edit(
                  inArea(area.id, (draft) => {
                    draft.concerns = on ? [...draft.concerns, one] : draft.concerns.filter((other) => other !== one)
                  }),
                )
              }
            />
          ))}
        </div>
      </fieldset>
    </>
  )
}

/** What was put on in earlier years. */
export function PutOnFields({ area }: { area: AreaInSeason }) {
  const { kase, act } = useOpenCase()
  const change = (id: string, parts: Partial<Application>) => act(changeApplication(id, parts))
  return (
    <section className="mt-4" aria-label={en.putOn}>
      <h2 className="text-ink-2 text-[13.5px]">{en.putOn}</h2>
      <ul>
        {kase.applications
          .filter(({ areaId }) => areaId === area.id)
          .map((entry, i) => (
            <li key={entry.id} className="mt-1 flex flex-wrap items-end gap-3">
              <div className="w-24">
                <TextField
                  label={en.year}
                  most={texts.date}
                  value={entry.date}
                  numeric
                  onChange={(date) => change(entry.id, { date })}
                />
              </div>
              <div className="w-40">
                <SelectField
                  label={en.what}
                  value={entry.what}
                  options={optionsOf(en.whats)}
                  onChange={(what) => what && change(entry.id, { what })}
                />
              </div>
              <div className="min-w-48 flex-1">
                <TextField
                  label={en.note}
                  most={texts.applied}
                  value={entry.note}
                  onChange={(note) => change(entry.id, { note })}
                />
              </div>
              <RemoveButton label={en.removePutOn(i + 1)} onClick={() => act(removeApplication(entry.id))} />
            </li>
          ))}
      </ul>
      <Button
        kind="text"
        className="mt-1"
        onClick={() => act(addApplication({ ...blankApplication(newId(), area.id, ''), what: 'fertilizer' }))}
      >
        {en.addPutOn}
      </Button>
    </section>
  )
}
