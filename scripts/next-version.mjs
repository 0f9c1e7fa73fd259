import {
  appendFileSync,
  cpSync,
  existsSync,
  mkdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { createHash } from 'node:crypto'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { filesIn, root } from './run.mjs'

/**
 * A next version of the app, built as one is: another schema of cases, another version of the database, other scripts.
 * What an old page meets when it is released can be tried with it.
 */
const number = Number(/caseSchemaNumber = (\d+)/.exec(readFileSync(join(root, 'src/core/case/schema.ts'), 'utf8'))[1])
const database = Math.max(
  ...[...readFileSync(join(root, 'src/store/db.ts'), 'utf8').matchAll(/db\.version\((\d+)\)/g)].map(([, n]) =>
    Number(n),
  ),
)
const changes = {
  'src/core/case/schema.ts': [[`caseSchemaNumber = ${number}`, `caseSchemaNumber = ${number + 1}`]],
  'src/schemas/migrations.ts': [
    [
      'const caseSteps: Readonly<Record<number, (kase: Old) => Old>> = {',
      `const caseSteps: Readonly<Record<number, (kase: Old) => Old>> = {\n  ${number}: (kase) => ({ ...kase, schema: ${number + 1}, remark: 'of the next version' }),`,
    ],
  ],
  'src/core/case/case.ts': [['oneOf(caseSchemaNumber)),', 'oneOf(caseSchemaNumber)),\n  remark: text(200),']],
  'src/store/db.ts': [
    [
      '/** The version declared last:',
      `db.version(${database + 1}).stores({ remarks: 'id' }).upgrade(migrateCases)\n\n/** The version declared last:`,
    ],
  ],
  'next.config.ts': [['poweredByHeader: false,', "poweredByHeader: false,\n  turbopack: { root: '/' },"]],
}

const parts = [
  'src',
  'public',
  'scripts',
  'next.config.ts',
  'postcss.config.mjs',
  'tsconfig.json',
  'package.json',
  'package-lock.json',
]

function copyTo(dir) {
  rmSync(dir, { recursive: true, force: true })
  mkdirSync(dir, { recursive: true })
  for (const part of parts) cpSync(join(root, part), join(dir, part), { recursive: true })
  symlinkSync(join(root, 'node_modules'), join(dir, 'node_modules'))
  for (const [file, steps] of Object.entries(changes))
    for (const [from, to] of steps) {
      const text = readFileSync(join(dir, file), 'utf8')
      if (text.split(from).length !== 2)
        throw new Error(`The next version changes ${file} where it says "${from}" once.`)
      writeFileSync(
        join(dir, file),
        text.replace(from, () => to),
      )
    }
  // Every script with words in it becomes another.
  for (const file of filesIn(join(dir, 'src')).filter((path) => path.endsWith('messages.ts')))
    appendFileSync(file, "\nObject.assign(globalThis, { agrologosVersion: 'next' })\n")
}

/** Outside of the project, so that nothing of it is checked or searched with the app. */
const nextVersion = join(
  tmpdir(),
  `agrologos-next-version-${createHash('sha256').update(root).digest('hex').slice(0, 8)}`,
)

/** Builds it, unless it stands for this very build; `node_modules/.agrologos-next-version` leads to it. */
export async function buildNextVersion() {
  const mark = join(nextVersion, 'built-for')
  const build = readFileSync(join(root, '.next/agrologos-build'), 'utf8')
  if (existsSync(mark) && readFileSync(mark, 'utf8') === build) return
  copyTo(nextVersion)
  await (await import(pathToFileURL(join(nextVersion, 'scripts/run.mjs')).href)).build()
  writeFileSync(mark, build)
  const link = join(root, 'node_modules/.agrologos-next-version')
  rmSync(link, { force: true })
  symlinkSync(nextVersion, link)
}

if (process.argv[1] === join(root, 'scripts/next-version.mjs')) void buildNextVersion()
