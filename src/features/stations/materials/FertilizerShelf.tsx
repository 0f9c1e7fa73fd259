'use client'

import clsx from 'clsx'
import { Suspense, useState } from 'react'
import type { AreaInSeason } from '@/core/case/in-season'
import { fields } from '@/core/report/fields'
import type { Use } from '@/core/guides/crop'
import { graded } from '@/core/shelf/graded'
import { isFertilizer, productRef, type Fertilizer, type ProductRef } from '@/core/shelf/product'
import { lbInShed } from '@/core/shelf/shed'
import { bagFor, bagsOf, costOf, type Shelf } from '@/core/shelf/shelf'
import { boughtIn, canMeet, type OneFertilizer } from '@/core/bags/one-fertilizer'
import { majorsOf } from '@/core/needs/need'
import { shelfFor, type AreaRecommendation, type OnShelf } from '@/core/recommend'
import { fedWith } from '@/core/bags/chosen'
import { isStale } from '@/core/mix/standing'
import { Button } from '@/ui/Button'
import { ChoiceField } from '@/ui/ChoiceField'
import { Fold } from '@/ui/Fold'
import { Formula } from '@/ui/Formula'
import { TextField } from '@/ui/TextField'
import { gradeWords, figure, money, productWords, weight, type Measures } from '@/wording/format'
import { render, textOf } from '@/wording/render'
import { inThisSeason, useOpenCase } from '../../case/context'
import { useLocal, useGuides, useProducts } from '../../case/useCase'
import { fieldError, retyped } from '../../shared/formatting'
import { counted, weighed } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'
import { useOffice } from '../../shared/office/useOffice'
import { LatePickField } from '../../shared/LatePickField'
import { BagField } from './BagField'
import { chooseFertilizer } from './choose'
import { gradeOption } from './grade-option'
import { Balances } from './Balances'
import { balance } from './balance'
import { en } from './messages'
import { late } from '../../shared/late/late'

const Named = late(() => import('./Named').then((found) => found.Named))

/** What is named or chosen for an area, and every product beside it as if it alone did the whole job; one is chosen. */
export function FertilizerShelf({ area, found }: { area: AreaInSeason; found: AreaRecommendation }) {
  const { kase, edit, recommendation } = useOpenCase()
  const guides = useGuides()
  const products = useProducts()
  const local = useLocal()
  const shelf = useOffice()?.shelf ?? {}
  const [order, setOrder] = useState<keyof typeof en.orders>('fit')
  const { answer, size, crop } = found
  if (!answer || !size.ok || !crop) return null
  const chosen = kase.mix ? null : area.materials.fertilizer
  const own = chosen && graded(chosen)
  const offered = own ? [...products, own] : products
  const rows = shelfFor(kase, area, found, guides, offered, local).map((row) => {
    const here = row.id === chosen ? answer.fertilizer : undefined
    const mix = here?.mix.ok ? here.mix.value : row.mix
    const typed = here && here.bagLb !== row.material.bagLb ? here.bagLb : undefined
    const bagLb = typed ?? bagFor(row.material, mix?.amount.value.v ?? 0, shelf).lb
    return { ...row, bagLb, mix: mix && { ...mix, ...boughtIn(mix.amount, bagLb) } }
  })
  const taken = rows.find(({ id }) => id === chosen)
  const there = lbInShed(kase.shed, products)
  const costs = new Map(
    rows.map(({ id, material, mix }) => [id, mix ? costHere(material, mix, shelf, there.get(id) ?? 0) : null]),
  )
  const fitting = sortBy(
    rows.filter((row) => row.mix || row.id === chosen),
    found.use,
  )
  const cost = (id: ProductRef) => costs.get(id) ?? Infinity
  const useful = order === 'cost' ? [...fitting].sort((a, b) => cost(a.id) - cost(b.id)) : fitting
  const isIn = (row: OnShelf) => row.id === chosen || !isOut(row, found.use)
  const choose = (id: ProductRef | null) => edit(chooseFertilizer([area.id], id))
  const { one, named } = fedWith(answer, answer.mixed !== null && isStale(kase, recommendation, products))
  const table = { chosen, choose, costs, shelf, use: found.use }
  const out = useful.filter((row) => !isIn(row))
  return (
    <section aria-label={en.shelf}>
      {taken?.mix && answer.fertilizer?.mix.ok && (
        <Chosen area={area} material={taken.material} mix={taken.mix} bagLb={taken.bagLb} found={found} />
      )}
      {named && !kase.mix && (
        <Suspense>
          <Named area={area} found={found} named={named} beside={one !== null} />
        </Suspense>
      )}
      {chosen && (
        <Button kind="text" className="mb-3" onClick={() => choose(null)}>
          {en.clear}
        </Button>
      )}
      <p className="text-ink-2 my-1.5 text-[14.5px]">{kase.mix ? en.shelfInsteadOfMix : en.shelfLead}</p>
      <div className="mb-2 grid items-end gap-x-5 gap-y-2 sm:grid-cols-2">
        <LatePickField
          label={en.another}
          value={null}
          options={products
            .filter(isFertilizer)
            .map((one) => ({ value: productRef(one), label: productWords(one), group: '' }))}
          beside={(query) => gradeOption(query, products)}
          placeholder={en.anotherExample}
          none={en.anotherNone}
          onChange={(ref) => ref && choose(ref as ProductRef)}
        />
        <ChoiceField
          label={en.order}
          value={order}
          options={Object.entries(en.orders).map(([value, label]) => ({ value: value as typeof order, label }))}
          onChange={setOrder}
        />
      </div>
      <ShelfTable rows={useful.filter(isIn)} {...table} />
      {out.length > 0 && (
        <Fold title={en.out(out.length)} className="mt-3">
          <ShelfTable rows={out} {...table} />
        </Fold>
      )}
    </section>
  )
}

