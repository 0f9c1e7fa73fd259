import * as fc from 'fast-check'
import { anyCase, build } from '../src/core/testing/any-case'
import type { Case } from '../src/core/case/case'
import { guides } from '../src/core/guides/guides'
import { figures, recommend } from '../src/core/recommend'
import { sampleCases } from '../src/demo/sample-cases'

/** Times of a full recommendation, workings included, in ms. */
function timesOf(cases: readonly Case[], rounds: number): number[] {
  const times: number[] = []
  for (let i = 0; i < rounds; i += 1) {
    const start = performance.now()
    recommend(cases[i % cases.length]!, guides)
    times.push(performance.now() - start)
  }
  return times.sort((a, b) => a - b)
}

const at = (times: readonly number[], share: number) => times[Math.floor(times.length * share)]!.toFixed(3)
const told = (what: string, times: readonly number[]) =>
  console.log(`${what}: median ${at(times, 0.5)} ms, 95 % under ${at(times, 0.95)} ms. Aim: median under 0.2 ms.`)

told(`One full recommendation (${sampleCases.length} sample cases, 1 to 4 areas each)`, timesOf(sampleCases, 3_000))

const oneArea = sampleCases.flatMap((kase) =>
  kase.areas
    .filter((area) => area.seasons[kase.season]?.otherCrops.length === 0)
    .map((area) => ({ ...kase, areas: [area] })),
)
told('One area with one crop', timesOf(oneArea, 6_000))

const fourCrops = sampleCases.filter(({ areas }) =>
  areas.some(({ seasons }) => Object.values(seasons).some(({ otherCrops }) => otherCrops.length === 3)),
)
told('One area with four crops', timesOf(fourCrops, 3_000))

/** As an office meets them: its own schools, and now and then several crops on one ground. */
for (const several of [false, true]) {
  // Copied as a database hands them over.
  const random = fc
    .sample(anyCase, 10_000)
    .map((any) => structuredClone(build({ ...any, schools: {}, otherCrops: several ? any.otherCrops : [] })))
  const seconds = (of: typeof recommend | typeof figures) => {
    const start = performance.now()
    for (const kase of random) of(kase, guides)
    return ((performance.now() - start) / 1_000).toFixed(2)
  }
  console.log(several ? 'The same with up to three crops each:' : '10,000 random samples in one loop:')
  console.log(`  with all that is said of them ${seconds(recommend)} s; aim: under 2 s.`)
  console.log(`  the figures alone, as for what computes on, ${seconds(figures)} s.`)
}
