import { textures, type TextureId } from '../core/guides/soils'
import type { TestId } from '../core/guides/sampling'
import { smpRows } from '../core/guides/lime-tables'
import { ppmPerMeq } from '../core/units/factors'

/** What is sent to a laboratory. */
export interface Submission {
  readonly samples: readonly SubmittedSample[]
}

export interface SubmittedSample {
  readonly code: string
  readonly tests: readonly TestId[]
  readonly texture: TextureId | null
  /** in */
  readonly depth: number
}

/** What comes back for one sample, in the words of its report: fields as they are typed under Results. */
export interface LaboratoryReport {
  readonly code: string
  readonly laboratory: string
  readonly date: string
  readonly extractant: 'mehlich-3' | 'saturated-media'
  readonly buffer: 'SMP' | null
  readonly values: Readonly<Record<string, string>>
}

/** A laboratory, simulated or not: it takes a submission, and gives the reports once they are ready. */
export interface Laboratory {
  readonly submit: (submission: Submission) => Promise<Receipt>
  /** null while it still works on them. */
  readonly collect: (ticket: string) => Promise<readonly LaboratoryReport[] | null>
}

export interface Receipt {
  readonly ticket: string
  /** When the reports are likely there, ISO. */
  readonly readyAt: string
}

/** Numbers from 0 to 1 that a text decides (FNV-1a, then a multiplicative congruence). */
function numbersOf(text: string): () => number {
  let state = 2_166_136_261
  for (const letter of text) state = Math.imul(state ^ letter.codePointAt(0)!, 16_777_619) >>> 0
  return () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0
    return state / 4_294_967_296
  }
}

/** CEC, meq/100 g, that each texture has about. */
const cecOf: Readonly<Record<TextureId, number>> = {
  sand: 4,
  'sandy-loam': 7,
  loam: 12,
  'silt-loam': 15,
  'clay-loam': 18,
  clay: 25,
  muck: 40,
}

/**
 * Invented results that agree with each other: the bases and the acidity make up the CEC, the pH goes by the share of
 * the bases, and the buffer finds that acidity. The same code always gives the same.
 */
export function simulatedReport({ code, tests, texture }: SubmittedSample, date: string): LaboratoryReport {
  const next = numbersOf(code)
  const between = (low: number, high: number) => low + next() * (high - low)
  const base = { code, laboratory: 'Vale soil room (simulated)', date }
  if (tests.includes('media'))
    return {
      ...base,
      extractant: 'saturated-media',
      buffer: null,
      values: {
        pH: between(5.2, 6.6).toFixed(1),
        salts: between(0.4, 3.6).toFixed(2),
        nitrate: between(20, 220).toFixed(0),
        P: between(1, 20).toFixed(0),
        K: between(40, 320).toFixed(0),
        Ca: between(60, 260).toFixed(0),
        Mg: between(20, 110).toFixed(0),
      },
    }
  const kind = texture ?? (['sandy-loam', 'loam', 'clay-loam'] as const)[Math.floor(next() * 3)]!
  const cec = cecOf[kind] * between(0.85, 1.15)
  const saturation = between(0.45, 0.98)
  const acidity = cec * (1 - saturation)
  const pH = 4.4 + 2.6 * saturation
  const potassium = cec * between(0.02, 0.05)
  const magnesium = cec * saturation * between(0.12, 0.2)
  const calcium = cec * saturation - potassium - magnesium
  return {
    ...base,
    extractant: 'mehlich-3',
    buffer: 'SMP',
    values: {
      pH: pH.toFixed(1),
      bufferPH: bufferFor(acidity).toFixed(2),
      cec: cec.toFixed(1),
      acidity: acidity.toFixed(1),
      organicMatter: between(textures[kind].sandy ? 1.2 : 2, textures[kind].sandy ? 3 : 5.5).toFixed(1),
      P: between(8, 140).toFixed(0),
      K: (potassium * ppmPerMeq.K).toFixed(0),
      Ca: (calcium * ppmPerMeq.Ca).toFixed(0),
      Mg: (magnesium * ppmPerMeq.Mg).toFixed(0),
      ...(tests.includes('nitrate') && { nitrate: between(3, 30).toFixed(0) }),
      ...(tests.includes('salts') && { salts: between(0.3, 3.5).toFixed(2) }),
      ...(tests.includes('lead') && { lead: between(18, 160).toFixed(0) }),
      ...(tests.includes('micronutrients') && {
        Zn: between(0.8, 6).toFixed(1),
        Mn: between(8, 60).toFixed(0),
        Fe: between(40, 180).toFixed(0),
        Cu: between(0.4, 4).toFixed(1),
        B: between(0.2, 1.1).toFixed(1),
      }),
    },
  }
}

/** tons of the buffer’s own lime for 8 in that 1 meq/100 g takes: ½ ton of pure for 6⅔ in. */
const tonsPerMeq = (0.5 / 0.65) * (8 / (20 / 3))

/** The SMP reading whose table asks for the lime that this acidity takes. */
function bufferFor(acidity: number): number {
  const tons = Math.min(acidity * tonsPerMeq, smpRows[0]![1])
  const above = smpRows.findIndex(([, to70]) => to70 <= tons)
  const [low, high] = [smpRows[Math.max(above - 1, 0)]!, smpRows[Math.max(above, 1)]!]
  return low[0] + ((tons - low[1]) / (high[1] - low[1])) * (high[0] - low[0])
}
