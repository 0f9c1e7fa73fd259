'use client'

import { X } from 'lucide-react'
import { useMemo } from 'react'
import type { AreaInSeason } from '@/core/case/in-season'
import { fields } from '@/core/report/fields'
import { cropsOf, guideWithCrop } from '@/core/guides/choose'
import { textures, type TextureId } from '@/core/guides/soils'
import { volume } from '@/core/ground/volume'
import { readAreaSize, readDepth, readTypedSize, typedSize } from '@/core/reading/soil'
import { isPlanted } from '@/core/recommend'
import { guideOf } from '@/core/case/guide-of'
import { ChoiceField } from '@/ui/ChoiceField'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { TickField } from '@/ui/TickField'
import { volumeWords } from '@/wording/format'
import { render, textOf } from '@/wording/render'
import { inArea, inThisSeason, useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'
import { fieldError, retyped, understood } from '../../shared/formatting'
import { LatePickField } from '../../shared/LatePickField'
import { useTape } from './useTape'
import { en } from './messages'
import { sureWords } from './sure'
import { FeedingField } from './SettingFields'

/** The crops that can be chosen for an area, and the one that is. */
export function useCrops(area: AreaInSeason) {
  const guides = useGuides()
  const crops = useMemo(() => cropsOf(guides, area.guide), [guides, area.guide])
  const options = useMemo(
    () => [...crops].map(([value, { label, use, aka }]) => ({ value, label: textOf(label), group: en.uses[use], aka })),
    [crops],
  )
  return { guides, crops, options, crop: (area.crop !== null && crops.get(area.crop)) || null }
}

const textureOptions = (Object.keys(textures) as TextureId[]).map((value) => ({
  value,
  label: textOf(textures[value].label),
}))

export function SizeField({ area, autoFocus }: { area: AreaInSeason; autoFocus?: boolean }) {
  const { kase, edit } = useOpenCase()
  const tape = useTape() ?? kase.measures
  const { text } = area.size
  const read = readTypedSize(area.size, kase)
  const { crop } = useCrops(area)
  const echoed = readAreaSize(area, kase, crop)
  const type = (typed: string) =>
    edit(
      inArea(area.id, (draft) => {
        draft.size = typedSize(typed, area.size, kase, tape)
      }),
    )
  return (
    <TextField
      label={en.size}
      value={text}
      onChange={type}
      placeholder={en.sizeExample}
      autoFocus={autoFocus}
      echo={echoed.ok ? `${render(echoed.value.echo, kase.measures)}; ${sureWords(echoed.value.how)}` : undefined}
      error={text.trim() !== '' && !read.ok ? render(read.refusal) : undefined}
    />
  )
}

export function CropField({ area }: { area: AreaInSeason }) {
  const { edit } = useOpenCase()
  const { guides, options } = useCrops(area)
  return (
    <LatePickField
      label={en.crop}
      value={area.crop}
      options={options}
      placeholder={en.cropExample}
      none={en.noCrop}
      onChange={(crop) =>
        edit(
          inThisSeason(area.id, (draft, ground) => {
            draft.crop = crop
            draft.otherCrops = draft.otherCrops.filter((other) => other !== crop)
            ground.guide = guideWithCrop(guides, ground.guide, crop)
          }),
        )
      }
    />
  )
}

/** What else grows here: each is rated by itself, and any of them can lead. */
export function OtherCropsField({ area }: { area: AreaInSeason }) {
  const { edit } = useOpenCase()
  const { crops, options, crop } = useCrops(area)
  if (!crop) return null
  const free = options.filter(({ value }) => value !== area.crop && !area.otherCrops.includes(value))
  const change = (others: (before: readonly string[]) => string[]) =>
    edit(inThisSeason(area.id, (draft) => void (draft.otherCrops = others(draft.otherCrops))))
  return (
    <div className="min-w-0">
      <LatePickField
        key={area.otherCrops.length}
        label={en.otherCrops}
        value={null}
        options={free}
        placeholder={en.otherCropsExample}
        none={en.noCrop}
        onChange={(id) => id && change((before) => [...before, id])}
      />
      {area.otherCrops.length > 0 && (
        <ul className="mt-1 flex flex-wrap gap-1.5">
          {area.otherCrops.map((id) => (
            <li key={id} className="border-edge flex items-center gap-1 rounded-[3px] border pl-2 text-[14.5px]">
              {textOf(crops.get(id)?.label ?? { en: id })}
              <button
                type="button"
                aria-label={en.removeCrop(textOf(crops.get(id)?.label ?? { en: id }))}
                className="hover:bg-margin cursor-pointer p-1.5"
                onClick={() => change((before) => before.filter((other) => other !== id))}
              >
                <X size={15} aria-hidden />
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  )
}

/** With `missing`, says that the texture is what the answer waits for. */
export function TextureField({ area, missing }: { area: AreaInSeason; missing?: string }) {
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

export function GroundField({ area }: { area: AreaInSeason }) {
  const { edit } = useOpenCase()
  const { crop } = useCrops(area)
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
export function MoreFields({ area }: { area: AreaInSeason }) {
  const { kase, recommendation, edit } = useOpenCase()
  const { crop, guides } = useCrops(area)
  const [size, depth] = [readAreaSize(area, kase, crop), readDepth(area)]
  const held =
    size.ok && depth.ok && depth.value !== undefined
      ? en.holds(volumeWords(volume(size.value.area, depth.value).value.v, kase.measures))
      : undefined
  const { lime, sulfur } = guideOf(area, kase, guides).limits
  // What is grey is what will be used: of sulfur where that is the question here.
  const sour = recommendation.areas.find(({ areaId }) => areaId === area.id)?.answer?.reaction.outcome === 'sulfur'
  const usual = sour ? sulfur.depth : isPlanted(area, crop) ? lime.surfaceDepth : lime.dugDepth
  return (
    <>
      <TextField
        label={en.depth}
        value={area.depth.text}
        unit={area.depth.unit}
        numeric
        placeholder={String(usual)}
        echo={held ?? understood(area.depth, 'in')}
        error={fieldError(fields.depth, area.depth)}
        onChange={(text) => edit(inArea(area.id, (draft) => void (draft.depth = retyped(text, 'in', fields.depth))))}
      />
      <FeedingField
        value={area.feeding}
        onChange={(feeding) => edit(inThisSeason(area.id, (draft) => void (draft.feeding = feeding)))}
      />
      <TickField
        label={en.ban}
        checked={area.phosphorusBanned}
        onChange={(on) => edit(inArea(area.id, (draft) => void (draft.phosphorusBanned = on)))}
      />
    </>
  )
}
