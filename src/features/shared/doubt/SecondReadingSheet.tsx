'use client'

import type { ComponentProps } from 'react'
import { Sheet } from '@/ui/Sheet'
import { en } from './messages'
import { SecondReadingView } from './SecondReadingView'

interface Props extends ComponentProps<typeof SecondReadingView> {
  onClose: () => void
}

/** A second reading, laid over the page. */
export function SecondReadingSheet({ onClose, ...view }: Props) {
  return (
    <Sheet title={en.title} onClose={onClose}>
      <SecondReadingView {...view} />
    </Sheet>
  )
}
