'use client'

import { useEffect, useState } from 'react'
import { planRestore, restore, withoutGuide, type RestoreChoice, type RestorePlan } from '@/store/backup'
import {
  backupLimits,
  type Backup,
  type BackupFault,
  type OnProgress,
  type OpenedBackup,
  type Refused,
} from '@/store/backup-file'
import { openInWorker } from '@/workers/backup'
import { Button } from '@/ui/Button'
import { ChoiceField } from '@/ui/ChoiceField'
import { Progress } from '@/ui/Progress'
import { saveFile } from '@/ui/save-file'
import { Sheet } from '@/ui/Sheet'
import { TickField } from '@/ui/TickField'
import { momentWords } from '../today'
import { en } from './messages'
import { useWork } from './useWork'

type Good = Extract<OpenedBackup, { ok: true }>
type Read = { opened: Good; plan: RestorePlan } | { fault: BackupFault; at: string }

async function readFile(file: File, onProgress: OnProgress, signal: AbortSignal): Promise<Read> {
  if (file.size > backupLimits.file) return { fault: 'too-large', at: '' }
  const opened = await openInWorker(await file.arrayBuffer(), onProgress, signal)
  return opened.ok ? { opened, plan: await planRestore(opened.backup) } : { fault: opened.why, at: opened.at }
}

/** A backup is read, what restoring it would do is shown, and only then is it done. */
export function RestoreSheet({ file, onClose }: { file: File; onClose: () => void }) {
  const { work, start, cancel } = useWork<Read>()
  useEffect(() => start((onProgress, signal) => readFile(file, onProgress, signal)), [file]) // eslint-disable-line react-hooks/exhaustive-deps -- a file is read once
  if (work.state === 'done' && 'plan' in work.result) return <Preview {...work.result} onClose={onClose} />
  return (
    <Sheet title={file.name} onClose={onClose}>
      <div aria-live="polite" className="mt-3">
        {work.state === 'working' && (
          <Progress label={en.reading} share={work.share} cancel={en.cancel} onCancel={cancel} />
        )}
        {work.state === 'done' && 'fault' in work.result && (
          <>
            <p className="text-clay font-semibold">{en.faults[work.result.fault]}</p>
            <p className="text-ink-2 text-sm">{work.result.at}</p>
          </>
        )}
        {work.state === 'failed' && <p className="text-clay font-semibold">{en.faults.damaged}</p>}
        {work.state === 'cancelled' && <p>{en.undone}</p>}
      </div>
      {work.state !== 'working' && (
        <Button className="mt-4" onClick={onClose}>
          {en.close}
        </Button>
      )}
    </Sheet>
  )
}

