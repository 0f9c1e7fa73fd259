'use client'

import { Suspense, useState } from 'react'
import { freezeLetter, handOut, thawLetter, writeSentence } from '@/core/acts/letters'
import { texts } from '@/core/shape/limits'
import type { Paper } from '@/paper/paper'
import { initialsOf } from '@/store/office'
import { Button } from '@/ui/Button'
import { ChoiceField } from '@/ui/ChoiceField'
import { saveFile } from '@/ui/save-file'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { TickField } from '@/ui/TickField'
import { dateWords } from '@/wording/format'
import type { Line } from '@/wording/letter'
import { useOpenCase } from '../../case/context'
import { languageOptions, useWords } from '../../shared/language/useWords'
import { signed } from '../../shared/office/signed'
import { idle } from '../../shared/late/idle'
import { late } from '../../shared/late/late'
import { useOffice } from '../../shared/office/useOffice'
import { usePlan } from '../../shared/plan/usePlan'
import { NothingYet } from '../../shared/NothingYet'
import { en } from './messages'
import { OwnWords } from './OwnWords'
import { PaperSheet } from './PaperSheet'
import { useKept } from '../../shared/letters/useKept'
import { usePaper } from '../../shared/letters/usePaper'

const Given = late(() => idle().then(() => import('./Given').then((found) => found.Given)))
// The letter itself is there first.
const Findings = late(() => idle().then(() => import('./Findings').then((found) => found.Findings)))
const Cards = late(() => import('./Cards').then((found) => found.Cards))

/** What a letter leaves with comes when it leaves. */
const handing = () => import('../../shared/letters/handing')

type OnPaper = keyof typeof en.papers

/** What the client takes home: pages, cards and labels, and every letter that was handed out before. */
export function LetterStation() {
  const { kase, edit } = useOpenCase()
  const { language } = kase.letter
  const [onPaper, putOnPaper] = useState<OnPaper>('letter')
  const words = useWords(language)
  const kept = useKept()
  const plan = usePlan()
  const paper = usePaper(plan, words, language, kept)
  if (words && !paper && kept.length === 0) return <NothingYet says={en.empty} />
  // What was checked is changed by nothing here.
  const frozen = kase.letter.frozen !== null
  return (
    <>
      {frozen ? <div className="mt-3" /> : <Settings />}
      <div className="mb-4 flex flex-wrap items-end gap-x-5 gap-y-2.5 print:hidden" data-entry>
        <ChoiceField
          label={en.paper}
          value={onPaper}
          options={Object.entries(en.papers).map(([value, label]) => ({ value: value as OnPaper, label }))}
          onChange={putOnPaper}
        />
        {(!frozen || onPaper !== 'letter') && (
          <ChoiceField
            label={en.language}
            value={language}
            options={languageOptions}
            onChange={(to) => edit((draft) => void (draft.letter.language = to))}
          />
        )}
        {onPaper === 'letter' && !frozen && <Pages />}
        {onPaper !== 'letter' && (
          <Button kind="act" onClick={() => window.print()}>
            {en.printThe[onPaper]}
          </Button>
        )}
      </div>
      {frozen && onPaper !== 'letter' && <p className="mb-3 print:hidden">{en.frozenCards}</p>}
      {words && onPaper !== 'letter' && (
        <Suspense>
          <Cards words={words} language={language} plan={plan} as={onPaper} />
        </Suspense>
      )}
      {onPaper === 'letter' && !frozen && paper && (
        <Suspense>
          <Findings plan={plan} />
        </Suspense>
      )}
      {onPaper === 'letter' && <Letter paper={paper} kept={kept} />}
    </>
  )
}

/** Who signs, of which day it is, and what else is to be said. */
function Settings() {
  const { kase, edit } = useOpenCase()
  const { letter } = kase
  return (
    <div
      className="mt-3 mb-3 grid items-end gap-x-5 gap-y-2.5 sm:grid-cols-[100px_100px_140px_1fr] print:hidden"
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
        value={letter.date}
        onChange={(date) => edit((draft) => void (draft.letter.date = date))}
      />
      <TextField
        long
        label={en.note}
        most={texts.note}
        value={letter.note}
        placeholder={en.notePlaceholder}
        onChange={(note) => edit((draft) => void (draft.letter.note = note))}
      />
    </div>
  )
}

/** What goes with the letter. */
function Pages() {
  const {
    kase: { measures, letter },
    edit,
  } = useOpenCase()
  return (
    <fieldset className="flex flex-wrap gap-x-4">
      <legend className="sr-only">{en.with}</legend>
      <TickField label={en.why} checked={letter.why} onChange={(on) => edit((draft) => void (draft.letter.why = on))} />
      <TickField
        label={en.workings}
        checked={letter.workings}
        onChange={(on) => edit((draft) => void (draft.letter.workings = on))}
      />
      <TickField
        label={en.bothMeasures[measures]}
        checked={letter.bothMeasures}
        onChange={(on) => edit((draft) => void (draft.letter.bothMeasures = on))}
      />
    </fieldset>
  )
}

