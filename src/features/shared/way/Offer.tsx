'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { useRouter } from 'next/navigation'
import { keepSetting, setting } from '@/store/db'
import { Button } from '@/ui/Button'
import { en } from './messages'
import { wayPath } from './through'

/** The way is offered once. Whoever took it or did not want it is not asked again. */
export function Offer() {
  const router = useRouter()
  const answered = useLiveQuery(() =>
    setting('way').then(
      (answer) => answer !== undefined,
      () => true,
    ),
  )
  if (answered !== false) return null
  const answer = () => void keepSetting('way', 'answered').catch(() => undefined)
  return (
    <aside
      aria-label={en.way}
      className="border-moss bg-sheet mt-3 flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 px-3 py-2"
    >
      <span className="flex-1">{en.offer}</span>
      <Button
        onClick={() => {
          answer()
          router.push(wayPath)
        }}
      >
        {en.show}
      </Button>
      <Button kind="text" onClick={answer}>
        {en.no}
      </Button>
    </aside>
  )
}
