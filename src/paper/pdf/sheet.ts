import type PDFDocument from 'pdfkit'

/** The fonts of a paper, whole, as TrueType; what of them is used is embedded. */
export const fontNames = ['serif', 'serif-bold', 'sans', 'sans-bold'] as const
export type FontName = (typeof fontNames)[number]
export type Fonts = Readonly<Record<FontName, Uint8Array>>

export type Doc = InstanceType<typeof PDFDocument>
export type Structure = ReturnType<Doc['struct']>

/** A document that is being drawn from the top down. Lengths are points. */
export interface Sheet {
  readonly doc: Doc
  /** What stands in it, for whoever has it read aloud. */
  readonly root: Structure
  readonly left: number
  readonly width: number
  readonly top: number
  readonly bottom: number
  /** By which all type is set smaller, so that what belongs together stays on one page. */
  readonly scale: number
}

export const ink = '#22262b'
export const faint = '#5b6168'
export const rule = '#c9c3b4'
export const moss = '#3d5a3a'
export const clay = '#8f3d20'

interface Style {
  readonly font?: FontName
  /** Points, before the sheet's scale. */
  readonly size?: number
  readonly colour?: string
  readonly gap?: number
  readonly x?: number
  readonly width?: number
  readonly align?: 'left' | 'right'
}

export const styled = ({ doc, scale }: Sheet, { font = 'serif', size = 10, colour = ink }: Style): Doc =>
  doc
    .font(font)
    .fontSize(size * scale)
    .fillColor(colour)

/** Height of a text as it will stand. */
export const heightOf = (sheet: Sheet, text: string, style: Style): number =>
  text === ''
    ? 0
    : styled(sheet, style).heightOfString(text, { width: style.width ?? sheet.width, lineGap: lineGap(sheet) })

export const lineGap = ({ scale }: Sheet): number => 0.6 * scale

/** Another page where there is no room for so much on this one. */
export function room(sheet: Sheet, height: number): void {
  const { doc, top, bottom, left } = sheet
  if (doc.y + height <= bottom || doc.y <= top) return
  doc.addPage()
  doc.x = left
  doc.y = top
}

/** Text as an element of its own; it goes on over the end of a page. */
export function put(sheet: Sheet, parent: Structure, tag: string, text: string, style: Style = {}): void {
  if (text === '') return
  const { doc, left, width } = sheet
  room(sheet, Math.min(heightOf(sheet, text, style), 30))
  parent.add(
    doc.struct(tag, {}, () => {
      styled(sheet, style).text(text, style.x ?? left, doc.y, {
        width: style.width ?? width,
        lineGap: lineGap(sheet),
        align: style.align ?? 'left',
      })
    }),
  )
  doc.y += (style.gap ?? 0) * sheet.scale
}

/** What is drawn and says nothing by itself: lines, pictures of figures that stand beside them. */
export function artifact({ doc }: Sheet, draw: (doc: Doc) => void): void {
  const { x, y } = doc
  doc.markContent('Artifact', { type: 'Layout' })
  doc.save()
  draw(doc)
  doc.restore()
  doc.endMarkedContent()
  doc.x = x
  doc.y = y
}

export const line = (sheet: Sheet, y: number, colour = rule, thick = 0.5): void =>
  artifact(sheet, (doc) =>
    doc
      .moveTo(sheet.left, y)
      .lineTo(sheet.left + sheet.width, y)
      .lineWidth(thick)
      .strokeColor(colour)
      .stroke(),
  )

export interface Cell extends Style {
  readonly text: string
  /** Above it, larger. */
  readonly strong?: string
  readonly strongSize?: number
}

/** A table below its quiet head; `rows` draws what stands in it. */
export function table(
  sheet: Sheet,
  columns: readonly string[],
  shares: readonly number[],
  rows: (table: Structure) => void,
): void {
  const { doc, root, scale } = sheet
  const all = doc.struct('Table')
  root.add(all)
  const quiet = { font: 'sans', size: 8.4, colour: faint } as const
  row(
    sheet,
    all,
    columns.map((text) => ({ ...quiet, text })),
    shares,
    'TH',
  )
  rows(all)
  all.end()
  doc.y += 4 * scale
}

/** A row of a table: cells side by side, on one page. What is strong in a cell leads its line. */
export function row(
  sheet: Sheet,
  table: Structure,
  cells: readonly Cell[],
  shares: readonly number[],
  tag: 'TH' | 'TD',
): number {
  const { doc, left, width, scale } = sheet
  const widths = shares.map((share) => share * width - 8 * scale)
  const height = Math.max(...cells.map((cell, i) => cellHeight(sheet, cell, widths[i]!))) + 2.6 * scale
  room(sheet, height)
  const y = doc.y
  const tr = doc.struct('TR')
  table.add(tr)
  let x = left
  cells.forEach((cell, i) => {
    const at = x
    tr.add(doc.struct(tag, {}, () => drawCell(sheet, cell, at, y, widths[i]!)))
    x += shares[i]! * width
  })
  tr.end()
  doc.x = left
  doc.y = y + height
  return y
}

/** As if all of it were strong, which takes a little more. */
function cellHeight(sheet: Sheet, { text, strong, strongSize, ...style }: Cell, width: number): number {
  const size = strong ? (strongSize ?? 10) : (style.size ?? 9)
  const font = strong ? 'sans-bold' : (style.font ?? 'sans')
  return heightOf(sheet, [strong, text].filter(Boolean).join('  '), {
    ...style,
    font,
    size: strong ? (size + 9) / 2 : size,
    width,
  })
}

function drawCell(sheet: Sheet, { text, strong, strongSize, ...style }: Cell, x: number, y: number, width: number) {
  const { doc } = sheet
  const flow = { width, lineGap: lineGap(sheet), align: style.align ?? 'left' } as const
  if (strong) {
    styled(sheet, { font: 'sans-bold', size: strongSize ?? 10 }).text(strong, x, y, { ...flow, continued: text !== '' })
    if (text) styled(sheet, { font: 'sans', size: 9, ...style }).text(`  ${text}`, flow)
  } else if (text) styled(sheet, { font: 'sans', size: 9, ...style }).text(text, x, y, flow)
  else doc.text('', x, y)
}