/** The letter as it is now, as it was checked, or as one of before was; and the ways by which it leaves. */
function Letter({ paper: live, kept }: { paper: Paper | null; kept: ReturnType<typeof useKept> }) {
  const { kase, act } = useOpenCase()
  const [looking, lookAt] = useState<number | null>(null)
  const [editing, setEditing] = useState(false)
  const [told, tell] = useState<string | null>(null)
  const frozen = kept.find(({ given }) => given.id === kase.letter.frozen)
  const earlier = looking === null ? undefined : kept[looking]
  const paper = earlier ? earlier.paper : frozen ? frozen.paper : live
  const changes = !earlier && !frozen

  /** Keeps what leaves the office; of an earlier letter that is known. */
  const keep = async (given: Paper) => {
    if (earlier) return
    const { asGiven } = await handing()
    act(handOut(asGiven(kase, given, true)))
  }
  const print = async (given: Paper) => {
    // It is printed also where it cannot be kept.
    await keep(given).catch(() => tell(en.notKept))
    window.print()
  }
  const makePdf = async (given: Paper, leaves: boolean) => {
    tell(en.making)
    try {
      const { fileNameOf, pdfOf } = await handing()
      const { file, withoutLogo, missing } = await pdfOf([given])
      saveFile(`${fileNameOf(kase, given)}.pdf`, file)
      if (leaves) await keep(given)
      tell(
        [withoutLogo && en.withoutLogo, missing.length > 0 && en.missing(missing.join(' '))]
          .filter(Boolean)
          .join(' ') || null,
      )
    } catch {
      tell(en.pdfFailed)
    }
  }
  const copy = async (given: Paper) => {
    try {
      const [{ textOf }, { htmlOf }] = await Promise.all([import('@/paper/text'), import('@/paper/html')])
      const as = (type: string, text: string) => ({ [type]: new Blob([text], { type }) })
      await navigator.clipboard.write([
        new ClipboardItem({ ...as('text/plain', textOf(given)), ...as('text/html', htmlOf(given)) }),
      ])
      await keep(given)
      tell(en.copied)
    } catch {
      tell(en.copyFailed)
    }
  }
  const write = async (line: Line, text: string | null) => {
    if (text === '') return tell(en.neverEmpty)
    tell(null)
    const { by, at } = await signed(kase, '')
    act(writeSentence(line.id, text === null ? undefined : { words: text, was: line.ours, by, at }))
  }
  const check = async (given: Paper) => {
    if (given.letter.draft) return tell(en.unconfirmed)
    if (!kase.checkedBy) return tell(en.whoChecks)
    tell(null)
    setEditing(false)
    const { asGiven } = await handing()
    act(freezeLetter(asGiven(kase, given, false)))
  }

  return (
    <>
      {paper && (
        <div className="mb-3 flex flex-wrap items-center gap-x-3 gap-y-2 print:hidden">
          <Button kind="act" onClick={() => void print(paper)}>
            {paper.letter.draft ? en.printDraft : en.printThe.letter}
          </Button>
          <Button onClick={() => void makePdf(paper, true)}>{en.pdf}</Button>
          <Button onClick={() => void copy(paper)}>{en.copy}</Button>
          {changes && (
            <>
              <Button aria-pressed={editing} onClick={() => setEditing(!editing)}>
                {editing ? en.editDone : en.editWords}
              </Button>
              <Button onClick={() => void check(paper).catch(() => tell(en.notKept))}>{en.check}</Button>
            </>
          )}
        </div>
      )}
      <p role="status" className="mb-2 max-w-[7.1in] print:hidden">
        {told}
      </p>
      {earlier && (
        <p className="border-ink mb-3 border-l-4 pl-3 print:hidden">
          {en.asGiven(looking! + 1, dateWords(earlier.given.at))}{' '}
          <Button kind="text" onClick={() => lookAt(null)}>
            {en.showNow}
          </Button>
        </p>
      )}
      {!earlier && frozen && (
        <p className="border-ink mb-3 border-l-4 pl-3 print:hidden">
          {frozen.paper ? en.frozen(frozen.given.checkedBy, dateWords(frozen.given.at)) : en.frozenUnreadable}{' '}
          <Button kind="text" onClick={() => act(thawLetter)}>
            {en.thaw}
          </Button>
        </p>
      )}
      {changes && paper && <OwnWords paper={paper} />}
      {changes && editing && <p className="text-ink-2 mb-2 text-[14px] print:hidden">{en.editHint}</p>}
      {paper && (
        <PaperSheet paper={paper} onWords={changes && editing ? (line, text) => void write(line, text) : undefined} />
      )}
      <Suspense>
        <Given
          kept={kept}
          shown={looking}
          onShow={(at) => {
            setEditing(false)
            lookAt(at)
            window.scrollTo(0, 0)
          }}
          onPdf={({ paper: given }) => given && void makePdf(given, false)}
        />
      </Suspense>
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
