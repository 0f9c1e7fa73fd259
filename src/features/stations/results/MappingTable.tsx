'use client'

import { allFields, type LineField } from '@/core/report/line-fields'
import { isElement, lineField } from '@/core/report/lines'
import { isLine, otherMeanings, type Meaning } from '@/core/report/names'
import { onlyUnit, type Column, type FileManner, type Mapping } from '@/schemas/results-file/mapping'
import { unitInCell } from '@/schemas/results-file/take'
import { AsideChoice } from '@/ui/LineField'
import { ChoiceField } from '@/ui/ChoiceField'
import { SelectField } from '@/ui/SelectField'
import { mannerIds, mannerOf } from '@/core/report/manners'
import { measuredBy } from '@/core/report/tests'
import { textOf } from '@/wording/render'
import { extractantOptions, mannerOptions, unitChoices } from './ReportFields'
import { en, lineLabel } from './messages'

interface Props {
  mapping: Mapping
  /** The first cells of a column, or of a row where the table lies down. */
  cellsOf: (at: number) => readonly string[]
  /** There are dates to be read. */
  dated: boolean
  onChange: (mapping: Mapping) => void
}

/** Cells may name their units themselves. */
const namesUnits = (cells: readonly string[], field: LineField): boolean => {
  const filled = cells.filter(Boolean)
  return filled.length > 0 && filled.every((cell) => unitInCell(field, cell) !== null)
}

const meaningOptions = [
  ...allFields.map((value) => ({ value: value as Meaning, label: lineLabel(value) })),
  ...otherMeanings.map((value) => ({ value: value as Meaning, label: en.meaningsBeside[value] })),
]

interface MannerProps {
  fields: readonly LineField[]
  manner: FileManner
  onChange: (manner: FileManner) => void
}

/** How the tests of a file or paper were made, of those that it holds. */
export function MannerChoices({ fields, manner, onChange }: MannerProps) {
  const has = (...wanted: readonly string[]) => fields.some((field) => wanted.includes(field))
  return (
    <>
      {fields.some(isElement) && (
        <SelectField
          label={en.extractant}
          value={manner.extractant}
          options={extractantOptions}
          none={en.extractantNone}
          onChange={(extractant) => onChange({ ...manner, extractant })}
        />
      )}
      {mannerIds
        .filter((id) => mannerOf(id).usual === undefined && has(...measuredBy(id)))
        .map((id) => (
          <SelectField
            key={id}
            label={textOf(mannerOf(id).label)}
            value={manner[id]}
            options={mannerOptions(id)}
            none={textOf(mannerOf(id).unsaid)}
            onChange={(value) => onChange({ ...manner, [id]: value })}
          />
        ))}
    </>
  )
}

/** What every column of a table is taken to hold, to be put right before anything is taken from it. */
export function MappingTable({ mapping, cellsOf, dated, onChange }: Props) {
  const { columns, manner } = mapping
  const set = (at: number, change: Partial<Column>) =>
    onChange({ ...mapping, columns: columns.map((one, i) => (i === at ? { ...one, ...change } : one)) })
  const fields = columns.flatMap(({ meaning }) => (meaning && isLine(meaning) ? [meaning] : []))
  const withoutUnit = columns.filter(
    ({ meaning, unit }, at) =>
      meaning !== null && isElement(meaning) && unit === null && !namesUnits(cellsOf(at), meaning),
  )
  return (
    <>
      {mapping.decimal === null && (
        <p role="alert" className="text-clay mt-2 font-semibold">
          {en.decimalAsk}
        </p>
      )}
      <div className="mt-2 grid gap-x-5 gap-y-2 sm:grid-cols-3">
        {withoutUnit.length > 0 && (
          <SelectField
            label={en.unitsForAll}
            value={null}
            options={['ppm', 'lb/acre', 'index'].map((value) => ({ value, label: value }))}
            none={en.unitNone}
            error={en.unitAsk(withoutUnit.map(({ name }) => name).join(', '))}
            onChange={(unit) =>
              unit &&
              onChange({
                ...mapping,
                columns: columns.map((one) => (withoutUnit.includes(one) ? { ...one, unit } : one)),
              })
            }
          />
        )}
        {mapping.decimal !== 'point' && (
          <ChoiceField
            label={en.decimal}
            value={mapping.decimal ?? ''}
            options={(['point', 'comma'] as const).map((value) => ({
              value: value as string,
              label: en.decimals[value],
            }))}
            onChange={(decimal) => onChange({ ...mapping, decimal: decimal as 'point' | 'comma' })}
          />
        )}
        {dated && (
          <ChoiceField
            label={en.dates}
            value={mapping.dates}
            options={(['month-first', 'day-first'] as const).map((value) => ({ value, label: en.dateOrders[value] }))}
            onChange={(dates) => onChange({ ...mapping, dates })}
          />
        )}
        <MannerChoices fields={fields} manner={manner} onChange={(next) => onChange({ ...mapping, manner: next })} />
      </div>
      <table className="mt-3 w-full border-collapse text-[14.5px]" aria-label={en.columns}>
        <thead>
          <tr className="text-ink-2 border-ink border-b text-left text-[13px]">
            <th scope="col" className="py-1 pr-3 font-normal">
              {en.columnName}
            </th>
            <th scope="col" className="pr-3 font-normal">
              {en.columnSample}
            </th>
            <th scope="col" className="w-56 pr-3 font-normal">
              {en.columnMeaning}
            </th>
            <th scope="col" className="w-40 font-normal">
              {en.columnUnit}
            </th>
          </tr>
        </thead>
        <tbody>
          {columns.map((column, at) =>
            column.name === '' && cellsOf(at).every((cell) => cell === '') ? null : (
              <ColumnRow key={at} column={column} cells={cellsOf(at)} onChange={(change) => set(at, change)} />
            ),
          )}
        </tbody>
      </table>
    </>
  )
}

function ColumnRow({
  column: { name, meaning, unit },
  cells,
  onChange,
}: {
  column: Column
  cells: readonly string[]
  onChange: (change: Partial<Column>) => void
}) {
  const line = meaning && isLine(meaning) ? meaning : undefined
  const units = line ? lineField(line).units : []
  return (
    <tr className="border-rule border-b">
      <th scope="row" className="max-w-52 truncate py-0.5 pr-3 text-left font-semibold">
        {name}
      </th>
      <td className="text-ink-2 max-w-52 truncate pr-3">{cells.filter(Boolean).slice(0, 3).join(', ')}</td>
      <td className="pr-3">
        <AsideChoice
          label={`${name} ${en.columnMeaning}`}
          value={meaning}
          options={meaningOptions}
          none={en.ignore}
          onChange={(next) =>
            onChange({ meaning: next, unit: next && isLine(next) ? onlyUnit(next) : next === null ? null : '' })
          }
        />
      </td>
      <td>
        {units.length > 1 ? (
          <AsideChoice
            label={`${name} ${en.columnUnit}`}
            value={unit}
            options={unitChoices(units)}
            none={en.unitNone}
            wanted={unit === null}
            onChange={(next) => onChange({ unit: next })}
          />
        ) : (
          <span className="text-ink-2 text-sm">{unit}</span>
        )}
      </td>
    </tr>
  )
}
