'use client'

import { cardsOf } from '@/core/letter/cards'
import type { Plan } from '@/core/plan/plan'
import type { Language } from '@/core/sentence/text'
import { Formula } from '@/ui/Formula'
import { wordCard, type WordedCard } from '@/wording/cards'
import type { ClientWords } from '@/wording/languages'
import { useOpenCase } from '../../case/context'
import { en } from './messages'

interface Props {
  words: ClientWords
  language: Language
  plan: Plan
  as: 'cards' | 'labels'
}

/** A card for each pass: four to a page, one to the screen of a phone; or a label for the bag that is weighed out for it. */
export function Cards({ words, language, plan, as }: Props) {
  const { kase } = useOpenCase()
  const cards = cardsOf(plan)
  if (cards.length === 0) return <p className="font-serif text-lg">{en.noCards}</p>
  if (as === 'labels') return <Labels cards={cards.map((card) => wordCard(card, words, language, kase.measures))} />
  return (
    <ul
      lang={language}
      aria-label={en.cards}
      className="grid max-w-[7.4in] gap-4 sm:grid-cols-2 print:max-w-none print:grid-cols-2 print:gap-3"
    >
      {cards
        .map((card) => wordCard(card, words, language, kase.measures))
        .map(({ key, area, about, what, amount, measure, where, when, turn, cautions }) => (
          <li
            key={key}
            className="border-ink flex min-h-[80vh] flex-col border-[1.5px] bg-white px-5 py-4 sm:min-h-0 print:h-[4.6in] print:min-h-0 print:break-inside-avoid print:overflow-hidden print:px-4 print:py-3"
          >
            <p className="flex items-baseline justify-between gap-3 text-[15px]">
              <strong>{area}</strong>
              <span className="text-ink-2">{turn}</span>
            </p>
            <p className="text-ink-2 text-[13.5px]">{about}</p>
            <p className="mt-2 font-serif text-[34px] leading-none font-semibold">{amount}</p>
            <p className="font-serif text-lg leading-tight font-semibold">{what}</p>
            <p className="mt-1">{measure}</p>
            <p className="mt-2">
              <Formula>{[where, when].filter(Boolean).join('; ')}</Formula>
            </p>
            <ul className="mt-auto list-disc pt-3 pl-4 text-[13px] leading-snug print:text-[8pt]">
              {cautions.map((caution) => (
                <li key={caution}>{caution}</li>
              ))}
            </ul>
          </li>
        ))}
    </ul>
  )
}

/** Twelve to a page: what is in the bag, for where and when, and the most harmful of its cautions. */
const Labels = ({ cards }: { cards: readonly WordedCard[] }) => (
  <ul
    aria-label={en.labels}
    className="grid max-w-[7.4in] gap-2 sm:grid-cols-3 print:max-w-none print:grid-cols-3 print:gap-1.5"
  >
    {cards.map(({ key, area, what, amount, when, turn, cautions }) => (
      <li
        key={key}
        className="border-ink flex flex-col border bg-white px-3 py-2 text-[13px] leading-tight print:h-[2.35in] print:break-inside-avoid print:overflow-hidden print:text-[8.5pt]"
      >
        <strong className="font-serif text-[24px] leading-none">{amount}</strong>
        <strong className="font-serif text-[15px]">
          <Formula>{what}</Formula>
        </strong>
        <span className="mt-1">
          {area} {turn && `(${turn})`}
        </span>
        <span>
          <Formula>{when}</Formula>
        </span>
        {cautions[0] && <span className="mt-auto pt-1 text-[12px] print:text-[7.5pt]">{cautions[0]}</span>}
      </li>
    ))}
  </ul>
)
