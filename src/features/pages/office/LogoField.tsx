'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { useState } from 'react'
import { attachmentOf, largestPicture, pictureFault, type PictureFault } from '@/store/attachments'
import { db, type Attachment } from '@/store/db'
import { setLogo } from '@/store/office'
import { Button } from '@/ui/Button'
import { FilePicker } from '@/ui/FilePicker'
import { usePutBack } from '../../shared/usePutBack'
import { Logo } from './Logo'
import { en } from './messages'

/** The picture at the head of letters. */
export function LogoField({ logo }: { logo: string | null }) {
  const [fault, setFault] = useState<PictureFault | 'broken' | 'refused' | null>(null)
  const kept = useLiveQuery(() => (logo ? db.attachments.get(logo).catch(() => undefined) : undefined), [logo])
  const [putBack, gone] = usePutBack()
  const remove = async (was: Attachment) => {
    await setLogo(null)
    gone(en.logoGone, () => setLogo(was))
  }
  const choose = async (file: File) => {
    const bytes = file.size > largestPicture ? undefined : new Uint8Array(await file.arrayBuffer())
    const found = bytes ? (pictureFault(bytes) ?? ((await canBeDrawn(file)) ? null : 'broken')) : 'too-large'
    setFault(found)
    if (!found && bytes)
      await setLogo(attachmentOf('office', file.name.slice(0, 200), bytes)).catch(() => setFault('refused'))
  }
  return (
    <div className="min-w-0">
      <p className="text-ink-2 text-[13.5px]">{en.logo}</p>
      <div className="mt-0.5 flex min-h-9 flex-wrap items-center gap-3">
        {kept && <Logo attachment={kept} className="border-rule h-12 border bg-white p-1" />}
        <FilePicker
          label={kept ? en.otherLogo : en.chooseLogo}
          accept="image/png,image/jpeg,image/webp"
          onFile={(file) => void choose(file)}
        />
        {kept && <Button onClick={() => void remove(kept).catch(() => setFault('refused'))}>{en.removeLogo}</Button>}
      </div>
      {putBack}
      {fault && (
        <p role="alert" className="text-clay mt-0.5 text-[13px] leading-snug font-semibold">
          {en.logoFaults[fault]}
        </p>
      )}
    </div>
  )
}

/** Whether the browser can read the picture through and through. */
const canBeDrawn = (file: File): Promise<boolean> =>
  createImageBitmap(file).then(
    (picture) => {
      picture.close()
      return true
    },
    () => false,
  )
