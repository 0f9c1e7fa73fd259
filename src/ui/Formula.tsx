import { Fragment } from 'react'

const plainDigits: Readonly<Record<string, string>> = { '₂': '2', '₃': '3', '₅': '5' }

/** Text whose small chemical figures are set as real subscripts: the shipped fonts have no glyphs for them. */
export function Formula({ children }: { children: string }) {
  return children
    .split(/([₂₃₅])/)
    .map((part, i) =>
      part in plainDigits ? <sub key={i}>{plainDigits[part]}</sub> : <Fragment key={i}>{part}</Fragment>,
    )
}
