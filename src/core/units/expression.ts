/**
 * The small arithmetic that workings are written in: + − × ÷ ^, brackets, names, and a few functions.
 * A derivation's value is what its expression evaluates to, so the formula stands in one place only.
 */
export type Token =
  | { readonly kind: 'number'; readonly text: string; readonly value: number }
  | { readonly kind: 'name'; readonly text: string }
  | { readonly kind: 'mark'; readonly text: string }

/** The number that stands under a name; undefined where none does. */
type Lookup = (name: string) => number | undefined
type Node = (of: Lookup) => number
interface Compiled {
  readonly node: Node
  /** Whether it takes any input. */
  readonly asks: boolean
}

/** `ceil` takes a number this close above a whole one for that whole one. */
const noise = 1e-12

const functions: Readonly<Record<string, (...args: number[]) => number>> = {
  sqrt: Math.sqrt,
  abs: Math.abs,
  min: Math.min,
  max: Math.max,
  ceil: (x) => Math.ceil(x - noise * Math.abs(x)),
}
const constants: Readonly<Record<string, number>> = { pi: Math.PI }

export const isFunctionName = (name: string): boolean => name in functions

/** Splits an expression into tokens. Throws SyntaxError on a character that is none. */
export function tokens(expression: string): Token[] {
  const pattern = /\s*(?:(\d+(?:\.\d+)?(?:e[+-]?\d+)?)|([A-Za-z_][A-Za-z0-9_]*)|([-+*/^(),]))/gy
  const found: Token[] = []
  const end = expression.trimEnd().length
  while (pattern.lastIndex < end) {
    const at = pattern.lastIndex
    const match = pattern.exec(expression)
    if (!match) throw new SyntaxError(`unreadable at ${at}: ${expression}`)
    const [, number, name, mark] = match
    if (number !== undefined) found.push({ kind: 'number', text: number, value: Number(number) })
    else if (name !== undefined) found.push({ kind: 'name', text: name })
    else found.push({ kind: 'mark', text: mark! })
  }
  return found
}

const powers: Readonly<Record<string, number>> = { '+': 1, '-': 1, '*': 2, '/': 2, '^': 4 }
const operations: Readonly<Record<string, (a: number, b: number) => number>> = {
  '+': (a, b) => a + b,
  '-': (a, b) => a - b,
  '*': (a, b) => a * b,
  '/': (a, b) => a / b,
  '^': (a, b) => a ** b,
}

/** Precedence climbing over the tokens; unary minus binds tighter than × and looser than ^. */
function compile(expression: string): Compiled {
  const stream = tokens(expression)
  let next = 0
  let asks = false
  const isMark = (text: string) => stream[next]?.kind === 'mark' && stream[next]!.text === text
  const expect = (text: string) => {
    if (!isMark(text)) throw new SyntaxError(`${text} expected: ${expression}`)
    next += 1
  }

  function operand(): Node {
    const token = stream[next++]
    if (!token) throw new SyntaxError(`ends too soon: ${expression}`)
    if (token.kind === 'number') return () => token.value
    if (token.kind === 'name') return isMark('(') ? call(token.text) : named(token.text)
    if (token.text === '-') {
      const inner = climb(3)
      return (of) => -inner(of)
    }
    if (token.text !== '(') throw new SyntaxError(`${token.text} not expected: ${expression}`)
    const inner = climb(1)
    expect(')')
    return inner
  }

  function call(name: string): Node {
    const f = functions[name]
    if (!f) throw new SyntaxError(`no function ${name}: ${expression}`)
    expect('(')
    const args = [climb(1)]
    while (isMark(',')) {
      next += 1
      args.push(climb(1))
    }
    expect(')')
    const [first, second] = args
    if (args.length === 1) return (of) => f(first!(of))
    return args.length === 2 ? (of) => f(first!(of), second!(of)) : (of) => f(...args.map((arg) => arg(of)))
  }

  function named(name: string): Node {
    asks ||= !(name in constants)
    return (of) => {
      const value = of(name) ?? constants[name]
      if (value === undefined) throw new ReferenceError(`no input ${name}: ${expression}`)
      return value
    }
  }

  function climb(least: number): Node {
    let left = operand()
    for (;;) {
      const token = stream[next]
      const power = token?.kind === 'mark' ? powers[token.text] : undefined
      if (!token || power === undefined || power < least) return left
      next += 1
      const operation = operations[token.text]!
      const [a, b] = [left, climb(token.text === '^' ? power : power + 1)]
      left = (of) => operation(a(of), b(of))
    }
  }

  const node = climb(1)
  if (next < stream.length) throw new SyntaxError(`goes on after its end: ${expression}`)
  return { node, asks }
}

const compiled = new Map<string, Node>()

/**
 * The value of an expression over named inputs.
 * Throws SyntaxError or ReferenceError: an expression is the program's own, never what somebody typed.
 *
 * @example evaluate('rate * (aim - pH)', { rate: 1.7, aim: 6.4, pH: 5.6 }) // 1.36
 */
export const evaluate = (expression: string, inputs: Readonly<Record<string, number>> = {}): number =>
  evaluateBy(expression, (name) => inputs[name])

/** The same over inputs that stand wherever `of` finds them. */
export function evaluateBy(expression: string, of: Lookup): number {
  const known = compiled.get(expression)
  if (known) return known(of)
  const { node, asks } = compile(expression)
  // One that asks for nothing is made of what somebody typed: it hardly comes again.
  if (compiled.size < 1_000 && asks) compiled.set(expression, node)
  return node(of)
}
