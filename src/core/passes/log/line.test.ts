import { shippedProducts } from '../../shelf/products'
import { readLogLine, quantityOf, type LoggedArea } from './line'

const areas: readonly LoggedArea[] = [
  { id: 'lawn', name: 'Lake lawn', use: 'lawn' },
  { id: 'beds', name: 'Raised beds', use: 'bed', crops: ['tomato', 'pepper', 'strawberry'] },
  { id: 'rho', name: 'Rhododendron bank', use: 'planting', crops: ['rhododendron or azalea', 'azalea'] },
  { id: 'plot', name: 'Creek plot', use: 'plot', crops: ['clover'] },
]
/** A Thursday. */
const today = '2026-11-26'
const read = (text: string, of = areas) => readLogLine(text, of, shippedProducts, today)

/**
 * Lines as people might write them: area, date, product, pounds. Bags and lb a cup as the shelf ships them (common
 * practice); 16 cups a gallon, 119.69 cups a cubic foot (exact).
 */
test.each<[string, string, string, string, number]>([
  ['4 lb sulfur on the azaleas 26 April', 'rho', '2026-04-26', 'sulfur-prills', 4],
  ['1 lb urea on the tomatoes last Monday', 'beds', '2026-11-23', 'urea', 1],
  ['2 cups 5-10-10 for the strawberries 1 May', 'beds', '2026-05-01', '5-10-10', 2 * 0.5],
  ['a cup of 10-10-10 on the peppers yesterday', 'beds', '2026-11-25', '10-10-10', 0.52],
  ['2 tons of lime on the clover in October 2025', 'plot', '2025-10', 'pelletized-calcitic', 4_000],
  ['60 lb muriate of potash on the clover 2025', 'plot', '2025', 'muriate-of-potash', 60],
  ['1 bag 10-10-10 on the lawn last Tuesday', 'lawn', '2026-11-24', '10-10-10', 50],
  ['4 cups 10-10-10 on the beds 12 May', 'beds', '2026-05-12', '10-10-10', 4 * 0.52],
  ['4 cups of 10-10-10 on the beds, May 12', 'beds', '2026-05-12', '10-10-10', 4 * 0.52],
  ['put 2 bags of 10-10-10 on the lake lawn yesterday', 'lawn', '2026-11-25', '10-10-10', 100],
  ['half a bag 13-13-13 on the lawn today', 'lawn', '2026-11-26', '13-13-13', 25],
  ['1/2 bag of 13-13-13 on the lawn 3 days ago', 'lawn', '2026-11-23', '13-13-13', 25],
  ['a bag of 25-0-3 on the grass last Saturday', 'lawn', '2026-11-21', '25-0-3', 50],
  ['two 40-lb bags of lime on the lawn in 2024', 'lawn', '2024', 'pelletized-calcitic', 80],
  ['2 bags of 40 lb lime on the lawn, 2025-10-03', 'lawn', '2025-10-03', 'pelletized-calcitic', 80],
  ['100 lb lime on the lake lawn 10/3/2025', 'lawn', '2025-10-03', 'pelletized-calcitic', 100],
  ['100 pounds pelletized lime, dolomitic on the lawn 10/3/25', 'lawn', '2025-10-03', 'pelletized-dolomitic', 100],
  ['I spread 3 lb urea on the lawn on Monday', 'lawn', '2026-11-23', 'urea', 3],
  ['40 lb pelletized lime on the lawn 10/3/25', 'lawn', '2025-10-03', 'pelletized-calcitic', 40],
  ['5 lb sulfur prills on the azaleas 4 October', 'rho', '2026-10-04', 'sulfur-prills', 5],
  ['2 lb of sulfur powder on the azaleas 4 October', 'rho', '2026-10-04', 'sulfur-powder', 2],
  ['3 lbs of urea, lawn, Monday', 'lawn', '2026-11-23', 'urea', 3],
  ['urea 3 lb lawn 23 Nov', 'lawn', '2026-11-23', 'urea', 3],
  [
    'she put 1 1/2 cups ammonium sulfate on the raised beds 5 June',
    'beds',
    '2026-06-05',
    'ammonium-sulfate',
    1.5 * 0.55,
  ],
  ['1½ cups ammonium sulfate on the raised beds 5 June', 'beds', '2026-06-05', 'ammonium-sulfate', 1.5 * 0.55],
  ['a cup of ammonium sulfate on the beds a week ago', 'beds', '2026-11-19', 'ammonium-sulfate', 0.55],
  ['2 tablespoons borax on the beds April 3rd', 'beds', '2026-04-03', 'borax', 0.45 / 8],
  ['2 tbsp borax beds 3rd of April', 'beds', '2026-04-03', 'borax', 0.45 / 8],
  ['3 quarts 5-10-10 on the garden 1 May 2025', 'beds', '2025-05-01', '5-10-10', 12 * 0.5],
  ['a pint 5-10-10 for the beds last week', 'beds', '2026-11-19', '5-10-10', 1],
  ['1 pint of 5-10-10 in the raised beds in May', 'beds', '2026-05', '5-10-10', 1],
  ['5 gallons compost on the beds last fall', 'beds', '2026', 'yard-compost', 80 * 0.3],
  ['2 yards compost on the raised beds in spring 2025', 'beds', '2025', 'yard-compost', 2 * 27 * 119.69 * 0.3],
  ['2 cubic yards of compost on the raised beds, spring 2025', 'beds', '2025', 'yard-compost', 2 * 27 * 119.69 * 0.3],
  ['a yard of compost on the beds in March', 'beds', '2026-03', 'yard-compost', 27 * 119.69 * 0.3],
  ['3 buckets of manure on the beds in April 2024', 'beds', '2024-04', 'cow-manure', 240 * 0.3],
  ['10 bags composted cow manure, raised beds, 2023', 'beds', '2023', 'cow-manure', 500],
  ['2 bags chicken manure on the beds last year', 'beds', '2025', 'poultry-litter', 100],
  ['2 lb sulfur around the rhododendron bank on 4 October', 'rho', '2026-10-04', 'sulfur-prills', 2],
  ['sulfur prills, 90 % 2 lb on the rhododendron bank 4 October', 'rho', '2026-10-04', 'sulfur-prills', 2],
  ['1 kg sulfur on the shrubs 2 months ago', 'rho', '2026-09', 'sulfur-prills', 2.204_622_6],
  ['8 oz ferrous sulfate on the shrubs, Nov 2', 'rho', '2026-11-02', 'ferrous-sulfate', 0.5],
  ['8 ounces aluminum sulfate on the shrubs Nov. 2', 'rho', '2026-11-02', 'aluminum-sulfate', 0.5],
  ['1 ton agricultural lime, calcitic on the plot last spring', 'plot', '2026', 'agricultural-calcitic', 2_000],
  ['half a ton lime on the creek plot August 2025', 'plot', '2025-08', 'pelletized-calcitic', 1_000],
  ['six bags 10-10-10 creek plot 15 Aug', 'plot', '2026-08-15', '10-10-10', 300],
  ['6 50-lb bags of 10-10-10 on the plot 15 Aug', 'plot', '2026-08-15', '10-10-10', 300],
  ['4 cups blood meal on the beds Sunday', 'beds', '2026-11-22', 'blood-meal', 1.2],
  ['4 cups of bloodmeal on the beds last Sunday', 'beds', '2026-11-22', 'blood-meal', 1.2],
  ['5 lb bone meal on the beds 11/1', 'beds', '2026-11-01', 'bone-meal', 5],
  ['5 lb bonemeal on the beds 12/24', 'beds', '2025-12-24', 'bone-meal', 5],
  ['10 lb wood ash on the garden in January', 'beds', '2026-01', 'wood-ash', 10],
  ['a quarter bag 16-4-8 on the lawn May 30', 'lawn', '2026-05-30', '16-4-8', 12.5],
  ['¾ bag 16-4-8 on the lawn 30 May', 'lawn', '2026-05-30', '16-4-8', 37.5],
  ['1.5 bags 24-0-11 on the lake lawn 9/15/2026', 'lawn', '2026-09-15', '24-0-11', 75],
  ['0.5 bag 24-0-11 lake lawn 09/15/2026', 'lawn', '2026-09-15', '24-0-11', 25],
  ['1 lb epsom salt on the beds today', 'beds', '2026-11-26', 'epsom-salt', 1],
  ['2 cups epsom salts on the beds this morning', 'beds', '2026-11-26', 'epsom-salt', 0.96],
  ['gypsum 10 lb on the beds, Friday', 'beds', '2026-11-20', 'gypsum', 10],
  ['15.5-0-0 3 lb on the beds 1 July', 'beds', '2026-07-01', 'calcium-nitrate', 3],
  ['3 lb calcium nitrate on the beds 1 July', 'beds', '2026-07-01', 'calcium-nitrate', 3],
  ['0-0-60 4 lb lawn 1 Sept', 'lawn', '2026-09-01', 'muriate-of-potash', 4],
  ['muriate of potash 4 lb on the lawn September 1st, 2026', 'lawn', '2026-09-01', 'muriate-of-potash', 4],
  ['Gave the lawn 4 lb of 0-0-60 on Sept. 1', 'lawn', '2026-09-01', 'muriate-of-potash', 4],
  ['feather meal, 6 cups, raised beds, the day before yesterday', 'beds', '2026-11-24', 'feather-meal', 1.5],
  ['12 lb cottonseed meal on the rhododendron bank early March', 'rho', '2026-03', 'cottonseed-meal', 12],
  ['12 lb cottonseed meal on the berries in late winter', 'rho', '2026', 'cottonseed-meal', 12],
  ['a dozen bags yard compost on the raised beds 2022', 'beds', '2022', 'yard-compost', 600],
  ['18-24-12 starter fertilizer half a bag lawn 20 Sep 2024', 'lawn', '2024-09-20', '18-24-12', 25],
  ['half bag 18-24-12 on the lawn, 20 Sep 2024', 'lawn', '2024-09-20', '18-24-12', 25],
  ['2 kg urea on the lawn 3 weeks ago', 'lawn', '2026-11-05', 'urea', 4.409_245_2],
  ['1 LB UREA ON THE LAWN YESTERDAY', 'lawn', '2026-11-25', 'urea', 1],
  ['1,000 lb lime on the lawn yesterday', 'lawn', '2026-11-25', 'pelletized-calcitic', 1_000],
  ['  1   lb  urea   lawn    yesterday ', 'lawn', '2026-11-25', 'urea', 1],
])('%s', (text, areaId, date, product, lb) => {
  const line = read(text)
  if (!line.ok) throw new Error(`${line.refusal.key} ${JSON.stringify(line.refusal.args)}`)
  expect([line.value.areaId, line.value.date, line.value.product.id]).toEqual([areaId, date, product])
  expect(line.value.lb).toBeCloseTo(lb, 4)
})

