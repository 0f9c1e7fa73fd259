import type { Quantity } from '../units/quantity'
import type { Field } from '../units/typed'

interface BufferDefinition {
  /** The range in which it reads, and an example. */
  readonly field: Field
  /** As papers and files name it, in lower case. */
  readonly names: RegExp
}

const like = (low: number, high: number, example: string): Field => ({ units: [], low, high, example })

/**
 * Buffers in which laboratories read a second pH. The Sikora buffer was built to read like SMP, the Moore–Sikora buffer
 * like Adams–Evans. SMP and Adams–Evans read as their methods were published; Mehlich's low end is common practice.
 */
export const buffers = {
  SMP: { field: like(4.8, 7.0, '6.5'), names: /\bsmp\b/ },
  Sikora: { field: like(4.8, 7.0, '6.5'), names: /(?<!moore[\s–-]*)\bsikora\b/ },
  'Adams–Evans': { field: like(7.0, 8.0, '7.7'), names: /\badams[\s–-]*evans\b|\bae\b/ },
  'Moore–Sikora': { field: like(7.0, 8.0, '7.7'), names: /\bmoore[\s–-]*sikora\b/ },
  Mehlich: { field: like(4.0, 6.6, '6.1'), names: /\bmehlich(?= buffer)|\bbuffer mehlich\b/ },
} as const satisfies Record<string, BufferDefinition>

export type BufferKind = keyof typeof buffers
export const bufferKinds = Object.keys(buffers) as BufferKind[]
export type BufferPH<K extends BufferKind = BufferKind> = Quantity<`${K} buffer pH`>
