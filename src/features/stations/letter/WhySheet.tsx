'use client'

import { boxOf } from '@/core/case/outline'
import { Formula } from '@/ui/Formula'
import type { WordedReading, WordedStrip, WordedWhy } from '@/wording/why'
import type { WordedWorkings } from '@/wording/workings'
import { pathOf } from '../ground/path'

const page =
  'border-rule mt-5 max-w-[7.1in] border bg-white px-10 py-8 font-serif text-[14.5px] leading-snug print:mt-0 print:max-w-none print:break-before-page print:border-0 print:p-0 print:text-[9.3pt]'

/** The page of reasons: the readings on their spans, the ground, the days, and what the report does not say. */
export function WhySheet({ why }: { why: WordedWhy }) {
  return (
    <section aria-label={why.title} className={page}>
      <h2 className="text-[23px] leading-tight font-semibold">{why.title}</h2>
      <p className="mb-2">{why.about}</p>
      {why.areas.map(({ name, about, lines, missing }, i) => (
        <section key={i} className="mt-3 break-inside-avoid print:mt-1.5">
          <h3 className="font-semibold">{[name, about].filter(Boolean).join(' — ')}</h3>
          <Readings columns={why.columns} lines={lines} />
          {missing.length > 0 && (
            <p className="text-ink-2 mt-0.5 text-[13.5px] print:text-[8.5pt]">
              {why.missingTitle}: {missing.join(' ')}
            </p>
          )}
        </section>
      ))}
      {why.plan.pieces.length > 0 && <Plan plan={why.plan} />}
      {why.strip && <Strip strip={why.strip} />}
    </section>
  )
}

