'use client'

import { Fragment, useEffect, useState, type ClipboardEvent, type ReactNode } from 'react'
import { allFields, type LineField as FieldName } from '@/core/report/line-fields'
import type { AreaInSeason } from '@/core/case/in-season'
import type { ExtractantId } from '@/core/guides/guide'
import { called, doubtables } from '@/core/doubt/doubtable'
import { mannerOf } from '@/core/report/manners'
import { isMeasured, testOf } from '@/core/report/tests'
import { linesOf } from '@/core/report/layout'
import { isElement, lineField, lineUnit, readLine, recommendedIn, typedIn, withLineUnit } from '@/core/report/lines'
import { remedied, remedyFor, type Doubt, type Remedy } from '@/core/report/remedy'
import { isMicronutrient } from '@/core/units/quantity'
import { AsideChoice, LineField } from '@/ui/LineField'
import { Options } from '@/ui/Options'
import { enterGoesOn } from '@/ui/enter'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { glossary } from '@/wording/interface/glossary'
import { render, textOf } from '@/wording/render'
import { SecondReadingButton } from '../../shared/doubt/SecondReadingButton'
import { lineRefusal, lineUnderstood } from '../../shared/formatting'
import { en, lineLabel } from './messages'
import { extractantOptions, mannerOptions, unitChoices, LimeMeaning, useExtractantFault } from './ReportFields'
import { FiguresFor } from './FiguresFor'
import type { useReport } from './useReport'

export type Sheet = ReturnType<typeof useReport>

interface Props {
  area: AreaInSeason
  sheet: Sheet
  doubts: readonly Doubt[]
  /** A block of several cells was pasted into a line. */
  onBlock: (text: string) => void
}

/** The lines of a report in the order of its paper; Enter goes down them. */
export function ReportLines({ area, sheet, doubts, onBlock }: Props) {
  const { report } = sheet
  const lines = linesOf(report)
  const [added, setAdded] = useState<FieldName | null>(null)
  const measured = lines.filter(({ field }) => !recommendedIn(field))
  const recommends = lines.filter(({ field }) => recommendedIn(field) && field !== 'recommends.limeDepth')
  const row = (field: FieldName) => (
    <Line
      area={area}
      sheet={sheet}
      field={field}
      doubts={doubts.filter((one) => one.field === field)}
      onBlock={onBlock}
    />
  )
  useEffect(() => {
    if (added) document.querySelector<HTMLElement>(`[data-line="${added}"] input`)?.focus()
  }, [added])
  const micro = measured.find(({ field }) => isMicronutrient(field) && field !== 'B')?.field
  const major = measured.find(({ field }) => isElement(field))?.field
  return (
    <>
      <section aria-label={en.tests}>
        <h2 className="border-ink border-b-[1.5px] pb-1 font-serif text-lg font-semibold">{en.tests}</h2>
        {measured.map(({ field }) => (
          <Fragment key={field}>
            {field === major && report.kind !== 'kit' && <Extractant area={area} sheet={sheet} />}
            {field === micro && <Micronutrients sheet={sheet} />}
            <div data-line={field}>{row(field)}</div>
          </Fragment>
        ))}
        <AddLine sheet={sheet} lines={lines.map(({ field }) => field)} of="measured" onAdd={setAdded} />
      </section>
      <section className="mt-5" aria-label={en.recommends}>
        <h2 className="border-ink border-b-[1.5px] pb-1 font-serif text-lg font-semibold">{en.recommends}</h2>
        <p className="text-ink-2 py-1 text-[14px]">{en.recommendsLead}</p>
        {recommends.map(({ field }) => (
          <div key={field} data-line={field}>
            {row(field)}
          </div>
        ))}
        {report.recommends.lime.text !== '' && (
          <div className="mt-2 grid gap-x-5 gap-y-2.5 sm:grid-cols-2">
            <LimeMeaning report={report} change={sheet.change} />
          </div>
        )}
        {recommends.length > 0 && <FiguresFor report={report} />}
        <AddLine sheet={sheet} lines={lines.map(({ field }) => field)} of="recommends" onAdd={setAdded} />
      </section>
    </>
  )
}

