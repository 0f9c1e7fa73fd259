import { reportWith, type ReportParts } from '../core/report/report-with'
import { membersOf } from '../core/case/members'
import {
  blankApplication,
  blankArea,
  blankCase,
  blankLetter,
  blankReport,
  blankSample,
  blankSeason,
} from '../core/case/blank'
import type { Case } from '../core/case/case'
import type { Report } from '../core/report/report'
import type { Sample } from '../core/case/sample'
import { withParts, type AreaInSeason } from '../core/case/in-season'
import type { Application } from '../core/case/applications'
import { blankOffice, type Office } from '../core/office'
import { fields } from '../core/report/fields'
import { guideRef } from '../core/guides/guide'
import { guideFor } from '../core/guides/guides'
import type { PlanShape } from '../core/ground/plan/plan-size'
import { readSize } from '../core/ground/size'
import type { ProductRef } from '../core/shelf/product'
import type { Shelf } from '../core/shelf/shelf'
import { readLine } from '../core/report/lines'
import { readTyped, type Typed } from '../core/units/typed'

/**
 * The first cases of the invented office of Ossian Vale. People, places and values are made up.
 */
const soil = (text: string, unit = 'ppm'): Typed => readLine('P', text, unit)
const plain = (text: string, unit = ''): Typed => readTyped(text, unit)
const printed = (text: string): Typed => readTyped(text, 'lb/1000 ft²', fields.lime.units)
/** What was put on, of a product and weighed. */
const put = (
  id: string,
  areaId: string,
  date: string,
  product: ProductRef,
  lb: string,
  parts: Partial<Application> = {},
) => ({
  ...blankApplication(id, areaId, date),
  product,
  amount: plain(lb, 'lb'),
  done: 'otherwise' as const,
  ...parts,
})
const size = (text: string): Typed => {
  const read = readSize(text, 'feet')
  return { text, unit: 'ft²', value: read.ok ? read.value.area.value.v : null }
}

/** Invented prices, as seen in one round of the shops. */
const sold = (...bags: readonly (readonly [lb: number, price: number])[]) => ({
  bags: bags.map(([lb, price]) => ({ lb, price, on: '2026-09-14' })),
  away: false,
})

const shelf: Shelf = {
  '10-10-10@1': sold([25, 14.5], [50, 24]),
  '16-4-8@1': sold([40, 29]),
  '24-0-11@1': sold([48, 38]),
  '25-0-3@1': sold([44, 36]),
  '5-10-10@1': sold([40, 19.5]),
  'urea@1': sold([50, 31]),
  'ammonium-sulfate@1': sold([50, 27]),
  'muriate-of-potash@1': sold([50, 33]),
  'sulfate-of-potash@1': sold([5, 11], [50, 54]),
  'triple-superphosphate@1': sold([50, 39]),
  'blood-meal@1': sold([4, 9.5], [50, 72]),
  'feather-meal@1': sold([50, 48]),
  'cottonseed-meal@1': sold([50, 42]),
  'bone-meal@1': sold([5, 11.5], [50, 58]),
  'alfalfa-meal@1': sold([50, 26]),
  'poultry-litter@1': sold([40, 12]),
  'potassium-magnesium-sulfate@1': sold([5, 10.5], [50, 44]),
  'pelletized-dolomitic@1': sold([40, 6.5]),
  'pelletized-calcitic@1': sold([40, 7]),
  'sulfur-prills@1': sold([5, 9], [50, 37]),
}

export const sampleOffice: Office = {
  ...blankOffice,
  name: 'Ossian Vale Extension',
  address: 'The Old Weighhouse, Vale End · open Tuesday to Friday',
  disclaimer: 'Amounts are advice, not a warranty. The product label and local rules come first.',
  region: 'Vale and Lakes',
  people: 'MV, TB, OS',
  guide: 'mehlich-3-humid-east@1',
  shelf,
  closedTimes: [
    {
      id: 'lakes',
      name: 'no feeding of lakeside lawns in winter',
      from: '1 Dec',
      to: '31 Mar',
      what: 'N',
      where: 'lawn',
    },
  ],
  yearLimits: [{ id: 'season', name: 'nitrogen on lawns', what: 'N', where: 'lawn', most: '4' }],
  waterStrips: [{ id: 'shore', name: 'lake shore', what: 'all', width: '15' }],
  sample: true,
}

const unchosen = blankSeason.materials
/** The year that all of them are worked on in. */
const year = '2026'