function Preview({
  opened: { backup, guides, refused },
  plan,
  onClose,
}: {
  opened: Good
  plan: RestorePlan
  onClose: () => void
}) {
  const [how, setHow] = useState<RestoreChoice['how']>('merge')
  const [office, setOffice] = useState(plan.office === 'blank-here')
  const [parts, setParts] = useState<ReadonlySet<string>>(new Set())
  const { work, start, cancel } = useWork<true>()
  const lines = how === 'merge' ? en.standings : en.replaced
  const order = ['new', 'newer', 'parted', 'unrelated', 'older', 'same'] as const
  const takesOffice = plan.office === 'differs' || plan.office === 'blank-here'
  return (
    <Sheet title={en.restoreTitle(momentWords(backup.madeAt))} onClose={onClose}>
      {work.state === 'done' ? (
        <>
          <p className="mt-3 font-serif text-lg">{en.done}</p>
          <Button kind="act" className="mt-4" onClick={onClose}>
            {en.close}
          </Button>
        </>
      ) : (
        <>
          <p className="mt-1">{en.holds(backup.cases.length)}</p>
          <div className="mt-4 max-w-md">
            <ChoiceField
              label={en.how}
              value={how}
              options={[
                { value: 'merge', label: en.merge },
                { value: 'replace', label: en.replace },
              ]}
              onChange={setHow}
            />
            <p className="text-ink-2 mt-1 text-sm">{how === 'merge' ? en.mergeWhy : en.replaceWhy}</p>
          </div>
          <ul className="mt-3">
            {order
              .filter((one) => plan.standings[one].length > 0)
              .map((one) => (
                <Line
                  key={one}
                  text={lines[one](plan.standings[one].length)}
                  names={one === 'same' ? [] : plan.standings[one]}
                />
              ))}
            {plan.onlyHere.length > 0 && (
              <Line
                text={(how === 'merge' ? en.onlyHere : en.onlyHereReplaced)(plan.onlyHere.length)}
                names={plan.onlyHere}
              />
            )}
          </ul>
          {refused.length > 0 && <RefusedList refused={refused} taken={parts} onTake={setParts} />}
          <p className="border-rule border-t pt-2">{en.office[plan.office]}</p>
          {takesOffice && (
            <label className="mt-1 flex cursor-pointer items-center gap-2">
              <input
                type="checkbox"
                className="accent-moss size-4"
                checked={office}
                onChange={(event) => setOffice(event.target.checked)}
              />
              {en.takeOffice}
            </label>
          )}
          {guides.missing.length > 0 && (
            <p className="text-clay mt-2 font-semibold">
              {en.missingGuides(guides.missing.join(', '), withoutGuide(backup))}
            </p>
          )}
          {guides.differing.length > 0 && (
            <p className="text-clay mt-2 font-semibold">{en.differingGuides(guides.differing.join(', '))}</p>
          )}
          <div aria-live="polite" className="mt-4">
            {work.state === 'working' ? (
              <Progress label={en.restoring} share={work.share} cancel={en.cancel} onCancel={cancel} />
            ) : (
              <div className="flex items-center gap-3">
                <Button
                  kind="act"
                  onClick={() =>
                    start((onProgress, signal) =>
                      restore(withParts(backup, refused, parts), { how, office }, onProgress, signal).then(
                        () => true as const,
                      ),
                    )
                  }
                >
                  {en.go}
                </Button>
                <Button onClick={onClose}>{en.cancel}</Button>
                {work.state === 'cancelled' && <p>{en.undone}</p>}
                {work.state === 'failed' && <p className="text-clay font-semibold">{en.refused}</p>}
              </div>
            )}
          </div>
        </>
      )}
    </Sheet>
  )
}

/** A backup with the cases in it that could be read in part, where they were chosen. */
const withParts = (backup: Backup, refused: readonly Refused[], taken: ReadonlySet<string>): Backup => ({
  ...backup,
  cases: [
    ...backup.cases,
    ...refused.flatMap(({ name, part }) => (part && taken.has(name) ? [{ kase: part, log: [] }] : [])),
  ],
})

/** What cannot be taken as it is, each to be saved as it lies in the file, or taken as far as it can be read. */
function RefusedList({
  refused,
  taken,
  onTake,
}: {
  refused: readonly Refused[]
  taken: ReadonlySet<string>
  onTake: (taken: ReadonlySet<string>) => void
}) {
  return (
    <div role="alert" className="border-clay my-3 border-l-4 pl-3">
      <p className="text-clay font-semibold">{en.refusedHead(refused.length)}</p>
      <ul>
        {refused.map(({ name, client, why, at, raw, part }) => (
          <li key={name} className="py-1">
            {client || name}: {en.refusedWhy[why]}
            {at && <span className="text-ink-2 block text-sm [overflow-wrap:anywhere]">{at}</span>}
            <span className="flex flex-wrap items-center gap-x-4">
              {raw.length > 0 && (
                <Button kind="text" onClick={() => saveFile(name.replace('/', '-'), new Blob([new Uint8Array(raw)]))}>
                  {en.saveRaw}
                </Button>
              )}
              {part && (
                <TickField
                  label={en.takePart}
                  checked={taken.has(name)}
                  onChange={(on) => onTake(new Set(on ? [...taken, name] : [...taken].filter((one) => one !== name)))}
                />
              )}
            </span>
          </li>
        ))}
      </ul>
    </div>
  )
}

/** So many clients are named before the rest is counted. */
const named = 6

function Line({ text, names }: { text: string; names: readonly string[] }) {
  const rest = names.length - named
  return (
    <li className="border-rule border-t py-2">
      <span className="font-semibold">{text}</span>
      {names.length > 0 && (
        <span className="text-ink-2 block text-sm">
          {names.slice(0, named).join(' · ')}
          {rest > 0 && ` · ${en.others(rest)}`}
        </span>
      )}
    </li>
  )
}
