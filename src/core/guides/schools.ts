import { both, type English } from './spanish'
import type { Use } from './crop'
import type { Guide, School, SchoolOption } from './guide'

export const bearsOn = ({ crops, uses }: School, cropId: string, use: Use): boolean =>
  (!crops || crops.includes(cropId)) && (!uses || uses.includes(use))

export const optionOf = (school: School, chosen: Readonly<Record<string, string>>): SchoolOption =>
  school.options.find(({ id }) => id === chosen[school.id]) ?? school.options[0]!

/** An office takes a few mixtures of schools, not hundreds. */
const remembered = 50
const schooled = new WeakMap<Guide, Map<string, Guide>>()

/**
 * The guide with the chosen schools in the place of its own.
 * A choice that the guide does not know is passed over: another guide may know it.
 *
 * @param chosen option by the question's id
 */
export function withSchools(guide: Guide, chosen: Readonly<Record<string, string>>): Guide {
  let known = asked.get(guide)
  if (!known) asked.set(guide, (known = new WeakMap()))
  const before = known.get(chosen)
  if (before) return before
  const now = schooledBy(guide, chosen)
  known.set(chosen, now)
  return now
}

/** What a case's choice gave before: it is the same object while nobody chooses anew. */
const asked = new WeakMap<Guide, WeakMap<object, Guide>>()

function schooledBy(guide: Guide, chosen: Readonly<Record<string, string>>): Guide {
  const options = guide.schools.map((school) => optionOf(school, chosen))
  const changes = options.flatMap((option) => option.changes)
  if (changes.length === 0) return guide
  const key = options.map(({ id }) => id).join(' ')
  let known = schooled.get(guide)
  if (!known) schooled.set(guide, (known = new Map()))
  let changed = known.get(key)
  if (!changed) {
    changed = changes.reduce((whole, { path, value }) => put(whole, path, value) as Guide, guide)
    if (known.size >= remembered) known.clear()
    known.set(key, changed)
  }
  return changed
}

/** A copy with the value at the path; a path that is not there stays away, since schools change and never add. */
function put(whole: unknown, [key, ...rest]: readonly string[], value: unknown): unknown {
  if (key === undefined) return value
  if (typeof whole !== 'object' || whole === null || !(key in whole)) return whole
  return { ...whole, [key]: put((whole as Record<string, unknown>)[key], rest, value) }
}

const option = (id: string, label: English, ...changes: readonly (readonly [string, unknown])[]): SchoolOption => ({
  id,
  label: both(label),
  changes: changes.map(([path, value]) => ({ path: path.split('.'), value })),
})

const pH = (low: number, high: number, aim: number) => ({ low, high, aim })
const plots = ['clover', 'plot-brassicas', 'plot-small-grains', 'plot-corn', 'plot-soybean']
const plotSpan = (low: number, high: number, aim: number) =>
  plots.map((id) => [`crops.${id}.pH`, pH(low, high, aim)] as const)

/** How soil is sampled; asked before there is a report. */
export const samplingSchools: readonly School[] = [
  {
    id: 'cores',
    label: both('cores in a composite'),
    sampling: true,
    options: [
      option('usual', '10, more of large ground and fewer of small'),
      option('A', 'school A, 8 to 12 everywhere', ['sampling.cores.large', 10], ['sampling.cores.small', 10]),
      option('B', 'school B, 10 to 15', ['sampling.cores.usual', 12], ['sampling.cores.small', 12]),
      option('C', 'school C, 3 spots of 2 scoops in a small bed', ['sampling.cores.smallUnder', 400]),
    ],
  },
  {
    id: 'garden-depth',
    label: both('depth in gardens'),
    uses: ['bed'],
    sampling: true,
    options: [option('6', '0 to 6 in'), option('5', '0 to 5 in', ['sampling.depth.bed', { from: 0, to: 5 }])],
  },
  {
    id: 'lawn-depth',
    label: both('depth in lawns'),
    uses: ['lawn'],
    sampling: true,
    options: [option('4', '0 to 4 in'), option('3', '0 to 3 in', ['sampling.depth.lawn', { from: 0, to: 3 }])],
  },
  {
    id: 'shrub-depth',
    label: both('depth under trees, shrubs and berries'),
    uses: ['planting'],
    sampling: true,
    options: [
      option('6', '0 to 6 in'),
      option('4', '0 to 4 in, for a quick look', ['sampling.depth.planting', { from: 0, to: 4 }]),
    ],
  },
  {
    id: 'bag',
    label: both('soil in a bag'),
    sampling: true,
    options: [option('2', '2 cups'), option('1', '1 cup', ['sampling.bagCups', 1])],
  },
  {
    id: 'retest',
    label: both('how often to retest'),
    sampling: true,
    options: [
      option('3', 'every 3 years'),
      option('2', 'every 2 years', ['sampling.retestYears', 2]),
      option('1', 'every year', ['sampling.retestYears', 1]),
    ],
  },
]