function area(id: string, name: string, sizeText: string, more: Partial<AreaInSeason>) {
  return withParts({ ...blankArea(id, name), size: size(sizeText) }, year, more)
}

const rectangle = (x: number, y: number, width: number, length: number, hole = false): PlanShape => ({
  id: `r${x},${y}`,
  hole,
  outline: { kind: 'rectangle', x, y, width, length, angle: 0 },
})
const circle = (x: number, y: number, diameter: number, hole = false): PlanShape => ({
  id: `c${x},${y}`,
  hole,
  outline: { kind: 'circle', x, y, diameter },
})

/** A bag that went to the laboratory and came back. */
const returned = (code: string, areas: readonly string[], reportId: string, date: string, cores: number): Sample => ({
  ...blankSample(`sample-${code}`, 7),
  code,
  areas,
  ticked: membersOf(Array.from({ length: cores }, (_, i) => i)),
  taken: { date, by: 'TB', weather: 'dry, 52 °F', cores: plain(String(cores)) },
  sent: date,
  back: date,
  reportId,
})

function report(id: string, more: ReportParts): Report {
  return reportWith({ ...blankReport(id), laboratory: 'Vale soil room (simulated)' }, more)
}

/** A case whose reports speak of the areas in which they are in force, and of those they name. */
function sample(id: string, at: string, more: Partial<Case>): Case {
  const kase = { ...blankCase(id, at), sample: true, draftedBy: 'MV', ...more }
  const inForce = (report: Report) => kase.areas.filter((one) => one.reportId === report.id).map((one) => one.id)
  return {
    ...kase,
    reports: kase.reports.map((one) => ({ ...one, areas: { ...one.areas, ...membersOf(inForce(one)) } })),
  }
}

const mehlich3 = guideRef(guideFor('mehlich-3')!)
const bray = guideRef(guideFor('bray-1')!)

const school = sample('sample-school-garden', '2026-10-19T14:05:00.000Z', {
  client: 'Vale End Primary School',
  place: 'School garden, Vale End',
  areas: [
    area('strip', 'In-ground strip', '9x31', {
      shapes: [rectangle(0, -14, 31, 9)],
      crop: 'mixed-vegetables',
      texture: 'clay-loam',
      guide: mehlich3,
      reportId: 'strip-2026',
      materials: { ...unchosen, fertilizer: 'ammonium-sulfate@1' },
    }),
    area('beds', 'Raised beds 1–4', '4 @ 4x8', {
      shapes: [rectangle(-12, 2, 4, 8), rectangle(-4, 2, 4, 8), rectangle(4, 2, 4, 8), rectangle(12, 2, 4, 8)],
      crop: 'tomato',
      texture: 'loam',
      guide: mehlich3,
      reportId: 'beds-2026',
    }),
    area('corn', 'Corn patch', "14' 6\" x 20'", {
      shapes: [rectangle(30, -3, 14.5, 20)],
      crop: 'sweet-corn',
      texture: 'clay-loam',
      guide: mehlich3,
      reportId: 'strip-2026',
      ground: 'dug',
    }),
    area('bench', 'Greenhouse bench', '3x14', {
      shapes: [rectangle(-29, -2, 3, 14)],
      crop: 'potted-vegetables',
      guide: guideRef(guideFor('saturated-media')!),
      reportId: 'bench-2026',
    }),
  ],
  samples: [
    returned('VES-IS', ['strip', 'corn'], 'strip-2026', '2026-10-08', 10),
    returned('VES-RB', ['beds'], 'beds-2026', '2026-10-08', 10),
    returned('VES-GB', ['bench'], 'bench-2026', '2026-10-08', 6),
  ],
  reports: [
    report('strip-2026', {
      code: 'VES-IS',
      date: '2026-10-14',
      extractant: 'mehlich-3',
      buffer: 'SMP',
      pH: plain('5.5'),
      bufferPH: plain('6.55'),
      organicMatter: plain('3.9', '%'),
      cec: plain('13.2', 'meq/100 g'),
      P: soil('61'),
      K: soil('118'),
      Mg: soil('52'),
    }),
    report('beds-2026', {
      code: 'VES-RB',
      date: '2026-10-14',
      extractant: 'mehlich-3',
      pH: plain('6.7'),
      organicMatter: plain('6.4', '%'),
      cec: plain('15.8', 'meq/100 g'),
      P: soil('132'),
      K: soil('171'),
      Mg: soil('188'),
    }),
    report('bench-2026', {
      kind: 'mix',
      code: 'VES-GB',
      date: '2026-10-14',
      extractant: 'saturated-media',
      pH: plain('5.9'),
      salts: plain('1.3', 'dS/m'),
      saltsBy: 'saturated-media',
      nitrate: soil('64'),
      P: soil('11'),
      K: soil('168'),
      Ca: soil('142'),
      Mg: soil('58'),
    }),
  ],
  letter: {
    ...blankLetter('2026-10-19'),
    note: 'The class can weigh out the lime; keep the children away while it is spread.',
  },
})

