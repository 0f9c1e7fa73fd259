'use client'

import { format, parseISO, isValid } from 'date-fns'
import type { Answer, AreaRecommendation } from '@/core/recommend'
import type { Sentence } from '@/core/told/sentence'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { useLiveQuery } from 'dexie-react-hooks'
import type { Office } from '@/schemas/office'
import { db } from '@/store/db'
import { initialsOf } from '@/store/office'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { measure, weight, type Measures } from '@/wording/format'
import { passesWords } from '@/wording/passes'
import { render, textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { describe } from '../ground/AreasRail'
import { gradeWords } from '../materials/grade'
import { Logo } from '../../pages/office/Logo'
import { useOffice } from '../../shared/office/useOffice'
import { en } from './messages'

/** What the client takes home: one page, and the fields that only the letter has. */
export function LetterStation() {
  const { kase, recommendation, edit } = useOpenCase()
  const ready = recommendation.areas.filter((area) => area.answer)
  if (ready.length === 0) return <p className="mt-5 font-serif text-lg">{en.empty}</p>
  const print = () => {
    edit((draft) => void (draft.letter.printedAt = new Date().toISOString()))
    window.print()
  }
  return (
    <>
      <div
        className="mt-3 mb-5 grid items-end gap-x-5 gap-y-2.5 sm:grid-cols-[110px_110px_150px_1fr_auto] print:hidden"
        data-entry
      >
        <SignField
          label={en.initials}
          value={kase.draftedBy}
          onChange={(by) => edit((draft) => void (draft.draftedBy = by))}
        />
        <SignField
          label={en.checkedInitials}
          value={kase.checkedBy}
          onChange={(by) => edit((draft) => void (draft.checkedBy = by))}
        />
        <TextField
          label={en.date}
          type="date"
          value={kase.letter.date}
          onChange={(date) => edit((draft) => void (draft.letter.date = date))}
        />
        <TextField
          label={en.note}
          value={kase.letter.note}
          placeholder={en.notePlaceholder}
          onChange={(note) => edit((draft) => void (draft.letter.note = note))}
        />
        <Button kind="act" onClick={print}>
          {en.print}
        </Button>
      </div>
      <Letter ready={ready} />
    </>
  )
}

/** Initials from the office's list, or typed where it has none. */
function SignField({ label, value, onChange }: { label: string; value: string; onChange: (by: string) => void }) {
  const office = useOffice()
  const people = office ? initialsOf(office) : []
  if (people.length === 0) return <TextField label={label} value={value} onChange={onChange} />
  const all = value && !people.includes(value) ? [value, ...people] : people
  return (
    <SelectField
      label={label}
      value={value || null}
      options={all.map((one) => ({ value: one, label: one }))}
      none="–"
      onChange={(by) => onChange(by ?? '')}
    />
  )
}

/** Who the letter comes from, with the logo where there is one. */
function Letterhead({ office }: { office: Office }) {
  const logo = useLiveQuery(() => (office.logo ? db.attachments.get(office.logo) : undefined), [office.logo])
  if (!office.name && !logo) return null
  return (
    <div className="mb-3 flex items-center gap-4 font-sans text-[13px] print:text-[9pt]">
      {logo && <Logo attachment={logo} className="h-12 max-w-56 object-contain object-left" />}
      <p>
        <strong>{[office.name, office.region].filter(Boolean).join(', ')}</strong>
        {office.address && <span className="block">{office.address}</span>}
      </p>
    </div>
  )
}

function Letter({ ready }: { ready: readonly AreaRecommendation[] }) {
  const { kase } = useOpenCase()
  const office = useOffice()
  const schools = [
    ...new Set(
      ready.flatMap((area) => area.answer!.schools.map(({ label, option }) => `${textOf(label)}: ${textOf(option)}`)),
    ),
  ]
  const cautions = [
    ...new Map(ready.flatMap((area) => area.answer!.cautions).map((sentence) => [sentence.key, sentence])).values(),
  ]
  return (
    <article className="border-rule max-w-[7.1in] border bg-white px-10 py-8 font-serif text-[14.5px] leading-snug print:max-w-none print:border-0 print:p-0 print:text-[9.5pt] print:leading-[1.2]">
      {office && <Letterhead office={office} />}
      <header className="border-ink flex items-end justify-between border-b-[1.5px] pb-2">
        <div>
          <h2 className="text-[23px] leading-tight font-semibold">{en.title}</h2>
          <p>
            {en.for} {[kase.client, kase.place].filter(Boolean).join(', ')}
          </p>
        </div>
        <p className="text-right">{longDate(kase.letter.date)}</p>
      </header>
      {ready.map((area) => (
        <AreaPart key={area.areaId} found={area} />
      ))}
      {kase.letter.note && <p className="mt-3">{kase.letter.note}</p>}
      {cautions.length > 0 && (
        <section className="mt-3">
          <h3 className="font-semibold">{en.cautions}</h3>
          <ul className="mt-0.5 list-disc gap-x-8 pl-5 text-[13px] sm:columns-2 print:columns-2 print:text-[8.5pt]">
            {cautions.map((sentence) => (
              <li key={sentence.key} className="break-inside-avoid">
                {render(sentence)}
              </li>
            ))}
          </ul>
        </section>
      )}
      <footer className="border-rule mt-3 border-t pt-2 text-[13px] print:text-[8.5pt]">
        {office?.disclaimer && <p>{office.disclaimer}</p>}
        <p>{en.retest}</p>
        {schools.length > 0 && <p>{en.schools(schools.join('; '))}</p>}
        <p>
          {en.basis}: {reports(kase.reports.filter((report) => kase.areas.some((area) => area.reportId === report.id)))}
          . {en.follows}
        </p>
        <p className="mt-3 flex gap-10">
          <span>
            {en.from}: {kase.draftedBy || '________'}
          </span>
          <span>
            {en.checked}: {kase.checkedBy || '________'}
          </span>
        </p>
      </footer>
    </article>
  )
}

const longDate = (date: string) => {
  const day = parseISO(date)
  return isValid(day) ? format(day, 'd MMMM yyyy') : ''
}

const reports = (found: readonly { code: string; laboratory: string; date: string }[]) =>
  found
    .map(({ code, laboratory, date }) => en.report(code, laboratory, longDate(date) && `of ${longDate(date)}`))
    .join('; ')

interface Line {
  what: string
  amount: string
  measure: string
  when: string
}

function AreaPart({ found }: { found: AreaRecommendation }) {
  const { kase } = useOpenCase()
  const area = kase.areas.find((one) => one.id === found.areaId)!
  const answer = found.answer!
  const lines = linesOf(found, kase.measures)
  return (
    <section className="mt-3 break-inside-avoid print:mt-1.5">
      <h3 className="text-[17px] leading-tight font-semibold">
        {area.name}{' '}
        <span className="text-ink-2 font-sans text-[13.5px] font-normal">{describe(found, kase.measures)}</span>
      </h3>
      <p className="mt-0.5">
        <Formula>
          {mattersMost(answer)
            .map((sentence) => render(sentence, kase.measures))
            .join(' ')}
        </Formula>
      </p>
      {lines.length === 0 ? (
        <p>
          <Formula>{wordsInstead(found) || en.nothing}</Formula>
        </p>
      ) : (
        <table className="mt-1 w-full border-collapse font-sans text-[13.5px] print:text-[9pt]">
          <thead>
            <tr className="text-ink-2 text-left">
              <th className="w-[34%] font-normal">{en.putOn}</th>
              <th className="w-[32%] font-normal">{en.amount}</th>
              <th className="font-normal">{en.when}</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <tr key={line.what} className="border-rule border-t align-top">
                <td className="py-1 pr-3 print:py-0.5">
                  <Formula>{line.what}</Formula>
                </td>
                <td className="py-1 pr-3 print:py-0.5">
                  <strong className="text-[15px] print:text-[10.5pt]">{line.amount}</strong>
                  {line.measure && <span className="block print:inline"> {line.measure}</span>}
                </td>
                <td className="py-1 print:py-0.5">{line.when}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}

/** What the ground's pH asks for stands for the first word on it; a word that comes before it, as on lead, stays first. */
function mattersMost({ headline: [first, ...rest], reaction }: Answer): Sentence[] {
  const before = first && /^headline\.(?:lead|salts|sodic)/.test(first.key) ? [first] : []
  return [...before, reaction.why, ...rest]
}

/** Mix without soil is told of in words, since it has no amounts: `Nitrogen, potash: raise it in the liquid feed`. */
function wordsInstead({ answer }: AreaRecommendation): string {
  const short = answer!.needs.filter(({ why }) => why.key === 'soilless.short')
  const names = short.map(({ nutrient }) => en.nutrientName[nutrient]).join(', ')
  return short.length > 0 ? `${names.charAt(0).toUpperCase()}${names.slice(1)}: ${render(short[0]!.why)}` : ''
}

/** What goes on this area: lime or sulfur, then the fertilizer chosen, or the bare nutrients where none is. */
function linesOf({ answer, planted, season }: AreaRecommendation, measures: Measures): Line[] {
  const inSeason = (when: string) => [when, season && textOf(season)].filter(Boolean).join('; ') || en.yearly
  const { reaction, needs, others, fertilizer } = answer!
  const lines: Line[] = []
  if (reaction.dose) {
    const { passes, material, lbPerCup, bagLb } = reaction.dose
    const each = passes.each.value.v
    const once = reaction.outcome === 'sulfur' ? en.sulfurOnce : planted ? en.onceSurface : en.once
    lines.push({
      what: textOf(material.label),
      amount: weight(each, measures),
      measure: measure(each, lbPerCup, bagLb, measures),
      when: passesWords(passes, 'each') || once,
    })
  }
  for (const { product, nutrient } of others)
    if (product)
      lines.push({
        what: `${textOf(product.material.label)} (${nutrient})`,
        amount: weight(product.amount.value.v, measures),
        measure: measure(product.amount.value.v, product.material.lbPerCup, product.material.bagLb, measures),
        when: en.spread,
      })
  if (fertilizer?.mix.ok && fertilizer.mix.value.barred.length === 0) {
    const { material, bagLb, mix } = fertilizer
    const { passes } = mix.value
    const each = passes.each.value.v
    lines.push({
      what: `${gradeWords(material)} ${textOf(material.label)}`,
      amount: weight(each, measures),
      measure: measure(each, material.lbPerCup, bagLb, measures),
      when: inSeason(passesWords(passes, 'each') || en.once),
    })
    return lines
  }
  for (const need of needs)
    if (need.passes)
      lines.push({
        what: `${en.nutrientName[need.nutrient]} (${need.nutrient})`,
        amount: weight(need.passes.each.value.v, measures),
        measure: '',
        when:
          need.nutrient === 'N'
            ? inSeason(passesWords(need.passes, 'each'))
            : passesWords(need.passes, 'each') || en.yearly,
      })
  return lines
}
