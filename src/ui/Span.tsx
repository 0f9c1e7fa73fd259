interface Props {
  /** Ends of the scale drawn. */
  from: number
  to: number
  /** The wanted span, in brackets. */
  low: number
  high: number
  value: number
  /** What the value may lie between; an end that is open is that of the scale. */
  lies?: { readonly low: number | null; readonly high: number | null }
  valueLabel: string
  spanLabel: string
  /** The whole thing in words. */
  label: string
}

const width = 196
const inset = 8

/** A measured value on a scale, with its uncertainty, against the span that is wanted. */
export function Span({ from, to, low, high, value, lies, valueLabel, spanLabel, label }: Props) {
  const x = (v: number) => inset + ((Math.min(Math.max(v, from), to) - from) / (to - from)) * (width - 2 * inset)
  const [at, left, right] = [x(value), x(low), x(high)]
  const middle = (left + right) / 2
  const valueAt = Math.min(Math.max(at, 26), width - 26)
  const spanAt = Math.min(Math.max(middle, 34), width - 34)
  return (
    <svg width={width} height="50" viewBox={`0 0 ${width} 50`} role="img" aria-label={label} className="max-w-full">
      <line x1={inset} x2={width - inset} y1="24" y2="24" className="stroke-ink-2" strokeWidth="1" />
      <path d={`M${left + 5} 16h-5v16h5M${right - 5} 16h5v16h-5`} fill="none" className="stroke-moss" strokeWidth="2" />
      <rect x={left} width={Math.max(right - left, 0)} y="22" height="4" className="fill-moss" opacity="0.28" />
      <line
        x1={x(lies ? (lies.low ?? from) : value)}
        x2={x(lies ? (lies.high ?? to) : value)}
        y1="24"
        y2="24"
        className="stroke-ink"
        strokeWidth="3"
      />
      <path d={`M${at} 17l7 7l-7 7l-7-7z`} className="fill-ink" />
      <text x={valueAt} y="11" textAnchor="middle" className="fill-ink text-[13px] font-semibold">
        {valueLabel}
      </text>
      <text x={spanAt} y="47" textAnchor="middle" className="fill-moss text-[12.5px]">
        {spanLabel}
      </text>
    </svg>
  )
}
