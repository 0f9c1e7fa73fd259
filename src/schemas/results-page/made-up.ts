import PDFDocument from 'pdfkit'

type Pdf = PDFKit.PDFDocument

/** A paper drawn by a test, as the bytes of its PDF. */
export function drawn(draw: (pdf: Pdf) => void, options: PDFKit.PDFDocumentOptions = {}): Promise<Uint8Array> {
  const pdf = new PDFDocument({ size: 'LETTER', margin: 0, ...options })
  const parts: Uint8Array[] = []
  pdf.on('data', (part: Uint8Array) => parts.push(part))
  const ended = new Promise<Uint8Array>((done) => pdf.on('end', () => done(new Uint8Array(Buffer.concat(parts)))))
  draw(pdf)
  pdf.end()
  return ended
}

export const put = (pdf: Pdf, text: string, x: number, y: number, size = 10, font = 'Helvetica') =>
  pdf.font(font).fontSize(size).text(text, x, y, { lineBreak: false })

/** Rows of cells at these places from the left. */
export function table(
  pdf: Pdf,
  xs: readonly number[],
  y: number,
  rows: readonly (readonly string[])[],
  step = 16,
  font?: string,
) {
  rows.forEach((row, i) => row.forEach((text, at) => text && put(pdf, text, xs[at]!, y + i * step, 10, font)))
}

/** A table of tests, one beneath another, with what would be right beside the result. */
export const tablePaper = () =>
  drawn((pdf) => {
    put(pdf, 'Vale Soil Room', 50, 40, 18)
    put(pdf, 'Home garden soil report', 50, 64)
    put(pdf, 'Client: H. Marrow', 50, 90)
    put(pdf, 'Sample ID: HM-07', 300, 90)
    put(pdf, 'Date received: 03/02/2026', 50, 106)
    put(pdf, 'Date reported: 03/09/2026', 300, 106)
    put(pdf, 'P, K, Ca and Mg extracted by Mehlich 3', 50, 130)
    table(pdf, [50, 200, 270, 340, 450], 160, [
      ['Test', 'Result', 'Unit', 'Optimum range', 'Rating'],
      ['Soil pH', '5.4', '', '6.0 - 6.8', 'Low'],
      ['Buffer pH (Sikora)', '6.52', '', '', ''],
      ['Phosphorus (P)', '28', 'ppm', '30 - 50', 'Medium'],
      ['Potassium (K)', '1,140', 'ppm', '100 - 160', 'Very high'],
      ['Calcium (Ca)', '612', 'ppm', '800 - 1200', 'Low'],
      ['Magnesium (Mg)', '88', 'ppm', '60 - 120', 'Medium'],
      ['Zinc (Zn)', '<0.5', 'ppm', '1 - 5', 'Low'],
      ['Organic matter', '3.4', '%', '3 - 6', ''],
      ['CEC', '7.9', 'meq/100 g', '', ''],
    ])
    put(pdf, 'Recommendations for vegetables', 50, 350, 13)
    table(pdf, [50, 200], 376, [
      ['Limestone', '75 lb per 1,000 sq. ft.'],
      ['Nitrogen (N)', '3 lb per 1,000 sq. ft.'],
      ['Phosphate', '2 lb per 1,000 sq. ft.'],
      ['Potash', 'none'],
    ])
    put(pdf, 'Retest in 3 years. Call 555-0134 between 9 and 12.', 50, 460)
  })

/** Results in a left column, what to do in a right one, names and numbers in one line. */
export const twoColumns = () =>
  drawn((pdf) => {
    put(pdf, 'LOW MEADOW TESTING SERVICE', 50, 40, 14, 'Courier-Bold')
    put(pdf, 'Lab No: 40417', 50, 70, 10, 'Courier')
    put(pdf, 'Sampled: Apr 4, 2026', 320, 70, 10, 'Courier')
    put(pdf, 'TEST RESULTS', 50, 100, 10, 'Courier-Bold')
    put(pdf, 'RECOMMENDATIONS (lb/1000 sq ft)', 320, 100, 10, 'Courier-Bold')
    const left = [
      'pH               6.9',
      'SMP buffer pH    7.0',
      'Bray P1          14 ppm',
      'K               210 ppm',
      'Mg               95 ppm',
      'OM              2.1 %',
      'Soluble salts   0.4 dS/m',
    ]
    left.forEach((text, i) => put(pdf, text, 50, 120 + i * 15, 10, 'Courier'))
    const right = ['Lime: none', 'N:    2.5', 'P2O5: 1', 'K2O:  0.5']
    right.forEach((text, i) => put(pdf, text, 320, 120 + i * 15, 10, 'Courier'))
  })

