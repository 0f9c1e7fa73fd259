import type { Case } from '../case/case'

const letters = (text: string) =>
  text
    .normalize('NFD')
    .toUpperCase()
    .split(/[^A-Z0-9]+/)
    .filter(Boolean)

/** The initials of a name, up to three; of a single word its first letters. */
export function initials(name: string): string {
  const words = letters(name).filter((word) => !/^(AND|THE|OF|THE|A)$/.test(word))
  if (words.length === 0) return 'X'
  return words.length === 1
    ? words[0]!.slice(0, 2)
    : words
        .map((word) => word[0])
        .join('')
        .slice(0, 3)
}

/**
 * A code for a bag that nobody in the office has used: initials of the client and of the ground, the letter of the
 * device it was made on, and a number.
 *
 * @param device one letter, so that two devices without network cannot make the same
 * @param taken codes that there are, whatever their case
 * @example sampleCode('Vale End Primary School', 'Raised beds', 'A', new Set()) // 'VEP-RB-A1'
 */
export function sampleCode(client: string, ground: string, device: string, taken: ReadonlySet<string>): string {
  const used = new Set([...taken].map((code) => code.toUpperCase()))
  const stem = `${initials(client)}-${initials(ground)}-${device}`
  for (let n = 1; ; n += 1) if (!used.has(`${stem}${n}`)) return `${stem}${n}`
}

/** Every code that a case uses, as it is compared: in capitals. */
export const codesOf = ({ samples, reports }: Pick<Case, 'samples' | 'reports'>): string[] => [
  ...new Set([...samples, ...reports].map(({ code }) => code.trim().toUpperCase()).filter(Boolean)),
]
