'use client'

import { useState } from 'react'
import { v4 as newId } from 'uuid'
import type { Shelf } from '@/core/shelf/shelf'
import type { ShelfRead } from '@/schemas/shelf-csv'
import { addProducts } from '@/store/products'
import { Button } from '@/ui/Button'
import { FilePicker } from '@/ui/FilePicker'
import { saveFile } from '@/ui/save-file'
import { render } from '@/wording/render'
import { useProducts } from '../../case/useCase'
import { en } from './messages'
import { today } from '../../shared/today'

type Told = { readonly read: ShelfRead } | { readonly fault: string }

/** Lines that are named one by one. */
const shown = 8

/** The shelf to a spreadsheet and back. */
export function ShelfFiles({ shelf, put }: { shelf: Shelf; put: (change: Shelf) => Promise<void> }) {
  const products = useProducts()
  const [told, setTold] = useState<Told | null>(null)
  const csv = () => import('@/schemas/shelf-csv')
  const save = async () =>
    saveFile('shelf.csv', new Blob([(await csv()).shelfCsv(products, shelf)], { type: 'text/csv' }))
  const open = async (file: File) => {
    const { readShelfCsv, mostLines } = await csv()
    const found = readShelfCsv(await file.text(), products, shelf, today(), () => `own-${newId().slice(0, 8)}`)
    if (found === 'too-many') return setTold({ fault: en.tooMany(mostLines.toLocaleString('en-US')) })
    if (found === 'no-columns') return setTold({ fault: en.noColumns })
    try {
      await addProducts(found.products)
      await put(found.shelf)
      setTold({ read: found })
    } catch {
      setTold({ fault: en.refused })
    }
  }
  return (
    <>
      <div className="flex gap-2">
        <Button onClick={() => void save()}>{en.save}</Button>
        <FilePicker label={en.open} accept=".csv,text/csv" onFile={(file) => void open(file)} />
      </div>
      {told && (
        <div role="status" className="text-[14.5px] sm:col-span-2">
          {'fault' in told ? <p className="text-clay font-semibold">{told.fault}</p> : <Taken {...told.read} />}
        </div>
      )}
    </>
  )
}

function Taken({ read, products, refused }: ShelfRead) {
  return (
    <>
      <p>{en.read(read, products.length)}</p>
      <ul className="text-clay font-semibold">
        {refused.slice(0, shown).map(({ line, why }) => (
          <li key={line}>
            {en.refusedLine(line)}
            {why ? render(why) : en.noLabel}
          </li>
        ))}
        {refused.length > shown && <li>{en.moreRefused(refused.length - shown)}</li>}
      </ul>
    </>
  )
}
