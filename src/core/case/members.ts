/** A set that several devices may fill: a record by id, so that what each of them added is kept when they meet. */
export type Members = Readonly<Record<string, true>>

/** @example membersOf([1, 3]) // { 1: true, 3: true } */
export const membersOf = (ids: Iterable<string | number>): Members =>
  Object.fromEntries([...ids].map((id) => [String(id), true as const]))

/** @example isMember({ a: true }, 'a') // true */
export const isMember = (members: Members, id: string | number): boolean => Object.hasOwn(members, id)

/** @example idsOf({ a: true, b: true }) // ['a', 'b'] */
export const idsOf = (members: Members): string[] => Object.keys(members)