const hall = sample('sample-village-hall', '2026-10-27T09:40:00.000Z', {
  client: 'Lake Ossian village hall',
  place: 'Hall lawns, Ossian Shore',
  areas: [
    area('sunny', 'South lawn', '62x85', {
      crop: 'zoysia',
      texture: 'clay-loam',
      guide: mehlich3,
      reportId: 'hall-south',
    }),
    area('shady', 'Lawn under the limes', '48x70 - 12x15', {
      crop: 'fine-fescue',
      texture: 'clay-loam',
      guide: mehlich3,
      reportId: 'hall-north',
      feeding: 'lean',
    }),
  ],
  reports: [
    report('hall-south', {
      code: 'LOH-S',
      date: '2026-10-20',
      extractant: 'mehlich-3',
      pH: plain('5.2'),
      P: soil('143'),
      K: soil('58'),
      Mg: soil('96'),
      recommends: {
        ...blankReport('').recommends,
        lime: printed('110 lb/1000'),
        N: printed('2'),
        'P₂O₅': printed('0'),
        'K₂O': printed('2'),
      },
    }),
    report('hall-north', {
      code: 'LOH-N',
      date: '2026-10-20',
      extractant: 'mehlich-3',
      pH: plain('5.9'),
      P: soil('121'),
      K: soil('64'),
      Mg: soil('88'),
    }),
  ],
})

/** As it lies on the made-up aerial picture, 140 ft across. */
const lakeLawn: readonly (readonly [number, number])[] = [
  [-68, 48.5],
  [42.5, 48.5],
  [40.5, 17],
  [36, 14.8],
  [36, 4],
  [68.5, -2],
  [68.5, -27],
  [40, -31.5],
  [12, -29],
  [-8, -30],
  [-27, -29],
  [-50, -19],
  [-68, -19],
]

const cottage = sample('sample-lakeside-cottage', '2026-11-03T16:20:00.000Z', {
  client: 'Henrike Aldous',
  place: 'Lakeside cottage, Ossian Narrows',
  areas: [
    area('rhododendrons', 'Rhododendron bank', '30 ft circle', {
      shapes: [circle(28.5, -9, 30)],
      crop: 'rhododendron',
      texture: 'silt-loam',
      reportId: 'cottage-bank',
      materials: { ...unchosen, fertilizer: 'ammonium-sulfate@1' },
    }),
    area('lawn', 'Lake lawn', '0.2 ac', {
      shapes: [
        { id: 'shore', hole: false, outline: { kind: 'polygon', points: lakeLawn } },
        rectangle(18, 16.5, 32, 21, true),
        rectangle(-4.2, 11.5, 11.6, 11, true),
        rectangle(-42.5, 13, 15, 24, true),
        rectangle(-22.4, 13, 15.4, 24, true),
        circle(28.5, -9, 30, true),
      ],
      lie: { ...blankArea('', '').lie, slope: 'gentle', toWater: plain('18', 'ft') },
      crop: 'tall-fescue',
      texture: 'sandy-loam',
      guide: bray,
      reportId: 'cottage-lawn',
      phosphorusBanned: true,
      materials: { ...unchosen, fertilizer: '24-0-11@1' },
    }),
  ],
  reports: [
    report('cottage-bank', { code: 'HAL-RB', date: '2026-10-29', pH: plain('6.6') }),
    report('cottage-lawn', {
      code: 'HAL-LL',
      date: '2026-10-29',
      extractant: 'bray-1',
      pH: plain('6.2'),
      organicMatter: plain('2.8', '%'),
      P: soil('12'),
      K: soil('92'),
      Mg: soil('141'),
    }),
  ],
})

