import { reactionOf, type Overrulable, type Signed } from '../case/decisions'
import type { Season } from '../case/season'
import { isDerived, type Working } from '../units/workings'
import type { Feeding } from './nutrients/method'
import { aimOf, limeAimOf, limeDepth, sulfurDepth, type Ground } from './candidate'
import { differ, isApplied, type Need } from './need'
import { ownAimIn, ownCapIn, ownDepthIn, ownLevelIn, withoutWord } from './overruled'
import { capFor, type Reaction } from './reaction'

/** A setting by the kind of overruling that may take its place. */
export type SettingOf = Exclude<Overrulable, 'amount' | 'method'>

/**
 * What figures go by, and what an advisor put in its place: an aim as pH in water, a depth in inches, a cap as lb per
 * 1,000 ft² (of lime as product, of sulfur as such), a level by its name.
 */
export interface Setting {
  readonly of: SettingOf
  /** The need that it is kept by. */
  readonly need: string
  /** As it is without a word of the advisor's. */
  readonly ours: number | Season['feeding']
  readonly own: OwnSetting | null
}

export interface OwnSetting extends Signed {
  readonly is: number | Season['feeding']
  /** What it stands in the place of was another when it was set. */
  readonly moved: boolean
  /** An amount of today goes by it. */
  readonly counts: boolean
}

/**
 * The settings of one area that count today or that an advisor put something in the place of.
 *
 * @param usual how the area is fed by what stands on Ground
 */
export function settingsOf(
  ground: Ground,
  { overrulings, crop }: Feeding,
  { outcome, need }: Reaction,
  majors: readonly Need[],
  usual: Season['feeding'],
): readonly Setting[] {
  const setting = (
    of: SettingOf,
    key: string,
    is: OwnSetting['is'] | undefined,
    ours: Setting['ours'],
    counts: boolean,
  ): Setting[] => {
    const word = overrulings(key, of)
    if (!word || is === undefined) return counts ? [{ of, need: key, ours, own: null }] : []
    const { reason, by, at, replaced } = word
    const moved = typeof ours === 'number' ? differ(replaced.value ?? undefined, ours) : replaced.text !== ours
    return [{ of, need: key, ours, own: { is, moved, counts, reason, by, at } }]
  }
  const by = need?.of ?? 'lime'
  const applied = need && isApplied(need) ? need : undefined
  const goesBy = (...rules: readonly string[]) => applied !== undefined && restsOn(applied.amount, rules)
  const fed = majors.find(({ of }) => of === 'N')
  return [
    ...setting(
      'aim',
      reactionOf,
      ownAimIn(overrulings),
      (by === 'lime' ? limeAimOf : aimOf)(withoutWord(ground, 'aim')),
      outcome === 'lime' || outcome === 'sulfur' || ownAimIn(overrulings) !== undefined,
    ),
    ...setting(
      'depth',
      reactionOf,
      ownDepthIn(overrulings),
      (by === 'lime' ? limeDepth : sulfurDepth)(withoutWord(ground, 'depth')).value.v,
      goesBy('depth.typed', 'depth.own', 'depth.usual-dug', 'depth.usual-surface', 'depth.usual-sulfur'),
    ),
    ...(['lime', 'sulfur'] as const).flatMap((of) =>
      setting('cap', of, ownCapIn(overrulings, of), capFor(of, withoutWord(ground, 'cap')).perPass, applied?.of === of),
    ),
    ...setting(
      'level',
      'N',
      ownLevelIn(overrulings),
      usual,
      fed?.rate !== undefined &&
        crop.nitrogen.unit !== 'lb N/tree' &&
        restsOn(fed.rate, ['nitrogen.low', 'nitrogen.high', 'nitrogen.usual-rate']),
    ),
  ]
}

/** Whether a figure goes back to a number that was given under one of these names. */
const restsOn = (working: Working, keys: readonly string[]): boolean =>
  isDerived(working)
    ? Object.values(working.inputs).some((one) => restsOn(one, keys))
    : keys.includes(working.label.key)
