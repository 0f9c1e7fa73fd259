'use client'

import { Dialog, DialogPanel } from '@headlessui/react'
import { X } from 'lucide-react'
import { useSyncExternalStore } from 'react'
import { Formula } from '@/ui/Formula'
import { render } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import type { Explained } from '../../case/explained'
import { en } from './messages'
import { Steps } from './Steps'

const wide = '(min-width: 1100px)'
const useWide = () =>
  useSyncExternalStore(
    (listener) => {
      const query = window.matchMedia(wide)
      query.addEventListener('change', listener)
      return () => query.removeEventListener('change', listener)
    },
    () => window.matchMedia(wide).matches,
    () => true,
  )

/** How the number that was opened comes about: beside the sheet where there is room, over it where there is not. */
export function WorkingsPanel() {
  const { explained: found, explain } = useOpenCase()
  const isWide = useWide()
  if (!found) return null
  const close = () => explain(null)
  if (isWide)
    return (
      <aside
        aria-label={en.title(found.shown)}
        className="border-rule bg-paper w-[332px] shrink-0 border-l print:hidden"
      >
        <Sheet found={found} close={close} />
      </aside>
    )
  return (
    <Dialog open onClose={close} aria-label={en.title(found.shown)} className="relative z-30">
      <div className="bg-ink/40 fixed inset-0" aria-hidden />
      <div className="fixed inset-x-0 bottom-0 flex max-h-[88dvh]">
        <DialogPanel className="bg-paper w-full overflow-auto">
          <Sheet found={found} close={close} />
        </DialogPanel>
      </div>
    </Dialog>
  )
}

function Sheet({ found, close }: { found: Explained; close: () => void }) {
  const { kase } = useOpenCase()
  return (
    <div className="px-5 pt-4 pb-8">
      <div className="flex items-start justify-between gap-3">
        <h2 className="text-ink-2 text-sm font-semibold">
          <Formula>{en.title(found.shown)}</Formula>
        </h2>
        <button
          type="button"
          onClick={close}
          aria-label={en.close}
          className="text-ink-2 hover:text-ink -mt-1 -mr-2 cursor-pointer p-1.5"
        >
          <X size={18} aria-hidden />
        </button>
      </div>
      <Steps working={found.working} />
      <p className="border-ink mt-4 border-t-[1.5px] pt-2 font-serif text-lg font-semibold">
        <Formula>{found.shown}</Formula>
        {found.rounding && (
          <span className="text-ink-2 font-sans text-[13px] font-normal"> {en.rounding(found.rounding)}</span>
        )}
      </p>
      {found.remarks.map((remark, i) => (
        <p key={i} className="mt-2 text-[13.5px] leading-snug">
          {render(remark, kase.measures)}
        </p>
      ))}
      {found.beside.length > 0 && (
        <>
          <h3 className="text-ink-2 mt-5 text-sm font-semibold">{en.beside}</h3>
          <dl className="mt-1 text-[13.5px] leading-snug">
            {found.beside.map((one, i) => (
              <div key={i} className={one.working ? 'flex justify-between gap-3 py-0.5' : 'py-0.5'}>
                <dt className="text-ink-2">{one.label}</dt>
                <dd>
                  <Formula>{one.value}</Formula>
                </dd>
              </div>
            ))}
          </dl>
        </>
      )}
    </div>
  )
}
