'use client'

import { useMemo, useState } from 'react'
import { proposed, type Mapping } from '@/schemas/results-file/mapping'
import { rowsOf } from '@/schemas/results-file/rows'
import { filled } from '@/schemas/results-file/filled'
import { taken } from '@/schemas/results-file/take'
import { useOffice } from '../../shared/office/useOffice'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/SelectField'
import { Sheet as Overlay } from '@/ui/Sheet'
import { MappingTable } from './MappingTable'
import type { Sheet } from './ReportLines'
import { en } from './messages'

/** Characters of a block; a longer one is a file, and is imported as one. */
const longest = 200_000

/** A block of cells from a spreadsheet, put into the lines of this report once it is seen to be read right. */
export function PasteSheet({ sheet, text: pasted, onClose }: { sheet: Sheet; text: string; onClose: () => void }) {
  const { turnInto } = sheet
  const [text, setText] = useState(pasted.slice(0, longest))
  const table = useMemo(() => rowsOf(text, text.includes('\t') ? '\t' : undefined), [text])
  const office = useOffice()
  const fresh = useMemo(() => proposed(table, office), [table, office])
  const [corrected, setMapping] = useState<{ of: typeof table; mapping: Mapping } | null>(null)
  const mapping = corrected?.of === table ? corrected.mapping : fresh
  const { samples } = useMemo(() => taken(table, mapping), [table, mapping])
  const [which, choose] = useState(0)
  const sample = samples[Math.min(which, samples.length - 1)]
  const cellsOf = (at: number) =>
    mapping.shape === 'down'
      ? (table.rows[at] ?? []).slice(1, 4)
      : mapping.shape === 'long'
        ? []
        : table.rows.slice(mapping.first, mapping.first + 3).map((row) => row[at] ?? '')
  const named = mapping.columns.some(({ meaning }) => meaning !== null)
  return (
    <Overlay title={en.pasteTitle} onClose={onClose}>
      <p className="text-ink-2 mt-1">{en.pasteLead}</p>
      <label className="mt-3 block">
        <span className="text-ink-2 text-[13.5px]">{en.pasteHere}</span>
        <textarea
          value={text}
          rows={5}
          spellCheck={false}
          onChange={(event) => setText(event.target.value.slice(0, longest))}
          className="border-edge bg-sheet w-full rounded-[3px] border p-2 font-mono text-[13.5px] whitespace-pre"
        />
      </label>
      {text.trim() !== '' && !named && (
        <p role="status" className="text-clay font-semibold">
          {en.pasteNothing}
        </p>
      )}
      {named && (
        <>
          <MappingTable
            mapping={mapping}
            cellsOf={cellsOf}
            dated={false}
            onChange={(next) => setMapping({ of: table, mapping: next })}
          />
          <div className="mt-4 flex flex-wrap items-end gap-4">
            {samples.length > 1 && (
              <div className="w-56">
                <SelectField
                  label={en.sampleOf}
                  value={String(which)}
                  options={samples.map((one, i) => ({ value: String(i), label: one.code || String(i + 1) }))}
                  onChange={(next) => choose(Number(next))}
                />
              </div>
            )}
            <Button
              kind="act"
              disabled={!sample || mapping.decimal === null}
              onClick={() => {
                turnInto((report) => filled(report, sample!, mapping))
                onClose()
              }}
            >
              {en.putIn(sample?.values.length ?? 0)}
            </Button>
          </div>
        </>
      )}
    </Overlay>
  )
}
