'use client'

import clsx from 'clsx'
import { useLiveQuery } from 'dexie-react-hooks'
import Link from 'next/link'
import { useSearchParams } from 'next/navigation'
import { useEffect, useState } from 'react'
import { withFigure, type GuidePath } from '@/core/guides/compare'
import { uses } from '@/core/guides/crop'
import { type Guide, guideNamed, guideRef } from '@/core/guides/guide'
import { defaultGuide, shipped } from '@/core/guides/guides'
import type { Source } from '@/core/units/sources'
import { addGuides, guideUses, keepDraft, keepGuide, keptDraft } from '@/store/guides'
import { buttonClass } from '@/ui/Button'
import { FilePicker } from '@/ui/FilePicker'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { useAskOnLeaving } from '@/ui/useAskOnLeaving'
import { textOf } from '@/wording/render'
import { useGuides } from '../../case/useCase'
import { useOffice } from '../../shared/office/useOffice'
import { usePutBack } from '../../shared/usePutBack'
import { CompareSheet } from './CompareSheet'
import { CropSheet } from './CropSheet'
import { LookProvider } from './edit'
import { GuideSheet } from './GuideSheet'
import { en } from './messages'
import { OwnBar } from './OwnBar'

/** The guide that is being edited: it outlasts the page, or, where the browser keeps nothing, leaving asks. */
function useDraft() {
  const [draft, setDraft] = useState<Guide | null>(null)
  const [unkept, setUnkept] = useState(false)
  useEffect(() => {
    keptDraft().then(
      (kept) => setDraft((now) => now ?? kept),
      () => undefined,
    )
  }, [])
  useAskOnLeaving(unkept)
  const edit = (next: Guide | null) => {
    setDraft(next)
    keepDraft(next).then(
      () => setUnkept(false),
      () => setUnkept(next !== null),
    )
  }
  return { draft, setDraft: edit, unkept }
}

/** The tables behind the amounts: guides, and what they say of each crop. The address says which is open. */
export function GuidesPage() {
  const params = useSearchParams()
  const guides = useGuides()
  const { draft, setDraft, unkept } = useDraft()
  const [putBack, gone] = usePutBack()
  const stored = guideNamed(guides, params.get('guide')) ?? defaultGuide
  const guide = draft ?? stored
  const id = params.get('crop')
  const crop = id !== null && Object.hasOwn(guide.crops, id) ? id : null
  const open = (to: Guide, cropId: string | null) => {
    window.history.pushState(
      null,
      '',
      `/guides?${new URLSearchParams({ guide: guideRef(to), ...(cropId ? { crop: cropId } : {}) })}`,
    )
    window.scrollTo(0, 0)
  }
  const uses = useLiveQuery(() => guideUses().catch(() => undefined), [])
  return (
    <div className="mx-auto max-w-6xl px-5 pb-16 sm:px-8">
      <header className="border-ink flex items-end gap-4 border-b-[1.5px] pt-6 pb-3">
        <h1 className="flex-1 font-serif text-[27px] leading-none font-semibold">{en.title}</h1>
        <Link href="/" className={buttonClass('quiet')}>
          {en.desk}
        </Link>
      </header>
      <div className="mt-4 flex flex-col gap-x-10 gap-y-6 md:flex-row">
        <nav aria-label={en.title} className="shrink-0 md:w-64">
          <GuideList guides={guides} open={stored} onOpen={(to) => open(to, null)} marked={crop !== null} />
          <TakeGuide onTaken={(to) => open(to, null)} />
          <Crops guide={guide} current={crop} onOpen={(cropId) => open(stored, cropId)} />
        </nav>
        <main className="min-w-0 flex-1">
          {putBack}
          <OwnBar
            key={`bar ${guideRef(stored)}`}
            guide={stored}
            draft={draft}
            unkept={unkept}
            uses={uses?.get(guideRef(stored)) ?? 0}
            onDraft={setDraft}
            onKept={(kept) => {
              setDraft(null)
              open(kept, crop)
            }}
            onDropped={() => {
              open(defaultGuide, null)
              gone(en.gone(guideRef(stored)), () => keepGuide(stored).then((kept) => open(kept, null)))
            }}
          />
          {!draft && !crop && <Comparing key={`compare ${guideRef(stored)}`} guide={stored} guides={guides} />}
          <Sheets guide={guide} crop={crop} editing={draft !== null} onDraft={setDraft} />
        </main>
      </div>
    </div>
  )
}

function Sheets({
  guide,
  crop,
  editing,
  onDraft,
}: {
  guide: Guide
  crop: string | null
  editing: boolean
  onDraft: (draft: Guide) => void
}) {
  const office = useOffice()
  const own: Source = {
    author: office?.name ?? '',
    title: en.ownSource,
    year: null,
    status: 'common practice',
    recalled: false,
  }
  const put = (path: GuidePath, value: number) => onDraft(withFigure(guide, path, value, own))
  return (
    <LookProvider value={editing ? { guide, put } : { guide }}>
      {crop ? <CropSheet key={crop} id={crop} /> : <GuideSheet />}
    </LookProvider>
  )
}

