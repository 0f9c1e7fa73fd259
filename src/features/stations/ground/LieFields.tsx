'use client'

import { texts } from '@/core/shape/limits'
import { removeApplication } from '@/core/acts/areas'
import { concerns } from '@/core/case/area'
import type { AreaInSeason } from '@/core/case/in-season'
import { fields } from '@/core/report/fields'
import { Button } from '@/ui/Button'
import { RemoveButton } from '@/ui/RemoveButton'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { TickField } from '@/ui/TickField'
import { inArea, useOpenCase } from '../../case/context'
import { fieldError, retyped, understood } from '../../shared/formatting'
import { dateWords } from '@/wording/format'
import { useProducts } from '../../case/useCase'
import { entryWords } from '@/wording/entry-words'
import { LogLine } from '../log/LogLine'
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

/** What was put on here, now and in earlier years: a line each, as in the Log. */
export function PutOnFields({ area }: { area: AreaInSeason }) {
  const { kase, act, go } = useOpenCase()
  const products = useProducts()
  const entries = kase.applications.filter(({ areaId }) => areaId === area.id)
  return (
    <section className="mt-4" aria-label={en.putOn}>
      <h2 className="text-ink-2 text-[13.5px]">{en.putOn}</h2>
      <LogLine areaId={area.id} />
      <ul>
        {[...entries]
          .sort((a, b) => b.date.localeCompare(a.date))
          .map((entry) => (
            <li key={entry.id} className="mt-1 flex items-center gap-3">
              <strong>{dateWords(entry.date)}</strong>
              <span className="flex-1">{entryWords(entry, products, kase.measures)}</span>
              <RemoveButton
                label={en.removePutOn(entryWords(entry, products, kase.measures))}
                onClick={() => act(removeApplication(entry.id))}
              />
            </li>
          ))}
      </ul>
      {entries.length > 0 && (
        <Button kind="text" className="mt-1" onClick={() => go('log')}>
          {en.toLog}
        </Button>
      )}
    </section>
  )
}
