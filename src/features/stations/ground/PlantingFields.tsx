'use client'

import type { AreaInSeason } from '@/core/case/in-season'
import { fields, yieldFields } from '@/core/report/fields'
import { guideOf } from '@/core/case/guide-of'
import { yieldOf, type Crop } from '@/core/guides/crop'
import type { Guide } from '@/core/guides/guide'
import { feeds, productRef, type Product } from '@/core/shelf/product'
import { rateUnitWords } from '@/core/units/rates'
import type { Field, Typed } from '@/core/units/typed'
import { ChoiceField } from '@/ui/ChoiceField'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { TickField } from '@/ui/TickField'
import { textOf } from '@/wording/render'
import { inThisSeason, useOpenCase } from '../../case/context'
import { fieldError, retyped, understood } from '../../shared/formatting'
import { useProducts } from '../../case/useCase'
import { useCrops } from './AreaFields'
import { en } from './messages'

/** Asked of lawns alone. */
export function NewLawnField({ area }: { area: AreaInSeason }) {
  const { crop } = useCrops(area)
  return crop?.use === 'lawn' ? <Check area={area} of="newLawn" label={en.newLawn} /> : null
}

/** Asked of plots, which what the crop carries off decides for. */
export function YieldField({ area }: { area: AreaInSeason }) {
  const { edit } = useOpenCase()
  const { crop } = useCrops(area)
  const asked = crop && yieldOf(crop)
  if (!asked) return null
  const { unit, usual } = asked
  const field = yieldFields[unit]
  const { expectedYield } = area
  return (
    <TextField
      label={en.expectedYield}
      value={expectedYield.text}
      unit={(expectedYield.text !== '' && expectedYield.unit) || unit}
      numeric
      // What stands while it is blank.
      placeholder={String(usual)}
      echo={understood(expectedYield, unit)}
      error={fieldError(field, expectedYield)}
      onChange={(text) =>
        edit(inThisSeason(area.id, (draft) => void (draft.expectedYield = retyped(text, unit, fields.expectedYield))))
      }
    />
  )
}

/** Whether anything is asked of its plants or rows, and whether the crop goes by them. */
export function plantingOf(crop: Crop | null): 'none' | 'asked' | 'decides' {
  if (!crop || (crop.use !== 'bed' && crop.use !== 'planting' && crop.groundPerPlant === undefined)) return 'none'
  const inRows = crop.nitrogen.unit !== 'lb N/tree' && crop.nitrogen.perHundredFeetOfRow !== undefined
  return crop.use === 'planting' || inRows ? 'decides' : 'asked'
}

/** Rows, plants and their years, where the crop goes by them. */
export function PlantingFields({ area }: { area: AreaInSeason }) {
  const { crop } = useCrops(area)
  if (!crop) return null
  const byTree = crop.nitrogen.unit === 'lb N/tree'
  const byPlant = byTree || crop.groundPerPlant !== undefined
  return (
    <>
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
export function PastFields({ area }: { area: AreaInSeason }) {
  const { edit, kase } = useOpenCase()
  const { crop, guides } = useCrops(area)
  const products = useProducts()
  const { past } = area
  if (!crop || crop.use === 'container') return null
  const rate = past.manureRate
  return (
    <>
      <SelectField
        label={en.manure}
        value={past.manure}
        options={manuresOf(products)}
        none={en.noManure}
        onChange={(manure) => edit(inThisSeason(area.id, (draft) => void (draft.past.manure = manure)))}
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
            edit(inThisSeason(area.id, (draft) => void (draft.past.manureRate = retyped(text, 'lb/1000 ft²', rates))))
          }
        />
      )}
      {crop.use !== 'lawn' && (
        <SelectField
          label={en.legume}
          value={past.legume}
          options={legumesOf(guideOf(area, kase, guides))}
          none={en.noLegume}
          onChange={(legume) => edit(inThisSeason(area.id, (draft) => void (draft.past.legume = legume)))}
        />
      )}
      {crop.boron === 'serves' && (
        <TickField
          label={en.beansNext}
          checked={past.beansNext}
          onChange={(on) => edit(inThisSeason(area.id, (draft) => void (draft.past.beansNext = on)))}
        />
      )}
    </>
  )
}

const rates: Field = { ...fields.nutrient, units: rateUnitWords }
const manuresOf = (products: readonly Product[]) =>
  products
    .filter((product) => feeds(product) && product.feeding.origin)
    .map((product) => ({ value: productRef(product), label: textOf(product.label) }))
const legumesOf = ({ limits }: Guide) =>
  Object.entries(limits.legumes).map(([value, { label }]) => ({ value, label: textOf(label) }))

function Check({ area, of, label }: { area: AreaInSeason; of: 'newLawn'; label: string }) {
  const { edit } = useOpenCase()
  return (
    <TickField
      label={label}
      checked={area[of]}
      onChange={(on) => edit(inThisSeason(area.id, (draft) => void (draft[of] = on)))}
    />
  )
}

function Dwarf({ area }: { area: AreaInSeason }) {
  const { edit } = useOpenCase()
  return (
    <ChoiceField
      label={en.roots}
      value={area.plants.dwarf ? 'dwarf' : 'standard'}
      options={[
        { value: 'standard', label: en.rootNames.standard },
        { value: 'dwarf', label: en.rootNames.dwarf },
      ]}
      onChange={(roots) => edit(inThisSeason(area.id, (draft) => void (draft.plants.dwarf = roots === 'dwarf')))}
    />
  )
}

type Of = { of: 'plants'; name: 'count' | 'age' | 'shoots' } | { of: 'rows'; name: 'length' | 'spacing' }

/** One number of the plants or rows. */
function Counted({
  area,
  label,
  field,
  unit,
  ...at
}: { area: AreaInSeason; label: string; field: Field; unit: string } & Of) {
  const { edit } = useOpenCase()
  const typed: Typed = at.of === 'plants' ? area.plants[at.name] : area.rows[at.name]
  const put = (next: Typed) =>
    edit(
      inThisSeason(area.id, (draft) => {
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
