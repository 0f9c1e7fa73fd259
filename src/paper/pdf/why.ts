import type { WordedReading, WordedStrip, WordedWhy } from '../../wording/why'
import type { WordedWorkings } from '../../wording/workings'
import {
  artifact,
  faint,
  ink,
  line,
  moss,
  put,
  room,
  row,
  rule,
  styled,
  table,
  type Sheet,
  type Structure,
} from './sheet'

const shares = [0.2, 0.19, 0.17, 0.19, 0.25] as const

/** The page of reasons: the readings on their spans, the ground, the days, and what the report does not say. */
export function drawWhy(sheet: Sheet, why: WordedWhy): void {
  const { root, scale } = sheet
  put(sheet, root, 'H1', why.title, { font: 'serif-bold', size: 17 })
  put(sheet, root, 'P', why.about, { size: 10, gap: 4 })
  for (const { name, about, lines, missing } of why.areas) {
    room(sheet, 60 * scale)
    put(sheet, root, 'H2', [name, about].filter(Boolean).join(' — '), { font: 'serif-bold', size: 11, gap: 1 })
    if (lines.length > 0) drawReadings(sheet, why.columns, lines)
    if (missing.length > 0)
      put(sheet, root, 'P', `${why.missingTitle}: ${missing.join(' ')}`, { size: 8.8, colour: faint, gap: 5 })
  }
  if (why.plan.pieces.length > 0) drawPlan(sheet, why.plan)
  if (why.strip) drawStrip(sheet, why.strip)
}

function drawReadings(sheet: Sheet, columns: WordedWhy['columns'], lines: readonly WordedReading[]): void {
  const { left, width, scale } = sheet
  table(sheet, columns, shares, (all) => {
    for (const { name, reported, wanted, rated, scale: drawn } of lines) {
      const y = row(sheet, all, [{ text: name }, { text: reported }, { text: wanted }, { text: rated }], shares, 'TD')
      line(sheet, y - 1.5)
      if (drawn) drawScale(sheet, drawn, left + width * 0.76, y + 5 * scale, width * 0.22)
    }
  })
}

/** What is wanted in brackets, and the value as a rhomb. */
function drawScale(
  sheet: Sheet,
  { low, high, at }: NonNullable<WordedReading['scale']>,
  x: number,
  y: number,
  w: number,
) {
  artifact(sheet, (doc) => {
    doc
      .lineWidth(0.6)
      .strokeColor(faint)
      .moveTo(x, y)
      .lineTo(x + w, y)
      .stroke()
    doc.rect(x + low * w, y - 2, Math.max((high - low) * w, 1), 4).fill('#cfd8c8')
    doc.lineWidth(1).strokeColor(moss)
    if (low > 0)
      doc
        .moveTo(x + low * w + 2.5, y - 4)
        .lineTo(x + low * w, y - 4)
        .lineTo(x + low * w, y + 4)
        .lineTo(x + low * w + 2.5, y + 4)
        .stroke()
    if (high < 1)
      doc
        .moveTo(x + high * w - 2.5, y - 4)
        .lineTo(x + high * w, y - 4)
        .lineTo(x + high * w, y + 4)
        .lineTo(x + high * w - 2.5, y + 4)
        .stroke()
    const v = x + at * w
    doc.polygon([v, y - 3.4], [v + 3.4, y], [v, y + 3.4], [v - 3.4, y]).fill(ink)
  })
}

const planHeight = 110

function drawPlan(sheet: Sheet, { title, about, pieces, asDrawn, north, northMark }: WordedWhy['plan']): void {
  const { doc, root, left, width, scale } = sheet
  const points = pieces.flatMap(({ rings }) => rings.flat())
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
  const [west, south] = [xs.reduce((a, b) => Math.min(a, b)), ys.reduce((a, b) => Math.min(a, b))]
  const [across, up] = [xs.reduce((a, b) => Math.max(a, b)) - west, ys.reduce((a, b) => Math.max(a, b)) - south]
  const factor = Math.min((width - 30) / Math.max(across, 1e-6), planHeight / Math.max(up, 1e-6))
  const height = up * factor
  room(sheet, height + 60 * scale)
  put(sheet, root, 'H2', title, { font: 'serif-bold', size: 11 })
  put(sheet, root, 'P', about, { size: 8.8, colour: faint, gap: 3 })
  const y = doc.y
  const place = ([px, py]: readonly [number, number]): [number, number] => [
    left + (px - west) * factor,
    y + height - (py - south) * factor,
  ]
  const names = pieces.map(({ name }, i) => `${i + 1} ${name}`).join(', ')
  root.add(
    doc.struct('Figure', { alt: `${title}: ${names}` }, () => {
      pieces.forEach(({ rings }, i) => {
        for (const ring of rings) doc.polygon(...ring.map(place))
        doc.lineWidth(0.8).fillAndStroke('#eef0e8', ink, 'even-odd')
        const edge = rings[0]!.map(place)
        const middle = [0, 1].map((k) => edge.reduce((sum, one) => sum + one[k]!, 0) / edge.length)
        styled(sheet, { font: 'sans-bold', size: 8 }).text(String(i + 1), middle[0]! - 3, middle[1]! - 5, {
          lineBreak: false,
        })
      })
    }),
  )
  if (asDrawn) drawNorth(sheet, north, y, northMark)
  doc.x = left
  doc.y = y + height + 4
  put(sheet, root, 'P', names, { font: 'sans', size: 8.6, gap: 6 })
}

