import type { ReactNode } from 'react'

/** A word at the foot of the page, with what can be done about it. */
export const News = ({ sentence, children }: { sentence: string; children: ReactNode }) => (
  <div
    role="status"
    className="bg-ink text-paper fixed inset-x-4 bottom-4 z-30 mx-auto flex max-w-xl flex-wrap items-center gap-4 px-4 py-3 shadow-lg print:hidden"
  >
    <p className="min-w-0 flex-1">{sentence}</p>
    {children}
  </div>
)
