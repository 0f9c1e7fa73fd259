'use client'

import { useState } from 'react'
import { overrule, takeBack } from '@/core/acts/decisions'
import type { Check, Need } from '@/core/needs/need'
import { levels } from '@/core/needs/overruled'
import type { Setting, SettingOf } from '@/core/needs/settings'
import { fields } from '@/core/report/fields'
import { texts } from '@/core/shape/limits'
import { asTyped, type Typed } from '@/core/units/typed'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { inchWords, onThousand, pHFigure, weight, type Measures } from '@/wording/format'
import { nutrient } from '@/wording/phrase'
import { textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { fieldError, retyped, understood } from '../../shared/formatting'
import { signed } from '../../shared/office/signed'
import { en } from './messages'

interface Props {
  need: Need
  areaId: string
}

/** What an advisor put in the place of a figure, with the way back; or the way to put one there. */
export function Overruled({ need, areaId }: Props) {
  const { kase, act } = useOpenCase()
  const { overruled, of, amount, lead, barred } = need
  const unit = kase.measures === 'metres' ? 'g/m²' : 'lb/1000 ft²'
  if (overruled)
    return (
      <Standing
        told={
          overruled.of === 'method'
            ? en.byMethod(textOf(lead!.label), instead(overruled.instead, kase.measures))
            : en.byAdvisor(instead(overruled.instead, kase.measures))
        }
        signed={overruled}
        moved={overruled.moved}
        onBack={() => act(takeBack(areaId, of, overruled.of))}
      />
    )
  // What bars it is no figure: none takes its place.
  if (barred) return null
  return (
    <Asking
      about={nutrient[of] ?? of}
      label={en.ownAmount}
      field={of === 'sulfur' ? en.ownSulfur : en.ownFigure}
      unit={unit}
      check={(typed) => fieldError(fields.overruled, typed)}
      read={(text) => retyped(text, unit, fields.overruled)}
      example={kase.measures === 'metres' ? '10' : '2'}
      onPut={async (is, reason) =>
        act(
          overrule(areaId, of, {
            of: 'amount',
            is,
            replaced: standingNow(need.outcome, amount?.value.v),
            ...(await signed(kase, reason)),
          }),
        )
      }
    />
  )
}

/** Lets the figure of a check lead. */
export function LetLead({ need, check, areaId }: Props & { check: Check }) {
  const { kase, act } = useOpenCase()
  if (!check.amount || check.id === 'overruled' || need.overruled?.of === 'amount') return null
  return (
    <Asking
      about={textOf(check.label)}
      label={en.letLead}
      onPut={async (_is, reason) =>
        act(
          overrule(areaId, need.of, {
            of: 'method',
            is: { text: check.id, unit: '', value: null },
            replaced: standingNow(need.outcome, need.overruled ? need.overruled.instead : need.amount?.value.v),
            ...(await signed(kase, reason)),
          }),
        )
      }
    />
  )
}

/** What the figures go by, by its kind: what an advisor put in its place, or the way to put something there. */
export function OwnSettings({ settings, areaId }: { settings: readonly Setting[]; areaId: string }) {
  return settings.map((setting) => (
    <OwnSetting key={`${setting.need} ${setting.of}`} setting={setting} areaId={areaId} />
  ))
}

function OwnSetting({ setting: { of, need, ours, own }, areaId }: { setting: Setting; areaId: string }) {
  const { kase, act } = useOpenCase()
  const words = (figure: number | string) => settingWords(of, figure, kase.measures)
  if (own)
    return (
      <Standing
        told={en.bySetting[of](words(own.is), words(ours))}
        signed={own}
        moved={own.moved}
        onBack={() => act(takeBack(areaId, need, of))}
      />
    )
  const field = of === 'level' ? undefined : settingFields[of]
  const unit = of === 'cap' ? (kase.measures === 'metres' ? 'g/m²' : 'lb/1000 ft²') : of === 'depth' ? 'in' : ''
  return (
    <Asking
      about={nutrient[need] ?? need}
      label={en.ownSetting[of]}
      field={en.settingLabel[of](need === 'sulfur')}
      unit={of === 'aim' ? 'pH' : unit}
      check={field && ((typed) => fieldError(field, typed))}
      read={(text) => (field ? retyped(text, unit, field) : { text, unit: '', value: null })}
      example={field?.example}
      choices={
        field ? undefined : levels.filter((one) => one !== ours).map((value) => ({ value, label: en.level[value] }))
      }
      onPut={async (is, reason) => {
        const replaced = typeof ours === 'number' ? asTyped(ours, unit) : { text: ours, unit: '', value: null }
        act(overrule(areaId, need, { of, is, replaced, ...(await signed(kase, reason)) }))
      }}
    />
  )
}

const settingFields = { aim: fields.aim, depth: fields.depth, cap: fields.cap } as const

function settingWords(of: SettingOf, figure: number | string, measures: Measures): string {
  if (typeof figure === 'string') return en.level[figure as keyof typeof en.level]
  return of === 'aim' ? pHFigure(figure) : of === 'depth' ? inchWords(figure, measures) : onThousand(figure, measures)
}

/** The figure as it stands, to be kept with what goes in its place; lb for the area. */
const standingNow = (outcome: Need['outcome'], lb: number | undefined): Typed => {
  const known = lb ?? (outcome === 'none' ? 0 : null)
  return known === null ? { ...nothing, unit: 'lb' } : asTyped(known, 'lb')
}

const instead = (lb: number | undefined, measures: 'feet' | 'metres'): string =>
  lb === undefined ? en.unknown : lb > 0 ? weight(lb, measures) : en.none

interface StandingProps {
  told: string
  signed: { readonly reason: string; readonly by: string }
  moved: boolean
  onBack: () => void
}

function Standing({ told, signed: { reason, by }, moved, onBack }: StandingProps) {
  return (
    <p className="border-brim mt-2 border-l-4 pl-3 text-[14.5px]">
      {told}
      {en.because(by, reason)}
      {moved && <strong className="text-clay"> {en.moved}</strong>}{' '}
      <Button kind="text" onClick={onBack}>
        {en.takeBack}
      </Button>
    </p>
  )
}

interface AskingProps {
  /** Whose figure it is: said, where the words alone could be of any. */
  about: string
  label: string
  /** Of the figure; without it only the reason is asked for. */
  field?: string
  unit?: string
  example?: string
  check?: (typed: Typed) => string | undefined
  read?: (text: string) => Typed
  /** What is chosen by its name, where no figure is typed. */
  choices?: readonly { readonly value: string; readonly label: string }[]
  onPut: (is: Typed, reason: string) => Promise<void>
}

const nothing: Typed = { text: '', unit: '', value: null }

/** Asks for a figure and the reason for it; neither is taken without the other. */
function Asking({ about, label, field, unit = '', example, check, read, choices, onPut }: AskingProps) {
  const [open, setOpen] = useState(false)
  const [typed, setTyped] = useState<Typed>(nothing)
  const [reason, setReason] = useState('')
  const [asked, setAsked] = useState(false)
  if (!open)
    return (
      <Button kind="text" className="mt-1 mr-4 text-sm" aria-label={`${label}: ${about}`} onClick={() => setOpen(true)}>
        {label}
      </Button>
    )
  const wrong = check?.(typed)
  const blank = field !== undefined && typed.text.trim() === ''
  const put = async () => {
    setAsked(true)
    if (wrong || blank || reason.trim() === '') return
    setOpen(false)
    await onPut(typed, reason.trim())
    setTyped(nothing)
    setReason('')
    setAsked(false)
  }
  return (
    <form
      className="border-brim mt-2 flex max-w-[60ch] flex-wrap items-end gap-3 border-l-4 pl-3"
      role="group"
      aria-label={label}
      onSubmit={(event) => {
        event.preventDefault()
        void put()
      }}
    >
      {field !== undefined && read && (
        <div className="w-44">
          {choices ? (
            <SelectField
              label={field}
              none={en.chooseOne}
              value={typed.text || null}
              options={choices}
              error={asked && blank ? en.needsChoice : undefined}
              onChange={(value) => setTyped(read(value ?? ''))}
            />
          ) : (
            <TextField
              label={field}
              unit={(typed.unit || unit).replace('1000', '1,000')}
              numeric
              autoFocus
              value={typed.text}
              placeholder={example}
              echo={understood(typed, unit)}
              error={wrong ?? (asked && blank ? en.needsFigure(example ?? '') : undefined)}
              onChange={(text) => setTyped(read(text))}
            />
          )}
        </div>
      )}
      <div className="min-w-56 flex-1">
        <TextField
          label={en.ownReason}
          most={texts.reason}
          autoFocus={field === undefined}
          value={reason}
          placeholder={en.ownReasonExample}
          error={asked && reason.trim() === '' ? en.needsReason : undefined}
          onChange={setReason}
        />
      </div>
      <Button type="submit">{en.putIt}</Button>
      <Button kind="text" onClick={() => setOpen(false)}>
        {en.leaveIt}
      </Button>
    </form>
  )
}