interface ListProps {
  guides: readonly Guide[]
  open: Guide
  /** Something of the guide is looked at, not the guide itself. */
  marked: boolean
  onOpen: (guide: Guide) => void
}

function GuideList({ guides, open, marked, onOpen }: ListProps) {
  const list = (those: readonly Guide[], version: boolean) => (
    <ul>
      {those.map((one) => (
        <li key={guideRef(one)}>
          <Choice
            label={version ? `${textOf(one.title)}, ${one.version}` : textOf(one.title)}
            current={one === open && !marked}
            marked={one === open}
            onOpen={() => onOpen(one)}
          />
        </li>
      ))}
    </ul>
  )
  const own = guides.filter((one) => !shipped(guideRef(one)))
  return (
    <>
      <h2 className="text-ink-2 text-[13.5px]">{en.guides}</h2>
      {list(
        guides.filter((one) => shipped(guideRef(one))),
        false,
      )}
      {own.length > 0 && <h2 className="text-ink-2 mt-2 text-[13.5px]">{en.own}</h2>}
      {list(own, true)}
    </>
  )
}

/** Takes in a guide that another office handed over. */
function TakeGuide({ onTaken }: { onTaken: (guide: Guide) => void }) {
  const [faults, setFaults] = useState<readonly string[] | null>(null)
  const take = async (file: File) => {
    const { openGuideFile } = await import('@/schemas/guide-file')
    const opened = openGuideFile(await file.text())
    if (!opened.ok) return setFaults(opened.details.slice(0, 5).map(({ message }) => message))
    setFaults(null)
    await addGuides([opened.guide])
    onTaken(opened.guide)
  }
  return (
    <div className="mt-3">
      <FilePicker
        label={en.takeFile}
        accept="application/json,.json"
        onFile={(file) => void take(file).catch(() => setFaults([en.refused]))}
      />
      {faults && (
        <div role="alert" className="border-clay mt-2 border-l-4 pl-3 text-[14.5px]">
          <p className="text-clay font-semibold">{en.notTaken}</p>
          <ul>
            {faults.map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
          </ul>
        </div>
      )}
    </div>
  )
}

function Comparing({ guide, guides }: { guide: Guide; guides: readonly Guide[] }) {
  const [ref, setRef] = useState<string | null>(null)
  const other = guides.find((one) => guideRef(one) === ref && one !== guide)
  return (
    <div className="mb-5 max-w-2xl">
      <SelectField
        label={en.compareWith}
        value={other ? ref : null}
        options={guides
          .filter((one) => one !== guide)
          .map((one) => ({ value: guideRef(one) as string, label: `${textOf(one.title)}, ${one.version}` }))}
        none={en.compareNone}
        onChange={setRef}
      />
      {other && <CompareSheet guide={guide} other={other} />}
    </div>
  )
}

function Crops({ guide, current, onOpen }: { guide: Guide; current: string | null; onOpen: (id: string) => void }) {
  const [words, setWords] = useState('')
  const wanted = words.trim().toLowerCase()
  const found = Object.entries(guide.crops).filter(([, { label }]) => textOf(label).toLowerCase().includes(wanted))
  return (
    <div className="mt-4">
      <TextField label={en.find} value={words} onChange={setWords} />
      {found.length === 0 && <p className="text-ink-2 mt-2">{en.none}</p>}
      <div className="mt-2 md:max-h-[60vh] md:overflow-y-auto">
        {uses.map((use) => {
          const those = found.filter(([, crop]) => crop.use === use)
          if (those.length === 0) return null
          return (
            <section key={use}>
              <h2 className="text-ink-2 mt-2 text-[13.5px]">{en.uses[use]}</h2>
              <ul>
                {those.map(([id, crop]) => (
                  <li key={id}>
                    <Choice label={textOf(crop.label)} current={id === current} onOpen={() => onOpen(id)} />
                  </li>
                ))}
              </ul>
            </section>
          )
        })}
      </div>
    </div>
  )
}

interface ChoiceProps {
  label: string
  current: boolean
  /** In use, though something else is looked at. */
  marked?: boolean
  onOpen: () => void
}

const Choice = ({ label, current, marked, onOpen }: ChoiceProps) => (
  <button
    type="button"
    aria-current={current ? 'page' : undefined}
    onClick={onOpen}
    className={clsx(
      'w-full cursor-pointer border-l-4 py-1 pl-2.5 text-left leading-snug',
      current ? 'border-moss bg-sheet font-semibold' : marked ? 'border-edge' : 'hover:border-rule border-transparent',
    )}
  >
    {label}
  </button>
)
