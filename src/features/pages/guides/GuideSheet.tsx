import { Fragment } from 'react'
import { rateGroups } from '@/core/guides/crop'
import { classNames, extractants, guideRef, type ClassRow, type MinimumRow } from '@/core/guides/guide'
import { textures } from '@/core/guides/soils'
import type { Months } from '@/core/guides/windows'
import { elements } from '@/core/units/quantity'
import { textOf } from '@/wording/render'
import { classWords } from '@/wording/phrase'
import { Num, useLook } from './edit'
import { LimitsSection } from './LimitsSection'
import { en } from './messages'
import { SourceMark } from './SourceMark'
import { Section, Table } from './Table'

const classHeads = classNames.map((name) => classWords[name]!)
const firstFour = [0, 1, 2, 3] as const

/** Every table of one guide. */
export function GuideSheet() {
  const { guide } = useLook()
  return (
    <>
      <h2 className="font-serif text-[25px] leading-tight font-semibold">{textOf(guide.title)}</h2>
      <p className="text-ink-2">
        {en.version(guideRef(guide))} {guide.unit}, {textOf(extractants[guide.extractant].label)}
      </p>
      {guide.extract ? <ExtractSection /> : <Classes />}
      {!guide.extract && <Minimums />}
      {!guide.extract && <Rates />}
      {!guide.extract && <LimitsSection />}
      {!guide.extract && <WindowsSection />}
      <Schools />
    </>
  )
}

const soil = ({ cecOver, cecFrom }: ClassRow, several: boolean) =>
  cecOver !== undefined ? en.cecOver(cecOver) : cecFrom !== undefined ? en.cecFrom(cecFrom) : en.otherSoil(several)

function Classes() {
  const { guide } = useLook()
  return (
    <>
      {(['P', 'K'] as const).map((element) => (
        <Section key={element} title={en.classes(element, guide.unit)}>
          <Table
            heads={[en.soil, ...classHeads]}
            rows={guide.classes[element].map((row, i, all) => [
              soil(row, all.length > 1),
              ...firstFour.map((at) => (
                <Num
                  key={at}
                  at={['classes', element, i, 'bounds', at]}
                  label={en.boundOf(en.classes(element, guide.unit), classHeads[at]!)}
                  before="to "
                />
              )),
              en.above(row.bounds[3]),
            ])}
          />
        </Section>
      ))}
      <p className="text-ink-2 mt-1 text-sm">
        {en.classesWhy}{' '}
        {guide.underReadsP && en.phosphorusUpTo(guide.underReadsP.doubtedAbovePH, guide.underReadsP.refusedAbovePH)}
      </p>
      <SourceMark of={guide.classes.source} />
      <Section title={en.index}>
        <Table
          heads={[en.soil, ...classHeads]}
          rows={[
            [
              en.otherSoil(false),
              ...firstFour.map((at) => (
                <Num key={at} at={['index', 'bounds', at]} label={en.boundOf(en.index, classHeads[at]!)} before="to " />
              )),
              en.above(guide.index.bounds[3]),
            ],
          ]}
        />
        <SourceMark of={guide.index.source} />
      </Section>
    </>
  )
}

const ground = ({ cecBelow, texture }: MinimumRow, several: boolean) =>
  cecBelow !== undefined ? en.cecBelow(cecBelow) : texture ? textOf(textures[texture].label) : en.otherSoil(several)

function Minimums() {
  const { guide } = useLook()
  const those = elements.filter((element) => guide.minimums[element])
  if (those.length === 0) return null
  return (
    <Section title={en.minimums}>
      <Table
        heads={[en.element, en.soil, en.lowBelow, en.testedBy, en.source]}
        rows={those.flatMap((element) =>
          guide.minimums[element]!.rows.map((row, i, all) => [
            element,
            ground(row, all.length > 1),
            <Num
              key="low"
              at={['minimums', element, 'rows', i, 'lowBelow']}
              label={en.lowOf(element)}
              after={` ${guide.minimums[element]!.by ? 'ppm' : guide.unit}`}
            />,
            guide.minimums[element]!.by ?? textOf(extractants[guide.extractant].label),
            <SourceMark key="source" of={guide.minimums[element]!.source} />,
          ]),
        )}
      />
    </Section>
  )
}

function Rates() {
  const { guide } = useLook()
  return (
    <Section title={en.rates}>
      <Table
        heads={[en.group, ...classHeads]}
        rows={rateGroups.flatMap((group) =>
          (['P₂O₅', 'K₂O'] as const).map((nutrient) => [
            en.nutrientFor(nutrient, en.groups[group]),
            ...classHeads.map((head, at) => (
              <Num
                key={head}
                at={['rates', group, nutrient, at]}
                label={`${en.nutrientFor(nutrient, en.groups[group])}, ${head}`}
              />
            )),
          ]),
        )}
      />
      <SourceMark of={guide.rates.source} />
    </Section>
  )
}

/** Soilless mix: classes of the extract. */
function ExtractSection() {
  const { guide } = useLook()
  const { rows, pH, source } = guide.extract!
  return (
    <Section title={en.extract}>
      <Table
        heads={[en.nutrient, ...en.extractClasses]}
        rows={[
          ...Object.entries(rows).map(([id, { from, unit }]) => [
            `${en.extractLines[id as keyof typeof en.extractLines]}, ${unit}`,
            en.under(from[0]!),
            ...from.map((_, at) => (
              <Num
                key={at}
                at={['extract', 'rows', id, 'from', at]}
                label={en.boundOf(id, en.extractClasses[at + 1]!)}
                before="from "
              />
            )),
            ...en.extractClasses.slice(from.length + 1).map((name) => <Fragment key={name}>–</Fragment>),
          ]),
          ['pH', '–', '–', en.wanted(String(pH[0]), String(pH[1])), '–', '–'],
        ]}
      />
      <p className="text-ink-2 mt-1 text-sm">{en.extractWhy}</p>
      <SourceMark of={source} />
    </Section>
  )
}

/** When dressings are due. */
function WindowsSection() {
  const { dates, source } = useLook().guide.windows
  return (
    <Section title={en.windows}>
      <Table
        heads={[en.window, en.months]}
        rows={Object.values(dates).map(({ label, months }) => [
          textOf(label),
          months ? months.map(monthsWords).join(', ') : en.byGrowth,
        ])}
      />
      <p className="text-ink-2 mt-1 text-sm">{en.windowsWhy}</p>
      <SourceMark of={source} />
    </Section>
  )
}

const monthNames = new Intl.DateTimeFormat('en', { month: 'long' })
const monthName = (month: number) => monthNames.format(new Date(2000, month - 1, 1))
const monthsWords = ([from, to]: Months) =>
  from === to ? monthName(from) : en.monthsFromTo(monthName(from), monthName(to))

/** Where practitioners disagree. */
function Schools() {
  const { guide } = useLook()
  if (guide.schools.length === 0) return null
  return (
    <Section title={en.schools}>
      <Table
        rows={guide.schools.map(({ label, options }) => [
          textOf(label),
          options.map((one) => textOf(one.label)).join(' · '),
        ])}
      />
      <p className="text-ink-2 mt-1 text-sm">{en.schoolsWhy}</p>
    </Section>
  )
}
