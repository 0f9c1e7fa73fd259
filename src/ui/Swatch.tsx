import { useId, type ReactNode } from 'react'

export type Stuff = 'lime' | 'sulfur' | 'N' | 'P₂O₅' | 'K₂O' | 'other' | 'product'

/** What a thing is, told by pattern as well as by colour. */
export function Swatch({ of, width = 34, height = 11 }: { of: Stuff; width?: number; height?: number }) {
  const id = useId()
  return (
    <svg width={width} height={height} aria-hidden className="border-ink-2 border">
      <defs>
        <pattern id={id} width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" className="fill-sheet" />
          {drawings[of]}
        </pattern>
      </defs>
      <rect width={width} height={height} fill={`url(#${id})`} />
    </svg>
  )
}

const drawings: Readonly<Record<Stuff, ReactNode>> = {
  lime: <path d="M-1 7L7-1M-1 1L1-1M5 7L7 5" stroke="#8fa498" strokeWidth="2.4" />,
  sulfur: (
    <>
      <rect width="6" height="6" fill="#f3e3a4" />
      <circle cx="3" cy="3" r="1.4" fill="#6e5600" />
    </>
  ),
  N: null,
  'P₂O₅': <circle cx="3" cy="3" r="1.2" fill="#59604f" />,
  'K₂O': <path d="M3 0V6" stroke="#59604f" strokeWidth="1.3" />,
  other: <path d="M0 0L6 6M0 6L6 0" stroke="#59604f" strokeWidth="0.9" />,
  product: <path d="M0 3H6" stroke="#33526b" strokeWidth="1.8" />,
}
