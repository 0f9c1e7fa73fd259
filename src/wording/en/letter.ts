import type { How } from '../../core/passes/pass'
import type { ReportKind } from '../../core/report/kinds'
import { namesOfTests } from '../../core/report/tests'
import { nutrient } from '../phrase'

const kinds: Readonly<Record<ReportKind, string>> = {
  laboratory: 'soil report',
  index: 'soil report',
  words: 'soil report',
  mix: 'report on the mix',
  kit: 'home kit',
  meter: 'pH meter',
}

/** Whoever reads a kit or a meter is no laboratory. */
const isOwn = (kind: ReportKind): boolean => kind === 'kit' || kind === 'meter'

/** The words around a letter's sentences. */
export const letter = {
  title: 'Your soil test: what to do',
  for: 'For',
  steps: 'What to do',
  undated: 'When it suits',
  now: 'Now',
  week: (day: string) => `Week of ${day}`,
  draft: (areas: string) =>
    `Draft. Something about ${areas || 'one area'} is still to be decided: do not act on it yet.`,
  changed: (date: string) => `What is new since our letter of ${date}`,
  changedTo: (what: string, before: string, after: string) =>
    before === ''
      ? `${what}: new, ${after}.`
      : after === ''
        ? `${what}: no longer.`
        : `${what}: now ${after}; it was ${before}.`,
  because: (area: string, now: string) => `${area ? `${area}, because` : 'Because'} now: ${now}`,
  moreReasons: (count: number) => `And ${count} more, told above.`,
  day: 'When',
  what: 'What',
  amount: 'How much',
  when: 'How',
  cautions: 'Be careful',
  nothing: 'Nothing to apply.',
  open: (areas: string) =>
    `No advice yet for: ${areas || 'one more area'}. The size, the crop or the soil test is missing.`,
  retest: (years: number | null) =>
    `Test again in ${years === null ? 'two to three years' : years === 1 ? 'a year' : `${years} years`}, in the same season; sooner where it says so above.`,
  schools: (taken: string) => `Where guidelines differ we followed: ${taken}.`,
  basis: (reports: string) => `Based on: ${reports}.`,
  report: (kind: ReportKind, code: string, laboratory: string, date: string) =>
    [kinds[kind], code, laboratory && (isOwn(kind) ? `(${laboratory})` : `of ${laboratory}`), date && `of ${date}`]
      .filter(Boolean)
      .join(' '),
  byReport: (code: string) => `report ${code}`,
  follows: 'The lab’s recommendations were converted to your area. Other amounts follow our guide.',
  draftedBy: 'Drafted by',
  checkedBy: 'Checked by',
  how: {
    'working-in': (deep: string) => (deep ? `work into the top ${deep}` : 'work into the top few inches'),
    surface: () => 'spread on the surface, water in',
    'under-mulch': () => 'rake the mulch off, spread out to the edge of the branches, water in, put the mulch back',
    'beside-rows': () => 'beside the plants, off the leaves; scratch in and water',
    spreading: () => 'spread evenly',
  } satisfies Record<How['by'], (deep: string) => string> as Readonly<Record<How['by'], (deep: string) => string>>,
  offLeaves: 'keep off the leaves, scratch in and water',
  again: 'the same day, after digging once: spread, and work in again',
  choice: 'in any fertilizer that holds it',
  onlyIf: 'only if the soil test before it still calls for it',
  more: (count: number, until: string) => `then ${count} more like it${until && `, to ${until}`}`,
  applications: (count: number) => `${count} applications`,
  test: 'Test the soil again',
  sameWay: 'the same way',
  gate: (amount: string, what: string, turn: string, on: string, way: string) =>
    `only if the test still calls for it: ${amount} of ${what} (${turn})${on && ` ${on}`}; ${way}`,
  leached: 'after leaching, and before any fertilizer',
  effect: (what: string, months: number) => `${months} months after the last application of ${what}`,
  buy: (bags: string, several: boolean, bag: string) => `buy ${bags} ${several ? 'bags' : 'bag'} of ${bag}`,
  toBuy: 'Shopping list',
  inAllBuy: (name: string, all: string, shed: string, bags: string, rest: string) =>
    `${name}: ${all} in all${shed && `, of which ${shed} is there already`}${bags && `; ${bags}`}${rest && ` (${rest})`}`,
  left: (lb: string) => `${lb} will be left`,
  afterLime: (days: number) => `${days / 7 >= 4 ? 'a month' : 'two weeks'} after the lime, or later`,
  sinceLast: (interval: { readonly months: number } | { readonly days: number }) =>
    'months' in interval
      ? `${interval.months} months or more after the one before`
      : `about ${interval.days} days after the one before`,
  turn: (n: number, of: number) => `${n} of ${of}`,
  withSand: 'stirred into a quart of dry sand, to spread evenly',
  onDays: (days: string) => `about ${days}`,
  halves: (half: string) => `${half} walking north–south, ${half} east–west`,
  shares: {
    plant: (each: string) => `${each} a plant`,
    bed: (each: string) => `${each} on each`,
    row: (each: string) => `${each} for 20 ft of row`,
  },
  nutrients: nutrient,
  tests: namesOfTests('en'),
  lime: 'lime',
  sulfur: 'sulfur',
  limeDepth: 'depth of the lime',
} as const
