'use client'

import { printFor } from '@/core/acts/decisions'
import { inSeason } from '@/core/case/in-season'
import type { Report } from '@/core/report/report'
import { printedForIn } from '@/core/needs/hold'
import { SelectField } from '@/ui/SelectField'
import { textOf } from '@/wording/render'
import { answerOf, useOpenCase } from '../../case/context'
import { signed } from '../../shared/office/signed'
import { en } from './messages'

/** For which of the crops of each of its areas a report's figures were printed: asked where several grow. */
export function FiguresFor({ report }: { report: Report }) {
  const { kase, recommendation, act } = useOpenCase()
  const areas = kase.areas
    .filter(({ reportId }) => reportId === report.id)
    .map((area) => ({ area: inSeason(area, kase.season), found: answerOf(recommendation, area.id) }))
    .filter(({ found }) => found.others.length > 0 && found.crop)
  const choose = async (areaId: string, cropId: string) =>
    act(printFor(areaId, report.id, cropId === all ? null : cropId, await signed(kase, en.figuresFor)))
  return areas.map(({ area, found }) => {
    const said = printedForIn(kase.decisions, area.id, report.id)
    const crops = [{ cropId: area.crop!, crop: found.crop! }, ...found.others]
    return (
      <div key={area.id} className="mt-2 max-w-sm">
        <SelectField
          label={areas.length > 1 ? `${en.figuresFor}: ${area.name}` : en.figuresFor}
          value={said === undefined ? null : (said ?? all)}
          none={en.whichCrop}
          options={[
            ...crops.map(({ cropId, crop }) => ({ value: cropId, label: textOf(crop.label) })),
            { value: all, label: en.allCrops },
          ]}
          onChange={(cropId) => cropId && void choose(area.id, cropId)}
        />
      </div>
    )
  })
}

/** No crop has this for an id. */
const all = '*'
