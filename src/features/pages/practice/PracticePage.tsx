'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import Link from 'next/link'
import { useMemo, useState } from 'react'
import { exerciseOf, levels, topics, type Exercise, type Level, type Topic } from '@/core/practice/exercise'
import { defaultGuideRef } from '@/core/guides/default'
import { setting } from '@/store/db'
import { Button, buttonClass } from '@/ui/Button'
import { saveFile } from '@/ui/save-file'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { onThousand, weight } from '@/wording/format'
import { useGuides, useProducts } from '../../case/useCase'
import { Signer } from '../../shared/office/Signer'
import { ExerciseSheet, tools, type Tools } from './ExerciseSheet'
import { en } from './messages'
import { attemptsCsv, progressOf, readAttempts } from './progress'

const counts = [1, 3, 5, 10] as const

/** Made-up cases for volunteers and new staff, marked number by number with the slip that was made. */
export function PracticePage() {
  const guides = useGuides()
  const products = useProducts()
  const [topic, setTopic] = useState<Topic>('lime')
  const [level, setLevel] = useState<Level>(1)
  const [count, setCount] = useState<number>(1)
  const [set, setSet] = useState('1')
  const [allowed, allow] = useState<Tools>('hidden')
  const first = /^[1-9]\d{0,4}$/.test(set.trim()) ? Number(set) : null
  const exercises = useMemo<readonly Exercise[] | null>(() => {
    if (first === null) return []
    try {
      return Array.from({ length: count }, (_, i) =>
        exerciseOf(first * 100 + i, topic, level, defaultGuideRef, guides, products),
      )
    } catch {
      return null
    }
  }, [first, count, topic, level, guides, products])
  return (
    <main className="mx-auto max-w-5xl px-5 pb-16 sm:px-8 print:max-w-none print:p-0">
      <header className="border-ink mb-4 flex items-end gap-4 border-b-[1.5px] pt-6 pb-3 print:hidden">
        <h1 className="flex-1 font-serif text-[27px] leading-none font-semibold">{en.title}</h1>
        <Signer />
        <Link href="/" className={buttonClass('quiet')}>
          {en.desk}
        </Link>
      </header>
      <div className="print:hidden">
        <p className="mb-3 max-w-[70ch]">{en.lead}</p>
        <div className="grid gap-x-5 gap-y-3 sm:grid-cols-[1fr_1fr_8rem_8rem]">
          <SelectField
            label={en.topic}
            value={topic}
            options={topics.map((value) => ({ value, label: en.topics[value] }))}
            onChange={(to) => to && setTopic(to)}
          />
          <SelectField
            label={en.level}
            value={String(level)}
            options={levels.map((value) => ({ value: String(value), label: en.levels[value] }))}
            onChange={(to) => setLevel(Number(to ?? 1) as Level)}
          />
          <SelectField
            label={en.count}
            value={String(count)}
            options={counts.map((value) => ({ value: String(value), label: String(value) }))}
            onChange={(to) => setCount(Number(to ?? 1))}
          />
          <TextField
            label={en.set}
            value={set}
            numeric
            error={first === null ? en.setFault : undefined}
            onChange={setSet}
          />
        </div>
        <div className="mt-3 flex flex-wrap items-center gap-4">
          <Button disabled={first === null} onClick={() => setSet(String((first ?? 0) + 1))}>
            {en.another}
          </Button>
          <Button disabled={!exercises || exercises.length === 0} onClick={() => window.print()}>
            {en.print}
          </Button>
          <SelectField
            label={en.tools}
            value={allowed}
            options={tools.map((value) => ({ value, label: en.toolsAllowed[value] }))}
            onChange={(to) => to && allow(to)}
          />
        </div>
      </div>
      {exercises === null && <p className="mt-5 font-serif text-lg">{en.tooHard}</p>}
      {exercises?.map((one, i) => (
        <ExerciseSheet key={`${one.topic} ${one.level} ${one.seed}`} n={i + 1} exercise={one} tools={allowed} />
      ))}
      <Progress />
      <Answers exercises={exercises ?? []} />
    </main>
  )
}

function Progress() {
  const found = useLiveQuery(() => Promise.all([readAttempts(), setting('signer')]).catch(() => [[], ''] as const), [])
  if (!found) return null
  const [attempts, who = ''] = found
  const done = progressOf(attempts, who)
  return (
    <section aria-label={en.progress(who)} className="mt-8 print:hidden">
      <h2 className="border-ink border-b font-serif text-lg font-semibold">{en.progress(who)}</h2>
      {done.length === 0 && <p className="text-ink-2 py-2">{en.none}</p>}
      <ul>
        {done.map(({ topic, right, all, again }) => (
          <li key={topic} className="border-rule flex flex-wrap gap-x-4 border-b py-1.5">
            <strong className="w-48">{en.topics[topic]}</strong>
            <span className="w-36">{en.rightOf(right, all)}</span>
            {again && <span className="text-ink-2 flex-1">{en.again(again)}</span>}
          </li>
        ))}
      </ul>
      {attempts.length > 0 && (
        <Button
          className="mt-3"
          onClick={() => saveFile('practice.csv', new Blob([attemptsCsv(attempts)], { type: 'text/csv' }))}
        >
          {en.save}
        </Button>
      )}
    </section>
  )
}

/** On paper alone, on a page of its own. */
const Answers = ({ exercises }: { exercises: readonly Exercise[] }) => (
  <section aria-label={en.answers} className="hidden print:block print:break-before-page">
    <h2 className="border-ink border-b font-serif text-xl font-semibold">{en.answers}</h2>
    <p>{en.answersLead}</p>
    <ol>
      {exercises.map(({ seed, right, truth }, i) => (
        <li key={seed} className="border-rule border-b py-1.5">
          <strong>{en.exercise(i + 1)}</strong>: {en.rightIs(weight(right, 'feet'), onThousand(truth.rate, 'feet'))}
        </li>
      ))}
    </ol>
  </section>
)
