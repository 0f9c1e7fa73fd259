import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'

/** What people can be asked to read at one go on a screen. Source: plain-language practice. */
const mostWords = 20

/** Sentences of what stands in the source to be shown, each value in them one word. */
function sentencesIn(file: string): readonly string[] {
  const found: string[] = []
  const look = (node: ts.Node): void => {
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) found.push(node.text)
    if (ts.isTemplateExpression(node))
      found.push(node.head.text + node.templateSpans.map(({ literal }) => `X${literal.text}`).join(''))
    ts.forEachChild(node, look)
  }
  look(ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true))
  return found.flatMap((text) => text.split(/(?<=[.!?:;])\s+/))
}

const under = (room: string) =>
  readdirSync(room, { recursive: true, encoding: 'utf8' })
    .filter((name) => /(?<!\.test)\.ts$/.test(name))
    .map((name) => join(room, name))

const wordsIn = (sentence: string) => sentence.split(/\s+/).filter((word) => /[\p{L}\d]/u.test(word)).length

test('no sentence on a screen is longer than twenty words', () => {
  const files = [...under('src/features'), ...under('src/wording/en'), ...under('src/wording/interface')].filter(
    (file) => !file.startsWith('src/features') || file.endsWith('messages.ts'),
  )
  const sentences = files.flatMap(sentencesIn)
  expect(sentences.length).toBeGreaterThan(1_000)
  expect(sentences.filter((one) => wordsIn(one) > mostWords)).toEqual([])
})
