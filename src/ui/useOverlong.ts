import { useState } from 'react'

/** Characters that one field takes, unless it is made for more. */
export const usualMost = 120

/**
 * Text that is longer than what can be kept stays in its field, with a word on it, and is not handed on until it is
 * short enough.
 */
export function useOverlong(value: string, onChange: (text: string) => void, most: number) {
  const [over, setOver] = useState<string | null>(null)
  return {
    shown: over ?? value,
    type: (text: string) => {
      const long = text.length > most
      setOver(long ? text : null)
      if (!long) onChange(text)
    },
    fault:
      over === null
        ? undefined
        : `${(over.length - most).toLocaleString('en')} ${over.length - most === 1 ? 'character' : 'characters'} too many: ${most.toLocaleString('en')} are kept here. What stood before is kept until this is shorter.`,
  }
}
