'use client'

import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react'
import type { ReactNode } from 'react'

interface Props {
  title: string
  onClose: () => void
  children: ReactNode
}

/** A sheet laid over the page, for what must be settled before going on. */
export function Sheet({ title, onClose, children }: Props) {
  return (
    <Dialog open onClose={onClose} className="relative z-40 outline-none">
      <DialogBackdrop className="bg-ink/35 fixed inset-0" />
      <div className="fixed inset-0 overflow-y-auto p-4 sm:p-10">
        <DialogPanel className="bg-sheet border-ink mx-auto max-w-3xl border-t-4 px-6 py-5 shadow-lg sm:px-8">
          <DialogTitle className="font-serif text-[25px] leading-tight font-semibold">{title}</DialogTitle>
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  )
}
