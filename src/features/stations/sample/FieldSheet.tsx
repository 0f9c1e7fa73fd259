'use client'

import { kitFor, stepsFor } from '@/core/sampling/kit'
import { yieldOf } from '@/core/guides/crop'
import { soilTests, type TestId } from '@/core/guides/sampling'
import type { Sentence } from '@/core/sentence/sentence'
import type { Language, Text } from '@/core/sentence/text'
import { unitBeside, type Typed } from '@/core/units/typed'
import { worded } from '@/wording/phrase'
import { longDate } from '@/wording/long-date'
import { useOpenCase } from '../../case/context'
import { useWords } from '../../shared/language/useWords'
import { useOffice } from '../../shared/office/useOffice'
import { SpotMap } from './SpotMap'
import type { SampleSheet } from '@/core/sampling/sheet'

/** As it was typed, with its unit. */
const withUnit = (typed: Typed): readonly string[] =>
  typed.text.trim() === '' ? [] : [[typed.text, unitBeside(typed)].filter(Boolean).join(' ')]

/** On paper only: what to bring, the steps, the cores of each bag, and a label for it. */
export function FieldSheet({ sheets, language }: { sheets: readonly SampleSheet[]; language: Language }) {
  const { kase } = useOpenCase()
  const office = useOffice()
  const words = useWords(language)
  const [first] = sheets
  if (!first || !words) return null
  const own = words.fieldSheet
  const step = (sentence: Sentence) => worded(words.steps, sentence, kase.measures)
  const nameOf = (test: TestId) => {
    const { label }: { label: Text } = soilTests[test]
    return (label[language] ?? label.en).split(':')[0]
  }
  const ground = sheets.flatMap((sheet) => sheet.ground)
  /** What grows on the ground of a bag, each once: the form asks for it. */
  const grown = (bagged: SampleSheet['ground']): string =>
    [...new Set(bagged.flatMap(({ crop }) => (crop ? (crop.label[language] ?? crop.label.en) : [])))].join(', ')
  /** What they are hoped to yield, where that was typed; blank: room to write it. */
  const hopedFor = (bagged: SampleSheet['ground']): string =>
    bagged
      .flatMap(({ area: { expectedYield }, crop }) => (crop && yieldOf(crop) ? withUnit(expectedYield) : []))
      .join(', ')
  const small = sheets.length > 4
  return (
    <div className="hidden text-[13px] leading-snug print:block" data-field-sheet lang={language}>
      <h2 className="border-ink border-b-2 pb-1 font-serif text-[22px] font-semibold">
        {kase.client}
        <span className="text-[14px] font-normal">
          {' '}
          {kase.place} · {office?.name}
        </span>
      </h2>
      <div className="mt-2 grid grid-cols-[1fr_2fr] gap-6">
        <div>
          <h3 className="font-semibold">{own.bring}</h3>
          <ul className="list-disc pl-4">
            {kitFor(ground, sheets.length).map((sentence) => (
              <li key={sentence.key}>{step(sentence)}</li>
            ))}
          </ul>
        </div>
        <div>
          <h3 className="font-semibold">{own.steps}</h3>
          <ol className="list-decimal pl-4">
            {stepsFor(ground, sheets.length > 1 ? null : first.cores, first.depth, first.sampling).map((sentence) => (
              <li key={sentence.key}>{step(sentence)}</li>
            ))}
          </ol>
        </div>
      </div>
      <div className={`mt-3 grid gap-4 ${small ? 'grid-cols-3' : 'grid-cols-2'}`}>
        {sheets.map(({ sample, ground: bagged, outlines, spots, cores, depth, asked }) => (
          <section key={sample.id} className="break-inside-avoid">
            <h3 className="font-serif text-[18px] font-semibold">{sample.code}</h3>
            <p>
              {bagged.map(({ area }) => area.name).join(', ')}
              {sample.corner && `, ${sample.corner}`}: {own.cores(cores)}, {own.deep(depth.from, depth.to)}
            </p>
            {grown(bagged) && <p>{own.forForm(grown(bagged), hopedFor(bagged))}</p>}
            <p>
              {own.tests}: {(sample.tests ?? asked.map(({ test }) => test)).map(nameOf).join(', ')}
            </p>
            <SpotMap
              outlines={outlines}
              spots={spots}
              width={small ? 210 : 320}
              height={small ? 160 : 230}
              label={own.spots(sample.code)}
            />
          </section>
        ))}
      </div>
      <div className="mt-4 grid break-before-auto grid-cols-2 gap-0">
        {sheets.map(({ sample, ground: bagged, depth }) => (
          <div key={sample.id} className="border-ink-2 break-inside-avoid border border-dashed px-4 py-3">
            <p className="font-serif text-[26px] leading-none font-bold">{sample.code}</p>
            <p className="mt-1">
              {kase.client} · {bagged.map(({ area }) => area.name).join(', ')}
              {sample.corner && `, ${sample.corner}`}
            </p>
            <p className="mt-1">
              {own.deep(depth.from, depth.to)} · {own.date}:{' '}
              {longDate(sample.taken.date, words.measures.locale) || '______________'}
            </p>
          </div>
        ))}
      </div>
    </div>
  )
}