/** One sample, three crops; names over their numbers, in two lines, with their units beneath. */
export const severalCrops = () =>
  drawn((pdf) => {
    put(pdf, 'Laboratory:', 50, 40)
    put(pdf, 'Brook End Soils', 120, 40)
    put(pdf, 'Sample', 300, 40)
    put(pdf, 'B 12', 350, 40)
    put(pdf, 'Date 14 Apr 2026', 430, 40)
    const xs = [50, 105, 170, 235, 300, 365, 430, 500]
    table(
      pdf,
      xs,
      90,
      [
        ['Soil', 'Buffer', 'Organic', 'Phosphorus', 'Potassium', 'Calcium', 'Magnesium', 'Boron'],
        ['pH', 'pH', 'matter', 'Olsen', '', '', '', 'hot water'],
        ['', '', '%', 'ppm', 'lb/acre', 'lb/acre', 'lb/acre', 'ppm'],
        ['7.4', '7.1', '4.0', '9', '310', '4200', '520', '0.8'],
      ],
      12,
    )
    put(pdf, 'What to apply, in lb per 1,000 ft2', 50, 190, 12)
    table(pdf, [50, 170, 250, 310, 370], 215, [
      ['Crop', 'Elemental sulfur', 'N', 'P2O5', 'K2O'],
      ['Tomatoes', '12', '2', '4', '0'],
      ['Sweet corn', '12', '3.5', '4', '1'],
      ['Bluegrass lawn', '0', '4', '2', '1.5'],
    ])
  })

/** A broad table printed sideways, a sample to a row. */
export const sidewaysPaper = () =>
  drawn((pdf) => {
    pdf.rotate(90, { origin: [0, 0] }).translate(0, -612)
    put(pdf, 'Fen Lane Laboratory', 40, 30, 16)
    put(pdf, 'Mehlich-3 extraction, all nutrients in lb/acre', 40, 60)
    put(pdf, 'Reported 2026-05-04', 500, 60)
    table(
      pdf,
      [40, 130, 200, 270, 340, 410, 480, 550, 620],
      100,
      [
        ['Sample ID', 'pH', 'P', 'K', 'Ca', 'Mg', 'S', 'Mn', 'CEC'],
        ['North bed', '6.1', '88', '240', '1900', '210', '22', '31', '9.1'],
        ['South bed', '5.8', '102', '198', '1720', '180', '19', '28', '8.4'],
        ['Herbs', '6.6', '140', '305', '2610', '260', '25', '19', '12.2'],
      ],
      22,
    )
  })

/** Results on one page, in columns that are called their own way; on the next the rest of them, and sentences. */
export const twoPages = () =>
  drawn((pdf) => {
    put(pdf, 'Upper Farm Soil Clinic', 50, 40, 16)
    put(pdf, 'Sample number', 50, 70)
    put(pdf, 'UF-221', 150, 70)
    put(pdf, 'Report date', 300, 70)
    put(pdf, '10/21/2025', 380, 70)
    table(
      pdf,
      [50, 220, 300, 380],
      110,
      [
        ['', 'Found', 'Wanted', ''],
        ['pH in water', '5.1', '6.5', ''],
        ['Adams-Evans buffer pH', '7.62', '', ''],
        ['Phosphorus', '34', '50', 'mg/kg'],
        ['Potassium', '61', '120', 'mg/kg'],
      ],
      18,
    )
    put(pdf, 'Extractant: Mehlich-1', 50, 230)
    put(pdf, 'Page 1 of 2', 280, 760)
    pdf.addPage()
    put(pdf, 'Upper Farm Soil Clinic', 50, 40, 16)
    put(pdf, 'UF-221', 400, 40)
    table(
      pdf,
      [50, 220, 300, 380],
      80,
      [
        ['', 'Found', 'Wanted', ''],
        ['Magnesium', '45', '60', 'mg/kg'],
        ['Nitrate-N', '12', '', 'mg/kg'],
      ],
      18,
    )
    put(pdf, 'What we recommend', 50, 160, 13)
    put(pdf, 'Apply 90 lb of ground agricultural limestone per 1,000 square', 50, 184)
    put(pdf, 'feet this fall and work it in. Apply 5 lb of 10-10-10 per 100 sq ft', 50, 197)
    put(pdf, 'at planting; spread 1.5 lb of actual nitrogen per 1000 sq ft in June.', 50, 210)
    put(pdf, 'Page 2 of 2', 280, 760)
  })
