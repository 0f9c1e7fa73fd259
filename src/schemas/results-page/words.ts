/** A rectangle on a page, from its top left corner. */
export interface Box {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** A word and where it stands, in points, on a page that is turned so that its text runs across. */
export interface Word extends Box {
  readonly text: string
}

/** Degrees clockwise by which a page is turned. */
export type Turn = 0 | 90 | 180 | 270

/** The words of one page, its text running across. */
export interface PageWords {
  readonly words: readonly Word[]
  /** Of the turned page, in points. */
  readonly width: number
  readonly height: number
  /** What turned it. */
  readonly turn: Turn
}

/** A run of text as a reader of PDFs has it; the transform takes text space to the page, y upward. */
export interface TextItem {
  readonly str: string
  readonly transform: readonly number[]
  readonly width: number
}

/** A page as it is looked at: its size, and what takes its own space there, y downward. */
export interface PageView {
  readonly width: number
  readonly height: number
  readonly transform: readonly number[]
}

/** Words of a page beyond these are not read: no report has as many. */
const mostWords = 8_000

interface Run {
  readonly text: string
  /** Where its base line begins, and the steps along it and up from it, in points. */
  readonly at: readonly [number, number]
  readonly along: readonly [number, number]
  readonly up: readonly [number, number]
  readonly length: number
  readonly size: number
}

/** The words of a page. Text that runs another way than most of it is left out, as the names of axes are. */
export function wordsOf(items: readonly TextItem[], view: PageView): PageWords {
  const runs = items.flatMap((item): Run[] => (item.str.trim() === '' ? [] : [runOf(item, view.transform)]))
  const turn = turnOf(runs)
  const words = runs
    .filter((run) => turnOf([run]) === turn)
    .flatMap((run) => wordsIn(run, view, turn))
    .slice(0, mostWords)
  const sideways = turn === 90 || turn === 270
  const [width, height] = sideways ? [view.height, view.width] : [view.width, view.height]
  return { words, width, height, turn }
}

function runOf({ str, transform, width }: TextItem, view: readonly number[]): Run {
  const [a, b, c, d, e, f] = transform as [number, number, number, number, number, number]
  const [va, vb, vc, vd, ve, vf] = view as [number, number, number, number, number, number]
  const turned = (x: number, y: number) => [va * x + vc * y, vb * x + vd * y] as const
  const [along, up, at] = [turned(a, b), turned(c, d), turned(e, f)]
  const size = Math.hypot(...up) || Math.hypot(...along) || 1
  const scale = Math.hypot(va, vb)
  return {
    text: str,
    at: [at[0] + ve, at[1] + vf],
    along: unit(along),
    up: unit(up),
    length: width * scale,
    size,
  }
}

function unit([x, y]: readonly [number, number]): readonly [number, number] {
  const length = Math.hypot(x, y) || 1
  return [x / length, y / length]
}

/** By how much a page has to be turned for most of its letters to run across. */
function turnOf(runs: readonly Run[]): Turn {
  const letters = new Map<Turn, number>()
  for (const { along, text } of runs) {
    const degrees = (Math.round(Math.atan2(along[1], along[0]) / (Math.PI / 2)) * 90 + 360) % 360
    const turn = ((360 - degrees) % 360) as Turn
    letters.set(turn, (letters.get(turn) ?? 0) + text.trim().length)
  }
  return [...letters].sort((one, other) => other[1] - one[1])[0]?.[0] ?? 0
}

/** The words of a run, each given the share of its length that its letters are. */
function wordsIn({ text, at, along, up, length, size }: Run, view: PageView, turn: Turn): Word[] {
  const step = length / text.length
  return [...text.matchAll(/\S+/g)].map((match) => {
    const [from, to] = [match.index * step, (match.index + match[0].length) * step]
    const corners = [from, to].flatMap((along_) =>
      [-0.2, 0.8].map((up_) => [
        at[0] + along[0] * along_ + up[0] * up_ * size,
        at[1] + along[1] * along_ + up[1] * up_ * size,
      ]),
    )
    const [xs, ys] = [corners.map(([x]) => x!), corners.map(([, y]) => y!)]
    const [x, y] = [Math.min(...xs), Math.min(...ys)]
    const box = { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y }
    return { text: match[0], ...turnedBox(box, turn, view.width, view.height) }
  })
}

/**
 * A box on a page that is turned clockwise.
 *
 * @param width of the page before, in the unit of the box
 * @param height likewise
 */
export function turnedBox({ x, y, width: w, height: h }: Box, turn: Turn, width = 1, height = 1): Box {
  if (turn === 90) return { x: height - y - h, y: x, width: h, height: w }
  if (turn === 180) return { x: width - x - w, y: height - y - h, width: w, height: h }
  if (turn === 270) return { x: y, y: width - x - w, width: h, height: w }
  return { x, y, width: w, height: h }
}

/** The box around several. */
export function around(boxes: readonly Box[]): Box {
  const [x, y] = [Math.min(...boxes.map((box) => box.x)), Math.min(...boxes.map((box) => box.y))]
  return {
    x,
    y,
    width: Math.max(...boxes.map((box) => box.x + box.width)) - x,
    height: Math.max(...boxes.map((box) => box.y + box.height)) - y,
  }
}
