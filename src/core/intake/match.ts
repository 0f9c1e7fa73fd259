/** What is known of a case without opening it. */
export interface KnownCase {
  readonly id: string
  readonly client: string
  readonly place: string
  /** What is written on its bags and reports. */
  readonly codes: readonly string[]
}

/** Whose a sample of a file is. */
export interface Incoming {
  readonly client: string
  readonly place: string
  readonly code: string
}

/** By what a home was known, the surest first; `new`: by nothing, so that it is a case to be made. */
export type KnownBy = 'code' | 'name-and-place' | 'name' | 'new'

/** Samples of one client at one place, and the case that they belong to. */
export interface Home {
  readonly client: string
  readonly place: string
  /** Their places in the file. */
  readonly samples: readonly number[]
  readonly by: KnownBy
  /** Null: a case to be made, or, where several could be meant, one to be chosen. */
  readonly caseId: string | null
  /** The cases that could be meant, where somebody has to say. */
  readonly couldBe: readonly string[]
  /** Other homes of the file are of the same name. */
  readonly namesake: boolean
}

/**
 * A name or an address as it is compared: without case, accents, punctuation and the order of its words, so that
 * `Aldous, Henrike` and `henrike aldous` are one.
 */
export const folded = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .sort()
    .join(' ')

const code = (text: string): string => text.trim().toLowerCase()

/** The cases by what they may be known by. */
function indexed(cases: readonly KnownCase[]) {
  const index = {
    code: new Map<string, Set<string>>(),
    both: new Map<string, Set<string>>(),
    name: new Map<string, Set<string>>(),
  }
  const note = (map: Map<string, Set<string>>, key: string, id: string) =>
    key && map.set(key, (map.get(key) ?? new Set()).add(id))
  for (const { id, client, place, codes } of cases) {
    for (const one of codes) note(index.code, code(one), id)
    if (!folded(client)) continue
    note(index.name, folded(client), id)
    if (folded(place)) note(index.both, `${folded(client)}|${folded(place)}`, id)
  }
  return index
}

/**
 * Parts the samples of a file into homes, and finds the case of each: by the code on the bag, then by name and place. A
 * name alone is not enough where the file names a place and the case another one, nor where several cases bear it: then
 * somebody has to say.
 */
export function homesOf(samples: readonly Incoming[], cases: readonly KnownCase[]): readonly Home[] {
  const index = indexed(cases)
  const byId = new Map(cases.map((one) => [one.id, one]))
  const homes = new Map<string, { client: string; place: string; samples: number[]; found: Found }>()
  samples.forEach((sample, at) => {
    const found = foundFor(sample, index, byId)
    const key = found.caseId ?? (folded(sample.client) ? `${folded(sample.client)}|${folded(sample.place)}` : `#${at}`)
    const home = homes.get(key)
    if (home) home.samples.push(at)
    else homes.set(key, { client: sample.client, place: sample.place, samples: [at], found })
  })
  const names = new Map<string, number>()
  for (const { client } of homes.values()) names.set(folded(client), (names.get(folded(client)) ?? 0) + 1)
  return [...homes.values()].map(({ client, place, samples: own, found }) => ({
    client,
    place,
    samples: own,
    ...found,
    namesake: client !== '' && names.get(folded(client))! > 1,
  }))
}

type Found = Pick<Home, 'by' | 'caseId' | 'couldBe'>
const unknown: Found = { by: 'new', caseId: null, couldBe: [] }

function foundFor(sample: Incoming, index: ReturnType<typeof indexed>, byId: ReadonlyMap<string, KnownCase>): Found {
  const byCode = [...(index.code.get(code(sample.code)) ?? [])]
  if (byCode.length === 1) {
    const [caseId] = byCode as [string]
    const known = byId.get(caseId)!
    // A code of another client's is a code that was used twice.
    const fits = !folded(sample.client) || !folded(known.client) || folded(sample.client) === folded(known.client)
    return fits ? { by: 'code', caseId, couldBe: [] } : { by: 'code', caseId: null, couldBe: byCode }
  }
  const name = folded(sample.client)
  if (!name) return byCode.length > 1 ? { by: 'code', caseId: null, couldBe: byCode } : unknown
  const byBoth = folded(sample.place) ? [...(index.both.get(`${name}|${folded(sample.place)}`) ?? [])] : []
  if (byBoth.length === 1) return { by: 'name-and-place', caseId: byBoth[0]!, couldBe: [] }
  const byName = byBoth.length > 1 ? byBoth : [...(index.name.get(name) ?? [])]
  if (byName.length === 0) return unknown
  return { by: 'name', caseId: null, couldBe: byName }
}
