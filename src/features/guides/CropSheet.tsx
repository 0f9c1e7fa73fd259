import type { Crop } from '@/core/guides/crops'
import { classNames, type Guide } from '@/core/guides/guides'
import { limits } from '@/core/guides/limits'
import { limeMethods } from '@/core/lime/methods'
import { sulfurMethods } from '@/core/sulfur/methods'
import { Formula } from '@/ui/Formula'
import { Span } from '@/ui/Span'
import { classWords } from '@/wording/en'
import { pHFigure, places } from '@/wording/format'
import { passesWords } from '@/wording/passes'
import { textOf } from '@/wording/render'
import { en } from './messages'
import { SourceMark } from './SourceMark'
import { Section, Table } from './Table'

/** Everything that would be used for one crop, by one guide. */
export function CropSheet({ crop, guide }: { crop: Crop; guide: Guide }) {
  const traits = [
    en.ratedBy(textOf(guide.title)),
    crop.acidRequiring && en.acidLover,
    crop.ammoniumOnly && en.ammoniumOnly,
    crop.fixesNitrogen && en.fixes,
  ]
  return (
    <>
      <h2 className="font-serif text-[25px] leading-tight font-semibold first-letter:uppercase">
        {textOf(crop.label)}
      </h2>
      <p className="text-ink-2">{traits.filter(Boolean).join(' · ')}</p>
      <Reaction crop={crop} />
      <Nitrogen crop={crop} />
      <PhosphorusPotassium crop={crop} guide={guide} />
      <Limits crop={crop} />
    </>
  )
}

function Reaction({ crop }: { crop: Crop }) {
  const { low, high, aim, school } = crop.pH
  const span = en.wanted(pHFigure(low), pHFigure(high))
  return (
    <Section title={en.reaction}>
      <div className="flex flex-wrap items-center gap-x-8">
        <Span
          from={4}
          to={8.5}
          low={low}
          high={high}
          value={aim}
          plusMinus={0}
          valueLabel={en.aim(pHFigure(aim))}
          spanLabel={span}
          label={`${en.wantedLabel} ${span}, ${en.aim(pHFigure(aim))}`}
        />
        <dl className="grid grid-cols-[auto_1fr] gap-x-4">
          <dt className="text-ink-2">{en.limeBelow}</dt>
          <dd>{pHFigure(crop.limeBelow ?? low)}</dd>
          <dt className="text-ink-2">{en.sulfurAbove}</dt>
          <dd>{crop.acidRequiring ? `${pHFigure(high)}${en.notAbove(limits.sulfur.notAbovePH)}` : en.noSulfur}</dd>
        </dl>
      </div>
      {school && <p className="text-ink-2 text-sm">{textOf(school)}</p>}
      <SourceMark id="practice" />
      <h4 className="mt-3 font-semibold">{en.limeMethods}</h4>
      <Table
        heads={[en.method, en.itsLime, en.layer, en.source]}
        rows={limeMethods.map(({ id, label, effectiveness, baseDepth, source }) => [
          textOf(label),
          en.ofPure(places(effectiveness.value.v * 100, 0)),
          <Inches key="depth" of={baseDepth.value.v} />,
          <SourceMark key={id} id={source} />,
        ])}
      />
      {crop.acidRequiring && (
        <>
          <h4 className="mt-3 font-semibold">{en.sulfurMethods}</h4>
          <Table
            heads={[en.method, en.layer, en.source]}
            rows={sulfurMethods.map(({ id, label, baseDepth, source }) => [
              textOf(label),
              en.inches(places(baseDepth.value.v, 1)),
              <SourceMark key={id} id={source} />,
            ])}
          />
        </>
      )}
    </Section>
  )
}

const Inches = ({ of }: { of: number }) => <span className="whitespace-nowrap">{en.inches(places(of, 1))}</span>

function Nitrogen({ crop }: { crop: Crop }) {
  const { low, high, unit, dressings, organicMatterCredit, noneAboveOrganicMatter } = crop.nitrogen
  const when = (dressings ?? []).map((one) => one.when)
  const { creditPerPercent, creditAbove, creditAtMost } = limits.organicMatter
  return (
    <Section title={en.nitrogen}>
      <dl className="grid grid-cols-[5rem_1fr] gap-x-4">
        <dt className="text-ink-2">{en.span}</dt>
        <dd>
          <Formula>
            {high === 0 ? en.none_ : `${low === high ? low : `${low}–${high}`} ${unit.replace('1000', '1,000')}`}
          </Formula>
        </dd>
        <dt className="text-ink-2">{en.dressings}</dt>
        <dd>
          {when.length > 0
            ? passesWords({ count: when.length, interval: null, perYear: null, when }, 'all')
            : en.lawnPasses}
        </dd>
        <dt className="text-ink-2">{en.credit}</dt>
        <dd>
          {organicMatterCredit ? en.creditWords(creditPerPercent, creditAbove, creditAtMost) : en.noCredit}
          {noneAboveOrganicMatter !== undefined && `; ${en.noneAbove(noneAboveOrganicMatter)}`}
        </dd>
      </dl>
      <SourceMark id="practice" />
    </Section>
  )
}

function PhosphorusPotassium({ crop: { phosphorusPotassium: by }, guide }: { crop: Crop; guide: Guide }) {
  if (by.method === 'tri-state')
    return (
      <Section title={en.phosphorusPotassium}>
        <p>
          <Formula>
            {`${en.triState(by.criticalP, `${by.yield} ${textOf(by.yieldUnit)}`)} ${en.carries(by.removal['P₂O₅'], by.removal['K₂O'])}.`}
          </Formula>
        </p>
        <SourceMark id="tri-state" />
      </Section>
    )
  return (
    <Section title={`${en.phosphorusPotassium}, lb per 1,000 ft²`}>
      <Table
        heads={[en.nutrient, ...classNames.map((name) => classWords[name]!)]}
        rows={(['P₂O₅', 'K₂O'] as const).map((nutrient) => [nutrient, ...guide.rates[by.group][nutrient].map(String)])}
      />
      <SourceMark id="house" />
    </Section>
  )
}

function Limits({ crop: { use, acidRequiring } }: { crop: Crop }) {
  const standing = use === 'lawn' || use === 'planting'
  const { lime, sulfur, turf, bed } = limits
  const rows = [
    standing
      ? [en.limitsOf.limeSurface, en.per1000(lime.surfacePerPass), en.apart(lime.monthsApart)]
      : [en.limitsOf.limeDug, en.per1000(lime.dugInPerPass), en.apart(lime.monthsApart)],
    ...(acidRequiring
      ? [[en.limitsOf.sulfurPass, en.per1000(sulfur.planted.perPass), en.apart(sulfur.planted.monthsApart)]]
      : []),
    use === 'lawn'
      ? [en.limitsOf.turf, en.per1000(turf.perPass.N), en.daysApart(turf.daysApart)]
      : [en.limitsOf.bed, en.per1000(bed.nitrogenPerPass), en.daysApart(turf.daysApart)],
  ]
  return (
    <Section title={en.limits}>
      <Table rows={rows} />
      <SourceMark id="practice" />
    </Section>
  )
}