/** A line goes by the name of what it tests, one of the laboratory by what it recommends. */
const glossOf = (field: FieldName): string => recommendedIn(field) ?? field

function Line({ area, sheet, field, doubts, onBlock }: Props & { field: FieldName }) {
  const { report, setLine, turnInto } = sheet
  const typed = typedIn(report, field)
  const unit = lineUnit(report, field)
  const refusal = lineRefusal(field, typed, report.buffer)
  const doubtable = doubtables.find((one) => one === recommendedIn(field))
  const remedy = refusal && remedyFor(field, refusal)
  const mend = (one: Remedy) => turnInto((now) => remedied(now, one))
  const first = !sheet.stored && field === linesOf(report)[0]?.field
  const paste = (event: ClipboardEvent<HTMLInputElement>) => {
    const text = event.clipboardData.getData('text')
    if (!/[\t\n]./.test(text.trim())) return
    event.preventDefault()
    onBlock(text)
  }
  return (
    <LineField
      label={lineLabel(field, report.buffer, report.pHIn)}
      gloss={glossary[glossOf(field)]}
      value={typed.text}
      placeholder={lineField(field, report.buffer).example}
      autoFocus={first}
      echo={lineUnderstood(field, typed, unit)}
      error={refusal && render(refusal)}
      aside={<Aside sheet={sheet} field={field} />}
      onChange={(text) => setLine(field, readLine(field, text, unit))}
      onPaste={paste}
    >
      {remedy && <RemedyButton remedy={remedy} onMend={mend} />}
      {doubtable && sheet.stored && typed.value !== null && typed.unit !== '' && (
        <SecondReadingButton
          area={area}
          of={doubtable}
          text={`${typed.value} ${typed.unit} ${called[doubtable]}`}
          about={lineLabel(field)}
        />
      )}
      {doubts.map((doubt) => (
        <p key={doubt.sentence.key} role="status" className="border-brim border-l-4 pl-2">
          <Formula>{render(doubt.sentence)}</Formula>{' '}
          {doubt.remedy && <RemedyButton remedy={doubt.remedy} onMend={mend} />}
        </p>
      ))}
    </LineField>
  )
}

function RemedyButton({ remedy, onMend }: { remedy: Remedy; onMend: (remedy: Remedy) => void }) {
  const label =
    remedy.kind === 'text'
      ? en.remedy.text(remedy.text)
      : remedy.kind === 'unit'
        ? en.remedy.unit(remedy.unit)
        : remedy.kind === 'rate-unit'
          ? en.remedy.rate(remedy.unit)
          : en.remedy.buffer(remedy.buffer)
  return (
    <Button kind="text" onClick={() => onMend(remedy)}>
      {label}
    </Button>
  )
}

/** What stands after the number: the unit that the paper prints, or how it was measured. */
function Aside({ sheet, field }: { sheet: Sheet; field: FieldName }) {
  const { report, turnInto } = sheet
  const how = <MannerChoice sheet={sheet} field={field} />
  if (field === 'pH' || field === 'bufferPH') return how
  const { units } = lineField(field)
  const unit = lineUnit(report, field)
  const typed = typedIn(report, field)
  const chosen = (typed.text !== '' && typed.unit) || unit
  const setUnit = (next: string | null) =>
    next && turnInto((now) => withLineUnit({ ...now, lines: linesOf(now) }, field, next))
  const unitChoice =
    units.length > 1 ? (
      <AsideChoice
        label={en.unitOf(lineLabel(field).toLowerCase().split(',')[0]!)}
        value={chosen}
        options={unitChoices(units)}
        none={chosen === '' ? en.whichUnit : undefined}
        wanted={chosen === '' && typed.text !== ''}
        quiet
        onChange={setUnit}
      />
    ) : (
      chosen
    )
  const manner = isMeasured(field) ? testOf(field).manner : undefined
  return manner && manner !== 'micronutrients' ? (
    <span className="grid gap-1">
      {unitChoice}
      {how}
    </span>
  ) : (
    unitChoice
  )
}