const smallholding = sample('sample-smallholding', '2026-11-06T10:15:00.000Z', {
  client: 'Brannoch and Sela Whitlow',
  place: 'Smallholding, Upper Clay Hill',
  areas: [
    area('blueberries', 'Blueberry row', '', {
      crop: 'highbush-blueberry',
      texture: 'clay',
      reportId: 'clay-hill',
      plants: { count: plain('12'), age: plain('4', 'years'), shoots: plain('', 'in'), dwarf: false },
      materials: { ...unchosen, fertilizer: 'ammonium-sulfate@1' },
    }),
    area('aronia', 'Aronia hedge', '6x60', { crop: 'aronia', texture: 'clay', reportId: 'clay-hill' }),
    area('raspberries', 'Raspberries', '', {
      crop: 'raspberry',
      texture: 'clay',
      reportId: 'clay-hill',
      rows: { length: plain('90', 'ft'), spacing: plain('8', 'ft') },
    }),
    area('apples', 'Three young apples', '3 @ 12 ft circle', {
      crop: 'apple',
      texture: 'clay',
      reportId: 'clay-hill',
      plants: { count: plain('3'), age: plain('4', 'years'), shoots: plain('21', 'in'), dwarf: false },
    }),
  ],
  applications: [
    put('sulfur-spring', 'blueberries', '2025-04-20', 'sulfur-prills@1', '6', { what: 'sulfur' }),
    put('fed-2025', 'blueberries', '2025-04-28', 'ammonium-sulfate@1', '1.5', { what: 'fertilizer' }),
    put('sulfur-summer', 'blueberries', '2025-07-22', 'sulfur-prills@1', '6', { what: 'sulfur' }),
    put('sulfur-2026', 'blueberries', '2026-04-18', 'sulfur-prills@1', '6', { what: 'sulfur' }),
  ],
  reports: [
    report('clay-hill-2024', {
      code: 'BSW-24',
      date: '2024-10-24',
      areas: membersOf(['blueberries']),
      extractant: 'mehlich-3',
      pH: plain('6.8'),
      cec: plain('19.0', 'meq/100 g'),
      P: soil('31'),
      K: soil('148'),
    }),
    report('clay-hill-2025', {
      code: 'BSW-25',
      date: '2025-11-02',
      areas: membersOf(['blueberries']),
      extractant: 'mehlich-3',
      pH: plain('6.6'),
      cec: plain('19.2', 'meq/100 g'),
      P: soil('33'),
      K: soil('151'),
    }),
    report('clay-hill', {
      code: 'BSW-CH',
      date: '2026-10-30',
      extractant: 'mehlich-3',
      pH: plain('6.4'),
      organicMatter: plain('2.7', '%'),
      cec: plain('19.4', 'meq/100 g'),
      P: soil('34'),
      K: soil('154'),
      Ca: soil('2650'),
      Mg: soil('310'),
    }),
  ],
})

const cityLot = sample('sample-city-lot', '2026-11-10T13:30:00.000Z', {
  client: 'Orla Tamsin',
  place: 'Back lot, Old Foundry Street',
  areas: [
    area('lot', 'Back lot', '18x26', {
      crop: 'leafy-greens',
      texture: 'loam',
      guide: mehlich3,
      reportId: 'lot-2026',
    }),
  ],
  reports: [
    report('lot-2026', {
      code: 'OTA-BL',
      date: '2026-11-04',
      extractant: 'mehlich-3',
      pH: plain('7.1'),
      organicMatter: plain('5.8', '%'),
      P: soil('88'),
      K: soil('143'),
      Mg: soil('167'),
      lead: soil('236'),
      leadBy: 'total',
    }),
  ],
})

const market = sample('sample-market-garden', '2026-11-12T08:50:00.000Z', {
  client: 'Ferrin Market Garden',
  place: 'River field, Ossian Bend',
  areas: [
    area('field', 'River field', '60x110', {
      crop: 'sweet-corn',
      otherCrops: ['onion', 'tomato', 'beans'],
      texture: 'sandy-loam',
      guide: mehlich3,
      reportId: 'river-2026',
      rows: { length: plain('', 'ft'), spacing: plain('3', 'ft') },
      past: { manure: 'poultry-litter@1', manureRate: printed('60'), legume: null, beansNext: false },
    }),
  ],
  reports: [
    report('river-2026', {
      code: 'FMG-RF',
      date: '2026-11-02',
      extractant: 'mehlich-3',
      pH: plain('6.2'),
      organicMatter: plain('2.2', '%'),
      cec: plain('7.6', 'meq/100 g'),
      nitrate: soil('14'),
      sampleDepth: plain('12', 'in'),
      P: soil('57'),
      K: soil('96'),
      Ca: soil('880'),
      Mg: soil('118'),
      Zn: soil('1.1'),
      B: soil('0.4'),
    }),
  ],
})

