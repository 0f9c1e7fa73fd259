import { areaOf, groundOf, saidOf, stepColumns, whenOf, type Paper } from '../paper'
import { artifact, clay, faint, heightOf, line, lineGap, put, room, row, styled, table, type Sheet } from './sheet'

const shares = [0.13, 0.29, 0.27, 0.31] as const

/** The first page: what to do, in the order of its days, and the words of care that belong to it. */
export function drawLetter(sheet: Sheet, { letter, head, changes }: Paper, logo: Uint8Array | null): void {
  const { doc, root, scale } = sheet
  drawHead(sheet, head, logo)
  put(sheet, root, 'H1', letter.title, { font: 'serif-bold', size: 19 })
  put(sheet, root, 'P', `${letter.addressee}   ·   ${letter.date}`, { size: 10.5, gap: 3 })
  line(sheet, doc.y, '#22262b', 1)
  doc.y += 5 * scale
  if (letter.draft) put(sheet, root, 'P', letter.draft, { font: 'sans-bold', size: 11, colour: clay, gap: 4 })
  drawAreas(sheet, letter)
  if (letter.steps.length > 0) drawSteps(sheet, letter)
  if (letter.toBuy.length > 0)
    put(sheet, root, 'P', `${letter.toBuyTitle}: ${letter.toBuy.join('. ')}.`, { font: 'sans', size: 9.2, gap: 3 })
  if (changes) {
    put(sheet, root, 'H2', changes.title, { font: 'serif-bold', size: 10.5, gap: 1 })
    drawList(sheet, changes.lines, 8.6)
  }
  put(sheet, root, 'P', letter.note, { size: 10, gap: 4 })
  if (letter.cautions.length > 0) {
    put(sheet, root, 'H2', letter.cautionsTitle, { font: 'serif-bold', size: 10.5, gap: 1 })
    drawList(
      sheet,
      letter.cautions.map(({ text }) => text),
      8.2,
    )
  }
  room(sheet, 50 * scale)
  doc.y += 2 * scale
  line(sheet, doc.y)
  doc.y += 4 * scale
  for (const text of [head?.disclaimer ?? '', ...letter.foot.map((one) => one.text)])
    put(sheet, root, 'P', text, { size: 8.2, gap: 1 })
  put(sheet, root, 'P', letter.signed.join('          '), { font: 'sans', size: 9, gap: 2 })
}

const logoSize = { width: 150, height: 40 } as const

function drawHead(sheet: Sheet, head: Paper['head'], logo: Uint8Array | null): void {
  if (!head) return
  const { doc, root, left, width, scale } = sheet
  const y = doc.y
  let beside = left
  if (logo) {
    root.add(
      doc.struct('Figure', { alt: head.name || 'Logo' }, () => {
        doc.image(logo.buffer as ArrayBuffer, left, y, { fit: [logoSize.width * scale, logoSize.height * scale] })
      }),
    )
    beside = left + (logoSize.width + 12) * scale
  }
  doc.y = y
  const style = { font: 'sans', size: 9, x: beside, width: width - (beside - left) } as const
  put(sheet, root, 'P', head.name, { ...style, font: 'sans-bold' })
  put(sheet, root, 'P', head.address, style)
  doc.y = Math.max(doc.y, logo ? y + logoSize.height * scale : 0) + 8 * scale
}

function drawSteps(sheet: Sheet, letter: Paper['letter']): void {
  put(sheet, sheet.root, 'H2', letter.stepsTitle, { font: 'serif-bold', size: 12, gap: 1 })
  table(sheet, stepColumns(letter), shares, (all) => {
    for (const { when, rows } of letter.steps)
      rows.forEach((one, i) => {
        const { what, amount, measure } = one
        const area = areaOf(rows, i)
        const cells = [
          { text: '', ...(i === 0 && { strong: when, strongSize: 9 }) },
          { text: what, ...(area && { strong: area, strongSize: 9 }) },
          { text: measure, ...(amount && { strong: amount, strongSize: 10 }) },
          { text: whenOf(one) },
        ]
        line(sheet, row(sheet, all, cells, shares, 'TD') - 1.1)
      })
  })
}

/** What is said of each area, its name leading the paragraph. */
function drawAreas(sheet: Sheet, { areas }: Paper['letter']): void {
  const { doc, root, left, width, scale } = sheet
  for (const area of areas) {
    const title = [area.name, groundOf(area)].filter(Boolean).join(' — ')
    const words = saidOf(area)
    const part = doc.struct('Sect')
    root.add(part)
    room(sheet, Math.min(heightOf(sheet, `${title}. ${words}`, { font: 'serif-bold', size: 9.2 }), 60))
    const flow = { width, lineGap: lineGap(sheet) }
    part.add(
      doc.struct('H2', {}, () => {
        styled(sheet, { font: 'serif-bold', size: 9.6 }).text(words ? `${title}. ` : title, left, doc.y, {
          ...flow,
          continued: words !== '',
        })
      }),
    )
    if (words) part.add(doc.struct('P', {}, () => void styled(sheet, { size: 9.2 }).text(words, flow)))
    part.end()
    doc.x = left
    doc.y += 2.5 * scale
  }
  doc.y += scale
}

/** Points side by side in two columns where there are several, each whole. */
function drawList(sheet: Sheet, points: readonly string[], size: number): void {
  const { doc, root, left, width, scale } = sheet
  const list = doc.struct('L')
  root.add(list)
  const two = points.length > 2
  const each = two ? width / 2 - 8 : width
  for (let i = 0; i < points.length; i += two ? 2 : 1) {
    const pair = points.slice(i, i + (two ? 2 : 1))
    const heights = pair.map((text) => heightOf(sheet, text, { size, width: each - 9 * scale }))
    room(sheet, Math.max(...heights))
    const y = doc.y
    pair.forEach((text, k) => {
      const x = left + k * (each + 16)
      artifact(sheet, (drawn) => drawn.circle(x + 2.5, y + size * scale * 0.62, 1.1).fill(faint))
      doc.y = y
      const item = doc.struct('LI')
      list.add(item)
      put(sheet, item, 'LBody', text, { size, x: x + 9 * scale, width: each - 9 * scale })
      item.end()
    })
    doc.y = y + Math.max(...heights) + 1.5 * scale
  }
  list.end()
  doc.x = left
  doc.y += 3 * scale
}