function Readings({ columns, lines }: { columns: WordedWhy['columns']; lines: readonly WordedReading[] }) {
  return (
    <table className="w-full border-collapse font-sans text-[13.5px] print:text-[8.8pt]">
      <thead>
        <tr className="text-ink-2 text-left">
          <td />
          {columns.slice(1).map((column) => (
            <th key={column} className="font-normal">
              {column}
            </th>
          ))}
          <td />
        </tr>
      </thead>
      <tbody>
        {lines.map(({ name, reported, wanted, rated, scale }, i) => (
          <tr key={i} className="border-rule border-t">
            <th scope="row" className="py-0.5 pr-2 text-left font-normal">
              {name}
            </th>
            <td className="pr-2">{reported}</td>
            <td className="pr-2">{wanted}</td>
            <td className="pr-2">{rated}</td>
            <td className="w-[23%]">{scale && <Scale scale={scale} />}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** What is wanted in brackets, and the value as a rhomb. The figures stand beside it. */
function Scale({ scale: { low, high, at } }: { scale: NonNullable<WordedReading['scale']> }) {
  const x = (share: number) => 4 + share * 132
  return (
    <svg viewBox="0 0 140 14" className="h-3.5 w-full" aria-hidden>
      <line x1="4" x2="136" y1="7" y2="7" className="stroke-ink-2" strokeWidth="0.8" />
      <rect x={x(low)} width={Math.max(x(high) - x(low), 1)} y="4.500" height="5" className="fill-chalk" />
      <path
        d={`${low > 0 ? `M${x(low) + 3} 2h-3v10h3` : ''}${high < 1 ? `M${x(high) - 3} 2h3v10h-3` : ''}`}
        fill="none"
        className="stroke-moss"
        strokeWidth="1.4"
      />
      <path d={`M${x(at)} 3l4 4l-4 4l-4-4z`} className="fill-ink" />
    </svg>
  )
}

function Plan({ plan: { title, about, pieces, asDrawn, north, northMark } }: { plan: WordedWhy['plan'] }) {
  const [west, south, east, top] = boxOf(pieces.flatMap(({ rings }) => rings.flat()))
  const room = Math.max(east - west, (top - south) * 3) * 0.04
  const [width, height] = [east - west + 2 * room, top - south + 2 * room]
  const size = Math.max(width, height * 3) / 42
  const names = pieces.map(({ name }, i) => `${i + 1} ${name}`).join(', ')
  return (
    <section className="mt-3 break-inside-avoid">
      <h3 className="font-semibold">{title}</h3>
      <p className="text-ink-2 text-[13.5px] print:text-[8.5pt]">{about}</p>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={`${title}: ${names}`}
        className="mt-1 max-h-48 w-full"
        preserveAspectRatio="xMinYMin meet"
      >
        {pieces.map(({ rings }, i) => {
          const edge = rings[0] ?? []
          const middle = [0, 1].map((k) => edge.reduce((sum, point) => sum + point[k]!, 0) / Math.max(edge.length, 1))
          return (
            <g key={i}>
              <path
                d={pathOf([rings.map((ring) => [...ring])], ([x, y]) => [x - west + room, top - y + room])}
                fillRule="evenodd"
                className="fill-wash stroke-ink"
                strokeWidth={size / 12}
              />
              <text
                x={middle[0]! - west + room}
                y={top - middle[1]! + room + size / 3}
                textAnchor="middle"
                fontSize={size}
                className="fill-ink font-sans font-semibold"
              >
                {i + 1}
              </text>
            </g>
          )
        })}
        {asDrawn && (
          <g transform={`translate(${width - size} ${size}) rotate(${north})`}>
            <path
              d={`M0 ${size * 0.7}v${-size * 1.4}l${size * 0.3} ${size * 0.4}`}
              fill="none"
              className="stroke-ink"
              strokeWidth={size / 10}
            />
            <text y={size * 1.6} textAnchor="middle" fontSize={size * 0.8} className="fill-ink font-sans">
              {northMark}
            </text>
          </g>
        )}
      </svg>
      <p className="font-sans text-[13.5px] print:text-[8.5pt]">{names}</p>
    </section>
  )
}

function Strip({ strip: { title, about, months, rows } }: { strip: WordedStrip }) {
  const at = (share: number) => `${share * 100}%`
  return (
    <section className="mt-3 break-inside-avoid">
      <h3 className="font-semibold">{title}</h3>
      {about && <p className="text-ink-2 text-[13.5px] print:text-[8.5pt]">{about}</p>}
      <div className="grid grid-cols-[36%_1fr] gap-x-2 font-sans text-[13px] print:text-[8pt]">
        <span />
        <div className="text-ink-2 relative h-4 text-[11px] print:text-[6.5pt]" aria-hidden>
          {months.map(({ label, at: where }, i) => (
            <span key={i} className="absolute" style={{ left: at(where) }}>
              {label}
            </span>
          ))}
        </div>
        {rows.map(({ label, marks, test }, i) => (
          <div key={i} className="contents">
            <span>{label}</span>
            <span className="relative block h-full min-h-4" aria-hidden>
              <span className="border-rule absolute inset-x-0 top-1/2 border-t" />
              {marks.map((mark, k) => (
                <span
                  key={k}
                  className={`absolute top-1/2 -translate-x-1/2 -translate-y-1/2 ${test ? 'border-ink size-2 rotate-45 border bg-white' : 'bg-moss print:border-moss h-2.5 w-1 print:border-2'}`}
                  style={{ left: at(mark) }}
                />
              ))}
            </span>
          </div>
        ))}
      </div>
    </section>
  )
}

/** The appendix: the arithmetic behind every amount. */
export function WorkingsSheet({ workings: { title, about, amounts } }: { workings: WordedWorkings }) {
  return (
    <section aria-label={title} className={page}>
      <h2 className="text-[23px] leading-tight font-semibold">{title}</h2>
      <p>{about}</p>
      {amounts.map(({ title: amount, steps }, i) => (
        <section key={i} className="mt-3">
          <h3 className="font-semibold">
            <Formula>{amount}</Formula>
          </h3>
          <ol className="font-sans text-[13px] print:text-[8.5pt]">
            {steps.map(({ rule, arithmetic, source }, k) => (
              <li key={k}>
                <Formula>{`${rule}: ${arithmetic}`}</Formula>
                {source && (
                  <span className="text-ink-2 block text-[12px] print:text-[7.5pt]">
                    <Formula>{source}</Formula>
                  </span>
                )}
              </li>
            ))}
          </ol>
        </section>
      ))}
    </section>
  )
}
