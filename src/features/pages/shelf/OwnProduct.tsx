'use client'

import { useState } from 'react'
import { v4 as newId } from 'uuid'
import { productOfLabel, readLabel, type Label } from '@/core/shelf/label'
import { productRef } from '@/core/shelf/product'
import type { Shelf } from '@/core/shelf/shelf'
import { readNumber } from '@/core/units/typed'
import { addProducts } from '@/store/products'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { TextField } from '@/ui/TextField'
import { places, weight } from '@/wording/format'
import { render } from '@/wording/render'
import { en } from './messages'
import { today } from '../../shared/today'

const blank = { name: '', label: '', density: '' }
/** lb a cup. */
const [lightest, heaviest] = [0.05, 2]

/** A product that no shipped one is: typed as its label reads, and told back before it is kept. */
export function OwnProduct({ put }: { put: (change: Shelf) => Promise<void> }) {
  const [typed, setTyped] = useState(blank)
  const [asked, setAsked] = useState(false)
  const [refused, setRefused] = useState(false)
  const change = (part: Partial<typeof blank>) => setTyped({ ...typed, ...part })
  const label = readLabel(typed.label)
  const density = typed.density.trim() === '' ? undefined : readNumber(typed.density)?.value
  const densityFits =
    typed.density.trim() === '' || (density !== undefined && density >= lightest && density <= heaviest)
  const add = async () => {
    setAsked(true)
    if (!label.ok || typed.name.trim() === '' || !densityFits) return
    const product = productOfLabel(`own-${newId().slice(0, 8)}`, typed.name.trim().slice(0, 120), label.value, density)
    const { bag } = label.value
    try {
      await addProducts([product])
      if (bag) await put({ [productRef(product)]: { bags: [{ ...bag, on: today() }], away: false } })
      setTyped(blank)
      setAsked(false)
      setRefused(false)
    } catch {
      setRefused(true)
    }
  }
  return (
    <details className="mt-4">
      <summary className="text-moss cursor-pointer font-semibold">{en.own}</summary>
      <div className="mt-2 grid items-start gap-x-5 gap-y-2.5 sm:grid-cols-[1fr_1.6fr_9rem]">
        <TextField
          label={en.ownName}
          most={120}
          value={typed.name}
          placeholder={en.ownNameExample}
          error={asked && typed.name.trim() === '' ? en.needsName : undefined}
          onChange={(name) => change({ name })}
        />
        <TextField
          label={en.ownLabel}
          value={typed.label}
          placeholder={en.ownLabelExample}
          error={(asked || typed.label.trim() !== '') && !label.ok ? render(label.refusal) : undefined}
          onChange={(text) => change({ label: text })}
        />
        <TextField
          label={en.ownDensity}
          unit="lb"
          numeric
          value={typed.density}
          placeholder={en.ownDensityExample}
          error={densityFits ? undefined : en.densityRange}
          onChange={(text) => change({ density: text })}
        />
      </div>
      {label.ok && <Understood label={label.value} />}
      {refused && (
        <p role="alert" className="text-clay font-semibold">
          {en.refused}
        </p>
      )}
      <Button kind="act" className="mt-2" onClick={() => void add()}>
        {en.ownAdd}
      </Button>
    </details>
  )
}

/** What was understood of a label: what a bag holds, and how much of it is none of that. */
function Understood({ label }: { label: Label }) {
  const { bag, remarks } = label
  const shares: readonly (readonly [string, number])[] =
    label.kind === 'lime'
      ? [[en.pureLime, label.effectiveness]]
      : label.kind === 'sulfur'
        ? [[en.pureSulfur, label.strength]]
        : Object.entries(label.grade).flatMap(([nutrient, percent]) => (percent > 0 ? [[nutrient, percent / 100]] : []))
  return (
    <p className="text-ink-2 mt-1 text-[14px]">
      {label.kind === 'fertilizer'
        ? en.holds(places(100 - label.rest, 1), places(label.rest, 1))
        : shares.map(([what, share]) => en.worth(places(share * 100, 1), what))}{' '}
      {bag && (
        <Formula>
          {en.bagHolds(
            shares.map(([what, share]) => `${weight(bag.lb * share, 'feet')} ${what}`).join(', '),
            weight(bag.lb, 'feet'),
          )}
        </Formula>
      )}
      {remarks.map((remark) => (
        <strong key={remark.key} className="text-clay block">
          <Formula>{render(remark)}</Formula>
        </strong>
      ))}
    </p>
  )
}
