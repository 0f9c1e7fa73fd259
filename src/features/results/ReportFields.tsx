'use client'

import type { Area, Report } from '@/core/case'
import { bufferFields, fields } from '@/core/fields'
import { extractants, type ExtractantId } from '@/core/guides/guides'
import { bufferKinds, type SoilUnit } from '@/core/units/quantity'
import { rateUnitWords } from '@/core/units/rates'
import { blank, type Field, type Typed } from '@/core/units/typed'
import { ChoiceField } from '@/ui/ChoiceField'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { render, textOf } from '@/wording/render'
import { answerOf, useOpenCase } from '../case/context'
import { fieldError, retyped, understood } from '../formatting'
import { en } from './messages'
import { setUnit, useReport } from './useReport'

type TypedKey = 'pH' | 'bufferPH' | 'organicMatter' | 'cec' | 'acidity' | 'P' | 'K' | 'Mg'

const extractantOptions = (Object.keys(extractants) as ExtractantId[]).map((value) => ({
  value,
  label: textOf(extractants[value].label),
}))
const bufferOptions = bufferKinds.map((value) => ({ value, label: value }))
const unitOptions: { value: SoilUnit; label: string }[] = [
  { value: 'ppm', label: 'ppm (mg/kg)' },
  { value: 'lb/acre', label: 'lb/acre' },
]

/** One number of the report. */
export function TestField({
  area,
  name,
  label,
  unit,
  field,
  autoFocus,
}: {
  area: Area
  name: TypedKey
  label: string
  unit: string
  field: Field
  autoFocus?: boolean
}) {
  const { report, change } = useReport(area)
  const typed = report[name]
  return (
    <TextField
      label={label}
      value={typed.text}
      unit={typed.unit || unit || undefined}
      numeric
      placeholder={field.example}
      autoFocus={autoFocus}
      echo={understood(typed, unit)}
      error={fieldError(field, typed)}
      onChange={(text) => change((draft) => void (draft[name] = retyped(text, unit, field)))}
    />
  )
}

export const PHField = ({ area, autoFocus }: { area: Area; autoFocus?: boolean }) => (
  <TestField area={area} name="pH" label={en.pH} unit="" field={fields.pH} autoFocus={autoFocus} />
)

export function BufferFields({ area }: { area: Area }) {
  const { report, change } = useReport(area)
  return (
    <>
      <SelectField
        label={en.buffer}
        value={report.buffer}
        options={bufferOptions}
        none={en.bufferNone}
        onChange={(buffer) => change((draft) => void (draft.buffer = buffer))}
      />
      {report.buffer && (
        <TestField
          area={area}
          name="bufferPH"
          label={en.bufferPH(report.buffer)}
          unit=""
          field={bufferFields[report.buffer]}
        />
      )}
    </>
  )
}

export function ExtractantFields({ area }: { area: Area }) {
  const { recommendation } = useOpenCase()
  const { report, change, setExtractant } = useReport(area)
  const { answer } = answerOf(recommendation, area.id)
  const refused = answer?.needs.find(
    (need) =>
      need.why.key === 'reading.no-guide' ||
      (need.why.key === 'reading.no-extractant' && report.P.text + report.K.text !== ''),
  )
  return (
    <>
      <SelectField
        label={en.extractant}
        value={report.extractant}
        options={extractantOptions}
        none={en.extractantNone}
        error={refused && render(refused.why)}
        onChange={setExtractant}
      />
      <ChoiceField
        label={en.unit}
        value={report.unit}
        options={unitOptions}
        onChange={(unit) => change((draft) => setUnit(draft, unit))}
      />
    </>
  )
}

export function NutrientFields({ area }: { area: Area }) {
  const { report } = useReport(area)
  return (['P', 'K', 'Mg'] as const).map((element) => (
    <TestField
      key={element}
      area={area}
      name={element}
      label={en[element]}
      unit={report.unit}
      field={fields[element]}
    />
  ))
}

/** The laboratory's own lines, each with the unit the paper prints. */
export function RecommendsFields({ area }: { area: Area }) {
  const { report, change } = useReport(area)
  const { recommends } = report
  const lines: readonly [keyof typeof en.recommend, Field][] = [
    ['lime', fields.lime],
    ['sulfur', fields.sulfur],
    ['N', fields.nutrient],
    ['P₂O₅', fields.nutrient],
    ['K₂O', fields.nutrient],
  ]
  const set = (name: keyof typeof en.recommend, typed: Typed) =>
    change((draft) => void (draft.recommends[name] = typed))
  return (
    <div className="grid gap-x-5 gap-y-2.5 sm:grid-cols-2">
      {lines.map(([name, field]) => (
        <div key={name} className="grid grid-cols-[1fr_132px] items-start gap-2">
          <TextField
            label={en.recommend[name]}
            value={recommends[name].text}
            numeric
            echo={understood(recommends[name], recommends[name].unit)}
            error={fieldError(field, recommends[name])}
            onChange={(text) => set(name, retyped(text, recommends[name].unit, field))}
          />
          <SelectField
            label={en.unitOf(en.recommend[name].toLowerCase().split(',')[0]!)}
            value={recommends[name].unit}
            options={rateUnitWords.map(({ unit }) => ({ value: unit as string, label: unit.replace('1000', '1,000') }))}
            onChange={(unit) => unit && set(name, { ...recommends[name], ...withUnit(recommends[name], unit, field) })}
          />
        </div>
      ))}
      {recommends.lime.text !== '' && <LimeMeaning report={report} change={change} />}
    </div>
  )
}

/** A unit chosen beside the field takes the place of one typed after the number. */
function withUnit(typed: Typed, unit: string, field: Field): Typed {
  const bare = typed.text.replace(/^(\s*[\d.,/ ½¼¾⅓⅔]*[\d.½¼¾⅓⅔]).*$/, '$1')
  return typed.value === null ? { ...typed, unit } : retyped(bare, unit, field)
}

function LimeMeaning({ report, change }: { report: Report; change: ReturnType<typeof useReport>['change'] }) {
  const { limeMeans, limeDepth } = report.recommends
  return (
    <>
      <ChoiceField
        label={en.limeMeans}
        value={limeMeans}
        options={[
          { value: 'product', label: en.limeMeansNames.product },
          { value: 'pure', label: en.limeMeansNames.pure },
        ]}
        onChange={(means) => change((draft) => void (draft.recommends.limeMeans = means))}
      />
      <TextField
        label={en.limeDepth}
        value={limeDepth.text}
        unit={limeDepth.unit || blank('in').unit}
        numeric
        placeholder={en.depthUnknown}
        error={fieldError(fields.depth, limeDepth)}
        onChange={(text) => change((draft) => void (draft.recommends.limeDepth = retyped(text, 'in', fields.depth)))}
      />
    </>
  )
}
