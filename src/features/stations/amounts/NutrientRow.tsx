'use client'

import { holdFigure, knowCredits } from '@/core/acts/decisions'
import { broughtBy, fedWith } from '@/core/bags/chosen'
import { creditsKnown } from '@/core/case/decisions'
import type { CreditName } from '@/core/needs/need'
import type { Answer, AreaRecommendation } from '@/core/recommend'
import type { Need } from '@/core/needs/need'
import type { MajorNutrient } from '@/core/units/quantity'
import { signed } from '../../shared/office/signed'
import { reportOfArea } from '@/core/case/in-force'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { Span } from '@/ui/Span'
import { classWords } from '@/wording/phrase'
import { figure, weight } from '@/wording/format'
import { passesWords } from '@/wording/passes'
import { render, textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { beside, weighed } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'
import { Apart } from './ReactionRow'
import { useNutrientStill, useTreatmentStill } from './still'
import { Planned } from './Planned'
import { useSpread } from './useSpread'
import { Held } from './Held'
import { Overruled, OwnSettings } from './LateOverruled'
import { Portions } from './Portions'
import { Rate, Row, Under } from './Row'
import { en } from './messages'
import { Sure } from './Sure'

/** The year's need of one nutrient. */
export function NutrientRow({ need, found }: { need: Need<MajorNutrient>; found: AreaRecommendation }) {
  const { kase } = useOpenCase()
  const { of: nutrient, outcome, lead } = need
  const still = useNutrientStill(need)
  const own = useTreatmentStill(nutrient)
  const amount = still ? still.left : need.amount
  // What bags bring goes on with them; of the nutrient as such what is left of it.
  const { answer } = found
  const passes = own?.treatment?.passes ?? (still || (answer && isBagged(answer, nutrient)) ? undefined : need.passes)
  return (
    <Row
      stuff={nutrient}
      name={en.nutrient[nutrient]}
      detail={nutrient}
      aside={
        <>
          <Rated need={need} found={found} />
          {outcome === 'apply' && need.rate && (
            <p>
              <Rate working={need.rate} use={found.use} />
            </p>
          )}
          {lead && lead.by !== 'guide' && <p>{en.led(textOf(lead.label))}</p>}
        </>
      }
    >
      {amount ? (
        <Figure
          size="need"
          of={weighed(amount, kase.measures, { beside: need.checks.map((check) => beside(check, kase.measures)) })}
        />
      ) : (
        <p className="font-serif text-[22px] leading-tight font-semibold">
          {still ? en.nothingLeft : outcome === 'none' ? en.none : outcome === 'check' ? en.checkFirst : en.unknown}
        </p>
      )}
      <Planned still={still} />
      {amount && !still && <Sure of={nutrient} />}
      {answer && amount && nutrient === 'N' && (
        <Portions amount={passes?.each ?? amount} each={(passes?.count ?? 1) > 1} answer={answer} product={false} />
      )}
      <Under>
        {[
          passes?.firsts &&
            en.firstThen(weight(passes.firsts.each.value.v, kase.measures), weight(passes.each.value.v, kase.measures)),
          passes && passesWords(passes, passes.firsts ? 'each' : 'all'),
          passes && nutrient === 'N' && found.season && textOf(found.season),
          render(need.why, kase.measures),
          ...need.remarks.map((remark) => render(remark, kase.measures)),
        ]
          .filter(Boolean)
          .map(String)
          .map(asSentence)
          .join(' ')}
      </Under>
      {need.checks.map((check) => (
        <p key={check.id} className="mt-1 text-sm">
          <span className="text-ink-2">
            {lead ? `${en.check}, ${textOf(check.label)}` : capital(textOf(check.label))}:{' '}
          </span>
          {check.amount ? (
            <Figure of={weighed(check.amount, kase.measures)}>
              {check.amount.value.v > 0 ? weight(check.amount.value.v, kase.measures) : en.none}
            </Figure>
          ) : (
            check.refusal && <Formula>{render(check.refusal)}</Formula>
          )}
          {check.difference !== undefined && <Apart share={check.difference} spread={answer!.spread} />}
        </p>
      ))}
      {need.credits && <Credits names={need.credits.names} taken={need.credits.taken} areaId={found.areaId} />}
      {found.use !== 'container' && <Overruled need={need} areaId={found.areaId} />}
      {answer && nutrient === 'N' && (
        <OwnSettings settings={answer.settings.filter(({ of }) => of === 'level')} areaId={found.areaId} />
      )}
      <Held need={need} areaId={found.areaId} />
    </Row>
  )
}

/** Bags bring it, in applications of their own. */
const isBagged = (answer: Answer, nutrient: MajorNutrient): boolean =>
  broughtBy(fedWith(answer, false)).some((supply) => supply.nutrient === nutrient && supply.supplied.value.v > 0)

/** Whether the laboratory knew of what its figure is lessened by: asked where it is lessened. */
function Credits({ names, taken, areaId }: { names: readonly CreditName[]; taken: boolean; areaId: string }) {
  const { kase, act } = useOpenCase()
  const report = reportOfArea(kase, areaId)
  const what = names.map((name) => en.credit[name]).join(', ')
  if (!report) return null
  const knew = async () => act(knowCredits(areaId, report.id, await signed(kase, what)))
  return (
    <p className="border-brim mt-2 border-l-4 pl-3 text-[14.5px]">
      {taken ? en.creditsTaken(what) : en.creditsKnown(what)}{' '}
      <Button kind="text" onClick={() => (taken ? void knew() : act(holdFigure(areaId, creditsKnown)))}>
        {taken ? en.laboratoryKnew : en.laboratoryDidNot}
      </Button>
    </p>
  )
}

const capital = (words: string) => `${words.charAt(0).toUpperCase()}${words.slice(1)}`
const asSentence = (words: string) => `${capital(words)}${/[.!?]$/.test(words) ? '' : '.'}`

/** The soil test on its scale, against the class that wants nothing more. */
function Rated({ need, found }: { need: Need<MajorNutrient>; found: AreaRecommendation }) {
  const { rating } = need
  const spread = useSpread(found.areaId)
  const element = need.of === 'P₂O₅' ? 'P' : 'K'
  if (!rating?.value || !rating.bounds || !found.crop || found.crop.phosphorusPotassium.method !== 'class-table')
    return null
  const { v, of } = rating.value.value
  const [, , medium, optimum] = rating.bounds
  const unit = of.split(' ')[0]!
  const shown = `${figure(v)} ${unit}`
  const wanted = `optimum ${figure(medium)} to ${figure(optimum)}`
  return (
    <Span
      from={0}
      to={optimum * 1.6}
      low={medium}
      high={optimum}
      value={v}
      lies={spread(element, v)}
      valueLabel={shown}
      spanLabel={wanted}
      label={`${shown}, ${classWords[rating.className]}; ${wanted}`}
    />
  )
}