/** Asked about, never guessed. */
test.each([
  ['', 'log.empty'],
  ['some fertilizer', 'log.when'],
  ['fertilized', 'log.when'],
  ['fertilized the lawn in May', 'log.what'],
  ['10-10-10 on the lawn in May', 'log.how-much'],
  ['some 10-10-10 on the lawn in May', 'log.how-much'],
  ['a little urea on the beds yesterday', 'log.how-much'],
  ['1 bag 10-10-10 on the lawn', 'log.when'],
  ['1 bag 10-10-10 on the lawn 31 Feb', 'log.no-day'],
  ['1 bag 10-10-10 on the lawn 2026-02-30', 'log.no-day'],
  ['1 bag 10-10-10 on the lawn 13/40/2026', 'log.no-day'],
  ['1 bag 10-10-10 on the lawn April 31, 2025', 'log.no-day'],
  ['1 bag 10-10-10 on the lawn 2027-05-01', 'log.future'],
  ['1 bag 10-10-10 on the lawn 12 May 2027', 'log.future'],
  ['1 bag 10-10-10 on the lawn in 2031', 'log.future'],
  ['1 bag 10-10-10 yesterday', 'log.which-area'],
  ['1 bag 10-10-10 on the roses yesterday', 'log.which-area'],
  ['1 bag 44-44-44 on the lawn yesterday', 'log.no-product'],
  ['1 bag of the green stuff on the lawn yesterday', 'log.what'],
  ['1 bag weed and feed on the lawn yesterday', 'log.what'],
  ['1 bag 10-10-10 and 2 bags 25-0-3 on the lawn yesterday', 'log.one-thing'],
  ['1 bag urea and gypsum on the lawn yesterday', 'log.unread'],
  ['1 bag urea on the lawn and the beds yesterday', 'log.unread'],
  ['2 wheelbarrows compost on the beds yesterday', 'log.how-much'],
  ['-3 lb urea on the lawn yesterday', 'log.how-much'],
  ['0 lb urea on the lawn yesterday', 'log.how-much'],
  ['3 lb urea on the lawn yesterday with my nephew', 'log.unread'],
  ['3 lb urea per 1000 ft2 on the lawn yesterday', 'log.unread'],
  ['3 lb urea/1000 on the lawn yesterday', 'log.what'],
  ['did not put lime on the lawn yesterday', 'log.how-much'],
  ['no lime, 3 lb urea on the lawn yesterday', 'log.unread'],
  ['never put 3 lb urea on the lawn yesterday', 'log.unread'],
  ['3 lb urea every week on the lawn in May', 'log.unread'],
  ['3 lb urea twice on the lawn in May', 'log.unread'],
  ['3-4 lb urea on the lawn yesterday', 'log.how-much'],
  ['about 3 or 4 lb urea on the lawn yesterday', 'log.unread'],
  ['<script>alert(1)</script>', 'log.when'],
  ['=1+1 lb urea lawn yesterday', 'log.how-much'],
  ['3 lb of lawn fertilizer on the lawn yesterday', 'log.which-product'],
  ['5 lb complete fertilizer on the beds yesterday', 'log.which-product'],
  ['1 bag 8-8-8 on the orchard yesterday', 'log.which-area'],
  ['1 lb urea on the tomatoes and the clover yesterday', 'log.unread'],
  ['1 lb urea on the tomato cages yesterday', 'log.unread'],
])('“%s” is asked about: %s', (text, key) => expect(read(text)).toMatchObject({ ok: false, refusal: { key } }))

