'use client'

import { useCallback } from 'react'
import type { Attachment } from '@/store/db'

/** A kept picture. It says nothing that the name beside it does not. */
export function Logo({ attachment, className }: { attachment: Attachment; className: string }) {
  const draw = useCallback(
    (image: HTMLImageElement) => {
      const url = URL.createObjectURL(new Blob([attachment.bytes], { type: attachment.type }))
      image.src = url
      return () => URL.revokeObjectURL(url)
    },
    [attachment],
  )
  return <img ref={draw} alt="" className={className} />
}
