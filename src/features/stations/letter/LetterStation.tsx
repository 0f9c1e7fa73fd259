'use client'

import { texts } from '@/core/shape/case-shape'
import { useLiveQuery } from 'dexie-react-hooks'
import { useState } from 'react'
import { letterOf } from '@/core/letter/letter'
import { openDays, rulesTold } from '@/core/passes/program/program'
import type { Office } from '@/schemas/office'
import { db } from '@/store/db'
import { initialsOf } from '@/store/office'
import { Button } from '@/ui/Button'
import { ChoiceField } from '@/ui/ChoiceField'
import { Formula } from '@/ui/Formula'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import type { Language } from '@/core/told/text'
import { wordLetter, type WordedLetter } from '@/wording/letter'
import { useOpenCase } from '../../case/context'
import { useProducts } from '../../case/useCase'
import { Logo } from '../../pages/office/Logo'
import { languageOptions, useWords } from '../../shared/language/useWords'
import { useOffice } from '../../shared/office/useOffice'
import { useProgram } from '../../shared/years/useProgram'
import { Cards } from './Cards'
import { en } from './messages'

/** What the client takes home: one page, and the fields that only the letter has. */
export function LetterStation() {
  const { kase, recommendation, edit } = useOpenCase()
  const [language, setLanguage] = useState<Language>('en')
  const [paper, setPaper] = useState<keyof typeof en.papers>('letter')
  const words = useWords(language)
  const { program } = useProgram()
  const days = openDays(program)
  const letter = letterOf(kase, recommendation, useProducts(), days, rulesTold(program))
  if (letter.areas.length === 0) return <p className="mt-5 font-serif text-lg">{en.empty}</p>
  const print = () => {
    if (paper === 'letter') edit((draft) => void (draft.letter.printedAt = new Date().toISOString()))
    window.print()
  }
  return (
    <>
      <div
        className="mt-3 mb-5 grid items-end gap-x-5 gap-y-2.5 sm:grid-cols-[100px_100px_140px_130px_170px_auto] print:hidden"
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
        <ChoiceField
          label={en.paper}
          value={paper}
          options={Object.entries(en.papers).map(([value, label]) => ({ value: value as typeof paper, label }))}
          onChange={setPaper}
        />
        <ChoiceField label={en.language} value={language} options={languageOptions} onChange={setLanguage} />
        <Button kind="act" className="justify-self-start whitespace-nowrap" onClick={print}>
          {en.printThe[paper]}
        </Button>
        <div className="col-span-full max-w-[7.1in]">
          <TextField
            label={en.note}
            most={texts.note}
            value={kase.letter.note}
            placeholder={en.notePlaceholder}
            onChange={(note) => edit((draft) => void (draft.letter.note = note))}
          />
        </div>
      </div>
      {words && paper === 'cards' && <Cards words={words} language={language} days={days} />}
      {words && paper === 'letter' && (
        <div lang={language}>
          <LetterSheet letter={wordLetter(letter, words, language, kase.measures)} sample={kase.sample} />
        </div>
      )}
    </>
  )
}

/** Initials from the office's list, or typed where it has none. */
function SignField({ label, value, onChange }: { label: string; value: string; onChange: (by: string) => void }) {
  const office = useOffice()
  const people = office ? initialsOf(office) : []
  if (people.length === 0) return <TextField label={label} most={texts.initials} value={value} onChange={onChange} />
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

/** The invented office of the samples heads none but their letters. */
function LetterSheet({ letter, sample }: { letter: WordedLetter; sample: boolean }) {
  const found = useOffice()
  const office = found && (!found.sample || sample) ? found : undefined
  return (
    <article className="border-rule max-w-[7.1in] border bg-white px-10 py-8 font-serif text-[14.5px] leading-snug print:max-w-none print:border-0 print:p-0 print:text-[9.3pt] print:leading-[1.15]">
      {office && <Letterhead office={office} />}
      <header className="border-ink flex items-end justify-between border-b-[1.5px] pb-2">
        <div>
          <h2 className="text-[23px] leading-tight font-semibold">{letter.title}</h2>
          <p>{letter.addressee}</p>
        </div>
        <p className="text-right">{letter.date}</p>
      </header>
      {letter.areas.map((area) => (
        <AreaPart key={area.id} area={area} columns={letter.columns} />
      ))}
      {letter.toBuy.length > 0 && (
        <section className="mt-3 font-sans text-[13.5px] print:mt-0.5 print:text-[9pt]">
          <h3 className="inline font-semibold">{letter.toBuyTitle}:</h3>{' '}
          <ul className="inline">
            {letter.toBuy.map((line, i) => (
              <li key={line} className="inline">
                {line}
                {i < letter.toBuy.length - 1 ? '. ' : '.'}
              </li>
            ))}
          </ul>
        </section>
      )}
      {letter.note && <p className="mt-3">{letter.note}</p>}
      {letter.cautions.length > 0 && (
        <section className="mt-3 print:mt-1.5">
          <h3 className="font-semibold">{letter.cautionsTitle}</h3>
          <ul className="mt-0.5 list-disc gap-x-8 pl-5 text-[13px] sm:columns-2 print:columns-2 print:text-[8pt]">
            {letter.cautions.map((caution) => (
              <li key={caution} className="break-inside-avoid">
                {caution}
              </li>
            ))}
          </ul>
        </section>
      )}
      <footer className="border-rule mt-3 border-t pt-2 print:mt-1.5 print:pt-1 text-[13px] print:text-[8pt]">
        {office?.disclaimer && <p>{office.disclaimer}</p>}
        {letter.foot.map((line) => (
          <p key={line}>{line}</p>
        ))}
        <p className="mt-3 flex gap-10 print:mt-1.5">
          {letter.signed.map((line) => (
            <span key={line}>{line}</span>
          ))}
        </p>
      </footer>
    </article>
  )
}

function AreaPart({ area, columns }: { area: WordedLetter['areas'][number]; columns: WordedLetter['columns'] }) {
  return (
    <section className="mt-3 break-inside-avoid print:mt-1">
      <h3 className="text-[17px] leading-tight font-semibold">
        {area.name}{' '}
        <span className="text-ink-2 font-sans text-[13.5px] font-normal">
          {[area.about, area.basis].filter(Boolean).join(' · ')}
        </span>
      </h3>
      <p className="mt-0.5">
        <Formula>{area.says}</Formula>
      </p>
      {area.rows.length === 0 ? (
        <p>
          <Formula>{area.instead}</Formula>
        </p>
      ) : (
        <table className="mt-1 w-full border-collapse font-sans text-[13.5px] print:text-[9pt]">
          <thead>
            <tr className="text-ink-2 text-left">
              {columns.map((column, i) => (
                <th key={column} className={`font-normal ${['w-[25%]', 'w-[30%]'][i] ?? ''}`}>
                  {column}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {area.rows.map((row) => (
              <tr key={row.what} className="border-rule border-t align-top">
                <td className="py-1 pr-3 print:py-px">
                  <Formula>{row.what}</Formula>
                </td>
                <td className="py-1 pr-3 print:py-px">
                  <strong className="text-[15px] print:text-[10.5pt]">{row.amount}</strong>
                  {row.measure && <span className="block print:inline"> {row.measure}</span>}
                </td>
                <td className="py-1 print:py-px">{row.when}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}
