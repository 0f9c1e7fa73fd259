'use client'

import { useId, useMemo, useState } from 'react'
import type { AreaInSeason } from '@/core/case/in-season'
import { called, doubtables, type Doubtable } from '@/core/doubt/doubtable'
import { readFigure, type Figure as Said } from '@/core/doubt/figure'
import { comparePrograms, type Truths } from '@/core/doubt/programs'
import { secondReading, type SecondReading } from '@/core/doubt/second-reading'
import { truthOf, type Truth } from '@/core/doubt/truth'
import { productNamed } from '@/core/shelf/product-named'
import { ChoiceField } from '@/ui/ChoiceField'
import { Formula } from '@/ui/Formula'
import { onThousand, places, productWords, weight } from '@/wording/format'
import { stuff } from '@/wording/phrase'
import { render } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'
import { Steps } from '../workings/Steps'
import { en } from './messages'

interface Props {
  area: AreaInSeason
  /** A figure that is printed somewhere, as it stands there. */
  text?: string
  of?: Doubtable
  /** The figure is what one types next. */
  autoFocus?: boolean
}

/** Somebody's figure against ours: right, right by another assumption, a slip and which, or not explained. */
export function SecondReadingView({ area, text: printed = '', of: printedOf, autoFocus = false }: Props) {
  const { kase } = useOpenCase()
  const guides = useGuides()
  const products = useProducts()
  const [text, setText] = useState(printed)
  const [chosen, choose] = useState<Doubtable>(printedOf ?? 'lime')
  const id = useId()
  // A cup of nobody says what is a cup of what was chosen for this ground.
  const usual = area.materials.fertilizer ? productNamed(products, area.materials.fertilizer) : undefined
  const lines = text.split('\n').map((line) => line.trim())
  const parting = lines.findIndex((line) => /^(?:or|o|either|else)$/i.test(line))
  const read = (some: readonly string[]) => some.filter(Boolean).map((line) => readFigure(line, products, usual))
  const [first, second] =
    parting < 0 ? [read(lines), null] : [read(lines.slice(0, parting)), read(lines.slice(parting + 1))]
  const refusals = [...first, ...(second ?? [])].flatMap((one) => (one.ok ? [] : [one.refusal]))
  const truths = useMemo<Truths>(
    () =>
      Object.fromEntries(
        doubtables.flatMap((of) => {
          const truth = truthOf(kase, area.id, of, guides, products)
          return truth ? [[of, truth]] : []
        }),
      ),
    [kase, area.id, guides, products],
  )
  const figures = first.flatMap((one) => (one.ok ? [one.value] : []))
  const others = second?.flatMap((one) => (one.ok ? [one.value] : [])) ?? null
  const [only] = figures
  const bare =
    only !== undefined && only.of === null && only.product === null && Object.keys(only.lb).length === doubtables.length
  const asked = !only ? [] : bare ? [chosen] : doubtables.filter((of) => (only.lb[of] ?? 0) > 0)
  return (
    <div>
      <p className="text-ink-2 max-w-[70ch]">{en.lead}</p>
      <label htmlFor={id} className="text-ink-2 mt-3 block text-[13.5px]">
        {en.figure}
      </label>
      <textarea
        id={id}
        // eslint-disable-next-line jsx-a11y/no-autofocus -- asked for with a click, to be typed into
        autoFocus={autoFocus}
        // The dialog around it looks for this where it takes the focus itself.
        data-autofocus={autoFocus || undefined}
        rows={Math.min(8, Math.max(2, lines.length))}
        value={text}
        maxLength={2_000}
        spellCheck={false}
        placeholder={en.example}
        aria-describedby={refusals.length > 0 ? `${id}-note` : undefined}
        onChange={(event) => setText(event.target.value)}
        className={`bg-sheet w-full max-w-[38rem] rounded-[3px] border p-2 text-[17px] font-semibold ${refusals.length > 0 && text.trim() ? 'border-clay border-2' : 'border-edge'}`}
      />
      {text.trim() !== '' && refusals[0] && (
        <p id={`${id}-note`} role="status" className="text-clay text-[14px] font-semibold">
          {render(refusals[0])}
        </p>
      )}
      {only?.isAssumed && <p className="text-ink-2 text-[14px]">{en.takenAs(productWords(only.product!))}</p>}
      {bare && (
        <div className="mt-2 max-w-[38rem]">
          <ChoiceField
            label={en.of}
            value={chosen}
            options={doubtables.map((value) => ({ value, label: called[value] }))}
            onChange={choose}
          />
        </div>
      )}
      {Object.keys(truths).length === 0 && <p className="border-brim mt-3 border-l-4 pl-3">{en.noGround}</p>}
      {figures.length > 1 || others ? (
        <Programs one={figures} other={others && others.length > 0 ? others : null} truths={truths} />
      ) : (
        asked.map((of) => <Verdict key={of} said={only!} of={of} truth={truths[of]} />)
      )}
    </div>
  )
}

