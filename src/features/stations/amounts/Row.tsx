import type { ReactNode } from 'react'
import { Formula } from '@/ui/Formula'
import { Gloss } from '@/ui/Gloss'
import { Swatch, type Stuff } from '@/ui/Swatch'
import type { Use } from '@/core/guides/crop'
import type { Working } from '@/core/units/workings'
import { rate } from '@/wording/format'
import { glossary } from '@/wording/interface/glossary'
import { useOpenCase } from '../../case/context'
import { perGround } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'

interface Props {
  stuff: Stuff
  name: string
  detail: string
  children: ReactNode
  /** The rate and the scale, at the right. */
  aside?: ReactNode
}

/** One line of the sheet: what it is, how much, and at the right the rate behind it. */
export function Row({ stuff, name, detail, children, aside }: Props) {
  return (
    <section
      aria-label={stuff === 'product' && detail ? `${name}, ${detail}` : name}
      className="border-rule grid grid-cols-[84px_1fr] items-start gap-x-4 gap-y-1 border-b py-3 break-inside-avoid @xl:grid-cols-[96px_1fr_auto]"
    >
      <div className="text-[14.5px] leading-tight font-semibold">
        <div className="mb-1.5">
          <Swatch of={stuff} />
        </div>
        {glossary[stuff] ? <Gloss says={glossary[stuff]}>{name}</Gloss> : name}
        <span className="text-ink-2 block text-[13.5px] font-normal">
          <Formula>{detail}</Formula>
        </span>
      </div>
      <div className="min-w-0">{children}</div>
      <div className="text-ink-2 col-start-2 text-left text-sm @xl:col-start-3 @xl:w-[200px] @xl:text-right">
        {aside}
      </div>
    </section>
  )
}

export const Under = ({ children }: { children: string }) => (
  <p className="text-ink-2 mt-1 max-w-[58ch] text-[14.5px] leading-snug">
    <Formula>{children}</Formula>
  </p>
)

/** Pounds per 1,000 ft² as this ground is spoken of. */
export function Rate({ working, use }: { working: Working; use: Use }) {
  const { kase } = useOpenCase()
  const { amount, per } = rate(working.value.v, use, kase.measures)
  return (
    <>
      <strong className="text-ink">
        <Figure of={perGround(working, use, kase.measures)}>{amount}</Figure>
      </strong>{' '}
      {per}
    </>
  )
}
