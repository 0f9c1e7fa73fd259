import clsx from 'clsx'
import type { ComponentProps } from 'react'

type Props = ComponentProps<'button'> & { kind?: 'act' | 'quiet' | 'text' }

/** `act` for the one thing to do next; `quiet` for the rest; `text` inside sentences. None stands on paper. */
export function Button({ kind = 'quiet', className, ...props }: Props) {
  return <button type="button" {...props} className={clsx(buttonClass(kind), 'print:hidden', className)} />
}

export const buttonClass = (kind: 'act' | 'quiet' | 'text') =>
  clsx(
    'cursor-pointer rounded-[3px] font-semibold disabled:cursor-default disabled:opacity-50',
    kind === 'act' && 'bg-moss text-white px-4 py-2 hover:bg-ink',
    kind === 'quiet' &&
      'border border-edge bg-sheet px-3 py-1.5 hover:border-ink aria-pressed:bg-moss aria-pressed:border-moss aria-pressed:text-white',
    kind === 'text' && 'text-moss min-h-6 underline decoration-1 underline-offset-3 hover:text-ink',
  )
