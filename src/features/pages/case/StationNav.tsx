'use client'

import { progress, type Progress } from '@/core/plan/progress'
import { useOpenCase } from '../../case/context'
import { en } from '../../case/messages'
import { stations } from './stations'

/** The stations along the top, each showing how far it has come. */
export function StationNav() {
  const { kase, recommendation, view, go } = useOpenCase()
  const state = progress(kase, recommendation)
  return (
    <nav aria-label={en.stationsLabel} className="bg-margin border-rule border-b print:hidden">
      <ul className="mx-auto grid max-w-3xl grid-cols-5 sm:flex">
        {stations.map(({ id, label }) => {
          const here = id === view.id
          return (
            <li key={id} className="flex-1">
              <button
                type="button"
                aria-current={here ? 'step' : undefined}
                aria-label={`${label}, ${en.progress[state[id]]}`}
                onClick={() => go(id)}
                className={`flex w-full cursor-pointer flex-col items-center border-b-[3px] px-1 pt-2 pb-1.5 text-[14px] leading-tight ${here ? 'border-ink text-ink font-bold' : 'text-ink-2 hover:text-ink border-transparent'}`}
              >
                <Mark progress={state[id]} />
                {label}
              </button>
            </li>
          )
        })}
      </ul>
    </nav>
  )
}

/** Empty, half filled, filled, struck through: told by shape, not by colour alone. */
function Mark({ progress: state }: { progress: Progress }) {
  return (
    <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden>
      <path
        d="M10 2l8 8l-8 8l-8-8z"
        className={state === 'settled' ? 'fill-moss stroke-moss' : 'fill-margin stroke-ink-2'}
        strokeWidth="1.4"
      />
      {state === 'not-needed' && <path d="M5.500 10h9" className="stroke-ink-2" strokeWidth="1.6" />}
      {state === 'started' && <path d="M10 2v16l-8-8z" className="fill-moss" />}
      {state === 'settled' && (
        <path d="M6.500 10l2.500 2.500l4.500-4.500" fill="none" stroke="#fff" strokeWidth="1.6" />
      )}
    </svg>
  )
}
