'use client'

import { againstBalance, balanced, hydrogenShare, type Base } from '@/core/reading/bases'
import type { Answer } from '@/core/recommend'
import { SpanScale } from '@/ui/SpanScale'
import { figure, places } from '@/wording/format'
import { classWord } from '@/wording/phrase'
import { en } from './messages'

/** The shares of the exchange that one school goes by, beside the classes that the other does. */
export function Bases({ answer }: { answer: Answer }) {
  const { bases, reading } = answer
  const read = (id: string) => reading.find((line) => line.id === id)?.value?.value.v
  const cec = read('cec')
  const hydrogen = hydrogenShare(bases, read('acidity'), cec)
  const rows: readonly { base: Base | 'H'; meq?: number; percent?: number }[] = [
    ...(['Ca', 'Mg', 'K', 'Na'] as const).flatMap((base) => bases.filter((one) => one.base === base)),
    ...(hydrogen === undefined ? [] : [{ base: 'H' as const, meq: (hydrogen / 100) * cec!, percent: hydrogen }]),
  ]
  return (
    <section aria-label={en.bases}>
      <p className="text-ink-2 max-w-[72ch] text-[14.5px]">{cec === undefined ? en.noCec : en.basesLead}</p>
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
            const where = percent === undefined || base === 'Na' ? undefined : againstBalance(base, percent)
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
                      label={en.scaleWords(
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
                <td>{line?.className ? classWord(line.className) : ''}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </section>
  )
}
