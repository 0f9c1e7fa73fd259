import Dexie from 'dexie'
import type { Act } from '../core/acts/act'
import { handOut } from '../core/acts/letters'
import type { Case } from '../core/case/case'
import type { GivenLetter } from '../core/case/decisions'
import { db, type Pile } from './db'
import { putNew, soundCases } from './desk'
import { caseTables, judge, putChanged } from './put'

/** A case that a file makes, or what it does to one that is there. */
export type TakenHome =
  | { readonly kind: 'new'; readonly kase: Case }
  | { readonly kind: 'known'; readonly id: string; readonly act: Act; readonly reports: number }

/** Cases between two words of progress. */
const beat = 25

/**
 * Puts what came of a file into the cases, all of it or nothing, with the pile that it makes. A case that is gone by now
 * or cannot be read is left out, and the pile says how many were. Rejects where it is stopped, and nothing is written then.
 */
export async function takeHomes(
  homes: readonly TakenHome[],
  pile: Pile,
  onProgress: (share: number) => void = () => undefined,
  signal?: AbortSignal,
): Promise<void> {
  const leftOut = new Set<string>()
  const written: Case[] = []
  let known = 0
  await db.transaction('rw', [...caseTables, db.piles], async () => {
    for (const [i, home] of homes.entries()) {
      if (i % beat === 0) {
        onProgress(i / homes.length)
        // The page has its turn, so that somebody can stop it, while the transaction is kept alive.
        await Dexie.waitFor(new Promise((rest) => setTimeout(rest)))
        signal?.throwIfAborted()
      }
      if (home.kind === 'new') {
        await putNew(home.kase)
        written.push(home.kase)
        continue
      }
      const [kase] = await soundCases([home.id])
      if (!kase) {
        leftOut.add(home.id)
        continue
      }
      const to = home.act(kase)
      known += home.reports - (to.reports.length - kase.reports.length)
      written.push(to === kase ? kase : await putChanged(kase, to))
    }
    const caseIds = pile.caseIds.filter((id) => !leftOut.has(id))
    await db.piles.put({ ...pile, caseIds, known, gone: leftOut.size })
  })
  onProgress(1)
  void judgeAll(written)
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

/** Takes a pile away, its cases stay; returns what puts it back. */
export async function removePile(id: string): Promise<() => Promise<unknown>> {
  const pile = await db.transaction('rw', db.piles, async () => {
    const found = await db.piles.get(id)
    await db.piles.delete(id)
    return found
  })
  return async () => pile && db.piles.put(pile)
}

/** Keeps letters in their cases as they were handed out, all of them or none. */
export const keepLetters = (given: ReadonlyMap<string, GivenLetter>): Promise<void> =>
  db.transaction('rw', caseTables, async () => {
    for (const [id, letter] of given) {
      const [kase] = await soundCases([id])
      if (kase) await putChanged(kase, handOut(letter)(kase))
    }
  })
