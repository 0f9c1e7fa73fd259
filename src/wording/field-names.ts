/** Words of a language for what a report prints. */
interface FieldWords extends Readonly<Record<'lime' | 'sulfur' | 'limeDepth', string>> {
  readonly nutrients: Readonly<Record<string, string>>
  readonly tests: Readonly<Record<string, string>>
  readonly figureFor: (what: string) => string
}

const recommended = 'recommends.'

/** Fields of a report by name, in the words of a language: of `cec recommends.N`, `CEC, the figure for nitrogen`. */
export const fieldNames = (words: FieldWords) => {
  const { lime, sulfur, limeDepth } = words
  const names: Readonly<Record<string, string>> = { ...words.nutrients, ...words.tests, lime, sulfur, limeDepth }
  const nameOf = (field: string) =>
    field.startsWith(recommended) ? words.figureFor(names[field.slice(recommended.length)]!) : names[field]!
  return (fields: string): string => fields.split(' ').map(nameOf).join(', ')
}
