'use client'

import { reportInForce } from '@/core/case/in-force'
import { pinGuide } from '@/core/case/acts/areas'
import { useMemo, useState } from 'react'
import type { Case } from '@/core/case/case'
import type { AreaInSeason } from '@/core/case/in-season'
import { guidesFor } from '@/core/guides/choose'
import { type Guide, guideNamed, guideRef, type GuideRef } from '@/core/guides/guide'
import { readingChanges } from '@/core/reading/compare'
import type { ReadingLine } from '@/core/reading/lines'
import { recommend, type AreaRecommendation } from '@/core/recommend'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { SelectField } from '@/ui/SelectField'
import { spanWords, weight } from '@/wording/format'
import { classWord, lineName } from '@/wording/phrase'
import { textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'
import { SchoolFields } from '../../pages/office/SchoolFields'
import { en } from './messages'

interface Props {
  area: AreaInSeason
  found: AreaRecommendation
  /** The case, with a size for the area, be it any. */
  whole: Case
}

/** Another guide or school, tried: what it would change is seen before it is taken. */
export function SwitchGuide({ area, found, whole }: Props) {
  const { act, kase } = useOpenCase()
  const guides = useGuides()
  const products = useProducts()
  const [tried, tryOut] = useState<{ guide?: GuideRef; schools: Record<string, string> }>({ schools: {} })
  const report = reportInForce(kase, area)!
  const pinned = guideNamed(guides, area.guide)
  const speaking = report.extractant
    ? guidesFor(guides, report.extractant, area.crop).filter((guide) => area.crop === null || area.crop in guide.crops)
    : []
  const offered = pinned && !speaking.includes(pinned) ? [pinned, ...speaking] : speaking
  const guide = guideNamed(guides, tried.guide ?? area.guide) ?? pinned
  const isTried =
    (tried.guide !== undefined && tried.guide !== area.guide) ||
    Object.entries(tried.schools).some(([id, option]) => option !== (kase.schools[id] ?? firstOption(guide, id)))
  const changes = useMemo(() => {
    const own = whole.areas.find(({ id }) => id === area.id)!
    const trial: Case = {
      ...whole,
      schools: { ...whole.schools, ...tried.schools },
      areas: [{ ...own, guide: tried.guide ?? own.guide }],
    }
    return readingChanges(found, recommend(trial, guides, products).areas[0]!)
  }, [whole, area.id, tried, found, guides, products])
  if (!guide || !found.crop || !found.cropId) return null
  const take = () => {
    act((kase) => {
      const taught = { ...kase, schools: { ...kase.schools, ...tried.schools } }
      return tried.guide ? pinGuide(area.id, tried.guide)(taught) : taught
    })
    tryOut({ schools: {} })
  }
  return (
    <section aria-label={en.switch}>
      <h2 className="font-serif text-lg font-semibold">{en.switch}</h2>
      <div className="mt-1 grid gap-2.5">
        {offered.length > 0 && (
          <SelectField
            label={en.guide}
            value={tried.guide ?? area.guide}
            options={offered.map((one) => ({ value: guideRef(one), label: `${textOf(one.title)}, ${one.version}` }))}
            onChange={(ref) => ref && tryOut({ ...tried, guide: ref })}
          />
        )}
        <SchoolFields
          guides={[guide]}
          sampling={false}
          chosen={{ ...kase.schools, ...tried.schools }}
          crop={{ id: found.cropId, use: found.crop.use }}
          onChoose={(school, option) => tryOut({ ...tried, schools: { ...tried.schools, [school]: option } })}
        />
      </div>
      {isTried && (
        <div className="border-brim mt-3 border-l-4 pl-3" role="status">
          <p className="font-semibold">{en.changes}</p>
          {changes.lines.length + changes.amounts.length === 0 && <p>{en.noChange}</p>}
          {changes.lines.length + changes.amounts.length > 0 && (
            <table className="mt-1 w-full border-collapse text-[14.5px]">
              <thead>
                <tr className="text-ink-2 text-left text-[13px]">
                  <th />
                  <th scope="col" className="pr-3 font-normal">
                    {en.nowColumn}
                  </th>
                  <th scope="col" className="font-normal">
                    {en.thenColumn}
                  </th>
                </tr>
              </thead>
              <tbody>
                {changes.lines.map(({ id, before, after }) => (
                  <tr key={id} className="border-rule border-t">
                    <th scope="row" className="py-0.5 pr-3 text-left font-normal">
                      {lineName(id)}
                    </th>
                    <td className="pr-3">{lineWords(before)}</td>
                    <td className="font-semibold">{lineWords(after)}</td>
                  </tr>
                ))}
                {changes.amounts.map(({ what, before, after }) => (
                  <tr key={what} className="border-rule border-t">
                    <th scope="row" className="py-0.5 pr-3 text-left font-normal">
                      <Formula>{en.what[what]}</Formula>
                    </th>
                    <td className="pr-3">{amountWords(before, kase)}</td>
                    <td className="font-semibold">{amountWords(after, kase)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          <p className="mt-2 flex gap-3">
            <Button kind="act" onClick={take}>
              {en.apply}
            </Button>
            <Button onClick={() => tryOut({ schools: {} })}>{en.giveUp}</Button>
          </p>
        </div>
      )}
    </section>
  )
}

const firstOption = (guide: Guide | undefined, id: string) =>
  guide?.schools.find((school) => school.id === id)?.options[0]?.id

function lineWords(line: ReadingLine | undefined): string {
  if (!line) return en.unknown
  const className = line.className ? classWord(line.className).toLowerCase() : en.unknown
  return line.wanted ? `${className} (${spanWords(line.wanted)})` : className
}

const amountWords = (lb: number | undefined, { measures }: Case): string =>
  lb === undefined ? en.unknown : lb === 0 ? en.none : weight(lb, measures)
