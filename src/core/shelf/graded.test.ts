import { productRef, type ProductRef } from './product'
import { productNamed } from './product-named'
import { shippedProducts } from './products'
import { graded, gradedRef } from './graded'

test.each([
  ['5-4-0', 'npk-5-4-0@1', [5, 4, 0]],
  ['15.5-0-0', 'npk-15d5-0-0@1', [15.5, 0, 0]],
  ['0-0-60', 'npk-0-0-60@1', [0, 0, 60]],
])('%s is a product', (grade, ref, [N, P, K]) => {
  expect(gradedRef(grade)).toBe(ref)
  const one = productNamed(shippedProducts, ref as ProductRef)!
  expect(one.feeding!.grade).toEqual({ N, 'P₂O₅': P, 'K₂O': K })
  expect(productRef(one)).toBe(ref)
  // One and the same, however often it is asked for.
  expect(graded(ref as ProductRef)).toBe(one)
})

test.each(['0-0-0', '60-40-1', '5-4', '5-4-0-0', 'a-b-c', '-5-4-0', '100-0-0', ''])('%s is none', (grade) =>
  expect(gradedRef(grade)).toBeUndefined(),
)

test('no other reference is taken for one', () => {
  for (const ref of ['npk-5-4@1', 'npk-5-4-0@2', 'npk-5-4-0-0@1', 'urea@1'] as const)
    expect(graded(ref)).toBeUndefined()
})
