'use client'

import type { Report } from '@/core/report/report'
import { measuredIn, type MeasuredField } from '@/core/report/tests'
import type { AreaInSeason } from '@/core/case/in-season'
import { fields } from '@/core/report/fields'
import { extractants, type ExtractantId } from '@/core/guides/guide'
import { mannerOf, type Manner, type MannerId } from '@/core/report/manners'
import { lineField, lineUnit, readLine, withLineUnit } from '@/core/report/lines'
import type { TestUnit } from '@/core/units/quantity'
import { rateUnitWords } from '@/core/units/rates'
import type { Field, Typed, UnitWords } from '@/core/units/typed'
import { ChoiceField } from '@/ui/ChoiceField'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { render, textOf } from '@/wording/render'
import { answerOf, useOpenCase } from '../../case/context'
import { fieldError, lineRefusal, lineUnderstood, retyped, understood } from '../../shared/formatting'
import { en, lineLabel } from './messages'
import { setUnit, useReport } from './useReport'

/** The fields of a report one by one, as the counter needs them. The Results station has the whole paper. */
export const extractantOptions = (Object.keys(extractants) as ExtractantId[]).map((value) => ({
  value,
  label: textOf(extractants[value].label),
}))
/** What a report may say of how a test was made. */
export const mannerOptions = <Id extends MannerId>(id: Id) =>
  Object.entries(mannerOf(id).values).map(([value, name]) => ({
    value: value as NonNullable<Manner[Id]>,
    label: textOf(name),
  }))
export const unitOptions: { value: TestUnit; label: string }[] = [
  { value: 'ppm', label: 'ppm (mg/kg)' },
  { value: 'lb/acre', label: 'lb/acre' },
  { value: 'index', label: 'index' },
]

/** The report in force of an area that has one. */
const useInForce = (area: AreaInSeason) => useReport(area, area.reportId!)

export const unitChoices = (units: readonly UnitWords[]) =>
  units.map(({ unit }) => ({ value: unit, label: unit.replace('1000', '1,000') }))

/** One number of the report. */
export function TestField({ area, name, autoFocus }: { area: AreaInSeason; name: MeasuredField; autoFocus?: boolean }) {
  const { report, setLine } = useInForce(area)
  const typed = measuredIn(report, name)
  const unit = lineUnit(report, name)
  const refusal = lineRefusal(name, typed, report.buffer)
  return (
    <TextField
      label={lineLabel(name, report.buffer, report.pHIn)}
      value={typed.text}
      unit={(typed.text !== '' && typed.unit) || unit || undefined}
      numeric
      placeholder={lineField(name, report.buffer).example}
      autoFocus={autoFocus}
      echo={lineUnderstood(name, typed, unit)}
      error={refusal && render(refusal)}
      onChange={(text) => setLine(name, readLine(name, text, unit))}
    />
  )
}

export const PHField = ({ area, autoFocus }: { area: AreaInSeason; autoFocus?: boolean }) => (
  <TestField area={area} name="pH" autoFocus={autoFocus} />
)

export function BufferFields({ area }: { area: AreaInSeason }) {
  const { report, change } = useInForce(area)
  return (
    <>
      <SelectField
        label={en.buffer}
        value={report.buffer}
        options={mannerOptions('buffer')}
        none={en.bufferNone}
        onChange={(buffer) => change((draft) => void (draft.buffer = buffer))}
      />
      {report.buffer && <TestField area={area} name="bufferPH" />}
    </>
  )
}

/** What the answer says of the extractant, where P or K cannot be rated for it. */
export function useExtractantFault(area: AreaInSeason, report: Report): string | undefined {
  const { recommendation } = useOpenCase()
  const { answer } = answerOf(recommendation, area.id)
  const refused = answer?.needs.find(
    (need) =>
      need.lacks === 'guide' ||
      (need.lacks === 'extractant' && measuredIn(report, 'P').text + measuredIn(report, 'K').text !== ''),
  )
  return refused && render(refused.why)
}

export function ExtractantFields({ area }: { area: AreaInSeason }) {
  const { report, change, setExtractant } = useInForce(area)
  const fault = useExtractantFault(area, report)
  return (
    <>
      <SelectField
        label={en.extractant}
        value={report.extractant}
        options={extractantOptions}
        none={en.extractantNone}
        error={fault}
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

export function NutrientFields({ area }: { area: AreaInSeason }) {
  return (['P', 'K', 'Mg'] as const).map((element) => <TestField key={element} area={area} name={element} />)
}

/** The laboratory's own lines, each with the unit the paper prints. */
export function RecommendsFields({ area }: { area: AreaInSeason }) {
  const { report, change, turnInto } = useInForce(area)
  const { recommends } = report
  const lines: readonly (readonly ['lime' | 'sulfur' | 'N' | 'P₂O₅' | 'K₂O', Field])[] = [
    ['lime', fields.lime],
    ['sulfur', fields.sulfur],
    ['N', fields.nutrient],
    ['P₂O₅', fields.nutrient],
    ['K₂O', fields.nutrient],
  ]
  const set = (name: (typeof lines)[number][0], typed: Typed) =>
    change((draft) => void (draft.recommends[name] = typed))
  return (
    <div className="@container">
      <div className="grid gap-x-5 gap-y-2.5 @lg:grid-cols-2">
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
              options={unitChoices(rateUnitWords)}
              none={en.whichUnit}
              onChange={(unit) => unit && turnInto((now) => withLineUnit(now, `recommends.${name}`, unit))}
            />
          </div>
        ))}
        {recommends.lime.text !== '' && <LimeMeaning report={report} change={change} />}
      </div>
    </div>
  )
}

export function LimeMeaning({ report, change }: { report: Report; change: ReturnType<typeof useReport>['change'] }) {
  const { limeMeans, limeDepth } = report.recommends
  return (
    <>
      <ChoiceField
        label={en.limeMeans}
        value={limeMeans}
        options={[
          { value: 'product', label: en.limeMeansNames.product },
          { value: 'pure', label: en.limeMeansNames.pure },
          { value: 'ENM', label: en.limeMeansNames.ENM },
        ]}
        onChange={(means) => change((draft) => void (draft.recommends.limeMeans = means))}
      />
      <TextField
        label={en.recommend.limeDepth}
        value={limeDepth.text}
        unit={limeDepth.unit || 'in'}
        numeric
        placeholder={en.depthUnknown}
        error={fieldError(fields.depth, limeDepth)}
        onChange={(text) => change((draft) => void (draft.recommends.limeDepth = retyped(text, 'in', fields.depth)))}
      />
    </>
  )
}
