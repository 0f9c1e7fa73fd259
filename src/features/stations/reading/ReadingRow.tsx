'use client'

import type { Report } from '@/core/report/report'
import type { AreaInSeason } from '@/core/case/in-season'
import type { Crop } from '@/core/guides/crop'
import type { Guide } from '@/core/guides/guide'
import type { ReadingLine } from '@/core/reading/lines'
import { coresOf, spreadAsRead } from '@/core/reading/uncertainty'
import { Formula } from '@/ui/Formula'
import { Gloss } from '@/ui/Gloss'
import { SpanScale } from '@/ui/SpanScale'
import { figure, pHFigure, spanWords, unitOf } from '@/wording/format'
import { glossary } from '@/wording/interface/glossary'
import { classWord, classWords, either, lineName } from '@/wording/phrase'
import { render, textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { Trend } from './Trend'
import { en } from './messages'
import { measuredIn } from '@/core/report/tests'
import { unitBeside } from '@/core/units/typed'

interface Props {
  id: string
  area: AreaInSeason
  report: Report
  guide: Guide
  /** The crop that leads first; a crop may have no such line. */
  crops: readonly { readonly crop: Crop; readonly line: ReadingLine | undefined }[]
}

/** One value of the report: as reported, on its scale against what each crop wants, its class, and what it means. */
export function ReadingRow({ id, area, report, guide, crops }: Props) {
  const { kase } = useOpenCase()
  const lead = crops.find(({ line }) => line)!
  const line = lead.line!
  const name = lineName(id)
  const several = crops.length > 1
  const quarrel = several && new Set(crops.map((one) => Math.sign(one.line?.distance ?? 0))).size > 1
  return (
    <div
      className="border-rule grid gap-x-4 gap-y-1 border-b py-2 @3xl:grid-cols-[10rem_8rem_16rem_1fr]"
      data-reading={id}
    >
      <div>
        <h3 className="text-[16px] leading-tight font-semibold">
          {glossary[id] ? <Gloss says={glossary[id]}>{name}</Gloss> : name}
        </h3>
        <p className="text-ink-2 text-[13px] leading-tight">{howOf(id, report, guide)}</p>
        <Trend field={line.field} area={area} crop={lead.crop} line={line} name={name} />
      </div>
      <Reported line={line} report={report} />
      <div>
        <Scale id={id} report={report} crops={crops} name={name} cores={coresOf(kase.samples, report)} />
      </div>
      <div className="text-[15px] leading-snug">
        {groupedBy(crops, (one) => `${classOf(one)} ${one.meaning.key}`).map(({ labels, line: one, all }, i) => (
          <p key={i} className={i > 0 ? 'mt-0.5' : ''}>
            {!all && <span className="text-ink-2">{labels}: </span>}
            <strong>{classOf(one)}</strong>{' '}
            <Formula>{render({ ...one.meaning, args: named(one.meaning.args, labels) }, kase.measures)}</Formula>
          </p>
        ))}
        {quarrel && <p className="text-clay font-semibold">{en.quarrel}</p>}
        {line.printedWord && line.className && (
          <p className="text-ink-2 mt-0.5">
            {en.printedWord(classWords[line.printedWord]!, classWord(line.className).toLowerCase())}
          </p>
        )}
      </div>
    </div>
  )
}

interface Group {
  /** The crops of which it is true. */
  readonly labels: string
  readonly line: ReadingLine
  /** It is true of all that grows here. */
  readonly all: boolean
}

/** Crops of which the same is to be said are said together. */
function groupedBy(crops: Props['crops'], key: (line: ReadingLine) => string): readonly Group[] {
  const found = new Map<string, { crops: string[]; line: ReadingLine }>()
  for (const { crop, line } of crops) {
    if (!line) continue
    const group = found.get(key(line))
    if (group) group.crops.push(textOf(crop.label))
    else found.set(key(line), { crops: [textOf(crop.label)], line })
  }
  return [...found.values()].map((one) => ({
    labels: found.size === 1 && one.crops.length > 2 ? en.allThatGrows : either(one.crops),
    line: one.line,
    all: found.size === 1,
  }))
}

/** A sentence about one crop, said of several. */
const named = (args: ReadingLine['meaning']['args'], labels: string) =>
  'crop' in args ? { ...args, crop: { en: labels } } : args

const sentenceCase = (words: string) => `${words.charAt(0).toUpperCase()}${words.slice(1)}.`

/** The class as a word, or the two between which the report leaves it open. */
function classOf({ className, between }: ReadingLine): string {
  if (between) return sentenceCase(en.between(classWord(between[0]).toLowerCase(), classWord(between[1]).toLowerCase()))
  return className ? sentenceCase(classWord(className)) : ''
}

/** What it was measured with, where that decides what it means. */
function howOf(id: string, report: Report, guide: Guide): string {
  if (id === 'pH') return en.how[report.kind === 'kit' || report.kind === 'meter' ? report.kind : report.pHIn]
  if (id === 'buffer') return report.buffer ?? ''
  if (guide.medium === 'soilless' && id !== 'pH') return en.how.extract
  return ''
}

/** The value as the paper has it, and in the guide's unit where that is another. */
function Reported({ line, report }: { line: ReadingLine; report: Report }) {
  const typed = line.field && measuredIn(report, line.field)
  const text = typed ? typed.text.trim() : ''
  const unit = typed ? unitBeside(typed) : ''
  const { value } = line
  const converted = value && 'expression' in value && line.id !== 'sodium'
  return (
    <div className="@3xl:text-right">
      <p className="text-[18px] leading-tight font-semibold tabular-nums">
        {text || (value ? figure(value.value.v, 3) : '')}{' '}
        {unit && <span className="text-ink-2 text-[14px] font-normal">{unit}</span>}
      </p>
      {converted && (
        <p className="text-ink-2 text-[13px]">
          <Formula>
            {en.inGuide(
              `${line.id === 'pH' ? pHFigure(Number(value.value.v.toFixed(2))) : figure(value.value.v, 3)} ${unitIn(line)}`.trim(),
            )}
          </Formula>
        </p>
      )}
    </div>
  )
}

/** Of a salt pH it is said that the converted one is in water; of nitrate, which depth is meant. */
const unitIn = ({ id, value }: ReadingLine): string =>
  id === 'pH' ? value!.value.of : unitOf(value!.value.of).replace('lb N/acre', en.inDepth)

type ScaleProps = Pick<Props, 'id' | 'report' | 'crops'> & { name: string; cores: number }

/** Nothing is drawn of what has no number, or of which nothing is wanted by itself. */
function Scale({ id, report, crops, name, cores }: ScaleProps) {
  const lines = crops.flatMap(({ line }) => (line ? [line] : []))
  const { value, field } = lines[0]!
  const wanted = lines.flatMap((line) => (line.wanted ? [line.wanted] : []))
  if (!value || wanted.length === 0 || !field) return null
  const v = value.value.v
  const spread = spreadAsRead(report, field, v, cores)
  const [from, to] = endsOf(id, v, wanted)
  const range = spread && ([spread.low ?? from, spread.high ?? to] as const)
  const number = (x: number) => (id === 'pH' ? pHFigure(x) : figure(x, 3))
  const words = (span: Wanted) => spanWords(span, number)
  const spans = groupedBy(
    crops.filter(({ line }) => line?.wanted),
    (line) => words(line.wanted!),
  ).map(({ labels, line, all }) => {
    const [low, high] = line.wanted!
    return { low, high, label: all ? words([low, high]) : `${labels}, ${words([low, high])}` }
  })
  const className = lines[0]!.className ? classWord(lines[0]!.className) : ''
  return (
    <SpanScale
      from={from}
      to={to}
      value={v}
      range={range}
      spans={spans}
      label={en.scaleWords(`${name} ${number(v)}`, spans.map(({ label }) => label).join('; '), className)}
    />
  )
}

type Wanted = readonly [low: number | null, high: number | null]

/** Ends of the scale: round what is wanted, and the value where it is not far beyond. */
function endsOf(id: string, v: number, wanted: readonly (readonly [number | null, number | null])[]): [number, number] {
  if (id === 'pH') return [4, 8.5]
  const ends = wanted.flatMap(([low, high]) => [...(low === null ? [] : [low]), ...(high === null ? [] : [high])])
  const most = Math.max(...ends)
  const open = wanted.some(([, high]) => high === null)
  const room = open ? most * 2.5 : most * 1.6
  return [0, Math.max(room, Math.min(v * 1.1, most * 3))]
}
