import type { Crop, NitrogenByTree } from '@/core/guides/crop'
import { classNames } from '@/core/guides/guide'
import { limeMethods } from '@/core/needs/lime/methods'
import { sulfurMethods } from '@/core/needs/sulfur/methods'
import { Formula } from '@/ui/Formula'
import { Span } from '@/ui/Span'
import { classWords } from '@/wording/phrase'
import { pHFigure, places } from '@/wording/format'
import { passesWords } from '@/wording/passes'
import { textOf } from '@/wording/render'
import { Num, useLook } from './edit'
import { en } from './messages'
import { SourceMark } from './SourceMark'
import { Section, Table } from './Table'

/** Everything that would be used for one crop, by one guide. */
export function CropSheet({ id }: { id: string }) {
  const { guide } = useLook()
  const crop = guide.crops[id]!
  const traits = [
    en.ratedBy(textOf(guide.title)),
    crop.acidRequiring && en.acidLover,
    crop.ammoniumOnly && en.ammoniumOnly,
    crop.fixesNitrogen && en.fixes,
    crop.salts && en.saltsUpTo(crop.salts.upTo),
    crop.boron && en.boron[crop.boron],
  ]
  return (
    <>
      <h2 className="font-serif text-[25px] leading-tight font-semibold first-letter:uppercase">
        {textOf(crop.label)}
      </h2>
      <p className="text-ink-2">{traits.filter(Boolean).join(' · ')}</p>
      <Reaction id={id} crop={crop} />
      <Nitrogen id={id} crop={crop} />
      <PhosphorusPotassium crop={crop} />
      <Limits crop={crop} />
    </>
  )
}

function Reaction({ id, crop }: { id: string; crop: Crop }) {
  const { guide, put } = useLook()
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
          valueLabel={en.aim(pHFigure(aim))}
          spanLabel={span}
          label={`${en.wantedLabel} ${span}, ${en.aim(pHFigure(aim))}`}
        />
        {put ? (
          <p className="flex flex-wrap gap-x-4">
            {(['low', 'high', 'aim'] as const).map((end) => (
              <Num key={end} at={['crops', id, 'pH', end]} label={`pH, ${end}`} before={`${end} `} />
            ))}
          </p>
        ) : (
          <dl className="grid grid-cols-[auto_1fr] gap-x-4">
            <dt className="text-ink-2">{en.limeBelow}</dt>
            <dd>{pHFigure(crop.limeBelow ?? low)}</dd>
            <dt className="text-ink-2">{en.sulfurAbove}</dt>
            <dd>
              {crop.acidRequiring ? `${pHFigure(high)}${en.notAbove(guide.limits.sulfur.notAbovePH)}` : en.noSulfur}
            </dd>
          </dl>
        )}
      </div>
      {school && <p className="text-ink-2 text-sm">{textOf(school)}</p>}
      <SourceMark of={crop.source} />
      {crop.use !== 'container' && <Methods crop={crop} />}
    </Section>
  )
}

function Methods({ crop }: { crop: Crop }) {
  return (
    <>
      <h4 className="mt-3 font-semibold">{en.limeMethods}</h4>
      <Table
        heads={[en.method, en.itsLime, en.layer, en.source]}
        rows={limeMethods.map(({ id, label, effectiveness, baseDepth, source }) => [
          textOf(label),
          en.ofPure(places(effectiveness.value.v * 100, 0)),
          <Inches key="depth" of={baseDepth.value.v} />,
          <SourceMark key={id} of={source} />,
        ])}
      />
      {crop.acidRequiring && (
        <>
          <h4 className="mt-3 font-semibold">{en.sulfurMethods}</h4>
          <Table
            heads={[en.method, en.layer, en.source]}
            rows={sulfurMethods.map(({ id, label, baseDepth, source }) => [
              textOf(label),
              <Inches key="depth" of={baseDepth.value.v} />,
              <SourceMark key={id} of={source} />,
            ])}
          />
        </>
      )}
    </>
  )
}

const Inches = ({ of }: { of: number }) => <span className="whitespace-nowrap">{en.inches(places(of, 1))}</span>