/** The questions that the shipped guides put. Source of all: common practice, unless said. */
export const houseSchools: readonly School[] = [
  ...samplingSchools,
  {
    id: 'blueberry-pH',
    label: both('pH for highbush blueberry'),
    crops: ['highbush-blueberry'],
    options: [
      option('A', 'school A, 4.5 to 5.5'),
      option('B', 'school B, 4.8 to 5.2', ['crops.highbush-blueberry.pH', pH(4.8, 5.2, 5.0)]),
      option('C', 'school C, 4.2 to 5.0', ['crops.highbush-blueberry.pH', pH(4.2, 5.0, 4.6)]),
    ],
  },
  {
    id: 'lime-pass',
    label: both('most lime on the surface in one pass'),
    uses: ['lawn', 'planting'],
    liming: true,
    options: [
      option('50', '50 lb per 1,000 ft²'),
      option('25', '25 lb per 1,000 ft²', ['limits.lime.surfacePerPass', 25]),
    ],
  },
  {
    id: 'plot-pH',
    label: both('pH aim for food plots'),
    uses: ['plot'],
    options: [
      option('by-crop', 'by the crop'),
      option('6.0-6.5', '6.0 to 6.5', ...plotSpan(6.0, 6.5, 6.5)),
      option('6.0-7.0', '6.0 to 7.0', ...plotSpan(6.0, 7.0, 6.5)),
      option('7.0', '7.0, though 6.5 on sand', ...plotSpan(6.0, 7.0, 7.0)),
    ],
  },
  {
    id: 'potato-pH',
    label: both('potatoes above their span'),
    crops: ['potato'],
    options: [
      option('leave', 'leave the pH'),
      option('sulfur', 'sulfur, against scab', ['crops.potato.acidRequiring', true]),
    ],
  },
  {
    id: 'strawberry-spring',
    label: both('feeding strawberries'),
    crops: ['strawberry'],
    options: [
      option('mild', 'mild winters: before ripening as well'),
      option('cold', 'cold winters: never in spring', [
        'crops.strawberry.nitrogen.dressings',
        ['renovation', 'late-summer'],
      ]),
    ],
  },
  {
    id: 'plot-removal',
    label: both('what corn and beans carry off'),
    crops: ['plot-corn', 'plot-soybean'],
    options: [
      option('1995', 'Tri-State E-2567, 1995'),
      // Culman et al. 2020, Bulletin 974, recalled with middling confidence.
      option(
        '2020',
        'Tri-State Bulletin 974, 2020',
        ['crops.plot-corn.phosphorusPotassium.removal', { 'P₂O₅': 0.35, 'K₂O': 0.2 }],
        ['crops.plot-soybean.phosphorusPotassium.removal', { 'P₂O₅': 0.79, 'K₂O': 1.15 }],
      ),
    ],
  },
  {
    id: 'base-saturation',
    label: both('choosing the stone'),
    liming: true,
    options: [
      option('sufficiency', 'by sufficiency: dolomitic where Mg is low'),
      // 10–20 % of the exchange, as the base-saturation school has it.
      option('balance', 'by base saturation: Mg 10 to 20 %', ['limits.magnesiumLowShare', 0.1]),
    ],
  },
]

/** What only the western guide asks. */
export const olsenSchools: readonly School[] = [
  {
    id: 'potassium-west',
    label: both('when potassium is enough'),
    options: [
      option('150', 'up to 150 ppm is medium'),
      option('200', 'up to 200 ppm is medium', ['classes.K', [{ bounds: [60, 120, 200, 250] }]]),
    ],
  },
  {
    id: 'copper-west',
    label: both('when copper is low'),
    options: [
      option('0.2', 'below 0.2 ppm'),
      option('0.6', 'below 0.6 ppm', ['minimums.Cu.rows', [{ lowBelow: 0.6 }]]),
    ],
  },
  {
    id: 'manganese-west',
    label: both('when manganese is low'),
    options: [
      option('1.0', 'below 1.0 ppm'),
      option('2.5', 'below 2.5 ppm', ['minimums.Mn.rows', [{ lowBelow: 2.5 }]]),
    ],
  },
]
