'use client'

import { texts } from '@/core/shape/limits'
import { removeReport, setCovers } from '@/core/acts/reports'
import { isMember } from '@/core/case/members'
import type { AreaInSeason } from '@/core/case/in-season'
import { layoutFor, onPaper, shippedLayouts, type ReportLayout } from '@/core/report/layout'
import type { TestUnit } from '@/core/units/quantity'
import type { Attachment } from '@/store/db'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { TickField } from '@/ui/TickField'
import { render, textOf } from '@/wording/render'
import { answerOf, useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'
import { TextureField } from '../ground/AreaFields'
import type { Ways } from './NewReport'
import { OriginalList } from './Originals'
import type { Sheet } from './ReportLines'
import { unitOptions } from './ReportFields'
import { en } from './messages'
import { setUnit, type useLayouts } from './useReport'

interface Props {
  area: AreaInSeason
  sheet: Sheet
  layouts: ReturnType<typeof useLayouts>
  onArrange: () => void
  /** Nothing is typed yet: the next stroke begins a report on this paper. */
  onBlankPaper: (layout: ReportLayout) => void
  onOriginal: (id: string) => void
  /** Reads the values off a paper that is attached. */
  onRead: (file: Attachment) => void
  ways: Ways
}

/** What stands around the numbers: whose paper it is, what it speaks of, how it is typed, and the original. */
export function PaperSide({ area, sheet, layouts, onArrange, onBlankPaper, onOriginal, onRead, ways }: Props) {
  const { kase, recommendation, act } = useOpenCase()
  const guides = useGuides()
  const { report, change, turnInto, stored } = sheet
  const reaction = answerOf(recommendation, area.id).answer?.reaction
  const missingTexture = reaction?.need?.lacks === 'ground' && !area.texture ? render(reaction.why) : undefined
  const all: readonly ReportLayout[] = [...layouts.own, ...shippedLayouts]
  const typedOn = all.find((one) => sameLines(one, report.lines.length > 0 ? report : layoutFor(report.kind)))
  return (
    <aside className="grid content-start gap-2.5 text-[15px]" aria-label={en.paper}>
      <SelectField
        label={en.layout}
        value={typedOn?.id ?? null}
        options={all.map((one) => ({ value: one.id, label: one.name || titleOf(one.id) }))}
        none={typedOn ? undefined : en.ownOrder}
        onChange={(id) => {
          const layout = all.find((one) => one.id === id)
          if (!layout) return
          if (stored) turnInto((now) => onPaper(now, layout))
          else onBlankPaper(layout)
        }}
      />
      <div className="flex flex-wrap gap-x-4 gap-y-1">
        <Button kind="text" onClick={onArrange}>
          {en.arrange}
        </Button>
        <Button kind="text" onClick={ways.paste}>
          {en.paste}
        </Button>
        <Button kind="text" onClick={ways.kit}>
          {en.kit}
        </Button>
        <Button kind="text" onClick={ways.drops}>
          {en.drops}
        </Button>
      </div>
      <SelectField<TestUnit>
        label={en.unit}
        value={report.unit}
        options={unitOptions}
        onChange={(unit) => unit && change((draft) => setUnit(draft, unit))}
      />
      <TextField
        label={en.laboratory}
        most={texts.laboratory}
        value={report.laboratory}
        onChange={(laboratory) => change((draft) => void (draft.laboratory = laboratory))}
      />
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label={en.code}
          most={texts.code}
          value={report.code}
          onChange={(code) => change((draft) => void (draft.code = code))}
        />
        <TextField
          label={en.date}
          type="date"
          value={report.date}
          onChange={(date) => change((draft) => void (draft.date = date))}
        />
      </div>
      <OriginalList sheet={sheet} onShow={onOriginal} onRead={onRead} />
      {kase.areas.length > 1 && stored && (
        <fieldset>
          <legend className="text-ink-2 text-[13.5px]">{en.speaksOf}</legend>
          {kase.areas.map((one) => (
            <TickField
              key={one.id}
              label={one.name}
              checked={isMember(report.areas, one.id)}
              onChange={(on) => act(setCovers(one.id, report.id, on, guides))}
            />
          ))}
        </fieldset>
      )}
      <TextureField area={area} missing={missingTexture} />
      {stored && (
        <Button kind="text" className="justify-self-start" onClick={() => act(removeReport(report.id, guides))}>
          {en.removeReport}
        </Button>
      )}
    </aside>
  )
}

const titleOf = (id: string) => textOf(shippedLayouts.find((one) => one.id === id)!.title)

const sameLines = (
  layout: Pick<ReportLayout, 'lines' | 'kind'>,
  report: Pick<ReportLayout, 'lines' | 'kind'>,
): boolean => layout.kind === report.kind && JSON.stringify(layout.lines) === JSON.stringify(report.lines)
