import type { Case } from '../case/case'

/**
 * Everything of a case that a letter is made from, as one text: the same text gives the same letter. Who signs, what was
 * handed out before, and what is only kept about the case are left out.
 */
export function inputsOf(kase: Case): string {
  const {
    rev: _rev,
    updatedAt: _at,
    letters: _given,
    calendarSent: _sent,
    draftedBy: _by,
    checkedBy: _checked,
    ...rest
  } = kase
  const { settled: _settled, ...decisions } = rest.decisions
  const { printedAt: _printed, frozen: _frozen, ...letter } = rest.letter
  return ordered({ ...rest, decisions, letter })
}

/** JSON whose keys stand in one order, however the object was made. */
const ordered = (value: unknown): string =>
  JSON.stringify(value, (_, one: unknown) =>
    one !== null && typeof one === 'object' && !Array.isArray(one)
      ? Object.fromEntries(Object.entries(one).sort(([a], [b]) => (a < b ? -1 : 1)))
      : one,
  )
