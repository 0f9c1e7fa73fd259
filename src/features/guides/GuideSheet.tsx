import { classNames, guideRef, type ClassRow, type Guide } from '@/core/guides/guides'
import type { RateGroup } from '@/core/guides/crops'
import { extractants } from '@/core/guides/guides'
import { textures } from '@/core/guides/soils'
import { textOf } from '@/wording/render'
import { classWords } from '@/wording/en'
import { en } from './messages'
import { SourceMark } from './SourceMark'
import { Section, Table } from './Table'

const classHeads = classNames.map((name) => classWords[name]!)

/** Every table of one guide. */
export function GuideSheet({ guide }: { guide: Guide }) {
  const soil = ({ cecOver, cecFrom }: ClassRow, several: boolean) =>
    cecOver !== undefined ? en.cecOver(cecOver) : cecFrom !== undefined ? en.cecFrom(cecFrom) : en.otherSoil(several)
  const bounds = ({ bounds: all }: ClassRow) => [...all.map(en.upTo), en.above(all.at(-1)!)]
  return (
    <>
      <h2 className="font-serif text-[25px] leading-tight font-semibold">{textOf(guide.title)}</h2>
      <p className="text-ink-2">
        {en.version(guideRef(guide))} {guide.unit}, {textOf(extractants[guide.extractant].label)}
      </p>
      {(['P', 'K'] as const).map((element) => (
        <Section key={element} title={en.classes(element, guide.unit)}>
          <Table
            heads={[en.soil, ...classHeads]}
            rows={guide.classes[element].map((row, _, all) => [soil(row, all.length > 1), ...bounds(row)])}
          />
        </Section>
      ))}
      <p className="text-ink-2 mt-1 text-sm">
        {en.classesWhy} {guide.phosphorusUpToPH !== undefined && en.phosphorusUpTo(guide.phosphorusUpToPH)}
      </p>
      <SourceMark id={guide.classes.source} />
      <Section title={en.magnesium}>
        <Table
          heads={[en.soil, 'Mg']}
          rows={guide.magnesium.rows.map(({ cecBelow, texture, lowBelow }, _, all) => [
            cecBelow !== undefined
              ? en.cecBelow(cecBelow)
              : texture
                ? textOf(textures[texture].label)
                : en.otherSoil(all.length > 1),
            en.below(lowBelow, guide.unit),
          ])}
        />
        <SourceMark id={guide.magnesium.source} />
      </Section>
      <Section title={en.rates}>
        <Table
          heads={[en.group, ...classHeads]}
          rows={(Object.keys(guide.rates) as RateGroup[]).flatMap((group) =>
            (['P₂O₅', 'K₂O'] as const).map((nutrient) => [
              en.nutrientFor(nutrient, en.groups[group]),
              ...guide.rates[group][nutrient].map(String),
            ]),
          )}
        />
        <SourceMark id="house" />
      </Section>
    </>
  )
}
