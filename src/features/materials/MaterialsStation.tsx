'use client'

import type { Area } from '@/core/case'
import { fields } from '@/core/fields'
import { limeMaterials, sulfurMaterials, type LimeMaterialId, type SulfurMaterialId } from '@/core/guides/materials'
import type { AreaRecommendation } from '@/core/recommend'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { textOf } from '@/wording/render'
import { answerOf, inArea, useOpenCase } from '../case/context'
import { fieldError, retyped } from '../formatting'
import { BagField } from './BagField'
import { FertilizerShelf } from './FertilizerShelf'
import { en } from './messages'

const limeOptions = (Object.keys(limeMaterials) as LimeMaterialId[]).map((value) => ({
  value,
  label: textOf(limeMaterials[value].label),
}))
const sulfurOptions = (Object.keys(sulfurMaterials) as SulfurMaterialId[]).map((value) => ({
  value,
  label: textOf(sulfurMaterials[value].label),
}))

/** Which products the needs are measured out in. */
export function MaterialsStation() {
  const { area, recommendation, go } = useOpenCase()
  const found = area && answerOf(recommendation, area.id)
  if (!area || !found?.answer) return <p className="mt-5 font-serif text-lg">{en.noAnswer}</p>
  return (
    <div data-entry>
      {found.answer.reaction.outcome === 'lime' && <LimeFields area={area} found={found} />}
      {found.answer.reaction.outcome === 'sulfur' && <SulfurFields area={area} />}
      <FertilizerShelf area={area} found={found} />
      <div className="mt-5 flex flex-wrap gap-3">
        <Button kind="act" onClick={() => go('letter')}>
          {en.letter}
        </Button>
        <Button onClick={() => go('amounts')}>{en.next}</Button>
      </div>
    </div>
  )
}

const heading = 'border-ink mb-3 border-b-[1.5px] pb-1 font-serif text-lg font-semibold'

function LimeFields({ area, found }: { area: Area; found: AreaRecommendation }) {
  const { edit } = useOpenCase()
  const { materials } = area
  const material = found.answer!.reaction.dose!.material
  return (
    <section className="mt-3 mb-6" aria-label={en.lime}>
      <h2 className={heading}>{en.lime}</h2>
      <div className="grid gap-x-5 gap-y-2.5 sm:grid-cols-3">
        <SelectField
          label={en.product}
          value={materials.lime}
          options={limeOptions}
          none={en.suggested(textOf(material.label))}
          onChange={(lime) => edit(inArea(area.id, (draft) => void (draft.materials.lime = lime)))}
        />
        <TextField
          label={en.effective}
          unit="%"
          numeric
          value={materials.limeEffective.text}
          placeholder={en.notPrinted}
          error={fieldError(fields.limeEffective, materials.limeEffective)}
          onChange={(text) =>
            edit(
              inArea(
                area.id,
                (draft) => void (draft.materials.limeEffective = retyped(text, '%', fields.limeEffective)),
              ),
            )
          }
        />
        <BagField area={area} of="limeBag" usual={material.bagLb} />
      </div>
    </section>
  )
}

function SulfurFields({ area }: { area: Area }) {
  const { edit } = useOpenCase()
  const { materials } = area
  const chosen = sulfurMaterials[materials.sulfur ?? 'sulfur-prills']
  return (
    <section className="mt-3 mb-6" aria-label={en.sulfur}>
      <h2 className={heading}>{en.sulfur}</h2>
      <div className="grid gap-x-5 gap-y-2.5 sm:grid-cols-3">
        <SelectField
          label={en.product}
          value={materials.sulfur ?? 'sulfur-prills'}
          options={sulfurOptions}
          onChange={(sulfur) => edit(inArea(area.id, (draft) => void (draft.materials.sulfur = sulfur)))}
        />
        <BagField area={area} of="sulfurBag" usual={chosen.bagLb} />
      </div>
    </section>
  )
}
