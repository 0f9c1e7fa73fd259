'use client'

import { useRef } from 'react'
import { Button } from './Button'

interface Props {
  label: string
  accept: string
  onFile: (file: File) => void
}

/** A button that asks for a file. The same file can be chosen again. */
export function FilePicker({ label, accept, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button onClick={() => input.current?.click()}>{label}</Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        className="hidden"
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) onFile(file)
        }}
      />
    </>
  )
}
