import { places } from '../format'
import { num, text, type Phrases } from '../phrase'

/** What to bring and how soil is taken: on the sheet that goes into the garden. */
export const steps = {
  'kit.probe': () => 'a soil probe, trowel or spade, free of rust',
  'kit.bucket': () => 'a clean plastic bucket (metal contaminates)',
  'kit.bags': (a) => `${text(a.bags)} ${num(a.bags) === 1 ? 'bag' : 'bags'} from the laboratory, and their forms`,
  'kit.pen': () => 'a waterproof pen, this sheet',
  'kit.paper': () => 'clean paper to dry the soil on',
  'kit.flags': () => 'flags for the irrigation heads',

  'step.wait': (a) => `Not within ${text(a.weeks)} weeks of lime or fertilizer, nor when sopping wet.`,
  'step.heads': () => 'Find and flag the buried irrigation heads first.',
  'step.clear': () => 'Clear mulch, turf and litter. Keep bare hands off soil for a kit test.',
  'step.clear-mix': () => 'Discard the top ½ in of mix; take the whole root zone.',
  'step.cores': (a) =>
    `Take ${text(a.cores)} cores, ${num(a.from) > 0 ? `from ${places(num(a.from), 1)} ` : ''}to ${places(num(a.to), 1)} in deep, at the spots on the plan.`,
  'step.cores-each': () => 'Take the cores at the spots on each plan, as deep as stands beside it.',
  'step.mix': () => 'Mix them in the bucket; pick out sticks and stones.',
  'step.dry': () => 'Dry overnight on paper, in the air and never in an oven.',
  'step.fill': (a) =>
    `Fill the bag with ${text(a.cups)} ${num(a.cups) === 1 ? 'cup' : 'cups'}, to its line; the laboratory’s own instruction comes first.`,
  'step.label': () => 'The code goes on the bag before the soil does.',
} as const satisfies Partial<Phrases>

/** The words around them, and on the labels of bags. */
export const fieldSheet = {
  bring: 'Bring',
  steps: 'Step by step',
  tests: 'Ask for',
  forForm: (crops: string, hopedFor: string) => `For the form: ${crops}; yield hoped for ${hopedFor || '____________'}`,
  date: 'Date',
  cores: (n: number) => (n === 1 ? '1 core' : `${n} cores`),
  deep: (from: number, to: number) => `${places(from, 1)}–${places(to, 1)} in`,
  spots: (code: string) => `Cores of ${code} in walking order`,
} as const
