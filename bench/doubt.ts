import { doubtsOf } from '../src/core/doubt/draws'
import { readFigure } from '../src/core/doubt/figure'
import { secondReading } from '../src/core/doubt/second-reading'
import { truthOf } from '../src/core/doubt/truth'
import { guides } from '../src/core/guides/guides'
import { shippedProducts } from '../src/core/shelf/products'
import { sampleCases } from '../src/demo/sample-cases'

/** How long a second reading takes, what is right worked out anew each time, over all areas of the sample cases. */
const figure = readFigure('46 lb lime per 1000 ft2', shippedProducts)
const times: number[] = []
for (let round = 0; round < 6; round += 1)
  for (const kase of sampleCases)
    for (const { id } of kase.areas)
      for (const of of ['lime', 'N', 'K₂O'] as const) {
        const from = performance.now()
        const truth = truthOf(kase, id, of, guides, shippedProducts)
        if (truth && figure.ok) secondReading({ ...figure.value, lb: { [of]: 46 } }, truth)
        times.push(performance.now() - from)
      }
const sorted = times.slice(times.length / 6).sort((a, b) => a - b)
const at = (share: number) => `${sorted[Math.floor((sorted.length - 1) * share)]!.toFixed(1)} ms`
console.log(`A second reading: median ${at(0.5)}, longest ${at(1)} (50 wanted)`)

/** Carrying errors through: one area of each sample case, and all areas of the one that has most. */
const drawn = (of: (typeof sampleCases)[number], areas: readonly string[]): number => {
  const from = performance.now()
  for (const id of areas) doubtsOf(of, id, guides, shippedProducts, { draws: 2_000, seed: 1 })
  return performance.now() - from
}
const each = sampleCases.map((kase) => drawn(kase, [kase.areas[0]!.id])).sort((a, b) => a - b)
console.log(
  `2,000 draws of one area, with what would narrow them: median ${each[Math.floor(each.length / 2)]!.toFixed(0)} ms, longest ${each.at(-1)!.toFixed(0)} ms (1,000 wanted)`,
)
