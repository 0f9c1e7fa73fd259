import type { Act } from '../core/case/acts/act'
import { keepLetter } from '../core/case/acts/letters'
import type { Case } from '../core/case/case'
import type { GivenLetter } from '../core/case/decisions'
import { inTodaysSchema, soundCase } from './damage'
import { db, type Pile } from './db'
import { putNew } from './desk'
import { caseTables, judge, putChanged } from './put'

/** A case that a file makes, or what it does to one that is there. */
export type TakenHome =
  { readonly kind: 'new'; readonly kase: Case } | { readonly kind: 'known'; readonly id: string; readonly act: Act }

/** Cases between two words of progress. */
const beat = 25

/**
 * Puts what came of a file into the cases, all of it or nothing, with the pile that it makes. A case that is gone by now
 * or cannot be read is left out, and told.
 */
export async function takeHomes(
  homes: readonly TakenHome[],
  pile: Pile,
  onProgress: (share: number) => void = () => undefined,
): Promise<{ readonly leftOut: readonly string[] }> {
  const leftOut: string[] = []
  const written: Case[] = []
  await db.transaction('rw', [...caseTables, db.piles], async () => {
    for (const [i, home] of homes.entries()) {
      if (i % beat === 0) onProgress(i / homes.length)
      if (home.kind === 'new') {
        await putNew(home.kase)
        written.push(home.kase)
        continue
      }
      const stored = await db.cases.get(home.id)
      const sound = stored && soundCase(inTodaysSchema(stored))
      if (sound) written.push(await putChanged(sound, home.act(sound)))
      else leftOut.push(home.id)
    }
    await db.piles.put({ ...pile, caseIds: pile.caseIds.filter((id) => !leftOut.includes(id)) })
  })
  onProgress(1)
  void judgeAll(written)
  return { leftOut }
}

/** What each waits for comes after, a few at a time: it asks for every area's answer. */
async function judgeAll(cases: readonly Case[]): Promise<void> {
  for (const kase of cases) {
    await judge(kase).catch(() => undefined)
    await new Promise((rest) => setTimeout(rest))
  }
}

/** The latest first. */
export const readPiles = async (): Promise<readonly Pile[]> =>
  (await db.piles.toArray()).sort((a, b) => b.at.localeCompare(a.at))

/** Notes that somebody has looked at a case of a pile. */
export const seeInPile = (id: string, caseId: string): Promise<unknown> =>
  db.piles
    .where('id')
    .equals(id)
    .modify((pile) => {
      if (!pile.seen.includes(caseId)) Object.assign(pile, { seen: [...pile.seen, caseId] })
    })

export const removePile = (id: string): Promise<void> => db.piles.delete(id)

/** Keeps letters in their cases as they were handed out, all of them or none. */
export const keepLetters = (given: ReadonlyMap<string, GivenLetter>): Promise<void> =>
  db.transaction('rw', caseTables, async () => {
    for (const [id, letter] of given) {
      const stored = await db.cases.get(id)
      const sound = stored && soundCase(inTodaysSchema(stored))
      if (sound) await putChanged(sound, keepLetter(letter)(sound))
    }
  })
