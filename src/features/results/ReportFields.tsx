'use client'

import type { Area, Report } from '@/core/case'
import { bufferFields, elementFields, fields } from '@/core/fields'
import { guidesFor } from '@/core/guides/choose'
import {
  boronMethods,
  extractants,
  guideRef,
  leadMethods,
  micronutrientMethods,
  type ExtractantId,
} from '@/core/guides/guide'
import { bufferKinds, otherNutrients, saltMethods, type Element, type TestUnit } from '@/core/units/quantity'
import { rateUnitWords } from '@/core/units/rates'
import { blank, type Field, type Typed } from '@/core/units/typed'
import { ChoiceField } from '@/ui/ChoiceField'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { render, textOf } from '@/wording/render'
import { answerOf, inArea, useOpenCase } from '../case/context'
import { useGuides } from '../case/useCase'
import { fieldError, retyped, testError, testUnderstood, understood } from '../formatting'
import { en } from './messages'
import { ownUnit, setUnit, useReport } from './useReport'

type TypedKey =
  | Element
  | 'pH'
  | 'bufferPH'
  | 'organicMatter'
  | 'cec'
  | 'acidity'
  | 'nitrate'
  | 'sampleDepth'
  | 'salts'
  | 'sar'
  | 'freeLime'
  | 'lead'

const extractantOptions = (Object.keys(extractants) as ExtractantId[]).map((value) => ({
  value,
  label: textOf(extractants[value].label),
}))
const bufferOptions = bufferKinds.map((value) => ({ value, label: value }))
const unitOptions: { value: TestUnit; label: string }[] = [
  { value: 'ppm', label: 'ppm (mg/kg)' },
  { value: 'lb/acre', label: 'lb/acre' },
  { value: 'index', label: 'index' },
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
      echo={isElement(name) ? testUnderstood(typed, unit) : understood(typed, unit)}
      error={isElement(name) ? testError(name, field, typed) : fieldError(field, typed)}
      onChange={(text) => change((draft) => void (draft[name] = retyped(text, unit, field)))}
    />
  )
}

const isElement = (name: TypedKey): name is Element => name in elementFields

export function PHField({ area, autoFocus }: { area: Area; autoFocus?: boolean }) {
  const { report } = useReport(area)
  return (
    <TestField area={area} name="pH" label={en.pHIn[report.pHIn]} unit="" field={fields.pH} autoFocus={autoFocus} />
  )
}

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
  return <ElementFields area={area} elements={['P', 'K', 'Mg']} />
}

function ElementFields({ area, elements }: { area: Area; elements: readonly Element[] }) {
  const { report } = useReport(area)
  return elements.map((element) => (
    <TestField
      key={element}
      area={area}
      name={element}
      label={en.element[element]}
      unit={ownUnit(element, report.unit)}
      field={elementFields[element]}
    />
  ))
}

/** What not every report prints. */
export function MoreTests({ area }: { area: Area }) {
  const { report, change } = useReport(area)
  const some = (...names: readonly Element[]) => names.some((name) => report[name].text !== '')
  return (
    <div className="grid gap-x-5 gap-y-2.5 sm:grid-cols-3">
      <ChoiceField
        label={en.pHMeasured}
        value={report.pHIn}
        options={[
          { value: 'water', label: en.pHBases.water },
          { value: 'salt', label: en.pHBases.salt },
        ]}
        onChange={(pHIn) => change((draft) => void (draft.pHIn = pHIn))}
      />
      <ElementFields area={area} elements={['Ca', 'S', 'Na', 'Zn', 'Mn', 'Fe', 'Cu', 'B']} />
      {some('Zn', 'Mn', 'Fe', 'Cu') && (
        <SelectField
          label={en.micronutrients}
          value={report.micronutrients}
          options={asOptions(micronutrientMethods)}
          none={en.asExtractant}
          onChange={(by) => change((draft) => void (draft.micronutrients = by))}
        />
      )}
      {some('B') && (
        <SelectField
          label={en.boron}
          value={report.boron}
          options={asOptions(boronMethods)}
          none={en.asExtractant}
          onChange={(by) => change((draft) => void (draft.boron = by))}
        />
      )}
      <TestField area={area} name="nitrate" label={en.nitrate} unit="ppm" field={fields.nitrate} />
      <TestField area={area} name="sampleDepth" label={en.sampleDepth} unit="in" field={fields.depth} />
      <TestField area={area} name="freeLime" label={en.freeLime} unit="%" field={fields.freeLime} />
      <TestField area={area} name="salts" label={en.salts} unit="dS/m" field={fields.salts} />
      <SelectField
        label={en.saltsBy}
        value={report.saltsBy}
        options={asOptions(saltMethods)}
        none={en.notStated}
        error={report.salts.text !== '' && !report.saltsBy ? en.saltsNeedMethod : undefined}
        onChange={(by) => change((draft) => void (draft.saltsBy = by))}
      />
      <TestField area={area} name="sar" label={en.sar} unit="" field={fields.sar} />
      <TestField area={area} name="lead" label={en.lead} unit="ppm" field={fields.lead} />
      <SelectField
        label={en.leadBy}
        value={report.leadBy}
        options={asOptions(leadMethods)}
        none={en.notStated}
        onChange={(by) => change((draft) => void (draft.leadBy = by))}
      />
    </div>
  )
}

const asOptions = <Value extends keyof typeof en.methods>(values: readonly Value[]) =>
  values.map((value) => ({ value, label: en.methods[value] }))

/** Which guide rates the report, where several speak for its extractant. */
export function GuideField({ area }: { area: Area }) {
  const { edit } = useOpenCase()
  const { report } = useReport(area)
  const guides = useGuides()
  const possible = report.extractant
    ? guidesFor(guides, report.extractant, area.crop).filter((guide) => area.crop === null || area.crop in guide.crops)
    : []
  const pinned = guides.find((guide) => guideRef(guide) === area.guide)
  const offered = pinned && !possible.includes(pinned) ? [pinned, ...possible] : possible
  if (offered.length < 2) return null
  return (
    <SelectField
      label={en.guide}
      value={area.guide}
      options={offered.map((guide) => ({ value: guideRef(guide), label: `${textOf(guide.title)}, ${guide.version}` }))}
      onChange={(ref) => edit(inArea(area.id, (draft) => void (draft.guide = ref ?? draft.guide)))}
    />
  )
}

/** The laboratory's own lines, each with the unit the paper prints. */
export function RecommendsFields({ area, more = false }: { area: Area; more?: boolean }) {
  const { report, change } = useReport(area)
  const { recommends } = report
  const lines: readonly (readonly [keyof typeof en.recommend, Field])[] = [
    ['lime', fields.lime],
    ['sulfur', fields.sulfur],
    ['N', fields.nutrient],
    ['P₂O₅', fields.nutrient],
    ['K₂O', fields.nutrient],
    ...(more ? otherNutrients.map((nutrient) => [nutrient, fields.nutrient] as const) : []),
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
          { value: 'ENM', label: en.limeMeansNames.ENM },
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
