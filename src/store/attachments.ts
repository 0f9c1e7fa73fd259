import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex } from '@noble/hashes/utils.js'
import { v4 as newId } from 'uuid'
import { texts } from '../core/shape/limits'
import type { Attachment } from './db'

/** Pictures that can hold nothing but a picture, by their first bytes. */
const signatures: readonly (readonly [type: string, at: number, bytes: readonly number[]])[] = [
  ['image/png', 0, [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]],
  ['image/jpeg', 0, [0xff, 0xd8, 0xff]],
  ['image/webp', 8, [0x57, 0x45, 0x42, 0x50]],
]

/** What a picture is by its own bytes, whatever it is called; undefined for anything else, SVG included. */
export const pictureTypeOf = (bytes: Uint8Array): string | undefined =>
  signatures.find(([, at, signature]) => signature.every((byte, i) => bytes[at + i] === byte))?.[0]

export const largestPicture = 2_000_000
/** A photo under the plan. */
export const largestPhoto = 12_000_000

export type PictureFault = 'too-large' | 'svg' | 'not-a-picture'

/** What speaks against a picture, before it is decoded. */
export function pictureFault(bytes: Uint8Array, largest = largestPicture): PictureFault | undefined {
  if (bytes.length > largest) return 'too-large'
  if (pictureTypeOf(bytes)) return undefined
  return /<svg|<\?xml/i.test(new TextDecoder().decode(bytes.subarray(0, 1_000))) ? 'svg' : 'not-a-picture'
}

/** The paper of a report. */
export const largestOriginal = 25_000_000

const pdf = [0x25, 0x50, 0x44, 0x46] as const

/** What a file that may be kept is by its own bytes: a picture, or a PDF. */
export const kindOf = (bytes: Uint8Array): string | undefined =>
  pictureTypeOf(bytes) ?? (pdf.every((byte, i) => bytes[i] === byte) ? 'application/pdf' : undefined)

export type OriginalFault = 'too-large' | 'empty' | 'wrong-kind'

/** What speaks against a report's paper, before it is opened. */
export function originalFault(bytes: Uint8Array): OriginalFault | undefined {
  if (bytes.length > largestOriginal) return 'too-large'
  if (bytes.length === 0) return 'empty'
  return kindOf(bytes) ? undefined : 'wrong-kind'
}

/** Bytes as they are kept, with their kind and hash. */
export const attachmentOf = (owner: string, name: string, bytes: Uint8Array): Attachment => ({
  id: newId(),
  owner,
  name: name.slice(0, texts.fileName),
  type: kindOf(bytes) ?? 'application/octet-stream',
  sha256: bytesToHex(sha256(bytes)),
  bytes: new Uint8Array(bytes).buffer,
})
