/** Numbers from 0 to 1 that follow from a seed. Source: Mulberry32, a public-domain generator. */
export function randomFrom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }
}

/** One standard normal number. Source: Box and Muller 1958. */
export const normalFrom = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())

/**
 * The value below which this share of the sorted values lies, between two of them by their distance.
 *
 * @example quantile([1, 2, 3], 0.5) // 2
 */
export function quantile(sorted: readonly number[], share: number): number {
  const at = (sorted.length - 1) * share
  const [low, high] = [Math.floor(at), Math.ceil(at)]
  return sorted[low]! + (sorted[high]! - sorted[low]!) * (at - low)
}
