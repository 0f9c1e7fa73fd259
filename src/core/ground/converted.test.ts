import { converted } from './converted'

/** Exact, by 43,560 ft² in an acre and 2,000 lb in a ton. */
test.each<[string, object | undefined]>([
  ['1.5 t/ac on 640 ft2', { rate: 3000 / 43.56, sqFt: 640, lb: (3000 / 43_560) * 640 }],
  ['40 lb/1000 on 12x18', { rate: 40, sqFt: 216, lb: 8.64 }],
  ['2 lb/100 ft2', { rate: 20, sqFt: null, lb: null }],
  ['12x18', { rate: null, sqFt: 216, lb: null }],
  ['0.25 ac', { rate: null, sqFt: 10_890, lb: null }],
  ['2 tons/acre on the moon', undefined],
  ['toma', undefined],
  ['-3 lb/acre on 12x18', undefined],
  ['', undefined],
])('%s', (text, expected) => {
  const found = converted(text, 'feet')
  if (!expected) return expect(found).toBeUndefined()
  for (const [key, value] of Object.entries(expected)) {
    const is = found![key as 'lb']
    if (value === null) expect(is).toBeNull()
    else expect(is).toBeCloseTo(value as number, 6)
  }
})
