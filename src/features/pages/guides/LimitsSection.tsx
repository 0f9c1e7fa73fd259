import type { GuidePath } from '@/core/guides/compare'
import { Num, useLook } from './edit'
import { en } from './messages'
import { SourceMark } from './SourceMark'
import { Section, Table } from './Table'

type Row = readonly [path: string, unit: string]

/** Caps, intervals and thresholds, by what they are for. */
const groups: Readonly<Record<keyof typeof en.limitGroups, readonly Row[]>> = {
  lime: [
    ['lime.surfacePerPass', en.units.per1000],
    ['lime.dugInPerPass', en.units.per1000],
    ['lime.monthsApart', en.units.months],
    ['lime.surfaceDepth', en.units.in],
    ['lime.dugDepth', en.units.in],
    ['lime.plotAimOnSand', ''],
    ['lime.organicBelow', ''],
    ['lime.organicAim', ''],
  ],
  sulfur: [
    ['sulfur.planted.perPass', en.units.sulfur],
    ['sulfur.planted.perYear', en.units.sulfur],
    ['sulfur.plantedOnSand.perPass', en.units.sulfur],
    ['sulfur.turf.perPass', en.units.sulfur],
    ['sulfur.dugIn.perPass', en.units.sulfur],
    ['sulfur.dugInOnSand.perPass', en.units.sulfur],
    ['sulfur.planted.monthsApart', en.units.months],
    ['sulfur.notAbovePH', ''],
  ],
  feeding: [
    ['turf.perPass.N', en.units.per1000],
    ['turf.perPass.P₂O₅', en.units.per1000],
    ['turf.perPass.K₂O', en.units.per1000],
    ['turf.daysApart', en.units.days],
    ['turf.slowPerPass', en.units.per1000],
    ['turf.mostlySlowPerPass', en.units.per1000],
    ['turf.slowDaysApart', en.units.days],
    ['newLawn.nitrogen', en.units.per1000],
    ['bed.nitrogenPerPass', en.units.per1000],
    ['bed.onSand.N', en.units.per1000],
    ['bed.onSand.K₂O', en.units.per1000],
    ['sandyBelowCec', en.units.meq],
  ],
  credits: [
    ['organicMatter.creditAbove', '%'],
    ['organicMatter.creditPerPercent', en.units.perAcre],
    ['organicMatter.creditAtMost', en.units.perAcre],
    ['legumes.beans.nitrogen', en.units.perAcre],
    ['legumes.clover.nitrogen', en.units.perAcre],
    ['legumes.alfalfa.nitrogen', en.units.perAcre],
    ['nitrate.tooMuchAbove', en.units.perAcre],
  ],
  others: [
    ['secondary.Mg', en.units.per1000],
    ['secondary.Ca', en.units.per1000],
    ['nutrientSulfur.atMost', en.units.perAcre],
    ['boron.rate', en.units.perAcre],
    ['boron.perYear', en.units.perAcre],
  ],
  lead: [
    ['lead.precaution', 'ppm'],
    ['lead.screening', 'ppm'],
    ['lead.noFood', 'ppm'],
  ],
}

export function LimitsSection() {
  const { guide } = useLook()
  const pathOf = (path: string): GuidePath => ['limits', ...path.split('.')]
  return (
    <Section title={en.limits}>
      <div className="grid gap-x-8 lg:grid-cols-2">
        {(Object.keys(groups) as (keyof typeof groups)[]).map((group) => (
          <div key={group} className="mt-2">
            <h4 className="font-semibold">{en.limitGroups[group]}</h4>
            <Table
              rows={groups[group]
                .filter(([path]) => inGuide(guide, pathOf(path)))
                .map(([path, unit]) => [
                  en.limitNames[path] ?? path,
                  <Num key={path} at={pathOf(path)} label={en.limitNames[path] ?? path} after={unit && ` ${unit}`} />,
                ])}
            />
          </div>
        ))}
      </div>
      <SourceMark of={guide.limits.source} />
    </Section>
  )
}

const inGuide = (guide: object, path: GuidePath): boolean =>
  path.reduce<unknown>((inner, key) => (inner as Record<string, unknown> | undefined)?.[key], guide) !== undefined
