'use client'

import type { Area } from '@/core/case/case'
import { fields } from '@/core/report/fields'
import { houseLimits } from '@/core/guides/limits'
import { fertilizers, type Fertilizer, type FertilizerId } from '@/core/shelf/materials'
import { rateUnitWords } from '@/core/units/rates'
import type { Field, Typed } from '@/core/units/typed'
import { ChoiceField } from '@/ui/ChoiceField'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { TickField } from '@/ui/TickField'
import { textOf } from '@/wording/render'
import { inArea, useOpenCase } from '../../case/context'
import { fieldError, retyped, understood } from '../../shared/formatting'
import { useCrops } from './AreaFields'
import { en } from './messages'

/** Rows, plants and their years, where the crop goes by them. */
export function PlantingFields({ area }: { area: Area }) {
  const { crop } = useCrops(area)
  if (!crop) return null
  const byTree = crop.nitrogen.unit === 'lb N/tree'
  const byPlant = byTree || crop.groundPerPlant !== undefined
  return (
    <>
      {crop.use === 'lawn' && <Check area={area} of="newLawn" label={en.newLawn} />}
      {byPlant && (
        <>
          <Counted area={area} of="plants" name="count" label={en.plantCount} field={fields.plants} unit="" />
          <Counted area={area} of="plants" name="age" label={en.plantAge} field={fields.age} unit="years" />
        </>
      )}
      {byTree && (
        <>
          <Counted area={area} of="plants" name="shoots" label={en.shoots} field={fields.shoots} unit="in" />
          <Dwarf area={area} />
        </>
      )}
      {(crop.use === 'bed' || crop.use === 'planting') && !byTree && (
        <>
          <Counted area={area} of="rows" name="spacing" label={en.rowSpacing} field={fields.rowSpacing} unit="ft" />
          <Counted area={area} of="rows" name="length" label={en.rowLength} field={fields.rowLength} unit="ft" />
        </>
      )}
    </>
  )
}

/** What earlier years left to this one, and what follows. */
export function PastFields({ area }: { area: Area }) {
  const { edit } = useOpenCase()
  const { crop } = useCrops(area)
  const { past } = area
  if (!crop || crop.use === 'container') return null
  const rate = past.manureRate
  return (
    <>
      <SelectField
        label={en.manure}
        value={past.manure}
        options={manures}
        none={en.noManure}
        onChange={(manure) => edit(inArea(area.id, (draft) => void (draft.past.manure = manure)))}
      />
      {past.manure && (
        <TextField
          label={en.manureRate}
          value={rate.text}
          unit={rate.unit.replace('1000', '1,000')}
          numeric
          placeholder="50 lb/1000"
          echo={understood(rate, 'lb/1000 ft²')}
          error={fieldError(fields.nutrient, rate)}
          onChange={(text) =>
            edit(inArea(area.id, (draft) => void (draft.past.manureRate = retyped(text, 'lb/1000 ft²', rates))))
          }
        />
      )}
      {crop.use !== 'lawn' && (
        <SelectField
          label={en.legume}
          value={past.legume}
          options={legumes}
          none={en.noLegume}
          onChange={(legume) => edit(inArea(area.id, (draft) => void (draft.past.legume = legume)))}
        />
      )}
      {crop.boron === 'serves' && (
        <TickField
          label={en.beansNext}
          checked={past.beansNext}
          onChange={(on) => edit(inArea(area.id, (draft) => void (draft.past.beansNext = on)))}
        />
      )}
    </>
  )
}

const rates: Field = { ...fields.nutrient, units: rateUnitWords }
const manures = (Object.keys(fertilizers) as FertilizerId[])
  .map((value) => ({ value, material: fertilizers[value] as Fertilizer }))
  .filter(({ material }) => material.origin)
  .map(({ value, material }) => ({ value, label: textOf(material.label) }))
const legumes = Object.entries(houseLimits.legumes).map(([value, { label }]) => ({ value, label: textOf(label) }))

function Check({ area, of, label }: { area: Area; of: 'newLawn'; label: string }) {
  const { edit } = useOpenCase()
  return (
    <TickField
      label={label}
      checked={area[of]}
      onChange={(on) => edit(inArea(area.id, (draft) => void (draft[of] = on)))}
    />
  )
}

function Dwarf({ area }: { area: Area }) {
  const { edit } = useOpenCase()
  return (
    <ChoiceField
      label={en.roots}
      value={area.plants.dwarf ? 'dwarf' : 'standard'}
      options={[
        { value: 'standard', label: en.rootNames.standard },
        { value: 'dwarf', label: en.rootNames.dwarf },
      ]}
      onChange={(roots) => edit(inArea(area.id, (draft) => void (draft.plants.dwarf = roots === 'dwarf')))}
    />
  )
}

type Of = { of: 'plants'; name: 'count' | 'age' | 'shoots' } | { of: 'rows'; name: 'length' | 'spacing' }

/** One number of the plants or rows. */
function Counted({ area, label, field, unit, ...at }: { area: Area; label: string; field: Field; unit: string } & Of) {
  const { edit } = useOpenCase()
  const typed: Typed = at.of === 'plants' ? area.plants[at.name] : area.rows[at.name]
  const put = (next: Typed) =>
    edit(
      inArea(area.id, (draft) => {
        if (at.of === 'plants') draft.plants[at.name] = next
        else draft.rows[at.name] = next
      }),
    )
  return (
    <TextField
      label={label}
      value={typed.text}
      unit={typed.unit || unit || undefined}
      numeric
      placeholder={field.example}
      echo={understood(typed, unit)}
      error={fieldError(field, typed)}
      onChange={(text) => put(retyped(text, unit, field))}
    />
  )
}
