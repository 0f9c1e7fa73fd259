import type { ReactNode } from 'react'
import { Formula } from '@/ui/Formula'
import { en } from './messages'

interface Props {
  heads?: readonly string[]
  rows: readonly (readonly ReactNode[])[]
}

/** A small table of a guide; the first column names the row. */
export function Table({ heads, rows }: Props) {
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- it scrolls sideways where there is little room
    <div role="group" aria-label={en.table} tabIndex={0} className="overflow-x-auto">
      <table className="w-full border-collapse text-[15px] tabular-nums">
        {heads && (
          <thead className="text-ink-2 text-left text-[13.5px]">
            <tr>
              {heads.map((head) => (
                <th key={head} scope="col" className="py-1 pr-4 font-normal">
                  <Formula>{head}</Formula>
                </th>
              ))}
            </tr>
          </thead>
        )}
        <tbody>
          {rows.map((cells, i) => (
            <tr key={i} className="border-rule border-t align-top">
              {cells.map((cell, j) =>
                j === 0 ? (
                  <th key={j} scope="row" className="py-1.5 pr-4 text-left font-semibold">
                    {typeof cell === 'string' ? <Formula>{cell}</Formula> : cell}
                  </th>
                ) : (
                  <td key={j} className="py-1.5 pr-4">
                    {typeof cell === 'string' ? <Formula>{cell}</Formula> : cell}
                  </td>
                ),
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

export function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mt-5">
      <h3 className="mb-1 font-serif text-lg font-semibold">
        <Formula>{title}</Formula>
      </h3>
      {children}
    </section>
  )
}