const tone: Readonly<Record<SecondReading['verdict'], string>> = {
  right: 'text-moss',
  near: 'text-moss',
  otherwise: 'text-slate',
  slip: 'text-clay',
  unexplained: 'text-ink',
}

function Verdict({ said, of, truth }: { said: Said; of: Doubtable; truth: Truth | undefined }) {
  const { kase } = useOpenCase()
  if (!truth) return <p className="border-brim mt-3 border-l-4 pl-3">{en.noTruth(stuff[of]!)}</p>
  const read = secondReading(said, truth)
  if (!read) return <p className="border-brim mt-3 border-l-4 pl-3">{en.noMeasure}</p>
  const rate = (lb: number) => (lb > 0 ? onThousand(lb, kase.measures) : en.nothing)
  const here = (lb: number) => weight((lb * truth.areaSqFt) / 1000, kase.measures)
  return (
    <section aria-label={en.openOf(stuff[of]!)} className="border-ink mt-4 border-t-[1.5px] pt-2">
      <h3 className={`font-serif text-[25px] leading-tight font-semibold ${tone[read.verdict]}`}>
        {en.verdicts[read.verdict]}
        <span className="text-ink-2 ml-3 font-sans text-[15px] font-normal">
          <Formula>{stuff[of]!}</Formula>
        </span>
      </h3>
      {read.explanations[0] && (
        <p className="mt-1 max-w-[64ch] font-serif text-[18px]">
          <Formula>{read.explanations[0].tells.map((tell) => render(tell)).join(' ')}</Formula>
        </p>
      )}
      {read.verdict === 'unexplained' && <p className="mt-1 max-w-[64ch]">{en.unexplained}</p>}
      <p role="status" className={`mt-1 font-semibold ${read.hurts ? 'text-clay' : ''}`}>
        <Formula>{render(read.harm)}</Formula>
      </p>
      {read.enough !== null && <p>{en.enough(places(read.enough, 1))}</p>}
      <dl className="mt-2 grid max-w-[38rem] grid-cols-2 gap-x-6">
        <div>
          <dt className="text-ink-2 text-[13.5px]">{en.said}</dt>
          <dd>
            <strong className="block text-[19px]">{rate(read.said)}</strong>
            <span className="text-ink-2">
              {here(read.said)}
              {read.right > 0 && read.verdict !== 'right' && `, ${en.times(places(read.said / read.right, 2))}`}
            </span>
          </dd>
        </div>
        <div>
          <dt className="text-ink-2 text-[13.5px]">{en.right}</dt>
          <dd>
            <strong className="block text-[19px]">{rate(read.right)}</strong>
            {read.right > 0 && <span className="text-ink-2">{here(read.right)}</span>}
          </dd>
        </div>
      </dl>
      <details className="mt-1">
        <summary className="text-moss cursor-pointer font-semibold">{en.arithmetic}</summary>
        <div className="grid gap-x-6 sm:grid-cols-2">
          <p className="mt-2">{saidOn(said, of, truth, rate(read.said))}</p>
          <div>{truth.working ? <Steps working={truth.working} /> : <p className="mt-2">{en.noneNeeded}</p>}</div>
        </div>
      </details>
      {read.explanations.length > 1 && (
        <>
          <h4 className="mt-3 font-semibold">{en.likeliest}</h4>
          <ol className="list-inside list-decimal">
            {read.explanations.map(({ tells, rate: given }, i) => (
              <li key={i} className="py-0.5">
                <Formula>{tells.map((tell) => render(tell)).join(' ')}</Formula>{' '}
                <span className="text-ink-2">({en.gives(rate(given))})</span>
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  )
}

/** What was said, brought to 1,000 ft². */
function saidOn({ lb, per, product }: Said, of: Doubtable, truth: Truth, rate: string): string {
  const amount = `${places(lb[of]!, 2)} lb ${of === 'lime' || of === 'sulfur' ? called[of] : of}${product ? ` (${product.label.en})` : ''}`
  return en.brought(
    amount,
    per.kind === 'area'
      ? `${places(per.sqFt, 0)} ft²`
      : per.kind === 'plant'
        ? en.onPlants(truth.plants!, places(truth.areaSqFt, 0))
        : per.kind === 'row'
          ? en.onRows(places(per.ft, 0), places(truth.rowFt!, 0), places(truth.areaSqFt, 0))
          : en.onAll(places(truth.areaSqFt, 0)),
    rate,
  )
}

function Programs({ one, other, truths }: { one: readonly Said[]; other: readonly Said[] | null; truths: Truths }) {
  const { kase } = useOpenCase()
  if (Object.keys(truths).length === 0) return null
  const { equivalent, things, breaks } = comparePrograms(one, other, truths)
  const name = (of: Doubtable | 'acidity') => (of === 'acidity' ? en.acidity : stuff[of]!)
  const unlike = things
    .filter(({ alike }) => !alike)
    .map(({ of }) => name(of))
    .join(', ')
  const shown = (lb: number) => `${places(lb, 2)} lb`
  return (
    <section aria-label={other ? en.programs : en.program} className="border-ink mt-4 border-t-[1.5px] pt-2">
      <h3 className={`font-serif text-[22px] leading-tight font-semibold ${equivalent ? 'text-moss' : 'text-clay'}`}>
        <Formula>
          {other ? (unlike ? en.unlike(unlike) : en.equivalent) : unlike ? en.unlikeNeed(unlike) : en.meets}
        </Formula>
      </h3>
      {breaks.map(({ program, of, cap }, i) => (
        <p key={i} className="text-clay font-semibold">
          {en.breaks(stuff[of]!, onThousand(cap, kase.measures), en.programNames[program])}
        </p>
      ))}
      <table className="mt-2 w-full max-w-[38rem] border-collapse">
        <thead>
          <tr className="border-ink text-ink-2 border-b text-left text-[13.5px]">
            <th scope="col" className="py-1 font-normal">
              {en.thing}
            </th>
            <th scope="col" className="text-right font-normal">
              {other ? en.one : en.asSaid}
            </th>
            {other && (
              <th scope="col" className="text-right font-normal">
                {en.other}
              </th>
            )}
            <th scope="col" className="text-right font-normal">
              {en.need}
            </th>
          </tr>
        </thead>
        <tbody>
          {things.map(({ of, one: a, other: b, need, alike }) => (
            <tr key={of} className={`border-rule border-b ${alike ? '' : 'text-clay font-semibold'}`}>
              <th scope="row" className="py-1 text-left font-normal">
                <Formula>{name(of)}</Formula>
              </th>
              <td className="text-right tabular-nums">{shown(a)}</td>
              {other && <td className="text-right tabular-nums">{shown(b)}</td>}
              <td className="text-right tabular-nums">{need === null ? '' : shown(need)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}