const plots = sample('sample-food-plots', '2026-11-13T11:05:00.000Z', {
  client: 'Fallow Ridge Hunting Club',
  place: 'Two plots, Fallow Ridge',
  areas: [
    area('creek', 'Creek plot', '0.8 ac', {
      crop: 'clover',
      texture: 'silt-loam',
      guide: bray,
      reportId: 'creek-2026',
    }),
    area('ridge', 'Ridge plot', '1.3 ac', {
      crop: 'plot-brassicas',
      texture: 'sandy-loam',
      guide: bray,
      reportId: 'ridge-2026',
    }),
  ],
  reports: [
    report('creek-2026', {
      code: 'FRH-CP',
      date: '2026-11-06',
      extractant: 'bray-1',
      unit: 'lb/acre',
      buffer: 'SMP',
      pH: plain('5.4'),
      bufferPH: plain('6.5'),
      organicMatter: plain('3.1', '%'),
      cec: plain('11.8', 'meq/100 g'),
      P: soil('26 lb/ac'),
      K: soil('214 lb/ac'),
      Mg: soil('230 lb/ac'),
    }),
    report('ridge-2026', {
      code: 'FRH-RP',
      date: '2026-11-06',
      extractant: 'bray-1',
      unit: 'lb/acre',
      buffer: 'SMP',
      pH: plain('6.2'),
      bufferPH: plain('6.8'),
      organicMatter: plain('1.9', '%'),
      cec: plain('6.4', 'meq/100 g'),
      P: soil('71 lb/ac'),
      K: soil('148 lb/ac'),
      Mg: soil('96 lb/ac'),
    }),
  ],
})

/** Six years, of which the first report is by another extractant. */
const returning = sample('sample-returning', '2026-11-17T15:25:00.000Z', {
  client: 'Tove Amberley',
  place: 'Kitchen garden, Mill Lane',
  areas: [
    area('kitchen', 'Kitchen garden', '18x24', {
      crop: 'mixed-vegetables',
      otherCrops: ['potato'],
      texture: 'loam',
      guide: mehlich3,
      reportId: 'kitchen-2026',
      concerns: ['weak'],
    }),
  ],
  applications: [
    put('lime-2020', 'kitchen', '2020-11-05', 'pelletized-dolomitic@1', '15'),
    put('lime-2021', 'kitchen', '2021-05-15', 'pelletized-dolomitic@1', '15'),
    ...['2021', '2022', '2024', '2025'].map((when) =>
      put(`fed-${when}`, 'kitchen', `${when}-05-12`, '10-10-10@1', '10', { what: 'fertilizer' }),
    ),
    { ...blankApplication('compost-2023', 'kitchen', '2023'), what: 'compost', note: 'an inch of yard compost' },
  ],
  reports: [
    report('kitchen-2020', {
      code: 'TAM-20',
      date: '2020-10-21',
      areas: membersOf(['kitchen']),
      extractant: 'bray-1',
      buffer: 'SMP',
      pH: plain('5.3'),
      bufferPH: plain('6.5'),
      organicMatter: plain('2.6', '%'),
      cec: plain('10.9', 'meq/100 g'),
      P: soil('19'),
      K: soil('84'),
      Mg: soil('71'),
    }),
    report('kitchen-2023', {
      code: 'TAM-23',
      date: '2023-10-18',
      areas: membersOf(['kitchen']),
      extractant: 'mehlich-3',
      pH: plain('6.1'),
      organicMatter: plain('3.4', '%'),
      cec: plain('11.6', 'meq/100 g'),
      P: soil('48'),
      K: soil('102'),
      Ca: soil('1240'),
      Mg: soil('148'),
    }),
    report('kitchen-2026', {
      code: 'TAM-26',
      date: '2026-11-12',
      extractant: 'mehlich-3',
      pH: plain('6.4'),
      organicMatter: plain('3.9', '%'),
      cec: plain('12.1', 'meq/100 g'),
      P: soil('74'),
      K: soil('161 M'),
      Ca: soil('1485'),
      Mg: soil('176'),
      B: soil('<0.3'),
    }),
  ],
})

export const sampleCases: readonly Case[] = [school, hall, cottage, smallholding, cityLot, market, plots, returning]
