'use client'

import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react'
import { useLiveQuery } from 'dexie-react-hooks'
import { useRouter, usePathname, useSearchParams } from 'next/navigation'
import { useMemo, useState } from 'react'
import type { Case } from '@/core/case/case'
import { defaultGuideRef } from '@/core/guides/default'
import { nextStepsOf } from '@/store/cases'
import { soundSummary } from '@/store/summary'
import { db } from '@/store/db'
import { Formula } from '@/ui/Formula'
import { Sheet } from '@/ui/Sheet'
import { addressOf } from '../../case/address'
import { useCase, useGuides, useProducts } from '../../case/useCase'
import { chooseContrast, contrastNow } from '../../shared/contrast'
import { askStep } from '../../shared/history/asked'
import { inShort } from '../../shared/history/in-short'
import { commandsFor, type Act, type Around, type Command, type Doing } from './commands'
import { askForFile, printLetter, saveNow, startCase } from './doing'
import { en } from './messages'
import { openCommand } from '../../shared/command/opening'

/** One line to find a case, a place or a crop, to ask what a figure comes to, and to do things: it lists what it understood. */
export function CommandBox({ onClose }: { onClose: () => void }) {
  const router = useRouter()
  const asked = useSearchParams()
  const caseId = usePathname() === '/case' ? asked.get('id') : null
  const kase = useCase(caseId ?? '') ?? null
  const [text, setText] = useState('')
  const around = useAround(caseId ? kase : null, asked.get('area'))
  const commands = useMemo(() => commandsFor(text, around), [text, around])
  const within = (station: string, more?: Readonly<Record<string, string>>) =>
    window.history.pushState(null, '', addressOf(caseId!, station, asked.get('area'), more))
  const doings: Readonly<Record<Doing, () => void>> = {
    undo: () => askStep('undo'),
    redo: () => askStep('redo'),
    keys: () => openCommand('keys'),
    contrast: () => chooseContrast(around.contrast === 'more' ? 'usual' : 'more'),
    save: () => around.kase && saveNow(around.kase),
    open: () => askForFile((path) => router.push(path)),
    start: () => startCase((path) => router.push(path)),
    print: () => {
      within('letter')
      printLetter()
    },
  }
  const goings: Readonly<Record<Act['to'], (is: string) => void>> = {
    case: (id) => router.push(addressOf(id, 'amounts')),
    page: (path) => router.push(path),
    station: (station) => within(station),
    area: (area) => within(asked.get('station') ?? 'ground', { area }),
    second: (said) =>
      around.kase ? within('amounts', { said }) : router.push(`/bench?${new URLSearchParams({ said })}`),
    copy: (answer) => void navigator.clipboard?.writeText(answer).catch(() => undefined),
    do: (is) => doings[is as Doing](),
  }
  const act = ({ to, is }: Act) => {
    onClose()
    goings[to](is)
  }
  return (
    <Sheet title={en.title} onClose={onClose}>
      <Combobox<Command | null> immediate value={null} onChange={(chosen) => chosen && act(chosen.act)}>
        <ComboboxInput
          autoFocus
          aria-label={en.label}
          placeholder={en.example}
          autoComplete="off"
          spellCheck={false}
          onChange={(event) => setText(event.target.value)}
          onKeyDownCapture={(event) => event.key === 'Escape' && onClose()}
          className="bg-sheet border-edge mt-3 min-h-11 w-full rounded-[3px] border px-3 text-[18px]"
        />
        <ComboboxOptions static modal={false} className="mt-2 max-h-[60vh] overflow-auto outline-none">
          {commands.length === 0 && <p className="text-ink-2 px-3 py-2">{en.nothing}</p>}
          {commands.map((command) => (
            <ComboboxOption
              key={`${command.kind} ${command.label} ${JSON.stringify(command.act)}`}
              value={command}
              className="data-focus:bg-margin border-rule grid min-h-11 cursor-pointer grid-cols-[8rem_1fr] items-baseline gap-x-3 border-b px-3 py-2"
            >
              <span className="text-ink-2 text-[14px]">{en.kinds[command.kind]}</span>
              <span>
                <span className={command.kind === 'answer' ? 'font-serif text-[19px] font-semibold' : 'font-semibold'}>
                  <Formula>{command.label}</Formula>
                </span>
                {command.detail && ' '}
                {command.detail && <span className="text-ink-2 ml-3 text-[15px]">{command.detail}</span>}
              </span>
            </ComboboxOption>
          ))}
        </ComboboxOptions>
      </Combobox>
    </Sheet>
  )
}

function useAround(kase: Case | null, areaId: string | null): Around {
  const guides = useGuides()
  const products = useProducts()
  const cases = useLiveQuery(() =>
    db.summaries.toArray().then(
      (rows) => rows.map(soundSummary).sort((a, b) => (a.updatedAt < b.updatedAt ? 1 : -1)),
      () => [],
    ),
  )
  const id = kase?.id
  const next = useLiveQuery(() => (id ? nextStepsOf(id).catch(() => undefined) : undefined), [id])
  return useMemo(() => {
    const area = kase?.areas.find((one) => one.id === areaId) ?? kase?.areas[0]
    return {
      kase,
      cases: cases ?? [],
      guides,
      products,
      guide: area?.guide ?? defaultGuideRef,
      undo: kase && next?.undo ? inShort(next.undo, kase) : null,
      redo: kase && next?.redo ? inShort(next.redo, kase) : null,
      contrast: contrastNow(),
    }
  }, [kase, areaId, cases, guides, products, next])
}