function Nitrogen({ id, crop }: { id: string; crop: Crop }) {
  const { guide } = useLook()
  const { dressings: when = [], organicMatterCredit, noneAboveOrganicMatter, season } = crop.nitrogen
  const { creditPerPercent, creditAbove, creditAtMost } = guide.limits.organicMatter
  const due = (id: string) => guide.windows.dates[id]!.label
  const dated = (id: string) => ({ id, window: { id, label: due(id) } })
  if (crop.use === 'container') return null
  return (
    <Section title={en.nitrogen}>
      <dl className="grid grid-cols-[5rem_1fr] gap-x-4">
        <dt className="text-ink-2">{en.span}</dt>
        <dd>{crop.nitrogen.unit === 'lb N/tree' ? <ByTree of={crop.nitrogen} /> : <ByGround id={id} crop={crop} />}</dd>
        <dt className="text-ink-2">{season ? en.season : en.dressings}</dt>
        <dd>
          {season
            ? textOf(due(season))
            : when.length > 0
              ? passesWords({ count: when.length, interval: null, perYear: null, dressings: when.map(dated) }, 'all')
              : en.lawnPasses}
        </dd>
        <dt className="text-ink-2">{en.credit}</dt>
        <dd>
          {organicMatterCredit ? en.creditWords(creditPerPercent, creditAbove, creditAtMost) : en.noCredit}
          {noneAboveOrganicMatter !== undefined && `; ${en.noneAbove(noneAboveOrganicMatter)}`}
        </dd>
      </dl>
      <SourceMark of={crop.source} />
    </Section>
  )
}

const ByTree = ({ of: { perYearOfAge, atMost, dwarf, shoots } }: { of: NitrogenByTree }) => (
  <>
    {en.perTree(perYearOfAge, atMost, dwarf)}; {en.shootsRule(shoots.young, shoots.bearing)}
  </>
)

function ByGround({ id, crop }: { id: string; crop: Crop }) {
  const { put } = useLook()
  if (crop.nitrogen.unit === 'lb N/tree') return null
  const { low, high, unit, perPlant } = crop.nitrogen
  const words = unit.replace('1000', '1,000')
  if (put)
    return (
      <span className="flex flex-wrap gap-x-4">
        <Num at={['crops', id, 'nitrogen', 'low']} label={`N, low, ${words}`} before="low " />
        <Num at={['crops', id, 'nitrogen', 'high']} label={`N, high, ${words}`} before="high " />
        <Formula>{words}</Formula>
      </span>
    )
  return (
    <>
      <Formula>{high === 0 ? en.none_ : `${low === high ? low : `${low}–${high}`} ${words}`}</Formula>
      {perPlant && (
        <span className="block">
          {en.perPlant(perPlant.firstYear, perPlant.eachYear, perPlant.atMost, perPlant.nitrogenPercent)}
        </span>
      )}
    </>
  )
}

function PhosphorusPotassium({ crop: { phosphorusPotassium: by } }: { crop: Crop }) {
  const { guide } = useLook()
  if (by.method === 'tri-state')
    return (
      <Section title={en.phosphorusPotassium}>
        <p>
          <Formula>
            {`${en.triState(by.criticalP, `${by.yield} ${textOf(by.yieldUnit)}`)} ${en.carries(by.removal['P₂O₅'], by.removal['K₂O'])}.`}
          </Formula>
        </p>
        <SourceMark of="tri-state" />
      </Section>
    )
  if (by.method !== 'class-table')
    return (
      <Section title={en.phosphorusPotassium}>
        <p>{by.method === 'by-extract' ? en.byExtract : en.byMinimum}</p>
        <SourceMark of={by.method === 'by-extract' ? 'extract' : 'mlsn'} />
      </Section>
    )
  return (
    <Section title={`${en.phosphorusPotassium}, lb per 1,000 ft²`}>
      <Table
        heads={[en.nutrient, ...classNames.map((name) => classWords[name]!)]}
        rows={(['P₂O₅', 'K₂O'] as const).map((nutrient) => [nutrient, ...guide.rates[by.group][nutrient].map(String)])}
      />
      <SourceMark of={guide.rates.source} />
    </Section>
  )
}

function Limits({ crop: { use, acidRequiring } }: { crop: Crop }) {
  const { lime, sulfur, turf, bed, source } = useLook().guide.limits
  const standing = use === 'lawn' || use === 'planting'
  if (use === 'container') return null
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
      <SourceMark of={source} />
    </Section>
  )
}
