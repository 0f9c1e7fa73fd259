'use client'

import clsx from 'clsx'
import Link from 'next/link'
import { useSearchParams } from 'next/navigation'
import { useState } from 'react'
import { crops, type Crop, type CropId, type Use } from '@/core/guides/crops'
import { defaultGuide, guideRef, guides, type Guide } from '@/core/guides/guides'
import { buttonClass } from '@/ui/Button'
import { TextField } from '@/ui/TextField'
import { textOf } from '@/wording/render'
import { CropSheet } from './CropSheet'
import { GuideSheet } from './GuideSheet'
import { en } from './messages'

const ids = Object.keys(crops) as CropId[]
const uses: readonly Use[] = ['bed', 'lawn', 'planting', 'plot']

/** The tables behind the amounts: guides, and what they say of each crop. The address says which is open. */
export function GuidesPage() {
  const params = useSearchParams()
  const guide = guides.find((one) => guideRef(one) === params.get('guide')) ?? defaultGuide
  const crop = ids.find((id) => id === params.get('crop')) ?? null
  const open = (to: Guide, id: CropId | null) => {
    window.history.pushState(
      null,
      '',
      `/guides?${new URLSearchParams({ guide: guideRef(to), ...(id ? { crop: id } : {}) })}`,
    )
    window.scrollTo(0, 0)
  }
  const offered: Crop | undefined = crop ? guide.crops[crop] : undefined
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
          <h2 className="text-ink-2 text-[13.5px]">{en.guides}</h2>
          <ul>
            {guides.map((one) => (
              <li key={guideRef(one)}>
                <Choice
                  label={textOf(one.title)}
                  current={one === guide && !crop}
                  marked={one === guide}
                  onOpen={() => open(one, null)}
                />
              </li>
            ))}
          </ul>
          <Crops current={crop} onOpen={(id) => open(guide, id)} />
        </nav>
        <main className="min-w-0 flex-1">
          {offered ? <CropSheet crop={offered} guide={guide} /> : <GuideSheet guide={guide} />}
        </main>
      </div>
    </div>
  )
}

function Crops({ current, onOpen }: { current: CropId | null; onOpen: (id: CropId) => void }) {
  const [words, setWords] = useState('')
  const found = ids.filter((id) => textOf(crops[id].label).toLowerCase().includes(words.trim().toLowerCase()))
  return (
    <div className="mt-4">
      <TextField label={en.find} value={words} onChange={setWords} />
      {found.length === 0 && <p className="text-ink-2 mt-2">{en.none}</p>}
      <div className="mt-2 md:max-h-[60vh] md:overflow-y-auto">
        {uses.map((use) => {
          const those = found.filter((id) => crops[id].use === use)
          if (those.length === 0) return null
          return (
            <section key={use}>
              <h2 className="text-ink-2 mt-2 text-[13.5px]">{en.uses[use]}</h2>
              <ul>
                {those.map((id) => (
                  <li key={id}>
                    <Choice label={textOf(crops[id].label)} current={id === current} onOpen={() => onOpen(id)} />
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
