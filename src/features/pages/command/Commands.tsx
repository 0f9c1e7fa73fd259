'use client'

import { Suspense, useEffect } from 'react'
import { late } from '../../shared/late/late'
import { openCommand, useOpened } from '../../shared/command/opening'

const CommandBox = late(() => import('./CommandBox').then((found) => found.CommandBox))
const KeysSheet = late(() => import('./KeysSheet').then((found) => found.KeysSheet))

/** Whether what is typed goes into a field. */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    /^(?:TEXTAREA|SELECT)$/.test(target.tagName) ||
    (target instanceof HTMLInputElement && !/^(?:checkbox|radio|button|range|file)$/.test(target.type)))

/** Ctrl+K from anywhere, and `/` and `?` where nothing is being typed. Nothing opens over a sheet that waits for a word. */
export function Commands() {
  const opened = useOpened()
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const { key, target } = event
      if (event.defaultPrevented || event.altKey) return
      const chord = event.ctrlKey || event.metaKey
      const what =
        chord && key.toLowerCase() === 'k'
          ? 'box'
          : chord || isTyping(target)
            ? null
            : key === '/'
              ? 'box'
              : key === '?'
                ? 'keys'
                : null
      if (!what) return
      event.preventDefault()
      if (!document.querySelector('[role=dialog]')) openCommand(what)
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
  return (
    <Suspense>
      {opened === 'box' && <CommandBox onClose={() => openCommand(null)} />}
      {opened === 'keys' && <KeysSheet onClose={() => openCommand(null)} />}
    </Suspense>
  )
}
