'use client'

import { usePathname, useSearchParams } from 'next/navigation'
import { Sheet } from '@/ui/Sheet'
import type { Key } from '../../case/station'
import { viewAsked } from '../case/stations'
import { anywhere, inCase, keysOfPage } from './keys'
import { en } from './messages'

/** The keys of the place that one is in. */
export function KeysSheet({ onClose }: { onClose: () => void }) {
  const path = usePathname()
  const asked = useSearchParams().get('station')
  const view = path === '/case' ? viewAsked(asked) : null
  const name = view?.label ?? (en.pages as Readonly<Record<string, string>>)[path] ?? en.counterSheet
  const here = view ? [...view.keys, ...inCase] : (keysOfPage[path] ?? [])
  return (
    <Sheet title={en.keysTitle} onClose={onClose}>
      {here.length > 0 && <Keys title={en.keysHere(name)} keys={here} />}
      <Keys title={en.keysAnywhere} keys={anywhere} />
    </Sheet>
  )
}

function Keys({ title, keys }: { title: string; keys: readonly Key[] }) {
  return (
    <section aria-label={title} className="mt-4">
      <h3 className="font-serif text-[19px] font-semibold">{title}</h3>
      <dl className="grid grid-cols-1 sm:grid-cols-[15rem_1fr]">
        {keys.map(({ keys: names, does }) => (
          <div key={names} className="border-rule contents">
            <dt className="border-rule border-t py-1.5 pr-4 font-semibold">{names}</dt>
            <dd className="border-rule py-1.5 sm:border-t">{does}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
