'use client'

import { useState, type ReactNode } from 'react'
import type { Area, Report } from '@/core/case'
import { fields } from '@/core/fields'
import type { Sentence } from '@/core/sentence'
import { elements, otherNutrients } from '@/core/units/quantity'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { render } from '@/wording/render'
import { answerOf, inArea, useOpenCase } from '../case/context'
import { TextureField } from '../ground/AreaFields'
import {
  BufferFields,
  ExtractantFields,
  GuideField,
  MoreTests,
  NutrientFields,
  PHField,
  RecommendsFields,
  TestField,
} from './ReportFields'
import { en } from './messages'
import { useReport } from './useReport'

/** The soil report of one area, typed down the sheet. */
export function ResultsStation() {
  const { area, go } = useOpenCase()
  if (!area)
    return (
      <div className="mt-5">
        <p className="mb-3 font-serif text-lg">{en.noArea}</p>
        <Button kind="act" onClick={() => go('ground')}>
          {en.toGround}
        </Button>
      </div>
    )
  return <Sheet key={area.id} area={area} />
}

function Sheet({ area }: { area: Area }) {
  const { kase, recommendation, edit, go } = useOpenCase()
  const { report, change } = useReport(area)
  const [moreLines, setMoreLines] = useState(otherNutrients.some((nutrient) => report.recommends[nutrient].text !== ''))
  const others = kase.areas.filter((one) => one.id !== area.id && one.reportId)
  const { answer, doubts } = answerOf(recommendation, area.id)
  const why = answer?.reaction.why
  const missingTexture = why && /needs-input$/.test(why.key) && !area.texture ? render(why) : undefined
  const heading = 'border-ink mb-3 border-b-[1.5px] pb-1 font-serif text-lg font-semibold'
  return (
    <div data-entry>
      <section className="mt-3" aria-label={en.tests}>
        <h2 className={heading}>{en.tests}</h2>
        <div className="grid gap-x-5 gap-y-2.5 sm:grid-cols-3">
          <PHField area={area} autoFocus={report.pH.text === ''} />
          <BufferFields area={area} />
          <TextureField area={area} missing={missingTexture} />
          <TestField area={area} name="organicMatter" label={en.organicMatter} unit="%" field={fields.organicMatter} />
          <TestField area={area} name="cec" label={en.cec} unit="meq/100 g" field={fields.cec} />
          <TestField area={area} name="acidity" label={en.acidity} unit="meq/100 g" field={fields.acidity} />
        </div>
        <div className="mt-2.5 grid gap-x-5 gap-y-2.5 sm:grid-cols-2">
          <ExtractantFields area={area} />
          <GuideField area={area} />
        </div>
        <div className="mt-2.5 grid gap-x-5 gap-y-2.5 sm:grid-cols-3">
          <NutrientFields area={area} />
        </div>
        <More label={en.moreTests} open={hasMoreTests(report)}>
          <MoreTests area={area} />
        </More>
        <Doubts doubts={doubts} />
      </section>
      <section className="mt-6" aria-label={en.recommends}>
        <h2 className={heading}>{en.recommends}</h2>
        <p className="text-ink-2 -mt-1 mb-2 text-[14.5px]">{en.recommendsLead}</p>
        <RecommendsFields area={area} more={moreLines} />
        {!moreLines && (
          <Button kind="text" className="mt-2" onClick={() => setMoreLines(true)}>
            {en.moreRecommends}
          </Button>
        )}
      </section>
      <section className="mt-6 grid gap-x-5 gap-y-2.5 sm:grid-cols-3" aria-label={en.report}>
        <TextField
          label={en.code}
          value={report.code}
          onChange={(code) => change((draft) => void (draft.code = code))}
        />
        <TextField
          label={en.laboratory}
          value={report.laboratory}
          onChange={(laboratory) => change((draft) => void (draft.laboratory = laboratory))}
        />
        <TextField
          label={en.date}
          type="date"
          value={report.date}
          onChange={(date) => change((draft) => void (draft.date = date))}
        />
        {others.length > 0 && (
          <SelectField
            label={en.same}
            value={others.find((one) => one.reportId === area.reportId)?.id ?? null}
            options={others.map((one) => ({ value: one.id, label: one.name }))}
            none={en.sameNone}
            onChange={(from) =>
              edit((draft) => {
                const other = draft.areas.find((one) => one.id === from)
                inArea(area.id, (mine) => {
                  mine.reportId = other?.reportId ?? null
                  if (other) mine.guide = other.guide
                })(draft)
              })
            }
          />
        )}
      </section>
      <Button kind="act" className="mt-6" onClick={() => go('amounts')}>
        {en.next}
      </Button>
    </div>
  )
}

/** Fields that most reports leave blank; open where one of them is filled. */
function More({ label, open, children }: { label: string; open: boolean; children: ReactNode }) {
  const [shown, show] = useState(open)
  return (
    <details className="mt-3" open={shown} onToggle={(event) => show(event.currentTarget.open)}>
      <summary className="text-ink-2 cursor-pointer py-1.5 text-[14.5px]">{label}</summary>
      <div className="mt-1.5">{children}</div>
    </details>
  )
}

const hasMoreTests = (report: Report): boolean =>
  report.pHIn === 'salt' ||
  ([...elements, 'nitrate', 'salts', 'sar', 'freeLime', 'lead'] as const).some(
    (name) => name !== 'P' && name !== 'K' && name !== 'Mg' && report[name].text !== '',
  )

/** What in the report can hardly be so. Nothing is blocked. */
function Doubts({ doubts }: { doubts: readonly Sentence[] }) {
  if (doubts.length === 0) return null
  return (
    <ul role="status" className="border-edge mt-3 border-l-4 pl-3">
      {doubts.map((sentence) => (
        <li key={sentence.key}>{render(sentence)}</li>
      ))}
    </ul>
  )
}
