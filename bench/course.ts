import { guides } from '../src/core/guides/guides'
import { learn } from '../src/core/needs/learned'
import { courseOf } from '../src/core/plan/course'
import { recommend } from '../src/core/recommend'
import { shippedProducts } from '../src/core/shelf/products'
import { sampleCases } from '../src/demo/sample-cases'

/** How well tests teach a ground's buffering, and how long the course of an area takes. */
let seed = 16
const random = () => {
  seed = (seed * 1_664_525 + 1_013_904_223) % 4_294_967_296
  return (seed + 0.5) / 4_294_967_296
}
const normal = () => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random())

/** A laboratory's pH is out by 0.1, a composite of 10 cores by 0.25 / √10 more: common practice. */
const error = Math.hypot(0.1, 0.25 / Math.sqrt(10))
const runs = 4_000

console.log(
  'buffering learned from retests, each of a shift of 0.8: share of 4,000 within 20 % of the true one, median off',
)
for (const times of [0.6, 0.8, 1, 1.25, 1.5, 1.8]) {
  const found = [1, 2, 3].map((tests) => {
    const off = Array.from({ length: runs }, () => {
      const pHs = Array.from({ length: tests + 1 }, () => error * normal())
      const steps = Array.from({ length: tests }, (_, i) => ({
        predicted: 0.8,
        observed: 0.8 / times + pHs[i + 1]! - pHs[i]!,
        error: Math.SQRT2 * error,
      }))
      return Math.abs(learn(steps).times / times - 1)
    }).sort((a, b) => a - b)
    const within = off.filter((one) => one <= 0.2).length / runs
    return `${tests}: ${Math.round(100 * within)} %, ${(100 * off[runs / 2]!).toFixed(0)} %`
  })
  console.log(`  takes ${times} times the usual   ${found.join('   ')}`)
}

const kase = sampleCases.find(({ id }) => id === 'sample-returning')!
const area = recommend(kase, guides).areas[0]!
const times = Array.from({ length: 15 }, () => {
  const from = performance.now()
  courseOf(kase, area, guides, shippedProducts)
  return performance.now() - from
}).sort((a, b) => a - b)
console.log(`course of an area with three tests over six years: median ${times[7]!.toFixed(1)} ms (a frame is 16)`)
