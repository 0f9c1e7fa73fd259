import { sampleCases } from '../../demo/sample-cases'
import { misfitIn } from '../shape/shape'
import { caseShape } from '../case/case'
import { copyForYear, joinCase } from './cases'

const [garden, hall] = sampleCases as [(typeof sampleCases)[number], (typeof sampleCases)[number]]
let n = 0
const copy = copyForYear(garden, 'copy', '2027', '2026-11-26T10:00:00.000Z', () => `new-${(n += 1)}`)

test('a case for another year has the ground and its crops, and nothing of what was found or done', () => {
  expect(copy).toMatchObject({
    id: 'copy',
    client: garden.client,
    season: '2027',
    reports: [],
    applications: [],
    letters: [],
  })
  expect(copy.areas.map(({ name, size }) => [name, size])).toEqual(garden.areas.map(({ name, size }) => [name, size]))
  for (const [i, area] of copy.areas.entries()) {
    expect(area).toMatchObject({ id: `new-${i + 1}`, reportId: null })
    expect(area.seasons['2027']!.crop).toBe(garden.areas[i]!.seasons[garden.season]!.crop)
  }
  expect(misfitIn(caseShape, copy)).toBeUndefined()
})

test('two cases in one have all of both, and each thing once', () => {
  const joined = joinCase(hall)(garden)
  expect(joined).toMatchObject({ id: garden.id, client: garden.client })
  for (const list of ['areas', 'reports', 'applications', 'samples'] as const)
    expect(joined[list].map(({ id }) => id)).toEqual([...garden[list], ...hall[list]].map(({ id }) => id))
  expect(joinCase(hall)(joined)).toEqual(joined)
  expect(misfitIn(caseShape, joined)).toBeUndefined()
})
