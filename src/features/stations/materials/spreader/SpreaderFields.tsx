'use client'

import { useState } from 'react'
import { v4 as newId } from 'uuid'
import {
  addSpreader,
  blankSpreader,
  blankTrial,
  changeSpreader,
  changeTrial,
  removeSpreader,
  removeTrial,
} from '@/core/acts/spreaders'
import type { Spreader, Trial } from '@/core/case/spreader'
import { fields } from '@/core/report/fields'
import type { AreaRecommendation } from '@/core/recommend'
import { productRef } from '@/core/shelf/product'
import { swathOf, triedRate } from '@/core/spreader/spreader'
import { texts } from '@/core/shape/limits'
import { editOffice } from '@/store/office'
import { Button } from '@/ui/Button'
import { RemoveButton } from '@/ui/RemoveButton'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { productWords, weight } from '@/wording/format'
import { render } from '@/wording/render'
import { useOpenCase } from '../../../case/context'
import { useProducts } from '../../../case/useCase'
import { fieldError, retyped } from '../../../shared/formatting'
import { useOffice } from '../../../shared/office/useOffice'
import { SpreaderAnswer } from './SpreaderAnswer'
import { en } from './messages'

/** The client's spreaders: what each was seen to put down, and how it is set for what goes on this area. */
export function SpreaderFields({ found }: { found: AreaRecommendation }) {
  const { kase, act } = useOpenCase()
  const office = useOffice()
  const others = office?.spreaders.filter(({ id }) => !kase.spreaders.some((one) => one.id === id)) ?? []
  return (
    <section aria-label={en.title} className="mt-5">
      <h2 className="border-ink mb-2 border-b-[1.5px] pb-1 font-serif text-lg font-semibold">{en.title}</h2>
      <p className="text-ink-2 text-[14.5px]">{en.lead}</p>
      {kase.spreaders.map((spreader) => (
        <div key={spreader.id} className="border-rule mt-2 border-b pb-3">
          <One spreader={spreader} />
          {spreader.kind !== 'drop' && <p className="text-ink-2 mt-1 text-[14px]">{en.dropFor}</p>}
          <SpreaderAnswer spreader={spreader} found={found} />
          <Foot spreader={spreader} />
        </div>
      ))}
      <div className="mt-1 flex flex-wrap items-end gap-4">
        <Button kind="text" onClick={() => act(addSpreader(blankSpreader(newId(), newId())))}>
          {en.add}
        </Button>
        {others.length > 0 && (
          <div className="w-56">
            <SelectField
              label={en.fromOffice}
              value={null}
              none={en.chooseOffice}
              options={others.map(({ id, name }) => ({ value: id, label: name || en.title }))}
              onChange={(id) => {
                const taken = others.find((one) => one.id === id)
                if (taken) act(addSpreader(taken))
              }}
            />
          </div>
        )}
      </div>
    </section>
  )
}

function One({ spreader }: { spreader: Spreader }) {
  const { kase, act } = useOpenCase()
  const products = useProducts()
  const change = (parts: Partial<Spreader>) => act(changeSpreader(spreader.id, parts))
  const used = products.filter(({ feeding, liming, acidifying }) => feeding ?? liming ?? acidifying)
  return (
    <>
      <div className="grid gap-x-5 gap-y-2.5 sm:grid-cols-5">
        <TextField
          label={en.name}
          most={texts.name}
          value={spreader.name}
          placeholder={en.nameExample}
          onChange={(name) => change({ name })}
        />
        <SelectField
          label={en.kind}
          value={spreader.kind}
          none={en.kindNone}
          options={Object.entries(en.kinds).map(([value, label]) => ({ value: value as 'drop', label }))}
          onChange={(kind) => change({ kind })}
        />
        <TextField
          label={en.swath}
          unit={spreader.swath.unit}
          numeric
          value={spreader.swath.text}
          placeholder={fields.swath.example}
          error={fieldError(fields.swath, spreader.swath)}
          onChange={(text) => change({ swath: retyped(text, kase.measures === 'metres' ? 'm' : 'ft', fields.swath) })}
        />
        <TextField
          label={en.setting}
          numeric
          value={spreader.setting.text}
          placeholder={fields.setting.example}
          error={fieldError(fields.setting, spreader.setting)}
          onChange={(text) => change({ setting: retyped(text, '', fields.setting) })}
        />
        <SelectField
          label={en.product}
          value={spreader.product}
          none={en.productNone}
          options={used.map((product) => ({ value: productRef(product), label: productWords(product) }))}
          onChange={(product) => change({ product })}
        />
      </div>
      <ul aria-label={en.trialsTitle}>
        {spreader.trials.map((trial, i) => (
          <TrialLine key={trial.id} spreader={spreader} trial={trial} n={i + 1} />
        ))}
      </ul>
      <Button
        kind="text"
        className="mt-1"
        onClick={() => change({ trials: [...spreader.trials, blankTrial(newId())] })}
      >
        {en.addTrial}
      </Button>
    </>
  )
}

function TrialLine({ spreader, trial, n }: { spreader: Spreader; trial: Trial; n: number }) {
  const { kase, act } = useOpenCase()
  const metric = kase.measures === 'metres'
  const swath = swathOf(spreader)
  const tried = swath === undefined ? undefined : triedRate(trial, swath)
  const begun = [trial.setting, trial.distance, trial.before, trial.after].some(({ text }) => text.trim() !== '')
  const lines = [
    ['setting', en.trialSetting, fields.setting, ''],
    ['distance', en.strip, fields.strip, metric ? 'm' : 'ft'],
    ['before', en.before, fields.hopper, metric ? 'kg' : 'lb'],
    ['after', en.after, fields.hopper, metric ? 'kg' : 'lb'],
  ] as const
  return (
    <li aria-label={en.trial(n)} className="mt-2 flex flex-wrap items-start gap-3">
      {lines.map(([name, label, field, unit]) => (
        <div key={name} className="w-28">
          <TextField
            label={label}
            unit={trial[name].unit || unit || undefined}
            numeric
            value={trial[name].text}
            placeholder={field.example}
            error={fieldError(field, trial[name])}
            onChange={(text) => act(changeTrial(spreader.id, trial.id, { [name]: retyped(text, unit, field) }))}
          />
        </div>
      ))}
      <p className="min-w-40 flex-1 pt-6 text-[14.5px]">
        {tried?.ok ? (
          <>
            {en.putsDown} <strong>{weight(tried.value.rate.value.v, kase.measures)}</strong> {en.perThousand}
          </>
        ) : (
          begun && <span className="text-clay font-semibold">{tried ? render(tried.refusal) : en.needsSwath}</span>
        )}
      </p>
      <RemoveButton
        className="mt-5"
        label={en.removeTrial(n)}
        onClick={() => act(removeTrial(spreader.id, trial.id))}
      />
    </li>
  )
}

/** The way out of it, and into the office's list. */
function Foot({ spreader }: { spreader: Spreader }) {
  const { act } = useOpenCase()
  const office = useOffice()
  const [told, setTold] = useState('')
  const keep = () =>
    office &&
    editOffice(({ spreaders }) => ({
      spreaders: [...spreaders.filter(({ id }) => id !== spreader.id), spreader],
    })).then(
      () => setTold(en.kept),
      () => setTold(en.refused),
    )
  return (
    <p className="mt-2 flex flex-wrap gap-4 text-sm">
      <Button kind="text" onClick={() => void keep()}>
        {en.keep}
      </Button>
      <Button kind="text" onClick={() => act(removeSpreader(spreader.id))}>
        {en.remove}
      </Button>
      <span role="status">{told}</span>
    </p>
  )
}
