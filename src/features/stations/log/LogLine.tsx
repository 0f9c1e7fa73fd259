'use client'

import { useState } from 'react'
import { v4 as newId } from 'uuid'
import { addApplication } from '@/core/acts/areas'
import { readLogLine, type LoggedLine } from '@/core/passes/log/line'
import { leftIn, planFor } from '@/core/plan/plan'
import type { Pass, Treatment } from '@/core/passes/pass'
import { productRef } from '@/core/shelf/product'
import { asTyped } from '@/core/units/typed'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/TextField'
import { dateWords, productWords, weight } from '@/wording/format'
import { render, textOf } from '@/wording/render'
import { answerOf, useOpenCase } from '../../case/context'
import { useProducts } from '../../case/useCase'
import { usePlan } from '../../shared/plan/usePlan'
import { today } from '../../shared/today'
import { en } from './messages'

/** So many times what is still to be put on is worth a word. */
const farBeyond = 1.2

interface Props {
  /** What stands in the line at first. */
  first?: string
  /** The pass that it answers, where the line is of the same area. */
  pass?: Pass
  /** The one area that it may speak of. */
  areaId?: string
  onLogged?: () => void
}

/** One line, told back as it was understood before it is kept. */
export function LogLine({ first = '', pass, areaId: only = pass?.areaId, onLogged }: Props) {
  const { kase, recommendation, act } = useOpenCase()
  const products = useProducts()
  const plan = usePlan()
  const [text, setText] = useState(first)
  const [asked, setAsked] = useState(false)
  const here = kase.areas.filter(({ id }) => only === undefined || id === only)
  const areas = here.map(({ id, name }) => {
    const { crop, use } = answerOf(recommendation, id)
    const crops = crop ? [textOf(crop.label), ...(crop.aka ?? [])] : []
    return { id, name, use: crop && use, crops }
  })
  const line = readLogLine(text, areas, products, today())
  const nameOf = (id: string) => kase.areas.find((one) => one.id === id)!.name
  const wordsOf = ({ lb, product, areaId, date }: LoggedLine) =>
    en.understood(weight(lb, kase.measures), productWords(product, textOf), nameOf(areaId), dateWords(date))
  /** More of a product than is still to be put on is taken all the same, and said. */
  const beyondPlan = ({ areaId, product, lb }: LoggedLine): readonly string[] => {
    const isOf = (one: Treatment) => one.product !== null && productRef(one.product) === productRef(product)
    const left = leftIn(planFor(plan, areaId)).find(isOf)
    return left && lb > left.all.value.v * farBeyond ? [en.beyondPlan(weight(left.all.value.v, kase.measures))] : []
  }
  const put = () => {
    setAsked(true)
    if (!line.ok) return
    const { areaId, date, what, product, lb } = line.value
    const amount = asTyped(lb, 'lb')
    const entry = {
      id: newId(),
      areaId,
      date,
      what,
      note: text.trim(),
      product: productRef(product),
      amount,
      pass: pass?.areaId === areaId ? pass.key : null,
    }
    act(addApplication({ ...entry, done: 'otherwise' }))
    setText('')
    onLogged?.()
    setAsked(false)
  }
  const told = line.ok
    ? [
        wordsOf(line.value),
        ...line.value.remarks.map((one) => render(one, kase.measures)),
        ...beyondPlan(line.value),
      ].join('. ')
    : undefined
  return (
    <form
      className="flex max-w-3xl flex-wrap items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        put()
      }}
    >
      <div className="min-w-64 flex-1">
        <TextField
          label={only === undefined ? en.line : en.lineHere}
          most={200}
          value={text}
          placeholder={only === undefined ? en.example : en.exampleHere}
          echo={told ?? (text.trim() === '' || line.ok ? undefined : render(line.refusal, kase.measures))}
          error={asked && !line.ok ? render(line.refusal, kase.measures) : undefined}
          onChange={(next) => {
            setText(next)
            setAsked(false)
          }}
        />
      </div>
      <Button kind="act" type="submit" className="mt-5">
        {en.log}
      </Button>
    </form>
  )
}
