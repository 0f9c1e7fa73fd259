'use client'

import { lazy, Suspense } from 'react'
import type { Area } from '@/core/case'
import { fields } from '@/core/fields'
import { readSize } from '@/core/geometry/size'
import { crops, type CropId } from '@/core/guides/crops'
import { textures, type TextureId } from '@/core/guides/soils'
import { isPlanted } from '@/core/recommend'
import { limits } from '@/core/guides/limits'
import { ChoiceField } from '@/ui/ChoiceField'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { render, textOf } from '@/wording/render'
import { inArea, useOpenCase } from '../case/context'
import { fieldError, retyped, understood } from '../formatting'
import { en } from './messages'
import { FeedingField } from './SettingFields'

/** The list one types into is most of the interface library's weight, so it comes right after the page. */
const pickField = import('@/ui/PickField')
const PickField = lazy(() => pickField.then(({ PickField: field }) => ({ default: field<CropId> })))

const cropOptions = (Object.keys(crops) as CropId[]).map((value) => ({
  value,
  label: textOf(crops[value].label),
  group: en.uses[crops[value].use],
}))
const textureOptions = (Object.keys(textures) as TextureId[]).map((value) => ({
  value,
  label: textOf(textures[value].label),
}))

export function SizeField({ area, autoFocus }: { area: Area; autoFocus?: boolean }) {
  const { kase, edit } = useOpenCase()
  const { text } = area.size
  const read = readSize(text, kase.measures)
  const type = (typed: string) =>
    edit(
      inArea(area.id, (draft) => {
        const size = readSize(typed, kase.measures)
        draft.size = { text: typed, unit: 'ft²', value: size.ok ? size.value.area.value.v : null }
      }),
    )
  return (
    <TextField
      label={en.size}
      value={text}
      onChange={type}
      placeholder={en.sizeExample}
      autoFocus={autoFocus}
      echo={read.ok ? render(read.value.echo, kase.measures) : undefined}
      error={text.trim() !== '' && !read.ok ? render(read.refusal) : undefined}
    />
  )
}

export function CropField({ area }: { area: Area }) {
  const { edit } = useOpenCase()
  return (
    <Suspense fallback={<p className="text-ink-2 h-[58px] text-[13.5px]">{en.crop}</p>}>
      <PickField
        label={en.crop}
        value={area.crop}
        options={cropOptions}
        placeholder={en.cropExample}
        none={en.noCrop}
        onChange={(crop) => edit(inArea(area.id, (draft) => void (draft.crop = crop)))}
      />
    </Suspense>
  )
}

/** With `missing`, says that the texture is what the answer waits for. */
export function TextureField({ area, missing }: { area: Area; missing?: string }) {
  const { edit } = useOpenCase()
  return (
    <SelectField
      label={en.texture}
      value={area.texture}
      options={textureOptions}
      none={en.noTexture}
      error={missing}
      onChange={(texture) => edit(inArea(area.id, (draft) => void (draft.texture = texture)))}
    />
  )
}

export function GroundField({ area }: { area: Area }) {
  const { edit } = useOpenCase()
  const crop = area.crop ? crops[area.crop] : null
  return (
    <ChoiceField
      label={en.ground}
      value={isPlanted(area, crop) ? 'planted' : 'dug'}
      options={[
        { value: 'dug', label: en.grounds.dug },
        { value: 'planted', label: en.grounds.planted },
      ]}
      onChange={(ground) => edit(inArea(area.id, (draft) => void (draft.ground = ground)))}
    />
  )
}

/** The rest of what may be said of an area; all of it can be skipped. */
export function MoreFields({ area }: { area: Area }) {
  const { edit } = useOpenCase()
  const crop = area.crop ? crops[area.crop] : null
  const usual = isPlanted(area, crop) ? limits.lime.surfaceDepth : limits.lime.dugDepth
  return (
    <>
      <TextField
        label={en.depth}
        value={area.depth.text}
        unit={area.depth.unit}
        numeric
        placeholder={String(usual)}
        echo={understood(area.depth, 'in')}
        error={fieldError(fields.depth, area.depth)}
        onChange={(text) => edit(inArea(area.id, (draft) => void (draft.depth = retyped(text, 'in', fields.depth))))}
      />
      <FeedingField
        value={area.feeding}
        onChange={(feeding) => edit(inArea(area.id, (draft) => void (draft.feeding = feeding)))}
      />
      <label className="flex min-h-9 items-center gap-2 self-end">
        <input
          type="checkbox"
          className="accent-moss size-4.5"
          checked={area.phosphorusBanned}
          onChange={(event) => edit(inArea(area.id, (draft) => void (draft.phosphorusBanned = event.target.checked)))}
        />
        {en.ban}
      </label>
    </>
  )
}
