'use client'

import clsx from 'clsx'
import { useEffect, useRef } from 'react'
import type { Place } from '@/schemas/results-page/read'
import { turnedBox, type Turn } from '@/schemas/results-page/words'

/** A value's place on a paper, as it is drawn there. */
export interface Mark extends Place {
  readonly key: string
  readonly label: string
  /** Somebody has to say something of it. */
  readonly open: boolean
}

interface Props {
  marks: readonly Mark[]
  page: number
  turn: number
  /** The one that is spoken of. */
  shown: string | null
  onShow?: (key: string) => void
}

/** Boxes over a page, around the values that were read there. The one that is spoken of is scrolled to. */
export function Marks({ marks, page, turn, shown, onShow }: Props) {
  const spoken = useRef<HTMLElement>(null)
  useEffect(() => {
    const [mark, scroller] = [spoken.current, spoken.current?.closest<HTMLElement>('[data-scroller]')]
    if (!mark || !scroller) return
    const [box, view] = [mark.getBoundingClientRect(), scroller.getBoundingClientRect()]
    if (box.top < view.top || box.bottom > view.bottom) scroller.scrollTop += box.top - view.top - view.height / 3
    if (box.left < view.left || box.right > view.right) scroller.scrollLeft += box.left - view.left - view.width / 3
  }, [shown])
  return marks
    .filter((one) => one.page === page)
    .map(({ key, label, box, open }) => {
      const { x, y, width, height } = turnedBox(box, (((turn % 360) + 360) % 360) as Turn)
      const isShown = key === shown
      return (
        <span
          key={key}
          ref={isShown ? spoken : undefined}
          data-mark={key}
          title={label}
          aria-hidden
          onPointerEnter={onShow && (() => onShow(key))}
          className={clsx(
            'absolute rounded-[2px] border-2',
            open ? 'border-clay bg-clay/10' : 'border-moss bg-moss/10',
            isShown && 'outline-ink outline-2 outline-offset-2',
          )}
          style={{
            left: `${(x - 0.004) * 100}%`,
            top: `${(y - 0.003) * 100}%`,
            width: `${(width + 0.008) * 100}%`,
            height: `${(height + 0.006) * 100}%`,
          }}
        />
      )
    })
}
