'use client'

import type { ReactNode } from 'react'
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary'
import { Button } from '@/ui/Button'
import { useOpenCase } from '../../case/context'
import { en } from '../../case/messages'
import { saveCaseFile } from '../../case/save-file'

interface Props {
  /** What it is that may break. */
  name: string
  /** Tried anew when one of these is another. */
  by: readonly unknown[]
  children: ReactNode
}

/** What breaks in it breaks alone: the rest of the case goes on, and the case can be had as a file. */
export const Guarded = ({ name, by, children }: Props) => (
  <ErrorBoundary
    resetKeys={[...by]}
    fallbackRender={(failed) => <Broken name={name} {...failed} />}
    onError={(error) => console.warn(error)}
  >
    {children}
  </ErrorBoundary>
)

function Broken({ name, error, resetErrorBoundary }: FallbackProps & { name: string }) {
  const { kase } = useOpenCase()
  return (
    <section role="alert" aria-label={en.broke(name)} className="border-clay my-5 max-w-[60ch] border-l-4 py-1 pl-4">
      <h2 className="font-serif text-[21px] font-semibold">{en.broke(name)}</h2>
      <p className="mt-1">{en.brokeLead}</p>
      <p className="text-ink-2 mt-1 text-[14px] wrap-anywhere">{error instanceof Error ? error.message : ''}</p>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button kind="act" onClick={resetErrorBoundary}>
          {en.tryAgain}
        </Button>
        <Button onClick={() => void saveCaseFile(kase)}>{en.saveFile}</Button>
      </div>
    </section>
  )
}
