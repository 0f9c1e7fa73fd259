'use client'

import { Suspense, useState } from 'react'
import type { LimeSieves } from '@/core/case/season'
import type { AreaInSeason } from '@/core/case/in-season'
import { cceField, limeFields, moistureField, sieveField } from '@/core/report/fields'
import { limeScales, type LimeScale, type LimeScaleId } from '@/core/report/lime-scales'
import { isAcidifier, isLime, productRef, type Product } from '@/core/shelf/product'
import { usual } from '@/core/shelf/products'
import { doseOf } from '@/core/needs/reaction'
import { majorsOf } from '@/core/needs/need'
import type { AreaRecommendation } from '@/core/recommend'
import type { Field } from '@/core/units/typed'
import { Button } from '@/ui/Button'
import { ChoiceField } from '@/ui/ChoiceField'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { textOf } from '@/wording/render'
import { answerOf, inThisSeason, useOpenCase } from '../../case/context'
import { fieldError, retyped } from '../../shared/formatting'
import { useProducts } from '../../case/useCase'
import { idle } from '../../shared/late/idle'
import { late } from '../../shared/late/late'
import { NothingYet } from '../../shared/NothingYet'
import { BagField } from './BagField'
import { FertilizerShelf } from './FertilizerShelf'
import { ShedFields } from './ShedFields'
import { en } from './messages'

const MixPanel = late(() => import('./mix/MixPanel').then((found) => found.MixPanel))
const TakenMix = late(() => import('./mix/TakenMix').then((found) => found.TakenMix))
// Below what is chosen, and for few.
const SpreaderFields = late(() =>
  idle().then(() => import('./spreader/SpreaderFields').then((found) => found.SpreaderFields)),
)
const Purchases = late(() => import('./Purchases').then((found) => found.Purchases))

const optionsOf = (products: readonly Product[], serves: (product: Product) => boolean) =>
  products.filter(serves).map((one) => ({ value: productRef(one), label: textOf(one.label) }))

const scaleOptions = (Object.keys(limeScales) as LimeScaleId[]).map((value) => ({
  value,
  label: textOf(limeScales[value].label),
}))

/** Which products the needs are measured out in. */
export function MaterialsStation() {
  const { kase, area, recommendation, go } = useOpenCase()
  const found = area && answerOf(recommendation, area.id)
  if (!area || !found?.answer) return <NothingYet says={en.noAnswer} />
  return (
    <div data-entry>
      {found.answer.reaction.outcome === 'lime' && <LimeFields area={area} found={found} />}
      {found.answer.reaction.outcome === 'sulfur' && <SulfurFields area={area} found={found} />}
      <ShedFields />
      <Fertilizers area={area} found={found} />
      <Suspense>
        {(found.use === 'lawn' || found.use === 'plot' || kase.spreaders.length > 0) && (
          <SpreaderFields found={found} />
        )}
      </Suspense>
      <Suspense>
        <Purchases />
      </Suspense>
      <div className="mt-5 flex flex-wrap gap-3">
        <Button kind="act" onClick={() => go('letter')}>
          {en.letter}
        </Button>
        <Button onClick={() => go('amounts')}>{en.next}</Button>
      </div>
    </div>
  )
}

/** What feeds it: one product, as people expect, or several together. */
function Fertilizers({ area, found }: { area: AreaInSeason; found: AreaRecommendation }) {
  const { kase } = useOpenCase()
  const [way, setWay] = useState<keyof typeof en.ways>(kase.mix ? 'several' : 'one')
  const isFed = majorsOf(found.answer!).some((need) => need.outcome === 'apply')
  if (!isFed && !kase.mix) return <p className="mt-3 font-serif text-lg">{en.nothing}</p>
  const ways = Object.entries(en.ways).map(([value, label]) => ({ value: value as typeof way, label }))
  return (
    <section aria-label={en.fertilizer} className="mt-3">
      <h2 className={heading}>{en.fertilizer}</h2>
      <div className="max-w-md">
        <ChoiceField label={en.how} value={way} options={ways} onChange={setWay} />
      </div>
      {way === 'one' ? (
        <FertilizerShelf area={area} found={found} />
      ) : (
        <Suspense>
          <TakenMix />
          <MixPanel area={area} />
        </Suspense>
      )}
    </section>
  )
}