/** How a test was made, where what its number means depends on it. */
function MannerChoice({ sheet: { report, change }, field }: { sheet: Sheet; field: FieldName }) {
  const id = isMeasured(field) ? testOf(field).manner : undefined
  if (!id) return null
  const { label, usual, unsaid, elseExtractant } = mannerOf(id)
  return (
    <AsideChoice
      label={textOf(label)}
      value={report[id]}
      options={mannerOptions(id)}
      none={usual ? undefined : textOf(unsaid)}
      quiet={field === 'pH' || field === 'bufferPH'}
      wanted={!usual && !elseExtractant && typedIn(report, field).text !== '' && !report[id]}
      onChange={(value) => change((draft) => void Object.assign(draft, { [id]: value ?? usual ?? null }))}
    />
  )
}

function Extractant({ area, sheet }: { area: AreaInSeason; sheet: Sheet }) {
  const { report, setExtractant } = sheet
  const fault = useExtractantFault(area, report)
  return (
    <MethodRow label={en.extractant} error={fault}>
      <select
        aria-label={en.extractant}
        data-aside={report.extractant !== null || undefined}
        value={report.extractant ?? ''}
        onKeyDown={enterGoesOn}
        onChange={(event) => setExtractant((event.target.value || null) as ExtractantId | null)}
        className={`bg-sheet min-h-9 w-full rounded-[3px] border px-1 ${fault ? 'border-clay border-2' : 'border-edge'}`}
      >
        <Options options={extractantOptions} none={en.extractantNone} />
      </select>
    </MethodRow>
  )
}

/** Zn, Mn, Fe and Cu are made alike, and asked about once. */
const Micronutrients = ({ sheet }: { sheet: Sheet }) => (
  <MethodRow label={textOf(mannerOf('micronutrients').label)}>
    <MannerChoice sheet={sheet} field="Zn" />
  </MethodRow>
)

/** What the lines beneath were measured with. */
const MethodRow = ({ label, error, children }: { label: string; error?: string; children: ReactNode }) => (
  <div className="border-rule grid items-center gap-x-3 border-b py-0.5 @md:grid-cols-[minmax(0,1fr)_17.25rem] @2xl:grid-cols-[11.5rem_17.25rem_minmax(0,1fr)]">
    <span className="text-[15px]" aria-hidden>
      {label}
    </span>
    {children}
    {error && <p className="text-clay text-[13px] leading-snug font-semibold">{error}</p>}
  </div>
)

/** What this paper prints beside its usual lines. */
function AddLine({
  sheet,
  lines,
  of,
  onAdd,
}: {
  sheet: Sheet
  lines: readonly FieldName[]
  of: 'measured' | 'recommends'
  onAdd: (field: FieldName) => void
}) {
  const more = allFields.filter(
    (field) =>
      !lines.includes(field) &&
      field !== 'recommends.limeDepth' &&
      (recommendedIn(field) !== undefined) === (of === 'recommends'),
  )
  if (more.length === 0) return null
  return (
    <div className="w-56 pt-1.5">
      <AsideChoice
        label={of === 'measured' ? en.addLine : en.addRecommended}
        value={null}
        options={more.map((value) => ({ value, label: lineLabel(value) }))}
        none={of === 'measured' ? en.addLine : en.addRecommended}
        onChange={(field) => {
          if (!field) return
          sheet.turnInto((now) => ({ ...now, lines: [...linesOf(now), { field, unit: lineUnit(now, field) }] }))
          onAdd(field)
        }}
      />
    </div>
  )
}
