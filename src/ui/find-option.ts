/** One of a list, and what else it is called. */
export interface Named {
  readonly label: string
  readonly group: string
  readonly aka?: readonly string[]
}

/** A word without its plural: `blueberries` and `blueberry` are one. */
const singular = (word: string): string =>
  word.length > 4 && word.endsWith('ies')
    ? `${word.slice(0, -3)}y`
    : word.length > 4 && /(?:o|s|sh|ch|x)es$/.test(word)
      ? word.slice(0, -2)
      : word.length > 3 && word.endsWith('s') && !word.endsWith('ss')
        ? word.slice(0, -1)
        : word
const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .map(singular)

/** How well a name fits what was typed: 0 says it is that very name; undefined that it does not fit at all. */
function fit(wanted: readonly string[], { label, group, aka = [] }: Named): number | undefined {
  const names = [label, ...aka].map(wordsOf)
  const typed = wanted.join(' ')
  if (names.some((name) => name.join(' ') === typed)) return 0
  const begins = (name: readonly string[]) => wanted.every((word) => name.some((one) => one.startsWith(word)))
  if (names.some((name) => name.join(' ').startsWith(typed))) return 1
  if (names.some(begins)) return 2
  if (begins([...names.flat(), ...wordsOf(group)])) return 3
  return names.some((name) => name.join(' ').includes(typed)) ? 4 : undefined
}

/**
 * Those of a list that are meant by what was typed, the likeliest first: by their own names, other names and plurals.
 *
 * @example findOptions([{ label: 'bermuda lawn', group: 'Lawns', aka: ['bermudagrass'] }], 'bermudagrass')
 */
export function findOptions<Option extends Named>(options: readonly Option[], query: string): readonly Option[] {
  const wanted = wordsOf(query)
  if (wanted.length === 0) return options
  return options
    .flatMap((option, at) => {
      const how = fit(wanted, option)
      return how === undefined ? [] : [{ option, how, at }]
    })
    .sort((a, b) => a.how - b.how || a.at - b.at)
    .map(({ option }) => option)
}
