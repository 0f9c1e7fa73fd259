import { tolerance } from '@/core/bags/tolerance'
import { majorNutrients, type MajorNutrient } from '@/core/units/quantity'
import { Formula } from '@/ui/Formula'
import { weight, type Measures } from '@/wording/format'
import { en } from './messages'

/** What one area is given of each nutrient, against what it needs. */
export interface Given {
  readonly areaId: string
  readonly name: string
  readonly of: Readonly<Record<MajorNutrient, { readonly need: number | null; readonly given: number }>>
}

/** Where the need stands on the scale, and where it ends. */
const [full, width, height] = [80, 120, 15]

/** Needs against what is given: the bracket is the tolerance around the need, the bar what the bags bring. */
export function NeedsPicture({ areas, measures }: { areas: readonly Given[]; measures: Measures }) {
  return (
    <table className="w-full border-collapse text-[13px] tabular-nums">
      <tbody>
        {areas.map(({ areaId, name, of }) =>
          majorNutrients.map((nutrient, i) => (
            <tr key={`${areaId} ${nutrient}`}>
              {i === 0 && (
                <th scope="rowgroup" rowSpan={3} className="max-w-24 pr-2 text-left align-top font-semibold">
                  {name}
                </th>
              )}
              <td className="text-ink-2 w-9 pr-1">
                <Formula>{nutrient}</Formula>
              </td>
              <td className="w-30">
                <Bar
                  nutrient={nutrient}
                  {...of[nutrient]}
                  label={en.picture(name, nutrient, words(of[nutrient], measures))}
                />
              </td>
              <td className="w-14 pl-1.5 whitespace-nowrap">{short(of[nutrient], measures)}</td>
            </tr>
          )),
        )}
      </tbody>
    </table>
  )
}

function words({ need, given }: Given['of']['N'], measures: Measures): string {
  if (need === null) return en.notKnown(weight(given, measures))
  if (need > 0) return en.ofNeed(en.percent(given / need))
  return given > 0 ? en.notWanted(weight(given, measures)) : en.none
}

const short = ({ need, given }: Given['of']['N'], measures: Measures): string =>
  need !== null && need > 0 ? en.percent(given / need) : given > 0 ? weight(given, measures) : '–'

function Bar({ nutrient, need, given, label }: Given['of']['N'] & { nutrient: MajorNutrient; label: string }) {
  const { short: below, over } = tolerance[nutrient]
  const share = need ? given / need : given > 0 ? 1.5 : 0
  const outside = need === null ? false : need > 0 ? share < 1 - below - 1e-3 || share > 1 + over + 1e-3 : given > 0
  const [low, high] = [full * (1 - below), full * (1 + over)]
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={label}
      className="block"
    >
      <line x1="0" x2={width} y1={height - 2.5} y2={height - 2.5} className="stroke-rule" strokeWidth="1" />
      <rect
        x="0"
        y="4"
        width={Math.min(share * full, width)}
        height="7"
        className={outside ? 'fill-clay' : 'fill-slate'}
        opacity={need ? 0.75 : 0.4}
      />
      {need !== null && need > 0 && (
        <path
          d={`M${low + 3} 1.5h-3v12h3M${high - 3} 1.5h3v12h-3`}
          fill="none"
          className="stroke-moss"
          strokeWidth="1.8"
        />
      )}
    </svg>
  )
}
