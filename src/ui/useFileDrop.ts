'use client'

import { useEffect, useEffectEvent } from 'react'

/** Takes files that are dropped anywhere on the page, which would leave it otherwise. */
export function useFileDrop(onFiles: (files: readonly File[]) => void) {
  const onDrop = useEffectEvent(onFiles)
  useEffect(() => {
    const control = new AbortController()
    const { signal } = control
    const holdsFiles = ({ dataTransfer }: DragEvent) => dataTransfer?.types.includes('Files') === true
    window.addEventListener('dragover', (event) => holdsFiles(event) && event.preventDefault(), { signal })
    window.addEventListener(
      'drop',
      (event) => {
        if (!holdsFiles(event)) return
        event.preventDefault()
        onDrop([...event.dataTransfer!.files])
      },
      { signal },
    )
    return () => control.abort()
  }, [])
}
