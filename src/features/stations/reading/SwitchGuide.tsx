'use client'

import { pinGuide } from '@/core/acts/areas'
import { useMemo, useState } from 'react'
import type { Case } from '@/core/case/case'
import type { AreaInSeason } from '@/core/case/in-season'
import { guideNamed, guideRef } from '@/core/guides/guide'
import { readingChanges } from '@/core/compare/compare'
import type { ReadingLine } from '@/core/reading/lines'
import { recommend, type AreaRecommendation } from '@/core/recommend'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { SelectField } from '@/ui/SelectField'
import { spanWords, weight } from '@/wording/format'
import { classWord, lineName } from '@/wording/phrase'
import { textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { useLocal, useGuides, useProducts } from '../../case/useCase'
import { SchoolFields } from '../../pages/office/SchoolFields'
import { en } from './messages'
import { guidesOffered, isAnother, trialOf, type Tried } from './sheet'

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
  const local = useLocal()
  const [tried, tryOut] = useState<Tried>({ schools: {} })
  const guide = guideNamed(guides, tried.guide ?? area.guide) ?? guideNamed(guides, area.guide)
  const offered = guidesOffered(kase, area, guides)
  const changes = useMemo(
    () => readingChanges(found, recommend(trialOf(whole, area.id, tried), guides, products, local).areas[0]!),
    [whole, area.id, tried, found, guides, products, local],
  )
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
      {isAnother(tried, kase, area, guide) && (
        <div className="border-brim mt-3 border-l-4 pl-3" role="status">
          <p className="font-semibold">{en.changes}</p>
          <Changes changes={changes} />
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

/** What would be read and given otherwise, as it is and as it would be. */
function Changes({ changes: { lines, amounts } }: { changes: ReturnType<typeof readingChanges> }) {
  const { kase } = useOpenCase()
  if (lines.length + amounts.length === 0) return <p>{en.noChange}</p>
  const row = (id: string, name: string, before: string, after: string) => (
    <tr key={id} className="border-rule border-t">
      <th scope="row" className="py-0.5 pr-3 text-left font-normal">
        <Formula>{name}</Formula>
      </th>
      <td className="pr-3">{before}</td>
      <td className="font-semibold">{after}</td>
    </tr>
  )
  return (
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
        {lines.map(({ id, before, after }) => row(id, lineName(id), lineWords(before), lineWords(after)))}
        {amounts.map(({ what, before, after }) =>
          row(what, en.what[what], amountWords(before, kase), amountWords(after, kase)),
        )}
      </tbody>
    </table>
  )
}

function lineWords(line: ReadingLine | undefined): string {
  if (!line) return en.unknown
  const className = line.className ? classWord(line.className).toLowerCase() : en.unknown
  return line.wanted ? `${className} (${spanWords(line.wanted)})` : className
}

const amountWords = (lb: number | undefined, { measures }: Case): string =>
  lb === undefined ? en.unknown : lb === 0 ? en.none : weight(lb, measures)
