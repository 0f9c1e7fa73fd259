import { db } from './db'

/** A stored case and its history as they lie in the database, whatever they are. */
export async function rawCase(id: string): Promise<string> {
  const [kase, log] = await Promise.all([db.cases.get(id), db.edits.where('caseId').equals(id).toArray()])
  return JSON.stringify({ kase, log }, null, 1)
}
