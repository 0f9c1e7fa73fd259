import { expose, transfer } from 'comlink'
import { lettersMissing, pdfOf } from '../paper/pdf/pdf'
import type { Paper } from '../paper/paper'
import { fontNames, type FontName, type Fonts } from '../paper/pdf/sheet'

const files: Readonly<Record<FontName, string>> = {
  serif: 'SourceSerif4-Regular.ttf',
  'serif-bold': 'SourceSerif4-Semibold.ttf',
  sans: 'SourceSans3-Regular.ttf',
  'sans-bold': 'SourceSans3-Semibold.ttf',
}

async function fetched(): Promise<Fonts> {
  const found = fontNames.map(async (name) => {
    const answer = await fetch(`/pdf/${files[name]}`)
    if (!answer.ok) throw new RangeError(`no font ${files[name]}`)
    return [name, new Uint8Array(await answer.arrayBuffer())] as const
  })
  return Object.fromEntries(await Promise.all(found)) as unknown as Fonts
}

/** Pixels: more of a logo is not seen on paper. */
const largest = { width: 600, height: 160 } as const

/** A picture of any size as a small one on white, which a PDF can hold. */
async function small(picture: Blob): Promise<Uint8Array> {
  const image = await createImageBitmap(picture)
  const scale = Math.min(1, largest.width / image.width, largest.height / image.height)
  const canvas = new OffscreenCanvas(Math.max(1, image.width * scale), Math.max(1, image.height * scale))
  const pen = canvas.getContext('2d')!
  pen.fillStyle = '#ffffff'
  pen.fillRect(0, 0, canvas.width, canvas.height)
  pen.drawImage(image, 0, 0, canvas.width, canvas.height)
  image.close()
  return new Uint8Array(await (await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 })).arrayBuffer())
}

const work = {
  async pdf(papers: readonly Paper[], logo: Blob | null) {
    const fonts = await fetched()
    const bytes = await pdfOf(papers, fonts, logo && (await small(logo)))
    return transfer({ bytes, missing: lettersMissing(papers, fonts) }, [bytes.buffer])
  },
}

export type PaperWork = typeof work

expose(work)
