import 'fake-indexeddb/auto'
import * as fc from 'fast-check'
import { castDraft, type Draft } from 'immer'
import { blankArea } from '../core/case/blank'
import type { Case } from '../core/case/case'
import { createCase, editCase, front, goBackTo, logOf, redo, undo } from './cases'
import { db, keepSetting } from './db'
import { nextSteps, standing, type Edit } from './history'

const started = async (from: Partial<Case> = {}) => {
  const { id, written } = createCase(from)
  await written
  return id
}
/** A case without what every write changes. */
const content = async (id: string) => {
  const { rev, updatedAt, ...rest } = (await db.cases.get(id))!
  return { rest, stamps: [rev, updatedAt] }.rest
}
const at = (time: string) => jest.setSystemTime(new Date(time))

beforeEach(() => jest.useFakeTimers({ doNotFake: ['nextTick', 'setImmediate', 'setTimeout', 'queueMicrotask'] }))
afterEach(() => jest.useRealTimers())

test('typing in one field is one edit; a pause, another field or another person begins a new one', async () => {
  at('2026-03-01T10:00:00Z')
  const id = await started()
  for (const client of ['A', 'An', 'Ann']) await editCase(id, (draft) => void (draft.client = client))
  expect(await logOf(id)).toHaveLength(1)
  await editCase(id, (draft) => void (draft.place = 'P'))
  at('2026-03-01T10:00:04Z')
  await editCase(id, (draft) => void (draft.place = 'Pl'))
  await editCase(id, (draft) => void (draft.draftedBy = 'MV'))
  await editCase(id, (draft) => void (draft.place = 'Place'))
  const log = await logOf(id)
  expect(log.map((edit) => edit.patches.map((patch) => patch.path[0]).join())).toEqual([
    'client',
    'place',
    'place',
    'draftedBy',
    'place',
  ])
  expect(log[0]!.inverse[0]!.value).toBe('')
  expect(log.map((edit) => edit.by)).toEqual(['', '', '', 'MV', 'MV'])
})

test('a clock that was set back joins nothing that was typed on another day', async () => {
  at('2026-03-02T10:00:00Z')
  const id = await started()
  await editCase(id, (draft) => void (draft.client = 'of the second'))
  at('2026-03-01T10:00:00Z')
  await editCase(id, (draft) => void (draft.client = 'of the first'))
  expect(await logOf(id)).toHaveLength(2)
})

test('the last few edits tell what undo and redo take next, or say that they do not', () => {
  const kinds = fc.constantFrom('edit', 'edit', 'undo', 'redo', 'merge', 'joined') as fc.Arbitrary<Edit['kind']>
  let told = 0
  fc.assert(
    fc.property(fc.array(kinds, { maxLength: 40 }), fc.integer({ min: 1, max: 40 }), (all, few) => {
      const log = all.map((kind, seq) => ({ kind, seq }))
      const { done, undone } = standing(log)
      const found = nextSteps(log.slice(-few), few >= log.length)
      if (!found) return
      told += 1
      expect(found).toEqual({ undo: done.at(-1), redo: undone.at(-1) })
    }),
    { numRuns: 2_000 },
  )
  expect(told).toBeGreaterThan(1_000)
})

test('undo and redo are edits themselves, and a new edit ends the redoing', async () => {
  const id = await started({ client: 'start' })
  at('2026-03-01T10:00:00Z')
  await editCase(id, (draft) => void (draft.client = 'first'))
  await editCase(id, (draft) => void (draft.place = 'second'))
  expect(await undo(id)).toBe(true)
  expect(front(id).kase).toMatchObject({ client: 'first', place: '' })
  expect(await undo(id)).toBe(true)
  expect(front(id).kase).toMatchObject({ client: 'start', place: '' })
  expect(await undo(id)).toBe(false)
  expect(await redo(id)).toBe(true)
  expect(front(id).kase).toMatchObject({ client: 'first', place: '' })
  await editCase(id, (draft) => void (draft.place = 'otherwise'))
  expect(await redo(id)).toBe(false)
  expect((await logOf(id)).map((edit) => edit.kind)).toEqual(['edit', 'edit', 'undo', 'undo', 'redo', 'edit'])
  expect((await db.cases.get(id))!.rev).toBe(6)
})

