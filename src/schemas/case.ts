import type Joi from 'joi'
import type { Area, Case, LineField, Report, Sample } from '../core/case/case'
import { measuredFields } from '../core/report/tests'
import { readLine, recommendedFields } from '../core/report/lines'
import { fields, limeFields, sieveField } from '../core/report/fields'
import type { Spreader } from '../core/case/spreader'
import type { LimeSieves, Season } from '../core/case/season'
import { readTypedSize } from '../core/reading/soil'
import { caseShape } from '../core/shape/case-shape'
import { readTyped, type Typed, type UnitWords } from '../core/units/typed'
import { fromShape } from './from-shape'

/** A whole case, strict: what is not named in its shape is refused. */
export const caseSchema = fromShape(caseShape) as Joi.ObjectSchema<Case>

/** The case with every number read again from its text, so that text and number cannot disagree. */
export function reread(kase: Case): Case {
  const plan = { ...kase.plan, pace: again(kase.plan.pace, fields.pace.units) }
  return {
    ...kase,
    plan,
    areas: kase.areas.map((one) => rereadArea(one, { ...kase, plan })),
    samples: kase.samples.map(rereadSample),
    spotChecks: kase.spotChecks.map((one) => ({ ...one, pH: readLine('pH', one.pH.text, one.pH.unit) })),
    reports: kase.reports.map(rereadReport),
    applications: kase.applications.map((one) => ({ ...one, amount: again(one.amount, fields.bag.units) })),
    shed: kase.shed.map((one) => ({ ...one, amount: again(one.amount, fields.inShed.units) })),
    spreaders: kase.spreaders.map(rereadSpreader),
  }
}

const again = (typed: Typed, units: readonly UnitWords[]): Typed => readTyped(typed.text, typed.unit, units)

/** Also of the office's own. */
export const rereadSpreader = (spreader: Spreader): Spreader => ({
  ...spreader,
  swath: again(spreader.swath, fields.swath.units),
  setting: again(spreader.setting, fields.setting.units),
  trials: spreader.trials.map((trial) => ({
    ...trial,
    setting: again(trial.setting, fields.setting.units),
    distance: again(trial.distance, fields.strip.units),
    before: again(trial.before, fields.hopper.units),
    after: again(trial.after, fields.hopper.units),
  })),
})

const rereadSample = (sample: Sample): Sample => ({
  ...sample,
  cores: again(sample.cores, fields.cores.units),
  depth: again(sample.depth, fields.depth.units),
  taken: { ...sample.taken, cores: again(sample.taken.cores, fields.cores.units) },
})

function rereadArea(area: Area, kase: Case): Area {
  const size = readTypedSize(area.size, kase)
  return {
    ...area,
    size: { ...area.size, value: size.ok ? size.value.area.value.v : null },
    depth: again(area.depth, fields.depth.units),
    lie: { ...area.lie, toWater: again(area.lie.toWater, fields.toWater.units) },
    seasons: Object.fromEntries(Object.entries(area.seasons).map(([year, season]) => [year, rereadSeason(season)])),
  }
}

function rereadSeason(season: Season): Season {
  const { materials, plants, rows, past } = season
  return {
    ...season,
    plants: {
      ...plants,
      count: again(plants.count, fields.plants.units),
      age: again(plants.age, fields.age.units),
      shoots: again(plants.shoots, fields.shoots.units),
    },
    rows: {
      length: again(rows.length, fields.rowLength.units),
      spacing: again(rows.spacing, fields.rowSpacing.units),
    },
    past: { ...past, manureRate: again(past.manureRate, fields.nutrient.units) },
    materials: {
      ...materials,
      limeEffective: again(materials.limeEffective, limeFields[materials.limeScale].units),
      limeSieves: Object.fromEntries(
        Object.entries(materials.limeSieves).map(([name, one]) => [name, again(one, sieveField.units)]),
      ) as unknown as LimeSieves,
      limeBag: again(materials.limeBag, fields.bag.units),
      sulfurBag: again(materials.sulfurBag, fields.bag.units),
      slowNitrogen: again(materials.slowNitrogen, fields.slowNitrogen.units),
      fertilizerBag: again(materials.fertilizerBag, fields.bag.units),
    },
  }
}

const rereadReport = (report: Report): Report => {
  const again = <Name extends string>(
    names: readonly Name[],
    typed: (name: Name) => Typed,
    field: (name: Name) => LineField,
  ) => Object.fromEntries(names.map((name) => [name, readLine(field(name), typed(name).text, typed(name).unit)]))
  return {
    ...report,
    ...again(
      measuredFields,
      (name) => report[name],
      (name) => name,
    ),
    recommends: {
      ...report.recommends,
      ...again(
        recommendedFields,
        (name) => report.recommends[name],
        (name) => `recommends.${name}`,
      ),
    },
  }
}
