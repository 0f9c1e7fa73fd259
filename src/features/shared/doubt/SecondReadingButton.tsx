'use client'

import { Suspense, useState } from 'react'
import type { AreaInSeason } from '@/core/case/in-season'
import type { Doubtable } from '@/core/doubt/doubtable'
import { Button } from '@/ui/Button'
import { late } from '../late/late'
import { en } from './messages'

const SecondReadingSheet = late(() => import('./SecondReadingSheet').then((found) => found.SecondReadingSheet))

interface Props {
  area: AreaInSeason
  /** The figure as it is printed, and what it is of. */
  text?: string
  of?: Doubtable
  label?: string
  /** What it is a reading of, for those who do not see where it stands. */
  about?: string
  /** It is open from the start. */
  opened?: boolean
  onClose?: () => void
}

/** Reads a figure that came from outside a second time, where it is printed. */
export function SecondReadingButton({ area, text, of, label = en.openInCase, about, opened = false, onClose }: Props) {
  const [isOpen, open] = useState(opened)
  const close = () => {
    open(false)
    onClose?.()
  }
  return (
    <>
      <Button
        kind="text"
        className="min-h-7"
        aria-label={about ? en.openOf(about) : undefined}
        onClick={() => open(true)}
      >
        {label}
      </Button>
      {isOpen && (
        <Suspense>
          <SecondReadingSheet area={area} text={text} of={of} autoFocus={!text} onClose={close} />
        </Suspense>
      )}
    </>
  )
}
