'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { logOf } from '@/store/cases'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { withoutCommon, type LetterChange } from '@/wording/changes'
import { dateWords } from '@/wording/format'
import { useOpenCase } from '../../case/context'
import { describe } from '../../shared/history/describe'
import { useChangesSince } from '../../shared/letters/useChangesSince'
import { en } from './messages'
import type { Kept } from '../../shared/letters/useKept'

interface Props {
  kept: readonly Kept[]
  /** The one that is being looked at, by its place. */
  shown: number | null
  onShow: (at: number) => void
  onPdf: (kept: Kept) => void
}

/** Every letter that left the office, or was checked, as it was. The latest is held against the case. */
export function Given({ kept, shown, onShow, onPdf }: Props) {
  return (
    <section aria-label={en.given} className="mt-8 max-w-[7.1in] print:hidden">
      <h2 className="border-ink border-b font-serif text-lg font-semibold">{en.given}</h2>
      {kept.length === 0 && <p className="text-ink-2 py-2">{en.noneGiven}</p>}
      <ol reversed>
        {kept
          .map((one, i) => ({ one, i }))
          .reverse()
          .map(({ one, i }) => {
            const { given, paper } = one
            return (
              <li key={given.id} className="border-rule border-b py-2">
                <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
                  <strong>{en.nth(i + 1)}</strong>
                  <span className="flex-1">
                    {[
                      given.handed ? en.handedOn(dateWords(given.handed)) : en.checkedOnly(dateWords(given.at)),
                      en.languages[given.language],
                      given.by && en.by(given.by),
                      given.checkedBy && en.checkedBy(given.checkedBy),
                      given.core && en.core(given.core),
                    ]
                      .filter(Boolean)
                      .join(', ')}
                  </span>
                  {paper ? (
                    <>
                      <Button
                        aria-label={`${en.show}: ${en.nth(i + 1)}`}
                        disabled={shown === i}
                        onClick={() => onShow(i)}
                      >
                        {en.show}
                      </Button>
                      <Button aria-label={`${en.pdf}: ${en.nth(i + 1)}`} onClick={() => onPdf(one)}>
                        {en.pdf}
                      </Button>
                    </>
                  ) : (
                    <span className="text-clay">{en.cannotRead}</span>
                  )}
                </div>
                {i === kept.length - 1 && paper && <Standing kept={one} />}
              </li>
            )
          })}
      </ol>
    </section>
  )
}

/** Whether the case still gives a letter, or what it would say instead, and what was changed in it. */
function Standing({ kept }: { kept: Kept }) {
  const changes = useChangesSince(kept)
  if (!changes) return null
  const all = [...changes.amounts, ...changes.reasons]
  if (all.length === 0) return <p className="text-ink-2">{en.stands}</p>
  return (
    <div role="status" className="border-clay mt-1 border-l-4 pl-3">
      <p className="font-semibold">{en.stale}</p>
      <ul className="list-disc pl-5 text-[14.5px]">
        {all.map((one, i) => (
          <li key={i}>
            <Formula>{changeWords(one)}</Formula>
          </li>
        ))}
      </ul>
      <Since at={kept.given.at} />
    </div>
  )
}

function changeWords({ area, what, before, after }: LetterChange): string {
  const [was, is] = withoutCommon(before, after)
  return `${[area, what].filter(Boolean).join(', ')}: ${en.was} “${was || en.nothing}”, ${en.is} “${is || en.nothing}”`
}

const mostEdits = 6

/** What was done in the case since then, the latest first. */
function Since({ at }: { at: string }) {
  const { kase } = useOpenCase()
  const log = useLiveQuery(() => logOf(kase.id), [kase.id, kase.rev])
  const since = (log ?? [])
    .filter((edit) => edit.at > at && edit.patches.some(({ path }) => path[0] !== 'letter' && path[0] !== 'letters'))
    .reverse()
    .flatMap((edit) => describe(edit, kase))
  if (since.length === 0) return null
  return (
    <>
      <p className="mt-1">{en.since}</p>
      <ul className="list-disc pl-5 text-[14.5px]">
        {since.slice(0, mostEdits).map((one, i) => (
          <li key={i} className="wrap-anywhere">
            <Formula>{one}</Formula>
          </li>
        ))}
        {since.length > mostEdits && <li>{en.more(since.length - mostEdits)}</li>}
      </ul>
    </>
  )
}
