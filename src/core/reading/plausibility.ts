import { extractants, type Guide } from '../guides/guide'
import { say, type Sentence } from '../sentence'
import { organicSoil } from './texture'
import type { ReadReport } from './soil'

/** The sum of bases may pass the CEC by this share before it is doubted: laboratories round. */
const slack = 1.05
/** Bases below this share of the CEC, in soil that is not acid, leave too much unexplained. Source: common practice. */
const tooFew = 0.4

/**
 * What in a report can hardly be so, and what to do about it. Nothing is blocked: the number stands as typed.
 * The bases are what the CEC counts, so together they cannot exceed it; where half of them would fit, lb/acre was
 * probably typed as ppm. Source: equivalent weights; organic matter, common practice.
 */
export function implausible(read: Pick<ReadReport, 'soil' | 'tests' | 'bases'>, guide: Guide | null): Sentence[] {
  const found: Sentence[] = []
  const { doubtedAbovePH } = guide?.underReadsP ?? {}
  const pH = read.soil.pH?.v
  if (read.tests.P && doubtedAbovePH !== undefined && pH !== undefined && pH > doubtedAbovePH)
    found.push(
      say('plausible.under-read-P', { pH, from: doubtedAbovePH, extractant: extractants[guide!.extractant].label }),
    )
  const matter = read.soil.organicMatter?.v
  if (matter !== undefined && matter > organicSoil) found.push(say('plausible.organic-matter', { matter }))
  const each = read.bases
  const bases = each.reduce((sum, { meq }) => sum + meq, 0)
  const cec = read.soil.cec?.v
  if (cec === undefined) return found
  const args = { bases, cec, which: each.map(({ base }) => base).join(' ') }
  if (bases > cec * slack)
    found.push(say(bases / 2 <= cec * slack ? 'plausible.bases-halved' : 'plausible.bases', args))
  const full = read.tests.Ca && read.tests.Mg && read.soil.pH && read.soil.pH.v >= 7
  if (full && bases < cec * tooFew) found.push(say('plausible.bases-few', args))
  return found
}