test('an edit that changes nothing leaves no trace', async () => {
  const id = await started({ client: 'same' })
  await editCase(id, (draft) => void (draft.client = 'same'))
  expect(await logOf(id)).toEqual([])
  expect(await db.cases.get(id)).toMatchObject({ rev: 0 })
})

const anyRecipe: fc.Arbitrary<(draft: Draft<Case>) => void> = fc.oneof(
  fc.string({ maxLength: 6 }).map((text) => (draft: Draft<Case>) => void (draft.client = text)),
  fc.string({ maxLength: 6 }).map((text) => (draft: Draft<Case>) => void (draft.letter.note = text)),
  fc.uuid().map((id) => (draft: Draft<Case>) => void draft.areas.push(castDraft(blankArea(id, 'new')))),
  fc.nat({ max: 3 }).map((i) => (draft: Draft<Case>) => void draft.areas.splice(i, 1)),
  fc.tuple(fc.nat({ max: 3 }), fc.string({ maxLength: 5 })).map(([i, text]) => (draft: Draft<Case>) => {
    const area = draft.areas[i]
    if (area) area.size = { text, unit: 'ft²', value: null }
  }),
)

test('any edits, undone to the start, give the start; redone, the end; and any point can be gone back to', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(anyRecipe, { minLength: 1, maxLength: 8 }), fc.nat(), async (recipes, pick) => {
      const id = await started({ client: 'start', areas: [blankArea('a', 'A')] })
      const start = await content(id)
      const states = new Map<number, unknown>([[0, start]])
      let time = Date.parse('2026-03-01T10:00:00Z')
      for (const recipe of recipes) {
        jest.setSystemTime((time += 10_000))
        await editCase(id, recipe)
        const last = (await logOf(id)).at(-1)
        if (last) states.set(last.seq, await content(id))
      }
      const end = await content(id)
      while (await undo(id)) jest.setSystemTime((time += 10_000))
      expect(await content(id)).toEqual(start)
      while (await redo(id)) jest.setSystemTime((time += 10_000))
      expect(await content(id)).toEqual(end)
      const seqs = [...states.keys()]
      const seq = seqs[pick % seqs.length]!
      const went = await goBackTo(id, seq)
      expect(await content(id)).toEqual(states.get(seq))
      if (went && (await undo(id))) expect(await content(id)).toEqual(end)
    }),
    { numRuns: 60 },
  )
}, 300_000)

test('another person typing on in the same field begins an edit of her own', async () => {
  at('2026-03-01T10:00:00Z')
  const id = await started()
  await keepSetting('signer', 'MV')
  await editCase(id, (draft) => void (draft.client = 'A'))
  await keepSetting('signer', 'TB')
  await editCase(id, (draft) => void (draft.client = 'An'))
  expect((await logOf(id)).map(({ by }) => by)).toEqual(['MV', 'TB'])
  await db.settings.clear()
})

test('what is not yet written is not undone, nor anything before it', async () => {
  const id = await started({ client: 'start' })
  await editCase(id, (draft) => void (draft.client = 'first'))
  const refusing = jest.spyOn(db.cases, 'put').mockRejectedValue(new DOMException('', 'QuotaExceededError'))
  await editCase(id, (draft) => void (draft.place = 'waits'))
  refusing.mockRestore()
  const failing = jest.spyOn(db.cases, 'put').mockRejectedValueOnce(new DOMException('', 'QuotaExceededError'))
  expect(await undo(id)).toBe(false)
  failing.mockRestore()
  expect(front(id).kase).toMatchObject({ client: 'first', place: 'waits' })
})
