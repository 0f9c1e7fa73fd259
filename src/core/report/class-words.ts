import { classNames, type ClassName } from '../guides/guide'

/**
 * Words and letters that stand for a class where a laboratory prints nothing else. “High” is taken as above optimum,
 * which asks for nothing. Source: common practice.
 */
const words: Readonly<Record<ClassName, readonly string[]>> = {
  'very-low': ['very low', 'vl', 'deficient'],
  low: ['low', 'l', 'poor'],
  medium: ['medium', 'med', 'm', 'moderate', 'fair'],
  optimum: ['optimum', 'optimal', 'opt', 'o', 'adequate', 'sufficient', 'good'],
  excess: ['high', 'h', 'very high', 'vh', 'excess', 'excessive', 'above optimum', 'surplus'],
}

const classOf = new Map(
  (Object.entries(words) as [ClassName, readonly string[]][]).flatMap(([name, those]) =>
    those.map((word) => [word, name] as const),
  ),
)

/**
 * The class that a word typed in the place of a number stands for.
 *
 * @example classOfWord('VL') // 'very-low'
 */
export const classOfWord = (text: string): ClassName | undefined =>
  classOf.get(text.trim().toLowerCase().replace(/\s+/g, ' ').replace(/\.$/, ''))

/**
 * The two classes between which a word lies: `low to medium`, as the reader of a kit puts it; of a single word twice the
 * same. Undefined for anything else, and where they run backwards.
 *
 * @example classesOfWords('low–medium') // ['low', 'medium']
 */
export function classesOfWords(text: string): readonly [ClassName, ClassName] | undefined {
  if (!/[a-z]/i.test(text)) return undefined
  const [first, second, more] = text.split(/\s*(?:–|—|-|\bto\b)\s*/)
  const low = classOfWord(first ?? '')
  const high = second === undefined ? low : classOfWord(second)
  if (!low || !high || more !== undefined) return undefined
  return classNames.indexOf(low) <= classNames.indexOf(high) ? [low, high] : undefined
}
