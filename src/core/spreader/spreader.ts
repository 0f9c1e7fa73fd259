import type { Spreader, Trial } from '../case/spreader'
import { fields, numberIn } from '../report/fields'
import { accept, refuse, say, type Outcome } from '../sentence/sentence'
import { feetPerMetre, poundsIn } from '../units/factors'
import { quantity } from '../units/quantity'
import type { Field, Typed } from '../units/typed'
import { derive, given, type Derived, type Given, type Working } from '../units/workings'

/** A trial that can be used: the setting, and what it put down. */
export interface Tried {
  readonly id: string
  readonly setting: number
  readonly rate: Derived<'lb product/1000 ft²'>
}

const inLb = (typed: Typed): number | undefined => {
  const v = numberIn(fields.hopper, typed)
  return v === undefined ? undefined : v * (poundsIn[typed.unit] ?? 1)
}
const inFt = (field: Field, typed: Typed): number | undefined => {
  const v = numberIn(field, typed)
  return v === undefined ? undefined : typed.unit === 'm' ? v * feetPerMetre : v
}

/** The ground that one pass covers, ft across; undefined while nobody measured it. */
export const swathOf = ({ swath }: Pick<Spreader, 'swath'>): number | undefined => inFt(fields.swath, swath)

/**
 * What a trial put down: weighed in, walked over a measured strip, weighed back. Refuses what spread nothing, or more than
 * was in. Source: common practice.
 */
export function triedRate(trial: Trial, swath: number): Outcome<Tried> {
  const [setting, distance] = [numberIn(fields.setting, trial.setting), inFt(fields.strip, trial.distance)]
  const [before, after] = [inLb(trial.before), inLb(trial.after)]
  if (setting === undefined || !distance || before === undefined || after === undefined)
    return refuse('spreader.incomplete')
  if (after >= before) return refuse('spreader.nothing-spread')
  const rate = derive(
    'lb product/1000 ft²',
    '(before - after) * 1000 / (swath * distance)',
    {
      before: given(quantity(before, 'lb product'), say('spreader.before'), 'reported'),
      after: given(quantity(after, 'lb product'), say('spreader.after'), 'reported'),
      swath: swathGiven(swath),
      distance: given(quantity(distance, 'ft'), say('spreader.distance'), 'reported'),
    },
    say('spreader.rate'),
    'practice',
  )
  return accept({ id: trial.id, setting, rate })
}

const swathGiven = (swath: number): Given<'ft'> => given(quantity(swath, 'ft'), say('spreader.swath'), 'reported')

/** What goes on each way: half of a pass north–south, the other half east–west. Source: common practice. */
export const halfPass = (pass: Working, area: Working<'ft²'>): Derived<'lb product/1000 ft²'> =>
  derive(
    'lb product/1000 ft²',
    'pass / ways * 1000 / area',
    { pass, ways: given(quantity(2, 'ways over the ground'), say('spreader.ways'), 'practice'), area },
    say('spreader.half'),
    'practice',
  )

/** A setting that puts down what is wanted, and how sure it is. */
export interface Setting {
  readonly setting: Derived<'setting'>
  /** How far the trials scatter about their line, by the scale; undefined of two, which lie on it. */
  readonly scatter?: number
  /** No trial put down as much, or as little. */
  readonly beyond: boolean
}

/** So far beyond the trials, as a share of their span, a setting is still told. Source: common practice. */
const farthest = 0.5

/**
 * The setting for a rate, by the straight line through the trials: of two between them, of more the one that comes nearest
 * to all of them. Refuses fewer than two settings, a line that does not rise, and a rate far from every trial.
 * Source: common practice.
 *
 * @param wanted lb of product per 1,000 ft² in one pass over the ground
 */
export function settingFor(wanted: Derived<'lb product/1000 ft²'>, tried: readonly Tried[]): Outcome<Setting> {
  const line = lineThrough(tried)
  if (!line.ok) return line
  const { at, rise, scatter } = line.value
  const rates = tried.map(({ rate }) => rate.value.v)
  const [low, high] = [Math.min(...rates), Math.max(...rates)]
  const room = farthest * (high - low)
  const { v } = wanted.value
  if (v < low - room || v > high + room) return refuse('spreader.far', { wanted: v, low, high })
  const setting = derive(
    'setting',
    '(wanted - start) / rise',
    {
      wanted,
      start: given(quantity(at, 'lb product/1000 ft²'), say('spreader.line-start'), 'practice'),
      rise: given(quantity(rise, 'lb product/1000 ft² each'), say('spreader.line-rise'), 'practice'),
    },
    say('spreader.setting'),
    'practice',
  )
  if (setting.value.v < 0) return refuse('spreader.far', { wanted: v, low, high })
  return accept({ setting, beyond: v < low || v > high, ...(scatter !== undefined && { scatter: scatter / rise }) })
}

/** What a setting puts down, by the same line; undefined where there is none. */
export function rateAt(setting: number, tried: readonly Tried[]): number | undefined {
  const same = tried.filter((one) => one.setting === setting)
  if (same.length > 0) return same.reduce((sum, { rate }) => sum + rate.value.v, 0) / same.length
  const line = lineThrough(tried)
  return line.ok ? Math.max(0, line.value.at + line.value.rise * setting) : undefined
}

interface Line {
  /** lb per 1,000 ft² at setting 0, and for each step of the scale. */
  readonly at: number
  readonly rise: number
  /** Standard deviation of the trials about it, lb per 1,000 ft², where there are more than two. */
  readonly scatter?: number
}

/** The least squares line of rate on setting. */
function lineThrough(tried: readonly Tried[]): Outcome<Line> {
  if (new Set(tried.map(({ setting }) => setting)).size < 2) return refuse('spreader.one-setting')
  const n = tried.length
  const mean = (of: (one: Tried) => number) => tried.reduce((sum, one) => sum + of(one), 0) / n
  const [x, y] = [mean(({ setting }) => setting), mean(({ rate }) => rate.value.v)]
  const over = (of: (one: Tried) => number) => tried.reduce((sum, one) => sum + of(one), 0)
  const rise =
    over(({ setting, rate }) => (setting - x) * (rate.value.v - y)) / over(({ setting }) => (setting - x) ** 2)
  if (!(rise > 0)) return refuse('spreader.not-rising')
  const at = y - rise * x
  const squares = over(({ setting, rate }) => (rate.value.v - at - rise * setting) ** 2)
  return accept({ at, rise, ...(n > 2 && { scatter: Math.sqrt(squares / (n - 2)) }) })
}

/** How the wheel goes over ground so wide: tracks, and how far the first one lies from the edge, ft. */
export interface Tracks {
  readonly count: number
  readonly first: number
  readonly apart: number
}

/** The fewest tracks that cover the ground, evenly apart, never further than the swath. */
export function tracksOver(width: number, swath: number): Tracks {
  const count = Math.max(1, Math.ceil(width / swath - 1e-9))
  const apart = width / count
  return { count, first: apart / 2, apart }
}
