'use client'

import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react'
import clsx from 'clsx'
import type { ReactNode } from 'react'

interface Props {
  title: string
  onClose: () => void
  /** As broad as the window: two things stand beside each other. */
  wide?: boolean
  children: ReactNode
}

/** A sheet laid over the page, for what must be settled before going on. */
export function Sheet({ title, onClose, wide, children }: Props) {
  return (
    <Dialog open onClose={onClose} className="relative z-40 outline-none">
      <DialogBackdrop className="bg-ink/35 fixed inset-0" />
      <div className={clsx('fixed inset-0 overflow-y-auto p-4', wide ? 'sm:p-6' : 'sm:p-10')}>
        <DialogPanel
          className={clsx(
            'bg-sheet border-ink mx-auto border-t-4 px-6 py-5 shadow-lg sm:px-8',
            wide ? 'max-w-[1400px]' : 'max-w-3xl',
          )}
        >
          <DialogTitle className="font-serif text-[25px] leading-tight font-semibold">{title}</DialogTitle>
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  )
}
