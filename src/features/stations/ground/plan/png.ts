/** Twice the dots of paper at 96 to the inch. */
const finer = 2

/** A drawing that carries its own colours, as a picture. */
export async function pngOf(svg: SVGSVGElement): Promise<Blob> {
  const { width, height } = svg.viewBox.baseVal
  const copy = svg.cloneNode(true) as SVGSVGElement
  copy.setAttribute('width', String(width * finer))
  copy.setAttribute('height', String(height * finer))
  const url = URL.createObjectURL(new Blob([new XMLSerializer().serializeToString(copy)], { type: 'image/svg+xml' }))
  try {
    const image = new Image()
    image.src = url
    await image.decode()
    const canvas = Object.assign(document.createElement('canvas'), { width: width * finer, height: height * finer })
    canvas.getContext('2d')!.drawImage(image, 0, 0)
    return await new Promise((resolve, reject) =>
      canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture'))), 'image/png'),
    )
  } finally {
    URL.revokeObjectURL(url)
  }
}