const heading = 'border-ink mb-3 border-b-[1.5px] pb-1 font-serif text-lg font-semibold'

function LimeFields({ area, found }: { area: AreaInSeason; found: AreaRecommendation }) {
  const { edit } = useOpenCase()
  const products = useProducts()
  const { materials } = area
  const material = doseOf(found.answer!.reaction)!.product.material
  return (
    <section className="mt-3 mb-6" aria-label={en.lime}>
      <h2 className={heading}>{en.lime}</h2>
      <div className="grid gap-x-5 gap-y-2.5 sm:grid-cols-2 xl:grid-cols-4">
        <SelectField
          label={en.product}
          value={materials.lime}
          options={optionsOf(products, isLime)}
          none={en.suggested(textOf(material.label))}
          onChange={(lime) => edit(inThisSeason(area.id, (draft) => void (draft.materials.lime = lime)))}
        />
        <SelectField
          label={en.limeScale}
          value={materials.limeScale}
          options={scaleOptions}
          onChange={(scale) =>
            scale &&
            edit(
              inThisSeason(area.id, (draft) => {
                draft.materials.limeScale = scale
                const { text } = draft.materials.limeEffective
                draft.materials.limeEffective = retyped(text, limeFields[scale].units[0]!.unit, limeFields[scale])
              }),
            )
          }
        />
        {'each' in limeScales[materials.limeScale] ? (
          <TextField
            label={en.printed}
            unit={limeFields[materials.limeScale].units[0]!.unit}
            numeric
            value={materials.limeEffective.text}
            placeholder={en.notPrinted}
            error={fieldError(limeFields[materials.limeScale], materials.limeEffective)}
            onChange={(text) =>
              edit(
                inThisSeason(area.id, (draft) => {
                  const field = limeFields[draft.materials.limeScale]
                  draft.materials.limeEffective = retyped(text, field.units[0]!.unit, field)
                }),
              )
            }
          />
        ) : (
          <SieveFields area={area} />
        )}
        <BagField area={area} of="limeBag" usual={material.bagLb} />
      </div>
    </section>
  )
}

/** CaCO₃ equivalent, moisture, and what passes each sieve of the scale. */
function SieveFields({ area }: { area: AreaInSeason }) {
  const { edit } = useOpenCase()
  const { limeScale, limeSieves } = area.materials
  const { sieves = [] }: LimeScale = limeScales[limeScale]
  const names: readonly (readonly [keyof LimeSieves, string, Field])[] = [
    ['cce', en.cce, cceField],
    ...sieves.map(({ mesh }) => [mesh, en.passes(mesh), sieveField] as const),
    ['moisture', en.moisture, moistureField],
  ]
  return names.map(([name, label, field]) => (
    <TextField
      key={name}
      label={label}
      unit="%"
      numeric
      value={limeSieves[name].text}
      placeholder={field.example}
      error={fieldError(field, limeSieves[name])}
      onChange={(text) =>
        edit(inThisSeason(area.id, (draft) => void (draft.materials.limeSieves[name] = retyped(text, '%', field))))
      }
    />
  ))
}

function SulfurFields({ area, found }: { area: AreaInSeason; found: AreaRecommendation }) {
  const { edit } = useOpenCase()
  const products = useProducts()
  const { materials } = area
  const chosen = doseOf(found.answer!.reaction)?.product.material ?? usual.sulfur
  return (
    <section className="mt-3 mb-6" aria-label={en.sulfur}>
      <h2 className={heading}>{en.sulfur}</h2>
      <div className="grid gap-x-5 gap-y-2.5 sm:grid-cols-3">
        <SelectField
          label={en.product}
          value={materials.sulfur ?? productRef(usual.sulfur)}
          options={optionsOf(products, isAcidifier)}
          onChange={(sulfur) => edit(inThisSeason(area.id, (draft) => void (draft.materials.sulfur = sulfur)))}
        />
        <BagField area={area} of="sulfurBag" usual={chosen.bagLb} />
      </div>
    </section>
  )
}
