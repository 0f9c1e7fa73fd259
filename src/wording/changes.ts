import type { WordedLetter } from './letter'

/** What is different in a letter from one of before, area by area and thing by thing. */
export interface LetterChanges {
  /** What goes on, how much and when. */
  readonly amounts: readonly LetterChange[]
  /** What may be the reason: the ground, the crop, the report, what is said of it. */
  readonly reasons: readonly LetterChange[]
}

/** Empty before: it is new; empty after: it is gone. */
export interface LetterChange {
  /** Empty where it is of the letter as a whole. */
  readonly areaId: string
  readonly area: string
  readonly what: string
  readonly before: string
  readonly after: string
}

/** Compares two letters in one language by their own words. */
export function changesBetween(before: WordedLetter, after: WordedLetter): LetterChanges {
  const ids = [...new Set([...before.areas, ...after.areas].map(({ id }) => id))]
  const amounts: LetterChange[] = []
  const reasons: LetterChange[] = []
  for (const id of ids) {
    const [was, is] = [before, after].map(({ areas }) => areas.find((one) => one.id === id))
    const of = { areaId: id, area: (is ?? was)!.name }
    amounts.push(...differing(of, rowsOf(was), rowsOf(is)))
    reasons.push(...differing(of, aboutOf(was), aboutOf(is)))
    if (was && is) reasons.push(...saidOf(of, was, is))
  }
  const basis = ({ foot }: WordedLetter) => new Map([['', foot.find((line) => line.id.endsWith('/basis'))?.ours ?? '']])
  return { amounts, reasons: [...differing(whole, basis(before), basis(after)), ...reasons] }
}

type Of = Pick<LetterChange, 'areaId' | 'area'>
const whole: Of = { areaId: '', area: '' }

type Area = WordedLetter['areas'][number] | undefined

/** A thing that goes on twice in one area is told apart by its turn. */
function rowsOf(area: Area): ReadonlyMap<string, string> {
  const found = new Map<string, string>()
  for (const { what, amount, when } of area?.rows ?? []) {
    let name = what
    while (found.has(name)) name += ' '
    found.set(name, `${amount}, ${when}`)
  }
  return found
}

const aboutOf = (area: Area): ReadonlyMap<string, string> =>
  new Map(area ? [['', [area.about, area.basis].filter(Boolean).join(', ')]] : [])

/** Sentences that are said no longer, and those that are new; what only an advisor's pen changed is no reason. */
function saidOf(of: Of, was: NonNullable<Area>, is: NonNullable<Area>): readonly LetterChange[] {
  const [old, now] = [was, is].map(({ says }) => new Map(says.map(({ id, ours }) => [id, ours])))
  return differing(of, old!, now!).map((one) => ({ ...one, what: '' }))
}

function differing(
  of: Of,
  before: ReadonlyMap<string, string>,
  after: ReadonlyMap<string, string>,
): readonly LetterChange[] {
  return [...new Set([...before.keys(), ...after.keys()])].flatMap((what) => {
    const [was, is] = [before.get(what) ?? '', after.get(what) ?? '']
    return was === is ? [] : [{ ...of, what: what.trim(), before: was, after: is }]
  })
}

/**
 * Two texts without the clauses at their end that are the same in both; whole where nothing else would be left.
 *
 * @example withoutCommon('193 lb, in 3 passes', '97 lb, in 3 passes') // ['193 lb', '97 lb']
 */
export function withoutCommon(before: string, after: string): readonly [string, string] {
  const [was, is] = [before, after].map((text) => text.split(/(?<=[,;]) /))
  let shared = 0
  while (shared < Math.min(was!.length, is!.length) - 1 && was!.at(-1 - shared) === is!.at(-1 - shared)) shared += 1
  const kept = (clauses: readonly string[]) =>
    shared === 0 ? clauses.join(' ') : clauses.slice(0, -shared).join(' ').replace(/[,;]$/, '')
  return [kept(was!), kept(is!)]
}
