'use client'

import { cmPerInch } from '@/core/units/factors'
import type { Answer, AreaRecommendation } from '@/core/recommend'
import type { Need } from '@/core/needs/need'
import { doseOf, roughSpread, type Dose } from '@/core/needs/reaction'
import { Formula } from '@/ui/Formula'
import { Span } from '@/ui/Span'
import { difference, figure, measure, pHFigure, weight, type Measures } from '@/wording/format'
import { passesWords } from '@/wording/passes'
import { render, textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import type { Working } from '@/core/units/workings'
import { beside, weighed } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'
import { useBagLb, useTreatmentStill } from './still'
import { NothingLeft, Planned } from './Planned'
import { useSpread } from './useSpread'
import { Held } from './Held'
import { LetLead, Overruled, OwnSettings } from './LateOverruled'
import { Portions } from './Portions'
import { Rate, Row, Under } from './Row'
import { en } from './messages'
import { Settles, Sure } from './Sure'

/** Where nothing is given there is still a figure to be put in its place. */
const noLime = { of: 'lime', outcome: 'none', checks: [], remarks: [] } as const

/** Lime, sulfur, or the reason for neither. */
export function ReactionRow({ found, answer }: { found: AreaRecommendation; answer: Answer }) {
  const { kase } = useOpenCase()
  const { reaction, stone } = answer
  const { outcome } = reaction
  const dose = doseOf(reaction)
  const isLime = outcome === 'lime'
  const still = useTreatmentStill(outcome)
  const name = isLime ? en.lime : outcome === 'sulfur' ? en.sulfur : en.reaction
  return (
    <Row
      stuff={outcome === 'sulfur' ? 'sulfur' : 'lime'}
      name={name}
      detail={dose ? textOf(dose.product.material.label) : ''}
      aside={<Aside found={found} answer={answer} />}
    >
      {dose ? (
        <>
          <Scoop dose={dose} answer={answer} need={isLime ? 'lime' : 'sulfur'} still={still} />
          {!still && <Sure of={isLime ? 'lime' : 'sulfur'} />}
        </>
      ) : (
        <p className="font-serif text-[25px] leading-tight font-semibold">{en.outcome[outcome as 'leave']}</p>
      )}
      <Under>
        {[render(reaction.why, kase.measures), isLime && stone.kind !== 'either' ? render(stone.why) : '']
          .filter(Boolean)
          .join(' ')}
      </Under>
      {dose?.into.dugIn && (
        <p className="text-ink-2 mt-1 text-[14.5px] leading-snug">
          {en.surfaceSuits(depthWords(dose.into.dugInTo, kase.measures))}{' '}
          <Figure of={weighed(dose.into.dugIn, kase.measures)} />.
        </p>
      )}
      {dose && dose.remarks.length > 0 && (
        <Under>{dose.remarks.map((remark) => render(remark, kase.measures)).join(' ')}</Under>
      )}
      <Settles />
      <Checks need={reaction.need} areaId={found.areaId} spread={answer.spread} />
      {found.use !== 'container' && (
        <Overruled need={reaction.need ?? { ...noLime, why: reaction.why }} areaId={found.areaId} />
      )}
      {found.use !== 'container' && (
        <OwnSettings settings={answer.settings.filter(({ of }) => of !== 'level')} areaId={found.areaId} />
      )}
      {reaction.need && <Held key={reaction.need.of} need={reaction.need} areaId={found.areaId} />}
    </Row>
  )
}

interface ScoopProps {
  dose: Dose
  answer: Answer
  need: 'lime' | 'sulfur'
  still: ReturnType<typeof useTreatmentStill>
}

/** What goes on at a time the largest: of what is still to do. */
function Scoop({ dose, answer, need, still }: ScoopProps) {
  const { kase } = useOpenCase()
  const { into, product } = dose
  const bagLb = useBagLb(need, product.bagLb)
  if (still && !still.treatment)
    return (
      <>
        <NothingLeft />
        <Planned still={still} />
      </>
    )
  const amount = still?.left ?? dose.amount
  const passes = still?.treatment?.passes ?? dose.passes
  const explains = (working: Working) =>
    weighed(working, kase.measures, {
      remarks: dose.remarks,
      beside: [
        ...(into.dugIn
          ? [
              {
                label: en.ifDugIn(depthWords(into.dugInTo, kase.measures)),
                value: weight(into.dugIn.value.v, kase.measures),
                working: into.dugIn,
              },
            ]
          : []),
        ...dose.checks.map((check) => beside(check, kase.measures)),
      ],
    })
  const several = passes.count > 1
  const shown = several ? passes.each : amount
  const where = into.dugTo === null ? en.surface : en.dugTo(depthWords(into.dugTo, kase.measures))
  const words = [
    measure(shown.value.v, product.material.lbPerCup, bagLb, kase.measures),
    where,
    passesWords(passes, 'each'),
  ]
    .filter(Boolean)
    .join(', ')
  return (
    <>
      <p className="flex flex-wrap items-baseline gap-x-3">
        <Figure size="scoop" of={explains(shown)} />
        {several && (
          <span className="text-[16px]">
            {en.each(passes.count)},{' '}
            <Figure of={explains(amount)}>{en.inAll(weight(amount.value.v, kase.measures))}</Figure>
          </span>
        )}
      </p>
      <p className="mt-1 text-[15.5px]">
        {words}
        {passes.count > 2 && `. ${en.retest}`}
      </p>
      <Planned still={still} />
      <Portions amount={shown} answer={answer} />
    </>
  )
}

/** `6 in`, `15 cm`. */
const depthWords = (inches: number, measures: Measures): string =>
  measures === 'feet' ? `${figure(inches)} in` : `${figure(inches * cmPerInch, 2)} cm`

interface ChecksProps {
  need: Need<'lime' | 'sulfur'> | undefined
  areaId: string
  spread: number
}

function Checks({ need, areaId, spread }: ChecksProps) {
  const { kase } = useOpenCase()
  const checks = need?.checks ?? []
  if (checks.length === 0) return null
  return (
    <ul className="mt-1.5 grid gap-0.5 text-sm">
      {checks.map((check) => (
        <li key={check.id}>
          <span className="text-ink-2">
            {en.check}, {textOf(check.label)}:{' '}
          </span>
          {check.amount ? (
            <Figure of={weighed(check.amount, kase.measures, { remarks: check.remarks })} />
          ) : (
            check.refusal && <Formula>{render(check.refusal, kase.measures)}</Formula>
          )}
          {check.difference !== undefined && <Apart share={check.difference} rough={check.rough} spread={spread} />}{' '}
          {need && !check.rough && need.outcome === 'apply' && <LetLead need={need} check={check} areaId={areaId} />}
        </li>
      ))}
    </ul>
  )
}

/** How far a check is from the figure that leads; said louder where that is far. */
export function Apart({ share, rough, spread }: { share: number; rough?: boolean; spread: number }) {
  const far = Math.abs(share) > (rough ? roughSpread : spread)
  return (
    <span className={far ? 'text-clay font-semibold' : 'text-ink-2'}>
      {' '}
      ({difference(share)}
      {far ? `, ${en.far}` : ''})
    </span>
  )
}

function Aside({ found, answer }: { found: AreaRecommendation; answer: Answer }) {
  const { crop, use } = found
  const dose = doseOf(answer.reaction)
  const { pH } = answer
  const spread = useSpread(found.areaId)
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
          lies={spread('pH', pH)}
          valueLabel={`pH ${pHFigure(pH)}`}
          spanLabel={wanted}
          label={en.pHWords(pHFigure(pH), wanted)}
        />
      )}
      {answer.reactionClass && <p>{textOf(answer.reactionClass)}</p>}
      {dose && (
        <>
          <p>
            <Rate working={dose.rate} use={use} />
          </p>
          <p>{en.led(textOf(dose.lead.label))}</p>
        </>
      )}
    </>
  )
}
