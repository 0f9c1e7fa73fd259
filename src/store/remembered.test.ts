import * as fc from 'fast-check'
import { produce, type Draft } from 'immer'
import type { Case } from '../core/case/case'
import { guides } from '../core/guides/guides'
import { recommend } from '../core/recommend'
import { shippedProducts } from '../core/shelf/products'
import { sampleCases } from '../demo/sample-cases'
import { typed } from '../core/testing/one-area'
import { recommendChanged } from './remembered'

const edits: readonly ((draft: Draft<Case>, n: number) => void)[] = [
  (draft, n) => void (draft.areas[n % draft.areas.length]!.seasons[draft.season]!.crop = n % 2 ? 'roses' : 'tomato'),
  (draft, n) => void (draft.areas[n % draft.areas.length]!.size = { text: `${n + 2}x10`, unit: 'ft²', value: null }),
  (draft, n) => void (draft.reports[n % draft.reports.length]!.measured.pH = typed((5 + (n % 30) / 10).toFixed(1))),
  (draft, n) => void (draft.climate = n % 2 ? 'warm' : 'cool'),
  (draft, n) => void (draft.measures = n % 2 ? 'metres' : 'feet'),
  (draft, n) => void (draft.schools['lime-pass'] = n % 2 ? '25' : '50'),
  (draft, n) => void (draft.plan.pace = typed(String(2 + (n % 3)), 'ft')),
  (draft, n) => void (draft.client = `Client ${n}`),
  (draft, n) => void (draft.areas.length > 1 && draft.areas.splice(n % draft.areas.length, 1)),
]

test('what is remembered is what would be computed, after any edits', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...sampleCases),
      fc.array(fc.tuple(fc.nat(edits.length - 1), fc.nat(50)), { maxLength: 12 }),
      (start, steps) => {
        let kase = start
        for (const [which, n] of steps) {
          kase = produce(kase, (draft) => edits[which]!(draft, n))
          expect(JSON.stringify(recommendChanged(kase, guides, shippedProducts))).toBe(
            JSON.stringify(recommend(kase, guides)),
          )
        }
      },
    ),
    { numRuns: 60 },
  )
})

test('an area is computed anew only when it, its own report or the case around it changed', () => {
  const kase = sampleCases.find(({ areas, reports }) => areas.length > 1 && reports.length > 1)!
  const [{ reportId }] = kase.areas as [Case['areas'][number]]
  /** Which areas of the case stay as they were computed. */
  const stay = (change: Partial<Case>) => {
    const before = recommendChanged(kase, guides, shippedProducts).areas
    return recommendChanged({ ...kase, ...change }, guides, shippedProducts).areas.map((area, i) => area === before[i])
  }
  const reports = kase.reports.map((one) => (one.id === reportId ? { ...one, code: 'x' } : one))
  expect(stay({ reports })).toEqual(kase.areas.map((area) => area.reportId !== reportId))
  expect(stay({ client: 'x' })).toEqual(kase.areas.map(() => true))
  expect(stay({ climate: 'warm' })).toEqual(kase.areas.map(() => false))
})
