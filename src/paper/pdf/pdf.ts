import PDFDocument from 'pdfkit'
import type { Paper } from '../paper'
import { drawLetter } from './letter'
import { faint, fontNames, styled, type Doc, type Fonts, type Sheet } from './sheet'
import { drawWhy, drawWorkings } from './why'

/** Points. */
const margin = { side: 40, top: 30, bottom: 38 } as const
const languageTags = { en: 'en-US', es: 'es-US' } as const
/** Where it takes more than one page all the same. */
const onSeveral = 0.95
/** How much smaller the type may become so that the first page stays one; below it nobody likes to read. */
const scales = [1, 0.95, 0.9, 0.85, 0.8, 0.77] as const

/**
 * Papers as one PDF, each beginning on a page of its own: tagged, its text selectable, its fonts embedded as far as they
 * are used. What to do stays on one page where type that can still be read allows it.
 *
 * @param logo a JPEG or PNG, at the head of each
 */
export async function pdfOf(
  papers: readonly Paper[],
  fonts: Fonts,
  logo: Uint8Array | null = null,
): Promise<Uint8Array> {
  const doc = open(papers, fonts)
  const chunks: Uint8Array[] = []
  const ended = new Promise<void>((resolve, reject) => {
    doc.on('data', (chunk: Uint8Array) => chunks.push(chunk))
    doc.on('end', () => resolve())
    doc.on('error', reject)
  })
  const all = doc.struct('Document')
  doc.addStructure(all)
  const trial = open(papers, fonts)
  for (const paper of papers) drawPaper(doc, all, paper, logo, scaleFor(trial, paper, logo))
  all.end()
  doc.end()
  await ended
  return new Uint8Array(await new Blob(chunks as BlobPart[]).arrayBuffer())
}

function open(papers: readonly Paper[], fonts: Fonts): Doc {
  const [first] = papers
  const doc = new PDFDocument({
    // No font but ours: the usual ones are not shipped.
    font: null as never,
    autoFirstPage: false,
    bufferPages: true,
    tagged: true,
    displayTitle: true,
    pdfVersion: '1.7',
    lang: languageTags[first?.language ?? 'en'],
    info: {
      Title: first ? [first.letter.title, first.letter.addressee].join('. ') : '',
      Author: first?.head?.name ?? '',
      Creator: 'Agrologos',
      Producer: 'Agrologos',
    },
  })
  for (const name of fontNames) doc.registerFont(name, fonts[name] as never)
  return doc
}

function drawPaper(doc: Doc, all: Sheet['root'], paper: Paper, logo: Uint8Array | null, scale: number): void {
  const part = doc.struct('Part', { lang: languageTags[paper.language] })
  all.add(part)
  const first = pagesOf(doc)
  const sheet = pageOf(doc, part, paper, scale)
  drawLetter(sheet, paper, logo)
  if (paper.why) drawWhy(pageOf(doc, part, paper, 1), paper.why)
  if (paper.workings) drawWorkings(pageOf(doc, part, paper, 1), paper.workings)
  part.end()
  numberPages(sheet, paper, first)
}

const pagesOf = (doc: Doc): number => doc.bufferedPageRange().count

function pageOf(doc: Doc, root: Sheet['root'], { sheet }: Paper, scale: number): Sheet {
  doc.addPage({
    size: sheet === 'a4' ? 'A4' : 'LETTER',
    margins: { left: margin.side, right: margin.side, top: margin.top, bottom: margin.bottom },
  })
  const { width, height } = doc.page
  doc.x = margin.side
  doc.y = margin.top
  return {
    doc,
    root,
    left: margin.side,
    width: width - 2 * margin.side,
    top: margin.top,
    bottom: height - margin.bottom,
    scale,
  }
}

/** Of which paper a page is, and how many it has. */
function numberPages(sheet: Sheet, { letter }: Paper, first: number): void {
  const { doc, left, width } = sheet
  const last = pagesOf(doc)
  for (let page = first; page < last; page += 1) {
    doc.switchToPage(page)
    doc.page.margins.bottom = 0
    doc.markContent('Artifact', { type: 'Pagination' })
    styled({ ...sheet, scale: 1 }, { font: 'sans', size: 7.8, colour: faint }).text(
      `${letter.addressee} · ${letter.date} · ${page - first + 1} / ${last - first}`,
      left,
      doc.page.height - 30,
      { width, lineBreak: false },
    )
    doc.endMarkedContent()
  }
}

/**
 * The largest type in which what to do fits one page; where none does, it takes more than one.
 *
 * @param trial a document that nobody sees, on whose pages it is tried
 */
function scaleFor(trial: Doc, paper: Paper, logo: Uint8Array | null): number {
  // What is not part of a document's structure is not drawn.
  const root = trial.struct('Document')
  trial.addStructure(root)
  const fits = (scale: number) => {
    const before = pagesOf(trial)
    drawLetter(pageOf(trial, root, paper, scale), paper, logo)
    return pagesOf(trial) === before + 1
  }
  return scales.find(fits) ?? onSeveral
}

/** Letters of papers that the fonts do not have, each once: they would stand there as boxes. */
export function lettersMissing(papers: readonly Paper[], fonts: Fonts): readonly string[] {
  const used = new Set(papers.flatMap((paper) => [...textsIn(paper)].flatMap((text) => [...text])))
  const doc = open(papers, fonts)
  const has = fontNames.map((name) => {
    doc.font(name)
    const { font } = (doc as unknown as { _font: { font: { hasGlyphForCodePoint: (point: number) => boolean } } })._font
    return (letter: string) => font.hasGlyphForCodePoint(letter.codePointAt(0)!)
  })
  return [...used].filter((letter) => !/\s/.test(letter) && !has.every((one) => one(letter)))
}

/** Every text in a value, however deep. */
function* textsIn(value: unknown): Generator<string> {
  if (typeof value === 'string') yield value
  else if (typeof value === 'object' && value !== null) for (const part of Object.values(value)) yield* textsIn(part)
}
