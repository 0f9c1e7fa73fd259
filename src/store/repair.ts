import { readablePart } from '../schemas/case-file'
import { db } from './db'
import { caseTables, judge, put, stamped } from './put'

/**
 * Puts what can be read of a damaged case in its place. Its history stays to be looked at, and no longer fits it.
 * False where nothing of it can be read.
 */
export async function repairCase(id: string): Promise<boolean> {
  const mended = await db.transaction('rw', caseTables, async () => {
    const part = readablePart(await db.cases.get(id))
    return part && put(stamped(part.kase), [])
  })
  if (mended) await judge(mended)
  return mended !== undefined
}
