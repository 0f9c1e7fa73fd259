import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js'
import { v4 as newId } from 'uuid'
import type { Case } from '@/core/case/case'
import type { GivenLetter } from '@/core/case/decisions'
import { inputsOf } from '@/core/letter/inputs'
import { coreVersion } from '@/core/recommend'
import type { Paper } from '@/paper/paper'
import { db } from '@/store/db'
import { pdfInWorker } from '@/workers/paper'

export const hashOf = (kase: Case): string => bytesToHex(sha256(utf8ToBytes(inputsOf(kase))))

/** A letter to be kept whole, with what it was made from. */
export const asGiven = (kase: Case, paper: Paper, handed: boolean): GivenLetter => {
  const at = new Date().toISOString()
  return {
    id: newId(),
    at,
    by: kase.draftedBy,
    checkedBy: kase.checkedBy,
    language: paper.language,
    inputs: hashOf(kase),
    core: coreVersion,
    handed: handed ? at : null,
    document: JSON.stringify(paper),
  }
}

/** The office's logo, where it heads these papers. */
async function logoFor(papers: readonly Paper[]): Promise<Blob | null> {
  if (!papers.some(({ head }) => head)) return null
  const office = await db.office.get('office')
  const kept = office?.logo ? await db.attachments.get(office.logo) : undefined
  return kept ? new Blob([kept.bytes], { type: kept.type }) : null
}

export interface Handed {
  readonly file: Blob
  readonly withoutLogo: boolean
  /** Letters that stand there as boxes, since no font has them. */
  readonly missing: readonly string[]
}

/** Papers as one PDF; the logo is left out where it cannot be drawn. */
export async function pdfOf(papers: readonly Paper[], signal?: AbortSignal): Promise<Handed> {
  const logo = await logoFor(papers)
  const made = async (picture: Blob | null): Promise<Handed> => {
    const { bytes, missing } = await pdfInWorker(papers, picture, signal)
    const file = new Blob([bytes as BlobPart], { type: 'application/pdf' })
    return { file, withoutLogo: logo !== picture, missing }
  }
  try {
    return await made(logo)
  } catch (fault) {
    if (!logo || signal?.aborted) throw fault
    return made(null)
  }
}

/** A name that a person finds again. */
export const fileNameOf = ({ client, place }: Case, { letter }: Paper): string =>
  [client || place || 'letter', letter.date]
    .join(' ')
    .replace(/[\\/:*?"<>|]+/g, ' ')
    .trim()
