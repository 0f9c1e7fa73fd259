'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { Fragment, Suspense } from 'react'
import { areaOf, groundOf, stepColumns, whenOf, type Paper } from '@/paper/paper'
import { db } from '@/store/db'
import { Formula } from '@/ui/Formula'
import type { WordedDay } from '@/wording/letter'
import { Logo } from '../../pages/office/Logo'
import { useOffice } from '../../shared/office/useOffice'
import { Sentence, type OnWords } from './Sentence'
import { late } from '../../shared/late/late'

const WhySheet = late(() => import('./WhySheet').then((found) => found.WhySheet))
const WorkingsSheet = late(() => import('./WhySheet').then((found) => found.WorkingsSheet))

interface Props {
  paper: Paper
  /** Present where its words are being edited. */
  onWords?: OnWords
}

/** A letter as it leaves the office, page by page. */
export function PaperSheet({ paper, onWords }: Props) {
  const { letter, head, changes, why, workings, language } = paper
  return (
    <div lang={language}>
      <article
        className={`border-rule max-w-[7.1in] border bg-white px-10 py-8 font-serif text-[14.5px] leading-snug print:max-w-none print:border-0 print:p-0 ${printed[lengthOf(paper)]}`}
      >
        {head && <Letterhead head={head} />}
        <header className="border-ink flex items-end justify-between border-b-[1.5px] pb-2">
          <div>
            <h2 className="text-[23px] leading-tight font-semibold">{letter.title}</h2>
            <p>{letter.addressee}</p>
          </div>
          <p className="text-right">{letter.date}</p>
        </header>
        {letter.draft && (
          <p className="text-clay border-clay mt-2 border-2 px-3 py-1 font-sans text-[16px] font-semibold">
            {letter.draft}
          </p>
        )}
        {letter.areas.map((area) => (
          <section key={area.id} className="mt-3 break-inside-avoid print:mt-1">
            <h3 className="leading-tight font-semibold">
              {area.name}{' '}
              <span className="text-ink-2 font-sans text-[13.5px] font-normal print:text-[8.5pt]">
                {groundOf(area)}
              </span>
            </h3>
            <p>
              {area.says.map((line) => (
                <Fragment key={line.id}>
                  <Sentence line={line} onWords={onWords} />{' '}
                </Fragment>
              ))}
              {area.rows.length === 0 && <Formula>{area.instead}</Formula>}
            </p>
          </section>
        ))}
        {letter.steps.length > 0 && (
          <section className="mt-3 print:mt-1">
            <h3 className="text-[17px] leading-tight font-semibold">{letter.stepsTitle}</h3>
            <Steps steps={letter.steps} columns={stepColumns(letter)} length={lengthOf(paper)} />
          </section>
        )}
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
        {changes && (
          <section className="mt-3 print:mt-1">
            <h3 className="font-semibold">{changes.title}</h3>
            <ul className="list-disc pl-5 text-[13px] print:text-[8pt]">
              {changes.lines.map((line) => (
                <li key={line}>
                  <Formula>{line}</Formula>
                </li>
              ))}
            </ul>
          </section>
        )}
        {letter.note && <p className="mt-3 whitespace-pre-line print:mt-1">{letter.note}</p>}
        {letter.cautions.length > 0 && (
          <section className="mt-3 print:mt-1">
            <h3 className="font-semibold">{letter.cautionsTitle}</h3>
            <ul className="mt-0.5 list-disc gap-x-8 pl-5 text-[13px] sm:columns-2 print:columns-2 print:text-[8pt]">
              {letter.cautions.map((line) => (
                <li key={line.id} className="break-inside-avoid">
                  <Sentence line={line} onWords={onWords} />
                </li>
              ))}
            </ul>
          </section>
        )}
        <footer className="border-rule mt-3 border-t pt-2 text-[13px] print:mt-1 print:pt-1 print:text-[8pt]">
          {head?.disclaimer && <p>{head.disclaimer}</p>}
          {letter.foot.map((line) => (
            <p key={line.id}>
              <Sentence line={line} onWords={onWords} />
            </p>
          ))}
          <p className="mt-3 flex gap-10 print:mt-1.5">
            {letter.signed.map((line) => (
              <span key={line}>{line}</span>
            ))}
          </p>
        </footer>
      </article>
      <Suspense>
        {why && <WhySheet why={why} />}
        {workings && <WorkingsSheet workings={workings} />}
      </Suspense>
    </div>
  )
}

/** How large a letter is printed, by how much there is of it, so that it stays on one page. */
const printed = {
  short: 'print:text-[9.6pt] print:leading-[1.2]',
  long: 'print:text-[8.9pt] print:leading-[1.12]',
  longest: 'print:text-[7.8pt] print:leading-[1.05]',
} as const
const printedTable = { short: 'print:text-[9.4pt]', long: 'print:text-[8.4pt]', longest: 'print:text-[7.6pt]' } as const

function lengthOf({ letter: { steps, areas } }: Paper): keyof typeof printed {
  const lines = steps.reduce((sum, { rows }) => sum + rows.length, 0) + 2 * areas.length
  return lines > 20 ? 'longest' : lines > 10 ? 'long' : 'short'
}

interface StepsProps {
  steps: readonly WordedDay[]
  columns: readonly string[]
  length: keyof typeof printedTable
}

/** What to do, day by day. */
function Steps({ steps, columns, length }: StepsProps) {
  return (
    <table className={`w-full border-collapse font-sans text-[13.5px] ${printedTable[length]}`}>
      <thead>
        <tr className="text-ink-2 text-left">
          {columns.map((column, i) => (
            <th key={column} scope="col" className={`font-normal ${['w-[13%]', 'w-[29%]', 'w-[27%]'][i] ?? ''}`}>
              {column}
            </th>
          ))}
        </tr>
      </thead>
      {steps.map(({ when, rows }) => (
        <tbody key={when} className="break-inside-avoid">
          {rows.map((one, i) => (
            <tr key={i} className="border-rule border-t align-top">
              {i === 0 && (
                <th scope="rowgroup" rowSpan={rows.length} className="py-1 pr-3 text-left font-semibold print:py-px">
                  {when}
                </th>
              )}
              <td className="py-1 pr-3 max-sm:[overflow-wrap:anywhere] print:py-px">
                {areaOf(rows, i) && <strong>{one.area} </strong>}
                <Formula>{one.what}</Formula>
              </td>
              <td className="py-1 pr-3 print:py-px">
                <strong className="text-[15px] print:text-[1.08em]">{one.amount}</strong> {one.measure}
              </td>
              <td className="py-1 print:py-px">
                <Formula>{whenOf(one)}</Formula>
              </td>
            </tr>
          ))}
        </tbody>
      ))}
    </table>
  )
}

/** Who the letter comes from, with the logo where there is one. */
function Letterhead({ head: { name, address } }: { head: NonNullable<Paper['head']> }) {
  const office = useOffice()
  const logo = useLiveQuery(() => (office?.logo ? db.attachments.get(office.logo) : undefined), [office?.logo])
  if (!name && !logo) return null
  return (
    <div className="mb-3 flex items-center gap-4 font-sans text-[13px] print:mb-1 print:text-[9pt]">
      {logo && <Logo attachment={logo} className="h-12 max-w-56 object-contain object-left print:h-9" />}
      <p>
        <strong>{name}</strong>
        {address && <span className="block">{address}</span>}
      </p>
    </div>
  )
}
