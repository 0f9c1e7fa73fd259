'use client'

import { useState } from 'react'
import { v4 as newId } from 'uuid'
import { addToShed, changeInShed, removeFromShed } from '@/core/acts/shed'
import { fields } from '@/core/report/fields'
import { productRef, type ProductRef } from '@/core/shelf/product'
import { Button } from '@/ui/Button'
import { RemoveButton } from '@/ui/RemoveButton'
import { TextField } from '@/ui/TextField'
import { productWords, weight } from '@/wording/format'
import { useOpenCase } from '../../case/context'
import { LatePickField } from '../../shared/LatePickField'
import { useProducts } from '../../case/useCase'
import { fieldError, retyped, understood } from '../../shared/formatting'
import { en } from './messages'
import { gradeOption } from './grade-option'
import { productNames } from './mix/names'
import { lbInShed } from '@/core/shelf/shed'

/** What the client has already, part bags included: it is used first. */
export function ShedFields() {
  const { kase, act } = useOpenCase()
  const products = useProducts()
  const [adding, setAdding] = useState(false)
  const options = products.map((product) => ({ value: productRef(product), label: productWords(product), group: '' }))
  const named = productNames(products)
  const unit = kase.measures === 'metres' ? 'kg' : 'lb'
  const add = (product: ProductRef | null) => {
    if (!product) return
    act(addToShed({ id: newId(), product, amount: { text: '', unit, value: null } }))
    setAdding(false)
  }
  return (
    <section aria-label={en.shed} className="mt-3">
      <h2 className="border-ink mb-2 border-b-[1.5px] pb-1 font-serif text-lg font-semibold">{en.shed}</h2>
      {kase.shed.length === 0 && !adding && <p className="text-ink-2 text-[14.5px]">{en.shedEmpty}</p>}
      <ul>
        {kase.shed.map((entry) => {
          const lb = lbInShed([entry], products).get(entry.product)
          return (
            <li key={entry.id} className="mt-1 flex flex-wrap items-end gap-3">
              <span className="min-w-44 flex-1 self-center pt-4">{named(entry.product)}</span>
              <div className="w-40">
                <TextField
                  label={en.shedAmount}
                  value={entry.amount.text}
                  unit={entry.amount.unit}
                  numeric
                  autoFocus={entry.amount.text === ''}
                  placeholder={fields.inShed.example}
                  echo={
                    entry.amount.unit === 'bags' && lb !== undefined
                      ? en.shedBags(weight(lb, kase.measures))
                      : understood(entry.amount, entry.amount.unit)
                  }
                  error={fieldError(fields.inShed, entry.amount)}
                  onChange={(text) =>
                    act(changeInShed(entry.id, { amount: retyped(text, entry.amount.unit || unit, fields.inShed) }))
                  }
                />
              </div>
              <RemoveButton label={en.shedRemove(named(entry.product))} onClick={() => act(removeFromShed(entry.id))} />
            </li>
          )
        })}
      </ul>
      {adding ? (
        <div className="mt-2 max-w-md">
          <LatePickField
            label={en.shedWhat}
            value={null}
            options={options}
            beside={(query) => gradeOption(query, products)}
            placeholder={en.shedExample}
            none={en.shedNone}
            onChange={(product) => add(product as ProductRef | null)}
          />
        </div>
      ) : (
        <Button kind="text" className="mt-1" onClick={() => setAdding(true)}>
          {en.shedAdd}
        </Button>
      )}
    </section>
  )
}
