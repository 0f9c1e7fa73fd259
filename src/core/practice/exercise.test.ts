import { defaultGuide, guides } from '../guides/guides'
import { guideRef } from '../guides/guide'
import { recommend } from '../recommend'
import { shippedProducts } from '../shelf/products'
import { isApplied } from '../needs/need'
import { exerciseOf, levels, markOf, topics } from './exercise'

const exercise = (seed: number, topic = topics[seed % topics.length]!, level = levels[seed % levels.length]!) =>
  exerciseOf(seed, topic, level, guideRef(defaultGuide), guides, shippedProducts)
const marked = (text: string, of: ReturnType<typeof exercise>) => {
  const mark = markOf(text, of, shippedProducts)
  if (!mark.ok) throw new Error(mark.refusal.key)
  return mark.value
}

test('of 500 seeds each has one right answer: it is marked right, and 30 % beside it is not', () => {
  for (let seed = 0; seed < 500; seed += 1) {
    const one = exercise(seed)
    expect(one.right).toBeGreaterThan(0)
    // The same figure by the one way in.
    const need = recommend(one.kase, guides, shippedProducts).areas[0]!.answer!.needs.find(({ of }) => of === one.of)
    expect(isApplied(need)).toBe(true)
    const lb = need!.amount!.value.v
    const share = one.product ? one.product.feeding!.grade.N / 100 : 1
    expect(one.right * share).toBeCloseTo(lb, 6)
    expect(marked(`${one.right.toPrecision(4)} lb`, one).right).toBe(true)
    expect(marked(`${(one.right * 1.3).toPrecision(4)} lb`, one).right).toBe(false)
    expect(marked(`${(one.right * 0.7).toPrecision(4)} lb`, one).right).toBe(false)
  }
})

test('the same seed is the same exercise, on any machine', () => {
  const whole = (one: ReturnType<typeof exercise>) => ({
    ...one,
    truth: { ...one.truth, otherwise: one.truth.otherwise() },
  })
  expect(whole(exercise(17, 'lime', 2))).toEqual(whole(exercise(17, 'lime', 2)))
  expect(exercise(17, 'lime', 2).right).not.toBe(exercise(18, 'lime', 2).right)
})

test('a wrong answer is marked with the slip that was made', () => {
  const lime = exercise(3, 'lime', 2)
  const slip = marked(`${(lime.right * 10).toPrecision(3)} lb`, lime)
  expect(slip.right).toBe(false)
  expect(slip.reading.explanations.flatMap(({ tells }) => tells.map(({ key }) => key))).toContain('slip.ground')
  const bag = exercise(4, 'bag', 1)
  const nitrogen = marked(`${((bag.right * bag.product!.feeding!.grade.N) / 100).toPrecision(3)} lb`, bag)
  expect(nitrogen.right).toBe(false)
  const phosphate = exercise(5, 'phosphate', 1)
  const element = marked(`${(phosphate.right / 2.2914).toPrecision(3)} lb`, phosphate)
  expect(element.reading.explanations[0]!.tells.map(({ key }) => key)).toContain('slip.element')
})

test.each(['', 'some', 'a lot of it', '-4 lb'])('“%s” is asked about', (text) => {
  expect(markOf(text, exercise(1), shippedProducts).ok).toBe(false)
})
