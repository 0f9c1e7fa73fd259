'use client'

import { ArrowUp, X } from 'lucide-react'
import { houseGroups, shippedHouse, type House, type HouseGroup } from '@/core/shelf/house'
import { isFertilizer, productRef, type Product, type ProductRef } from '@/core/shelf/product'
import { productNamed } from '@/core/shelf/product-named'
import { Button } from '@/ui/Button'
import { Fold } from '@/ui/Fold'
import { SelectField } from '@/ui/SelectField'
import { productWords } from '@/wording/format'
import { groupWords } from '@/wording/interface/house'
import { capital } from '@/wording/phrase'
import { en } from './messages'

interface Props {
  house: Partial<House>
  products: readonly Product[]
  put: (change: Partial<House>) => void
}

/** The fertilizers that are named where nobody chose any, by what they are for. */
export function HouseProducts({ house, products, put }: Props) {
  return (
    <div className="mb-5">
      <Fold title={en.house} told={en.houseTold} className="grid gap-x-8 gap-y-5 sm:grid-cols-2">
        <p className="text-ink-2 text-[14.5px] sm:col-span-2">{en.houseLead}</p>
        {houseGroups.map((group) => (
          <Group
            key={group}
            group={group}
            refs={house[group] ?? shippedHouse[group]}
            products={products}
            put={(refs) => put({ [group]: refs })}
          />
        ))}
      </Fold>
    </div>
  )
}

interface GroupProps {
  group: HouseGroup
  refs: readonly ProductRef[]
  products: readonly Product[]
  put: (refs: readonly ProductRef[]) => void
}

function Group({ group, refs, products, put }: GroupProps) {
  const title = capital(groupWords[group])
  const options = products
    .filter((one) => isFertilizer(one) && !refs.includes(productRef(one)))
    .map((one) => ({ value: productRef(one), label: productWords(one) }))
  const up = (i: number) => put(refs.map((ref, at) => (at === i - 1 ? refs[i]! : at === i ? refs[i - 1]! : ref)))
  return (
    <section aria-label={title}>
      <h3 className="mb-1 font-semibold">{title}</h3>
      <ol className="mb-2 grid gap-0.5 text-[15px]">
        {refs.map((ref, i) => {
          const product = productNamed(products, ref)
          const name = product ? productWords(product) : ref
          return (
            <li key={ref} className="flex items-center gap-1">
              <span className="min-w-0 flex-1">{name}</span>
              {i > 0 && (
                <Button kind="text" aria-label={en.earlier(name, groupWords[group])} onClick={() => up(i)}>
                  <ArrowUp size={16} aria-hidden />
                </Button>
              )}
              <Button
                kind="text"
                aria-label={en.without(name, groupWords[group])}
                onClick={() => put(refs.filter((one) => one !== ref))}
              >
                <X size={16} aria-hidden />
              </Button>
            </li>
          )
        })}
      </ol>
      {refs.length === 0 && <p className="text-ink-2 mb-2 text-[14.5px]">{en.houseNone}</p>}
      <SelectField
        label={en.houseAdd(groupWords[group])}
        value={null}
        options={options}
        none={en.houseAddWhat}
        onChange={(ref) => ref && put([...refs, ref])}
      />
    </section>
  )
}
