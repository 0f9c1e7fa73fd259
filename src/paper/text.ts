import { groundOf, saidOf, type Paper } from './paper'

/** A letter as plain text, for an email: its first page, and what is different from the one before. */
export function textOf({ head, letter, changes }: Paper): string {
  const { steps, areas, cautions, foot } = letter
  const parts: readonly (string | readonly string[])[] = [
    head ? [head.name, head.address] : '',
    [letter.title.toUpperCase(), letter.addressee, letter.date],
    letter.draft,
    ...areas.map((area) => [[area.name, groundOf(area)].filter(Boolean).join(' · '), saidOf(area)]),
    steps.length > 0 ? letter.stepsTitle.toUpperCase() : '',
    ...steps.map(({ when, rows }) => [
      when,
      ...rows.map(({ area, what, amount, measure, days, when: how }) => {
        const told = [[amount, measure].filter(Boolean).join('; '), days, how].filter(Boolean).join('. ')
        return `- ${[[area, what].filter(Boolean).join(', '), told].filter(Boolean).join(': ')}`
      }),
    ]),
    letter.toBuy.length > 0 ? [`${letter.toBuyTitle}:`, ...letter.toBuy.map((one) => `- ${one}`)] : '',
    changes ? [`${changes.title}:`, ...changes.lines.map((one) => `- ${one}`)] : '',
    letter.note,
    cautions.length > 0 ? [`${letter.cautionsTitle}:`, ...cautions.map(({ text }) => `- ${text}`)] : '',
    [head?.disclaimer ?? '', ...foot.map(({ text }) => text)],
    [...letter.signed],
  ]
  return `${parts
    .map((part) => (typeof part === 'string' ? part : part.filter(Boolean).join('\n')))
    .filter(Boolean)
    .join('\n\n')}\n`
}
