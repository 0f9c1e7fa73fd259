import { caseShape, type Case } from './case'
import { valueAt, type Patch } from './changes'
import { misfitIn, reservedKeys, shapeAt, type Misfit } from '../shape/shape'

/** Corners of everything drawn in one case: a file of them stays far below what is read back. */
export const mostCornersInAll = 40_000

/** Steps of one edit. */
export const mostPatches = 5_000

/** What every write sets by itself, and no edit may. */
const stamps: readonly string[] = ['id', 'rev', 'schema', 'updatedAt']

/**
 * Where a change would put something into a case that its files could not hold; undefined where all of it fits. Looks at
 * what changes alone, so that it is cheap at every key.
 *
 * @param made the case with the change in it
 */
export function misfitOf(made: Case, patches: readonly Patch[]): Misfit | undefined {
  if (patches.length > mostPatches) return { path: [], why: 'many', most: mostPatches, is: patches.length }
  for (const patch of patches) {
    const found = misfitOfPatch(made, patch)
    if (found) return found
  }
  return patches.some(({ path }) => path[0] === 'areas' && (path.length < 3 || path[2] === 'shapes'))
    ? misfitOfCorners(made)
    : undefined
}

function misfitOfPatch(made: Case, { op, path, value }: Patch): Misfit | undefined {
  // What is of one kind or another is looked at as a whole: its fields belong together.
  const outer = path.map((_, i) => path.slice(0, i)).find((before) => shapeAt(caseShape, before)?.is === 'kinds')
  if (outer) return misfitIn(shapeAt(caseShape, outer)!, valueAt(made, outer), outer)
  const shape = shapeAt(caseShape, path)
  if (!shape || stamps.includes(path[0]!) || path.some((key) => reservedKeys.has(key))) return { path, why: 'other' }
  if (op === 'order') return isTwice(value as readonly string[]) ? { path, why: 'other' } : undefined
  if (op !== 'remove') return misfitIn(shape, value, path) ?? misfitOfMany(made, path)
  const holder = shapeAt(caseShape, path.slice(0, -1))
  return holder && ['list', 'record', 'some'].includes(holder.is) ? undefined : { path, why: 'other' }
}

/** One more in a list or record that is full, or one that is there already. */
function misfitOfMany(made: Case, path: readonly string[]): Misfit | undefined {
  const holder = path.slice(0, -1)
  const shape = shapeAt(caseShape, holder)
  if (shape?.is !== 'list' && shape?.is !== 'record') return undefined
  const entries = Object.values(valueAt(made, holder) as object)
  const { most = Infinity } = shape
  if (entries.length > most) return { path: holder, why: 'many', most, is: entries.length }
  const twice = shape.is === 'list' && isTwice(entries.map(({ id }: { id: string }) => id))
  return twice ? { path, why: 'other' } : undefined
}

const isTwice = (ids: readonly string[]): boolean => new Set(ids).size < ids.length

function misfitOfCorners({ areas }: Case): Misfit | undefined {
  const is = areas
    .flatMap(({ shapes }) => shapes)
    .reduce((sum, { outline }) => sum + (outline.kind === 'polygon' ? outline.points.length : 4), 0)
  return is > mostCornersInAll
    ? { path: ['areas', 'shapes', 'points'], why: 'many', most: mostCornersInAll, is }
    : undefined
}
