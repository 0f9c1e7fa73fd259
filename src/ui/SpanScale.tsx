interface WantedSpan {
  /** null: it has no such end. */
  readonly low: number | null
  readonly high: number | null
  /** Its ends in words. */
  readonly label: string
}

interface Props {
  /** Ends of the scale. */
  from: number
  to: number
  /** What is wanted, one above the other. */
  spans: readonly WantedSpan[]
  value: number
  /** What the value lies between. */
  range?: readonly [number, number]
  /** The whole thing in words. */
  label: string
}

const width = 250
const inset = 10
const step = 28
const top = 12
/** Half of a letter of a label, about. */
const halfLetter = 2.8

/** A measured value on a scale, with what it lies between, through the spans that are wanted. */
export function SpanScale({ from, to, spans, value, range, label }: Props) {
  const x = (v: number) => inset + ((Math.min(Math.max(v, from), to) - from) / (to - from)) * (width - 2 * inset)
  const at = x(value)
  const height = top + Math.max(spans.length, 1) * step + 4
  const line = top + 8
  const beyond = value > to
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={label}
      className="max-w-full overflow-visible"
    >
      {(spans.length > 0 ? spans : [null]).map((span, i) => {
        const y = line + i * step
        const left = span && x(span.low ?? from)
        const right = span && x(span.high ?? to)
        const half = span && Math.min(Math.max(44, span.label.length * halfLetter), width / 2)
        return (
          <g key={i}>
            <line x1={inset} x2={width - inset} y1={y} y2={y} className="stroke-edge" strokeWidth="1" />
            {span && (
              <>
                <rect x={left!} width={Math.max(right! - left!, 1)} y={y - 4} height="8" className="fill-chalk" />
                <path
                  d={`${span.low === null ? '' : `M${left! + 4} ${y - 6}h-4v12h4`}${span.high === null ? '' : `M${right! - 4} ${y - 6}h4v12h-4`}`}
                  fill="none"
                  className="stroke-moss"
                  strokeWidth="2"
                />
                <text
                  x={Math.min(Math.max((left! + right!) / 2, half!), width - half!)}
                  y={y + 16}
                  textAnchor="middle"
                  className="fill-moss text-[11.5px]"
                >
                  {span.label}
                </text>
              </>
            )}
          </g>
        )
      })}
      {(spans.length > 0 ? spans : [null]).map((_, i) => {
        const y = line + i * step
        return (
          <g key={i}>
            {range && (
              <path
                d={`M${x(range[0])} ${y - 3}v6M${x(range[0])} ${y}H${x(range[1])}M${x(range[1])} ${y - 3}v6`}
                className="stroke-ink"
                strokeWidth="2"
                fill="none"
              />
            )}
            <path
              d={beyond ? `M${width - 12} ${y - 6}l10 6l-10 6z` : `M${at} ${y - 6}l6 6l-6 6l-6-6z`}
              className="fill-ink stroke-sheet"
              strokeWidth="1"
            />
          </g>
        )
      })}
    </svg>
  )
}
