'use client'

import Link from 'next/link'
import { useState } from 'react'
import { readBags } from '@/core/shelf/bag'
import type { House } from '@/core/shelf/house'
import { productRef, type Product, type ProductRef } from '@/core/shelf/product'
import type { Shelf, Sold } from '@/core/shelf/shelf'
import { bagWords, labelWords } from '@/schemas/shelf-csv'
import { editOffice } from '@/store/office'
import { buttonClass } from '@/ui/Button'
import { findOptions } from '@/ui/find-option'
import { TextField } from '@/ui/TextField'
import { money, productWords } from '@/wording/format'
import { render } from '@/wording/render'
import { useProducts } from '../../case/useCase'
import { useOffice } from '../../shared/office/useOffice'
import { HouseProducts } from './HouseProducts'
import { OwnProduct } from './OwnProduct'
import { ShelfFiles } from './ShelfFiles'
import { en } from './messages'
import { today } from '../../shared/today'

/** What is sold here, in which bags, for how much. */
export function ShelfPage() {
  const office = useOffice()
  const products = useProducts()
  const [refused, setRefused] = useState(false)
  if (!office) return null
  const told = (written: Promise<void>) =>
    written.then(
      () => setRefused(false),
      () => setRefused(true),
    )
  const put = (change: Shelf) => told(editOffice(({ shelf }) => ({ shelf: { ...shelf, ...change } })))
  const house = (change: Partial<House>) => void told(editOffice((kept) => ({ house: { ...kept.house, ...change } })))
  return (
    <main className="mx-auto max-w-5xl px-5 pb-16 sm:px-8" data-entry>
      <header className="border-ink mb-4 flex items-end gap-4 border-b-[1.5px] pt-6 pb-3">
        <h1 className="flex-1 font-serif text-[27px] leading-none font-semibold">{en.title}</h1>
        <Link href="/" className={buttonClass('quiet')}>
          {en.desk}
        </Link>
      </header>
      {office.unread ? (
        <p role="alert" className="text-clay font-semibold">
          {en.unread}
        </p>
      ) : (
        <>
          <p className="mb-3 max-w-[70ch]">{en.lead}</p>
          {refused && (
            <p role="alert" className="text-clay border-clay mb-3 border-l-4 pl-3 font-semibold">
              {en.refused}
            </p>
          )}
          <HouseProducts house={office.house} products={products} put={house} />
          <Products shelf={office.shelf} put={put} />
        </>
      )}
    </main>
  )
}

type Put = (change: Shelf) => Promise<void>

function Products({ shelf, put }: { shelf: Shelf; put: Put }) {
  const products = useProducts()
  const [query, setQuery] = useState('')
  const named = products.map((product) => ({ product, label: productWords(product), group: '' }))
  const found = findOptions(named, query)
  return (
    <>
      <div className="grid items-end gap-x-5 gap-y-3 sm:grid-cols-[1fr_auto]">
        <TextField label={en.find} value={query} placeholder={en.findExample} onChange={setQuery} />
        <ShelfFiles shelf={shelf} put={put} />
      </div>
      <OwnProduct put={put} />
      <div className="mt-5 overflow-x-auto">
        <table className="w-full min-w-[620px] border-collapse text-[15px]">
          <thead>
            <tr className="text-ink-2 text-left text-[13.5px]">
              {[en.product, en.bags, en.soldHere].map((head) => (
                <th key={head} scope="col" className="pr-4 pb-1 font-normal">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {found.map(({ product }) => (
              <ProductLine
                key={productRef(product)}
                product={product}
                sold={shelf[productRef(product)]}
                onPut={(ref, sold) => void put({ [ref]: sold })}
              />
            ))}
          </tbody>
        </table>
        {found.length === 0 && <p className="text-ink-2 py-2">{en.none}</p>}
      </div>
    </>
  )
}

interface LineProps {
  product: Product
  sold: Sold | undefined
  onPut: (ref: ProductRef, sold: Sold) => void
}

/** One product: its bags as they are typed, and whether it can be had. */
function ProductLine({ product, sold, onPut }: LineProps) {
  const bags = sold?.bags ?? []
  const [typed, setTyped] = useState<string | null>(null)
  const [ref, name] = [productRef(product), productWords(product)]
  const text = typed ?? bagWords(bags)
  const read = readBags(text)
  const type = (next: string) => {
    setTyped(next)
    const now = readBags(next)
    // What cannot be read stays in its field; what is kept is the last that could.
    if (now.ok)
      onPut(ref, { bags: now.value.slice(0, 10).map((bag) => ({ ...bag, on: today() })), away: sold?.away ?? false })
  }
  const perPound = bags.flatMap(({ lb, price }) => (price === null ? [] : [price / lb]))
  const echo = bags[0]
    ? [bags[0].on && en.seen(bags[0].on), perPound.length > 0 && en.perPound(money(Math.min(...perPound)))]
        .filter(Boolean)
        .join('; ')
    : undefined
  return (
    <tr className="border-rule border-t align-top">
      <th scope="row" className="py-1.5 pr-4 text-left font-normal">
        <strong>{name}</strong>
        {product.id.startsWith('own-') && <span className="text-ink-2 block text-[13.5px]">{labelWords(product)}</span>}
      </th>
      <td className="min-w-64 py-1.5 pr-4">
        <TextField
          label={en.bagsOf(name)}
          hideLabel
          value={text}
          placeholder={`${product.bagLb} lb`}
          echo={echo}
          error={read.ok ? undefined : render(read.refusal)}
          onChange={type}
        />
      </td>
      <td className="py-3">
        <input
          type="checkbox"
          aria-label={en.soldHereOf(name)}
          className="accent-moss size-4.5"
          checked={!sold?.away}
          onChange={(event) => onPut(ref, { bags, away: !event.target.checked })}
        />
      </td>
    </tr>
  )
}
