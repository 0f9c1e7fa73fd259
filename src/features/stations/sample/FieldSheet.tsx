'use client'

import { kitFor, stepsFor } from '@/core/ground/sampling/kit'
import { soilTests } from '@/core/guides/sampling'
import { render, textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { useOffice } from '../../shared/office/useOffice'
import { en } from './messages'
import { SpotMap } from './SpotMap'
import type { SampleSheet } from '@/core/ground/sampling/sheet'

/** On paper only: what to bring, the steps, the cores of each bag, and a label for it. */
export function FieldSheet({ sheets }: { sheets: readonly SampleSheet[] }) {
  const { kase } = useOpenCase()
  const office = useOffice()
  const [first] = sheets
  if (!first) return null
  const ground = sheets.flatMap((sheet) => sheet.ground)
  const small = sheets.length > 4
  return (
    <div className="hidden text-[13px] leading-snug print:block" data-field-sheet>
      <h2 className="border-ink border-b-2 pb-1 font-serif text-[22px] font-semibold">
        {kase.client}
        <span className="text-[14px] font-normal">
          {' '}
          {kase.place} · {office?.name}
        </span>
      </h2>
      <div className="mt-2 grid grid-cols-[1fr_2fr] gap-6">
        <div>
          <h3 className="font-semibold">{en.bring}</h3>
          <ul className="list-disc pl-4">
            {kitFor(ground, sheets.length).map((sentence) => (
              <li key={sentence.key}>{render(sentence)}</li>
            ))}
          </ul>
        </div>
        <div>
          <h3 className="font-semibold">{en.steps}</h3>
          <ol className="list-decimal pl-4">
            {stepsFor(ground, sheets.length > 1 ? null : first.cores, first.depth, first.sampling).map((sentence) => (
              <li key={sentence.key}>{render(sentence)}</li>
            ))}
          </ol>
        </div>
      </div>
      <div className={`mt-3 grid gap-4 ${small ? 'grid-cols-3' : 'grid-cols-2'}`}>
        {sheets.map(({ sample, ground: own, outlines, spots, cores, depth, asked }) => (
          <section key={sample.id} className="break-inside-avoid">
            <h3 className="font-serif text-[18px] font-semibold">{sample.code}</h3>
            <p>
              {own.map(({ area }) => area.name).join(', ')}
              {sample.corner && `, ${sample.corner}`}: {cores} {en.cores.toLowerCase()}, {en.deep(depth.from, depth.to)}
            </p>
            <p>
              {en.tests}:{' '}
              {(sample.tests ?? asked.map(({ test }) => test))
                .map((test) => textOf(soilTests[test].label).split(':')[0])
                .join(', ')}
            </p>
            <SpotMap
              outlines={outlines}
              spots={spots}
              width={small ? 210 : 320}
              height={small ? 160 : 230}
              label={en.spotsLabel(sample.code)}
            />
          </section>
        ))}
      </div>
      <div className="mt-4 grid break-before-auto grid-cols-2 gap-0">
        {sheets.map(({ sample, ground: own, depth }) => (
          <div key={sample.id} className="border-ink-2 break-inside-avoid border border-dashed px-4 py-3">
            <p className="font-serif text-[26px] leading-none font-bold">{sample.code}</p>
            <p className="mt-1">
              {kase.client} · {own.map(({ area }) => area.name).join(', ')}
              {sample.corner && `, ${sample.corner}`}
            </p>
            <p className="mt-1">
              {en.deep(depth.from, depth.to)} · {en.date}: {sample.taken.date || '______________'}
            </p>
          </div>
        ))}
      </div>
    </div>
  )
}