/** What has no business here, with its reason, or would take a load of it: lb per 1,000 ft² beyond which nobody spreads it. */
const load = 100

const isOut = ({ mix, material }: OnShelf, use: Use): boolean =>
  !mix || mix.barred.length > 0 || mix.rate.value.v > load || (material.feeding.forLawns === true && use !== 'lawn')

interface TableProps {
  rows: readonly OnShelf[]
  chosen: ProductRef | null
  choose: (id: ProductRef) => void
  costs: ReadonlyMap<ProductRef, number | null>
  shelf: Shelf
  use: Use
}

function ShelfTable({ rows, chosen, choose, costs, shelf, use }: TableProps) {
  const { kase } = useOpenCase()
  return (
    <div className="overflow-x-auto">
      <table className="w-full min-w-[600px] border-collapse text-[14.5px]">
        <thead>
          <tr className="text-ink-2 text-left text-[13.5px]">
            {(Object.keys(en.columns) as (keyof typeof en.columns)[]).map((column) => (
              <th
                key={column}
                scope="col"
                className={clsx('px-2 py-1 font-normal first:pl-0', column !== 'product' && 'text-right')}
              >
                <Formula>{en.columns[column]}</Formula>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, material, mix }) => (
            <tr key={id} className={clsx('border-rule border-t', id === chosen && 'bg-wash')}>
              <th scope="row" className="py-1.5 pr-2 text-left font-normal">
                <label className="flex min-h-6 cursor-pointer items-baseline gap-2">
                  <input
                    type="radio"
                    name="fertilizer"
                    checked={id === chosen}
                    onChange={() => choose(id)}
                    className="accent-moss translate-y-0.5"
                  />
                  <span>
                    <strong>{gradeWords(material)}</strong> {textOf(material.label)}
                    {shelf[id]?.away && <span className="text-ink-2 block text-[13px]">{en.away}</span>}
                    {material.feeding.forLawns && use !== 'lawn' && <Barred>{en.forLawns}</Barred>}
                    {mix?.barred.map((sentence) => (
                      <Barred key={sentence.key}>{render(sentence)}</Barred>
                    ))}
                  </span>
                </label>
              </th>
              {mix ? (
                <Cells mix={mix} cost={costs.get(id) ?? null} measures={kase.measures} />
              ) : (
                <td colSpan={6}>{en.holdsNothing}</td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

const Barred = ({ children }: { children: string }) => (
  <span className="text-clay block text-[13px] leading-tight font-semibold">{children}</span>
)

/** What a product costs for the whole area, what the shed has of it taken off; null while its price is not known. */
const costHere = (material: Fertilizer, mix: OneFertilizer, shelf: Shelf, there: number): number | null =>
  costOf(Math.max(0, mix.amount.value.v - there), bagsOf(material, shelf))?.cost ?? null

/** What fits best comes first: what has no business here last, then the least that is over or short of what is wanted. */
const sortBy = (rows: readonly OnShelf[], use: Use): OnShelf[] =>
  [...rows].sort((a, b) => misfit(a, use) - misfit(b, use))

/** A lawn fertilizer goes before one that comes nearer by less than this share of what is wanted. */
const strange = 0.2

function misfit({ id, mix, material }: OnShelf, use: Use): number {
  if (!mix) return Infinity
  const apart = mix.supplies.map(({ over }) => Math.abs(over?.value.v ?? 0)).reduce((sum, one) => sum + one, 0)
  const wanted = mix.supplies.reduce((sum, one) => sum + (typeof one.wanted === 'string' ? 0 : one.wanted.value.v), 0)
  const notForLawns = use === 'lawn' && !material.feeding.forLawns
  return (isOut({ id, mix, material }, use) ? 1e9 : 0) + apart + (notForLawns ? strange * wanted : 0)
}

function Cells({ mix, cost, measures }: { mix: OneFertilizer; cost: number | null; measures: Measures }) {
  return (
    <>
      <td className="px-2 text-right">{weight(mix.amount.value.v, measures)}</td>
      <td className="px-2 text-right">{figure(mix.bags.value.v)}</td>
      <td className="px-2 text-right">{cost === null ? '–' : money(cost)}</td>
      {mix.supplies.map((supply) => (
        <td key={supply.nutrient} className="px-2 text-right">
          {balance(supply, measures)}
        </td>
      ))}
    </>
  )
}

function Chosen({
  area,
  material,
  mix,
  bagLb,
  found,
}: {
  area: AreaInSeason
  material: Fertilizer
  mix: OneFertilizer
  bagLb: number
  found: AreaRecommendation
}) {
  const { kase, edit } = useOpenCase()
  const possible = canMeet(material, majorsOf(found.answer!), found.answer!.pH ?? undefined)
  return (
    <div className="bg-wash mt-2 mb-3 rounded-[3px] px-4 py-3">
      <p className="font-serif text-xl">
        <strong>{gradeWords(material)}</strong> {textOf(material.label)}:{' '}
        <Figure of={weighed(mix.amount, kase.measures)} />
      </p>
      <p className="mt-1">
        <Figure
          of={counted(mix.bags)}
        >{`${figure(mix.bags.value.v)} ${mix.bags.value.v === 1 ? 'bag' : 'bags'}`}</Figure>{' '}
        of {weight(bagLb, kase.measures)}, {weight(mix.leftOver.value.v, kase.measures)} left over.
      </p>
      {(mix.limeUsed || material.feeding.saltIndex !== undefined) && (
        <p className="mt-1">
          {mix.limeUsed && (
            <>
              {en.limeUsed} <Figure of={weighed(mix.limeUsed, kase.measures)} />.{' '}
            </>
          )}
          {material.feeding.saltIndex !== undefined && en.saltIndex(material.feeding.saltIndex)}
        </p>
      )}
      <Balances supplies={mix.supplies} />
      <div className="mt-3 grid gap-x-5 gap-y-2.5 sm:grid-cols-2">
        {possible.length > 1 && (
          <ChoiceField
            label={en.meets}
            value={mix.meets}
            options={possible.map((value) => ({ value, label: en.nutrient[value] }))}
            onChange={(meets) => edit(inThisSeason(area.id, (draft) => void (draft.materials.meets = meets)))}
          />
        )}
        <BagField area={area} of="fertilizerBag" usual={bagLb} />
        {material.feeding.grade.N > 0 && found.use === 'lawn' && (
          <SlowField area={area} usual={material.feeding.slowNitrogen * 100} />
        )}
      </div>
    </div>
  )
}

/** How much of the nitrogen is slow, as the bag says. */
function SlowField({ area, usual }: { area: AreaInSeason; usual: number }) {
  const { edit } = useOpenCase()
  const typed = area.materials.slowNitrogen
  return (
    <TextField
      label={en.slow}
      unit="%"
      numeric
      value={typed.text}
      placeholder={String(usual)}
      error={fieldError(fields.slowNitrogen, typed)}
      onChange={(text) =>
        edit(
          inThisSeason(
            area.id,
            (draft) => void (draft.materials.slowNitrogen = retyped(text, '%', fields.slowNitrogen)),
          ),
        )
      }
    />
  )
}
