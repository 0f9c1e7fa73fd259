import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { environment, root, run } from '../scripts/run.mjs'

/**
 * Faults made on purpose, at thresholds, caps, intervals, factors and guards of the store, one at a time in a copy of what
 * is committed. Prints those that no unit test notices.
 */
const mutants = [
  ['src/core/reading/classify.ts', '(upTo) => v <= upTo', '(upTo) => v < upTo'],
  ['src/core/reading/classify.ts', 'low: value.value.v < lowBelow', 'low: value.value.v <= lowBelow'],
  ['src/core/reading/classify.ts', 'cec! > row.cecOver', 'cec! >= row.cecOver'],
  ['src/core/reading/classify.ts', 'cec! >= row.cecFrom', 'cec! > row.cecFrom'],
  ['src/core/reading/lead.ts', 'ppm > lead.noFood', 'ppm >= lead.noFood'],
  ['src/core/reading/lead.ts', 'ppm > lead.screening', 'ppm >= lead.screening'],
  ['src/core/reading/lead.ts', 'ppm > lead.precaution', 'ppm >= lead.precaution'],
  ['src/core/reading/salts.ts', 'salts.v <= upTo', 'salts.v < upTo'],
  ['src/core/reading/salts.ts', 'sar >= sodicFrom.sar', 'sar > sodicFrom.sar'],
  ['src/core/reading/salts.ts', 'esp.value.v >= sodicFrom.esp', 'esp.value.v > sodicFrom.esp'],
  ['src/core/reading/salts.ts', 'read.soil.pH.v > sodicFrom.pHAbove', 'read.soil.pH.v >= sodicFrom.pHAbove'],
  ['src/core/reading/salts.ts', 'salts.v > bears.upTo', 'salts.v >= bears.upTo'],
  ['src/core/needs/reaction.ts', 'if (pH < where.trigger)', 'if (pH <= where.trigger)'],
  ['src/core/needs/reaction.ts', 'if (pH <= high)', 'if (pH < high)'],
  ['src/core/needs/reaction.ts', 'pH > limits.sulfur.notAbovePH', 'pH >= limits.sulfur.notAbovePH'],
  ['src/core/needs/reaction.ts', 'need.rate.value.v > most', 'need.rate.value.v >= most'],
  ['src/core/needs/nutrients/minors.ts', 'acre.value.v > perYear', 'acre.value.v >= perYear'],
  ['src/core/needs/nutrients/majors.ts', 'if (sandy) return', 'if (!sandy) return'],
  ['src/core/recommend.ts', 'cec.v < limits.sandyBelowCec', 'cec.v <= limits.sandyBelowCec'],
  ['src/core/bags/fertilizers.ts', 'slow >= 0.5', 'slow > 0.5'],
  ['src/core/bags/supply.ts', 'pH >= phosphateBelowPH', 'pH > phosphateBelowPH'],
  ['src/core/needs/split.ts', 'perYear < count', 'perYear <= count'],
  ['src/core/needs/split.ts', 'Math.floor((cap.perYear', 'Math.ceil((cap.perYear'],
  ['src/core/told/several.ts', 'const apart = 0.25', 'const apart = 0.35'],
  ['src/core/guides/limits.ts', 'surfacePerPass: 50', 'surfacePerPass: 55'],
  ['src/core/guides/limits.ts', 'daysApart: 30', 'daysApart: 20'],
  ['src/core/guides/limits.ts', 'slowDaysApart: 42', 'slowDaysApart: 30'],
  ['src/core/guides/limits.ts', 'monthsApart: 6,\n    surfaceDepth', 'monthsApart: 3,\n    surfaceDepth'],
  ['src/core/guides/limits.ts', 'mostlySlowPerPass: 2', 'mostlySlowPerPass: 3'],
  ['src/core/guides/limits.ts', 'creditAtMost: 40', 'creditAtMost: 60'],
  ['src/core/case/changes.ts', 'depth === patch.path.length - 1 &&', 'depth >= patch.path.length - 2 &&'],
  ['src/core/case/changes.ts', 'if (behind === null) return 0', ''],
  ['src/core/case/changes.ts', 'if (same(clash.mine, clash.theirs)) continue', ''],
  ['src/store/history.ts', 'Date.parse(last.at) <= pause', 'Date.parse(last.at) <= 3 * pause'],
  ['src/store/history.ts', 'last.by === next.by &&', ''],
  ['src/store/cases.ts', '!ground || sameVersion(ground, stored)', 'ground || stored'],
  ['src/store/cases.ts', 'if (waits(entry)) return false', ''],
  ['src/store/cases.ts', 'if (waits(entry)) entry.flushing', 'entry.flushing'],
  ['src/store/remembered.ts', 'a.report === b.report', 'true'],
  ['src/store/upkeep.ts', 'days > trashDays', 'days >= trashDays'],
  ['src/store/upkeep.ts', '(dues === undefined || damaged === true)', 'dues === undefined'],
  ['src/store/intake.ts', 'signal?.throwIfAborted()', ''],
  ['src/paper/read.ts', 'misfitIn(paper, value) ? null', 'false ? null'],
  ['src/features/pages/desk/find.ts', 'wanted.every(', 'wanted.some('],
  ['src/features/stations/calendar/calendar-file.ts', 'start.getTime() + msPerDay', 'start.getTime()'],
]

const copy = mkdtempSync(join(tmpdir(), 'agrologos-mutants-'))
execFileSync('git', ['clone', '--quiet', root, copy])
symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'))

/** Whether the unit tests notice. */
const noticed = async (file) =>
  (await run(process.execPath, ['node_modules/jest/bin/jest.js', '--silent', '--bail', '--findRelatedTests', file], {
    cwd: copy,
    stdio: 'ignore',
    env: environment,
  })) !== 0

const survivors = []
for (const [file, from, to] of mutants) {
  const path = join(copy, file)
  const source = readFileSync(path, 'utf8')
  if (source.split(from).length !== 2) {
    console.log(`  ${file}: “${from}” is not there once; the list of mutants is out of date.`)
    continue
  }
  writeFileSync(
    path,
    source.replace(from, () => to),
  )
  if (!(await noticed(file))) survivors.push(`${file}: ${from} → ${to || 'nothing'}`)
  writeFileSync(path, source)
}
rmSync(copy, { recursive: true })
console.log(`\nMutants: ${mutants.length} tried, ${survivors.length} survived.`)
for (const one of survivors) console.log(`  ${one}`)
