import type { NutrientCheck } from '@/core/needs/nutrients/need'
import type { Check } from '@/core/needs/reaction'
import { perPortion } from '@/core/passes/portions'
import type { Answer, AreaRecommendation } from '@/core/recommend'
import type { Working } from '@/core/workings'
import type { MajorNutrient } from '@/core/units/quantity'
import { area as areaWords, figure, rate as rateWords, rounding, weight, type Measures } from '@/wording/format'
import { render, textOf } from '@/wording/render'
import type { Sentence } from '@/core/told/sentence'

/** What the workings panel shows of one number. */
export interface Explained {
  /** The number, as it stands on the sheet. */
  readonly shown: string
  readonly of: string
  readonly working: Working
  readonly rounding: string
  readonly remarks: readonly Sentence[]
  readonly beside: readonly { readonly label: string; readonly value: string; readonly working?: Working }[]
}

/**
 * The number behind a key, as the recommendation has it now; null where it is no longer there.
 * Keys: `size`; `reaction`, `pass`, `rate`, `dug-in`, `check:ID`; a nutrient, `rate:NUTRIENT`, `own:NUTRIENT`;
 * `fertilizer`, `feed-pass`, `feed-rate`, `bags`, `lime-used`, `supply:NUTRIENT`; `other:ELEMENT`, `carrier:ELEMENT`; `portion:SHARE:OF`.
 */
export function find({ size, answer, use }: AreaRecommendation, key: string, measures: Measures): Explained | null {
  const [head, rest] = key.split(':') as [string, string | undefined]
  if (head === 'size')
    return size.ok ? explained(areaWords(size.value.area.value.v, measures), 'the size', size.value.area) : null
  if (!answer) return null
  const { reaction } = answer
  const weighed = (working: Working, of: string, extra: Partial<Explained> = {}) => ({
    ...explained(weight(working.value.v, measures), of, working),
    rounding: rounding(working.value.v, measures),
    ...extra,
  })
  if (head === 'reaction' || head === 'pass') {
    const { dose } = reaction
    if (!dose) return null
    const working = head === 'pass' ? dose.passes.each : dose.amount
    return weighed(working, textOf(dose.material.label), {
      remarks: dose.remarks,
      beside: [
        ...(dose.dugIn
          ? [{ label: 'if it were dug in, 6 in', value: weight(dose.dugIn.value.v, measures), working: dose.dugIn }]
          : []),
        ...reaction.checks.map((check) => besideIt(check, measures)),
      ],
    })
  }
  const perGround = (working: Working, of: string) => {
    const { amount, per } = rateWords(working.value.v, use, measures)
    return explained(`${amount} ${per}`, of, working)
  }
  if (head === 'dug-in')
    return reaction.dose?.dugIn ? weighed(reaction.dose.dugIn, textOf(reaction.dose.material.label)) : null
  if (head === 'rate') {
    const working = rest ? answer.needs.find((one) => one.nutrient === rest)?.rate : reaction.dose?.rate
    return working ? perGround(working, rest ?? textOf(reaction.dose!.material.label)) : null
  }
  if (head === 'feed-rate')
    return answer.fertilizer?.mix.ok
      ? perGround(answer.fertilizer.mix.value.rate, textOf(answer.fertilizer.material.label))
      : null
  if (head === 'check') {
    const check = reaction.checks.find((one) => one.id === rest)
    return check?.amount ? weighed(check.amount, textOf(check.label), { remarks: check.remarks }) : null
  }
  if (head === 'fertilizer' || head === 'bags' || head === 'supply' || head === 'feed-pass')
    return ofFertilizer(answer, head, rest, measures, weighed)
  if (head === 'lime-used') {
    const used = answer.fertilizer?.mix.ok ? answer.fertilizer.mix.value.limeUsed : undefined
    return used ? weighed(used, 'pure lime used up') : null
  }
  if (head === 'other' || head === 'carrier') {
    const need = answer.others.find((one) => one.nutrient === rest)
    const working = head === 'other' ? need?.amount : need?.product?.amount
    const of = head === 'other' ? rest! : textOf(need?.product?.material.label ?? { en: '' })
    return working ? weighed(working, of) : null
  }
  if (head === 'portion') {
    const working = portionOf(answer, key)
    return working ? weighed(working, 'a share of it') : null
  }
  if (head === 'own') {
    const check = answer.needs.find((one) => one.nutrient === rest)?.checks[0]
    return check?.amount ? weighed(check.amount, `${rest}, our own guide`) : null
  }
  const need = answer.needs.find((one) => one.nutrient === head)
  if (!need) return null
  if (!need.amount) return need.rate ? explained('none', need.nutrient, need.rate) : null
  return weighed(need.amount, need.nutrient, {
    beside: need.checks.map((check) => besideIt(check, measures)),
  })
}

function ofFertilizer(
  answer: NonNullable<AreaRecommendation['answer']>,
  head: string,
  rest: string | undefined,
  measures: Measures,
  weighed: (working: Working, of: string) => Explained,
): Explained | null {
  const mix = answer.fertilizer?.mix
  if (!mix?.ok) return null
  const { amount, bags, passes, supplies } = mix.value
  if (head === 'fertilizer') return weighed(amount, textOf(answer.fertilizer!.material.label))
  if (head === 'feed-pass') return weighed(passes.each, textOf(answer.fertilizer!.material.label))
  if (head === 'bags') return explained(figure(bags.value.v), 'bags', bags)
  const supply = supplies.find((one) => one.nutrient === (rest as MajorNutrient))!
  return weighed(supply.over ?? supply.supplied, `${rest} over or short`)
}

/** `portion:plant:fertilizer`, `portion:row:carrier:Zn`: a share of what that is. */
function portionOf({ portions, reaction, fertilizer, others, needs }: Answer, key: string): Working | undefined {
  const [, share, what, nutrient] = key.split(':')
  const portion = portions.find(({ of }) => of === share)
  const mix = fertilizer?.mix.ok ? fertilizer.mix.value : undefined
  const need = needs.find((one) => one.nutrient === nutrient)
  const amount =
    what === 'reaction'
      ? reaction.dose?.passes.each
      : what === 'fertilizer'
        ? mix?.passes.each
        : what === 'need'
          ? (need?.passes?.each ?? need?.amount)
          : others.find((one) => one.nutrient === nutrient)?.product?.amount
  return portion && amount && perPortion(amount, portion)
}

/** A check as a line: its amount, or why there is none. */
function besideIt({ label, amount, refusal }: Check | NutrientCheck, measures: Measures): Explained['beside'][number] {
  const value = amount ? weight(amount.value.v, measures) : refusal ? render(refusal, measures) : ''
  return { label: textOf(label), value, working: amount }
}

const explained = (shown: string, of: string, working: Working): Explained => ({
  shown,
  of,
  working,
  rounding: '',
  remarks: [],
  beside: [],
})
