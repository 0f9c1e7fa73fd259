import type { Text } from '../sentence/text'
import type { Use } from './crop'
import type { Guide, School } from './guide'
import { guides } from './guides'
import { bearsOn, optionOf } from './schools'

/** The school taken on a question, where the crop is one it bears on. */
export interface Taken {
  readonly school: string
  readonly label: Text
  readonly option: Text
}

const ownWord: Text = { en: 'as this guide has it', es: 'como lo tiene esta guía' }

/** The schools that stand behind what is said of this crop. */
export const takenFor = (
  guide: Guide,
  chosen: Readonly<Record<string, string>>,
  cropId: string,
  use: Use,
  limed: boolean,
): readonly Taken[] =>
  guide.schools
    .filter((school) => bearsOn(school, cropId, use) && !school.sampling && (limed || !school.liming))
    .map((school) => {
      const option = optionOf(school, chosen)
      const own = option.changes.length === 0 && departs(guide, school)
      return { school: school.id, label: school.label, option: own ? ownWord : option.label }
    })

const known = new WeakMap<Guide, Map<string, boolean>>()

/**
 * Whether an office changed in its own guide what a school is about: then the words of the shipped guides, `50 lb per
 * 1,000 ft²`, are not true of it.
 */
function departing(guide: Guide, { id, options }: School): boolean {
  const model = guides.find(({ schools }) => schools.some((one) => one.id === id))
  const paths = options.flatMap(({ changes }) => changes.map(({ path }) => path))
  return paths.some((path) => JSON.stringify(at(guide, path)) !== JSON.stringify(at(model, path)))
}

/** Guides are never changed, so it is asked once of each. */
function departs(guide: Guide, school: School): boolean {
  const of = known.get(guide) ?? new Map<string, boolean>()
  known.set(guide, of)
  const found = of.get(school.id) ?? departing(guide, school)
  of.set(school.id, found)
  return found
}

const at = (of: unknown, path: readonly string[]): unknown =>
  path.reduce<unknown>(
    (one, key) => (typeof one === 'object' && one !== null ? (one as Record<string, unknown>)[key] : undefined),
    of,
  )
