'use client'

import { Suspense, useState } from 'react'
import { v4 as newId } from 'uuid'
import { guideRef, type Guide } from '@/core/guides/guide'
import { shipped } from '@/core/guides/guides'
import type { FieldFault } from '@/schemas/faults'
import { dropGuide, keepGuide } from '@/store/guides'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/TextField'
import { setting } from '@/store/db'
import { dateWords } from '@/wording/format'
import { textOf } from '@/wording/render'
import { saveFile } from '@/ui/save-file'
import { late } from '../../shared/late/late'
import { en } from './messages'

const Effects = late(() => import('./Effects').then((found) => found.Effects))

interface Props {
  guide: Guide
  /** As it is being edited; null while it is only looked at. */
  draft: Guide | null
  /** The browser does not keep it as it is. */
  unkept: boolean
  uses: number | undefined
  onDraft: (draft: Guide | null) => void
  onKept: (guide: Guide) => void
  /** It is taken away. */
  onDropped: () => void
}

/** What can be done with a guide: make it the office's own, edit it, hand it on, take it away. */
export function OwnBar({ guide, draft, unkept, uses, onDraft, onKept, onDropped }: Props) {
  const [said, say] = useState('')
  const [faults, setFaults] = useState<readonly FieldFault[]>([])
  const mine = !shipped(guideRef(guide))
  const keep = async (edited: Guide) => {
    const [{ guideSchema }, { faultOf }] = await Promise.all([import('@/schemas/guide'), import('@/schemas/faults')])
    const { error } = guideSchema.validate(edited, { abortEarly: false, convert: false })
    setFaults(error?.details.map(faultOf) ?? [])
    if (error) return
    try {
      const by = (await setting('signer').catch(() => undefined)) ?? ''
      const note = edited.kept?.note ?? ''
      const kept = await keepGuide({ ...edited, kept: { note, by, at: new Date().toISOString() } })
      say(en.kept(guideRef(kept)))
      onKept(kept)
    } catch {
      say(en.refused)
    }
  }
  if (draft)
    return (
      <div className="bg-wash mb-4 rounded-[3px] px-4 py-3">
        <p className="mb-2">{en.editingLead}</p>
        {unkept && (
          <p role="alert" className="text-clay mb-2 font-semibold">
            {en.draftUnkept}
          </p>
        )}
        <TextField
          label={en.ownTitle}
          value={textOf(draft.title)}
          onChange={(title) => onDraft({ ...draft, title: { en: title } })}
        />
        <div className="mt-2">
          <TextField
            label={en.note}
            value={draft.kept?.note ?? ''}
            placeholder={en.noteExample}
            most={2_000}
            onChange={(note) =>
              onDraft({
                ...draft,
                kept: { note, by: draft.kept?.by ?? '', at: draft.kept?.at ?? new Date().toISOString() },
              })
            }
          />
        </div>
        {faults.length > 0 && (
          <div role="alert" className="border-clay mt-2 border-l-4 pl-3">
            <p className="text-clay font-semibold">{en.faults}</p>
            <ul>
              {faults.slice(0, 6).map(({ field, message }) => (
                <li key={field + message}>{message}</li>
              ))}
            </ul>
          </div>
        )}
        <Suspense>
          <Effects from={guide} draft={draft} />
        </Suspense>
        <div className="mt-3 flex flex-wrap gap-3">
          <Button kind="act" onClick={() => void keep(draft)}>
            {en.keep}
          </Button>
          <Button
            onClick={() => {
              setFaults([])
              onDraft(null)
            }}
          >
            {en.leave}
          </Button>
        </div>
      </div>
    )
  return (
    <div className="mb-3 flex flex-wrap items-center gap-3">
      {mine && <Button onClick={() => onDraft(withoutNote(guide))}>{en.edit}</Button>}
      <Button onClick={() => onDraft(ownCopy(guide))}>{en.makeOwn}</Button>
      <Button onClick={() => void save(guide)}>{en.saveFile}</Button>
      {mine && (
        <Button
          kind="text"
          onClick={() =>
            void dropGuide(guideRef(guide)).then(
              (gone) => (gone ? onDropped() : say(en.notRemoved)),
              () => say(en.refused),
            )
          }
        >
          {en.remove}
        </Button>
      )}
      <p role="status" className="text-ink-2 text-[14.5px]">
        {guide.kept && `${en.keptBy(dateWords(guide.kept.at.slice(0, 10)), guide.kept.by, guide.kept.note)} `}
        {said || (mine && uses !== undefined && (uses > 0 ? en.used(uses) : en.unused))}
      </p>
    </div>
  )
}

/** What the next version changes is said anew. */
const withoutNote = ({ kept: _kept, ...guide }: Guide): Guide => guide

const ownCopy = (guide: Guide): Guide => ({
  ...withoutNote(guide),
  id: `own-${newId().slice(0, 8)}`,
  version: 1,
  title: { en: en.ownCopy(textOf(guide.title)) },
})

async function save(guide: Guide): Promise<void> {
  const { guideFile } = await import('@/schemas/guide-file')
  saveFile(`${guideRef(guide)}.json`, new Blob([guideFile(guide)], { type: 'application/json' }))
}
