import * as fc from 'fast-check'
import type { Trial } from '../case/spreader'
import { fields } from '../report/fields'
import { say } from '../sentence/sentence'
import { quantity } from '../units/quantity'
import { readTyped } from '../units/typed'
import { derive, given } from '../units/workings'
import { halfPass, rateAt, settingFor, swathOf, tracksOver, triedRate, type Tried } from './spreader'

const trial = (setting: string, distance: string, before: string, after: string): Trial => ({
  id: `${setting} ${before} ${after}`,
  setting: readTyped(setting, '', []),
  distance: readTyped(distance, 'ft', fields.strip.units),
  before: readTyped(before, 'lb', fields.hopper.units),
  after: readTyped(after, 'lb', fields.hopper.units),
})
const wanted = (v: number) =>
  derive(
    'lb product/1000 ft²',
    'v',
    { v: given(quantity(v, 'lb'), say('spreader.rate')) },
    say('spreader.rate'),
    'practice',
  )
const tried = (pairs: readonly (readonly [setting: number, rate: number])[]): Tried[] =>
  pairs.map(([setting, rate], i) => ({ id: String(i), setting, rate: wanted(rate) }))

// Common practice: rate = weight ÷ (swath × distance).
test.each([
  ['50', '20', '18', 8, 5],
  ['15.24 m', '20', '18', 8, 5],
  ['125', '10 lb', '96 oz', 8, 4],
])('over %s, %s lb in and %s back at %s ft of swath is %s lb per 1,000 ft²', (distance, before, after, swath, rate) => {
  const found = triedRate(trial('10', distance, before, after), swath)
  expect(found.ok && found.value.rate.value.v).toBeCloseTo(rate, 3)
})

test.each([
  [trial('10', '50', '20', '20'), 'spreader.nothing-spread'],
  [trial('10', '50', '20', '21'), 'spreader.nothing-spread'],
  [trial('10', '0', '20', '18'), 'spreader.incomplete'],
  [trial('', '50', '20', '18'), 'spreader.incomplete'],
  [trial('10', '50', 'much', '18'), 'spreader.incomplete'],
])('a trial that tells nothing says so', (one, key) =>
  expect(triedRate(one, 8)).toMatchObject({ ok: false, refusal: { key } }),
)

test('a swath of nothing is none', () => {
  expect(swathOf({ swath: readTyped('0', 'ft', fields.swath.units) })).toBeUndefined()
  expect(swathOf({ swath: readTyped('2.4 m', 'ft', fields.swath.units) })).toBeCloseTo(7.874, 3)
})

test('between two trials the setting lies on their line', () => {
  const two = tried([
    [10, 3],
    [14, 5],
  ])
  const found = settingFor(wanted(3.5), two)
  expect(found).toMatchObject({ ok: true, value: { setting: { value: { v: 11 } }, beyond: false } })
  expect(found.ok && found.value.scatter).toBeUndefined()
  expect(rateAt(12, two)).toBe(4)
  expect(settingFor(wanted(5.5), two)).toMatchObject({ ok: true, value: { beyond: true } })
})

test.each([
  [tried([[10, 3]]), 4, 'spreader.one-setting'],
  [
    tried([
      [10, 3],
      [10, 3.4],
    ]),
    3.2,
    'spreader.one-setting',
  ],
  [
    tried([
      [10, 5],
      [14, 3],
    ]),
    4,
    'spreader.not-rising',
  ],
  [
    tried([
      [10, 3],
      [14, 5],
    ]),
    40,
    'spreader.far',
  ],
  [
    tried([
      [10, 3],
      [14, 5],
    ]),
    0.1,
    'spreader.far',
  ],
])('%# is refused with a sentence', (trials, rate, key) =>
  expect(settingFor(wanted(rate), trials)).toMatchObject({ ok: false, refusal: { key } }),
)

test('three trials scatter about their line: by the scale, as the residuals say', () => {
  const found = settingFor(
    wanted(4),
    tried([
      [10, 3],
      [12, 4.3],
      [14, 5],
    ]),
  )
  // Line 4.1 + 0.5 (x − 12); residuals −0.1, 0.2, −0.1, so √(0.06) over a rise of 0.5.
  expect(found.ok && found.value.setting.value.v).toBeCloseTo(11.8, 9)
  expect(found.ok && found.value.scatter).toBeCloseTo(Math.sqrt(0.06) / 0.5, 9)
})

test('tracks cover the ground, evenly and never further apart than the swath', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 500, noNaN: true }),
      fc.double({ min: 0.5, max: 60, noNaN: true }),
      (width, swath) => {
        const { count, first, apart } = tracksOver(width, swath)
        expect(apart).toBeLessThanOrEqual(swath * (1 + 1e-6) || Infinity)
        expect(first + (count - 1) * apart + apart / 2).toBeCloseTo(width, 6)
      },
    ),
  ))

test('each way half of a pass: 8.7 lb on 1,000 ft² is 4.35 lb each way', () =>
  expect(
    halfPass(given(quantity(8.7, 'lb product'), say('mix.taken')), given(quantity(1_000, 'ft²'), say('size.typed')))
      .value.v,
  ).toBeCloseTo(4.35, 9))
