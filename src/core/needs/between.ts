import { measuredIn, testedIn, type MeasuredField } from '../report/tests'
import type { Report } from '../report/report'
import { readLine, withLine } from '../report/lines'
import { boundsOf } from '../reading/uncertainty'
import { classesOfWords } from '../report/class-words'
import { say, toClient } from '../sentence/sentence'
import { differ, isApplied, lbNeeded, type Applied, type Need } from './need'
import type { Reaction } from './reaction'

/** What an area needs, by one reading of its report. */
export interface Needed {
  readonly reaction: Reaction
  readonly needs: readonly Need[]
}

/** So many ranges are tried each by itself; any more go up and down with those. */
const mostApart = 4

/** The report as it would be at every corner of the ranges that it leaves open; none where it leaves nothing open. */
export function cornersOf(report: Report): readonly Report[] {
  const open = testedIn(report).flatMap((field) => {
    const ends = endsOf(report, field)
    return ends ? [{ field, ends }] : []
  })
  const ways = open.length > 0 ? 2 ** Math.min(open.length, mostApart) : 0
  return Array.from({ length: ways }, (_, way) =>
    open.reduce((one, { field, ends }, i) => {
      const end = ends[(way >> (i % mostApart)) & 1]!
      return withLine(one, field, readLine(field, end, measuredIn(report, field).unit))
    }, report),
  )
}

/**
 * The two ends as they would be typed: of two class words the one and the other. The spots of a meter differ because the
 * ground does, which gets what their mean asks for.
 */
function endsOf(report: Report, field: MeasuredField): readonly [string, string] | undefined {
  const { text } = measuredIn(report, field)
  if (report.kind === 'meter' || text === '') return undefined
  const { low = null, high = null } = boundsOf(report, field) ?? {}
  if (low !== null && high !== null) return [String(low), String(high)]
  const [from, to] = classesOfWords(text) ?? []
  return from && to && from !== to ? [from.replace('-', ' '), to.replace('-', ' ')] : undefined
}

/**
 * The least of what a report with ranges on it may ask for: more can follow, and nothing can be taken back. Where the
 * ends part on whether to lime or acidify at all, the middle decides, and says so. Source: common practice.
 *
 * @param middle what the middle of each range asks for
 * @param corners what its ends ask for
 */
export function leastNeeded(middle: Needed, corners: readonly Needed[]): Needed {
  const reaction = leastReaction(
    middle.reaction,
    corners.map((one) => one.reaction),
  )
  const needs = middle.needs.map((need) =>
    need === middle.reaction.need
      ? reaction.need!
      : leastOf(
          need,
          corners.map((one) => one.needs.find(({ of }) => of === need.of)),
        ),
  )
  return { reaction, needs }
}

function leastReaction(middle: Reaction, corners: readonly Reaction[]): Reaction {
  const { need } = middle
  if (!isApplied(need)) return middle
  const alike = corners.filter(
    (one): one is Reaction & { need: Applied<'lime' | 'sulfur'> } => one.need?.of === need.of && isApplied(one.need),
  )
  const [least, most] = ends(alike, (one) => one.need.amount.value.v)
  if (!least || !most) return middle
  const high = most.need.amount.value.v
  if (alike.length < corners.length) return { ...middle, need: ranged(need, 0, high) }
  const low = least.need.amount.value.v
  return differ(low, high) ? { ...least, need: ranged(least.need, low, high) } : middle
}

function leastOf(middle: Need, corners: readonly (Need | undefined)[]): Need {
  const known = corners.flatMap((one) => (one?.outcome === 'apply' || one?.outcome === 'none' ? [one] : []))
  const [least, most] = ends(known, (one) => lbNeeded(one)!)
  if (!least || !most || known.length < corners.length) return middle
  const [low, high] = [lbNeeded(least)!, lbNeeded(most)!]
  return differ(low, high) ? ranged(least, low, high) : middle
}

function ends<One>(all: readonly One[], lb: (one: One) => number): readonly [One?, One?] {
  const sorted = [...all].sort((a, b) => lb(a) - lb(b))
  return [sorted[0], sorted.at(-1)]
}

/** A need that says what its test leaves open. */
const ranged = <N extends Need>(need: N, low: number, high: number): N => ({
  ...need,
  ranged: true,
  remarks: [toClient(say('short.range', { of: need.of, low, high, start: lbNeeded(need)! })), ...need.remarks],
})
