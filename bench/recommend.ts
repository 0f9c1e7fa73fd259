import { guides } from '../src/core/guides/guides'
import { recommend } from '../src/core/recommend'
import { sampleCases } from '../src/demo/sample-cases'

/** Median time of one full recommendation, workings included, over the sample cases. */
const rounds = 3_000
const times: number[] = []
for (let i = 0; i < rounds; i += 1) {
  const kase = sampleCases[i % sampleCases.length]!
  const start = performance.now()
  recommend(kase, guides)
  times.push(performance.now() - start)
}
times.sort((a, b) => a - b)
const at = (share: number) => times[Math.floor(rounds * share)]!.toFixed(3)
console.log(
  `One full recommendation (${sampleCases.length} sample cases, 2 to 3 areas each): median ${at(0.5)} ms, 95 % under ${at(0.95)} ms. Aim: under 1 ms.`,
)
