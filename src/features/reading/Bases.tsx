'use client'

import type { Report } from '@/core/case'
import { balanced, type Base } from '@/core/reading/bases'
import type { Answer } from '@/core/recommend'
import { SpanScale } from '@/ui/SpanScale'
import { figure, places } from '@/wording/format'
import { lineClasses } from '@/wording/phrase'
import { en } from './messages'

/** The shares of the exchange that one school goes by, beside the classes that the other does. */
export function Bases({ answer, report }: { answer: Answer; report: Report }) {
  const { bases, reading } = answer
  const known = bases.every(({ percent }) => percent !== undefined)
  const sum = bases.reduce((total, { percent }) => total + (percent ?? 0), 0)
  const cec = report.cec.value
  const acidity = report.acidity.value
  const hydrogen = !known
    ? undefined
    : acidity !== null && cec
      ? (acidity / cec) * 100
      : sum <= 100 && bases.length >= 3
        ? 100 - sum
        : undefined
  const rows: readonly { base: Base | 'H'; meq?: number; percent?: number }[] = [
    ...(['Ca', 'Mg', 'K', 'Na'] as const).flatMap((base) => bases.filter((one) => one.base === base)),
    ...(hydrogen === undefined
      ? []
      : [{ base: 'H' as const, meq: cec ? (hydrogen / 100) * cec : undefined, percent: hydrogen }]),
  ]
  return (
    <section aria-label={en.bases}>
      <p className="text-ink-2 max-w-[72ch] text-[14.5px]">{known ? en.basesLead : en.noCec}</p>
      <table className="mt-2 w-full border-collapse text-[15px] tabular-nums">
        <thead>
          <tr className="text-ink-2 border-ink border-b text-left text-[13px]">
            {[en.base, en.meq, en.share, en.balance, en.enough].map((head) => (
              <th key={head} scope="col" className="py-1 pr-4 font-normal">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ base, meq, percent }) => {
            const span = base === 'Na' ? undefined : balanced[base]
            const where =
              percent === undefined || !span
                ? undefined
                : percent < span[0]
                  ? 'below'
                  : percent > span[1]
                    ? 'above'
                    : 'within'
            const line = reading.find(({ id }) => id === base)
            return (
              <tr key={base} className="border-rule border-b">
                <th scope="row" className="py-1 pr-4 text-left font-semibold">
                  {en.baseNames[base]}
                </th>
                <td className="pr-4">{meq === undefined ? '' : places(meq, 2)}</td>
                <td className="pr-4">
                  {percent !== undefined && span ? (
                    <SpanScale
                      from={0}
                      to={Math.max(span[1] * 1.5, Math.min(percent * 1.1, 100))}
                      value={percent}
                      spans={[{ low: span[0], high: span[1], label: `${span[0]} to ${span[1]} %` }]}
                      label={en.spanWords(
                        `${en.baseNames[base]} ${figure(percent, 2)} %`,
                        `${span[0]} to ${span[1]} %`,
                        '',
                      )}
                    />
                  ) : null}
                </td>
                <td className="pr-4">
                  {percent !== undefined && <strong>{`${figure(percent, 2)} %`}</strong>} {where && en.balanced[where]}
                </td>
                <td>{line?.className ? (lineClasses[line.className] ?? line.className) : ''}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </section>
  )
}
