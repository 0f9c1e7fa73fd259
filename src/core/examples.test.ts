import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { quantity } from './units/quantity'
import { soilUnitWords } from './units/rates'
import { say } from './sentence/sentence'
import { blankArea } from './case/blank'
import { oneArea } from './testing/one-area'
import { given } from './units/workings'

/** The examples in docstrings, run: what they say comes out does, to the digits they show. */
const rooms = ['../core', '../wording', '../schemas'].map((room) => join(__dirname, room))
const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory()
      ? filesIn(join(folder, entry.name))
      : /(?<!\.test)\.ts$/.test(entry.name)
        ? [join(folder, entry.name)]
        : [],
  )

interface Example {
  readonly where: string
  readonly file: string
  readonly code: string
  readonly result: string
}
const examples = rooms.flatMap(filesIn).flatMap((file): Example[] =>
  [...readFileSync(file, 'utf8').matchAll(/@example (.+?)(?: \/\/ (.+?))?(?: \*\/)?\n/g)].map(
    ([, code, result = '']) => ({
      where: `${relative(__dirname, file)}: ${code!}`,
      file,
      code: code!.replace(/^const \w+(?:: [^=]+)? = /, ''),
      result,
    }),
  ),
)

/** What examples speak of without making it. */
const scope = {
  quantity,
  say,
  blankArea,
  soilUnits: soilUnitWords,
  kase: oneArea({ crop: 'tomato' }),
  area: given(quantity(32, 'ft²'), say('size.typed')),
}

function evaluated(code: string, names: Readonly<Record<string, unknown>>): unknown {
  return (new Function(...Object.keys(names), `return (${code})`) as (...of: unknown[]) => unknown)(
    ...Object.values(names),
  )
}

/** A result that is written as a value; undefined where it is told in words. */
function asValue(result: string): unknown {
  try {
    return evaluated(/= ([\d.]+)$/.exec(result)?.[1] ?? result, {})
  } catch {
    return undefined
  }
}

/** Everything that is written is so; numbers to the digits that are shown. */
function within(found: unknown, said: unknown): void {
  if (typeof said === 'number') expect(found).toBeCloseTo(said, String(said).split('.')[1]?.length ?? 0)
  else if (typeof said === 'object' && said !== null)
    for (const [key, value] of Object.entries(said)) within((found as Record<string, unknown>)[key], value)
  else expect(found).toBe(said)
}

test('there are examples', () => expect(examples.length).toBeGreaterThan(35))

test.each(examples)('$where', ({ file, code, result }) => {
  // eslint-disable-next-line @typescript-eslint/no-require-imports -- which module is known only here
  const found = evaluated(code, { ...scope, ...(require(file) as object) })
  const said = asValue(result.replace(', …', ''))
  if (said === undefined) expect(found).toBeDefined()
  else within(found, said)
})