function drawNorth(sheet: Sheet, degrees: number, y: number, mark: string): void {
  const x = sheet.left + sheet.width - 10
  artifact(sheet, (doc) => {
    const turn = (degrees * Math.PI) / 180
    const at = (length: number): [number, number] => [x + length * Math.sin(turn), y + 18 - length * Math.cos(turn)]
    doc
      .lineWidth(1)
      .strokeColor(ink)
      .moveTo(...at(-9))
      .lineTo(...at(9))
      .stroke()
    doc.circle(...at(9), 2).fill(ink)
    styled(sheet, { font: 'sans-bold', size: 7.5 }).text(mark, x - 3, y + 29, { lineBreak: false })
  })
}

function drawStrip(sheet: Sheet, { title, about, months, rows }: WordedStrip): void {
  const { doc, root, left, width, scale } = sheet
  room(sheet, Math.min(60 + rows.length * 13, 300) * scale)
  put(sheet, root, 'H2', title, { font: 'serif-bold', size: 11 })
  put(sheet, root, 'P', about, { size: 8.8, colour: faint, gap: 2 })
  const from = left + width * 0.36
  const along = width * 0.64
  const heads = doc.y
  artifact(sheet, () => {
    for (const { label, at } of months)
      styled(sheet, { font: 'sans', size: 6.4, colour: faint }).text(label, from + at * along, heads, {
        lineBreak: false,
      })
  })
  doc.y = heads + 10 * scale
  const list = doc.struct('L')
  root.add(list)
  for (const one of rows) drawStripRow(sheet, list, one, from, along)
  list.end()
  doc.y += 4 * scale
}

function drawStripRow(sheet: Sheet, list: Structure, one: WordedStrip['rows'][number], from: number, along: number) {
  const { doc, left, width, scale } = sheet
  room(sheet, 13 * scale)
  const y = doc.y
  const item = doc.struct('LI')
  list.add(item)
  put(sheet, item, 'LBody', one.label, { font: 'sans', size: 8.2, width: width * 0.35 })
  item.end()
  const after = Math.max(doc.y, y + 11 * scale)
  artifact(sheet, (drawn) => {
    drawn
      .lineWidth(0.5)
      .strokeColor(rule)
      .moveTo(from, y + 5.5)
      .lineTo(from + along, y + 5.5)
      .stroke()
    for (const mark of one.marks) {
      const x = from + mark * along
      if (one.test)
        drawn
          .lineWidth(1)
          .polygon([x, y + 2], [x + 3.5, y + 5.5], [x, y + 9], [x - 3.5, y + 5.5])
          .fillAndStroke('#ffffff', ink)
      else drawn.rect(x - 1.6, y + 1.5, 3.2, 8).fill(moss)
    }
  })
  doc.x = left
  doc.y = after
}

/** The appendix: the arithmetic behind every amount. */
export function drawWorkings(sheet: Sheet, { title, about, amounts }: WordedWorkings): void {
  const { root } = sheet
  put(sheet, root, 'H1', title, { font: 'serif-bold', size: 17 })
  put(sheet, root, 'P', about, { size: 10, gap: 4 })
  for (const { title: amount, steps } of amounts) {
    room(sheet, 50)
    put(sheet, root, 'H2', amount, { font: 'serif-bold', size: 10.5, gap: 1 })
    for (const { rule: why, arithmetic, source } of steps) {
      put(sheet, root, 'P', `${why}: ${arithmetic}`, { font: 'sans', size: 8.6 })
      put(sheet, root, 'P', source, { font: 'sans', size: 7.6, colour: faint, gap: 1.5 })
    }
    sheet.doc.y += 4
  }
}
