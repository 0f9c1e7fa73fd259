import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js'
import type { Case } from '../case/case'
import { majorsOf } from '../needs/need'
import type { Recommendation } from '../recommend'

/** Figures alike to so many digits are one need. */
const digits = 4

/**
 * What a mix rests on, as a hash: the crop, the size and the three needs of every area that it goes on. With another one
 * the mix stands for needs that are no longer so.
 */
export function mixInputs(areaIds: Iterable<string>, { areas }: Pick<Recommendation, 'areas'>): string {
  const ids = new Set(areaIds)
  const told = areas
    .filter(({ areaId }) => ids.has(areaId))
    .map(({ areaId, cropId, size, answer }) => [
      areaId,
      cropId,
      size.ok ? size.value.area.value.v.toPrecision(digits) : null,
      ...(answer ? majorsOf(answer) : []).map(({ of, outcome, barred, amount }) => [
        of,
        outcome,
        barred ?? null,
        amount?.value.v.toPrecision(digits) ?? null,
      ]),
    ])
    .sort(([a], [b]) => (a! < b! ? -1 : 1))
  return bytesToHex(sha256(utf8ToBytes(JSON.stringify(told))))
}

/** Whether a case's mix was made for other needs than those of today, or for an area that is gone. */
export const isStale = ({ mix }: Pick<Case, 'mix'>, recommendation: Pick<Recommendation, 'areas'>): boolean =>
  mix !== null &&
  mixInputs(
    mix.takes.map(({ areaId }) => areaId),
    recommendation,
  ) !== mix.inputs
