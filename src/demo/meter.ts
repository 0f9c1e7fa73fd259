/** A pH meter, simulated or not. It is set by two buffers, and streams what it reads. */
export interface PHMeter {
  /** Puts it in a buffer, in the soil of a spot, or in the air. */
  readonly dip: (into: Into) => void
  /** Takes the present figure for the buffer's own. */
  readonly setBy: (buffer: 4 | 7) => void
  /** Both buffers were taken. */
  readonly isSet: () => boolean
  /** Calls back several times a second with what it shows. Returns how to stop. */
  readonly stream: (listener: (shown: Shown) => void) => () => void
}

export type Into =
  | { readonly kind: 'buffer'; readonly pH: 4 | 7 }
  | { readonly kind: 'soil'; readonly pH: number; readonly spot: string }

export interface Shown {
  readonly pH: number
  /** It has rested for some seconds. */
  readonly settled: boolean
}

const everyMs = 200
/** Seconds in which what is left to go falls to a third. */
const settling = 1.6
/** pH: noise of one figure, and drift an hour. */
const noise = 0.012
const driftPerHour = 0.4
/** Figures that must lie within this to have settled. */
const [restFor, restWithin] = [10, 0.06]

/**
 * A made-up meter: it reads off and too flat until both buffers are taken, creeps to a reading, trembles, and drifts.
 *
 * @param random numbers from 0 to 1
 * @param speed times the real pace; the demonstration hurries it
 */
export function simulatedMeter(random: () => number = Math.random, speed = 1): PHMeter {
  const error = { offset: (random() - 0.5) * 0.8, slope: 0.9 + random() * 0.08 }
  const set: Partial<Record<4 | 7, number>> = {}
  let target = 7
  let raw = 7
  let seconds = 0
  let shown: number[] = []
  const rawOf = (pH: number) => 7 + error.offset + (pH - 7) * error.slope
  const gaussian = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
  const read = (v: number): number => {
    const [at4, at7] = [set[4], set[7]]
    if (at7 === undefined) return v
    if (at4 === undefined) return v - at7 + 7
    return 7 + ((v - at7) * 3) / (at7 - at4)
  }
  return {
    dip(into) {
      target = rawOf(into.pH)
      shown = []
    },
    setBy(buffer) {
      set[buffer] = raw
    },
    isSet: () => set[4] !== undefined && set[7] !== undefined,
    stream(listener) {
      const timer = setInterval(() => {
        const step = (everyMs / 1_000) * speed
        seconds += step
        raw += (target - raw) * (1 - Math.exp(-step / settling))
        const pH = Math.round((read(raw + gaussian() * noise) + (driftPerHour * seconds) / 3_600) * 100) / 100
        shown = [...shown, pH].slice(-restFor)
        const settled = shown.length === restFor && Math.max(...shown) - Math.min(...shown) <= restWithin
        listener({ pH, settled })
      }, everyMs)
      return () => clearInterval(timer)
    },
  }
}
