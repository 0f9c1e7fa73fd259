import * as fc from 'fast-check'
import { blankReport } from '../core/case/blank'
import { testIds } from '../core/guides/sampling'
import { textures, type TextureId } from '../core/guides/soils'
import { answer, typed } from '../core/testing/one-area'
import { implausible } from '../core/needs/plausibility'
import { readReport } from '../core/reading/soil'
import { defaultGuide } from '../core/guides/guides'
import { GET, POST } from '../app/api/v1/simulated-laboratory/route'
import { simulatedReport, type LaboratoryReport } from './laboratory'
import { simulatedMeter, type Shown } from './meter'
import { reportWith } from '../core/report/report-with'

const sample = fc.record({
  code: fc.string({ minLength: 1, maxLength: 12 }),
  tests: fc.subarray(testIds, { minLength: 1 }).filter((tests) => !tests.includes('media')),
  texture: fc.constantFrom(null, ...(Object.keys(textures) as TextureId[]).filter((id) => id !== 'muck')),
  depth: fc.constant(6),
})
const asReport = ({ values, buffer, extractant }: LaboratoryReport) =>
  reportWith(blankReport('r'), {
    extractant,
    buffer,
    saltsBy: 'saturated-paste' as const,
    ...Object.fromEntries(Object.entries(values).map(([name, text]) => [name, typed(text, 'ppm')])),
    cec: typed(values.cec!, 'meq/100 g'),
    acidity: typed(values.acidity!, 'meq/100 g'),
    organicMatter: typed(values.organicMatter!, '%'),
    pH: typed(values.pH!),
    bufferPH: typed(values.bufferPH!),
  })

describe('the simulated laboratory', () => {
  test('its figures agree: nothing is doubted, and the buffer and the acidity ask for about the same lime', () => {
    fc.assert(
      fc.property(sample, (one) => {
        const report = asReport(simulatedReport(one, '2026-11-24'))
        expect(implausible(readReport(report, { texture: one.texture }), report, defaultGuide)).toEqual([])
        const { reaction } = answer({ crop: 'asparagus', ground: 'dug' }, report)
        const acid = reaction.need?.checks.find(({ id }) => id === 'acidity')?.amount?.value.v
        // The acidity is all of it, to pH 7; the aim is 6.8. Printed to a tenth, a little acidity tells little.
        if (reaction.need?.lead?.id === 'smp' && acid && Number(report.measured.acidity?.text) >= 2)
          expect(acid / reaction.need.amount!.value.v).toBeGreaterThan(0.85)
      }),
      { numRuns: 500 },
    )
  })
  test('the same code gives the same, and another code another', () => {
    const of = (code: string) => simulatedReport({ code, tests: ['routine'], texture: 'loam', depth: 6 }, '2026-11-24')
    expect(of('A1')).toEqual(of('A1'))
    expect(of('A1').values).not.toEqual(of('A2').values)
  })

  const post = (body: string) => POST(new Request('http://127.0.0.1/', { method: 'POST', body }))
  const get = (ticket: string) => GET(new Request(`http://127.0.0.1/?${new URLSearchParams({ ticket })}`))
  const submission = JSON.stringify({ samples: [{ code: 'A1', tests: ['routine'], texture: null, depth: 6 }] })
  test('keeps nothing: the ticket tells when and what', async () => {
    process.env.AGROLOGOS_LABORATORY_SECONDS = '3600'
    const early = (await (await post(submission)).json()) as { ticket: string }
    expect(get(early.ticket).status).toBe(202)
    process.env.AGROLOGOS_LABORATORY_SECONDS = '0'
    const { ticket } = (await (await post(submission)).json()) as { ticket: string }
    expect(await get(ticket).json()).toMatchObject({
      reports: [{ code: 'A1', extractant: 'mehlich-3', buffer: 'SMP' }],
    })
  })
  test.each([
    ['nothing', '', 400],
    ['no samples', '{"samples":[]}', 400],
    ['a test nobody makes', submission.replace('routine', 'dowsing'), 400],
    ['one code twice', submission.replace(/\[\{(.*)\}\]/, '[{$1},{$1}]'), 400],
    ['too much', 'x'.repeat(200_001), 413],
  ])('%s is refused', async (_, body, status) => expect((await post(body)).status).toBe(status))
  test('a ticket of somewhere else is refused', () => expect(get('bm9uc2Vuc2U').status).toBe(400))
})

describe('the simulated meter', () => {
  /** A repeatable stand-in for chance. */
  const chance = (seed: number) => () => ((seed = (seed * 16_807) % 2_147_483_647) - 1) / 2_147_483_646
  beforeEach(() => void jest.useFakeTimers())
  afterEach(() => void jest.useRealTimers())
  test('reads off until both buffers are taken, then within a tenth of a pH once it has settled', () => {
    for (const seed of [3, 17, 99, 2_024]) {
      const meter = simulatedMeter(chance(seed))
      let last: Shown = { pH: 0, settled: false }
      const stop = meter.stream((shown) => (last = shown))
      const settle = () => {
        for (let i = 0; i < 200 && (i < 5 || !last.settled); i += 1) jest.advanceTimersByTime(200)
        return last
      }
      for (const pH of [7, 4] as const) {
        meter.dip({ kind: 'buffer', pH })
        jest.advanceTimersByTime(200)
        expect(last.settled).toBe(false)
        settle()
        meter.setBy(pH)
      }
      expect(meter.isSet()).toBe(true)
      for (const pH of [4.6, 6.2, 8.1]) {
        meter.dip({ kind: 'soil', pH, spot: '0' })
        jest.advanceTimersByTime(200)
        expect(settle()).toEqual({ pH: expect.closeTo(pH, 0), settled: true })
        expect(Math.abs(last.pH - pH)).toBeLessThan(0.15)
      }
      stop()
    }
  })
})
