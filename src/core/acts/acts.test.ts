import { oneArea, typed } from '../testing/one-area'
import { guides } from '../guides/guides'
import { blankApplication, blankReport, blankSample } from '../case/blank'
import type { Case } from '../case/case'
import { membersOf } from '../case/members'
import { aYearLater } from './areas'
import { followSchool } from './choices'
import { scalePicture, setPicture } from './plan'
import { addReport, fillLine, leadWhereNewer } from './reports'
import { addSamples, needSamples, sendSamples } from './samples'

describe('what is done to a case', () => {
  const picture = { attachment: 'p', name: 'yard.png', width: 100, height: 50, x: -70, y: 35, feetPerPixel: 1.4 }

  test('a picture is sized by a known length, about the first of its points', () => {
    const laid = setPicture(picture)(oneArea({}))
    const scaled = scalePicture([0, 0], [20, 0], 40)(laid)
    expect(scaled.plan.picture).toEqual({ ...picture, feetPerPixel: 2.8, x: -140, y: 70 })
    expect(scalePicture([-70, 35], [-70, 15], 10)(laid).plan.picture).toMatchObject({
      x: -70,
      y: 35,
      feetPerPixel: 0.7,
    })
    expect(scalePicture([5, 5], [5, 5], 40)(laid)).toBe(laid)
    expect(setPicture(null)(laid).plan.picture).toBeNull()
  })

  test('a kit fills a line once, wherever the paper has it', () => {
    const report = { ...blankReport('r2'), kind: 'kit' as const, areas: membersOf(['a']) }
    const filled = fillLine('r2', 'pH', '6.4')(fillLine('r2', 'pH', '6.2')(addReport(report, guides)(oneArea({}))))
    const kit = filled.reports.find(({ id }) => id === 'r2')!
    expect(kit.measured.pH).toEqual(typed('6.4'))
    expect(kit.lines.filter(({ field }) => field === 'pH')).toHaveLength(1)
    expect(fillLine('none', 'pH', '6.4')(filled)).toEqual(filled)
  })

  test('only the samples that are sent bear the ticket', () => {
    const two = addSamples([blankSample('s1', 1), { ...blankSample('s2', 2), due: '2026-05-01' }])(oneArea({}))
    const sent = sendSamples(['s2'], 'ticket', '2026-04-02')(two)
    expect(sent.samples[0]).toBe(two.samples[0])
    expect(sent.samples[1]).toMatchObject({ ticket: 'ticket', sent: '2026-04-02', due: '' })
    expect(needSamples(false)(sent)).toMatchObject({ sampling: false, samples: sent.samples })
  })

  test('a school is followed on its own question', () =>
    expect(followSchool('retest', '2')(followSchool('bag', '1')(oneArea({}))).schools).toEqual({
      bag: '1',
      retest: '2',
    }))
})

/** Common practice: the newest report leads. */
describe('a report of a later day', () => {
  const dated = (id: string, date: string) => ({ ...blankReport(id), date, areas: { a: true as const } })
  const inForce = (kase: Case) => kase.areas[0]!.reportId
  test.each([
    ['2024-05-01', '2026-05-01', 'new'],
    ['2026-05-01', '2024-05-01', 'old'],
    ['2026-05-01', '2026-05-01', 'old'],
    ['', '2026-05-01', 'old'],
    ['2024-05-01', '', 'old'],
    ['2024-05-01', '2026', 'old'],
  ])('beside one of “%s”, one of “%s”: %s is in force', (old, later, leads) => {
    const one = { ...oneArea({}, null), reports: [dated('old', old)] }
    const before = { ...one, areas: one.areas.map((area) => ({ ...area, reportId: 'old' })) }
    expect(inForce(addReport(dated('new', later), guides)(before))).toBe(leads)
    expect(inForce(addReport({ ...dated('new', later), kind: 'kit' }, guides)(before))).toBe('old')
    const typedLater = addReport(dated('new', ''), guides)(before)
    const redated = {
      ...typedLater,
      reports: typedLater.reports.map((report) => (report.id === 'new' ? dated('new', later) : report)),
    }
    expect(inForce(leadWhereNewer('new', guides)(redated))).toBe(leads)
  })
})

test.each([
  ['2023', '2024'],
  ['2024-05', '2025-05'],
  ['2024-02-29', '2025-02-28'],
  ['2026', undefined],
  ['2025-11-27', undefined],
])('%s put on again a year later is %s, by 26 Nov 2026', (date, later) =>
  expect(aYearLater({ ...blankApplication('a', 'x', date), pass: 'x/lime/1' }, 'b', '2026-11-26')).toEqual(
    later === undefined ? undefined : { ...blankApplication('b', 'x', later), pass: null },
  ),
)
