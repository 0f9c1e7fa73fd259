import type { ReadingLine } from '@/core/reading/lines'

/**
 * The lines of several readings, each once. Every reading has them in one order, of which each lacks some.
 *
 * @example inOrder([[{ id: 'pH' }, { id: 'K' }], [{ id: 'pH' }, { id: 'P' }, { id: 'K' }]]) // ['pH', 'P', 'K']
 */
export const inOrder = (readings: readonly (readonly Pick<ReadingLine, 'id'>[])[]): readonly string[] =>
  readings.reduce<readonly string[]>((ids, reading) => {
    let behind = 0
    return reading.reduce<readonly string[]>((now, { id }) => {
      const at = now.indexOf(id)
      if (at >= 0) behind = at + 1
      return at >= 0 ? now : now.toSpliced(behind++, 0, id)
    }, ids)
  }, [])