test('of one area alone a line need not name it; of several alike it must', () => {
  expect(read('1 bag 10-10-10 yesterday', [areas[0]!])).toMatchObject({ ok: true, value: { areaId: 'lawn' } })
  const two = [areas[0]!, { id: 'hall', name: 'Hall lawn', use: 'lawn' as const }]
  expect(read('1 bag 10-10-10 on the lawn yesterday', two)).toMatchObject({ refusal: { key: 'log.which-area' } })
  expect(read('1 bag 10-10-10 on the hall lawn yesterday', two)).toMatchObject({ ok: true, value: { areaId: 'hall' } })
})

test('what was taken for granted is told', () => {
  const keys = (text: string) => {
    const line = read(text)
    return line.ok ? line.value.remarks.map(({ key }) => key) : []
  }
  expect(keys('2 bags lime on the lawn in 2024')).toEqual(['log.taken-as', 'log.bag-size'])
  expect(keys('2 40-lb bags pelletized lime, dolomitic on the lawn in 2024')).toEqual([])
  expect(keys('2 cups urea on the lawn yesterday')).toEqual(['log.by-volume'])
})

test.each([
  ['1 1/2', 1.5],
  ['1/4', 0.25],
  ['2½', 2.5],
  ['half a', 0.5],
  ['a half', 0.5],
  ['ten', 10],
  ['.5', 0.5],
])('%s is %s', (text, is) => expect(quantityOf(text)).toBe(is))
