import { spawn } from 'node:child_process'
import { createHash } from 'node:crypto'
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { createServer } from 'node:net'
import { basename, dirname, join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'

/** What the commands share. Only Node's own modules: these run before anything is installed. */
export const root = dirname(dirname(fileURLToPath(import.meta.url)))
const nextScript = join(root, 'node_modules/next/dist/bin/next')
export const serveScript = join(root, 'scripts/serve.mjs')
export const environment = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' }

/** Runs a command to its end; resolves with its exit code. */
export function run(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: root, stdio: 'inherit', env: environment, ...options })
    child.on('error', reject)
    child.on('close', (code, signal) => resolve(signal ? 1 : code))
  })
}

export async function must(what, command, args, options) {
  console.log(`\n— ${what}`)
  const code = await run(command, args, options)
  if (code !== 0) {
    console.error(`\n${what}: failed (exit ${code}).`)
    process.exit(code || 1)
  }
}

const mark = (name) => join(root, 'node_modules', `.agrologos-${name}`)
const hashOf = (paths) => {
  const hash = createHash('sha256').update(process.version)
  for (const path of paths) hash.update(relative(root, path)).update(readFileSync(path))
  return hash.digest('hex')
}
const stands = (file, hash) => existsSync(file) && readFileSync(file, 'utf8') === hash

export function filesIn(folder) {
  return readdirSync(folder, { withFileTypes: true })
    .flatMap((entry) => {
      const path = join(folder, entry.name)
      return entry.isDirectory() ? filesIn(path) : [path]
    })
    .sort()
}

/** Installs the packages of the lock file, unless they are there. */
export async function install() {
  const lock = hashOf([join(root, 'package-lock.json')])
  if (stands(mark('installed'), lock)) return
  await must('Installing packages', process.platform === 'win32' ? 'npm.cmd' : 'npm', [
    'install',
    '--no-save',
    '--no-audit',
    '--no-fund',
    '--loglevel=error',
  ])
  writeFileSync(mark('installed'), lock)
}

/** A port that nothing listens on. */
export const freePort = () =>
  new Promise((resolve, reject) => {
    const asking = createServer().once('error', reject)
    asking.listen(0, '127.0.0.1', () => {
      const { port } = asking.address()
      asking.close(() => resolve(port))
    })
  })

/** Takes the maps of the scripts out of what is served, each under its script's name: only `scripts/sizes.mjs` reads them. */
function setMapsAside() {
  const maps = join(root, '.next/maps')
  rmSync(maps, { recursive: true, force: true })
  mkdirSync(maps)
  for (const path of filesIn(join(root, '.next/static')).filter((one) => one.endsWith('.js'))) {
    const script = readFileSync(path, 'utf8')
    const [whole, map] = /\n?\/\/# sourceMappingURL=(\S+)\s*$/.exec(script) ?? []
    if (!map) continue
    copyFileSync(join(dirname(path), map), join(maps, `${basename(path)}.map`))
    writeFileSync(path, script.slice(0, -whole.length))
  }
  for (const path of filesIn(join(root, '.next/static')).filter((one) => one.endsWith('.map'))) rmSync(path)
}

/** The address of each page, as its folder in `src/app` has it. */
const pageAddresses = () =>
  filesIn(join(root, 'src/app'))
    .filter((path) => basename(path) === 'page.tsx')
    .map((path) => `/${relative(join(root, 'src/app'), dirname(path)).replaceAll('\\', '/')}`)

const inlineScripts = /<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g

/** The hashes of each prerendered page's inline scripts, for its content policy. */
function writeScriptHashes() {
  const pages = join(root, '.next/server/app')
  const hashes = {}
  for (const file of filesIn(pages).filter((path) => path.endsWith('.html'))) {
    const page = `/${relative(pages, file)
      .replaceAll('\\', '/')
      .replace(/\.html$/, '')
      .replace(/^index$/, '')}`
    const found = [...readFileSync(file, 'utf8').matchAll(inlineScripts)].map(
      ([, script]) => `sha256-${createHash('sha256').update(script).digest('base64')}`,
    )
    hashes[page] = [...new Set(found)]
  }
  writeFileSync(join(root, '.next/script-hashes.json'), JSON.stringify(hashes, null, 2))
}

const worker = join(root, 'public/sw.js')

/** The service worker, with the list of all that the app needs without network. Requests for data of pages go past it. */
async function writeServiceWorker() {
  const { generateSW } = await import('workbox-build')
  const revision = hashOf([join(root, '.next/BUILD_ID'), join(root, '.next/script-hashes.json')])
  const pages = pageAddresses()
  const files = filesIn(join(root, 'public')).filter((path) => path !== worker)
  const { warnings } = await generateSW({
    swDest: worker,
    globDirectory: join(root, '.next/static'),
    globPatterns: ['**/*'],
    modifyURLPrefix: { '': '/_next/static/' },
    dontCacheBustURLsMatching: /\/_next\/static\//,
    additionalManifestEntries: [
      ...pages.map((url) => ({ url, revision })),
      ...files.map((path) => ({ url: `/${relative(join(root, 'public'), path)}`, revision: hashOf([path]) })),
    ],
    ignoreURLParametersMatching: [/^(?!_rsc$)/],
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    inlineWorkboxRuntime: true,
    importScripts: ['/sw-parts.js'],
    // The solver of mixes is the largest part.
    maximumFileSizeToCacheInBytes: 5_000_000,
    sourcemap: false,
  })
  for (const warning of warnings) console.warn(warning)
}

/** What the reader of PDFs fetches to decode scanned pages, and the fonts that letters are set in. */
function copyPdfParts() {
  const to = join(root, 'public/pdf')
  mkdirSync(to, { recursive: true })
  for (const part of [
    'pdfjs-dist/wasm/jbig2.wasm',
    'pdfjs-dist/wasm/openjpeg.wasm',
    'source-serif/TTF/SourceSerif4-Regular.ttf',
    'source-serif/TTF/SourceSerif4-Semibold.ttf',
    'source-sans/TTF/SourceSans3-Regular.ttf',
    'source-sans/TTF/SourceSans3-Semibold.ttf',
  ])
    copyFileSync(join(root, 'node_modules', part), join(to, basename(part)))
}

/** Builds for production, unless the build stands for these very sources. */
export async function build() {
  const sources = [
    ...filesIn(join(root, 'src')).filter((path) => !/\.test\.tsx?$/.test(path)),
    ...filesIn(join(root, 'public')).filter((path) => path !== worker && !path.includes('public/pdf/')),
    ...['package-lock.json', 'next.config.ts', 'postcss.config.mjs', 'tsconfig.json', 'scripts/run.mjs'].map((name) =>
      join(root, name),
    ),
  ]
  const hash = hashOf(sources)
  copyPdfParts()
  const built = join(root, '.next/agrologos-build')
  if (stands(built, hash) && existsSync(worker)) return
  await must('Building', process.execPath, [nextScript, 'build'])
  setMapsAside()
  writeScriptHashes()
  await writeServiceWorker()
  mkdirSync(dirname(built), { recursive: true })
  writeFileSync(built, hash)
}

export const isFile = (path) => existsSync(path) && statSync(path).isFile()
