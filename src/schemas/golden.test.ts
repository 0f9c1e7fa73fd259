import { gunzipSync, strFromU8 } from 'fflate'
import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Case } from '../core/case/case'
import { guides } from '../core/guides/guides'
import { majorsOf, minorsOf } from '../core/needs/need'
import { doseOf } from '../core/needs/reaction'
import { coreVersion, recommend, type Answer } from '../core/recommend'
import { caseSchema, rereadCase } from './case'
import { migratedCase } from './migrations'

/**
 * 573 cases (560 random ones of seed 20261125, the sample cases, the kept files) as schema 5 kept them, and what they were
 * given. Where an amount changes on purpose, raise `coreVersion` and write the amounts anew:
 * GOLDEN=write npx jest src/schemas/golden
 */
const at = (name: string) => join(__dirname, 'samples', name)
const cases = JSON.parse(strFromU8(gunzipSync(readFileSync(at('golden-5.json.gz'))))) as unknown[]
const kept = JSON.parse(readFileSync(at('golden.json'), 'utf8')) as { core: string; areas: Record<string, string> }

const six = (v: number) => String(Number(v.toPrecision(6)))

/** lb and passes of all that one crop is given. */
function amounts(found: Answer): string {
  const { reaction, fertilizer } = found
  const dose = doseOf(reaction)
  return [
    `${reaction.outcome}${dose ? ` ${six(dose.amount.value.v)} in ${dose.passes.count}` : ''}`,
    ...majorsOf(found).map(
      ({ of: nutrient, outcome, amount, passes }) =>
        `${nutrient} ${outcome === 'apply' ? `${six(amount!.value.v)} in ${passes!.count}` : outcome}`,
    ),
    ...minorsOf(found).map(({ of, outcome, amount }) => `${of} ${amount ? six(amount.value.v) : outcome}`),
    ...(fertilizer?.mix.ok
      ? [`bag ${six(fertilizer.mix.value.amount.value.v)} in ${fertilizer.mix.value.passes.count}`]
      : []),
  ].join(', ')
}

function given(kase: Case): [string, string][] {
  return recommend(kase, guides).areas.flatMap(({ areaId, cropId, answer, others }) =>
    [...(answer ? [{ cropId, answer }] : []), ...others].map((one): [string, string] => [
      `${kase.id} ${areaId} ${one.cropId}`,
      amounts(one.answer),
    ]),
  )
}

const opened = cases.map(migratedCase)

test('every kept case opens in today’s schema', () => {
  const faults = opened.map((kase) => caseSchema.validate(kase, { convert: false }).error?.message)
  expect(faults.filter(Boolean)).toEqual([])
})

test('the same cases give the same amounts as ever, or the core says that it is another', () => {
  const now = Object.fromEntries((opened as Case[]).map(rereadCase).flatMap(given))
  if (process.env.GOLDEN === 'write')
    writeFileSync(at('golden.json'), `${JSON.stringify({ core: coreVersion, areas: now }, null, 1)}\n`)
  else expect({ core: coreVersion, areas: now }).toEqual(kept)
})
