import { sourceOf, type SourceRef } from '../core/units/sources'
import { isFunctionName, tokens } from '../core/units/expression'
import { isDerived, steps, type Derived, type Working } from '../core/units/workings'
import { figure, type Measures } from './format'
import { render } from './render'

/** One line of workings: the rule in words, the arithmetic with its numbers, and where rule and numbers come from. */
export interface Line {
  readonly rule: string
  readonly arithmetic: string
  readonly inputs: readonly { readonly label: string; readonly value: string; readonly source: string }[]
  readonly source: string
}

const marks: Readonly<Record<string, string>> = {
  '*': ' × ',
  '/': ' ÷ ',
  '+': ' + ',
  '-': ' − ',
  '^': '^',
  ',': ', ',
  '(': '(',
  ')': ')',
}
const functionWords: Readonly<Record<string, string>> = {
  ceil: 'round up ',
  sqrt: '√',
  max: 'the larger of ',
  min: 'the smaller of ',
}

/** The expression with its numbers filled in: `1.7 × (6.4 − 5.6)`. */
export function filledIn({ expression, inputs }: Derived): string {
  return tokens(expression)
    .map((token) => {
      if (token.kind === 'number')
        return token.value === Math.trunc(token.value) ? figure(token.value, 8) : figure(token.value)
      if (token.kind === 'mark') return marks[token.text]
      if (isFunctionName(token.text)) return functionWords[token.text] ?? token.text
      return token.text === 'pi' ? 'π' : figure(inputs[token.text]!.value.v)
    })
    .join('')
    .replace(/^\(\(([^()]*)\)\)/, '($1)')
}

/** `lb CaCO₃/1000 ft²` as one reads it. */
export const unitWords = (of: string): string =>
  of === 'passes' || of === 'bags'
    ? of
    : of
        .replace('1000 ft²', '1,000 ft²')
        .replace('reference lime', 'lime')
        .replace('fraction of CEC', '')
        .replace(/^lb product\/lb.*|^lb \S+\/lb .*/, 'of the weight')
        .replace('pH in water', '')
        .replace(/^.* buffer pH$/, '')

export function sourceLine(ref: SourceRef | undefined): string {
  if (!ref) return ''
  const { author, title, year, status, recalled } = sourceOf(ref)
  if (status === 'exact' || status === 'as reported') return title
  if (status === 'common practice') return `${title}${recalled ? ' · recalled' : ''}`
  return `${author} ${year ?? ''}: ${title}${recalled ? ' · recalled' : ''}`
}

/** Everything behind a number, in the order of the arithmetic; a source is named where it changes. */
export function derivation(working: Working, measures: Measures): Line[] {
  return steps(working)
    .filter((step) => step.expression !== '0')
    .map((step, i, all) => ({
      rule: render(step.rule, measures),
      arithmetic: `${filledIn(step)} = ${figure(step.value.v)} ${unitWords(step.value.of)}`.trim(),
      inputs: Object.values(step.inputs)
        .filter((input) => !isDerived(input))
        .map((input) => ({
          label: render((input as Exclude<Working, Derived>).label, measures),
          value: `${figure(input.value.v)} ${unitWords(input.value.of)}`.trim(),
          source:
            (input as Exclude<Working, Derived>).source === step.source
              ? ''
              : sourceLine((input as Exclude<Working, Derived>).source),
        })),
      source: step.source === all[i - 1]?.source ? '' : sourceLine(step.source),
    }))
}
