import type { Crop } from '../guides/crop'
import { mostPrinted, usualMost } from './hold'
import { isApplied } from './need'
import { rateUnits, type RateUnit } from '../units/rates'
import type { Report } from '../report/report'
import { buffers, type BufferKind } from '../report/buffers'
import { extractants, type Guide } from '../guides/guide'
import type { Limits } from '../guides/limits'
import type { Reaction } from './reaction'
import type { Doubt } from '../report/remedy'
import { say } from '../sentence/sentence'
import { unitOf } from '../reading/tests'
import { organicSoil } from '../reading/texture'
import type { ReadReport } from '../reading/soil'
import { measuredIn } from '../report/tests/index'

/** The sum of bases may pass the CEC by this share before it is doubted: laboratories round. */
const slack = 1.05
/** Bases below this share of the CEC, in soil that is not acid, leave too much unexplained. Source: common practice. */
const tooFew = 0.4

/** Buffers by the range in which they read; one of each stands for those that read alike. */
const families: readonly BufferKind[] = ['SMP', 'Adams–Evans']

/**
 * What in a report can hardly be so, and what to do about it. Nothing is blocked: the number stands as typed.
 * The bases are what the CEC counts, so together they cannot exceed it; where half of them would fit, lb/acre was
 * probably typed as ppm. Source: equivalent weights; organic matter, common practice.
 */
export function implausible(
  read: Pick<ReadReport, 'soil' | 'tests' | 'bases' | 'unnamed'>,
  report: Pick<Report, 'buffer' | 'measured'> | null,
  guide: Guide | null,
): Doubt[] {
  return [
    ...phosphorusDoubt(read, guide),
    ...matterDoubt(read),
    ...(report ? bufferDoubt(report) : []),
    ...unnamedDoubts(read),
    ...basesDoubt(read),
  ]
}

function phosphorusDoubt({ soil, tests }: Pick<ReadReport, 'soil' | 'tests'>, guide: Guide | null): Doubt[] {
  const { doubtedAbovePH } = guide?.underReadsP ?? {}
  const pH = soil.pH?.v
  if (!tests.P || doubtedAbovePH === undefined || pH === undefined || pH <= doubtedAbovePH) return []
  const extractant = extractants[guide!.extractant].label
  return [{ field: 'P', sentence: say('plausible.under-read-P', { pH, from: doubtedAbovePH, extractant }) }]
}

function matterDoubt({ soil }: Pick<ReadReport, 'soil'>): Doubt[] {
  const matter = soil.organicMatter?.v
  if (matter === undefined || matter <= organicSoil) return []
  return [{ field: 'organicMatter', sentence: say('plausible.organic-matter', { matter }) }]
}

/** A buffer whose kind, and salts whose extract, nobody named. */
function unnamedDoubts({ unnamed: { buffer, salts } }: Pick<ReadReport, 'unnamed'>): Doubt[] {
  return [
    ...(buffer === undefined
      ? []
      : [{ field: 'bufferPH' as const, sentence: say('plausible.buffer-unnamed', { v: buffer }) }]),
    ...(salts === undefined ? [] : [{ field: 'salts' as const, sentence: say('plausible.salts-unnamed') }]),
  ]
}

/** A reading that its own buffer cannot give, and another can. */
function bufferDoubt(report: Pick<Report, 'buffer' | 'measured'>): Doubt[] {
  const { buffer } = report
  const v = measuredIn(report, 'bufferPH').value
  if (!buffer || v === null) return []
  const fits = (kind: BufferKind) => v >= buffers[kind].field.low && v <= buffers[kind].field.high
  const other = families.find(fits)
  if (fits(buffer) || !other) return []
  const { low, high } = buffers[buffer].field
  return [
    {
      field: 'bufferPH',
      sentence: say('plausible.buffer-kind', { buffer, low, high, v, other }),
      remedy: { kind: 'buffer', buffer: other },
    },
  ]
}

function basesDoubt({ soil, tests, bases: each }: Pick<ReadReport, 'soil' | 'tests' | 'bases'>): Doubt[] {
  const bases = each.reduce((sum, { meq }) => sum + meq, 0)
  const cec = soil.cec?.v
  if (cec === undefined) return []
  const args = { bases, cec, which: each.map(({ base }) => base).join(' ') }
  if (bases > cec * slack) {
    const inPpm = each.map(({ base }) => base).filter((base) => tests[base] && unitOf(tests[base]) === 'ppm')
    const halved = bases / 2 <= cec * slack && inPpm.length === each.length
    return [
      halved
        ? {
            field: 'cec',
            sentence: say('plausible.bases-halved', args),
            remedy: { kind: 'unit', elements: inPpm, unit: 'lb/acre' },
          }
        : { field: 'cec', sentence: say('plausible.bases', args) },
    ]
  }
  const full = tests.Ca && tests.Mg && soil.pH && soil.pH.v >= 7
  return full && bases < cec * tooFew ? [{ field: 'cec', sentence: say('plausible.bases-few', args) }] : []
}

/** The method of ours that would lead comes to much more or much less than the laboratory asks for, of lime or sulfur. */
export function doseDoubts({ outcome, need }: Reaction, { spread }: Limits): Doubt[] {
  if (!isApplied(need) || need.lead?.by !== 'laboratory') return []
  const { checks } = need
  const first = checks.find(({ difference, rough }) => difference !== undefined && !rough)
  if (!first || Math.abs(first.difference!) <= spread) return []
  const field = outcome === 'sulfur' ? 'recommends.sulfur' : 'recommends.lime'
  const sentence = say('plausible.dose-apart', { method: first.label, difference: first.difference! })
  return [{ field, stands: true, sentence }]
}

/** In the order in which a unit is most likely meant: nutrients by the acre, lime on a lawn's thousand. */
const likelyUnits = {
  nutrient: ['lb/acre', 'kg/ha', 'lb/1000 ft²', 'g/m²'],
  lime: ['lb/1000 ft²', 'lb/acre', 'g/m²', 'kg/ha'],
} as const satisfies Record<string, readonly RateUnit[]>

/** Printed rates that no ground is usually given, each with the unit that would make it ordinary. */
export function rateDoubts({ recommends }: Pick<ReadReport, 'recommends'>, report: Report, crop: Crop): Doubt[] {
  const usual: Readonly<Partial<Record<RatedField, number>>> = crop.use === 'lawn' ? usualMost.turf : usualMost.bed
  return (Object.keys(mostPrinted) as RatedField[]).flatMap((of): Doubt[] => {
    const printed = recommends[of]
    if (!printed || (of === 'sulfur' && crop.acidRequiring)) return []
    const now = report.recommends[of].unit as RateUnit
    const inUnit = (unit: RateUnit) => printed * rateUnits[unit]
    const [rate, most] = [inUnit(now), usual[of] ?? mostPrinted[of]]
    if (rate <= most) return []
    const units = of === 'lime' ? likelyUnits.lime : likelyUnits.nutrient
    const unit = units.find((one) => inUnit(one) <= mostPrinted[of] && inUnit(one) <= rate / 2)
    const instead = unit ? inUnit(unit) : null
    const field = `recommends.${of}` as const
    return [
      {
        field,
        sentence: say('plausible.rate', { of, rate, most, unit: unit ?? null, instead }),
        ...(unit && { remedy: { kind: 'rate-unit', field, unit } as const }),
      },
    ]
  })
}

type RatedField = keyof typeof mostPrinted
