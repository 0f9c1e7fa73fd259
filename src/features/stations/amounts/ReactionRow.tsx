'use client'

import { houseLimits } from '@/core/guides/limits'
import type { Answer, AreaRecommendation } from '@/core/recommend'
import { roughSpread, type Check, type Dose } from '@/core/needs/reaction'
import { Formula } from '@/ui/Formula'
import { Span } from '@/ui/Span'
import { difference, figure, measure, pHFigure, rate, weight } from '@/wording/format'
import { passesWords } from '@/wording/passes'
import { render, textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { Figure } from '../../shared/workings/Figure'
import { Portions } from './Portions'
import { Rate, Row, Under } from './Row'
import { en } from './messages'

/** Lime, sulfur, or the reason for neither. */
export function ReactionRow({ found, answer }: { found: AreaRecommendation; answer: Answer }) {
  const { kase } = useOpenCase()
  const { reaction, stone } = answer
  const { dose, outcome } = reaction
  const isLime = outcome === 'lime'
  const name = isLime ? en.lime : outcome === 'sulfur' ? en.sulfur : en.reaction
  return (
    <Row
      stuff={outcome === 'sulfur' ? 'sulfur' : 'lime'}
      name={name}
      detail={dose ? textOf(dose.material.label) : ''}
      aside={<Aside found={found} answer={answer} />}
    >
      {dose ? (
        <Scoop dose={dose} answer={answer} />
      ) : (
        <p className="font-serif text-[25px] leading-tight font-semibold">{en.outcome[outcome as 'leave']}</p>
      )}
      <Under>
        {[render(reaction.why, kase.measures), isLime && stone.kind !== 'either' ? render(stone.why) : '']
          .filter(Boolean)
          .join(' ')}
      </Under>
      {dose?.dugIn && (
        <p className="text-ink-2 mt-1 text-[14.5px] leading-snug">
          {en.surfaceSuits} <Figure opens="dug-in">{weight(dose.dugIn.value.v, kase.measures)}</Figure>.
        </p>
      )}
      {dose && dose.remarks.length > 0 && <Under>{dose.remarks.map((remark) => render(remark)).join(' ')}</Under>}
      <Checks checks={reaction.checks} />
    </Row>
  )
}

function Scoop({ dose, answer }: { dose: Dose; answer: Answer }) {
  const { kase } = useOpenCase()
  const { passes, amount } = dose
  const several = passes.count > 1
  const shown = several ? passes.each : amount
  const where =
    dose.dugTo === null
      ? en.surface
      : en.dugTo(kase.measures === 'feet' ? `${figure(dose.dugTo)} in` : `${figure(dose.dugTo * 2.54, 2)} cm`)
  const words = [measure(shown.value.v, dose.lbPerCup, dose.bagLb, kase.measures), where, passesWords(passes, 'each')]
    .filter(Boolean)
    .join(', ')
  return (
    <>
      <p className="flex flex-wrap items-baseline gap-x-3">
        <Figure size="scoop" opens={several ? 'pass' : 'reaction'}>
          {weight(shown.value.v, kase.measures)}
        </Figure>
        {several && (
          <span className="text-[16px]">
            {en.each(passes.count)}, <Figure opens="reaction">{en.inAll(weight(amount.value.v, kase.measures))}</Figure>
          </span>
        )}
      </p>
      <p className="mt-1 text-[15.5px]">
        {words}
        {passes.count > 2 && `. ${en.retest}`}
      </p>
      <Portions of="reaction" amount={shown} answer={answer} />
    </>
  )
}

function Checks({ checks }: { checks: readonly Check[] }) {
  const { kase } = useOpenCase()
  if (checks.length === 0) return null
  return (
    <ul className="mt-1.5 grid gap-0.5 text-sm">
      {checks.map((check) => (
        <li key={check.id}>
          <span className="text-ink-2">
            {en.check}, {textOf(check.label)}:{' '}
          </span>
          {check.amount ? (
            <Figure opens={`check:${check.id}`}>{weight(check.amount.value.v, kase.measures)}</Figure>
          ) : (
            check.refusal && <Formula>{render(check.refusal, kase.measures)}</Formula>
          )}
          {check.difference !== undefined && <Apart share={check.difference} rough={check.rough} />}
        </li>
      ))}
    </ul>
  )
}

/** How far a check is from the figure that leads; said louder where that is far. */
export function Apart({ share, rough }: { share: number; rough?: boolean }) {
  const far = Math.abs(share) > (rough ? roughSpread : houseLimits.spread)
  return (
    <span className={far ? 'text-clay font-semibold' : 'text-ink-2'}>
      {' '}
      ({difference(share)}
      {far ? `, ${en.far}` : ''})
    </span>
  )
}

function Aside({ found, answer }: { found: AreaRecommendation; answer: Answer }) {
  const { kase } = useOpenCase()
  const { crop, use } = found
  const { dose } = answer.reaction
  const perUnit = dose && rate(dose.rate.value.v, use, kase.measures)
  const { pH } = answer
  const wanted = crop ? `${pHFigure(crop.pH.low)} to ${pHFigure(crop.pH.high)}` : ''
  return (
    <>
      {crop && pH !== null && (
        <Span
          from={4}
          to={8.5}
          low={crop.pH.low}
          high={crop.pH.high}
          value={pH}
          plusMinus={0.1}
          valueLabel={`pH ${pHFigure(pH)}`}
          spanLabel={wanted}
          label={en.pHWords(pHFigure(pH), wanted)}
        />
      )}
      {answer.reactionClass && <p>{textOf(answer.reactionClass)}</p>}
      {perUnit && (
        <p>
          <Rate opens="rate" {...perUnit} />
        </p>
      )}
      {dose && <p>{en.led(textOf(dose.ledBy.label))}</p>}
    </>
  )
}
