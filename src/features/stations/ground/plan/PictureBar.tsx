'use client'

import { attach } from '@/store/cases'
import { useLiveQuery } from 'dexie-react-hooks'
import { useEffect, useState } from 'react'
import { scalePicture, setPicture } from '@/core/acts/plan'
import type { Point } from '@/core/geometry/polygon'
import { readSize } from '@/core/ground/size'
import { attachmentOf, largestPhoto, pictureFault, type PictureFault } from '@/store/attachments'
import { db } from '@/store/db'
import { Button } from '@/ui/Button'
import { FilePicker } from '@/ui/FilePicker'
import { TextField } from '@/ui/TextField'
import { useOpenCase } from '../../../case/context'
import { en } from './messages'

type Fault = PictureFault | 'broken' | 'refused'

/** Ground that a picture is first taken to show, ft across. */
const firstAcross = 140

/** The picture under the plan, read from this browser. */
export function usePicture() {
  const { kase } = useOpenCase()
  const attachment = kase.plan.picture?.attachment
  const kept = useLiveQuery(
    () =>
      attachment
        ? db.attachments.get(attachment).then(
            (found) => found ?? null,
            () => null,
          )
        : null,
    [attachment],
  )
  const [image, setImage] = useState<HTMLImageElement | null>(null)
  const [fault, setFault] = useState<Fault | null>(null)
  useEffect(() => {
    if (!kept) return
    const url = URL.createObjectURL(new Blob([kept.bytes], { type: kept.type }))
    const drawn = new Image()
    drawn.onload = () => setImage(drawn)
    drawn.src = url
    return () => {
      URL.revokeObjectURL(url)
      setImage(null)
    }
  }, [kept])

  const load = async (file: File) => {
    const bytes = file.size > largestPhoto ? undefined : new Uint8Array(await file.arrayBuffer())
    const found: Fault | undefined = bytes ? pictureFault(bytes, largestPhoto) : 'too-large'
    if (found || !bytes) return setFault(found ?? 'broken')
    const size = await createImageBitmap(file).then(
      (picture) => ({ width: picture.width, height: picture.height }),
      () => undefined,
    )
    if (!size) return setFault('broken')
    const attached = attachmentOf(kase.id, file.name.slice(0, 200), bytes)
    const feetPerPixel = firstAcross / size.width
    const picture = {
      attachment: attached.id,
      name: attached.name,
      ...size,
      x: -firstAcross / 2,
      y: (size.height * feetPerPixel) / 2,
      feetPerPixel,
    }
    setFault((await attach(kase.id, setPicture(picture), attached)) ? null : 'refused')
  }
  return { image, fault, load, gone: Boolean(attachment) && kept === null }
}

export function PictureBar({ picture, onScale }: { picture: ReturnType<typeof usePicture>; onScale: () => void }) {
  const { kase, act } = useOpenCase()
  const loadDemo = async () => {
    const response = await fetch('/aerial.jpg')
    await picture.load(new File([await response.blob()], 'aerial.jpg', { type: 'image/jpeg' }))
  }
  return (
    <section className="mt-5" aria-label={en.picture}>
      <h2 className="font-semibold">{en.picture}</h2>
      <div className="mt-1 flex flex-wrap gap-2">
        <FilePicker
          label={en.loadPicture}
          accept="image/png,image/jpeg,image/webp"
          onFile={(file) => void picture.load(file)}
        />
        {!kase.plan.picture && <Button onClick={() => void loadDemo()}>{en.demoPicture}</Button>}
        {kase.plan.picture && (
          <>
            <Button onClick={onScale}>{en.setScale}</Button>
            <Button onClick={() => act(setPicture(null))}>{en.removePicture}</Button>
          </>
        )}
      </div>
      {picture.gone && <p className="text-ink-2 mt-1 text-[14.5px]">{en.pictureGone}</p>}
      {picture.fault && (
        <p role="alert" className="text-clay mt-1 text-[14.5px] font-semibold">
          {en.pictureFaults[picture.fault]}
        </p>
      )}
    </section>
  )
}

/** Asks how far apart two points of the picture are, and sizes it so; the first point stays where it is. */
export function ScaleForm({ points: [from, to], onDone }: { points: readonly [Point, Point]; onDone: () => void }) {
  const { kase, act } = useOpenCase()
  const [text, setText] = useState('')
  // A length is read as the width of a strip one foot long.
  const read = readSize(`(${text}) x 1 ft`, kase.measures)
  const feet = text.trim() !== '' && read.ok ? read.value.area.value.v : undefined
  const apply = () => {
    if (!feet) return
    act(scalePicture(from, to, feet))
    onDone()
  }
  return (
    <div className="border-moss mt-2 flex flex-wrap items-end gap-3 border-l-4 pl-3">
      <div className="w-72">
        <TextField
          label={en.scaleQuestion}
          value={text}
          onChange={setText}
          placeholder={en.scaleExample}
          autoFocus
          error={text.trim() !== '' && !read.ok ? en.numberError : undefined}
        />
      </div>
      <Button kind="act" disabled={feet === undefined} onClick={apply}>
        {en.scaleApply}
      </Button>
      <Button onClick={onDone}>{en.scaleGiveUp}</Button>
    </div>
  )
}
